/** Heights of the drawing, from the plugs down to the call-outs. */
export const HEIGHT = 304;
export const Y = { label: 22, plug: 32, head: 52, face: 92, gasket: 96, bottom: 216, callout: 232 };
/** Share of the column that the bore takes. */
const BORE = 0.6;
const CROWN_TOP = 118;
const TRAVEL = 50;

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

export function crownY(depth: number): number {
  return CROWN_TOP + TRAVEL * depth;
}

interface Props {
  x: number;
  width: number;
  label: string;
  bank?: string;
  depth: number;
  first: boolean;
  last: boolean;
  hatch: string;
  valves: boolean;
  water: boolean;
  current: boolean;
}

/** One cylinder in section: head, ports, valves, gasket, bore, piston with its rings, water jacket or fins. */
export function CylinderDrawing(p: Props) {
  const b = boreOf(p.x, p.width);
  const from = p.first ? b.left - p.width * 0.16 : p.x;
  const to = p.last ? b.right + p.width * 0.16 : p.x + p.width;
  return (
    <g stroke="var(--ink)" strokeLinejoin="round" fill="none">
      <text
        x={b.middle}
        y={Y.label}
        textAnchor="middle"
        stroke="none"
        fill={p.current ? 'var(--act)' : 'var(--ink)'}
        className="font-mono text-[20px] font-bold"
      >
        {p.label}
      </text>
      {p.bank && (
        <text
          x={b.middle - 14}
          y={Y.label - 1}
          textAnchor="end"
          stroke="none"
          fill="var(--soft)"
          className="text-[13px]"
        >
          {p.bank}
        </text>
      )}
      <Head {...p} bore={b} from={from} to={to} />
      <Block {...p} bore={b} from={from} to={to} />
      <Piston bore={b} depth={p.depth} />
      <line x1={from} x2={b.left} y1={Y.gasket} y2={Y.gasket} strokeWidth="4" />
      <line x1={b.right} x2={to} y1={Y.gasket} y2={Y.gasket} strokeWidth="4" />
    </g>
  );
}

interface Part extends Props {
  bore: Bore;
  from: number;
  to: number;
}

function Head({ bore: b, from, to, hatch, valves }: Part) {
  const port = (b.right - b.left) * 0.26;
  const plug = Math.min(7, port * 0.5);
  return (
    <>
      <rect x={from} y={Y.head} width={to - from} height={Y.face - Y.head} fill={hatch} strokeWidth="1.3" />
      <rect
        x={b.middle - plug / 2 - 1}
        y={Y.plug}
        width={plug + 2}
        height={Y.face - Y.plug}
        fill="var(--paper)"
        strokeWidth="1.2"
      />
      <path d={`M${b.middle} ${Y.face}v6`} strokeWidth="2" />
      {valves && (
        <>
          <path d={portPath(b.left + port * 0.85, port, -1)} fill="var(--paper)" strokeWidth="1.2" />
          <path d={portPath(b.right - port * 0.85, port, 1)} fill="var(--paper)" strokeWidth="1.2" />
          <Valve x={b.left + port * 0.85} width={port} />
          <Valve x={b.right - port * 0.85} width={port} />
        </>
      )}
    </>
  );
}

/** A port that sweeps from the valve seat up to the side of the head. */
function portPath(x: number, width: number, side: -1 | 1): string {
  const w = width * 0.42;
  const out = x + side * width * 0.95;
  return (
    `M${x - w} ${Y.face} C${x - w} ${Y.face - 20} ${out - side * w * 1.4} ${Y.head + 12} ${out - side * w * 1.4} ${Y.head}` +
    ` L${out + side * w * 0.6} ${Y.head} C${out + side * w * 0.6} ${Y.head + 14} ${x + w} ${Y.face - 16} ${x + w} ${Y.face} Z`
  );
}

function Valve({ x, width }: { x: number; width: number }) {
  return (
    <>
      <line x1={x} x2={x} y1={Y.plug + 4} y2={Y.face} strokeWidth="1.8" />
      <line x1={x - width * 0.5} x2={x + width * 0.5} y1={Y.face + 1} y2={Y.face + 1} strokeWidth="3.2" />
    </>
  );
}

function Block({ bore: b, from, to, hatch, water }: Part) {
  const height = Y.bottom - Y.gasket;
  const jacket = { y: Y.gasket + 14, height: 74 };
  const walls: [number, number][] = [
    [from, b.left],
    [b.right, to],
  ];
  return (
    <>
      {walls.map(([x0, x1], i) => (
        <g key={i}>
          <rect x={x0} y={Y.gasket} width={x1 - x0} height={height} fill={hatch} strokeWidth="0" />
          {water ? (
            <Jacket x={x0} width={x1 - x0} outer={i === 0 ? x0 === from : x1 === to} {...jacket} />
          ) : (
            [0, 1, 2, 3, 4].map((k) => (
              <line
                key={k}
                x1={x0}
                x2={x1}
                y1={Y.gasket + 16 + k * 16}
                y2={Y.gasket + 16 + k * 16}
                strokeWidth="3"
                stroke="var(--paper)"
              />
            ))
          )}
        </g>
      ))}
      <path d={`M${b.left} ${Y.gasket}V${Y.bottom}M${b.right} ${Y.gasket}V${Y.bottom}`} strokeWidth="1.8" />
      <path d={`M${from} ${Y.bottom}H${b.left}M${b.right} ${Y.bottom}H${to}`} strokeWidth="1.3" />
    </>
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

function Piston({ bore: b, depth }: { bore: Bore; depth: number }) {
  const y = crownY(depth);
  const gap = 2;
  const [l, r] = [b.left + gap, b.right - gap];
  const skirt = y + 44;
  return (
    <>
      <path
        d={`M${l} ${skirt}V${y}H${r}V${skirt}H${r - 8}C${r - 8} ${y + 20} ${l + 8} ${y + 20} ${l + 8} ${skirt}Z`}
        fill="var(--well)"
        strokeWidth="1.5"
      />
      {[6, 12, 18].map((k) => (
        <path key={k} d={`M${b.left} ${y + k}h8M${b.right} ${y + k}h-8`} strokeWidth="2.4" />
      ))}
      <path d={`M${b.middle} ${y + 27}V${Y.bottom + 8}`} strokeWidth="4" />
      <circle cx={b.middle} cy={y + 27} r="4.5" fill="var(--paper)" strokeWidth="1.6" />
    </>
  );
}
