import { useCallback, useEffect, useRef } from 'react';
import { GaugeStrip } from '../instruments/GaugeStrip';
import type { Gauge } from '../instruments/useGauge';
import { useTyping } from '../instruments/useTyping';
import { readingCell } from '../ui/useTypedCell';
import { useUnits } from '../units/UnitsContext';
import type { LeakdownHand } from './useLeakdown';

const LEAST_KPA = 700;

/**
 * A tester that speaks types both of its gauges once the cylinder has settled, and says how it still drifts before that;
 * Enter takes them as if somebody had typed them.
 */
export function LiveTester({ hand, gauge, name }: { hand: LeakdownHand; gauge: Gauge; name: string }) {
  const units = useUnits();
  const { line, keep } = gauge;
  const seen = line?.settling;
  const settled = seen?.phase === 'SETTLED' && !line?.doubt;
  const text = settled ? units.format('pressure', seen.cylinderKPa) : '';
  const supply = settled ? units.format('pressure', seen.supplyKPa) : '';
  const cylinder = hand.sent?.cylinder ?? hand.cylinder;
  const onTaken = useCallback(
    (reads: string) => keep({ station: 'LEAKDOWN', cylinder, reads }),
    [keep, cylinder],
  );
  const offer = settled && hand.twoGauges ? { number: seen.number, text } : undefined;
  const stands = useTyping({ offer, cell: hand, sent: hand.sent, onTaken });
  const { setSupply } = hand;
  const set = useRef('');
  useEffect(() => {
    if (stands && supply !== set.current) {
      set.current = supply;
      setSupply(supply);
    }
  }, [stands, supply, setSupply]);
  const drift = seen ? `${units.withUnit('pressure', Math.abs(seen.driftKPaPerMinute))} a minute` : '';
  const says = !hand.twoGauges
    ? 'say under “Tester” which one it is, with two gauges: then it types'
    : !seen || seen.phase === 'SHUT'
      ? 'open the air slowly'
      : seen.phase === 'FILLING'
        ? `${seen.driftKPaPerMinute < 0 ? 'falling' : 'rising'}, ${drift}: wait`
        : stands
          ? `settled, within ${drift}: Enter takes it`
          : 'taken: shut the air, and go on to the next';
  return (
    <GaugeStrip
      gauge={gauge}
      reads={line?.values.map((v) => units.format('pressure', v)).join(' / ') ?? ''}
      value={line?.values[1]}
      least={LEAST_KPA}
      says={says}
      begin={{ words: `Open the air on ${name}`, cylinder: hand.cylinder }}
      onPress={() => readingCell()?.focus()}
    />
  );
}
