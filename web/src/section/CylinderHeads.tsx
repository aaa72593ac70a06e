import type { ReactNode } from 'react';
import type { Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';
import { callOuts, LINE } from './callOuts';
import { type Column, gridTemplate, type Measure } from './layout';
import { Cells } from './SheetRow';

interface Props {
  sheet: Sheet;
  columns: Column[];
  measure: Measure;
  current?: number;
  /** Where the section is folded away, what it would say stands at the numbers. */
  strip?: boolean;
  /** What stands before the first column. */
  children?: ReactNode;
}

/** The numbers of the cylinders, above everything that stands in their columns. */
export function CylinderHeads({ sheet, columns, measure, current, strip, children }: Props) {
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
            {strip && <Said sheet={sheet} cylinder={c.cylinder} width={measure.column} />}
          </div>
        </Cells>
      ))}
      <div role="cell" />
    </div>
  );
}

function Said({ sheet, cylinder, width }: { sheet: Sheet; cylinder: number; width: number }) {
  const paths = sheet.diagnosis.paths.filter((p) => p.cylinder === cylinder);
  const line = callOuts(paths, width, LINE).find((l) => !l.figure);
  return line ? (
    <span
      className={`block font-sans text-[0.8125rem] leading-tight font-medium ${line.oil ? 'text-oil' : 'text-leak'}`}
    >
      {line.text}
    </span>
  ) : null;
}
