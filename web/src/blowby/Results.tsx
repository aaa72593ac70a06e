import type { Sheet } from '../api/client';
import { rounded, withinRange } from '../units/figure';
import { useUnits } from '../units/UnitsContext';
import { capital } from '../words/labels';

/** Point by point as pressure and flow, then what it means for the rings. */
export function Results({ sheet }: { sheet: Sheet }) {
  const units = useUnits();
  const { analysis, fit } = sheet.blowby;
  const { points, rings, notes, checks } = analysis;
  if (points.length === 0) {
    return <p className="text-soft">Nothing read yet.</p>;
  }
  const why = [...new Set(points.flatMap((p) => p.noShare ?? []))];
  return (
    <div className="space-y-3">
      <table className="w-full text-left">
        <thead>
          <tr className="border-b border-ink">
            {['Point', units.symbol('crankcase'), 'L/min', 'A cylinder', 'A litre', '% of the air'].map(
              (h) => (
                <th key={h} className="heading py-1 pr-3">
                  {h}
                </th>
              ),
            )}
          </tr>
        </thead>
        <tbody className="font-mono text-[1.0625rem]">
          {points.map((p) => (
            <tr key={p.point + p.ventilation} className="border-b border-hair align-baseline">
              <td className="py-1.5 pr-3 font-sans font-medium">
                {capital(p.pointWords)}
                {p.point !== 'AS_FOUND' && p.ventilation === 'AS_FOUND' && ', ventilation working'}
                <span className="block font-normal text-soft">
                  {[
                    p.readings > 1 &&
                      `${p.readings} readings, highest ${units.format('crankcase', p.highestPa)}`,
                    p.speedRpm && `${p.speedRpm} rpm`,
                    p.pulsing && 'pulsing',
                    p.doubted && 'two gauges disagree',
                  ]
                    .filter(Boolean)
                    .join(', ')}
                </span>
              </td>
              <td className="pr-3">{units.format('crankcase', p.pressurePa.best)}</td>
              <td className="pr-3">
                {p.flowLPerMin ? rounded(p.flowLPerMin) : '–'}
                {p.flowLPerMin && (
                  <span className="block font-sans text-soft">{withinRange(p.flowLPerMin)}</span>
                )}
              </td>
              <td className="pr-3">{p.perCylinderLPerMin?.toFixed(0) ?? '–'}</td>
              <td className="pr-3">{p.perLitreLPerMin?.toFixed(0) ?? '–'}</td>
              <td className="pr-3">
                {p.sharePercent ? rounded(p.sharePercent) : '–'}
                {p.sharePercent && (
                  <span className="block font-sans text-soft">{withinRange(p.sharePercent)}</span>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {checks
        .filter((c) => c.agree)
        .map((c) => (
          <p key={c.point + c.ventilation} className="text-soft">
            {capital(c.pointWords)}: {c.says}
          </p>
        ))}
      {rings && <p className="text-[1.0625rem] font-medium">{rings.says}</p>}
      {fit && <p className={fit.fits === false ? 'font-medium text-leak' : ''}>{fit.says}</p>}
      {[...why, ...notes].map((n) => (
        <p key={n} className="max-w-[80ch] text-soft">
          {n}
        </p>
      ))}
    </div>
  );
}
