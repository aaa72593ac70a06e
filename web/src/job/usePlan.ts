import { useQuery } from '@tanstack/react-query';
import { answer, api, type Schemas, type Sheet } from '../api/client';

export type Planned = Schemas['Planned'];

/**
 * The round from here, worked out behind the sheet: undefined until it is there for the sheet as it is, so that no step of
 * an older one is ever shown.
 */
export function usePlan(sheet: Sheet): Planned | undefined {
  const { id, revision } = sheet.job;
  const plan = useQuery({
    queryKey: ['plan', id, revision],
    queryFn: () => answer(api.GET('/api/jobs/{id}/plan', { params: { path: { id } } })),
    staleTime: Infinity,
    gcTime: 60_000,
    retry: 1,
  });
  return plan.data;
}
