import type { EscapePath, Sheet } from '../api/client';
import { useUnits } from '../units/UnitsContext';
import { type Bore, boreOf, crownY, Y } from './CylinderDrawing';

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

const NAMES: Record<EscapePath['kind'], string> = {
  RINGS: 'rings',
  INTAKE_VALVE: 'intake valve',
  EXHAUST_VALVE: 'exhaust valve',
  GASKET_COOLANT: 'gasket to coolant',
  GASKET_NEIGHBOUR: 'gasket between',
  OUTSIDE: 'outside',
};

/** Columns narrower than this get smaller call-outs. */
const ROOMY = 96;

/** Line weight says how much: it doubles with each fourfold area. */
function weight(path: EscapePath): number {
  if (path.sureness === 'OPEN') {
    return 3;
  }
  const area = path.areaMm2?.best ?? 1;
  return Math.max(2, Math.min(11, 3.5 * Math.sqrt(area)));
}

export function EscapePaths({ sheet, cylinder, x, width, depth, towardsRight }: Props) {
  const units = useUnits();
  const paths = sheet.diagnosis.paths.filter((p) => p.cylinder === cylinder);
  if (paths.length === 0) {
    return null;
  }
  const bore = boreOf(x, width);
  const surest = paths.filter((p) => p.sureness !== 'OPEN');
  const area = paths[0]!.areaMm2;
  const words =
    surest.length === 0
      ? 'path not known'
      : [...new Set(surest.map((p) => NAMES[p.kind]))].join(' or ') +
        `, ${surest[0]!.sureness === 'LIKELY' ? 'likely' : 'possible'}`;
  return (
    <g stroke="var(--leak)" fill="none" strokeLinecap={surest.length ? 'butt' : 'round'}>
      {paths.map((p) => (
        <Path
          key={p.kind + p.towards}
          path={p}
          bore={bore}
          depth={depth}
          right={!!p.towards && towardsRight(p.towards)}
        />
      ))}
      <g stroke="none" fill="var(--leak)">
        {area && (
          <text
            x={bore.middle}
            y={Y.callout + 16}
            textAnchor="middle"
            className={`font-mono font-bold ${width < ROOMY ? 'text-[12.5px]' : 'text-[16px]'}`}
          >
            {width < ROOMY ? area.best.toFixed(1) : units.format('area', area.best)} mm²
          </text>
        )}
        <Words text={words} middle={bore.middle} width={width} y={area ? Y.callout + 32 : Y.callout + 16} />
      </g>
    </g>
  );
}

/** Breaks the call-out into lines that fit the column. */
function Words({ text, middle, width, y }: { text: string; middle: number; width: number; y: number }) {
  const room = Math.floor(width / 6.4);
  const lines = text.split(' ').reduce<string[]>((all, word) => {
    const last = all.at(-1);
    return last !== undefined && (last + ' ' + word).length <= room
      ? [...all.slice(0, -1), last + ' ' + word]
      : [...all, word];
  }, []);
  return (
    <text textAnchor="middle" className="text-[13.5px] font-medium">
      {lines.map((line, i) => (
        <tspan key={i} x={middle} y={y + i * 14}>
          {line}
        </tspan>
      ))}
    </text>
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
}: {
  x: number;
  y: number;
  angle: number;
  weight: number;
  open: boolean;
}) {
  if (open) {
    return null;
  }
  const s = 4 + w * 0.9;
  return (
    <path
      d={`M0 ${-s / 1.6}L${s} 0L0 ${s / 1.6}Z`}
      transform={`translate(${x} ${y}) rotate(${angle})`}
      fill="var(--leak)"
      stroke="none"
    />
  );
}
