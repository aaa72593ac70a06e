import { useState } from 'react';
import type { Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';
import type { ScreenProps } from '../station/station';
import { type WeighedFinding, times, weightOf, worthShowing } from '../verdict/odds';
import { VerdictPanel } from '../verdict/VerdictPanel';
import { CellDetail } from './CellDetail';
import { First } from './First';
import { LedgerTable } from './LedgerTable';
import { useLedgerKeys } from './useLedgerKeys';

/** Columns that fit beside the names of the findings on the bench. */
const MOST_COLUMNS = 6;

export interface Cell {
  finding: number;
  column: number;
}

/** Everything that was found against everything that is suspected, weight by weight, each with its rule and reading. */
export function LedgerStation({ sheet }: ScreenProps) {
  const { suspects, findings } = sheet.diagnosis;
  const columns = worthShowing(suspects, MOST_COLUMNS);
  const [sortedBy, sortBy] = useState<number | undefined>(undefined);
  const rows = sorted(findings, sortedBy);
  const [at, setAt] = useState<Cell>({ finding: 0, column: 0 });
  const cell = {
    finding: Math.min(at.finding, Math.max(0, rows.length - 1)),
    column: Math.min(at.column, Math.max(0, columns.length - 1)),
  };
  const onKey = useLedgerKeys(rows.length, columns.length, cell, setAt);
  const chosen = rows[cell.finding];
  return (
    <>
      <main className="flex min-h-0 min-w-0 flex-1 flex-col" aria-label="Ledger">
        <div className="min-h-0 flex-1 overflow-y-auto px-5 py-3 narrow:px-3">
          <div className="flex flex-wrap items-baseline justify-between gap-x-4">
            <h2 className="text-[1.375rem] font-semibold">Ledger</h2>
            <p className="text-soft">bar right: for · hatched, left: against · one notch: ten times</p>
          </div>
          <First sheet={sheet} />
          {rows.length === 0 ? (
            <p className="mt-4 text-[1.0625rem]">
              Nothing found yet. Every reading, sign and answer will stand here with what it is worth for each
              suspect.
            </p>
          ) : (
            <LedgerTable
              sheet={sheet}
              rows={rows}
              columns={columns}
              cell={cell}
              sortedBy={sortedBy}
              onSort={(c) => sortBy(c === sortedBy ? undefined : c)}
              onCell={setAt}
              onKeyDown={onKey}
            />
          )}
          <Rest sheet={sheet} />
          <InWords sheet={sheet} rows={rows} columns={columns} />
        </div>
        {chosen && columns[cell.column] !== undefined && (
          <CellDetail sheet={sheet} finding={chosen} suspect={columns[cell.column]!} />
        )}
      </main>
      <VerdictPanel sheet={sheet} />
    </>
  );
}

/** By what each is worth for one suspect, or for any. */
function sorted(findings: WeighedFinding[], by: number | undefined): WeighedFinding[] {
  return by === undefined
    ? findings
    : [...findings].sort((a, b) => Math.abs(weightOf(b, by)) - Math.abs(weightOf(a, by)));
}

function Rest({ sheet }: { sheet: Sheet }) {
  const { untested, assumed } = sheet.diagnosis;
  return (
    <div className="mt-4 grid grid-cols-2 gap-6 narrow:grid-cols-1">
      <section>
        <h3 className="heading">Not tested, and what could hide for it</h3>
        <ul>
          {untested.map((u) => (
            <li key={u}>{u}</li>
          ))}
          {untested.length === 0 && <li>Nothing is left out.</li>}
        </ul>
      </section>
      <section>
        <h3 className="heading">Not known, and what stood in</h3>
        <ul>
          {assumed.map((a) => (
            <li key={a.what}>
              {a.what}: {a.instead}. <span className="text-soft">{a.costs}.</span>
            </li>
          ))}
          {assumed.length === 0 && <li>Everything needed is known.</li>}
        </ul>
      </section>
    </div>
  );
}

/** The same for a screen reader, finding by finding. */
function InWords({ sheet, rows, columns }: { sheet: Sheet; rows: WeighedFinding[]; columns: number[] }) {
  const { suspects } = sheet.diagnosis;
  return (
    <ul className="sr-only" aria-label="Ledger in words">
      {rows.map((f) => (
        <li key={f.id}>
          {f.cylinders.length > 0 && `Cylinder ${f.cylinders.map((c) => labelOf(sheet, c)).join(', ')}: `}
          {f.seen}.{' '}
          {columns
            .filter((c) => Math.abs(weightOf(f, c)) >= 1)
            .map(
              (c) =>
                `${weightOf(f, c) > 0 ? 'For' : 'Against'} ${suspects[c]!.text}, ${times(weightOf(f, c))}.`,
            )
            .join(' ') || 'Weighs next to nothing.'}
        </li>
      ))}
    </ul>
  );
}
