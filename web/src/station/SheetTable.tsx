import type { ReactNode } from 'react';
import type { RowsProps, StationName, StationRows } from './station';

interface Props extends RowsProps {
  rows: StationRows[];
  /** The station whose readings are typed here, with its own rows. */
  own?: { station: StationName; rows: ReactNode };
}

/** The table under the section: the rows of every station in its columns, in the order of the round. */
export function SheetTable({ rows, own, ...props }: Props) {
  return (
    <div role="rowgroup">
      {rows.map(({ station, Rows }) =>
        own?.station === station ? (
          <div key={station} role="presentation">
            {own.rows}
          </div>
        ) : (
          <Rows key={station} {...props} />
        ),
      )}
    </div>
  );
}
