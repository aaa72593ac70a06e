import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { answer, api, type Sheet } from '../api/client';
import { followJob } from './followJob';

/** The sheet of a job, kept up with what other windows do to it. */
export function useSheet(id: number) {
  const client = useQueryClient();
  const sheet = useQuery({
    queryKey: ['sheet', id],
    queryFn: () => answer(api.GET('/api/jobs/{id}/sheet', { params: { path: { id } } })),
    staleTime: Infinity,
  });
  useEffect(
    () =>
      followJob(id, (revision) => {
        // An answer of this window's own may be on its way, and may be of this revision or of an older one.
        if (client.isMutating() > 0) {
          return false;
        }
        const known = client.getQueryData<Sheet>(['sheet', id])?.job.revision;
        // Backwards too: after a restore the job is younger than what this window shows.
        if (known !== undefined && revision !== known) {
          void client.invalidateQueries({ queryKey: ['sheet', id] });
        }
        return true;
      }),
    [client, id],
  );
  return sheet;
}

/** What the sheet would say had the shop learnt nothing; asked for only where somebody wants to see it. */
export function useSheetAsStarted(sheet: Sheet, wanted: boolean): Sheet | undefined {
  const { id, revision } = sheet.job;
  const { data } = useQuery({
    queryKey: ['sheet', id, 'as started', revision],
    queryFn: () =>
      answer(api.GET('/api/jobs/{id}/sheet', { params: { path: { id }, query: { learnt: false } } })),
    enabled: wanted,
    staleTime: Infinity,
    placeholderData: (before) => (before?.job.id === id ? before : undefined),
  });
  return wanted ? data : undefined;
}

/** The sheet as last answered by the server, for code that runs between renders. */
export function useLatestSheet(id: number): () => Sheet | undefined {
  const client = useQueryClient();
  return () => client.getQueryData<Sheet>(['sheet', id]);
}

/** A change of the job: sent one after the other, each answered with the whole new sheet. */
export function useChange<V>(id: number, send: (variables: V) => Promise<Sheet>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: send,
    scope: { id: `job-${id}` },
    onSuccess: (next) => {
      client.setQueryData<Sheet>(['sheet', id], (old) =>
        old && old.job.revision > next.job.revision ? old : next,
      );
      void client.invalidateQueries({ queryKey: ['jobs'] });
    },
  });
}
