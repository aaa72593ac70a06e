import type { Schemas, Sheet } from '../api/client';
import { StationFrame } from '../examination/StationFrame';
import { Findings } from '../examination/Findings';
import { useExamine } from '../examination/useExamine';
import { BeforeSteps } from '../round/BeforeStep';
import { Choice } from '../ui/Choice';
import { QuantityField } from '../ui/QuantityField';
import { type Moment, MOMENTS } from './smokeInWords';
import { SoakTimer } from './SoakTimer';
import { capital, labels } from '../words/labels';

/** Smoke: when it smokes matters more than how much. */
export function SmokeStation({ sheet }: { sheet: Sheet }) {
  const { set, error, errorAt } = useExamine(sheet.job.id, 'signs');
  const smoke = sheet.examination.signs.smoke;
  const change = (moment: string, patch: Partial<Schemas['Smoke']>) => set({ smoke: { [moment]: patch } });
  return (
    <StationFrame
      sheet={sheet}
      title="Smoke"
      about="When it smokes matters more than how much. “None” is a finding too: it says that somebody watched. Exhaust led outside, nobody in the cloud."
      error={error}
    >
      <BeforeSteps sheet={sheet} only={['START_COLD', 'PULL_PLUGS']} />
      <SoakTimer sheet={sheet} />
      <div className="divide-y divide-hair border-y border-hair">
        {labels<Moment>('SmokeMoment').map(([moment, words]) => {
          const seen = smoke[moment];
          return (
            <div key={moment} className="flex flex-wrap items-end gap-x-6 gap-y-2 py-3">
              <div className="w-52">
                <p className="text-[1.0625rem] font-medium">{capital(words)}</p>
                <p className="text-soft">{MOMENTS[moment].hint}</p>
              </div>
              <Choice
                label="Colour"
                value={seen?.colour}
                options={labels('SmokeColour')}
                onChange={(colour) => change(moment, { colour })}
              />
              {seen?.colour && seen.colour !== 'NONE' && (
                <Choice
                  label="Lasts"
                  value={seen.lasting}
                  options={labels('SmokeLasting')}
                  onChange={(lasting) => change(moment, { lasting })}
                />
              )}
              {moment === 'START_AFTER_STANDING' && seen && (
                <div className="w-36">
                  <QuantityField
                    label="It had stood"
                    unit="h"
                    value={seen.standingHours}
                    error={errorAt(`smoke.${moment}.standingHours`)}
                    onCommit={(standingHours) => change(moment, { standingHours })}
                  />
                </div>
              )}
            </div>
          );
        })}
      </div>
      <h3 className="heading mt-4 mb-2">What this says</h3>
      <Findings
        sheet={sheet}
        findings={sheet.seen.findings.filter((s) => s.station === 'SMOKE')}
        empty="Nothing yet."
      />
    </StationFrame>
  );
}
