import { EllipsisVertical, Redo2, Undo2 } from 'lucide-react';
import { Popover } from 'radix-ui';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { Sheet } from '../api/client';
import { useUnits } from '../units/UnitsContext';
import { UnitsMenu } from '../ui/UnitsMenu';
import { OrientationMap } from '../engine/OrientationMap';
import { label } from '../words/labels';
import { Elsewhere } from './Elsewhere';
import type { UndoControl } from './useUndo';

/** As on a drawing: the place of identity and status, on screen and on paper. */
export function TitleBlock({ sheet, undo, onKeys }: { sheet: Sheet; undo: UndoControl; onKeys: () => void }) {
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
    <footer
      data-title-block
      className="flex min-h-[3.375rem] border-t-2 border-ink text-[1.0625rem] print:order-first print:border print:text-[0.9375rem]"
    >
      <Cell name="Engine" grow>
        <Link
          to={`/engines/${engine.id}`}
          title="Its whole life: every job, what was done, before and after"
          className="-mt-[1.25rem] block min-h-[2.75rem] truncate pt-[1.25rem] underline decoration-hair underline-offset-4 hover:text-act print:no-underline"
        >
          {engine.engine.name}
        </Link>
      </Cell>
      <Cell name="Job" grow wide>
        {job.job.complaint || 'no complaint written down'}
      </Cell>
      <Cell name="Date" wide>
        {job.job.date}
      </Cell>
      <Cell name="Meter">{meter.join(', ') || 'unknown'}</Cell>
      <Cell name="State">{temperature ? label('EngineTemperature', temperature) : 'not noted'}</Cell>
      <Cell name="Units">
        <UnitsMenu />
      </Cell>
      <Cell name="By" wide>
        {job.job.technician || '–'}
      </Cell>
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
        <Menu sheet={sheet} onKeys={onKeys} />
      </div>
      {undo.error && (
        <p role="alert" className="refusal no-print fixed right-4 bottom-20 border border-leak bg-paper p-3">
          {undo.error}
        </p>
      )}
    </footer>
  );
}

/** What stands beside the round where there is room. */
function Menu({ sheet, onKeys }: { sheet: Sheet; onKeys: () => void }) {
  return (
    <Popover.Root>
      <Popover.Trigger
        className="hidden min-w-[3.125rem] border-l border-hair px-3 hover:text-act narrow:block"
        aria-label="More"
      >
        <EllipsisVertical aria-hidden size={20} />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="top"
          align="end"
          className="z-20 w-60 border-2 border-ink bg-paper p-4 text-[1.0625rem]"
        >
          <Elsewhere onKeys={onKeys} />
          <div className="mt-2 border-t border-hair pt-3">
            <OrientationMap engine={sheet.engine.engine} cylinders={sheet.cylinders} />
          </div>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

interface CellProps {
  name: string;
  grow?: boolean;
  /** Left out on a tablet, where it stands at Intake and on paper. */
  wide?: boolean;
  children: ReactNode;
}

function Cell({ name, grow, wide, children }: CellProps) {
  return (
    <div
      className={`min-w-0 border-l border-ink px-2.5 py-1 first:border-l-0 ${grow ? 'flex-1' : 'shrink-0'} ${wide ? 'print:block narrow:hidden' : ''}`}
    >
      <div className="heading text-[0.7188rem]">{name}</div>
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
      className="min-h-[2.75rem] min-w-[3.125rem] border-l border-hair px-3 first:border-l-0 hover:text-act"
      disabled={!what}
      onClick={onClick}
      title={what ? `${name}: ${what}` : nothing}
      aria-label={what ? `${name}: ${what}` : name}
    >
      {children}
    </button>
  );
}
