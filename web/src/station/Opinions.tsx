import type { ReactNode } from 'react';
import type { Schemas } from '../api/client';
import { label } from '../words/labels';

interface Opinion<S extends string> {
  school: S;
  schoolWords: string;
  judged?: Schemas['BlowbyOpinion']['judged'];
  /** Whether the whole interval stands there. */
  sure: boolean;
  says: string;
}

/** Every school side by side, the leading one first; a tap lets another lead in this shop. */
export function Opinions<S extends string>({
  opinions,
  lead,
  children,
}: {
  opinions: Opinion<S>[];
  lead: (school: S) => void;
  children: ReactNode;
}) {
  return (
    <>
      <table className="w-full text-left">
        <tbody>
          {opinions.map((o, i) => (
            <tr key={o.school} className="border-b border-hair align-top">
              <td className="w-10 py-1">
                <button
                  className="no-print flex size-[2.75rem] items-center justify-center"
                  aria-pressed={i === 0}
                  aria-label={`Let lead: ${o.schoolWords}`}
                  title="Let this school lead in this shop"
                  onClick={() => lead(o.school)}
                >
                  <span className={`block size-4 border border-ink ${i === 0 ? 'bg-ink' : ''}`} />
                </button>
              </td>
              <td className={`py-2 pr-3 ${i === 0 ? 'font-semibold' : ''}`}>{o.schoolWords}</td>
              <td className={`w-32 py-2 pr-3 font-medium ${o.judged === 'FAULT' ? 'text-leak' : ''}`}>
                {o.judged ? `${label('Judged', o.judged)}${o.sure ? '' : ', too close'}` : 'not asked'}
              </td>
              <td className="py-2 text-soft">{o.says}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 max-w-[80ch] text-soft">{children}</p>
    </>
  );
}
