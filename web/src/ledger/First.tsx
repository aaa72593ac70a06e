import type { Sheet } from '../api/client';

const WORTH_REPEATING = 0.25;

/** What has to be settled before anything is weighed: contradictions with their stories, and readings that may be wrong. */
export function First({ sheet }: { sheet: Sheet }) {
  const { contradictions, stops } = sheet.diagnosis;
  const measuring = sheet.diagnosis.measuring.filter((m) => m.probability >= WORTH_REPEATING);
  if (contradictions.length === 0 && measuring.length === 0 && stops.length === 0) {
    return null;
  }
  return (
    <div className="mt-2 space-y-2 border-y border-ink py-2" data-first>
      {stops.map((s) => (
        <p key={s} className="font-medium text-leak">
          {s}
        </p>
      ))}
      {contradictions.map((c) => (
        <section key={c.text}>
          <h3 className="heading">Does not fit</h3>
          <p>{c.text}</p>
          <ul className="ml-4 list-disc">
            {c.stories.map((s) => (
              <li key={s}>{s}</li>
            ))}
          </ul>
          <p className="font-medium text-act">{c.remedy}</p>
        </section>
      ))}
      {measuring.length > 0 && (
        <section>
          <h3 className="heading">Readings that may be wrong</h3>
          <ul>
            {measuring.map((m) => (
              <li key={m.text}>
                {m.text} <span className="font-medium text-act">{m.remedy}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}
