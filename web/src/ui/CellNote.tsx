import type { ReactNode } from 'react';

/** What is said or asked beside a cell, hung under it. */
export function CellNote({ id, children }: { id?: string; children: ReactNode }) {
  return (
    <div
      id={id}
      role="alert"
      className="absolute top-full left-1/2 z-10 w-64 -translate-x-1/2 border border-leak bg-paper p-2 text-left font-sans text-[15px]"
    >
      {children}
    </div>
  );
}

/** A refusal, with what was typed so that it can be read while the next value is typed. */
export function RefusedNote({ text, why }: { text: string; why: string }) {
  return (
    <CellNote id="refused">
      <p className="refusal">
        {text && <span className="mr-2 font-mono text-ink line-through">{text}</span>}
        {why}
      </p>
    </CellNote>
  );
}
