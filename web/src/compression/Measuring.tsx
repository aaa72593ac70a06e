import type { Sheet } from '../api/client';
import { useUnits } from '../units/UnitsContext';

/** What is wrong with the measuring, and what is not known and costs certainty. */
export function Measuring({ sheet }: { sheet: Sheet }) {
  const units = useUnits();
  const { faults, lacks, expectedKPa, safeOilMl } = sheet.compression;
  return (
    <div className="grid grid-cols-2 gap-8">
      <section>
        <h3 className="heading mb-1">Seen in the measuring</h3>
        {faults.length === 0 && <p className="text-soft">Nothing to distrust so far.</p>}
        <ul className="space-y-2">
          {faults.map((f) => (
            <li key={f.kind + f.test}>
              {f.test === 'WET' && 'Wet pass: '}
              {f.text} <span className="text-act">{f.remedy}</span>
            </li>
          ))}
        </ul>
      </section>
      <section>
        <h3 className="heading mb-1">Not known, and what that costs</h3>
        {lacks.length === 0 && <p className="text-soft">Nothing.</p>}
        <ul className="space-y-1">
          {lacks.map((l) => (
            <li key={l.what}>
              <span className="font-medium">{l.what}</span>: {l.cost}
            </li>
          ))}
        </ul>
        {expectedKPa && (
          <p className="mt-3">
            A sound cylinder should read {units.format('pressure', expectedKPa.low)} to{' '}
            {units.withUnit('pressure', expectedKPa.high)} here. Computed from size, ratio and speed; ±15 %
            are guesses, so it never condemns by itself.
          </p>
        )}
        {safeOilMl != null && sheet.cylinders.some((c) => c.wetTestable) && (
          <p className="mt-2">
            At most {safeOilMl.toFixed(1)} mL of oil in one cylinder: a quarter of the clearance volume.
          </p>
        )}
      </section>
    </div>
  );
}
