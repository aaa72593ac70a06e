import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { answer, api, type Sheet } from '../api/client';

/** How often a window looks whether another one has changed the job. */
const LOOK_EVERY_MS = 3000;

export function useSheet(id: number) {
  const client = useQueryClient();
  const path = { path: { id } };
  const sheet = useQuery({
    queryKey: ['sheet', id],
    queryFn: () => answer(api.GET('/api/jobs/{id}/sheet', { params: path })),
    staleTime: Infinity,
  });
  const revision = useQuery({
    queryKey: ['revision', id],
    queryFn: () => answer(api.GET('/api/jobs/{id}/revision', { params: path })),
    refetchInterval: LOOK_EVERY_MS,
  });
  const known = sheet.data?.job.revision ?? 0;
  const latest = revision.data?.revision ?? 0;
  // Backwards too: after a restore the job is younger than what this window shows.
  const lookedLater = revision.dataUpdatedAt > sheet.dataUpdatedAt;
  useEffect(() => {
    if (latest !== known && lookedLater) {
      void client.invalidateQueries({ queryKey: ['sheet', id] });
    }
  }, [client, id, known, latest, lookedLater]);
  return sheet;
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
