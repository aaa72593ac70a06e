import { type KeyboardEvent, type PointerEvent, useId, useRef, useState } from 'react';
import { useUnits } from '../units/UnitsContext';
import type { BlowbyHand } from './useBlowby';

const WIDTH = 336;
const HEIGHT = 330;
/** What of it is drawn: the bend ends above. */
const DRAWN = 284;
/** Where the legs stand, how wide they are, and where both levels are at rest. */
const CRANKCASE = 84;
const OPEN = 176;
const BORE = 22;
const TOP = 34;
const REST = 152;
const BOTTOM = 250;
const SCALE = 216;
/** Steps of the scale: the smallest that shows the levels. */
const REACH = [30, 60, 120, 300, 600];
const STEP = 0.5;
const PAGE = 5;

/** A slack tube as it hangs at the engine: its two levels and its index are dragged, moved with arrow keys, or typed. */
export function SlackTube({ hand }: { hand: BlowbyHand }) {
  const { levels, setLevels, way, tube } = hand;
  const svg = useRef<SVGSVGElement>(null);
  const clip = useId();
  const furthest = Math.max(Math.abs(levels.open), Math.abs(levels.crankcase), Math.abs(levels.index));
  // The scale stands still while a level is dragged, or it would run away under the hand.
  const [held, setHeld] = useState<number>();
  const reach = held ?? REACH.find((r) => furthest <= r * 0.92) ?? REACH.at(-1)!;
  const perMm = (REST - TOP - 8) / reach;
  const y = (mm: number) => REST - mm * perMm;
  const isU = tube === 'U';

  const set = (what: 'open' | 'crankcase' | 'index', mm: number) => {
    const value = Math.max(-600, Math.min(600, Math.round(mm / STEP) * STEP));
    if (what === 'index') {
      setLevels({ ...levels, index: value });
    } else if (!isU) {
      // One level only: the pot hardly moves.
      setLevels({ ...levels, open: value, crankcase: 0 });
    } else if (way === 'one') {
      const open = what === 'open' ? value : -value;
      setLevels({ ...levels, open, crankcase: -open });
    } else {
      setLevels({ ...levels, [what]: value });
    }
  };
  const drag = (what: 'open' | 'crankcase' | 'index') => ({
    onPointerDown: (e: PointerEvent<SVGElement>) => {
      e.currentTarget.setPointerCapture(e.pointerId);
      setHeld(reach);
    },
    onLostPointerCapture: () => setHeld(undefined),
    onPointerMove: (e: PointerEvent<SVGElement>) => {
      const box = svg.current?.getBoundingClientRect();
      if (box && e.currentTarget.hasPointerCapture(e.pointerId)) {
        const mm = (REST - ((e.clientY - box.top) / box.height) * DRAWN) / perMm;
        set(what, Math.max(-reach, Math.min(reach, mm)));
      }
    },
    onKeyDown: (e: KeyboardEvent) => {
      const by = { ArrowUp: STEP, ArrowDown: -STEP, PageUp: PAGE, PageDown: -PAGE }[e.key];
      if (by) {
        e.preventDefault();
        set(what, levels[what] + by);
      }
    },
  });
  const handle = (what: 'open' | 'crankcase' | 'index', x: number, width: number, name: string) => (
    <rect
      {...drag(what)}
      role="slider"
      tabIndex={0}
      aria-label={name}
      aria-orientation="vertical"
      aria-valuemin={-600}
      aria-valuemax={600}
      aria-valuenow={levels[what]}
      aria-valuetext={`${levels[what]} mm from rest`}
      data-leg={what}
      x={x}
      y={y(levels[what]) - 22}
      width={width}
      height={44}
      fill="transparent"
      className="cursor-ns-resize touch-none"
    />
  );
  const ticks = Array.from({ length: 13 }, (_, i) => (i - 6) * (reach / 6));
  return (
    <svg
      ref={svg}
      viewBox={`0 0 ${WIDTH} ${DRAWN}`}
      preserveAspectRatio="xMinYMin meet"
      className="h-full max-h-[17.5rem] w-full select-none"
      aria-label="Slack tube"
      style={{ aspectRatio: `${WIDTH} / ${DRAWN}` }}
    >
      <defs>
        <clipPath id={clip}>
          <path d={tubePath(CRANKCASE, OPEN, BORE)} />
        </clipPath>
      </defs>
      <g clipPath={`url(#${clip})`} fill="var(--water)">
        <rect x={CRANKCASE - BORE} y={y(levels.crankcase)} width={BORE * 2} height={HEIGHT} />
        <rect x={OPEN - BORE} y={y(levels.open)} width={BORE * 2} height={HEIGHT} />
        <rect x={CRANKCASE} y={BOTTOM - 40} width={OPEN - CRANKCASE} height={HEIGHT} />
      </g>
      <path d={tubePath(CRANKCASE, OPEN, BORE)} fill="none" stroke="var(--ink)" strokeWidth={2} />
      <g className="fill-[var(--soft)] text-[13px]" textAnchor="middle">
        <text x={CRANKCASE} y={22}>
          crankcase
        </text>
        <text x={OPEN} y={22}>
          {isU ? 'open' : 'scale'}
        </text>
      </g>
      {ticks.map((mm) => (
        <g key={mm} stroke="var(--metal)">
          <path
            d={`M${SCALE} ${y(mm + levels.index)}h${mm % (reach / 3) === 0 ? 22 : 11}`}
            strokeWidth={1.5}
          />
        </g>
      ))}
      <path d={`M${CRANKCASE - 26} ${REST}H${SCALE}`} stroke="var(--metal)" strokeDasharray="4 4" />
      {isU && way === 'both' && (
        <g>
          <path d={`M${SCALE - 4} ${y(levels.index)}H${SCALE + 40}`} stroke="var(--ink)" strokeWidth={2.5} />
          <text x={SCALE + 44} y={y(levels.index) + 5} className="fill-[var(--ink)] text-[13px]">
            index
          </text>
        </g>
      )}
      {levels.open !== levels.crankcase && (
        <g stroke="var(--act)" strokeWidth={1.5} fill="none">
          <path d={`M${CRANKCASE + BORE / 2 + 4} ${y(isU ? levels.crankcase : 0)}H${SCALE + 84}`} />
          <path d={`M${OPEN + BORE / 2 + 4} ${y(levels.open)}H${SCALE + 84}`} />
          <path d={`M${SCALE + 80} ${y(isU ? levels.crankcase : 0)}V${y(levels.open)}`} strokeWidth={3} />
        </g>
      )}
      <text
        x={SCALE + 88}
        y={(y(levels.open) + y(levels.crankcase)) / 2 + 5}
        className="fill-[var(--act)] text-[15px] font-semibold"
      >
        {short(levels.open - levels.crankcase)}
      </text>
      {handle('crankcase', CRANKCASE - 40, 62, 'Level on the crankcase side')}
      {handle('open', OPEN - 22, 44, isU ? 'Level on the open side' : 'Level on the scale')}
      {isU && way === 'both' && handle('index', SCALE - 2, 60, 'Index')}
    </svg>
  );
}

function short(mm: number): string {
  return mm === 0 ? '' : `${Number(mm.toFixed(1))}`.replace('-', '−');
}

function tubePath(left: number, right: number, bore: number): string {
  const half = bore / 2;
  const outer = (right - left) / 2 + half;
  const inner = (right - left) / 2 - half;
  return (
    `M${left - half} ${TOP}V${BOTTOM - outer + 30}A${outer} ${outer} 0 0 0 ${right + half} ${BOTTOM - outer + 30}V${TOP}` +
    `H${right - half}V${BOTTOM - outer + 30}A${inner} ${inner} 0 0 1 ${left + half} ${BOTTOM - outer + 30}V${TOP}Z`
  );
}

/** What the levels say as one leg, both legs and the full height, so that half a reading is seen to be half. */
export function TubeWords({ hand }: { hand: BlowbyHand }) {
  const units = useUnits();
  const { height, pascals, way, up, down, tube } = hand;
  if (!height || pascals === undefined || tube !== 'U') {
    return null;
  }
  const off = Math.abs(up - down) / 2;
  return (
    <p className="text-soft">
      {way === 'both'
        ? `${mm(up)} up and ${mm(down)} down are ${mm(height)} together. One leg alone would say ${units.withUnit('crankcase', pascals / 2)}: half.`
        : way === 'one'
          ? `One leg moved ${mm(height / 2)}, the other as far the other way: ${mm(height)} together.`
          : `${mm(height)} between the levels, read in one.`}
      {way === 'both' && off >= 2 && ` The index stands ${mm(off)} off rest; the sum does not mind.`}
    </p>
  );
}

function mm(value: number): string {
  return `${Number(value.toFixed(1))} mm`.replace('-', '−');
}
