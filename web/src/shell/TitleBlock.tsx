import { Redo2, Undo2 } from 'lucide-react';
import type { ReactNode } from 'react';
import type { Sheet } from '../api/client';
import { useUnits } from '../units/UnitsContext';
import { UnitsMenu } from '../units/UnitsMenu';
import type { UndoControl } from './useUndo';

const TEMPERATURES = { HOT: 'hot', WARM: 'warm', COLD: 'cold' } as const;

/** As on a drawing: the place of identity and status, on screen and on paper. */
export function TitleBlock({ sheet, undo }: { sheet: Sheet; undo: UndoControl }) {
  const units = useUnits();
  const { job, engine } = sheet;
  const meter = [
    job.job.hours != null && `${job.job.hours} h`,
    job.job.distanceKm != null && units.withUnit('distance', job.job.distanceKm),
  ].filter(Boolean);
  const temperature = sheet.passes.at(-1)?.conditions.temperature;
  const saved = new Date(job.changedAt).toLocaleTimeString([], {
    hour: '2-digit',
    minute: '2-digit',
    hour12: false,
  });
  return (
    <footer className="flex min-h-[54px] border-t-2 border-ink text-[17px] max-[1099px]:flex-wrap print:order-first print:border print:text-[15px]">
      <Cell name="Engine" grow>
        {engine.engine.name}
      </Cell>
      <Cell name="Job" grow>
        {job.job.complaint || 'no complaint written down'}
      </Cell>
      <Cell name="Date">{job.job.date}</Cell>
      <Cell name="Meter">{meter.join(', ') || 'unknown'}</Cell>
      <Cell name="State">{temperature ? TEMPERATURES[temperature] : 'not noted'}</Cell>
      <Cell name="Units">
        <UnitsMenu />
      </Cell>
      <Cell name="By">{job.job.technician || '–'}</Cell>
      <Cell name={`Saved, rev. ${job.revision}`}>
        <time dateTime={job.changedAt}>{saved}</time>
      </Cell>
      <div className="no-print flex border-l border-ink">
        <Step name="Undo" nothing="Nothing to undo" what={undo.undoes} onClick={undo.undo}>
          <Undo2 aria-hidden size={20} />
        </Step>
        <Step name="Redo" nothing="Nothing to redo" what={undo.redoes} onClick={undo.redo}>
          <Redo2 aria-hidden size={20} />
        </Step>
      </div>
      {undo.error && (
        <p role="alert" className="refusal no-print fixed right-4 bottom-20 border border-leak bg-paper p-3">
          {undo.error}
        </p>
      )}
    </footer>
  );
}

function Cell({ name, grow, children }: { name: string; grow?: boolean; children: ReactNode }) {
  return (
    <div
      className={`min-w-0 border-l border-ink px-2.5 py-1 first:border-l-0 ${grow ? 'flex-1' : 'shrink-0'}`}
    >
      <div className="heading text-[11.5px]">{name}</div>
      <div className="truncate">{children}</div>
    </div>
  );
}

function Step({
  name,
  nothing,
  what,
  onClick,
  children,
}: {
  name: string;
  nothing: string;
  what?: string;
  onClick: () => void;
  children: ReactNode;
}) {
  return (
    <button
      className="min-w-[50px] border-l border-hair px-3 first:border-l-0 hover:text-act"
      disabled={!what}
      onClick={onClick}
      title={what ? `${name}: ${what}` : nothing}
      aria-label={what ? `${name}: ${what}` : name}
    >
      {children}
    </button>
  );
}
