import type { Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';

interface Props {
  sheet: Sheet;
  from: number;
  words?: string;
  onMove: (cylinder: number) => void;
}

/** For what was written down on the wrong cylinder: hands it to another one. */
export function MoveTo({ sheet, from, words = 'Belongs to', onMove }: Props) {
  if (sheet.cylinders.length < 2) {
    return null;
  }
  return (
    <p className="text-soft">
      {words}:
      {sheet.cylinders
        .filter((c) => c.number !== from)
        .map((c) => (
          <button
            key={c.number}
            className="ml-1 min-h-[2.75rem] min-w-[2.75rem] font-mono underline underline-offset-2 hover:text-act"
            aria-label={`Move from ${labelOf(sheet, from)} to ${c.label}`}
            onClick={() => onMove(c.number)}
          >
            {c.label}
          </button>
        ))}
    </p>
  );
}
