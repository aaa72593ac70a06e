import { answer, api, type Schemas, type Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';
import { useChange } from '../job/useSheet';
import { label } from '../words/labels';

type School = Schemas['SchoolOpinion'];

/** Every school side by side; the shop's own choice leads. */
export function SchoolsTable({ sheet }: { sheet: Sheet }) {
  const id = sheet.job.id;
  const lead = useChange(id, (school: School['school']) =>
    answer(api.PUT('/api/jobs/{id}/leading-school', { params: { path: { id } }, body: { school } })),
  );
  const schools = [...sheet.compression.schools].sort(
    (a, b) => Number(b.school === sheet.leadingSchool) - Number(a.school === sheet.leadingSchool),
  );
  if (schools.length === 0) {
    return <p className="p-2 text-soft">The schools are asked as soon as there is a reading.</p>;
  }
  return (
    <>
      <table className="w-full text-left">
        <tbody>
          {schools.map((s) => (
            <tr key={s.school} className="border-b border-hair align-top">
              <td className="w-10 py-1">
                <button
                  className="no-print flex size-[2.75rem] items-center justify-center"
                  aria-pressed={s.school === sheet.leadingSchool}
                  aria-label={`Let lead: ${s.schoolWords}`}
                  title="Let this school lead in this shop"
                  onClick={() => lead.mutate(s.school)}
                >
                  <span
                    className={`block size-4 border border-ink ${s.school === sheet.leadingSchool ? 'bg-ink' : ''}`}
                  />
                </button>
              </td>
              <td className={`py-2 pr-3 ${s.school === sheet.leadingSchool ? 'font-semibold' : ''}`}>
                {s.rule}
              </td>
              <td className={`w-32 py-2 pr-3 font-medium ${s.ruling === 'FAILS' ? 'text-leak' : ''}`}>
                {label('Ruling', s.ruling)}
                {s.cylinders.length > 0 && s.ruling !== 'NOT_ASKED' && (
                  <span className="ml-1 font-mono">
                    {s.cylinders.map((n) => labelOf(sheet, n)).join(' ')}
                  </span>
                )}
              </td>
              <td className="py-2 text-soft">{s.reason}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 text-soft">
        Practitioners disagree on limits, so all are asked. The marked one leads in this shop. “Too close”
        means that the limit lies inside what the gauge repeats to.
      </p>
    </>
  );
}
