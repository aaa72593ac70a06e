import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { answer, api, type Schemas } from '../api/client';

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
 * What all instruments say, as it comes (server-sent events), while somebody looks. A browser that lost the network connects
 * again by itself; until then nothing is said to be live.
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
    let events: EventSource | undefined;
    let newest = '';
    let frame: number | undefined;
    const listen = () => {
      if (document.hidden) {
        events?.close();
        events = undefined;
        return;
      }
      if (events && events.readyState !== EventSource.CLOSED) {
        return;
      }
      events = new EventSource('/api/shop/instruments/live');
      events.onmessage = (e) => {
        // A slow screen draws the newest and never falls behind.
        newest = e.data as string;
        frame ??= requestAnimationFrame(() => {
          frame = undefined;
          setLost(false);
          setAll(JSON.parse(newest) as Instrument[]);
        });
      };
      events.onerror = () => setLost(true);
    };
    listen();
    document.addEventListener('visibilitychange', listen);
    return () => {
      document.removeEventListener('visibilitychange', listen);
      events?.close();
      if (frame !== undefined) {
        cancelAnimationFrame(frame);
      }
      setAll(undefined);
    };
  }, [on]);
  return { all: on ? all : undefined, lost };
}
