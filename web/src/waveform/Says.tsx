import type { Schemas, Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';
import { useUnits } from '../units/UnitsContext';

/** What a waveform says, cylinder by cylinder, and what it cannot say. */
export function Says({ sheet, result }: { sheet: Sheet; result: Schemas['WaveformResult'] }) {
  const units = useUnits();
  const { shares, peak, rpm } = result;
  return (
    <section className="mt-4 max-w-[64rem]" data-says>
      <p className="max-w-[75ch] text-[1.0625rem]">
        {rpm != null && <span className="font-mono">{rpm.toFixed(0)} rpm. </span>}
        {result.says}
      </p>
      {shares.length > 0 && (
        <table className="mt-3 w-full text-left">
          <tbody>
            {shares.map((s) => (
              <tr key={s.cylinder} className="border-b border-hair">
                <td className="w-16 py-1.5 font-mono text-[1.25rem]">{labelOf(sheet, s.cylinder)}</td>
                <td className="w-[26rem]">
                  <span className="relative block h-4 border border-metal">
                    <span
                      className={`block h-full ${s.percent < 85 ? 'bg-leak' : 'bg-ink'}`}
                      style={{ width: `${s.percent}%` }}
                    />
                  </span>
                </td>
                <td className="pl-4 font-mono text-[1.25rem]">{s.percent.toFixed(0)} %</td>
                <td className="pl-4 text-soft">
                  ± {s.sigma.toFixed(1)}, {s.strokes} {s.strokes === 1 ? 'stroke' : 'strokes'}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {peak && (
        <p className="mt-3">
          Cylinder {labelOf(sheet, peak.cylinder)}:{' '}
          <span className="font-mono text-[1.375rem]">{units.withUnit('pressure', peak.measuredKPa)}</span> at
          the peaks (± {units.format('pressure', peak.sigmaKPa)}), without a check valve
          {peak.asGaugeKPa != null && (
            <>
              ; a usual gauge would hold{' '}
              <span className="font-mono text-[1.375rem]">{units.withUnit('pressure', peak.asGaugeKPa)}</span>
              , computed
            </>
          )}
          .
        </p>
      )}
    </section>
  );
}
