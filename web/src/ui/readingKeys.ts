import { digit, type Key, key } from '../keys/useKeys';
import { readingCell } from './useTypedCell';

interface Cell {
  press: (sign: string) => void;
  clear: () => void;
}

/** The keys that every bench with a reading cell has; it says what Enter and Space mean, and puts its own between them. */
export function readingKeys(cell: Cell) {
  const atCell = () => document.activeElement === readingCell();
  return {
    digits: {
      shown: '0 – 9',
      does: 'type into the current cylinder',
      on: digit,
      run: (e) => {
        if (atCell()) {
          return false;
        }
        readingCell()?.focus();
        cell.press(e.key);
      },
    } satisfies Key,
    enter: (does: string, run: () => unknown): Key => ({
      shown: 'Enter',
      does,
      on: (e) => e.key === 'Enter' && (atCell() || document.activeElement === document.body),
      run,
    }),
    /** Typed like any sign; the help says what it is for. */
    space: (does: string): Key => ({ shown: 'Space', does, on: () => false, run: () => false }),
    clear: {
      shown: 'Esc',
      does: 'clear what is typed, back to the current cylinder',
      on: key('Escape'),
      run: () => {
        cell.clear();
        readingCell()?.focus();
      },
    } satisfies Key,
  };
}
