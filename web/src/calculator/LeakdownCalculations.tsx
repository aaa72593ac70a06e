import { answer, api, type Schemas } from '../api/client';
import { useUnits } from '../units/UnitsContext';
import { Calculation, Figure, type Values } from './Calculation';

const MASTER_SUPPLY_KPA = 689.476;
const MASTER_ORIFICE_MM = 1.016;

/** A tester's reading as a leak area. */
export function LeakdownArea() {
  return (
    <Calculation<Schemas['LeakAreaIn'], Schemas['LeakAreaOut']>
      title="Leak-down: reading to leak area"
      about="What a reading means on a tester with this supply and orifice. Give the per cent or the second gauge, not both."
      name="leak-area"
      start={
        {
          supplyKPa: MASTER_SUPPLY_KPA,
          leakPercent: 20,
          orificeMm: MASTER_ORIFICE_MM,
        } as Values<Schemas['LeakAreaIn']>
      }
      fields={[
        ['supplyKPa', 'Supply', 'pressure'],
        ['leakPercent', 'Reading', undefined, '%'],
        ['cylinderKPa', 'or second gauge', 'pressure'],
        ['orificeMm', 'Orifice', 'length'],
        ['dischargeCoefficient', 'Discharge', undefined, 'Cd', 1],
        ['ambientKPa', 'Barometer', 'pressure', undefined, 101.325],
        ['temperatureC', 'Air', 'temperature', undefined, 20],
      ]}
      compute={(body) => answer(api.POST('/api/calculations/leak-area', { body }))}
    >
      {(r) => (
        <>
          <Figure name="mm², effective leak area">{r.leakAreaMm2.toFixed(3)}</Figure>
          <Figure name="mm, the same as one hole">{r.equivalentHoleMm.toFixed(2)}</Figure>
          <Figure name="L/min of free air">{r.freeAirLPerMin.toFixed(1)}</Figure>
          <Figure name="% on this dial">{r.leakPercent.toFixed(1)}</Figure>
        </>
      )}
    </Calculation>
  );
}

/** The same leak on another tester: why two people's per cent disagree. */
export function LeakdownReading() {
  const units = useUnits();
  return (
    <Calculation<Schemas['LeakReadingIn'], Schemas['LeakReadingOut']>
      title="Leak-down: leak area to reading"
      about="What another tester would show for the same leak. A wider orifice or a higher supply reads lower."
      name="leak-reading"
      start={
        { leakAreaMm2: 1.2, supplyKPa: MASTER_SUPPLY_KPA, orificeMm: 3 } as Values<Schemas['LeakReadingIn']>
      }
      fields={[
        ['leakAreaMm2', 'Leak area', 'area'],
        ['supplyKPa', 'Supply', 'pressure'],
        ['orificeMm', 'Orifice', 'length'],
        ['dischargeCoefficient', 'Discharge', undefined, 'Cd', 1],
        ['ambientKPa', 'Barometer', 'pressure', undefined, 101.325],
      ]}
      compute={(body) => answer(api.POST('/api/calculations/leak-reading', { body }))}
    >
      {(r) => (
        <>
          <Figure name="% on this dial">{r.leakPercent.toFixed(1)}</Figure>
          <Figure name="on the second gauge">{units.withUnit('pressure', r.cylinderKPa)}</Figure>
          <Figure name="L/min of free air">{r.freeAirLPerMin.toFixed(1)}</Figure>
        </>
      )}
    </Calculation>
  );
}

/** The orifice of an unknown tester, from a drilled bleed hole. */
export function TesterOrifice() {
  return (
    <Calculation<Schemas['TesterOrificeIn'], Schemas['TesterOrificeOut']>
      title="Leak-down: orifice of an unknown tester"
      about="Drill a clean hole of known size into a plug, read it on the tester: the metering orifice follows."
      name="tester-orifice"
      start={
        { bleedHoleMm: 1, supplyKPa: MASTER_SUPPLY_KPA, leakPercent: 20 } as Values<
          Schemas['TesterOrificeIn']
        >
      }
      fields={[
        ['bleedHoleMm', 'Bleed hole', 'length'],
        ['bleedDischargeCoefficient', 'Its discharge', undefined, 'Cd', 1],
        ['supplyKPa', 'Supply', 'pressure'],
        ['leakPercent', 'Reading', undefined, '%'],
        ['ambientKPa', 'Barometer', 'pressure', undefined, 101.325],
      ]}
      compute={(body) => answer(api.POST('/api/calculations/tester-orifice', { body }))}
    >
      {(r) => (
        <>
          <Figure name="mm, metering orifice">{r.orificeMm.toFixed(3)}</Figure>
          <Figure name="mm², effective">{r.orificeEffectiveAreaMm2.toFixed(3)}</Figure>
        </>
      )}
    </Calculation>
  );
}
