import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { answer, api, type Schemas, type Sheet } from '../api/client';

export type Planned = Schemas['Planned'];

/** So long nothing must have changed before a plan is asked for: it costs more than a sheet and is never in its way. */
const QUIET_MS = 600;
const COOLS_MS = 60_000;

/**
 * The round from here, worked out behind the sheet: undefined until it is there for the sheet as it is, so that no step of
 * an older one is ever shown.
 */
export function usePlan(sheet: Sheet): Planned | undefined {
  const { id, revision } = sheet.job;
  const quiet = useQuiet(revision);
  const plan = useQuery({
    queryKey: ['plan', id, revision],
    queryFn: () => answer(api.GET('/api/jobs/{id}/plan', { params: { path: { id } } })),
    enabled: quiet === revision,
    staleTime: Infinity,
    // An engine that cools is planned anew, though nobody has changed anything.
    refetchInterval: sheet.examination.round.hotAt ? COOLS_MS : false,
    gcTime: 60_000,
    retry: 1,
  });
  return plan.data;
}

/** A value once it has stayed the same for a while; the first one at once. */
function useQuiet(value: number): number {
  const [quiet, setQuiet] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setQuiet(value), QUIET_MS);
    return () => clearTimeout(timer);
  }, [value]);
  return quiet;
}
