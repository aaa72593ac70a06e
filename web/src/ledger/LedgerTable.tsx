import { type KeyboardEvent, useEffect, useRef } from 'react';
import type { Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';
import { chance, type WeighedFinding, times, weightOf } from '../verdict/odds';
import type { Cell } from './LedgerStation';
import { WeightBar } from './WeightBar';

interface Props {
  sheet: Sheet;
  rows: WeighedFinding[];
  /** Indices of the suspects shown. */
  columns: number[];
  cell: Cell;
  sortedBy?: number;
  onSort: (suspect: number) => void;
  onCell: (cell: Cell) => void;
  onKeyDown: (event: KeyboardEvent) => void;
}

/** Findings down, suspects across. One cell is in hand; the arrow keys move it. */
export function LedgerTable({ sheet, rows, columns, cell, sortedBy, onSort, onCell, onKeyDown }: Props) {
  const { suspects } = sheet.diagnosis;
  const inHand = useRef<HTMLButtonElement>(null);
  const table = useRef<HTMLTableElement>(null);
  useEffect(() => {
    if (table.current?.contains(document.activeElement)) {
      inHand.current?.focus();
    }
  }, [cell.finding, cell.column]);
  return (
    <table
      ref={table}
      className="mt-2 w-full table-fixed border-collapse text-left"
      onKeyDown={onKeyDown}
      data-ledger
    >
      <thead>
        <tr className="align-bottom">
          <th scope="col" className="w-[34%] pb-1 font-semibold">
            Finding
          </th>
          {columns.map((c) => (
            <th key={c} scope="col" className="pb-1" aria-sort={sortedBy === c ? 'descending' : 'none'}>
              <button
                className="flex min-h-[2.75rem] w-full flex-col justify-end pr-2 text-left leading-tight font-medium"
                onClick={() => onSort(c)}
                title="Sort by what it is worth here"
              >
                <span className={sortedBy === c ? 'underline underline-offset-4' : ''}>
                  {suspects[c]!.text}
                </span>
                <span className="font-mono font-bold">
                  {suspects[c]!.testedFor ? chance(suspects[c]!.probability) : '–'}
                </span>
              </button>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((f, row) => (
          <tr key={f.id} className="border-t border-hair" data-finding={f.id}>
            <th scope="row" className="py-1 pr-2 font-normal">
              {f.cylinders.length > 0 && (
                <span className="mr-1.5 font-mono font-bold">
                  {f.cylinders.map((c) => labelOf(sheet, c)).join(' ')}
                </span>
              )}
              {f.seen}
              {f.stops && <span className="text-leak"> Do not run it.</span>}
            </th>
            {columns.map((c, column) => {
              const chosen = cell.finding === row && cell.column === column;
              const weight = weightOf(f, c);
              return (
                <td key={c} className="p-0">
                  <button
                    ref={chosen ? inHand : undefined}
                    tabIndex={chosen ? 0 : -1}
                    aria-pressed={chosen}
                    aria-label={`${f.seen}, ${suspects[c]!.text}: ${times(weight)}`}
                    className={`flex min-h-[2.75rem] w-full items-center ${chosen ? 'bg-well outline-2 -outline-offset-2 outline-act' : ''}`}
                    onClick={() => onCell({ finding: row, column })}
                  >
                    <WeightBar decibans={weight} />
                  </button>
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
