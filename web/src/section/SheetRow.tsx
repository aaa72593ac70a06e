import type { ReactNode } from 'react';
import { type Column, gridTemplate, type Measure } from './layout';
import { rem } from './scale';

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
      className={`grid items-center border-b border-hair bg-paper last:border-b-0 ${slim ? 'min-h-[1.5625rem]' : 'min-h-[2.125rem]'}`}
      style={{ gridTemplateColumns: gridTemplate(columns, measure) }}
    >
      <div
        role="rowheader"
        className="sticky left-0 z-[1] flex h-full flex-col justify-center bg-inherit px-3 text-soft"
      >
        {name}
      </div>
      {columns.map((c, i) => (
        <Cells key={c.cylinder} gap={!!c.bank && i > 0}>
          <div role="cell" className="text-center font-mono text-[1.0625rem]">
            {children(c.cylinder)}
          </div>
        </Cells>
      ))}
      <div role="cell" className="pl-1.5 whitespace-nowrap text-soft">
        {unit}
      </div>
    </div>
  );
}

/** One row of what is told of the engine as a whole, across its columns. */
export function WideRow({
  measure,
  name,
  children,
}: Pick<RowProps, 'measure' | 'name'> & { children: ReactNode }) {
  return (
    <div
      role="row"
      className="flex min-h-[1.5625rem] items-center border-b border-hair bg-paper last:border-b-0"
    >
      <div
        role="rowheader"
        className="sticky left-0 z-[1] shrink-0 bg-inherit px-3 text-soft"
        style={{ width: rem(measure.label) }}
      >
        {name}
      </div>
      <div role="cell" className="pr-3">
        {children}
      </div>
    </div>
  );
}

/** A cell, with the gap between the banks before it where there is one. */
export function Cells({ gap, children }: { gap: boolean; children: ReactNode }) {
  return (
    <>
      {gap && <div role="presentation" />}
      {children}
    </>
  );
}
