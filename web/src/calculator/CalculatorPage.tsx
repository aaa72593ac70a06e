import { useQuery } from '@tanstack/react-query';
import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';
import { answer, api, Refusal, type Schemas } from '../api/client';
import { QuantityField } from '../ui/QuantityField';
import { useUnits } from '../units/UnitsContext';
import { UnitsMenu } from '../units/UnitsMenu';
import type { Quantity } from '../units/units';

/** The formulas without a job. */
export function CalculatorPage() {
  return (
    <div className="h-full p-2">
      <main className="h-full overflow-y-auto border-2 border-ink px-8 py-5">
        <header className="mb-2 flex items-end gap-4">
          <h1 className="mr-auto text-[26px] font-semibold">Calculator</h1>
          <UnitsMenu />
          <Link className="button" to="/">
            All jobs
          </Link>
        </header>
        <Cranking />
        <Wet />
        <Altitude />
        <PlugGap />
      </main>
    </div>
  );
}

type Values<T> = { [K in keyof T]: number | undefined };
type FieldSpec<T> = [
  field: keyof T & string,
  label: string,
  quantity?: Quantity,
  unit?: string,
  /** The usual value, taken when nothing is typed. */
  otherwise?: number,
];

interface FormProps<T, R> {
  title: string;
  about: string;
  name: string;
  start: Values<T>;
  fields: FieldSpec<T>[];
  compute: (values: T) => Promise<R>;
  children: (result: R) => ReactNode;
}

/** Fields on the left, result on the right, computed as each field is left. */
function Calculation<T extends object, R>({
  title,
  about,
  name,
  start,
  fields,
  compute,
  children,
}: FormProps<T, R>) {
  const [values, setValues] = useState(start);
  const { data, error } = useQuery({
    queryKey: ['calculation', name, values],
    queryFn: () => compute(values as T),
    retry: false,
    placeholderData: (old) => old,
  });
  const refusal = error instanceof Refusal ? error : undefined;
  return (
    <section className="grid grid-cols-[1fr_330px] gap-8 border-t border-hair py-4" aria-label={title}>
      <div>
        <h2 className="text-[20px] font-semibold">{title}</h2>
        <p className="mb-2 max-w-[80ch] text-soft">{about}</p>
        <div className="grid grid-cols-5 gap-x-4 gap-y-2">
          {fields.map(([field, label, quantity, unit, otherwise]) => (
            <QuantityField
              key={field}
              label={label}
              quantity={quantity}
              unit={unit}
              otherwise={otherwise}
              value={values[field]}
              error={refusal?.at(field)}
              onCommit={(v) => setValues({ ...values, [field]: v })}
            />
          ))}
        </div>
      </div>
      <div className="self-center border-l-2 border-ink pl-5" aria-live="polite">
        {error ? (
          <p className="refusal">{refusal?.errors.length ? 'Check the marked fields.' : error.message}</p>
        ) : (
          data !== undefined && children(data)
        )}
      </div>
    </section>
  );
}

function Figure({ name, children }: { name: string; children: ReactNode }) {
  return (
    <p className="flex items-baseline justify-between gap-3">
      <span className="text-soft">{name}</span>
      <span className="font-mono text-[20px]">{children}</span>
    </p>
  );
}

function Cranking() {
  const units = useUnits();
  return (
    <Calculation<Schemas['CrankingIn'], Schemas['CrankingOut']>
      title="Cranking compression"
      about="What a gauge will read after each compression stroke. The level is a guess of ±15 %; compare ratios."
      name="cranking-compression"
      start={
        {
          boreMm: 86,
          strokeMm: 86,
          compressionRatio: 10,
          crankingRpm: 220,
          leakAreaMm2: 0.4,
          strokes: 8,
        } as Values<Schemas['CrankingIn']>
      }
      fields={[
        ['boreMm', 'Bore', 'length'],
        ['strokeMm', 'Stroke', 'length'],
        ['rodMm', 'Rod', 'length'],
        ['compressionRatio', 'Ratio', undefined, ': 1'],
        ['intakeClosingDeg', 'Intake closes', undefined, '° after bottom', 60],
        ['crankingRpm', 'Speed', undefined, 'rpm', 220],
        ['leakAreaMm2', 'Leak', 'area'],
        ['strokes', 'Strokes', undefined, undefined, 8],
        ['ambientKPa', 'Barometer', 'pressure', undefined, 101.325],
        ['temperatureC', 'Air', 'temperature', undefined, 20],
        ['wallTemperatureC', 'Walls', 'temperature', undefined, 46.85],
        ['hoseVolumeMl', 'Hose', undefined, 'mL', 2],
        ['gaugeVolumeMl', 'Gauge', undefined, 'mL', 15],
        ['intakeFactor', 'Filling, throttle open 1', undefined, undefined, 1],
      ]}
      compute={(body) => answer(api.POST('/api/calculations/cranking-compression', { body }))}
    >
      {(r) => (
        <>
          <Figure name={`after ${r.strokesKPa.length} strokes`}>
            {units.withUnit('pressure', r.strokesKPa.at(-1)!)}
          </Figure>
          <p className="mt-2 font-mono text-[15px] leading-relaxed text-soft">
            {r.strokesKPa.map((v) => units.format('pressure', v)).join('  ')}
          </p>
        </>
      )}
    </Calculation>
  );
}

function Wet() {
  const signed = (v: number) => `${v < 0 ? '−' : '+'}${Math.abs(v).toFixed(1)} %`;
  return (
    <Calculation<Schemas['WetIn'], Schemas['WetOut']>
      title="Wet test"
      about="How much of a rise is only the oil's volume. Never on a diesel, never where the bores lie over."
      name="wet-test"
      start={
        { boreMm: 86, strokeMm: 86, compressionRatio: 10, dryKPa: 905, wetKPa: 1180, oilMl: 5 } as Values<
          Schemas['WetIn']
        >
      }
      fields={[
        ['boreMm', 'Bore', 'length'],
        ['strokeMm', 'Stroke', 'length'],
        ['compressionRatio', 'Ratio', undefined, ': 1'],
        ['dryKPa', 'Dry', 'pressure'],
        ['wetKPa', 'Wet', 'pressure'],
        ['oilMl', 'Oil', undefined, 'mL'],
        ['crankingRpm', 'Speed', undefined, 'rpm', 220],
        ['ambientKPa', 'Barometer', 'pressure', undefined, 101.325],
        ['hoseVolumeMl', 'Hose', undefined, 'mL', 2],
        ['gaugeVolumeMl', 'Gauge', undefined, 'mL', 15],
      ]}
      compute={(body) => answer(api.POST('/api/calculations/wet-test', { body }))}
    >
      {(r) => (
        <>
          <Figure name="measured rise">{signed(r.measuredRisePercent)}</Figure>
          <Figure name="oil's volume alone">{signed(r.expectedArtefactPercent)}</Figure>
          <Figure name="left for sealing">{signed(r.netRisePercent)}</Figure>
          <Figure name="clearance volume">{r.clearanceMl.toFixed(1)} mL</Figure>
          <Figure name="never more oil than">{r.safeOilMl.toFixed(1)} mL</Figure>
        </>
      )}
    </Calculation>
  );
}

function Altitude() {
  const units = useUnits();
  return (
    <Calculation<Schemas['AltitudeIn'], Schemas['AltitudeOut']>
      title="Altitude"
      about="What the same engine would read at sea level. Give the altitude or the barometer, not both."
      name="altitude"
      start={{ altitudeM: 1500, ambientKPa: undefined, readingKPa: 1050 } as Values<Schemas['AltitudeIn']>}
      fields={[
        ['altitudeM', 'Altitude', 'height'],
        ['ambientKPa', 'Barometer', 'pressure'],
        ['readingKPa', 'Reading', 'pressure'],
      ]}
      compute={(body) => answer(api.POST('/api/calculations/altitude', { body }))}
    >
      {(r) => (
        <>
          <Figure name="at sea level">{units.withUnit('pressure', r.seaLevelReadingKPa)}</Figure>
          <Figure name="air here">{units.withUnit('pressure', r.ambientKPa)}</Figure>
        </>
      )}
    </Calculation>
  );
}

function PlugGap() {
  return (
    <Calculation<Schemas['PlugGapIn'], Schemas['PlugGapOut']>
      title="Plug gap"
      about="How fast a gap grew, against what is ordinary for plain electrodes. Fine-wire plugs wear about four times slower."
      name="plug-gap"
      start={{ gapMm: 1.1, newGapMm: 0.8, distanceKm: 20_000 }}
      fields={[
        ['gapMm', 'Gap now', 'length'],
        ['newGapMm', 'Gap when new', 'length'],
        ['distanceKm', 'Run', 'distance'],
      ]}
      compute={(body) => answer(api.POST('/api/calculations/plug-gap', { body }))}
    >
      {(r) => (
        <>
          <Figure name="mm per 1000 km">{r.growthMmPer1000Km.toFixed(4)}</Figure>
          <Figure name="times the ordinary">{r.timesOrdinary.toFixed(1)}</Figure>
        </>
      )}
    </Calculation>
  );
}
