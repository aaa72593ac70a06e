import { Link } from 'react-router';
import type { Schemas, Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';
import { type Patch, useExamine } from '../examination/useExamine';
import { Choice } from '../ui/Choice';
import { QuantityField } from '../ui/QuantityField';
import { TextField } from '../ui/TextField';
import { labels } from '../words/labels';

type Trial = Schemas['TrialPlan'];

/** A treatment or a repair that is tried, with what would show that it worked said before. */
export function TrialPanel({ sheet }: { sheet: Sheet }) {
  const { set, error, errorAt } = useExamine(sheet.job.id, 'closing');
  const trial = sheet.examination.closing.trial ?? ({} as Trial);
  const change = (patch: Patch<Trial>) => set({ trial: patch } as never);
  const ofCylinders = trial.measure === 'COMPRESSION' || trial.measure === 'LEAKDOWN';
  return (
    <>
      <p className="max-w-[70ch] text-soft">
        Say before it begins what would show that it worked: afterwards something has always moved. The next
        visit on which that is measured is held against this one.
      </p>
      <Link
        className="flex min-h-[2.75rem] items-center underline underline-offset-4"
        to={`/engines/${sheet.engine.id}`}
      >
        How it comes out stands on the page of the engine
      </Link>
      <div className="flex flex-wrap gap-x-6 gap-y-3" aria-label="A trial" role="group">
        <div className="min-w-[20rem] flex-1">
          <TextField
            label="What is tried"
            value={trial.what}
            error={errorAt('trial.what')}
            onCommit={(what) => change({ what: what.trim() || null })}
          />
        </div>
        <Choice
          label="Judged by"
          value={trial.measure}
          options={labels<NonNullable<Trial['measure']>>('TrialMeasure')}
          onChange={(measure) => change({ measure: measure ?? null } as never)}
        />
        {ofCylinders && (
          <Choice
            label="On one cylinder only"
            value={trial.cylinder === undefined ? undefined : String(trial.cylinder)}
            options={sheet.cylinders.map((c) => [String(c.number), labelOf(sheet, c.number)] as const)}
            onChange={(c) => change({ cylinder: c === undefined ? null : Number(c) } as never)}
          />
        )}
        <div className="w-40">
          <QuantityField
            label="Better by"
            unit={trial.measure === 'LEAKDOWN' ? 'points' : '%'}
            value={trial.better}
            error={errorAt('trial.better')}
            onCommit={(better) => change({ better })}
          />
        </div>
        <div className="w-44">
          <TextField
            label="Over on"
            hint="2026-12-24"
            value={trial.untilDate}
            error={errorAt('trial.untilDate')}
            onCommit={(day) => change({ untilDate: day.trim() || null })}
          />
        </div>
        <div className="w-36">
          <QuantityField
            label="Or at"
            unit="h"
            value={trial.untilHours}
            error={errorAt('trial.untilHours')}
            onCommit={(untilHours) => change({ untilHours })}
          />
        </div>
        <div className="min-w-[20rem] flex-1">
          <TextField
            label="Stopped at once if"
            hint="oil below the low mark, a knock"
            value={trial.stopIf}
            error={errorAt('trial.stopIf')}
            onCommit={(stopIf) => change({ stopIf: stopIf.trim() || null })}
          />
        </div>
      </div>
      {error && <p className="refusal">{error}</p>}
    </>
  );
}
