import { useState } from 'react';
import type { EngineDocument, Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';

/** The four sides somebody can stand at, going round the engine clockwise seen from above. */
const SIDES = ['flywheel end', 'left side', 'free end', 'right side'] as const;
const KEY = 'silent-otter.standpoint';

interface Props {
  engine: EngineDocument;
  cylinders: Sheet['cylinders'];
}

/** Which cylinder is where, from above, with the side where the technician stands at the bottom. Tap to walk round. */
export function OrientationMap({ engine, cylinders }: Props) {
  const [side, setSide] = useState(() => Number(localStorage.getItem(KEY) ?? 0) % SIDES.length);
  const rows = Math.max(...engine.banks.map((b) => b.cylinders.length));
  const step = Math.min(24, 120 / rows);
  const across = 26;
  const spots = engine.banks.flatMap((bank, b) =>
    bank.cylinders.map((cylinder, i) => ({
      cylinder,
      // Seen from the flywheel end: free end far away, left bank on the left.
      x: (b - (engine.banks.length - 1) / 2) * across,
      y: (i - (bank.cylinders.length - 1) / 2) * step,
    })),
  );
  const turn = (side * Math.PI) / 2;
  const placed = spots.map((s) => ({
    cylinder: s.cylinder,
    x: s.x * Math.cos(turn) - s.y * Math.sin(turn),
    y: s.x * Math.sin(turn) + s.y * Math.cos(turn),
  }));
  const flywheel = { x: -Math.sin(turn), y: Math.cos(turn) };
  const reach = (rows * step) / 2 + 8;
  const halfHeight = Math.max(30, ...placed.map((p) => Math.abs(p.y) + 20));
  const walk = () => {
    const next = (side + 1) % SIDES.length;
    localStorage.setItem(KEY, String(next));
    setSide(next);
  };
  return (
    <button
      className="block w-full text-left hover:text-act"
      onClick={walk}
      aria-label={`Engine from above, you stand at the ${SIDES[side]}. Walk on.`}
      title="From above; the thick line is the flywheel. Tap to walk round."
    >
      <svg
        width="172"
        height={halfHeight * 2}
        viewBox={`-86 ${-halfHeight} 172 ${halfHeight * 2}`}
        aria-hidden
      >
        <line
          x1={flywheel.x * reach - flywheel.y * 14}
          y1={flywheel.y * reach + flywheel.x * 14}
          x2={flywheel.x * reach + flywheel.y * 14}
          y2={flywheel.y * reach - flywheel.x * 14}
          stroke="var(--ink)"
          strokeWidth="4"
        />
        {placed.map((p) => (
          <g key={p.cylinder}>
            <circle
              cx={p.x}
              cy={p.y}
              r={Math.min(10.5, step / 2 - 0.8)}
              fill="var(--well)"
              stroke="var(--ink)"
            />
            <text
              x={p.x}
              y={p.y + 4}
              textAnchor="middle"
              fill="var(--ink)"
              className={step < 18 ? 'font-mono text-[0.5625rem]' : 'font-mono text-[0.7188rem]'}
            >
              {labelOf({ cylinders }, p.cylinder)}
            </text>
          </g>
        ))}
      </svg>
      <span className="block text-center text-[0.875rem] text-soft">you: {SIDES[side]}</span>
    </button>
  );
}
