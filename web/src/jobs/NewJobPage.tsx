import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { answer, api, type EngineDocument, type JobDocument, Refusal } from '../api/client';
import { LayoutTiles } from '../engine/LayoutTiles';
import { Choice } from '../ui/Choice';
import { TextField } from '../ui/TextField';
import { label, labels } from '../words/labels';

const EMPTY: EngineDocument = {
  name: '',
  layout: 'INLINE',
  banks: [{ side: 'ONLY', cylinders: [1, 2, 3, 4] }],
};

function today(): string {
  const now = new Date();
  return [now.getFullYear(), now.getMonth() + 1, now.getDate()]
    .map((n) => String(n).padStart(2, '0'))
    .join('-');
}

/** What an engine is called until somebody gives it a name: "V8, diesel". */
function unnamed({ layout, banks, fuel }: EngineDocument): string {
  const count = banks.reduce((n, b) => n + b.cylinders.length, 0);
  const named = { INLINE: `${count} in line`, V: `V${count}`, FLAT: `Flat ${count}` };
  return [named[layout], fuel && label('Fuel', fuel)].filter(Boolean).join(', ');
}

/** The few things that decide everything: which engine, what it burns, why it is here. Enter starts. */
export function NewJobPage() {
  const navigate = useNavigate();
  const [engineId, setEngineId] = useState<number>();
  const [engine, setEngine] = useState<EngineDocument>(EMPTY);
  const [job, setJob] = useState<JobDocument>({ date: today() });
  const known = useQuery({ queryKey: ['engines'], queryFn: () => answer(api.GET('/api/engines')) });
  const start = useMutation({
    mutationFn: () =>
      answer(
        api.POST('/api/jobs', {
          body:
            engineId !== undefined
              ? { engineId, job }
              : { engine: { ...engine, name: engine.name.trim() || unnamed(engine) }, job },
        }),
      ),
    onSuccess: (sheet) => navigate(`/jobs/${sheet.job.id}`),
  });
  const at = (field: string) => (start.error instanceof Refusal ? start.error.at(field) : undefined);
  const change = (part: Partial<EngineDocument>) => setEngine((old) => ({ ...old, ...part }));
  return (
    <div className="h-full p-2">
      <main className="h-full overflow-y-auto border-2 border-ink px-8 py-5 narrow:px-5">
        <form
          className="flex min-h-full max-w-[60rem] flex-col"
          onSubmit={(e) => {
            e.preventDefault();
            if (!start.isPending) {
              start.mutate();
            }
          }}
        >
          <h1 className="text-[1.625rem] font-semibold">New job</h1>
          <div className="mt-3 grid grid-cols-2 gap-x-6 gap-y-3">
            <TextField
              label="Why is it here?"
              hint="in the owner's words"
              autoFocus
              value={job.complaint}
              error={at('complaint')}
              onCommit={(complaint) => setJob((old) => ({ ...old, complaint }))}
            />
            <TextField
              label="Technician"
              value={job.technician}
              error={at('technician')}
              onCommit={(technician) => setJob((old) => ({ ...old, technician }))}
            />
          </div>
          <h2 className="mt-5 mb-2 border-b border-hair pb-1 text-[1.125rem] font-semibold">Which engine?</h2>
          {(known.data?.length ?? 0) > 0 && (
            <select
              className="field mb-3 max-w-[32.5rem] text-[1.0625rem]"
              aria-label="Engine"
              value={engineId ?? ''}
              onChange={(e) => setEngineId(e.target.value ? Number(e.target.value) : undefined)}
            >
              <option value="">a new engine</option>
              {known.data?.map((k) => (
                <option key={k.id} value={k.id}>
                  {k.engine.name}
                </option>
              ))}
            </select>
          )}
          {engineId === undefined && (
            <div className="space-y-3">
              <div className="max-w-[32.5rem]">
                <TextField
                  label="Name, as this shop calls it"
                  hint={unnamed(engine)}
                  value={engine.name}
                  error={at('name')}
                  onCommit={(name) => change({ name })}
                />
              </div>
              <LayoutTiles engine={engine} error={at('banks')} onChange={change} />
              <div className="flex flex-wrap gap-x-8 gap-y-3">
                <Choice
                  label="Works as"
                  value={engine.cycle}
                  options={labels('Cycle')}
                  onChange={(cycle) => change({ cycle })}
                />
                <Choice
                  label="Burns"
                  value={engine.fuel}
                  options={labels('Fuel')}
                  onChange={(fuel) => change({ fuel })}
                />
              </div>
              <p className="text-soft">
                Firing order, bore, stroke, ratio, numbering and limits can follow at Intake, or never. Each
                says there what it costs not to know it.
              </p>
            </div>
          )}
          {start.error && (
            <p role="alert" className="refusal mt-3">
              {start.error instanceof Refusal && start.error.errors.length > 0
                ? `Not started yet: ${start.error.message}.`
                : start.error.message}
            </p>
          )}
          <div className="sticky bottom-0 mt-auto flex gap-3 bg-paper pt-3">
            <button
              type="submit"
              className="button button-main min-w-44 text-[1.125rem]"
              disabled={start.isPending}
            >
              Start the job
            </button>
            <Link className="button" to="/">
              Back to the list
            </Link>
          </div>
        </form>
      </main>
    </div>
  );
}
