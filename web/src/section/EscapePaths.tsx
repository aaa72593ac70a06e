import type { EscapePath, Sheet } from '../api/client';
import { isOil } from './callOuts';
import { type Bore, boreOf } from './CylinderDrawing';
import { crownY, type Heights } from './heights';

interface Props {
  h: Heights;
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

/**
 * Line weight says how much: it doubles with each fourfold area. Oil by how much the engine uses, as far as that was measured;
 * what of it goes which way nobody knows.
 */
function weight(path: EscapePath, mlPerHour: number | undefined): number {
  if (isOil(path)) {
    const measured =
      mlPerHour === undefined ? 4.5 : Math.max(2, Math.min(10, 2 + 1.6 * Math.log2(1 + mlPerHour / 5)));
    return path.sureness === 'OPEN' ? 2 : measured;
  }
  if (path.sureness === 'OPEN') {
    return 3;
  }
  const area = path.areaMm2?.best ?? 1;
  return Math.max(2, Math.min(11, 3.5 * Math.sqrt(area)));
}

/** The ways that air and oil take past one cylinder, as they are known. */
export function EscapePaths({ h, sheet, cylinder, x, width, depth, towardsRight }: Props) {
  const bore = boreOf(x, width);
  const oilRate = sheet.oil.analysis.axes.find((a) => a.mlPerHour)?.mlPerHour?.best;
  return (
    <g fill="none">
      {sheet.diagnosis.paths
        .filter((p) => p.cylinder === cylinder)
        .map((p) => (
          <g
            key={p.kind + p.towards}
            data-path={p.kind}
            stroke={isOil(p) ? 'var(--oil)' : 'var(--leak)'}
            strokeLinecap={p.sureness === 'OPEN' ? 'round' : 'butt'}
          >
            <Path
              oilRate={oilRate}
              h={h}
              path={p}
              bore={bore}
              depth={depth}
              right={!!p.towards && towardsRight(p.towards)}
            />
          </g>
        ))}
    </g>
  );
}

interface PathProps {
  /** mL/h of the whole engine. */
  oilRate?: number;
  h: Heights;
  path: EscapePath;
  bore: Bore;
  depth: number;
  right: boolean;
}

function Path({ oilRate, h, path, bore, depth, right }: PathProps) {
  const w = weight(path, oilRate);
  const line = { strokeWidth: w, strokeDasharray: DASHES[path.sureness] };
  const crown = crownY(h, depth);
  const port = (bore.right - bore.left) * 0.26;
  switch (path.kind) {
    case 'RINGS':
      return (
        <>
          {[bore.left + 1, bore.right - 1].map((x) => (
            <g key={x}>
              <path d={`M${x} ${crown - 8}V${h.bottom - 6 * h.k}`} {...line} />
              <Arrow x={x} y={h.bottom + 2} angle={90} weight={w} open={path.sureness === 'OPEN'} />
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
            d={`M${seat} ${h.face + 14 * h.k}C${seat} ${h.face - 16 * h.k} ${out} ${h.head + 16 * h.k} ${out} ${h.head - 2 * h.k}`}
            {...line}
          />
          <Arrow x={out} y={h.head - 8 * h.k} angle={-90} weight={w} open={path.sureness === 'OPEN'} />
        </>
      );
    }
    case 'GASKET_NEIGHBOUR': {
      const from = right ? bore.right - 8 : bore.left + 8;
      const to = right ? bore.right + 18 : bore.left - 18;
      return (
        <>
          <path d={`M${from} ${h.gasket}H${to}`} {...line} />
          <Arrow x={to} y={h.gasket} angle={right ? 0 : 180} weight={w} open={false} />
        </>
      );
    }
    case 'GASKET_COOLANT': {
      const jacket = bore.right + (bore.right - bore.left) * 0.3;
      return (
        <>
          <path
            d={`M${bore.right - 10} ${h.gasket + 6}Q${jacket} ${h.gasket} ${jacket} ${h.gasket + 22 * h.k}`}
            {...line}
          />
          <Arrow x={jacket} y={h.gasket + 24 * h.k} angle={90} weight={w} open={path.sureness === 'OPEN'} />
        </>
      );
    }
    case 'OIL_PAST_RINGS':
      return (
        <>
          <path d={`M${bore.left + 12} ${h.bottom + 2}V${crown - 4}`} {...line} />
          <Arrow
            x={bore.left + 12}
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
          <path d={`M${stem} ${h.plug + 2}V${h.face + 6}`} {...line} />
          <Arrow x={stem} y={h.face + 8} angle={90} weight={w} open={path.sureness === 'OPEN'} oil />
        </>
      );
    }
    case 'OUTSIDE':
      // Out of the sheet, towards whoever looks: as an arrow is drawn that comes straight at one.
      return (
        <>
          <circle
            cx={bore.left - 7}
            cy={h.gasket}
            r={3.5 + w * 0.7}
            {...line}
            strokeWidth={Math.min(w, 3.5)}
          />
          <circle cx={bore.left - 7} cy={h.gasket} r={Math.min(w, 3)} fill="var(--leak)" stroke="none" />
          <path d={`M${bore.left + 6} ${h.gasket}H${bore.left - 3}`} {...line} />
        </>
      );
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
