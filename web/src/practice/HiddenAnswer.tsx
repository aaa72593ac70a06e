import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { StationName } from './usePractice';
import { usePractice } from './usePractice';

/** Stations that say what the tool makes of it all. */
const ANSWERS = new Set<StationName>(['LEDGER', 'PLAN', 'VERDICT']);

export const isAnswer = (station: StationName) => ANSWERS.has(station);

/** In practice the tool keeps its answer to itself until a verdict was given, or somebody asks for it. */
export function useAnswerHidden(jobId: number) {
  const { state } = usePractice(jobId);
  const client = useQueryClient();
  const queryKey = ['helped', jobId];
  const { data: helped } = useQuery({
    queryKey,
    queryFn: () => localStorage.getItem(`helped-${jobId}`) === 'yes',
    staleTime: Infinity,
  });
  return {
    hidden: state !== undefined && !state.stated && !helped,
    show: () => {
      localStorage.setItem(`helped-${jobId}`, 'yes');
      client.setQueryData(queryKey, true);
    },
  };
}

export function HiddenAnswer({ show }: { show: () => void }) {
  return (
    <div className="space-y-3 p-4" data-answer-hidden>
      <p className="text-[1.25rem] leading-tight font-semibold">What is wrong is yours to say.</p>
      <p className="max-w-[45ch] text-soft">
        In practice the answer stays hidden until you have given yours. Findings and doubts of the measuring
        are shown as always.
      </p>
      <button className="button" onClick={show}>
        Show it all the same
      </button>
    </div>
  );
}
