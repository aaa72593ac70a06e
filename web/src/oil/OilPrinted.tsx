import type { Schemas, Sheet } from '../api/client';
import { useUnits } from '../units/UnitsContext';
import { capital } from '../words/labels';
import { describeEntry, protocol } from './inWords';

/** Oil use on the report: the sentence for the owner, what is proved, trials, and the log it rests on. */
export function OilPrinted({ sheet }: { sheet: Sheet }) {
  const units = useUnits();
  const { analysis, entries, trials } = sheet.oil;
  const counting = trials.filter((t) => !t.setAside);
  if (entries.length === 0) {
    return null;
  }
  return (
    <section className="mt-4">
      <h3 className="heading mb-1 break-after-avoid">Oil use, measured</h3>
      {analysis.says && <p className="text-[1.0625rem] font-medium">{analysis.says}</p>}
      {analysis.faults.map((f) => (
        <p key={f.kind + f.entries.join()}>
          {capital(f.kindWords)}: {f.says} {f.check}
        </p>
      ))}
      {analysis.proofs.map((p) => (
        <p key={p.asked}>
          {p.asked}: {p.proved === true ? 'yes' : p.proved === false ? 'no' : p.says}.
        </p>
      ))}
      {analysis.changes.map((c) => (
        <p key={`${c.date} ${c.what}`}>
          {capital(c.what)}
          {c.date && `, ${c.date}`}: {c.says}
        </p>
      ))}
      {counting.map((t, i) => (
        <TrialReport key={t.id} sheet={sheet} stored={t} result={analysis.trials[i]} />
      ))}
      {analysis.due.map((d) => (
        <p key={d.kind + d.says} className="font-medium">
          {capital(d.kindWords)}
          {d.date && `, about ${d.date}`}: {d.says}
        </p>
      ))}
      <ol className="mt-2 columns-2 gap-8 text-[0.875rem] text-soft">
        {entries.map((e) => (
          <li key={e.id} className={e.setAside ? 'line-through' : ''}>
            {describeEntry(units, e.entry)}
          </li>
        ))}
      </ol>
    </section>
  );
}

/** A trial by itself: how it was run, what it found, and the dips it rests on. */
function TrialReport({
  sheet,
  stored,
  result,
}: {
  sheet: Sheet;
  stored: Schemas['StoredTrial'];
  result?: Schemas['TrialResult'];
}) {
  const units = useUnits();
  const t = stored.trial;
  const within = sheet.oil.entries.filter(
    ({ entry, setAside }) => !setAside && entry.date && entry.date >= t.from && (!t.to || entry.date <= t.to),
  );
  return (
    <section className="my-2 break-inside-avoid border-l-4 border-oil pl-3">
      <p className="font-medium">
        Trial from {t.from} {t.to ? `to ${t.to}` : '(running)'}: {t.load}
      </p>
      <p className="text-soft">{protocol(units, t)}</p>
      {result && <p>{result.says}</p>}
      {result?.gramsPerKwh && (
        <p>
          {Math.max(0, result.gramsPerKwh.low).toFixed(2)} to {result.gramsPerKwh.high.toFixed(2)} g/kWh at
          that load.
        </p>
      )}
      <p className="text-[0.875rem] text-soft">
        {within.map((e) => describeEntry(units, e.entry)).join('. ')}
      </p>
    </section>
  );
}
