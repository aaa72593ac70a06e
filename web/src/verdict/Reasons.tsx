import type { Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';
import type { WeighedFinding } from './odds';

/** At most three reasons of one line: the figure large, what it is held against small. */
export function Reasons({ sheet }: { sheet: Sheet }) {
  const { reasons, findings } = sheet.diagnosis;
  const shown = together(reasons.flatMap((id) => findings.find((f) => f.id === id) ?? []));
  if (shown.length === 0) {
    return null;
  }
  return (
    <section className="mt-2 border-t border-hair pt-1" aria-label="Reasons">
      <ul>
        {shown.map((f) => (
          <Reason key={f.id} sheet={sheet} finding={f} />
        ))}
      </ul>
    </section>
  );
}

/** What was seen alike at several cylinders is one reason. */
function together(findings: WeighedFinding[]): WeighedFinding[] {
  return findings.reduce<WeighedFinding[]>((lines, f) => {
    const same = lines.findIndex((l) => !l.figure && !f.figure && l.seen === f.seen);
    return same < 0
      ? [...lines, f]
      : lines.map((l, i) => (i === same ? { ...l, cylinders: [...l.cylinders, ...f.cylinders] } : l));
  }, []);
}

function Reason({ sheet, finding }: { sheet: Sheet; finding: WeighedFinding }) {
  const where = sheet.cylinders.length > 1 ? finding.cylinders.map((c) => labelOf(sheet, c)).join(', ') : '';
  return (
    <li
      className="flex items-baseline justify-between gap-2 border-b border-hair py-1.5"
      data-reason={finding.id}
    >
      {finding.figure ? (
        <>
          <span className="font-mono text-[1.375rem] leading-none whitespace-nowrap">{finding.figure}</span>
          <span className="text-right text-soft">{[finding.against, where].filter(Boolean).join(', ')}</span>
        </>
      ) : (
        <span>
          {finding.seen}
          {where && <span className="text-soft">, {where}</span>}
        </span>
      )}
    </li>
  );
}
