import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { answer, api } from '../api/client';
import { readingCell } from '../ui/useTypedCell';
import { useUnits } from '../units/UnitsContext';
import type { Entry } from './useEntry';

const EVERY_MS = 250;

/**
 * A gauge that speaks types what it reads into the cell, stroke by stroke while the engine is cranked; Enter takes it as if
 * somebody had typed it. What was taken, or cleared away, is not typed again: let the gauge off and crank the next.
 */
export function LiveGauge({ entry }: { entry: Entry }) {
  const units = useUnits();
  const [on, setOn] = useState(false);
  const { data: known } = useQuery({
    queryKey: ['instruments', 'known'],
    queryFn: () => answer(api.GET('/api/shop/instruments/known')),
  });
  const { data } = useQuery({
    queryKey: ['instruments'],
    queryFn: () => answer(api.GET('/api/shop/instruments')),
    refetchInterval: EVERY_MS,
    enabled: on,
  });
  const gauge = data?.find((i) => i.instrument.kind === 'COMPRESSION');
  const seen = on ? gauge?.line.buildUp : undefined;
  const typed = useRef('');
  const taken = useRef(0);
  const strokes = seen?.strokesKPa.map((kPa) => units.format('pressure', kPa)).join(' ') ?? '';
  const { text, setText } = entry;
  const number = seen?.number ?? 0;
  const count = `${seen?.strokesKPa.length ?? 0} ${seen?.strokesKPa.length === 1 ? 'stroke' : 'strokes'}`;
  useEffect(() => {
    if (typed.current !== '' && text === '') {
      taken.current = number;
      typed.current = '';
    }
    const free = text === '' || text === typed.current;
    if (strokes !== '' && number !== taken.current && free && text !== strokes) {
      typed.current = strokes;
      setText(strokes);
    }
  }, [strokes, number, text, setText]);
  if (!known?.some((k) => k.instrument.kind === 'COMPRESSION')) {
    return null;
  }
  return (
    <>
      <button
        className="button"
        aria-pressed={on}
        onClick={() => {
          setOn(!on);
          // Enter belongs to the cell again.
          readingCell()?.focus();
        }}
      >
        Gauge
      </button>
      {on && gauge && (
        <span className="leading-tight" role="status" data-gauge={gauge.line.condition}>
          {gauge.line.said ?? (
            <>
              <span className="font-mono">
                {gauge.line.values.map((v) => units.withUnit('pressure', v)).join(' ')}
              </span>
              <span className="block text-soft">
                {number === 0 || !seen?.strokesKPa.length
                  ? 'crank the engine'
                  : text !== strokes
                    ? 'taken: let it off, and crank the next'
                    : seen.settled
                      ? `settled, ${count}: Enter takes it`
                      : `cranking, ${count}`}
                {seen?.valveLeaks && '; its check valve leaks'}
              </span>
            </>
          )}
        </span>
      )}
    </>
  );
}
