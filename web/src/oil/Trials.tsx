import { useState } from 'react';
import { answer, api, Refusal, type Schemas, type Sheet } from '../api/client';
import { useChange } from '../job/useSheet';
import { QuantityField } from '../ui/QuantityField';
import { TextField } from '../ui/TextField';
import { YesNo } from '../ui/YesNo';
import { useUnits } from '../units/UnitsContext';
import { protocol } from './inWords';
import type { Axis } from './useOil';

type Trial = Schemas['OilTrialDocument'];
type Stored = Schemas['StoredTrial'];

const W = 'w-[8.5rem]';

/** A set trial: known load, checkpoints, clean plugs in, an abort mark, before and after. */
export function Trials({ sheet, axis }: { sheet: Sheet; axis?: Axis }) {
  const { trials, analysis } = sheet.oil;
  return (
    <div className="space-y-4">
      {trials.map((t, i) => (
        <OneTrial
          key={t.id}
          sheet={sheet}
          stored={t}
          result={t.setAside ? undefined : analysis.trials[i]}
          axis={axis}
        />
      ))}
      <NewTrial sheet={sheet} />
    </div>
  );
}

function useTrial(sheet: Sheet) {
  const id = sheet.job.id;
  return {
    add: useChange(id, (body: Trial) =>
      answer(api.POST('/api/jobs/{id}/oil/trials', { params: { path: { id } }, body })),
    ),
    change: useChange(id, ({ stored, trial }: { stored: Stored; trial: Trial }) =>
      answer(
        api.PUT('/api/jobs/{id}/oil/trials/{trialId}', {
          params: { path: { id, trialId: stored.id } },
          body: { was: stored.trial, trial },
        }),
      ),
    ),
    setAside: useChange(id, ({ trialId, reason }: { trialId: number; reason?: string }) =>
      answer(
        api.PUT('/api/jobs/{id}/oil/trials/{trialId}/set-aside', {
          params: { path: { id, trialId } },
          body: { reason },
        }),
      ),
    ),
  };
}

function OneTrial({
  sheet,
  stored,
  result,
  axis,
}: {
  sheet: Sheet;
  stored: Stored;
  result?: Schemas['TrialResult'];
  axis?: Axis;
}) {
  const units = useUnits();
  const { change, setAside } = useTrial(sheet);
  const t = stored.trial;
  const error = change.error instanceof Refusal ? change.error : undefined;
  return (
    <section className={stored.setAside ? 'text-soft' : ''} aria-label={`Trial from ${t.from}`}>
      <h3 className="text-[1.125rem] font-semibold">
        Trial from {t.from} {t.to ? `to ${t.to}` : '(running)'}: {t.load}
      </h3>
      <p className="text-soft">{protocol(units, t)}</p>
      {stored.setAside ? (
        <p>Set aside: {stored.setAside}</p>
      ) : (
        result && (
          <>
            <p className={`text-[1.0625rem] ${result.aborted ? 'font-semibold text-leak' : ''}`}>
              {result.says}
            </p>
            <p className="text-soft">
              {result.checkpoints} {result.checkpoints === 1 ? 'checkpoint' : 'checkpoints'}
              {result.gramsPerKwh &&
                `, ${Math.max(0, result.gramsPerKwh.low).toFixed(2)} to ${result.gramsPerKwh.high.toFixed(2)} g/kWh`}
              {axis && ', read plugs and dip again at its end.'}
            </p>
          </>
        )
      )}
      <div className="mt-1 flex flex-wrap items-end gap-3">
        {!t.to && (
          <div className={W}>
            <TextField
              label="Ended on"
              hint="2026-12-01"
              value={t.to}
              error={error?.at('to')}
              onCommit={(v) => change.mutate({ stored, trial: { ...t, to: v.trim() || undefined } })}
            />
          </div>
        )}
        <button
          className="button"
          onClick={() =>
            setAside.mutate({ trialId: stored.id, reason: stored.setAside ? undefined : 'set aside by hand' })
          }
        >
          {stored.setAside ? 'Count again' : 'Set aside'}
        </button>
      </div>
    </section>
  );
}

function NewTrial({ sheet }: { sheet: Sheet }) {
  const fresh: Trial = { from: '', load: '' };
  const [trial, setTrial] = useState(fresh);
  const { add } = useTrial(sheet);
  const error = add.error instanceof Refusal ? add.error : undefined;
  const put = (more: Partial<Trial>) => setTrial({ ...trial, ...more });
  return (
    <section>
      <h3 className="heading mb-2">Set a trial</h3>
      <p className="mb-2 max-w-[80ch] text-soft">
        The same load all the time, clean plugs in, a dip at each checkpoint in the same place after the same
        wait. It ends at the abort mark whatever the hours say.
      </p>
      <div className="flex flex-wrap items-end gap-3">
        <div className={W}>
          <TextField
            label="From"
            hint="2026-11-25"
            value={trial.from}
            error={error?.at('from')}
            onCommit={(from) => put({ from: from.trim() })}
          />
        </div>
        <div className="w-[15rem]">
          <TextField
            label="Load"
            hint="harbour round, half load"
            value={trial.load}
            error={error?.at('load')}
            onCommit={(load) => put({ load })}
          />
        </div>
        <div className={W}>
          <QuantityField
            label="Mean load"
            unit="kW"
            value={trial.loadKw}
            error={error?.at('loadKw')}
            onCommit={(v) => put({ loadKw: v })}
          />
        </div>
        <div className={W}>
          <QuantityField
            label="Every"
            unit="h"
            value={trial.everyHours}
            error={error?.at('everyHours')}
            onCommit={(v) => put({ everyHours: v })}
          />
        </div>
        <div className={W}>
          <QuantityField
            label="or every"
            quantity="distance"
            value={trial.everyKm}
            error={error?.at('everyKm')}
            onCommit={(v) => put({ everyKm: v })}
          />
        </div>
        <div className={W}>
          <QuantityField
            label="Abort below full"
            quantity="length"
            value={trial.abortMm == null ? undefined : -trial.abortMm}
            error={error?.at('abortMm')}
            onCommit={(v) => put({ abortMm: v === undefined ? undefined : -Math.abs(v) })}
          />
        </div>
        <YesNo
          label="Clean plugs in"
          value={trial.cleanPlugs ?? undefined}
          onChange={(v) => put({ cleanPlugs: v })}
        />
        <button
          className="button button-main"
          onClick={() => add.mutate(trial, { onSuccess: () => setTrial(fresh) })}
        >
          Begin
        </button>
      </div>
    </section>
  );
}
