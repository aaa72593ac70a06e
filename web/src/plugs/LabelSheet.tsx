import { Printer } from 'lucide-react';
import { Link, useParams } from 'react-router';
import { columnsOf } from '../section/layout';
import { useSheet } from '../job/useSheet';
import { labelOf } from '../api/labelOf';

/** Labels to cut out, so that plugs and cylinders are not mixed up: one to tie to the lead, one to lay the plug on. */
export function LabelSheet() {
  const id = Number(useParams().id);
  const { data: sheet } = useSheet(id);
  if (!sheet) {
    return <p className="p-8">Opening …</p>;
  }
  const columns = columnsOf(sheet.engine.engine);
  return (
    <main className="p-6 print:p-0">
      <div className="no-print mb-4 flex gap-2">
        <button className="button button-main" onClick={() => window.print()}>
          <Printer aria-hidden size={18} /> Print the labels
        </button>
        <Link className="button" to={`/jobs/${id}/plugs`}>
          Back to the plugs
        </Link>
      </div>
      <h1 className="text-[1.25rem] font-semibold">
        {sheet.engine.engine.name}, {sheet.job.job.date}
      </h1>
      <p className="mb-3 text-soft">
        Lay each plug on its field as it comes out, seat upwards. Cut off the strips and tie them to the
        leads.
      </p>
      {sheet.engine.engine.banks.map((bank) => (
        <div key={bank.side} className="mb-4">
          <p className="mb-1 text-soft">
            {bank.side === 'ONLY' ? '' : bank.side === 'LEFT' ? 'Left bank: ' : 'Right bank: '}free end on the
            left, flywheel on the right
          </p>
          <div className="flex">
            {bank.cylinders.map((c) => (
              <div key={c} className="-ml-px flex-1 border border-dashed border-ink text-center first:ml-0">
                <div className="flex h-40 items-start justify-center pt-2 font-mono text-[3.5rem] leading-none font-bold">
                  {labelOf(sheet, c)}
                </div>
                <div className="border-t border-dashed border-ink py-1.5 font-mono text-[1.375rem] font-bold">
                  {labelOf(sheet, c)}
                  <span className="ml-2 align-middle font-sans text-[0.75rem] font-normal">lead</span>
                </div>
              </div>
            ))}
          </div>
        </div>
      ))}
      <p className="text-soft">{columns.length} plugs</p>
    </main>
  );
}
