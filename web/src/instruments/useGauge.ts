import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, type Schemas } from '../api/client';
import { useChange } from '../job/useSheet';
import { type InstrumentKind, useKnown, useLive } from './useLive';

type Kept = Schemas['NewTrace'];

/** The shop's instrument of a kind, off until somebody wants it to type. */
export function useGauge(kind: InstrumentKind, jobId: number) {
  const [on, setOn] = useState(false);
  const [chosen, setChosen] = useState<number>();
  const known = useKnown()?.filter((k) => k.instrument.kind === kind) ?? [];
  const id = chosen ?? known[0]?.id;
  const { all, lost } = useLive(on && known.length > 0);
  const gauge = all?.find((i) => i.id === id);
  const begin = useMutation({
    mutationFn: (cylinder: number) =>
      answer(
        api.POST('/api/shop/instruments/{id}/begin', {
          params: { path: { id: id! } },
          body: { cylinder },
        }),
      ),
  });
  // A reading stands without its trace: where keeping it fails, nothing of the reading is lost.
  const keep = useChange(jobId, (body: Kept) =>
    answer(
      api.POST('/api/jobs/{id}/traces/{instrument}', {
        params: { path: { id: jobId, instrument: id! } },
        body,
      }),
    ),
  );
  return {
    known,
    on,
    setOn,
    choose: setChosen,
    id,
    gauge,
    line: gauge?.line,
    lost,
    begin: begin.mutate,
    beginFailed: begin.error?.message,
    keep: keep.mutate,
    keepFailed: keep.error?.message,
  };
}

export type Gauge = ReturnType<typeof useGauge>;
