import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { answer, api, type EngineDocument, type JobDocument, Refusal } from '../api/client';
import { ArrangementFields } from '../engine/ArrangementFields';
import { JobFields } from '../job/JobFields';
import { TextField } from '../ui/TextField';

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

/** The least that starts a job: which engine, and why it is here. */
export function NewJobPage() {
  const navigate = useNavigate();
  const [engineId, setEngineId] = useState<number>();
  const [engine, setEngine] = useState<EngineDocument>(EMPTY);
  const [job, setJob] = useState<JobDocument>({ date: today() });
  const known = useQuery({ queryKey: ['engines'], queryFn: () => answer(api.GET('/api/engines')) });
  const start = useMutation({
    mutationFn: () =>
      answer(api.POST('/api/jobs', { body: engineId !== undefined ? { engineId, job } : { engine, job } })),
    onSuccess: (sheet) => navigate(`/jobs/${sheet.job.id}`),
  });
  const at = (field: string) => (start.error instanceof Refusal ? start.error.at(field) : undefined);
  return (
    <div className="h-full p-2">
      <main className="h-full overflow-y-auto border-2 border-ink px-8 py-5">
        <h1 className="text-[26px] font-semibold">New job</h1>
        <h2 className="heading mt-4 mb-2">Why is it here?</h2>
        <JobFields job={job} errorAt={at} onChange={(change) => setJob((old) => ({ ...old, ...change }))} />
        <h2 className="heading mt-6 mb-2">Which engine?</h2>
        {(known.data?.length ?? 0) > 0 && (
          <select
            className="field mb-4 max-w-[520px] text-[17px]"
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
          <div className="space-y-4">
            <div className="max-w-[520px]">
              <TextField
                label="Name, as this shop calls it"
                value={engine.name}
                error={at('name')}
                onCommit={(name) => setEngine((old) => ({ ...old, name }))}
              />
            </div>
            <ArrangementFields
              engine={engine}
              errorAt={at}
              onChange={(change) => setEngine((old) => ({ ...old, ...change }))}
            />
            <p className="text-soft">
              Bore, stroke, ratio and limits can follow at the intake station, or never.
            </p>
          </div>
        )}
        {start.error && !(start.error instanceof Refusal && start.error.errors.length) && (
          <p role="alert" className="refusal mt-4">
            {start.error.message}
          </p>
        )}
        {start.error instanceof Refusal && start.error.errors.length > 0 && (
          <p role="alert" className="refusal mt-4">
            Not started yet: {start.error.message}.
          </p>
        )}
        <div className="mt-6 flex gap-3">
          <button className="button button-main" disabled={start.isPending} onClick={() => start.mutate()}>
            Start the job
          </button>
          <Link className="button" to="/">
            Back to the list
          </Link>
        </div>
      </main>
    </div>
  );
}
