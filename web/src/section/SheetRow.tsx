import type { ReactNode } from 'react';
import { type Column, gridTemplate, type Measure } from './layout';

interface RowProps {
  columns: Column[];
  measure: Measure;
  name: ReactNode;
  unit: string;
  /** For words rather than figures. */
  slim?: boolean;
  children: (cylinder: number) => ReactNode;
}

/** One row under the section, in its columns. */
export function Row({ columns, measure, name, unit, slim, children }: RowProps) {
  return (
    <div
      role="row"
      className={`grid items-center border-b border-hair ${slim ? 'min-h-[25px]' : 'min-h-[34px]'}`}
      style={{ gridTemplateColumns: gridTemplate(columns, measure) }}
    >
      <div role="rowheader" className="px-3 text-soft">
        {name}
      </div>
      {columns.map((c, i) => (
        <Cells key={c.cylinder} gap={!!c.bank && i > 0}>
          <div role="cell" className="text-center font-mono text-[17px]">
            {children(c.cylinder)}
          </div>
        </Cells>
      ))}
      <div className="text-soft">{unit}</div>
    </div>
  );
}

/** A cell, with the gap between the banks before it where there is one. */
export function Cells({ gap, children }: { gap: boolean; children: ReactNode }) {
  return (
    <>
      {gap && <div />}
      {children}
    </>
  );
}
