import type { Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';
import { type WeighedFinding, times } from '../verdict/odds';

/** What stands behind one cell: the rule or the model, its reason, and the reading. */
export function CellDetail({
  sheet,
  finding,
  suspect,
}: {
  sheet: Sheet;
  finding: WeighedFinding;
  suspect: number;
}) {
  const evidence = finding.evidence.find((e) => e.suspect === suspect);
  const of = sheet.diagnosis.suspects[suspect]!;
  return (
    <section
      className="max-h-[38%] min-h-[5.5rem] shrink-0 overflow-y-auto border-t-2 border-act bg-well px-5 py-2 narrow:px-3"
      aria-live="polite"
      data-cell
    >
      <p>
        {finding.cylinders.length > 0 && (
          <span className="font-mono font-bold">
            {finding.cylinders.map((c) => labelOf(sheet, c)).join(' ')}{' '}
          </span>
        )}
        <span className="font-semibold">{finding.seen}</span>{' '}
        <span className="text-soft">
          {finding.reliability} ·{' '}
          {evidence
            ? `${evidence.decibans >= 0 ? 'for' : 'against'} ${of.text} ${times(evidence.decibans)}, ${evidence.kind === 'JUDGED' ? evidence.reason : 'computed by the model'}`
            : `says nothing of ${of.text}`}
        </span>
      </p>
      <p className="mt-0.5">
        {finding.says && <span className="font-medium">{finding.says} </span>}
        {finding.because}
      </p>
      {finding.tellApart && <p className="mt-0.5 text-soft">Told apart by: {finding.tellApart}</p>}
    </section>
  );
}
