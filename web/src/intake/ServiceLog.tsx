import { useState } from 'react';
import { answer, api, Refusal, type Schemas, type Sheet } from '../api/client';
import { useChange } from '../job/useSheet';
import { Choice } from '../ui/Choice';
import { QuantityField } from '../ui/QuantityField';
import { TextField } from '../ui/TextField';
import { YesNo } from '../ui/YesNo';
import { useUnits } from '../units/UnitsContext';
import { label, labels } from '../words/labels';

type Entry = Schemas['ServiceDocument'];

/** The engine's service log, so that "when was it changed last" is answered next time. */
export function ServiceLog({ sheet }: { sheet: Sheet }) {
  const id = sheet.job.id;
  const units = useUnits();
  const fresh: Entry = {
    date: sheet.job.job.date,
    kind: 'OIL_CHANGE',
    hours: sheet.job.job.hours,
    distanceKm: sheet.job.job.distanceKm,
  };
  const [entry, setEntry] = useState<Entry>();
  const add = useChange(id, (body: Entry) =>
    answer(api.POST('/api/jobs/{id}/service', { params: { path: { id } }, body })),
  );
  const at = (field: string) => (add.error instanceof Refusal ? add.error.at(field) : undefined);
  const set = (change: Partial<Entry>) => setEntry((old) => ({ ...(old ?? fresh), ...change }));
  return (
    <section className="mb-6" aria-label="Service log">
      <h2 className="mb-1 text-[1.375rem] font-semibold">Service log</h2>
      <p className="mb-2 text-[1.0625rem]">{sheet.lastOilChange}</p>
      {sheet.service.length > 0 && (
        <table className="mb-2 w-full text-left">
          <tbody>
            {sheet.service.toReversed().map((e, i) => (
              <tr key={i} className="border-b border-hair align-top">
                <td className="w-28 py-1 font-mono">{e.date}</td>
                <td className="w-28 py-1">{label('ServiceKind', e.kind)}</td>
                <td className="w-44 py-1">
                  {[
                    e.hours != null && `${e.hours} h`,
                    e.distanceKm != null && units.withUnit('distance', e.distanceKm),
                    e.litres != null && units.withUnit('volume', e.litres),
                  ]
                    .filter(Boolean)
                    .join(', ')}
                </td>
                <td className="py-1 text-soft">
                  {[e.filterChanged === true && 'filter too', e.what].filter(Boolean).join(', ')}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {!entry ? (
        <button className="button" onClick={() => setEntry(fresh)}>
          Write down a service
        </button>
      ) : (
        <div className="flex flex-wrap items-end gap-x-5 gap-y-3 border border-metal p-3">
          <Choice
            label="What"
            value={entry.kind}
            options={labels('ServiceKind')}
            onChange={(kind) => set({ kind: kind ?? 'OTHER' })}
          />
          <TextField
            label="Date"
            hint="2026-11-25"
            value={entry.date}
            error={at('date')}
            onCommit={(date) => set({ date })}
          />
          <div className="w-28">
            <QuantityField
              label="Hours"
              unit="h"
              value={entry.hours}
              error={at('hours')}
              onCommit={(hours) => set({ hours })}
            />
          </div>
          <div className="w-32">
            <QuantityField
              label="Distance"
              quantity="distance"
              value={entry.distanceKm}
              error={at('distanceKm')}
              onCommit={(distanceKm) => set({ distanceKm })}
            />
          </div>
          {(entry.kind === 'OIL_CHANGE' || entry.kind === 'TOP_UP') && (
            <div className="w-28">
              <QuantityField
                label="Oil filled in"
                quantity="volume"
                value={entry.litres}
                error={at('litres')}
                onCommit={(litres) => set({ litres })}
              />
            </div>
          )}
          {entry.kind === 'OIL_CHANGE' && (
            <YesNo
              label="Filter too"
              value={entry.filterChanged ?? undefined}
              onChange={(filterChanged) => set({ filterChanged })}
            />
          )}
          <div className="min-w-64 flex-1">
            <TextField
              label="Grade, part, who"
              value={entry.what}
              error={at('what')}
              onCommit={(what) => set({ what })}
            />
          </div>
          <button
            className="button button-main"
            onClick={() => add.mutate(entry, { onSuccess: () => setEntry(undefined) })}
          >
            Save it
          </button>
          <button className="button" onClick={() => setEntry(undefined)}>
            Back
          </button>
          {add.error && !(add.error instanceof Refusal && add.error.errors.length) && (
            <p className="refusal w-full">{add.error.message}</p>
          )}
        </div>
      )}
    </section>
  );
}
