import { useEffect, useState } from 'react';
import { useTyping } from '../instruments/useTyping';
import { readingCell } from '../ui/useTypedCell';
import { Tick } from '../ui/Tick';
import { useUnits } from '../units/UnitsContext';
import type { Practising } from './usePractice';

/** A cylinder comes to compression so often, ms. */
const STROKE_MS = 550;
const POUR_ML = 5;
const none = () => undefined;

/** The cell that a cranking types into. */
interface Cell {
  cylinder: number;
  text: string;
  setText: (text: string) => void;
  sent: { text: string } | undefined;
}

/** Cranks the practice engine: the gauge types into the cell, stroke by stroke, and Enter takes it. */
export function PracticeCrank({
  entry,
  practice,
  name,
}: {
  entry: Cell;
  practice: Practising;
  name: string;
}) {
  const units = useUnits();
  const [open, setOpen] = useState(false);
  const { state } = practice;
  const shown = state?.shown ?? [];
  const number = shown.findLastIndex((s) => s.deed.kind === 'CRANK');
  const strokes = number >= 0 ? shown[number]!.strokesKPa : [];
  const here = shown[number]?.deed.cylinder === entry.cylinder;
  const [seen, setSeen] = useState({ number: -1, strokes: 0 });
  const [opened] = useState(number);
  const turning = number > opened && (seen.number < number || seen.strokes < strokes.length);
  useEffect(() => {
    if (!turning) {
      return;
    }
    const timer = setTimeout(
      () => setSeen({ number, strokes: seen.number === number ? seen.strokes + 1 : 1 }),
      STROKE_MS,
    );
    return () => clearTimeout(timer);
  }, [turning, number, seen]);
  const text =
    seen.number === number && here
      ? strokes
          .slice(0, seen.strokes)
          .map((kPa) => units.format('pressure', kPa))
          .join(' ')
      : '';
  useTyping({
    offer: text ? { number: number + 1, text } : undefined,
    cell: entry,
    sent: entry.sent,
    onTaken: none,
  });
  if (!state || state.stated) {
    return null;
  }
  const last = seen.number === number && here && seen.strokes > 0 ? strokes[seen.strokes - 1] : undefined;
  const does = (kind: 'CRANK' | 'POUR_OIL') =>
    void practice
      .does({ kind, cylinder: entry.cylinder, throttleOpen: open, oilMl: kind === 'POUR_OIL' ? POUR_ML : 0 })
      .catch(none)
      // Enter belongs to the cell again.
      .finally(() => readingCell()?.focus());
  return (
    <div
      className="no-print flex flex-wrap items-center gap-4 border-t border-hair px-3 py-1"
      data-practice-crank
    >
      <span className="min-w-[8rem] font-mono text-[1.625rem]">
        {last === undefined ? '–' : units.withUnit('pressure', last)}
      </span>
      <Tick label="throttle held open" value={open} onChange={setOpen} />
      <span className="flex-1 leading-tight text-soft" role="status">
        {turning
          ? 'Cranking …'
          : last === undefined
            ? 'Put the gauge in, and crank.'
            : text && entry.text === text
              ? 'It stands. Enter takes it.'
              : 'Taken. Crank the next.'}
      </span>
      <button className="button" disabled={practice.pending || turning} onClick={() => does('POUR_OIL')}>
        Pour {POUR_ML} mL into {name}
      </button>
      <button
        className="button button-main"
        disabled={practice.pending || turning}
        onClick={() => does('CRANK')}
      >
        Crank {name}
      </button>
    </div>
  );
}
