import { useEffect, useRef, useState } from 'react';
import { GaugeStrip } from '../instruments/GaugeStrip';
import type { Gauge } from '../instruments/useGauge';
import { useUnits } from '../units/UnitsContext';
import { type BlowbyHand, heightOf } from './useBlowby';

const LEAST_PA = 250;

/**
 * A manometer that speaks moves what stands on this bench, be it figures or the levels of a slack tube, with the mean of its
 * pulses. Once a reading is kept it lets go, until somebody wants the next.
 */
export function LiveManometer({ hand, gauge }: { hand: BlowbyHand; gauge: Gauge }) {
  const units = useUnits();
  const { line, keep } = gauge;
  const seen = line?.doubt ? undefined : line?.breathing;
  const { sent, point, gauge: kind } = hand;
  const known = useRef(sent);
  const [released, setReleased] = useState(sent);
  const held = sent !== undefined && sent !== released && sent.reading.point === point;
  const { setText } = hand;
  const { setLevels } = hand;
  const { open } = hand.levels;
  const { fluid } = hand;
  const mean = seen?.meanPa;
  const pulse = seen ? seen.highPa - seen.lowPa : 0;
  useEffect(() => {
    if (sent !== known.current) {
      known.current = sent;
      if (mean !== undefined && sent) {
        keep({ station: 'BLOWBY', cylinder: 0, reads: units.withUnit('crankcase', mean) });
      }
    }
    if (mean === undefined || held) {
      return;
    }
    if (kind === 'DIGITAL') {
      setText(units.format('crankcase', mean));
    } else {
      const half = Math.round(heightOf(mean, fluid)) / 2;
      if (open !== half) {
        setLevels({ open: half, crankcase: -half, index: 0 });
      }
    }
  }, [sent, held, mean, kind, fluid, open, setText, setLevels, keep, units]);
  const says = held
    ? 'kept: choose the next point, or press Again'
    : !seen
      ? 'watching for two seconds'
      : `${seen.steady ? 'steady' : 'moving'}, pulses of ${units.withUnit('crankcase', pulse)}: Enter keeps the mean`;
  return (
    <>
      <GaugeStrip
        gauge={gauge}
        reads={line?.values.map((v) => units.withUnit('crankcase', v)).join(' ') ?? ''}
        value={line?.values[0]}
        least={LEAST_PA}
        says={says}
        onPress={() => undefined}
      />
      {gauge.on && held && (
        <button className="button" onClick={() => setReleased(sent)}>
          Again
        </button>
      )}
    </>
  );
}
