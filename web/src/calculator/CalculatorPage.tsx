import { Link } from 'react-router';
import { answer, api, type Schemas } from '../api/client';
import { DarkButton } from '../theme/DarkButton';
import { useUnits } from '../units/UnitsContext';
import { UnitsMenu } from '../ui/UnitsMenu';
import { BlowBy } from './BlowBy';
import { Calculation, Figure, type Values } from './Calculation';
import { OilRate } from './OilRate';
import { LeakdownArea, LeakdownReading, TesterOrifice } from './LeakdownCalculations';

/** The formulas without a job. */
export function CalculatorPage() {
  return (
    <div className="h-full p-2">
      <main className="h-full overflow-y-auto border-2 border-ink px-8 py-5">
        <header className="mb-2 flex items-end gap-4">
          <h1 className="mr-auto text-[1.625rem] font-semibold">Calculator</h1>
          <UnitsMenu />
          <DarkButton />
          <Link className="button" to="/">
            All jobs
          </Link>
        </header>
        <Cranking />
        <Wet />
        <Altitude />
        <LeakdownArea />
        <LeakdownReading />
        <TesterOrifice />
        <BlowBy />
        <OilRate />
        <PlugGap />
      </main>
    </div>
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
          <p className="mt-2 font-mono text-[0.9375rem] leading-relaxed text-soft">
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
