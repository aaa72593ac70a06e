import type { Schemas } from '../api/client';
import { useSize } from '../section/useSize';
import { rem } from '../section/scale';
import { toDisplay } from '../units/units';
import { useUnits } from '../units/UnitsContext';
import { label } from '../words/labels';
import type { Life, Measure } from './EnginePage';
import { type Axis, placeOf, placeOfChange } from './along';
import { shown } from './measures';
import { scaleOf, ticks } from './scaleOf';

type Measured = Schemas['Measured'];

interface Props {
  life: Life;
  measure: Measure;
  along: Axis;
}

const HEIGHT = 270;
const LEFT = 58;
const RIGHT = 34;
const TOP = 22;
const BOTTOM = 40;
/** Room for the name of what was done. */
const NAME = 76;
/** Between the numbers at the ends of the lines. */
const APART = 14;
const DASHES = ['', '7 3', '2 3', '9 3 2 3'];

/** One measure over time, a line a cylinder with its uncertainty; what was done stands as an upright line with its letter. */
export function Course({ life, measure, along }: Props) {
  const units = useUnits();
  const [place, { width: room }] = useSize();
  const width = Math.max(360, room);
  const points = life.visits.flatMap((v) => {
    const at = placeOf(v, along);
    return at === undefined
      ? []
      : v.measured.filter((m) => m.measure === measure).map((m) => ({ ...m, at, job: v.job, date: v.date }));
  });
  const inUnit = (m: number) => shown(units.choice, measure, m).value;
  const { unit, digits } = shown(units.choice, measure, 0);
  // Distances are drawn in the reader's unit, and everything else as it is.
  const onAxis = (at: number) => (along === 'distance' ? toDisplay(units.choice, 'distance', at) : at);
  const x = scaleOf(
    points.map((p) => onAxis(p.at)),
    LEFT,
    width - RIGHT,
  );
  const y = scaleOf(
    points.flatMap((p) => [inUnit(p.low), inUnit(p.high)]),
    HEIGHT - BOTTOM,
    TOP,
  );
  const cylinders = [...new Set(points.map((p) => p.cylinder))];
  const done = life.changes.flatMap((c, i) => {
    const place = placeOfChange(c, life.visits, along);
    const at = place === undefined ? undefined : onAxis(place);
    const said = c.kind !== 'RUNNING_IN' && c.kind !== 'WORK';
    return at === undefined || at < x.from || at > x.to || !said ? [] : [{ ...c, at, i }];
  });
  // Names that would stand in each other go one line down.
  const steps = done.map((c, n) => done.slice(0, n).filter((o) => Math.abs(x(o.at) - x(c.at)) < NAME).length);
  const names = apart(
    cylinders.map((c) => {
      const last = points.filter((p) => p.cylinder === c).reduce((a, b) => (b.at > a.at ? b : a));
      return [c, y(inUnit(last.value))] as const;
    }),
  );
  return (
    <figure ref={place} data-course={measure}>
      <svg
        style={{ width: rem(width), height: rem(HEIGHT) }}
        viewBox={`0 0 ${width} ${HEIGHT}`}
        role="img"
        aria-label={`${label('Measure', measure)} over ${along === 'date' ? 'time' : along}: ${points
          .map(
            (p) =>
              `${p.date}${p.cylinder ? ` cylinder ${p.cylinder}` : ''} ${inUnit(p.value).toFixed(digits)}`,
          )
          .join(', ')}`}
        className="block"
      >
        {ticks(y.from, y.to, 5).map((t) => (
          <g key={t}>
            <line x1={LEFT} x2={width - RIGHT} y1={y(t)} y2={y(t)} stroke="var(--hair)" />
            <text x={LEFT - 7} y={y(t) + 5} textAnchor="end" fontSize="14" fill="var(--soft)">
              {t}
            </text>
          </g>
        ))}
        {ticks(x.from, x.to, 6).map((t) => (
          <text
            key={t}
            x={x(t)}
            y={HEIGHT - BOTTOM + 18}
            textAnchor="middle"
            fontSize="14"
            fill="var(--soft)"
          >
            {along === 'date' ? new Date(t * 86_400_000).toISOString().slice(0, 7) : t}
          </text>
        ))}
        <text x={LEFT} y={14} fontSize="14" fill="var(--soft)">
          {unit}
        </text>
        <text x={width - RIGHT} y={HEIGHT - 4} textAnchor="end" fontSize="14" fill="var(--soft)">
          {along === 'hours' ? 'hours' : along === 'distance' ? units.symbol('distance') : ''}
        </text>
        {done.map((c, n) => (
          <g key={c.i}>
            <title>{`${c.date}: ${c.what}`}</title>
            <line
              x1={x(c.at)}
              x2={x(c.at)}
              y1={TOP}
              y2={HEIGHT - BOTTOM}
              stroke="var(--act)"
              strokeDasharray="4 3"
            />
            <text
              x={x(c.at) + 4}
              y={TOP + 10 + 14 * steps[n]!}
              fontSize="13"
              fontWeight="600"
              fill="var(--act)"
            >
              {label('ChangeKind', c.kind).replace(/^(an?|what was done when it was) /, '')}
            </text>
          </g>
        ))}
        {cylinders.map((c, i) => (
          <Line
            key={c ?? 0}
            points={points.filter((p) => p.cylinder === c).sort((a, b) => a.at - b.at)}
            name={c === undefined ? '' : String(c)}
            dash={DASHES[i % DASHES.length]!}
            x={(at) => x(onAxis(at))}
            y={(v) => y(inUnit(v))}
            bars={cylinders.length <= 8}
            nudge={(i % 4) * 2 - 3}
            nameAt={names.get(c)!}
          />
        ))}
      </svg>
      <figcaption className="text-soft">
        {measure.startsWith('OIL') && 'Since the visit before, from the dips between them. '}
        Bars hold the value 19 times in 20. An arrow upwards is a needle at the end of its scale: at least so
        much.
      </figcaption>
    </figure>
  );
}

/** Heights at which the names of lines can be read: none stands in another, and none below the drawing. */
function apart(ends: (readonly [number | undefined, number])[]): Map<number | undefined, number> {
  const placed = new Map<number | undefined, number>();
  let least = -Infinity;
  for (const [c, at] of [...ends].sort((a, b) => a[1] - b[1])) {
    least = Math.max(at, least + APART);
    placed.set(c, least);
  }
  let most = HEIGHT - BOTTOM;
  for (const [c, at] of [...placed].reverse()) {
    placed.set(c, Math.min(at, most));
    most = Math.min(at, most) - APART;
  }
  return placed;
}

interface LineProps {
  points: (Measured & { at: number })[];
  name: string;
  dash: string;
  x: (v: number) => number;
  y: (v: number) => number;
  bars: boolean;
  nudge: number;
  nameAt: number;
}

function Line({ points, name, dash, x, y, bars, nudge, nameAt }: LineProps) {
  const last = points[points.length - 1]!;
  return (
    <g stroke="var(--ink)" fill="none" data-line={name}>
      <path
        d={points.map((p, i) => `${i ? 'L' : 'M'}${x(p.at).toFixed(1)} ${y(p.value).toFixed(1)}`).join('')}
        strokeWidth="1.6"
        strokeDasharray={dash}
      />
      {bars && (
        <path
          d={points
            .map((p) => `M${(x(p.at) + nudge).toFixed(1)} ${y(p.low).toFixed(1)}V${y(p.high).toFixed(1)}`)
            .join('')}
          stroke="var(--metal)"
        />
      )}
      {/* A dot is a line of no length with round ends: hundreds of them are one element. */}
      <path
        d={points
          .filter((p) => !p.floor)
          .map((p) => `M${x(p.at).toFixed(1)} ${y(p.value).toFixed(1)}h0`)
          .join('')}
        strokeWidth="5.6"
        strokeLinecap="round"
        data-dots
      />
      {points
        .filter((p) => p.floor)
        .map((p) => (
          <path key={p.at} d={`M${x(p.at)} ${y(p.value) - 9}l5 7h-10z`} fill="var(--leak)" stroke="none" />
        ))}
      <text x={x(last.at) + 8} y={nameAt + 5} fontSize="14" fontWeight="700" fill="var(--ink)" stroke="none">
        {name}
      </text>
    </g>
  );
}
