import type { Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';

const GRADES = { GOOD: 'good', ACCEPTABLE: 'acceptable', WORN: 'worn', FAULT: 'fault' } as const;

/** How much may it leak: each school on the tester it was written for, so that it is visible why two people disagree. */
export function LeakdownSchools({ sheet }: { sheet: Sheet }) {
  if (sheet.leakdown.cylinders.length === 0) {
    return <p className="text-soft">The schools are asked as soon as there is a reading.</p>;
  }
  return (
    <>
      <table className="w-full text-left">
        <thead>
          <tr className="border-b border-ink">
            <th />
            {sheet.leakdown.cylinders.map((c) => (
              <th key={c.cylinder} className="py-1 pr-3 font-mono text-[1.125rem]">
                {labelOf(sheet, c.cylinder)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {sheet.leakdown.schools.map((s) => (
            <tr key={s.school} className="border-b border-hair">
              <td className="py-1.5 pr-4">{s.schoolWords}</td>
              {s.grades.map((g) => (
                <td
                  key={g.cylinder}
                  className={`pr-3 ${g.grade === 'FAULT' || g.grade === 'WORN' ? 'font-medium text-leak' : ''}`}
                >
                  {g.grade ? GRADES[g.grade] : 'not asked'}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 max-w-[80ch] text-soft">
        Limits disagree because testers do: the same leak reads high on a small orifice and low on a wide one.
        The verdict goes by the last line, leak area against cylinder size; coloured zones only rank cylinders
        of one engine until the tester is calibrated.
      </p>
    </>
  );
}
