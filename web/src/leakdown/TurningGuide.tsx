import type { Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';
import { label } from '../words/labels';

interface Props {
  sheet: Sheet;
  current: number;
  onNext: (cylinder: number) => void;
}

const SIZE = 150;
const SHOWN = '5.75rem';

/** The pulley, and how far to turn it: first to the cylinder at hand, then on in firing order. */
export function TurningGuide({ sheet, current, onNext }: Props) {
  const at = sheet.leakdown.crank.find((c) => c.cylinder === current);
  const { engine } = sheet.engine;
  const begun = sheet.leakdown.readings.length > 0;
  const twoStroke = engine.cycle === 'TWO_STROKE';
  const open = at ? [...new Set([...at.intakeOpen, ...at.exhaustOpen])].sort((a, b) => a - b) : [];
  return (
    <div className="min-w-0">
      <h3 className="text-[1.25rem] leading-tight font-semibold">
        {!begun
          ? `First bring ${labelOf(sheet, current)} to top centre`
          : at
            ? `Turn ${Math.round(at.turnDeg)}° to cylinder ${labelOf(sheet, at.next)}`
            : 'Turn to the next cylinder'}
      </h3>
      <div className="mt-1 flex items-start gap-3">
        {at && begun && (
          <Pulley degrees={at.turnDeg} anticlockwise={engine.rotation?.turning === 'ANTICLOCKWISE'} />
        )}
        <div className="min-w-0 leading-snug">
          {!at && (
            <p className="text-soft">
              How far nobody can say without the firing order. It is entered at the Intake station.
            </p>
          )}
          {at && begun && (
            <p className="text-soft">
              {direction(engine.rotation)}
              {at.turnDeg > 360 && ', more than one turn'}
            </p>
          )}
          <p className="text-soft">
            {twoStroke
              ? 'Every top centre is one of compression.'
              : 'Compression stroke: air pushes the thumb off the hole as the piston rises. Otherwise 360° more.'}
          </p>
        </div>
      </div>
      <p className="mt-1 font-medium text-leak">{sheet.leakdown.cautions[0]}</p>
      <p className="text-soft">
        If the crank will not stay, lock it with a tool made for it; in gear is not enough.
      </p>
      {open.length > 0 && (
        <p className="text-soft">
          With {labelOf(sheet, current)} at the top, {open.map((n) => labelOf(sheet, n)).join(' and ')}{' '}
          {open.length > 1 ? 'have' : 'has'} a valve open: plug{' '}
          {open.length > 1 ? 'those holes' : 'that hole'} before a gasket is blamed.
        </p>
      )}
      {at && begun && (
        <button className="button button-main mt-2 w-full" onClick={() => onNext(at.next)}>
          Turned: on to {labelOf(sheet, at.next)}
        </button>
      )}
    </div>
  );
}

function direction(rotation: Sheet['engine']['engine']['rotation']): string {
  return !rotation
    ? 'in the running direction'
    : `${label('Turning', rotation.turning)}, seen from the ${label('EngineEnd', rotation.seenFrom)}`;
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
      viewBox={`0 0 ${SIZE} ${SIZE}`}
      style={{ width: SHOWN, height: SHOWN }}
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
