import { useMutation } from '@tanstack/react-query';
import { answer, api } from '../api/client';
import { usePractising } from './usePractice';

/** What was found in this engine becomes a case to practise on, without a name. */
export function MakeCase({ jobId }: { jobId: number }) {
  const practising = usePractising();
  const make = useMutation({
    mutationFn: () => answer(api.POST('/api/jobs/{id}/practice', { params: { path: { id: jobId } } })),
    onSuccess: ({ address }) => window.location.assign(address),
  });
  if (practising) {
    return null;
  }
  return (
    <div className="mt-4 flex flex-wrap items-center gap-3">
      <button className="button" disabled={make.isPending} onClick={() => make.mutate()}>
        Make a practice case of it
      </button>
      <span className="text-soft">
        {make.error ? (
          <span className="refusal">{make.error.message}</span>
        ) : (
          'Its size and what was found in it; no name and no reading goes along.'
        )}
      </span>
    </div>
  );
}
