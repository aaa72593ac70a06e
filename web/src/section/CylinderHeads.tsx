import type { ReactNode } from 'react';
import type { Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';
import { type Column, gridTemplate, type Measure } from './layout';
import { Cells } from './SheetRow';

interface Props {
  sheet: Sheet;
  columns: Column[];
  measure: Measure;
  current?: number;
  /** What stands before the first column. */
  children?: ReactNode;
}

/** The numbers of the cylinders, above everything that stands in their columns. */
export function CylinderHeads({ sheet, columns, measure, current, children }: Props) {
  return (
    <div
      role="row"
      className="grid min-h-[2.75rem] items-center print:min-h-[1.75rem]"
      style={{ gridTemplateColumns: gridTemplate(columns, measure) }}
      data-heads
    >
      <div role="cell" className="sticky left-0 z-[2] self-stretch bg-paper">
        {children}
      </div>
      {columns.map((c, i) => (
        <Cells key={c.cylinder} gap={!!c.bank && i > 0}>
          <div
            role="columnheader"
            aria-label={`Cylinder ${labelOf(sheet, c.cylinder)}`}
            data-head={c.cylinder}
            className={`text-center font-mono text-[1.25rem] leading-none font-bold ${c.cylinder === current ? 'text-act' : ''}`}
          >
            {c.bank && <span className="block font-sans text-[0.75rem] font-normal text-soft">{c.bank}</span>}
            {labelOf(sheet, c.cylinder)}
          </div>
        </Cells>
      ))}
      <div role="cell" />
    </div>
  );
}
