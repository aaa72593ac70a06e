import type { EscapePath, Sheet } from '../api/client';
import { useUnits } from '../units/UnitsContext';
import { type Bore, boreOf, crownY, Y } from './CylinderDrawing';
import { label } from '../words/labels';

interface Props {
  sheet: Sheet;
  cylinder: number;
  x: number;
  width: number;
  depth: number;
  towardsRight: (neighbour: number) => boolean;
}

/** Line style says how sure, never colour alone. */
const DASHES: Record<EscapePath['sureness'], string | undefined> = {
  NEAR_CERTAIN: undefined,
  LIKELY: '12 4',
  POSSIBLE: '3 4',
  OPEN: '1 6',
};

/** Columns narrower than this get smaller call-outs. */
const ROOMY = 96;

/** Line weight says how much: it doubles with each fourfold area. How much oil is not known here. */
function weight(path: EscapePath): number {
  if (isOil(path)) {
    return path.sureness === 'OPEN' ? 2 : 4.5;
  }
  if (path.sureness === 'OPEN') {
    return 3;
  }
  const area = path.areaMm2?.best ?? 1;
  return Math.max(2, Math.min(11, 3.5 * Math.sqrt(area)));
}

/** Oil gets in, everything else gets out. */
const isOil = (p: EscapePath) => p.kind === 'OIL_PAST_RINGS' || p.kind === 'OIL_PAST_STEM';

const LINE = 14;

export function EscapePaths({ sheet, cylinder, x, width, depth, towardsRight }: Props) {
  const paths = sheet.diagnosis.paths.filter((p) => p.cylinder === cylinder);
  if (paths.length === 0) {
    return null;
  }
  const bore = boreOf(x, width);
  const out = paths.filter((p) => !isOil(p));
  const oil = paths.filter((p) => isOil(p) && p.sureness !== 'OPEN');
  const leak = out.length ? callOut(out, width) : [];
  return (
    <g fill="none">
      {paths.map((p) => (
        <g
          key={p.kind + p.towards}
          stroke={isOil(p) ? 'var(--oil)' : 'var(--leak)'}
          strokeLinecap={p.sureness === 'OPEN' ? 'round' : 'butt'}
        >
          <Path path={p} bore={bore} depth={depth} right={!!p.towards && towardsRight(p.towards)} />
        </g>
      ))}
      {out.length > 0 && (
        <CallOut lines={leak} paths={out} middle={bore.middle} width={width} y={Y.callout} />
      )}
      {oil.length > 0 && (
        <CallOut
          lines={callOut(oil, width)}
          paths={oil}
          middle={bore.middle}
          width={width}
          y={Y.callout + (out.length ? (leak.length + (out[0]!.areaMm2 ? 1.2 : 0)) * LINE + 2 : 0)}
        />
      )}
    </g>
  );
}

const ORDER: EscapePath['sureness'][] = ['NEAR_CERTAIN', 'LIKELY', 'POSSIBLE'];

/** The paths that are surer than the others; none while nothing is known. */
function surestOf(paths: EscapePath[]): EscapePath[] {
  const best = ORDER.find((s) => paths.some((p) => p.sureness === s));
  return paths.filter((p) => p.sureness === best);
}

/** What the call-out says, in lines that fit the column. */
function callOut(paths: EscapePath[], width: number): string[] {
  const surest = surestOf(paths);
  const named = [...new Set(surest.map((p) => label('PathKind', p.kind)))].join(' or ');
  const text =
    surest.length === 0
      ? 'path not known'
      : `${named.replace(/ or oil past/, ' or')}, ${surest[0]!.sureness === 'LIKELY' ? 'likely' : 'possible'}`;
  const room = Math.floor(width / 6.4);
  return text.split(' ').reduce<string[]>((all, word) => {
    const last = all.at(-1);
    return last !== undefined && (last + ' ' + word).length <= room
      ? [...all.slice(0, -1), last + ' ' + word]
      : [...all, word];
  }, []);
}

interface CallOutProps {
  lines: string[];
  paths: EscapePath[];
  middle: number;
  width: number;
  y: number;
}

function CallOut({ lines, paths, middle, width, y }: CallOutProps) {
  const units = useUnits();
  const area = paths[0]!.areaMm2;
  const top = area ? y + 32 : y + 16;
  return (
    <g stroke="none" fill={isOil(paths[0]!) ? 'var(--oil)' : 'var(--leak)'} textAnchor="middle">
      {area && (
        <text
          x={middle}
          y={y + 16}
          className={`font-mono font-bold ${width < ROOMY ? 'text-[12.5px]' : 'text-[16px]'}`}
        >
          {width < ROOMY ? area.best.toFixed(1) : units.format('area', area.best)} mm²
        </text>
      )}
      <text className="text-[13.5px] font-medium">
        {lines.map((line, i) => (
          <tspan key={i} x={middle} y={top + i * LINE}>
            {line}
          </tspan>
        ))}
      </text>
    </g>
  );
}

function Path({ path, bore, depth, right }: { path: EscapePath; bore: Bore; depth: number; right: boolean }) {
  const w = weight(path);
  const line = { strokeWidth: w, strokeDasharray: DASHES[path.sureness] };
  const crown = crownY(depth);
  const port = (bore.right - bore.left) * 0.26;
  switch (path.kind) {
    case 'RINGS':
      return (
        <>
          {[bore.left + 1, bore.right - 1].map((x) => (
            <g key={x}>
              <path d={`M${x} ${crown - 8}V${Y.bottom - 4}`} {...line} />
              <Arrow x={x} y={Y.bottom + 6} angle={90} weight={w} open={path.sureness === 'OPEN'} />
            </g>
          ))}
        </>
      );
    case 'INTAKE_VALVE':
    case 'EXHAUST_VALVE': {
      const side = path.kind === 'INTAKE_VALVE' ? -1 : 1;
      const seat = side < 0 ? bore.left + port * 0.85 : bore.right - port * 0.85;
      const out = seat + side * port * 0.72;
      return (
        <>
          <path
            d={`M${seat} ${Y.face + 14}C${seat} ${Y.face - 16} ${out} ${Y.head + 16} ${out} ${Y.head - 4}`}
            {...line}
          />
          <Arrow x={out} y={Y.head - 12} angle={-90} weight={w} open={path.sureness === 'OPEN'} />
        </>
      );
    }
    case 'GASKET_NEIGHBOUR': {
      const from = right ? bore.right - 8 : bore.left + 8;
      const to = right ? bore.right + 18 : bore.left - 18;
      return (
        <>
          <path d={`M${from} ${Y.gasket}H${to}`} {...line} />
          <Arrow x={to} y={Y.gasket} angle={right ? 0 : 180} weight={w} open={false} />
        </>
      );
    }
    case 'GASKET_COOLANT': {
      const jacket = bore.right + (bore.right - bore.left) * 0.3;
      return (
        <>
          <path
            d={`M${bore.right - 10} ${Y.gasket + 6}Q${jacket} ${Y.gasket} ${jacket} ${Y.gasket + 22}`}
            {...line}
          />
          <Arrow x={jacket} y={Y.gasket + 24} angle={90} weight={w} open={path.sureness === 'OPEN'} />
        </>
      );
    }
    case 'OIL_PAST_RINGS':
      return (
        <>
          <path d={`M${bore.left + 14} ${Y.bottom + 4}V${crown - 4}`} {...line} />
          <Arrow
            x={bore.left + 14}
            y={crown - 6}
            angle={-90}
            weight={w}
            open={path.sureness === 'OPEN'}
            oil
          />
        </>
      );
    case 'OIL_PAST_STEM': {
      const stem = bore.left + port * 0.85 + 4;
      return (
        <>
          <path d={`M${stem} ${Y.plug + 2}V${Y.face + 6}`} {...line} />
          <Arrow x={stem} y={Y.face + 8} angle={90} weight={w} open={path.sureness === 'OPEN'} oil />
        </>
      );
    }
    default:
      return null;
  }
}

function Arrow({
  x,
  y,
  angle,
  weight: w,
  open,
  oil = false,
}: {
  x: number;
  y: number;
  angle: number;
  weight: number;
  open: boolean;
  oil?: boolean;
}) {
  if (open) {
    return null;
  }
  const s = 4 + w * 0.9;
  return (
    <path
      d={`M0 ${-s / 1.6}L${s} 0L0 ${s / 1.6}Z`}
      transform={`translate(${x} ${y}) rotate(${angle})`}
      fill={oil ? 'var(--oil)' : 'var(--leak)'}
      stroke="none"
    />
  );
}
