import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { answer, api, type Sheet } from '../api/client';
import type { Letterhead } from '../shop/useLetterhead';
import { useUnits } from '../units/UnitsContext';

/** The pages of the report as the job now is; those before them stay until the new ones are there. */
export function useReport(sheet: Sheet, letterhead: Letterhead | undefined) {
  const { id, revision } = sheet.job;
  const { choice } = useUnits();
  return useQuery({
    // Everything that is printed: what is under way for another letterhead is never taken for this one.
    queryKey: ['report', id, revision, choice, letterhead],
    queryFn: () => answer(api.GET('/api/jobs/{id}/report', { params: { path: { id } } })),
    enabled: letterhead !== undefined,
    placeholderData: keepPreviousData,
  });
}
