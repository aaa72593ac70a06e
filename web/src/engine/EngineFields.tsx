import type { ReactNode } from 'react';
import type { EngineDocument, Schemas } from '../api/client';
import { Choice } from '../ui/Choice';
import { QuantityField } from '../ui/QuantityField';
import { TextField } from '../ui/TextField';
import type { Quantity } from '../units/units';
import { ArrangementFields } from './ArrangementFields';
import { labels } from '../words/labels';

type Limit = Schemas['LimitDocument'];
type NumberField = {
  [K in keyof EngineDocument]-?: NonNullable<EngineDocument[K]> extends number ? K : never;
}[keyof EngineDocument];
type LimitField =
  | 'compressionNominalKPa'
  | 'compressionMinimumKPa'
  | 'compressionSpreadKPa'
  | 'intakeClearanceMm'
  | 'exhaustClearanceMm'
  | 'plugGapMm'
  | 'blowbyLimitPa'
  | 'oilLimitLitresPer1000Km'
  | 'oilLimitMlPerHour';

interface Props {
  engine: EngineDocument;
  errorAt: (field: string) => string | undefined;
  onChange: (change: Partial<EngineDocument>) => void;
}

/** Everything that may be known of an engine; all but name and cylinders optional. */
export function EngineFields({ engine, errorAt, onChange }: Props) {
  const number = (field: NumberField, label: string, quantity?: Quantity, unit?: string) => (
    <QuantityField
      label={label}
      quantity={quantity}
      unit={unit}
      value={engine[field]}
      error={errorAt(field)}
      onCommit={(v) => onChange({ [field]: v })}
    />
  );
  const limit = (field: LimitField, label: string, quantity?: Quantity, unit?: string) => (
    <LimitFields
      label={label}
      quantity={quantity}
      unit={unit}
      limit={engine[field]}
      error={errorAt(field)}
      onChange={(v) => onChange({ [field]: v })}
    />
  );
  return (
    <div className="space-y-6">
      <div className="max-w-[32.5rem]">
        <TextField
          label="Name, as this shop calls it"
          value={engine.name}
          error={errorAt('name')}
          onCommit={(name) => onChange({ name })}
        />
        <TextField
          label="Make and type"
          hint="what engines like it are called together"
          value={engine.family}
          error={errorAt('family')}
          onCommit={(family) => onChange({ family: family.trim() || undefined })}
        />
      </div>
      <ArrangementFields engine={engine} errorAt={errorAt} onChange={onChange} />
      <Group title="Kind">
        <Choice
          label="Cycle"
          value={engine.cycle}
          options={labels('Cycle')}
          onChange={(cycle) => onChange({ cycle })}
        />
        <Choice
          label="Ignition"
          value={engine.ignition}
          options={labels('Ignition')}
          onChange={(ignition) => onChange({ ignition })}
        />
        <Choice
          label="Fuel"
          value={engine.fuel}
          options={labels('Fuel')}
          onChange={(fuel) => onChange({ fuel })}
        />
        <Choice
          label="Fuel system"
          value={engine.fuelSystem}
          options={labels('FuelSystem')}
          onChange={(fuelSystem) => onChange({ fuelSystem })}
        />
        <Choice
          label="Induction"
          value={engine.induction}
          options={labels('Induction')}
          onChange={(induction) => onChange({ induction })}
        />
        <Choice
          label="Cooling"
          value={engine.cooling}
          options={labels('Cooling')}
          onChange={(cooling) => onChange({ cooling })}
        />
        <Choice
          label="Exhaust"
          value={engine.exhaust}
          options={labels('Exhaust')}
          onChange={(exhaust) => onChange({ exhaust })}
        />
        <Choice
          label="Compression release"
          value={engine.compressionRelease == null ? undefined : engine.compressionRelease ? 'yes' : 'no'}
          options={[
            ['yes', 'yes'],
            ['no', 'no'],
          ]}
          onChange={(v) => onChange({ compressionRelease: v === undefined ? undefined : v === 'yes' })}
        />
        <Choice
          label="Turns"
          value={engine.rotation?.turning}
          options={labels('Turning')}
          onChange={(turning) =>
            onChange({ rotation: turning && { turning, seenFrom: engine.rotation?.seenFrom ?? 'FREE' } })
          }
        />
        {engine.rotation && (
          <Choice
            label="Seen from the"
            value={engine.rotation.seenFrom}
            options={labels('EngineEnd')}
            onChange={(end) =>
              onChange({ rotation: engine.rotation && { ...engine.rotation, seenFrom: end ?? 'FREE' } })
            }
          />
        )}
      </Group>
      <Group title="Size">
        {number('boreMm', 'Bore', 'length')}
        {number('strokeMm', 'Stroke', 'length')}
        {number('rodMm', 'Rod, centre to centre', 'length')}
        {number('compressionRatio', 'Compression ratio', undefined, ': 1')}
        {number('intakeClosingDeg', 'Intake closes', undefined, '° after bottom')}
        {number('ratedPowerKw', 'Rated power', undefined, 'kW')}
        {number('ratedRpm', 'at', undefined, 'rpm')}
      </Group>
      <Group title="Maker's limits, each with its source">
        {limit('compressionMinimumKPa', 'Compression, least', 'pressure')}
        {limit('compressionNominalKPa', 'Compression, new', 'pressure')}
        {limit('compressionSpreadKPa', 'Difference allowed', 'pressure')}
        {limit('intakeClearanceMm', 'Clearance, intake', 'length')}
        {limit('exhaustClearanceMm', 'Clearance, exhaust', 'length')}
        {limit('plugGapMm', 'Plug gap', 'length')}
        {limit('blowbyLimitPa', 'Blow-by, crankcase', 'crankcase')}
        {number('blowbyLimitOrificeMm', 'told for an orifice of', 'length')}
        {limit('oilLimitLitresPer1000Km', 'Oil use', 'oilRate')}
        {limit('oilLimitMlPerHour', 'Oil use an hour', undefined, 'mL/h')}
      </Group>
      <Group title="Oil">
        {number('oilWithFilterLitres', 'Fill with filter', 'volume')}
        {number('oilWithoutFilterLitres', 'Fill without filter', 'volume')}
        {number('dipstickSpanMm', 'Between the marks', 'length')}
        {number('dipstickSpanLitres', 'Between the marks', 'volume')}
        {number('dipstickParts', 'Marked in parts', undefined, 'parts')}
      </Group>
    </div>
  );
}

function Group({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section>
      <h3 className="heading mb-2 border-b border-hair pb-1">{title}</h3>
      <div className="grid grid-cols-3 gap-x-5 gap-y-3">{children}</div>
    </section>
  );
}

interface LimitProps {
  label: string;
  quantity?: Quantity;
  unit?: string;
  limit: Limit | undefined;
  error?: string;
  onChange: (limit: Limit | undefined) => void;
}

/** A figure, where it comes from, and whether somebody checked it. */
function LimitFields({ label, quantity, unit, limit, error, onChange }: LimitProps) {
  return (
    <div className="border border-hair p-3">
      <QuantityField
        label={label}
        quantity={quantity}
        unit={unit}
        value={limit?.value}
        error={error}
        onCommit={(value) => onChange(value === undefined ? undefined : { verified: false, ...limit, value })}
      />
      {limit && (
        <div className="mt-2 space-y-2">
          <TextField
            label="Source"
            hint="manual, plate, owner from memory …"
            value={limit.source}
            onCommit={(source) => onChange({ ...limit, source })}
          />
          <label className="flex min-h-[2.75rem] items-center gap-2">
            <input
              type="checkbox"
              className="size-6 accent-act"
              checked={limit.verified}
              onChange={(e) => onChange({ ...limit, verified: e.target.checked })}
            />
            {limit.verified ? 'verified against the source' : 'unverified'}
          </label>
        </div>
      )}
    </div>
  );
}
