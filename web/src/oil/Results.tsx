import type { Schemas, Sheet } from '../api/client';
import { withinRange } from '../units/figure';
import { useUnits } from '../units/UnitsContext';
import { capital } from '../words/labels';
import { describeEntry } from './inWords';
import type { Entry, OilHand, StoredEntry } from './useOil';

/** How the log lies, each with its lines and the cheapest check. */
export function Faults({ sheet, hand }: { sheet: Sheet; hand: OilHand }) {
  const units = useUnits();
  const { analysis, entries } = sheet.oil;
  return analysis.faults.length === 0 ? null : (
    <ul className="space-y-2" aria-label="What does not hold together">
      {analysis.faults.map((f) => (
        <li key={f.kind + f.entries.join()} className="border-l-4 border-leak pl-3">
          <p className="font-medium">
            {capital(f.kindWords)}. <span className="font-normal">{f.says}</span>
          </p>
          <p className="text-act">{f.check}</p>
          <div className="flex flex-wrap gap-2 pt-1">
            {f.kind === 'UNLOGGED_TOP_UP' && missing(f, entries) && (
              <button className="button button-main" onClick={() => hand.write(missing(f, entries)!)}>
                Write it down: about {units.withUnit('volume', missing(f, entries)!.litres!)}
              </button>
            )}
            {f.entries.map((n) => {
              const e = entries[n];
              return (
                e && (
                  <button
                    key={n}
                    className="button text-left"
                    onClick={() => hand.setAside(e.id, `${f.kindWords}`)}
                    onPointerEnter={() => hand.setChosen(n)}
                  >
                    Set aside: {describeEntry(units, e.entry)}
                  </button>
                )
              );
            })}
          </div>
        </li>
      ))}
    </ul>
  );
}

/** The top-up that nobody wrote down, on the day before the dip that shows it; undefined where that has no day. */
function missing(f: Schemas['OilFault'], entries: StoredEntry[]): Entry | undefined {
  const dip = entries[f.entries.at(-1) ?? -1]?.entry;
  if (!dip?.date || f.litres == null) {
    return undefined;
  }
  const before = new Date(Date.parse(dip.date) - 86_400_000).toISOString().slice(0, 10);
  return { kind: 'TOP_UP', date: before, litres: Math.round(f.litres * 10) / 10, certainty: 'ABOUT' };
}

/** What is proved, and what would prove the rest. */
export function Proofs({ sheet }: { sheet: Sheet }) {
  const { proofs } = sheet.oil.analysis;
  return (
    <section>
      <h3 className="heading mb-1">Proved?</h3>
      {proofs.length === 0 && <p className="text-soft">A rate needs two dips apart.</p>}
      {proofs.map((p) => (
        <p key={p.asked} className="text-[1.0625rem]">
          {p.asked}:{' '}
          <span className="font-medium">
            {p.proved === true ? 'yes' : p.proved === false ? 'no' : p.says}
          </span>
        </p>
      ))}
    </section>
  );
}

/** The same rate by everything else that it can be counted by. */
export function AlsoAs({ sheet }: { sheet: Sheet }) {
  const units = useUnits();
  const { axes, percentOfFuel, gramsPerKwh } = sheet.oil.analysis;
  const km = axes.find((a) => a.litresPer1000Km)?.litresPer1000Km;
  const hours = axes.find((a) => a.mlPerHour)?.mlPerHour;
  const also = [
    km &&
      `${units.format('oilRate', km.low)} to ${units.format('oilRate', km.high)} ${units.symbol('oilRate')}`,
    hours && `${withinRange(hours)} mL/h`,
    percentOfFuel && `${withinRange(percentOfFuel)} % of the fuel`,
    gramsPerKwh && `${withinRange(gramsPerKwh)} g/kWh`,
  ].filter(Boolean);
  return also.length < 2 ? null : <p>The same as {also.join(', ')}.</p>;
}

/** What was done to the engine, and what that changed. */
export function Changes({ sheet }: { sheet: Sheet }) {
  const { changes } = sheet.oil.analysis;
  return changes.length === 0 ? null : (
    <section>
      <h3 className="heading mb-1">Before and after</h3>
      {changes.map((c) => (
        <p key={`${c.date} ${c.what}`}>
          <span className="font-medium">
            {capital(c.what)}
            {c.date && `, ${c.date}`}:
          </span>{' '}
          <span className={c.differs ? '' : 'text-soft'}>{c.says}</span>
        </p>
      ))}
    </section>
  );
}

export function Notes({ sheet }: { sheet: Sheet }) {
  const { notes } = sheet.oil.analysis;
  return notes.length === 0 ? null : (
    <section className="max-w-[80ch] text-soft">
      {notes.map((n) => (
        <p key={n}>{n}</p>
      ))}
    </section>
  );
}
