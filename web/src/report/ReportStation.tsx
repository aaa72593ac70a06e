import { useQueryClient } from '@tanstack/react-query';
import { Download, Printer, Upload } from 'lucide-react';
import { answer, api, type Sheet } from '../api/client';
import type { ScreenProps, StationFile } from '../station/station';
import { CylinderHeads } from '../section/CylinderHeads';
import { columnsOf, measure } from '../section/layout';
import { Findings } from '../examination/Findings';
import { rem } from '../section/scale';
import { Section } from '../section/Section';
import { useSize } from '../section/useSize';
import { SheetTable } from '../station/SheetTable';
import { FileButton } from '../ui/FileButton';
import { ImportState } from '../ui/ImportState';
import { useImport } from '../ui/useImport';
import { useUnits } from '../units/UnitsContext';
import { Headline } from '../verdict/VerdictPanel';
import { worthShowing } from '../verdict/odds';
import { OddsStrip } from '../verdict/OddsStrip';
import { Reasons } from '../verdict/Reasons';
import { labelOf } from '../api/labelOf';
import { usePlan } from '../job/usePlan';

const PAPER_WIDTH = 980;
/** Left and right of the page on the screen. */
const EDGES = 48;

/** The same sheet as the report: on screen as it prints, to be handed over or taken away as a file. */
export function ReportStation({ sheet, whole }: ScreenProps) {
  const columns = columnsOf(sheet.engine.engine);
  const [page, size] = useSize();
  const m = measure(Math.min(PAPER_WIDTH, (size.width || PAPER_WIDTH + EDGES) - EDGES), columns);
  return (
    <div className="min-w-0 flex-1 overflow-y-auto print:overflow-visible">
      <Actions sheet={sheet} files={whole.files} />
      <article
        ref={page}
        className="mx-auto px-6 py-3 print:px-0"
        style={{ maxWidth: rem(PAPER_WIDTH + EDGES) }}
        aria-label="Report"
      >
        <Verdicts sheet={sheet} />
        <Changed sheet={sheet} />
        <div
          className="mt-3 break-inside-avoid overflow-x-auto print:overflow-visible"
          role="table"
          aria-label="Readings"
        >
          <CylinderHeads sheet={sheet} columns={columns} measure={m} />
          <Section sheet={sheet} columns={columns} measure={m} />
          <SheetTable sheet={sheet} columns={columns} measure={m} rows={whole.rows} />
        </div>
        <Cylinders sheet={sheet} />
        {sheet.seen.findings.length > 0 && (
          <section className="mt-4">
            <h3 className="heading mb-1 break-after-avoid">Seen before the gauges</h3>
            {sheet.seen.plugSet && <p className="mb-2 text-[1rem]">{sheet.seen.plugSet}</p>}
            <div className="columns-2 gap-8">
              <Findings sheet={sheet} findings={sheet.seen.findings} />
            </div>
          </section>
        )}
        {whole.printed.map((Printed, i) => (
          <Printed key={i} sheet={sheet} />
        ))}
        <Open sheet={sheet} />
        <p className="mt-4 border-t border-hair pt-2 text-[0.875rem] text-soft">
          Decision support from what was measured, not a certificate. Local codes and licensed practice come
          first.
        </p>
      </article>
    </div>
  );
}

function Verdicts({ sheet }: { sheet: Sheet }) {
  const { next, suspects, untested } = sheet.diagnosis;
  const planned = usePlan(sheet);
  const hazards = planned ? (planned.plan.first[0] ?? planned.plan.steps[0])?.hazards : next[0]?.hazards;
  return (
    <section className="grid grid-cols-[1.1fr_1.6fr_1fr] gap-6 border-b border-ink pb-3">
      <div>
        <h3 className="heading">Verdict</h3>
        <Headline sheet={sheet} />
      </div>
      <div>
        <h3 className="heading">Why, and how sure</h3>
        <Reasons sheet={sheet} />
        <ul className="mt-1">
          {worthShowing(suspects, 3).map((i) => (
            <OddsStrip key={i} suspect={suspects[i]!} />
          ))}
        </ul>
      </div>
      <div>
        <h3 className="heading">Next</h3>
        <p className="font-medium">{planned?.next ?? sheet.diagnosis.headline.next}</p>
        {hazards?.map((h) => (
          <p key={h} className="text-leak">
            {h}
          </p>
        ))}
        {planned && <p className="mt-2">{planned.plan.decision.says}</p>}
        {planned?.plan.decision.worth && <p>{planned.plan.decision.worth}</p>}
        {untested.length > 0 && <p className="mt-2 text-soft">{untested[0]}</p>}
      </div>
    </section>
  );
}

/** What was changed before the complaint began is the first thing anybody asks. */
function Changed({ sheet }: { sheet: Sheet }) {
  const { changed, changedWhen } = sheet.examination.intake;
  return changed ? (
    <p className="mt-2">
      Changed lately: {changed}
      {changedWhen && ` (${changedWhen})`}.
    </p>
  ) : null;
}

function Cylinders({ sheet }: { sheet: Sheet }) {
  return (
    <section className="mt-4">
      <h3 className="heading mb-1 break-after-avoid">Cylinder by cylinder</h3>
      <table className="w-full text-left">
        <tbody>
          {Object.entries(sheet.diagnosis.cylinders).map(([cylinder, verdict]) => (
            <tr key={cylinder} className="break-inside-avoid border-b border-hair align-top">
              <th className="w-12 py-1.5 font-mono text-[1.125rem]">{labelOf(sheet, Number(cylinder))}</th>
              <td className={`w-56 py-1.5 pr-4 font-medium ${verdict.tone === 'LOSS' ? 'text-leak' : ''}`}>
                {verdict.what}
                {verdict.words && <span className="block font-normal text-soft">{verdict.words}</span>}
              </td>
              <td className="py-1.5 pr-4">{verdict.why.join(' ')}</td>
              <td className="w-64 py-1.5 text-soft">{verdict.misses}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** What stays open qualifies the verdict, so it is printed with it. */
function Open({ sheet }: { sheet: Sheet }) {
  const units = useUnits();
  const { faults, lacks, expectedKPa } = sheet.compression;
  const lost = sheet.seen.steps
    .filter((s) => s.takenAt && s.missing.length)
    .map((s) => `Not captured before somebody went to ${s.stepWords}: ${s.missing.join('; ')}.`);
  const open = [
    ...new Set([
      ...sheet.diagnosis.open,
      ...sheet.diagnosis.contradictions.map((c) => c.text),
      ...faults.map((f) => f.text),
      ...lost,
    ]),
  ];
  return (
    <section className="mt-4 grid break-inside-avoid grid-cols-2 gap-8">
      <div>
        <h3 className="heading mb-1">Open, or seen in the measuring</h3>
        {open.length === 0 && <p>Nothing.</p>}
        {open.map((t) => (
          <p key={t}>{t}</p>
        ))}
      </div>
      <div>
        <h3 className="heading mb-1">Not known, and what that costs</h3>
        {sheet.diagnosis.assumed.map((a) => (
          <p key={a.what}>
            {a.what}: {a.instead}; {a.costs}
          </p>
        ))}
        {lacks.map((l) => (
          <p key={l.what}>
            {l.what}: {l.cost}
          </p>
        ))}
        {expectedKPa && (
          <p>
            Expected of a sound cylinder: {units.format('pressure', expectedKPa.low)} to{' '}
            {units.withUnit('pressure', expectedKPa.high)}.
          </p>
        )}
      </div>
    </section>
  );
}

function Actions({ sheet, files }: { sheet: Sheet; files: StationFile[] }) {
  const id = sheet.job.id;
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
    <div className="no-print flex flex-wrap items-center gap-2 border-b border-hair px-6 py-2">
      <button className="button button-main" onClick={() => window.print()}>
        <Printer aria-hidden size={18} /> Print the sheet
      </button>
      <a className="button" href={`/api/jobs/${id}/case-file`} download>
        <Download aria-hidden size={18} /> Case file
      </a>
      {files.map(({ part, label }) => (
        <a key={part} className="button" href={`/api/jobs/${id}/${part}.csv`} download>
          <Download aria-hidden size={18} /> {label}, CSV
        </a>
      ))}
      <FileButton label="Readings file" accept=".csv,text/csv" onFile={load.load}>
        <Upload aria-hidden size={18} /> Add readings from CSV
      </FileButton>
      <ImportState {...load} />
    </div>
  );
}
