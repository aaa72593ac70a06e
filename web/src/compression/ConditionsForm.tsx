import {
  answer,
  api,
  type Conditions,
  Refusal,
  type Schemas,
  type Sheet,
  type StoredPass,
} from '../api/client';
import { useChange, useLatestSheet } from '../job/useSheet';
import { useExamine } from '../examination/useExamine';
import { labelOf } from '../api/labelOf';
import { Choice } from '../ui/Choice';
import { YesNo } from '../ui/YesNo';
import { QuantityField } from '../ui/QuantityField';
import { labels } from '../words/labels';

const YES_NO = [
  ['yes', 'yes'],
  ['no', 'no'],
] as const;

/** How the pass was taken. Each field is saved as it is left; what is not written down stays open. */
export function ConditionsForm({ sheet, pass }: { sheet: Sheet; pass: StoredPass }) {
  const id = sheet.job.id;
  const c = pass.conditions;
  const cranked = sheet.cranked.find((s) => s.passId === pass.id)?.strokes;
  // Put together when it is sent: a field left while the one before is still being saved must not be called outdated.
  const latest = useLatestSheet(id);
  const save = useChange(id, (change: Partial<Conditions>) => {
    const now = latest()?.passes.find((p) => p.id === pass.id) ?? pass;
    return answer(
      api.PUT('/api/jobs/{id}/compression/passes/{passId}/conditions', {
        params: { path: { id, passId: pass.id } },
        body: { revision: now.revision, conditions: { ...now.conditions, ...change } },
      }),
    );
  });
  const set = (change: Partial<Conditions>) => save.mutate(change);
  const { fuel, ignition } = sheet.engine.engine;
  const diesel = ignition === 'COMPRESSION' || (!ignition && fuel === 'DIESEL');
  const at = (field: keyof Conditions) => (save.error instanceof Refusal ? save.error.at(field) : undefined);
  const number = (field: keyof Conditions, label: string, unit?: string, quantity?: 'pressure') => (
    <QuantityField
      label={label}
      unit={unit}
      quantity={quantity}
      value={c[field] as number | undefined}
      error={at(field)}
      onCommit={(v) => set({ [field]: v })}
    />
  );
  const flag = (field: 'fuelDisabled' | 'sparkDisabled' | 'releaseDisabled', label: string) => (
    <Choice
      label={label}
      value={c[field] == null ? undefined : c[field] ? 'yes' : 'no'}
      options={YES_NO}
      onChange={(v) => set({ [field]: v === undefined ? undefined : v === 'yes' })}
    />
  );
  return (
    <div className="grid grid-cols-3 gap-x-6 gap-y-4">
      <Choice
        label="Engine"
        value={c.temperature}
        options={labels('EngineTemperature')}
        onChange={(temperature) => set({ temperature })}
      />
      <Choice
        label="Throttle"
        value={c.throttle}
        options={labels('Throttle')}
        onChange={(throttle) => set({ throttle })}
      />
      <Choice
        label={diesel ? 'Injectors or glow plugs out' : 'Plugs out'}
        value={c.plugsOut}
        options={labels('PlugsOut')}
        onChange={(plugsOut) => set({ plugsOut })}
      />
      <div className="col-span-3">
        <Choice
          label="Cranked for"
          value={c.lengthKind}
          options={labels('LengthKind')}
          onChange={(lengthKind) =>
            set({
              lengthKind,
              lengthAmount: lengthKind && lengthKind !== 'UNTIL_STOPPED' ? (c.lengthAmount ?? 8) : undefined,
            })
          }
        />
      </div>
      {c.lengthKind && c.lengthKind !== 'UNTIL_STOPPED' && number('lengthAmount', 'How many')}
      {cranked && c.lengthKind !== 'STROKES' && (
        <p className="self-end pb-3 text-soft">
          about {inWords(cranked)} compression strokes of one cylinder
        </p>
      )}
      {number('crankingRpm', 'Cranking speed', 'rpm')}
      {number('batteryVolts', 'Battery while cranking', 'V')}
      {number('gaugeFullScaleKPa', 'Gauge full scale', undefined, 'pressure')}
      {number('gaugeDivisionKPa', 'Gauge division', undefined, 'pressure')}
      {number('hoseVolumeMl', 'Hose before the check valve', 'mL')}
      {number('gaugeVolumeMl', 'Gauge behind it', 'mL')}
      {flag('fuelDisabled', 'Fuel disabled')}
      {!diesel && flag('sparkDisabled', 'Spark disabled')}
      {sheet.engine.engine.compressionRelease && flag('releaseDisabled', 'Release out of action')}
      <FreshlyBuilt sheet={sheet} />
      <p className="col-span-3 text-soft">Order taken: {orderTaken(sheet, pass) || 'nothing read yet'}.</p>
      {save.error && !(save.error instanceof Refusal && save.error.errors.length) && (
        <p className="refusal col-span-3">{save.error.message}</p>
      )}
    </div>
  );
}

/** New rings seal worse until they have run in; told at Intake too. */
function FreshlyBuilt({ sheet }: { sheet: Sheet }) {
  const { set, errorAt } = useExamine(sheet.job.id, 'intake');
  const { history, hoursSinceBuilt } = sheet.examination.intake;
  return (
    <>
      <YesNo
        label="Freshly built"
        value={history.FRESHLY_BUILT}
        onChange={(built) => set({ history: { FRESHLY_BUILT: built ?? null } } as never)}
      />
      {history.FRESHLY_BUILT && (
        <QuantityField
          label="Hours since"
          unit="h"
          value={hoursSinceBuilt}
          error={errorAt('hoursSinceBuilt')}
          onCommit={(hours) => set({ hoursSinceBuilt: hours })}
        />
      )}
    </>
  );
}

/** In which order the cylinders were read: a tired battery shows in it. */
function orderTaken(sheet: Sheet, pass: StoredPass): string {
  return pass.readings.map((r) => labelOf(sheet, r.cylinder)).join(' ');
}

/** A count of strokes, as a range where speed or pull is only guessed. */
function inWords({ low, best, high }: Schemas['Cranked']['strokes']): string {
  const short = (n: number) => String(Number(n.toFixed(1)));
  return low === high ? short(best) : `${short(low)} to ${short(high)}`;
}
