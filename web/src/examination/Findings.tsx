import type { Sheet, Finding } from '../api/client';
import { labelOf } from '../api/labelOf';

interface Props {
  sheet: Sheet;
  findings: Finding[];
  /** What is said while there is nothing to say. */
  empty?: string;
}

/** What was seen says: each with its reason and its weight, what does not count in this shop set apart. */
export function Findings({ sheet, findings, empty }: Props) {
  if (findings.length === 0) {
    return empty ? <p className="text-soft">{empty}</p> : null;
  }
  return (
    <ul className="space-y-2" aria-label="What this says">
      {findings.map((s) => (
        <li
          key={s.rule + s.cylinders.join()}
          className={`break-inside-avoid border-l-4 pl-3 ${s.urgency === 'STOP_RUNNING' ? 'border-leak' : s.counts ? 'border-ink' : 'border-dotted border-metal text-soft'}`}
        >
          <p className="text-[1rem] font-medium">
            {s.cylinders.length > 0 && (
              <span className="mr-2 font-mono">{s.cylinders.map((n) => labelOf(sheet, n)).join(' ')}</span>
            )}
            {s.urgency === 'STOP_RUNNING' && <span className="mr-1 text-leak">Stop running.</span>}
            {s.says}
          </p>
          <p className="text-soft">
            {s.because}{' '}
            <span className="whitespace-nowrap">
              {weightInWords(s)}
              {!s.counts && '; not counted in this shop'}.
            </span>
          </p>
          {s.tellApart && <p className="text-act">{s.tellApart}</p>}
        </li>
      ))}
    </ul>
  );
}

function weightInWords(s: Finding): string {
  const capital = s.weightWords.charAt(0).toUpperCase() + s.weightWords.slice(1);
  return s.suspects.length === 0
    ? capital
    : `${capital} (× ${Number(s.weight.likelihoodRatio.toPrecision(2))})`;
}
