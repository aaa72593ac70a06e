import { answer, api, type Schemas } from '../api/client';
import { Calculation, Figure, type Values } from './Calculation';

type In = Omit<Schemas['BlowByIn'], 'legs'>;

/** Crankcase pressure before an orifice as a flow. A slack tube is read on one leg here; the other has fallen as far. */
export function BlowBy() {
  return (
    <Calculation<In, Schemas['BlowByOut']>
      title="Crankcase blow-by"
      about="Pressure before the orifice that all crankcase gas is led through. On a slack tube of equal bores one leg rises as far as the other falls: type what one leg moved. Never more than 2500 Pa: a shut crankcase blows its seals out. Singles, twins and boxers pump their crankcase: without check valve and reservoir the reading means nothing."
      name="blow-by"
      start={{ orificeMm: 8, pressurePa: 250 } as Values<In>}
      fields={[
        ['orificeMm', 'Orifice', 'length'],
        ['dischargeCoefficient', 'Discharge', undefined, 'Cd', 0.62],
        ['pressurePa', 'Pressure', undefined, 'Pa'],
        ['legRiseMm', 'or one leg moved', undefined, 'mm'],
        ['fluidDensity', 'Fluid', undefined, 'kg/m³', 998],
        ['gasTemperatureC', 'Gas', 'temperature', undefined, 20],
        ['displacementL', 'Displacement', undefined, 'L'],
        ['rpm', 'Speed', undefined, 'rpm'],
        ['filling', 'Filling', undefined, undefined, 1],
      ]}
      compute={(body) => answer(api.POST('/api/calculations/blow-by', { body: { ...body, legs: 'one' } }))}
    >
      {(r) => (
        <>
          <Figure name="L/min of reference air">{r.flowLPerMin.toFixed(1)}</Figure>
          <Figure name="Pa before the orifice">{r.pressurePa.toFixed(0)}</Figure>
          <Figure name="inches of water">{r.inchesWater.toFixed(2)}</Figure>
          {r.shareOfIntakePercent != null && (
            <Figure name="% of the air breathed, four-stroke">{r.shareOfIntakePercent.toFixed(1)}</Figure>
          )}
        </>
      )}
    </Calculation>
  );
}
