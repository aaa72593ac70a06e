import { between, chance, type Suspect } from './odds';

/**
 * One suspect as a bar: solid up to the lower end of its range, hatched to the upper. Length and pattern say it; the figure
 * stands beside it.
 */
export function OddsStrip({ suspect }: { suspect: Suspect }) {
  const { text, probability, low, high, testedFor, withoutWeakness } = suspect;
  return (
    <li className="py-1" data-suspect={text}>
      <span className="flex items-baseline justify-between gap-2">
        <span className={testedFor ? '' : 'text-soft'}>{text}</span>
        <span className="font-mono text-[1rem] whitespace-nowrap">
          {testedFor ? between({ low, high }) : <span className="font-sans text-soft">not tested for</span>}
        </span>
      </span>
      <OddsBar low={low} high={high} />
      {withoutWeakness != null && Math.abs(withoutWeakness - probability) >= 0.005 && (
        <span className="block text-soft">
          {chance(withoutWeakness)} without what the family is known for
        </span>
      )}
    </li>
  );
}

function OddsBar({ low, high }: { low: number; high: number }) {
  const percent = (p: number) => `${Math.max(0, Math.min(1, p)) * 100}%`;
  return (
    <span className="relative mt-0.5 block h-[0.5rem] border-b border-hair" aria-hidden>
      <span className="absolute inset-y-0 left-0 bg-ink" style={{ width: percent(low) }} />
      <span
        className="absolute inset-y-0"
        style={{
          left: percent(low),
          width: percent(high - low),
          backgroundImage: 'repeating-linear-gradient(90deg, var(--ink) 0 1.5px, transparent 1.5px 4px)',
        }}
      />
    </span>
  );
}
