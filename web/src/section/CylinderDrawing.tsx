import { crownY, type Heights } from './heights';

/** Share of the column that the bore takes. */
const BORE = 0.6;

export interface Bore {
  left: number;
  right: number;
  middle: number;
}

export function boreOf(x: number, width: number): Bore {
  const half = (width * BORE) / 2;
  const middle = x + width / 2;
  return { left: middle - half, right: middle + half, middle };
}

interface Props {
  h: Heights;
  x: number;
  width: number;
  depth: number;
  /** Whether a bank begins or ends here, so that its outer wall is drawn. */
  first: boolean;
  last: boolean;
  hatch: string;
  valves: boolean;
  water: boolean;
}

/** One cylinder in section: head, ports, valves, gasket, bore, piston with its rings, water jacket or fins. */
export function CylinderDrawing(p: Props) {
  const b = boreOf(p.x, p.width);
  const from = p.first ? b.left - p.width * 0.16 : p.x;
  const to = p.last ? b.right + p.width * 0.16 : p.x + p.width;
  return (
    <g stroke="var(--ink)" strokeLinejoin="round" fill="none">
      <Head {...p} bore={b} from={from} to={to} />
      <Block {...p} bore={b} from={from} to={to} />
      <Piston h={p.h} bore={b} depth={p.depth} />
      <line x1={from} x2={b.left} y1={p.h.gasket} y2={p.h.gasket} strokeWidth="4" />
      <line x1={b.right} x2={to} y1={p.h.gasket} y2={p.h.gasket} strokeWidth="4" />
    </g>
  );
}

interface Part extends Props {
  bore: Bore;
  from: number;
  to: number;
}

function Head({ h, bore: b, from, to, hatch, valves, water }: Part) {
  const port = (b.right - b.left) * 0.26;
  const plug = Math.min(7, port * 0.5);
  return (
    <>
      <rect x={from} y={h.head} width={to - from} height={h.face - h.head} fill={hatch} strokeWidth="1.3" />
      {!water && <HeadFins h={h} from={from} to={to} />}
      <rect
        x={b.middle - plug / 2 - 1}
        y={h.plug}
        width={plug + 2}
        height={h.face - h.plug}
        fill="var(--paper)"
        strokeWidth="1.2"
      />
      <path d={`M${b.middle} ${h.face}v6`} strokeWidth="2" />
      {valves && (
        <>
          <path d={portPath(h, b.left + port * 0.85, port, -1)} fill="var(--paper)" strokeWidth="1.2" />
          <path d={portPath(h, b.right - port * 0.85, port, 1)} fill="var(--paper)" strokeWidth="1.2" />
          <Valve h={h} x={b.left + port * 0.85} width={port} />
          <Valve h={h} x={b.right - port * 0.85} width={port} />
        </>
      )}
    </>
  );
}

function HeadFins({ h, from, to }: { h: Heights; from: number; to: number }) {
  const count = 7;
  const step = (to - from) / count;
  return Array.from({ length: count + 1 }, (_, i) => (
    <line
      key={i}
      x1={Math.min(to, Math.max(from, from + i * step))}
      x2={Math.min(to, Math.max(from, from + i * step))}
      y1={h.head - 9 * h.k}
      y2={h.head}
      strokeWidth={Math.max(1.4, 2.6 * h.k)}
    />
  ));
}

/** A port that sweeps from the valve seat up to the side of the head. */
function portPath(h: Heights, x: number, width: number, side: -1 | 1): string {
  const w = width * 0.42;
  const out = x + side * width * 0.95;
  return (
    `M${x - w} ${h.face} C${x - w} ${h.face - 20 * h.k} ${out - side * w * 1.4} ${h.head + 12 * h.k} ${out - side * w * 1.4} ${h.head}` +
    ` L${out + side * w * 0.6} ${h.head} C${out + side * w * 0.6} ${h.head + 14 * h.k} ${x + w} ${h.face - 16 * h.k} ${x + w} ${h.face} Z`
  );
}

function Valve({ h, x, width }: { h: Heights; x: number; width: number }) {
  return (
    <>
      <line x1={x} x2={x} y1={h.plug + 4 * h.k} y2={h.face} strokeWidth="1.8" />
      <line x1={x - width * 0.5} x2={x + width * 0.5} y1={h.face + 1} y2={h.face + 1} strokeWidth="3.2" />
    </>
  );
}

function Block({ h, bore: b, from, to, hatch, water, valves }: Part) {
  const height = h.bottom - h.gasket;
  const jacket = { y: h.gasket + 14 * h.k, height: 74 * h.k };
  const walls: [number, number][] = [
    [from, b.left],
    [b.right, to],
  ];
  return (
    <>
      {walls.map(([x0, x1], i) =>
        water ? (
          <g key={i}>
            <rect x={x0} y={h.gasket} width={x1 - x0} height={height} fill={hatch} strokeWidth="0" />
            <Jacket x={x0} width={x1 - x0} outer={i === 0 ? x0 === from : x1 === to} {...jacket} />
          </g>
        ) : (
          <Fins key={i} h={h} from={i === 0 ? b.left : b.right} to={i === 0 ? x0 : x1} hatch={hatch} />
        ),
      )}
      <path d={`M${b.left} ${h.gasket}V${h.bottom}M${b.right} ${h.gasket}V${h.bottom}`} strokeWidth="1.8" />
      <path d={`M${from} ${h.bottom}H${b.left}M${b.right} ${h.bottom}H${to}`} strokeWidth="1.3" />
      {!valves && <Ports h={h} bore={b} from={from} to={to} />}
    </>
  );
}

/** A thin barrel that carries fins instead of a jacket. */
function Fins({ h, from, to, hatch }: { h: Heights; from: number; to: number; hatch: string }) {
  const barrel = from + Math.sign(to - from) * Math.min(6, Math.abs(to - from) * 0.35);
  const count = 9;
  const step = (h.bottom - h.gasket - 12 * h.k) / count;
  return (
    <>
      <rect
        x={Math.min(from, barrel)}
        y={h.gasket}
        width={Math.abs(barrel - from)}
        height={h.bottom - h.gasket}
        fill={hatch}
        strokeWidth="0.8"
      />
      {Array.from({ length: count }, (_, i) => (
        <line
          key={i}
          x1={barrel}
          x2={to}
          y1={h.gasket + 8 * h.k + i * step}
          y2={h.gasket + 8 * h.k + i * step}
          strokeWidth={Math.max(1.6, 3 * h.k)}
        />
      ))}
    </>
  );
}

/** A two-stroke breathes through windows in its bore: exhaust on the right, transfer on the left, intake under the piston. */
function Ports({ h, bore: b, from, to }: { h: Heights; bore: Bore; from: number; to: number }) {
  const top = crownY(h, 0.62);
  const low = crownY(h, 1);
  const under = low + 22 * h.k;
  const left = Math.max(from, b.left - (b.right - b.left) * 0.34);
  const right = Math.min(to, b.right + (b.right - b.left) * 0.34);
  return (
    <g fill="var(--paper)" strokeWidth="1.2">
      <path d={`M${b.right} ${top}L${right} ${top - 12 * h.k}V${low - 12 * h.k}L${b.right} ${low}Z`} />
      <path d={`M${b.left} ${top + 7 * h.k}H${left + 4}V${h.bottom}H${left + 10}V${low}H${b.left}Z`} />
      <path d={`M${b.right} ${under}H${right}V${under + 13 * h.k}H${b.right}Z`} />
    </g>
  );
}

function Jacket({
  x,
  width,
  y,
  height,
}: {
  x: number;
  width: number;
  y: number;
  height: number;
  outer: boolean;
}) {
  const inset = Math.max(2.5, width * 0.2);
  const w = width - inset * 2;
  if (w < 3) {
    return null;
  }
  const waves = [0.2, 0.4, 0.6, 0.8].map((k) => y + height * k);
  return (
    <>
      <rect
        x={x + inset}
        y={y}
        width={w}
        height={height}
        rx={Math.min(5, w / 2)}
        fill="var(--paper)"
        strokeWidth="1"
      />
      {waves.map((wy) => (
        <line
          key={wy}
          x1={x + inset + 2}
          x2={x + inset + w - 2}
          y1={wy}
          y2={wy}
          stroke="var(--water)"
          strokeDasharray="4 2"
        />
      ))}
    </>
  );
}

function Piston({ h, bore: b, depth }: { h: Heights; bore: Bore; depth: number }) {
  const y = crownY(h, depth);
  const gap = 2;
  const [l, r] = [b.left + gap, b.right - gap];
  const skirt = y + 44 * h.k;
  const land = Math.min(8, (r - l) * 0.16);
  return (
    <>
      <path
        d={`M${l} ${skirt}V${y}H${r}V${skirt}H${r - land}C${r - land} ${y + 20 * h.k} ${l + land} ${y + 20 * h.k} ${l + land} ${skirt}Z`}
        fill="var(--well)"
        strokeWidth="1.5"
      />
      {[6, 12, 18].map((k) => (
        <path
          key={k}
          d={`M${b.left} ${y + k * h.k}h${land}M${b.right} ${y + k * h.k}h${-land}`}
          strokeWidth={Math.max(1.2, 2.4 * h.k)}
        />
      ))}
      <path d={`M${b.middle} ${y + 27 * h.k}V${h.bottom + 6 * h.k}`} strokeWidth={Math.max(2, 4 * h.k)} />
      <circle
        cx={b.middle}
        cy={y + 27 * h.k}
        r={Math.max(2, 4.5 * h.k)}
        fill="var(--paper)"
        strokeWidth="1.6"
      />
    </>
  );
}
