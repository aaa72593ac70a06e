import { labelOf } from '../api/labelOf';
import type { Schemas, Sheet } from '../api/client';

type Trace = Schemas['Trace'];

/** What instruments sent for readings that were taken here, to be saved as files. */
export function Traces({ sheet, station }: { sheet: Sheet; station: Trace['station'] }) {
  const traces = sheet.traces.filter((t) => t.station === station);
  if (traces.length === 0) {
    return null;
  }
  return (
    <section className="mt-4" data-traces>
      <h3 className="heading mb-1">As the instrument sent them</h3>
      <ul className="flex flex-wrap gap-x-6">
        {traces.map((t) => (
          <li key={t.key}>
            <a
              className="inline-block min-h-[2.75rem] py-2 underline underline-offset-4 hover:text-act"
              href={`/api/traces/${t.key}.csv`}
              download
            >
              {t.cylinder > 0 && `${labelOf(sheet, t.cylinder)}: `}
              <span className="font-mono">{t.reads}</span>
            </a>
          </li>
        ))}
      </ul>
    </section>
  );
}
