import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, Refusal, type Schemas } from '../api/client';
import { Choice } from '../ui/Choice';
import { QuantityField } from '../ui/QuantityField';
import { withinRange } from '../units/figure';
import { useUnits } from '../units/UnitsContext';
import { labels } from '../words/labels';
import { Figure } from './Calculation';

type Line = Schemas['OilRateEntry'];
type Meter = 'DISTANCE' | 'HOURS';

const START: Line[] = [
  { hours: 4512, dipMmFromMax: 0 },
  { hours: 4540, dipMmFromMax: -5 },
  { hours: 4571, dipMmFromMax: -11, addedL: 0.5 },
  { hours: 4602, dipMmFromMax: -10 },
];

/** Dips and what was poured as a rate with its interval; a line more appears as the last one is used. */
export function OilRate() {
  const units = useUnits();
  const [meter, setMeter] = useState<Meter>('HOURS');
  const [mm, setMm] = useState<number | undefined>(20);
  const [litres, setLitres] = useState<number | undefined>(1.5);
  const [lines, setLines] = useState(START);
  const at = meter === 'HOURS' ? 'hours' : 'distanceKm';
  const entries = lines
    .filter((l) => Object.values(l).some((v) => v !== undefined))
    .map(({ dipMmFromMax, addedL, hours, distanceKm }) => ({
      dipMmFromMax,
      addedL,
      [at]: meter === 'HOURS' ? hours : distanceKm,
    }));
  const { data, error } = useQuery({
    queryKey: ['calculation', 'oil-rate', entries, mm, litres],
    queryFn: () =>
      answer(
        api.POST('/api/calculations/oil-rate', {
          body: { entries, mmBetweenMarks: mm!, litresBetweenMarks: litres! },
        }),
      ),
    retry: false,
    placeholderData: (old) => old,
  });
  const refusal = error instanceof Refusal ? error : undefined;
  const put = (i: number, more: Line) => setLines(lines.map((l, k) => (k === i ? { ...l, ...more } : l)));
  const shown = Object.keys(lines.at(-1)!).length > 0 ? [...lines, {}] : lines;
  const change = (i: number, more: Line) => (i < lines.length ? put(i, more) : setLines([...lines, more]));
  const said = (i: number, field: string) =>
    refusal?.errors.find((e) => e.field === `entries[${i}].${field}`)?.message;
  return (
    <section
      className="grid grid-cols-[1fr_20.5rem] gap-8 border-t border-hair py-4 narrow:grid-cols-1 narrow:gap-3"
      aria-label="Oil use"
    >
      <div>
        <h2 className="text-[1.25rem] font-semibold">Oil use</h2>
        <p className="mb-2 max-w-[80ch] text-soft">
          A line a dip: negative below the full mark, read before anything was poured. Poured oil is good to 3
          %, a dip to a millimetre; what was poured wrongly stays wrong in every dip after it.
        </p>
        <div className="mb-2 flex flex-wrap items-end gap-4">
          <Choice<Meter>
            label="Counted by"
            value={meter}
            options={labels<Meter>('Meter').filter(([m]) => m === 'HOURS' || m === 'DISTANCE')}
            onChange={(m) => m && setMeter(m)}
          />
          <div className="w-40">
            <QuantityField
              label="Between the marks"
              quantity="length"
              value={mm}
              error={refusal?.at('mmBetweenMarks')}
              onCommit={setMm}
            />
          </div>
          <div className="w-40">
            <QuantityField
              label="Between the marks"
              quantity="volume"
              value={litres}
              error={refusal?.at('litresBetweenMarks')}
              onCommit={setLitres}
            />
          </div>
        </div>
        {shown.map((l, i) => (
          <div key={i} className="mb-2 grid grid-cols-5 gap-x-4">
            {meter === 'HOURS' ? (
              <QuantityField
                label={`${i + 1}: at`}
                unit="h"
                value={l.hours}
                error={said(i, 'hours')}
                onCommit={(hours) => change(i, { hours })}
              />
            ) : (
              <QuantityField
                label={`${i + 1}: at`}
                quantity="distance"
                value={l.distanceKm}
                error={said(i, 'distanceKm')}
                onCommit={(distanceKm) => change(i, { distanceKm })}
              />
            )}
            <QuantityField
              label="Dip from full"
              quantity="length"
              value={l.dipMmFromMax}
              error={said(i, 'dipMmFromMax')}
              onCommit={(dipMmFromMax) => change(i, { dipMmFromMax })}
            />
            <QuantityField
              label="Poured then"
              quantity="volume"
              value={l.addedL}
              error={said(i, 'addedL')}
              onCommit={(addedL) => change(i, { addedL })}
            />
          </div>
        ))}
      </div>
      <div className="self-center border-l-2 border-ink pl-5" aria-live="polite">
        {error ? (
          <p className="refusal">{refusal?.errors[0]?.message ?? error.message}</p>
        ) : (
          data && (
            <>
              {data.mlPerHour && <Figure name="mL/h">{withinRange(data.mlPerHour)}</Figure>}
              {data.litresPer1000Km && (
                <Figure name={units.symbol('oilRate')}>
                  {`${units.format('oilRate', data.litresPer1000Km.low)} to ${units.format('oilRate', data.litresPer1000Km.high)}`}
                </Figure>
              )}
              {data.hoursToMin && (
                <Figure name="h to the low mark, for sure">{data.hoursToMin.low.toFixed(0)}</Figure>
              )}
              {data.distanceToMinKm && (
                <Figure name={`${units.symbol('distance')} to the low mark, for sure`}>
                  {units.format('distance', data.distanceToMinKm.low)}
                </Figure>
              )}
              <p className="text-soft">
                {data.usesOil ? 'Oil use is proved.' : 'Oil use is not proved yet.'}
              </p>
            </>
          )
        )}
      </div>
    </section>
  );
}
