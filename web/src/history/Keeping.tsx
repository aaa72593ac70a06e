import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { answer, api } from '../api/client';
import { Pick } from '../ui/Pick';
import type { Life } from './EnginePage';

/** An engine that was entered twice, and one that somebody wants deleted. */
export function Keeping({ life }: { life: Life }) {
  return (
    <section className="space-y-4 border-t border-ink pt-4">
      <Merge life={life} />
      <Delete life={life} />
    </section>
  );
}

function Merge({ life }: { life: Life }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const [into, setInto] = useState('');
  const [job] = life.jobs;
  const { data } = useQuery({ queryKey: ['engines'], queryFn: () => answer(api.GET('/api/engines')) });
  const banks = JSON.stringify(life.engine.engine.banks);
  const others = (data ?? []).filter(
    (e) => e.id !== life.engine.id && JSON.stringify(e.engine.banks) === banks,
  );
  const merge = useMutation({
    mutationFn: () =>
      answer(
        api.POST('/api/jobs/{id}/engine/merge', {
          params: { path: { id: job!.id } },
          body: { into: Number(into) },
        }),
      ),
    onSuccess: () => {
      void client.invalidateQueries();
      void navigate(`/engines/${into}`);
    },
  });
  return !job || others.length === 0 ? null : (
    <details>
      <summary className="flex min-h-[2.75rem] cursor-pointer items-center font-medium text-act underline underline-offset-4">
        This engine was entered twice
      </summary>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <Pick
          label="It is the same as"
          none="choose"
          value={into}
          options={others.map((e) => [String(e.id), e.engine.name])}
          onChange={setInto}
        />
        <button className="button" disabled={!into || merge.isPending} onClick={() => merge.mutate()}>
          Put its jobs there
        </button>
        <p className="w-full text-soft">
          Its jobs, its oil log and its service log go to the other one. Undo on the job of {job.date} brings
          them back.
        </p>
        {merge.error && <p className="refusal w-full">{merge.error.message}</p>}
      </div>
    </details>
  );
}

function Delete({ life }: { life: Life }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const [name, setName] = useState('');
  const jobs = life.jobs.length;
  const remove = useMutation({
    mutationFn: () =>
      answer(api.DELETE('/api/engines/{id}', { params: { path: { id: life.engine.id }, query: { name } } })),
    onSuccess: () => {
      client.clear();
      void navigate('/');
    },
  });
  return (
    <details>
      <summary className="flex min-h-[2.75rem] cursor-pointer items-center font-medium text-act underline underline-offset-4">
        Delete this engine for good
      </summary>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <label className="min-w-[18rem]">
          <span className="mb-1 block text-soft">Its name, as it stands above</span>
          <input className="field" value={name} onChange={(e) => setName(e.target.value)} />
        </label>
        <button
          className="button border-leak text-leak"
          disabled={name.trim() !== life.engine.engine.name || remove.isPending}
          onClick={() => remove.mutate()}
        >
          Delete it with {jobs === 1 ? 'its job' : `its ${jobs} jobs`}
        </button>
        <p className="w-full text-soft">
          Nothing brings it back. Take its case file away first; backups made before still hold it.
        </p>
        {remove.error && <p className="refusal w-full">{remove.error.message}</p>}
      </div>
    </details>
  );
}
