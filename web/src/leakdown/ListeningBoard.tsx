import { ToggleGroup } from 'radix-ui';
import type { Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';
import { Toggles } from '../ui/Toggles';
import { capital, labels } from '../words/labels';
import type { Heard, LeakdownHand, Place } from './useLeakdown';

const SOUNDS = new Set<string>(['FAINT', 'CLEAR', 'LOUD']);

interface Spot {
  key: string;
  words: string;
  heard: Heard | undefined;
  hear: (heard: Heard | undefined) => void;
  neighbour?: number;
  note?: string;
}

/** Where the air comes out, a tap a place. Not listened stays open; that is not "nothing". */
export function ListeningBoard({ sheet, hand }: { sheet: Sheet; hand: LeakdownHand }) {
  const spots = spotsOf(sheet, hand);
  const unheard = spots.filter((s) => !s.heard);
  const states = labels<Heard>('Heard');
  const idle = !hand.latest;
  return (
    <div className="min-w-0">
      <div className="flex items-center justify-between gap-2">
        <h3 className="text-[1.125rem] font-semibold">{labelOf(sheet, hand.cylinder)}: where is the air?</h3>
        {idle ? (
          <p className="flex min-h-[2.75rem] items-center text-right leading-tight text-soft">
            read it first, then say what you hear
          </p>
        ) : (
          <button
            className="min-h-[2.75rem] px-2 text-right leading-tight underline underline-offset-4 hover:text-act"
            disabled={unheard.length === 0}
            onClick={() => unheard.forEach((s) => s.hear('NOTHING'))}
          >
            the rest: nothing
          </button>
        )}
      </div>
      <div className="grid grid-cols-[6.25rem_repeat(5,minmax(0,1fr))]">
        {spots.map((s) => (
          <Toggles
            key={s.key}
            label={s.words}
            value={s.heard}
            onChange={s.hear}
            disabled={idle}
            className="contents"
          >
            <span className="flex flex-col justify-center border-t border-hair pr-1 leading-tight">
              {s.words}
              {s.note && <span className="text-[0.8125rem] text-leak">{s.note}</span>}
            </span>
            {states.map(([state, words]) => (
              <ToggleGroup.Item
                key={state}
                value={state}
                className="-mt-px -ml-px min-h-[2.75rem] min-w-[2.75rem] border border-metal bg-well px-0 text-[0.9375rem] leading-tight aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
              >
                {words}
              </ToggleGroup.Item>
            ))}
          </Toggles>
        ))}
      </div>
      {spots
        .filter((s) => s.neighbour !== undefined && SOUNDS.has(s.heard ?? ''))
        .map((s) => (
          <PluggedOff key={s.key} sheet={sheet} hand={hand} neighbour={s.neighbour!} />
        ))}
    </div>
  );
}

function spotsOf(sheet: Sheet, hand: LeakdownHand): Spot[] {
  const reading = hand.latest?.reading;
  const liquid = sheet.engine.engine.cooling !== 'AIR';
  const beside = sheet.cylinders.find((c) => c.number === hand.cylinder)?.neighbours ?? [];
  return [
    ...labels<Place>('Place')
      .filter(([p]) => p !== 'NEIGHBOUR' && (p !== 'COOLANT' || liquid))
      .map(([place, words]) => ({
        key: place,
        words: capital(words),
        heard: reading?.heard?.[place] as Heard | undefined,
        hear: (heard: Heard | undefined) => hand.hear({ place, heard }),
        note: place === 'COOLANT' ? 'cap only when cold' : undefined,
      })),
    ...beside.map((n) => ({
      key: `neighbour${n}`,
      words: `Plug hole of ${labelOf(sheet, n)}`,
      heard: reading?.neighbours?.[n] as Heard | undefined,
      hear: (heard: Heard | undefined) =>
        hand.hear({ place: 'NEIGHBOUR', heard, neighbour: n, excluded: reading?.excluded?.includes(n) }),
      neighbour: n,
    })),
  ];
}

/** Air at a neighbour's hole may come through its own open valve; only with that plugged off it is the gasket. */
function PluggedOff({ sheet, hand, neighbour }: { sheet: Sheet; hand: LeakdownHand; neighbour: number }) {
  const reading = hand.latest!.reading;
  const plugged = reading.excluded?.includes(neighbour) ?? false;
  return (
    <label className="flex min-h-[2.75rem] items-center gap-2 border-t border-hair">
      <input
        type="checkbox"
        className="size-6 accent-[var(--act)]"
        checked={plugged}
        onChange={(e) =>
          hand.hear({
            place: 'NEIGHBOUR',
            heard: reading.neighbours![neighbour] as Heard,
            neighbour,
            excluded: e.target.checked,
          })
        }
      />
      Open valve of {labelOf(sheet, neighbour)} plugged off first
    </label>
  );
}
