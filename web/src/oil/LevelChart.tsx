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
  const width = Math.max(420, size.width);
  const spots = axis?.spots ?? [];
  const lines = axis?.lines ?? [];
  const now = axis?.now;
  const dips = spots.filter((s) => s.level != null);
  const levels = [
    0,
    low ?? -1,
    hand.level ?? 0,
    ...dips.map((d) => d.level!),
    ...lines.flatMap((l) => [l.from.level, l.to.level]),
  ];
  const most = Math.max(...levels);
  const least = Math.min(...levels);
  const room = (most - least || 1) * 0.12;
  const y = (level: number) =>
    TOP + ((most + room - level) / (most - least + 2 * room || 1)) * (HEIGHT - TOP - BOTTOM);
  const levelAt = (py: number) =>
    most + room - ((py - TOP) / (HEIGHT - TOP - BOTTOM)) * (most - least + 2 * room);

  const ats = [...spots.map((s) => s.at), ...(now ? [now.at] : [])];
  const from = ats.length ? Math.min(...ats) : 0;
  const latest = ats.length ? Math.max(...ats) : 1;
  // As far as the low mark, unless that is so far off that the log itself would shrink to nothing.
  const reach = latest - from || 1;
  const lowBest = axis?.lowAt?.best;
  const to = Math.min(axis?.lowAt?.high ?? latest, latest + 0.8 * reach) + reach * 0.04;
  const x = (at: number) => LEFT + ((at - from) / (to - from)) * (width - LEFT - RIGHT);

  const chosen = hand.chosen === undefined ? undefined : spots.findIndex((s) => s.entry === hand.chosen);
  const step = (by: number) => {
    const next = Math.max(0, Math.min(spots.length - 1, (chosen ?? (by > 0 ? -1 : spots.length)) + by));
    if (spots[next]) {
      hand.setChosen(spots[next].entry);
    }
  };
  const onStick = (e: PointerEvent<SVGElement>) => {
    const r = svg.current?.getBoundingClientRect();
    if (r && (e.type === 'pointerdown' || e.buttons > 0)) {
      e.preventDefault();
      hand.pick('DIP');
      hand.setLevel(levelAt(((e.clientY - r.top) / r.height) * HEIGHT));
    }
  };
  const stickKeys = (e: KeyboardEvent) => {
    const by = { ArrowUp: 0.5, ArrowDown: -0.5, PageUp: 5, PageDown: -5 }[e.key];
    if (by) {
      e.preventDefault();
      hand.setLevel((hand.level ?? 0) + by * (hand.inSpans ? 0.05 : 1));
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
          {lines.map((l, i) => (
            <g key={i}>
              <path d={band(l)} fill="var(--oil)" opacity={0.16} />
              <path
                d={`M${x(l.from.at)} ${y(l.from.level)}L${x(l.to.at)} ${y(l.to.level)}`}
                stroke="var(--oil)"
                strokeWidth={2.5}
              />
              {lines[i + 1] && (
                <path
                  d={`M${x(l.to.at)} ${y(l.to.level)}V${y(lines[i + 1]!.from.level)}`}
                  stroke="var(--ink)"
                  strokeDasharray="2 3"
                />
              )}
            </g>
          ))}
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
              y={y(low) + 18}
              textAnchor="end"
              className="fill-[var(--leak)] text-[14px] font-semibold"
            >
              low mark, {onAxis(units, axis.meter, axis.lowAt.low)} to{' '}
              {onAxis(units, axis.meter, axis.lowAt.high)}
            </text>
          )}
          {ticks(from, latest).map((at) => (
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
          role="listbox"
          aria-label="Lines of the log"
          aria-activedescendant={hand.chosen === undefined ? undefined : `oil-${hand.chosen}`}
          onKeyDown={(e) => {
            if (e.key === 'ArrowRight' || e.key === 'ArrowLeft') {
              e.preventDefault();
              e.stopPropagation();
              step(e.key === 'ArrowRight' ? 1 : -1);
            }
          }}
        >
          {spots.map((s) => {
            const at = s.level ?? levelOf(lines, s.at);
            const stored = entries[s.entry];
            const on = s.entry === hand.chosen;
            return (
              <g
                key={s.entry}
                id={`oil-${s.entry}`}
                role="option"
                aria-selected={on}
                aria-label={stored && describeEntry(units, stored.entry)}
                onPointerEnter={() => hand.setChosen(s.entry)}
                onPointerDown={() => hand.setChosen(s.entry)}
                className="cursor-pointer"
              >
                <circle cx={x(s.at)} cy={y(at)} r={22} fill="transparent" />
                {s.kind === 'DIP' ? (
                  <circle
                    cx={x(s.at)}
                    cy={y(at)}
                    r={on ? 7 : 4.5}
                    fill={stored?.setAside ? 'none' : 'var(--paper)'}
                    stroke="var(--ink)"
                    strokeWidth={2}
                    strokeDasharray={s.read ? undefined : '2 2'}
                  />
                ) : (
                  <path
                    d={pour(s.kind, x(s.at), y(at), on ? 8 : 5)}
                    fill={s.kind === 'DRAIN' ? 'var(--paper)' : 'var(--oil)'}
                    stroke="var(--oil)"
                    strokeWidth={1.5}
                    strokeDasharray={s.read ? undefined : '2 2'}
                  />
                )}
              </g>
            );
          })}
        </g>
        <g
          role="slider"
          tabIndex={0}
          aria-label="Dipstick: tap where the oil stands"
          aria-orientation="vertical"
          aria-valuenow={hand.level ?? 0}
          aria-valuetext={hand.level === undefined ? 'not read' : `${hand.level} from full`}
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
          {hand.level !== undefined && (
            <path
              d={`M58 ${y(hand.level)}H72V${y(low ?? -1) + 22}l-7 8l-7 -8Z`}
              fill="var(--oil)"
              opacity={0.65}
            />
          )}
        </g>
      </svg>
    </div>
  );
}

/** Where the fitted line stands at a place after what was poured there, for what has no level of its own. */
function levelOf(lines: Schemas['Line'][], at: number): number {
  const l = lines.findLast((k) => at >= k.from.at && at <= k.to.at) ?? lines.at(-1);
  if (!l) {
    return 0;
  }
  const run = l.to.at - l.from.at;
  return run === 0 ? l.to.level : l.from.level + ((l.to.level - l.from.level) * (at - l.from.at)) / run;
}

/** Up for what goes in, down for what comes out. */
function pour(kind: Schemas['Spot']['kind'], x: number, y: number, r: number): string {
  return kind === 'DRAIN'
    ? `M${x - r} ${y - r}h${2 * r}l${-r} ${2 * r}Z`
    : `M${x - r} ${y + r}h${2 * r}l${-r} ${-2 * r}Z`;
}

function ticks(from: number, to: number): number[] {
  const n = 4;
  return to > from ? Array.from({ length: n }, (_, i) => from + ((to - from) * i) / (n - 1)) : [from];
}
