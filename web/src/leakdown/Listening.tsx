import type { Sheet } from '../api/client';
import { Choice } from '../ui/Choice';
import { YesNo } from '../ui/YesNo';
import type { Heard, LeakdownHand, Place } from './useLeakdown';
import { labelOf } from '../api/labelOf';
import { capital, labels } from '../words/labels';

const SOUNDS = new Set<string>(['FAINT', 'CLEAR', 'LOUD']);

/** Where the air comes out, listened for on the attempt just read. Not listened stays open; that is not "nothing". */
export function Listening({ sheet, hand }: { sheet: Sheet; hand: LeakdownHand }) {
  if (!hand.latest) {
    return (
      <p className="text-soft">
        Read the cylinder first; then listen at each place, and say what you heard. A reading that moves: type
        what you watch with blanks between, the last value counts.
      </p>
    );
  }
  const { heard, neighbours, excluded } = hand.latest.reading;
  const beside = sheet.cylinders.find((c) => c.number === hand.cylinder)?.neighbours ?? [];
  const liquid = sheet.engine.engine.cooling !== 'AIR';
  return (
    <div className="flex flex-wrap gap-x-5 gap-y-2.5">
      {labels<Place>('Place')
        .filter(([p]) => p !== 'NEIGHBOUR' && (p !== 'COOLANT' || liquid))
        .map(([place, words]) => (
          <Choice
            key={place}
            label={capital(words)}
            value={heard?.[place] as Heard | undefined}
            options={labels('Heard')}
            onChange={(h) => hand.hear({ place, heard: h })}
          />
        ))}
      {beside.map((n) => (
        <Choice
          key={n}
          label={`Plug hole of ${labelOf(sheet, n)}`}
          value={neighbours?.[n] as Heard | undefined}
          options={labels('Heard')}
          onChange={(h) =>
            hand.hear({ place: 'NEIGHBOUR', heard: h, neighbour: n, excluded: excluded?.includes(n) })
          }
        />
      ))}
      {beside
        .filter((n) => SOUNDS.has(neighbours?.[n] ?? ''))
        .map((n) => (
          <YesNo
            key={n}
            label={`Open valve of ${labelOf(sheet, n)} plugged off first`}
            value={excluded?.includes(n) ?? false}
            onChange={(v) =>
              hand.hear({ place: 'NEIGHBOUR', heard: neighbours![n] as Heard, neighbour: n, excluded: v })
            }
          />
        ))}
      <Choice
        label="Listened with"
        value={hand.listenedWith ?? hand.latest.reading.listenedWith}
        options={labels('ListenedWith')}
        onChange={hand.setListenedWith}
      />
    </div>
  );
}
