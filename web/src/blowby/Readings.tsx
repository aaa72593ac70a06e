import { type Sheet } from '../api/client';
import { useUnits } from '../units/UnitsContext';
import { label, labels } from '../words/labels';
import type { BlowbyHand, Point, Reading } from './useBlowby';

/** Every reading that was taken, newest first: repeats are kept. */
export function Readings({ sheet, hand }: { sheet: Sheet; hand: BlowbyHand }) {
  const units = useUnits();
  const { readings, read, notCounted } = sheet.blowby;
  if (readings.length === 0) {
    return (
      <p className="max-w-[70ch]">
        Nothing read yet. Begin with the crankcase as found: engine idling, ventilation working, pressure or
        suction on the dipstick tube. Then shut everything but the orifice and go on to idle.
      </p>
    );
  }
  return (
    <table className="w-full text-left">
      <thead>
        <tr className="border-b border-ink">
          {['Point', 'Read', units.symbol('crankcase'), 'Speed', ''].map((h) => (
            <th key={h} className="heading py-1 pr-3">
              {h}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {readings.toReversed().map((r) => {
          const pa = read.find((p) => p.readingId === r.id)?.pressurePa;
          const not = notCounted.find((n) => n.readingId === r.id)?.reason;
          return (
            <tr key={r.id} className={`border-b border-hair ${r.setAside || not ? 'text-soft' : ''}`}>
              <td className="py-1 pr-3 font-medium">{label('BlowbyPoint', r.reading.point)}</td>
              <td className="pr-3">
                {asRead(r.reading)}
                {r.reading.pulsing && ', pulsing'}
                {not && <span className="block text-leak">{not}</span>}
                {r.setAside && <span className="block">set aside: {r.setAside}</span>}
              </td>
              <td className={`pr-3 font-mono text-[1.125rem] ${r.setAside ? 'line-through' : ''}`}>
                {pa === undefined ? '–' : units.format('crankcase', pa)}
              </td>
              <td className="pr-3 font-mono">{r.reading.rpm ?? ''}</td>
              <td className="flex justify-end gap-2 py-1">
                <select
                  className="field"
                  style={{ width: 'auto' }}
                  aria-label={`Belongs to another point than ${label('BlowbyPoint', r.reading.point)}`}
                  value=""
                  onChange={(e) => hand.move(r.id, e.target.value as Point)}
                >
                  <option value="">belongs to …</option>
                  {labels<Point>('BlowbyPoint')
                    .filter(([p]) => p !== r.reading.point)
                    .map(([p, words]) => (
                      <option key={p} value={p}>
                        {words}
                      </option>
                    ))}
                </select>
                <button
                  className="button"
                  onClick={() => hand.setAside(r.id, r.setAside ? undefined : 'set aside at the bench')}
                >
                  {r.setAside ? 'Count again' : 'Set aside'}
                </button>
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

function asRead(r: Reading): string {
  if (r.instrument === 'DIGITAL') {
    return r.gauge ?? 'digital gauge';
  }
  return r.legsMm
    ? `slack tube, ${r.legsMm[0]} up, ${r.legsMm[1]} down`
    : r.oneLegMm != null
      ? `slack tube, one leg ${r.oneLegMm}`
      : `${label('TubeKind', r.tube ?? 'U')}, height ${r.heightMm}`;
}
