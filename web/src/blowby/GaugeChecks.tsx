import type { Sheet } from '../api/client';
import { label } from '../words/labels';
import type { BlowbyHand } from './useBlowby';

/** Two instruments that contradict each other on one point, and the tap that mends what explains it. */
export function GaugeChecks({ sheet, hand }: { sheet: Sheet; hand: BlowbyHand }) {
  const { analysis, readings } = sheet.blowby;
  const against = analysis.checks.filter((c) => !c.agree);
  return against.length === 0 ? null : (
    <div className="shrink-0 border-b border-ink bg-well px-4 py-2" role="alert">
      {against.map((c) => (
        <div key={c.point + c.ventilation} className="flex flex-wrap items-center gap-x-4 gap-y-1">
          <p className="min-w-[20rem] flex-1">
            <strong className="font-semibold">{label('BlowbyPoint', c.point)}:</strong> {c.says}
          </p>
          {c.slips.map((slip) => {
            const at = slip === 'ONE_LEG' || slip === 'BOTH_LEGS' ? c.tube : c.digital;
            return (
              <button key={slip} className="button" onClick={() => hand.mend(readings[at]!.id, slip)}>
                Mend: {label('GaugeSlip', slip)}
              </button>
            );
          })}
        </div>
      ))}
    </div>
  );
}
