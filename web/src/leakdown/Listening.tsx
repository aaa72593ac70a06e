import { useState } from 'react';
import type { Sheet } from '../api/client';
import { Choice } from '../ui/Choice';
import { YesNo } from '../ui/YesNo';
import type { Heard, LeakdownHand, Place } from './useLeakdown';

const PLACES: readonly (readonly [Place, string])[] = [
  ['INTAKE', 'Intake'],
  ['EXHAUST', 'Exhaust'],
  ['CRANKCASE', 'Crankcase'],
  ['COOLANT', 'Coolant'],
  ['OUTSIDE', 'Outside'],
];
const STATES: readonly (readonly [Heard, string])[] = [
  ['CANNOT_BE_REACHED', 'no way'],
  ['NOTHING', 'nothing'],
  ['FAINT', 'faint'],
  ['CLEAR', 'clear'],
  ['LOUD', 'loud'],
];

/** Where the air comes out, listened for on the attempt just read. Not listened stays open; that is not "nothing". */
export function Listening({ sheet, hand }: { sheet: Sheet; hand: LeakdownHand }) {
  const heard = hand.latest?.reading.heard ?? {};
  const neighbours = sheet.cylinders.find((c) => c.number === hand.cylinder)?.neighbours ?? [];
  const [chosen, setChosen] = useState<number>();
  const neighbour = hand.latest?.reading.neighbour ?? chosen ?? neighbours[0];
  const labelOf = (n: number) => sheet.cylinders.find((c) => c.number === n)?.label ?? String(n);
  if (!hand.latest) {
    return (
      <p className="text-soft">Read the cylinder first; then listen at each place, and say what you heard.</p>
    );
  }
  const liquid = sheet.engine.engine.cooling !== 'AIR';
  return (
    <div className="flex flex-wrap gap-x-5 gap-y-2.5">
      {PLACES.filter(([p]) => p !== 'COOLANT' || liquid).map(([place, words]) => (
        <Choice
          key={place}
          label={words}
          value={heard[place] as Heard | undefined}
          options={STATES}
          onChange={(h) => hand.hear(place, h)}
        />
      ))}
      {neighbours.length > 0 && (
        <>
          <Choice
            label={`Plug hole of ${labelOf(neighbour!)}`}
            value={heard.NEIGHBOUR as Heard | undefined}
            options={STATES}
            onChange={(h) =>
              hand.hear('NEIGHBOUR', h, neighbour, hand.latest?.reading.neighbourExcluded ?? undefined)
            }
          />
          {neighbours.length > 1 && !hand.latest.reading.neighbour && (
            <Choice
              label="or of"
              value={String(neighbour)}
              options={neighbours.map((n) => [String(n), labelOf(n)] as const)}
              onChange={(n) => setChosen(n ? Number(n) : undefined)}
            />
          )}
          {heard.NEIGHBOUR && (
            <YesNo
              label="Its open valve plugged off first"
              value={hand.latest.reading.neighbourExcluded ?? undefined}
              onChange={(v) => hand.hear('NEIGHBOUR', heard.NEIGHBOUR as Heard, neighbour, v)}
            />
          )}
        </>
      )}
    </div>
  );
}
