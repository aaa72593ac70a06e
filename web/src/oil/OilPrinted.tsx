import type { Sheet } from '../api/client';
import { useUnits } from '../units/UnitsContext';
import { capital } from '../words/labels';
import { describeEntry } from './inWords';

/** Oil use on the report: the sentence for the owner, what is proved, trials, and the log it rests on. */
export function OilPrinted({ sheet }: { sheet: Sheet }) {
  const units = useUnits();
  const { analysis, entries } = sheet.oil;
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
      {analysis.trials.map((t) => (
        <p key={t.from}>
          Trial from {t.from}: {t.says}
        </p>
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
