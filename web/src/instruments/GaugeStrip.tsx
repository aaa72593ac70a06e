import { capital } from '../words/labels';
import { LiveCurve } from './LiveCurve';
import type { Gauge } from './useGauge';

/** Lets the shop's instrument type here, where it has one. */
export function GaugeButton({ gauge, onPress }: { gauge: Gauge; onPress: () => void }) {
  if (gauge.known.length === 0) {
    return null;
  }
  return (
    <button
      className="button"
      title="The instrument types what it reads"
      aria-pressed={gauge.on}
      onClick={() => {
        gauge.setOn(!gauge.on);
        onPress();
      }}
    >
      Live
    </button>
  );
}

interface Props {
  gauge: Gauge;
  /** What it reads now, in the chosen units, and as a number for the curve. */
  reads: string;
  value: number | undefined;
  least: number;
  /** What to do now, in a few words. */
  says: string;
  /** What a stand-in is told to do, and on which cylinder; a real engine is cranked by hand. */
  begin?: { words: string; cylinder: number };
  onPress: () => void;
}

/** What the instrument shows, live: its value, its curve, and what to do. */
export function GaugeStrip({ gauge, reads, value, least, says, begin, onPress }: Props) {
  const { line } = gauge;
  if (!gauge.on) {
    return null;
  }
  const trouble = gauge.lost
    ? 'Silent Otter does not answer. What stands in the cell stays.'
    : (line?.said ?? gauge.beginFailed ?? line?.doubt ?? gauge.keepFailed);
  return (
    <div
      className="no-print flex w-full shrink-0 items-center gap-4 border-t border-hair px-3 py-1"
      data-gauge={line?.condition ?? 'CALLING'}
    >
      {gauge.known.length > 1 && (
        <select
          aria-label="Which gauge"
          className="field w-40"
          value={gauge.id}
          onChange={(e) => gauge.choose(Number(e.target.value))}
        >
          {gauge.known.map((k) => (
            <option key={k.id} value={k.id}>
              {k.instrument.name}
            </option>
          ))}
        </select>
      )}
      <span className="min-w-[8rem] font-mono text-[1.625rem] whitespace-nowrap" data-values>
        {reads || '–'}
      </span>
      <LiveCurve
        value={value}
        least={least}
        name={`${gauge.gauge?.instrument.name ?? 'The gauge'}, the last seconds`}
      />
      <span className="w-[17rem] leading-tight" role="status">
        {trouble ? <span className="font-medium text-leak">{trouble}</span> : capital(says)}
      </span>
      {line?.standIn && begin && (
        <button
          className="button"
          onClick={() => {
            gauge.begin(begin.cylinder);
            // Enter belongs to the cell again.
            onPress();
          }}
        >
          {begin.words}
        </button>
      )}
    </div>
  );
}
