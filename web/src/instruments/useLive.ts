import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { answer, api, type Schemas } from '../api/client';
import { listenTo } from '../api/events';

export type Instrument = Schemas['InstrumentView'];
export type Line = Instrument['line'];
export type InstrumentKind = Instrument['instrument']['kind'];

/** The instruments in this shop's list, without calling any. */
export function useKnown() {
  return useQuery({
    queryKey: ['instruments', 'known'],
    queryFn: () => answer(api.GET('/api/shop/instruments/known')),
  }).data;
}

/**
 * What all instruments say, as it comes (server-sent events), while somebody looks; where nothing comes, that is said.
 *
 * @param on whether anybody wants to know: instruments are only called then
 */
export function useLive(on: boolean): { all?: Instrument[]; lost: boolean } {
  const [all, setAll] = useState<Instrument[]>();
  const [lost, setLost] = useState(false);
  useEffect(() => {
    if (!on) {
      return;
    }
    let newest = '';
    let frame: number | undefined;
    // A slow screen draws the newest and never falls behind.
    const draw = () => {
      frame = undefined;
      setLost(false);
      setAll(JSON.parse(newest) as Instrument[]);
    };
    const end = listenTo(
      '/api/shop/instruments/live',
      (data) => {
        newest = data;
        frame ??= requestAnimationFrame(draw);
      },
      () => setLost(true),
    );
    return () => {
      end();
      if (frame !== undefined) {
        cancelAnimationFrame(frame);
      }
      setAll(undefined);
    };
  }, [on]);
  return { all: on ? all : undefined, lost };
}
