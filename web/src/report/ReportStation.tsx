import type { ReactNode } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { Download, FileText, Printer, Upload } from 'lucide-react';
import { Link } from 'react-router';
import { answer, api, type Sheet } from '../api/client';
import { textScale } from '../section/scale';
import { useSize } from '../section/useSize';
import type { ScreenProps, StationFile } from '../station/station';
import { Choice } from '../ui/Choice';
import { FileButton } from '../ui/FileButton';
import { ImportState } from '../ui/ImportState';
import { useImport } from '../ui/useImport';
import { useLetterhead } from '../shop/useLetterhead';
import { asked } from '../units/units';
import { useUnits } from '../units/UnitsContext';
import { labels } from '../words/labels';
import { Pages } from './Pages';
import { useReport } from './useReport';

/** Around the pages, in units of the layout. */
const EDGE = 8;

/** The report as it is handed over: the same pages here, on paper and in the PDF; and every file to take away. */
export function ReportStation({ sheet, whole }: ScreenProps) {
  const { letterhead, save } = useLetterhead();
  const report = useReport(sheet, letterhead);
  const [place, { width }] = useSize();
  return (
    <div className="flex min-h-0 min-w-0 flex-1 flex-col">
      <Actions sheet={sheet} files={whole.files}>
        {letterhead && (
          <Choice
            label="Paper"
            value={letterhead.paper ?? 'A4'}
            options={labels('Paper')}
            onChange={(paper) => save.mutate({ paper: paper ?? letterhead.paper ?? 'A4' })}
          />
        )}
        {save.error && <p className="refusal">{save.error.message}</p>}
      </Actions>
      <article
        ref={place}
        className="min-h-0 flex-1 overflow-auto p-2 print:overflow-visible print:p-0"
        aria-label="Report"
        tabIndex={0}
      >
        {report.data ? (
          <Pages report={report.data} room={(width - 2 * EDGE) * textScale()} />
        ) : (
          <p role="status" className={report.error ? 'refusal' : 'text-soft'}>
            {report.error ? report.error.message : 'Writing the report.'}
          </p>
        )}
      </article>
    </div>
  );
}

interface ActionsProps {
  sheet: Sheet;
  files: StationFile[];
  /** How it is printed. */
  children: ReactNode;
}

function Actions({ sheet, files, children }: ActionsProps) {
  const id = sheet.job.id;
  const { choice } = useUnits();
  return (
    <div className="no-print flex flex-wrap items-end gap-2 border-b border-hair px-4 py-2">
      <a
        className="button button-main"
        href={`/api/jobs/${id}/report.pdf?units=${encodeURIComponent(asked(choice))}`}
        target="_blank"
        rel="noreferrer"
      >
        <FileText aria-hidden size={18} /> PDF
      </a>
      <button className="button" onClick={() => window.print()}>
        <Printer aria-hidden size={18} /> Print
      </button>
      {children}
      <Link className="button" to="/shop">
        Name of this shop
      </Link>
      <a className="button" href={`/api/jobs/${id}/case-file`} download>
        <Download aria-hidden size={18} /> Case file
      </a>
      {files.map(({ part, label }) => (
        <a key={part} className="button" href={`/api/jobs/${id}/${part}.csv`} download>
          <Download aria-hidden size={18} /> {label}, CSV
        </a>
      ))}
      <AddReadings id={id} />
    </div>
  );
}

function AddReadings({ id }: { id: number }) {
  const client = useQueryClient();
  const load = useImport(
    (file, progress) =>
      answer(
        api.POST('/api/jobs/{id}/{part}.csv', {
          params: { path: { id, part: 'compression' }, query: { progress } },
          body: file as never,
          bodySerializer: (body: unknown) => body as File,
          headers: { 'content-type': 'text/csv' },
        }),
      ),
    () => void client.invalidateQueries({ queryKey: ['sheet', id] }),
  );
  return (
    <>
      <FileButton label="Readings file" accept=".csv,text/csv" onFile={load.load}>
        <Upload aria-hidden size={18} /> Add readings from CSV
      </FileButton>
      <ImportState {...load} />
    </>
  );
}
