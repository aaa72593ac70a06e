import type { Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';

interface Props {
  sheet: Sheet;
  current: number;
  onNext: (cylinder: number) => void;
}

const SIZE = 150;

/** The pulley, and how far to turn it to the next cylinder in firing order. */
export function TurningGuide({ sheet, current, onNext }: Props) {
  const at = sheet.leakdown.crank.find((c) => c.cylinder === current);
  const { engine } = sheet.engine;
  if (!at) {
    return (
      <p className="max-w-[60ch] text-soft">
        Without the firing order nobody can say how far to turn. It is entered at the Intake station.
      </p>
    );
  }
  const open = [...new Set([...at.intakeOpen, ...at.exhaustOpen])].sort((a, b) => a - b);
  const direction = !engine.rotation
    ? 'in the running direction'
    : `${engine.rotation.turning === 'CLOCKWISE' ? 'clockwise' : 'anticlockwise'}, seen from the ${engine.rotation.seenFrom === 'FREE' ? 'free' : 'flywheel'} end`;
  return (
    <div className="flex items-center gap-5">
      <Pulley degrees={at.turnDeg} anticlockwise={engine.rotation?.turning === 'ANTICLOCKWISE'} />
      <div>
        <p className="text-[20px] leading-tight font-semibold">
          Turn {Math.round(at.turnDeg)}° to cylinder {labelOf(sheet, at.next)}
        </p>
        <p className="text-soft">
          firing order {engine.firingOrder?.map((n) => labelOf(sheet, n)).join(' ')}, {direction}
          {at.turnDeg > 360 && ', more than one turn'}
        </p>
        <p className="text-soft">
          {engine.cycle === 'TWO_STROKE'
            ? 'Every top centre is one of compression.'
            : 'Compression stroke: air pushes the thumb off the hole as the piston rises. Otherwise turn 360° more.'}
        </p>
        <p className="font-medium text-leak">{sheet.leakdown.cautions[0]}</p>
        <p className="text-soft">
          If the crank will not stay, hold it with a tool made to lock it; in gear is not enough.
        </p>
        {open.length > 0 && (
          <p className="text-soft">
            With {labelOf(sheet, current)} at the top, {open.map((n) => labelOf(sheet, n)).join(' and ')}{' '}
            {open.length > 1 ? 'have' : 'has'} a valve open: plug{' '}
            {open.length > 1 ? 'those holes' : 'that hole'} before a gasket is blamed.
          </p>
        )}
        <button className="button mt-1" onClick={() => onNext(at.next)}>
          Turned: on to {labelOf(sheet, at.next)}
        </button>
      </div>
    </div>
  );
}

/** A pulley with the way still to go; more than a turn is drawn as a second ring. */
function Pulley({ degrees, anticlockwise }: { degrees: number; anticlockwise: boolean }) {
  const c = SIZE / 2;
  const r = 54;
  const within = Math.min(degrees, 360) % 360 || 359.9;
  const sign = anticlockwise ? -1 : 1;
  const end = ((-90 + sign * (degrees > 360 ? degrees - 360 : within)) * Math.PI) / 180;
  const radius = degrees > 360 ? r - 12 : r - 6;
  const sweep = degrees > 360 ? degrees - 360 : within;
  const x = c + radius * Math.cos(end);
  const y = c + radius * Math.sin(end);
  return (
    <svg
      width={SIZE}
      height={SIZE}
      className="shrink-0"
      role="img"
      aria-label={`Turn ${Math.round(degrees)} degrees`}
    >
      <circle cx={c} cy={c} r={r + 8} fill="var(--well)" stroke="var(--ink)" strokeWidth="1.6" />
      <circle cx={c} cy={c} r="7" fill="none" stroke="var(--ink)" strokeWidth="1.6" />
      {Array.from({ length: 24 }, (_, i) => (
        <line
          key={i}
          x1={c}
          x2={c}
          y1={c - r - 8}
          y2={c - r - (i % 6 === 0 ? 0 : 4)}
          stroke="var(--ink)"
          strokeWidth={i % 6 === 0 ? 2 : 1}
          transform={`rotate(${i * 15} ${c} ${c})`}
        />
      ))}
      {degrees > 360 && (
        <circle
          cx={c}
          cy={c}
          r={r - 2}
          fill="none"
          stroke="var(--act)"
          strokeWidth="3"
          strokeDasharray="6 3"
        />
      )}
      <path
        d={`M${c} ${c - radius}A${radius} ${radius} 0 ${sweep > 180 ? 1 : 0} ${anticlockwise ? 0 : 1} ${x} ${y}`}
        fill="none"
        stroke="var(--act)"
        strokeWidth="5"
      />
      <path
        d="M-7 -6L8 0L-7 6Z"
        fill="var(--act)"
        transform={`translate(${x} ${y}) rotate(${(end * 180) / Math.PI + sign * 90})`}
      />
    </svg>
  );
}
