import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import type { Schemas, Sheet } from '../api/client';
import { rem } from '../section/scale';
import { useSize } from '../section/useSize';
import { useUnits } from '../units/UnitsContext';
import { describeEntry, onAxis } from './inWords';
import type { Axis, OilHand } from './useOil';

const HEIGHT = 208;
const LEFT = 92;
const RIGHT = 118;
const TOP = 26;
const BOTTOM = 40;

/** The stick in time: level, steps, fitted line with its band, low mark, now, and where it leads; the stick itself at the left. */
export function LevelChart({ sheet, axis, hand }: { sheet: Sheet; axis?: Axis; hand: OilHand }) {
  const units = useUnits();
  const [box, size] = useSize();
  const svg = useRef<SVGSVGElement>(null);
  const { analysis, entries } = sheet.oil;
  const low = analysis.low ?? undefined;
  // A stick whose span nobody knows in millimetres is set in spans: only its marks are there to be seen.
  const inSpans = low === undefined || analysis.unit === 'SPANS';
  const level =
    hand.level === undefined || hand.inSpans === inSpans
      ? hand.level
      : hand.inSpans
        ? -hand.level * low!
        : undefined;
  const width = Math.max(420, size.width);
  const spots = axis?.spots ?? [];
  const lines = axis?.lines ?? [];
  const now = axis?.now;
  const dips = spots.filter((s) => s.level != null);
  const levels = [
    0,
    low ?? -1,
    level ?? 0,
    ...dips.map((d) => d.level!),
    ...lines.flatMap((l) => [l.from.level, l.to.level]),
  ];
  const most = Math.max(...levels);
  const least = Math.min(...levels);
  const room = (most - least || 1) * 0.12;
  const y = (level: number) =>
    TOP + ((most + room - level) / (most - least + 2 * room || 1)) * (HEIGHT - TOP - BOTTOM);
  const levelUnder = (py: number) =>
    most + room - ((py - TOP) / (HEIGHT - TOP - BOTTOM)) * (most - least + 2 * room);

  const ats = [...spots.map((s) => s.at), ...(now ? [now.at] : [])];
  const from = ats.length ? Math.min(...ats) : 0;
  const latest = ats.length ? Math.max(...ats) : 1;
  // As far as the low mark, unless that is so far off that the log itself would shrink to nothing.
  const reach = latest - from || 1;
  const lowBest = axis?.lowAt?.best;
  const to = Math.min(axis?.lowAt?.high ?? latest, latest + 0.8 * reach) + reach * 0.04;
  const x = (at: number) => LEFT + ((at - from) / (to - from)) * (width - LEFT - RIGHT);

  const next = analysis.due.find((d) => d.kind === 'NEXT_DIP');
  const nextDip = axis?.meter === 'HOURS' ? next?.hours : axis?.meter === 'DISTANCE' ? next?.km : undefined;
  const heights = heightsOf(spots, lines);
  const chosen = spots.findIndex((s) => s.entry === hand.chosen);
  const choose = (i: number) => spots[i] && hand.setChosen(spots[i].entry);
  const nearest = (e: PointerEvent<SVGElement>) => {
    const r = svg.current?.getBoundingClientRect();
    if (r) {
      const px = ((e.clientX - r.left) / r.width) * width;
      const py = ((e.clientY - r.top) / r.height) * HEIGHT;
      const far = spots.map((s, i) => Math.hypot(x(s.at) - px, y(heights[i]!) - py));
      choose(far.indexOf(Math.min(...far)));
    }
  };
  const marks = (kind: Schemas['Spot']['kind'], read: boolean, size: number) =>
    spots
      .map((s, i) => (s.kind === kind && s.read === read ? mark(kind, x(s.at), y(heights[i]!), size) : ''))
      .join('');
  const onStick = (e: PointerEvent<SVGElement>) => {
    const r = svg.current?.getBoundingClientRect();
    if (r && (e.type === 'pointerdown' || e.buttons > 0)) {
      e.preventDefault();
      hand.pick('DIP');
      hand.setLevel(levelUnder(((e.clientY - r.top) / r.height) * HEIGHT), inSpans);
    }
  };
  const stickKeys = (e: KeyboardEvent) => {
    const by = { ArrowUp: 0.5, ArrowDown: -0.5, PageUp: 5, PageDown: -5 }[e.key];
    if (by) {
      e.preventDefault();
      hand.setLevel((level ?? 0) + by * (inSpans ? 0.05 : 1), inSpans);
    }
  };
  const parts = sheet.engine.engine.dipstickParts ?? 1;
  const band = (l: Schemas['Line']) =>
    `M${x(l.from.at)} ${y(l.from.level + l.from.band)}L${x(l.to.at)} ${y(l.to.level + l.to.band)}` +
    `L${x(l.to.at)} ${y(l.to.level - l.to.band)}L${x(l.from.at)} ${y(l.from.level - l.from.band)}Z`;
  return (
    <div ref={box} className="min-w-0">
      <svg
        ref={svg}
        viewBox={`0 0 ${width} ${HEIGHT}`}
        style={{ width: '100%', height: rem(HEIGHT) }}
        className="block select-none"
        role="group"
        aria-label="The dipstick in time"
      >
        <g aria-hidden>
          <path d={`M${LEFT} ${y(0)}H${width - 8}`} stroke="var(--ink)" strokeWidth={1.5} />
          {low !== undefined && (
            <path d={`M${LEFT} ${y(low)}H${width - 8}`} stroke="var(--leak)" strokeWidth={1.5} />
          )}
          <path d={lines.map(band).join('')} fill="var(--oil)" opacity={0.16} />
          <path
            d={lines
              .map((l) => `M${x(l.from.at)} ${y(l.from.level)}L${x(l.to.at)} ${y(l.to.level)}`)
              .join('')}
            stroke="var(--oil)"
            strokeWidth={2.5}
          />
          <path
            d={lines
              .slice(1)
              .map((l, i) => `M${x(lines[i]!.to.at)} ${y(lines[i]!.to.level)}V${y(l.from.level)}`)
              .join('')}
            stroke="var(--ink)"
            strokeDasharray="2 3"
          />
          {now && low !== undefined && lowBest !== undefined && axis?.lowAt && (
            <g>
              <path
                d={`M${x(now.at)} ${y(now.level + now.band)}L${x(Math.min(to, axis.lowAt.high))} ${y(low)}L${x(Math.min(to, axis.lowAt.low))} ${y(low)}L${x(now.at)} ${y(now.level - now.band)}Z`}
                fill="var(--oil)"
                opacity={0.12}
              />
              <path
                d={`M${x(now.at)} ${y(now.level)}L${x(lowBest)} ${y(low)}`}
                stroke="var(--oil)"
                strokeWidth={2.5}
                strokeDasharray="7 5"
              />
            </g>
          )}
          {nextDip !== undefined && nextDip <= to && (
            <g>
              <path
                d={`M${x(nextDip)} ${TOP}V${HEIGHT - 20}`}
                stroke="var(--act)"
                strokeWidth={1.5}
                strokeDasharray="3 3"
              />
              <text
                x={Math.max(x(nextDip), x(latest) + 44)}
                y={HEIGHT - 7}
                className="fill-[var(--act)] text-[14px] font-semibold"
              >
                next dip
              </text>
            </g>
          )}
          {now && (
            <g>
              <path
                d={`M${x(now.at)} ${TOP - 8}V${HEIGHT - BOTTOM + 6}`}
                stroke="var(--act)"
                strokeWidth={2}
              />
              <text x={x(now.at) + 5} y={TOP - 10} className="fill-[var(--act)] text-[14px] font-semibold">
                last, {onAxis(units, axis!.meter, now.at)}
              </text>
            </g>
          )}
          {low !== undefined && axis?.lowAt && (
            <text
              x={width - 8}
              y={HEIGHT - BOTTOM + 16}
              textAnchor="end"
              className="fill-[var(--leak)] text-[14px] font-semibold"
            >
              low mark, {onAxis(units, axis.meter, axis.lowAt.low)} to{' '}
              {onAxis(units, axis.meter, axis.lowAt.high)}
            </text>
          )}
          {(spots.length ? ticks(from, latest) : []).map((at) => (
            <text
              key={at}
              x={x(at)}
              y={HEIGHT - 8}
              textAnchor="middle"
              className="fill-[var(--soft)] font-mono text-[13px]"
            >
              {onAxis(units, axis?.meter ?? 'HOURS', at, true)}
            </text>
          ))}
        </g>
        <g
          tabIndex={spots.length ? 0 : undefined}
          role={spots.length ? 'slider' : undefined}
          aria-label={spots.length ? 'Lines of the log' : undefined}
          aria-valuemin={1}
          aria-valuemax={spots.length}
          aria-valuenow={chosen < 0 ? 1 : chosen + 1}
          aria-valuetext={
            chosen < 0 ? 'none chosen' : describeEntry(units, entries[spots[chosen]!.entry]!.entry)
          }
          data-spots
          // The ring about the chosen line is what is in focus.
          className="outline-none"
          onFocus={() => chosen < 0 && choose(spots.length - 1)}
          onPointerMove={nearest}
          onPointerDown={nearest}
          onKeyDown={(e) => {
            const to = { ArrowRight: chosen + 1, ArrowLeft: chosen - 1, Home: 0, End: spots.length - 1 }[
              e.key
            ];
            if (to !== undefined) {
              e.preventDefault();
              e.stopPropagation();
              choose(Math.max(0, Math.min(spots.length - 1, to)));
            }
          }}
        >
          <rect x={LEFT} y={0} width={width - LEFT} height={HEIGHT} fill="transparent" />
          {/* One path a kind: a log of years has thousands of lines. */}
          {[true, false].map((read) => (
            <g key={String(read)} strokeWidth={2} strokeDasharray={read ? undefined : '2 2'}>
              <path d={marks('DIP', read, 4.5)} fill="var(--paper)" stroke="var(--ink)" />
              <path
                d={marks('TOP_UP', read, 5) + marks('FILL', read, 5)}
                fill="var(--oil)"
                stroke="var(--oil)"
              />
              <path d={marks('DRAIN', read, 5)} fill="var(--paper)" stroke="var(--oil)" />
            </g>
          ))}
          {chosen >= 0 && (
            <path
              d={mark(spots[chosen]!.kind, x(spots[chosen]!.at), y(heights[chosen]!), 8)}
              fill="none"
              stroke="var(--act)"
              strokeWidth={3}
            />
          )}
        </g>
        <g
          role="slider"
          tabIndex={0}
          aria-label="Dipstick: tap where the oil stands"
          aria-orientation="vertical"
          aria-valuenow={level ?? 0}
          aria-valuetext={level === undefined ? 'not read' : `${level} from full`}
          data-stick
          onPointerDown={onStick}
          onPointerMove={onStick}
          onKeyDown={stickKeys}
          className="cursor-ns-resize touch-none"
        >
          <rect x={0} y={0} width={LEFT - 8} height={HEIGHT} fill="transparent" />
          <path
            d={`M58 ${TOP - 22}h14V${y(low ?? -1) + 22}l-7 8l-7 -8Z`}
            fill="var(--well)"
            stroke="var(--ink)"
            strokeWidth={1.5}
          />
          {Array.from({ length: parts + 1 }, (_, i) => {
            const at = ((low ?? -1) * i) / parts;
            const end = i === 0 || i === parts;
            return (
              <path
                key={i}
                d={`M${end ? 52 : 58} ${y(at)}h${end ? 26 : 14}`}
                stroke="var(--ink)"
                strokeWidth={end ? 2.5 : 1}
              />
            );
          })}
          <text x={46} y={y(0) + 5} textAnchor="end" className="text-[14px] font-semibold">
            full
          </text>
          {low !== undefined && (
            <text
              x={46}
              y={y(low) + 5}
              textAnchor="end"
              className="fill-[var(--leak)] text-[14px] font-semibold"
            >
              low
            </text>
          )}
          {level !== undefined && (
            <path
              d={`M58 ${y(level)}H72V${y(low ?? -1) + 22}l-7 8l-7 -8Z`}
              fill="var(--oil)"
              opacity={0.65}
            />
          )}
        </g>
      </svg>
    </div>
  );
}

/** Each line of the log in its height: a dip where it was read, what was poured on the fitted line after it. */
function heightsOf(spots: Schemas['Spot'][], lines: Schemas['Line'][]): number[] {
  let l = 0;
  return spots.map((s) => {
    while (l + 1 < lines.length && lines[l + 1]!.from.at <= s.at) {
      l++;
    }
    return s.level ?? levelAt(lines[l], s.at);
  });
}

function levelAt(l: Schemas['Line'] | undefined, at: number): number {
  if (!l) {
    return 0;
  }
  const run = l.to.at - l.from.at;
  const share = run === 0 ? 1 : Math.max(0, Math.min(1, (at - l.from.at) / run));
  return l.from.level + (l.to.level - l.from.level) * share;
}

/** A ring for a dip, up for what goes in, down for what comes out. */
function mark(kind: Schemas['Spot']['kind'], x: number, y: number, r: number): string {
  const [px, py] = [x.toFixed(1), y.toFixed(1)];
  return kind === 'DIP'
    ? `M${px} ${py}m${-r} 0a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`
    : kind === 'DRAIN'
      ? `M${px} ${py}m${-r} ${-r}h${2 * r}l${-r} ${2 * r}Z`
      : `M${px} ${py}m${-r} ${r}h${2 * r}l${-r} ${-2 * r}Z`;
}

function ticks(from: number, to: number): number[] {
  const n = 4;
  return to > from ? Array.from({ length: n }, (_, i) => from + ((to - from) * i) / (n - 1)) : [from];
}
