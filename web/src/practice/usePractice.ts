import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, type Schemas, type Sheet } from '../api/client';

export type PracticeState = Schemas['PracticeState'];
export type Deed = Schemas['Deed'];
export type Shown = Schemas['Shown'];
export type StationName = Sheet['stations'][number];

/** Whether this is the practice room; nobody's real work is in it. */
export function usePractising(): boolean {
  const { data } = useQuery({
    queryKey: ['practice'],
    queryFn: () => answer(api.GET('/api/practice')),
    staleTime: Infinity,
  });
  return data?.practising ?? false;
}

const NOTHING: Omit<Deed, 'kind'> = {
  cylinder: 0,
  throttleOpen: false,
  stroke: false,
  zeroed: false,
  oilMl: 0,
};

/** A case under way: how its engine stands, what was done to it, and what that showed. */
export function usePractice(jobId: number) {
  const practising = usePractising();
  const client = useQueryClient();
  const queryKey = ['practice', jobId];
  const { data: state } = useQuery({
    queryKey,
    queryFn: () => answer(api.GET('/api/jobs/{id}/practice', { params: { path: { id: jobId } } })),
    enabled: practising,
    retry: false,
  });
  const does = useMutation({
    mutationFn: (deed: Partial<Deed> & { kind: Deed['kind'] }) =>
      answer(
        api.POST('/api/jobs/{id}/practice/deeds', {
          params: { path: { id: jobId } },
          body: { number: state?.shown.length ?? 0, deed: { ...NOTHING, ...deed } },
        }),
      ),
    onSuccess: (next) => client.setQueryData(queryKey, next),
  });
  return {
    state: practising ? state : undefined,
    does: does.mutateAsync,
    pending: does.isPending,
    error: does.error?.message,
    /** Where something was done in another window, what stands there now. */
    refresh: () => client.invalidateQueries({ queryKey }),
  };
}

export type Practising = ReturnType<typeof usePractice>;
