import type { KeyboardEvent } from 'react';
import { useShownKeys } from '../keys/shownKeys';
import type { Cell } from './LedgerStation';

const STEPS: Record<string, [number, number]> = {
  ArrowDown: [1, 0],
  ArrowUp: [-1, 0],
  ArrowRight: [0, 1],
  ArrowLeft: [0, -1],
};

/** Arrow keys go from cell to cell; what the cell is worth stands under the table at once. */
export function useLedgerKeys(rows: number, columns: number, at: Cell, go: (cell: Cell) => void) {
  useShownKeys([{ shown: '← ↑ → ↓', does: 'go from cell to cell of the ledger' }]);
  return (event: KeyboardEvent) => {
    const step = STEPS[event.key];
    if (!step) {
      return;
    }
    event.preventDefault();
    const within = (n: number, most: number) => Math.max(0, Math.min(most - 1, n));
    go({ finding: within(at.finding + step[0], rows), column: within(at.column + step[1], columns) });
  };
}
