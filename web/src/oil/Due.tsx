import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, Refusal, type Sheet } from '../api/client';
import { useChange } from '../job/useSheet';
import { TextField } from '../ui/TextField';
import { useUnits } from '../units/UnitsContext';
import { capital } from '../words/labels';

/** What falls due on this engine, each with a tap into the calendar; and a retest that is promised for a day. */
export function Due({ sheet }: { sheet: Sheet }) {
  const units = useUnits();
  const { data } = useQuery({
    queryKey: ['due', sheet.engine.id, sheet.job.revision],
    queryFn: () => answer(api.GET('/api/due')),
    placeholderData: (old) => old,
  });
  const due = (data ?? []).filter((d) => d.engineId === sheet.engine.id);
  return (
    <section>
      <h3 className="heading mb-1">Due</h3>
      {due.length === 0 && <p className="text-soft">Nothing yet.</p>}
      <ul>
        {due.map((d) => (
          <li key={d.name} className="border-b border-hair py-1">
            <p className={`text-[1.0625rem] font-medium ${d.urgent ? 'text-leak' : 'text-act'}`}>
              {capital(d.kindWords)}:{' '}
              {[
                d.hours != null && `${Math.floor(d.hours)} h`,
                d.distanceKm != null && units.withUnit('distance', d.distanceKm),
                d.date && `about ${d.date}`,
              ]
                .filter(Boolean)
                .join(', ')}
              {d.date && (
                <a
                  className="ml-3 inline-flex min-h-[2.75rem] items-center font-normal underline underline-offset-4"
                  href={`/api/due/${d.name}.ics`}
                  download
                >
                  into the calendar
                </a>
              )}
            </p>
            <p className="text-soft">{d.says}</p>
          </li>
        ))}
      </ul>
      <Retest sheet={sheet} />
    </section>
  );
}

function Retest({ sheet }: { sheet: Sheet }) {
  const id = sheet.job.id;
  const [date, setDate] = useState('');
  const [words, setWords] = useState('');
  const add = useChange(id, (body: { date: string; words: string }) =>
    answer(api.POST('/api/jobs/{id}/oil/reminders', { params: { path: { id } }, body })),
  );
  const error = add.error instanceof Refusal ? add.error : undefined;
  return (
    <details className="mt-2">
      <summary className="min-h-[2.75rem] cursor-pointer py-2 text-soft">Promise a retest for a day</summary>
      <div className="flex flex-wrap items-end gap-3">
        <div className="w-[9rem]">
          <TextField
            label="Day"
            hint="2026-12-01"
            value={date}
            error={error?.at('date')}
            onCommit={setDate}
          />
        </div>
        <div className="w-[14rem]">
          <TextField
            label="What"
            hint="leak-down again"
            value={words}
            error={error?.at('words')}
            onCommit={setWords}
          />
        </div>
        <button
          className="button"
          onClick={() =>
            add.mutate(
              { date, words },
              {
                onSuccess: () => {
                  setDate('');
                  setWords('');
                },
              },
            )
          }
        >
          Promise
        </button>
      </div>
    </details>
  );
}
