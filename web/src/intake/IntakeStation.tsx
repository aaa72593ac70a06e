import { answer, api, type EngineDocument, type JobDocument, Refusal, type Sheet } from '../api/client';
import { EngineFields } from '../engine/EngineFields';
import { useChange, useLatestSheet } from '../job/useSheet';
import { JobFields } from '../job/JobFields';
import { ServiceLog } from './ServiceLog';
import { ToldFields } from './ToldFields';

/** Why the engine is here, and what is known of it. Each field is saved as it is left. */
export function IntakeStation({ sheet }: { sheet: Sheet }) {
  const id = sheet.job.id;
  const path = { path: { id } };
  // Put together when it is sent: a field left while the one before is still being saved must not be called outdated.
  const latest = useLatestSheet(id);
  const saveJob = useChange(id, (change: Partial<JobDocument>) => {
    const { job, documentRevision } = (latest() ?? sheet).job;
    return answer(
      api.PUT('/api/jobs/{id}', {
        params: path,
        body: { revision: documentRevision, job: { ...job, ...change } },
      }),
    );
  });
  const saveEngine = useChange(id, (change: Partial<EngineDocument>) => {
    const { engine, revision } = (latest() ?? sheet).engine;
    return answer(
      api.PUT('/api/jobs/{id}/engine', {
        params: path,
        body: { revision, engine: { ...engine, ...change } },
      }),
    );
  });
  const at = (error: Error | null) => (field: string) =>
    error instanceof Refusal ? error.at(field) : undefined;
  return (
    <div className="min-w-0 flex-1 overflow-y-auto px-7 py-5">
      <h2 className="mb-3 text-[1.375rem] font-semibold">Job</h2>
      <General error={saveJob.error} />
      <JobFields job={sheet.job.job} errorAt={at(saveJob.error)} onChange={saveJob.mutate} />
      <div className="mt-5">
        <ToldFields sheet={sheet} />
      </div>
      <ServiceLog sheet={sheet} />
      <h2 className="mt-7 mb-1 text-[1.375rem] font-semibold">Engine</h2>
      <p className="mb-3 max-w-[75ch] text-soft">
        Name and cylinders are enough to start. Everything else makes a result surer; what is missing is said
        with it.
      </p>
      <General error={saveEngine.error} />
      <EngineFields
        engine={sheet.engine.engine}
        errorAt={at(saveEngine.error)}
        onChange={saveEngine.mutate}
      />
    </div>
  );
}

/** A refusal that belongs to no single field. */
function General({ error }: { error: Error | null }) {
  if (!error || (error instanceof Refusal && error.errors.length > 0)) {
    return null;
  }
  return (
    <p role="alert" className="refusal mb-3">
      {error.message}
    </p>
  );
}
