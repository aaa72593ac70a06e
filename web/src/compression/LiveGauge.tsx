import { useCallback } from 'react';
import { GaugeStrip } from '../instruments/GaugeStrip';
import type { Gauge } from '../instruments/useGauge';
import { useTyping } from '../instruments/useTyping';
import { readingCell } from '../ui/useTypedCell';
import { useUnits } from '../units/UnitsContext';
import type { Entry } from './useEntry';

/** A weak engine fills half of the curve. */
const LEAST_KPA = 1500;

/**
 * A gauge that speaks types what it reads into the cell, stroke by stroke while the engine is cranked; Enter takes it as if
 * somebody had typed it.
 */
export function LiveGauge({ entry, gauge, name }: { entry: Entry; gauge: Gauge; name: string }) {
  const units = useUnits();
  const { line } = gauge;
  const seen = line?.buildUp;
  const strokes = seen?.strokesKPa ?? [];
  const text = strokes.map((kPa) => units.format('pressure', kPa)).join(' ');
  const { keep } = gauge;
  const cylinder = entry.sent?.cylinder ?? entry.cylinder;
  const onTaken = useCallback(
    (reads: string) => keep({ station: 'COMPRESSION', cylinder, reads }),
    [keep, cylinder],
  );
  const stands = useTyping({
    offer: seen && text && !line.doubt ? { number: seen.number, text } : undefined,
    cell: entry,
    sent: entry.sent,
    onTaken,
  });
  const count = `${strokes.length} ${strokes.length === 1 ? 'stroke' : 'strokes'}`;
  const doing =
    strokes.length === 0
      ? 'crank the engine'
      : !stands
        ? 'taken: let it off, and crank the next'
        : seen?.settled
          ? `settled, ${count}: Enter takes it`
          : `cranking, ${count}`;
  return (
    <GaugeStrip
      gauge={gauge}
      reads={line?.values.map((v) => units.withUnit('pressure', v)).join(' ') ?? ''}
      value={line?.values[0]}
      least={LEAST_KPA}
      says={seen?.valveLeaks ? `${doing}; its check valve leaks` : doing}
      begin={{ words: `Crank ${name}`, cylinder: entry.cylinder }}
      onPress={() => readingCell()?.focus()}
    />
  );
}
