import { useQuery } from '@tanstack/react-query';
import { FileText } from 'lucide-react';
import { useState } from 'react';
import { answer, api, type Schemas } from '../api/client';
import { Pick } from '../ui/Pick';
import { asked } from '../units/units';
import { useUnits } from '../units/UnitsContext';
import { capital, label } from '../words/labels';
import type { Life } from './EnginePage';
import { isOfCylinders, moved } from './measures';

type View = Schemas['ComparisonView'];

/** Two visits of one engine, like with like. */
export function Compared({ life }: { life: Life }) {
  const { visits } = life;
  const last = visits[visits.length - 1];
  const [before, setBefore] = useState<number>();
  const [after, setAfter] = useState<number>();
  const to = after ?? last?.job;
  const at = visits.findIndex((v) => v.job === to);
  const from = before ?? visits[Math.max(0, at - 1)]?.job;
  const units = useUnits();
  const { data, error } = useQuery({
    queryKey: ['comparison', life.engine.id, from, to, units.choice],
    enabled: from !== undefined && to !== undefined && from !== to,
    queryFn: () =>
      answer(
        api.GET('/api/engines/{id}/comparison', {
          params: { path: { id: life.engine.id }, query: { before: from!, after: to! } },
        }),
      ),
  });
  if (visits.length < 2) {
    return <p className="text-soft">With a second visit, the two are held against each other here.</p>;
  }
  const days = visits.map((v) => [String(v.job), v.date + (v.baseline ? ', baseline' : '')] as const);
  return (
    <section className="space-y-4" aria-label="Two visits">
      <h2 className="text-[1.25rem] font-semibold">Before and after</h2>
      <div className="grid grid-cols-2 gap-3">
        <Pick label="Before" value={String(from)} options={days} onChange={(j) => setBefore(Number(j))} />
        <Pick label="After" value={String(to)} options={days} onChange={(j) => setAfter(Number(j))} />
      </div>
      {from === to && <p className="text-soft">These are the same visit.</p>}
      {error && <p className="refusal">{error.message}</p>}
      {data && from !== to && (
        <>
          <Said view={data} />
          <a
            className="button"
            href={`/api/engines/${life.engine.id}/comparison.pdf?before=${from}&after=${to}&units=${encodeURIComponent(asked(units.choice))}`}
            target="_blank"
            rel="noreferrer"
          >
            <FileText aria-hidden size={18} /> Before and after, PDF
          </a>
        </>
      )}
    </section>
  );
}

function Said({ view }: { view: View }) {
  const compared = Object.keys(view.unmatched).filter((m) => !view.notCompared[m]);
  return (
    <>
      <div data-claims>
        {view.inWords.length === 0 ? (
          <p className="text-[1.125rem] font-medium">
            {compared.length === 0
              ? 'Nothing was measured on both that compares.'
              : 'No difference beyond what the gauges and the conditions leave open.'}
          </p>
        ) : (
          <ul className="space-y-2 text-[1.125rem] font-medium">
            {view.inWords.map((t) => (
              <li key={t}>{t}</li>
            ))}
          </ul>
        )}
        {view.credit && <p className="mt-2">{view.credit}</p>}
      </div>
      <Differences view={view} />
      <Plugs view={view} />
      <Unmatched view={view} />
      {view.changes.length > 0 && (
        <section>
          <h3 className="heading">Done between them</h3>
          <ul>
            {view.changes.map((c, i) => (
              <li key={i}>
                {c.date}: {label('ChangeKind', c.kind)}
                {c.what && `, ${c.what}`}
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

function Differences({ view }: { view: View }) {
  const { choice } = useUnits();
  const measures = [...new Set(view.claims.map((c) => c.measure))];
  return view.claims.length === 0 ? null : (
    <table className="w-full text-left">
      <thead>
        <tr className="text-soft">
          <th className="font-normal" />
          <th className="pr-2 text-right font-normal">moved</th>
          <th className="text-right font-normal">all told, 19 in 20</th>
        </tr>
      </thead>
      {measures.map((m) => (
        <tbody key={m}>
          {view.claims
            .filter((c) => c.measure === m)
            .map((c, i) => (
              <tr key={i} className="border-b border-hair">
                <th className="py-1 font-normal">
                  {i === 0 && <span className="font-medium">{capital(label('Measure', m))} </span>}
                  <span className="text-soft">
                    {c.cylinder !== undefined
                      ? `${c.cylinder} alone`
                      : isOfCylinders(m)
                        ? 'all together'
                        : ''}
                  </span>
                </th>
                <td className={`pr-2 text-right font-mono ${c.claimed ? 'font-bold' : 'text-soft'}`}>
                  {moved(choice, m, c.change)}
                  {c.claimed && <span className="sr-only"> (a difference)</span>}
                </td>
                <td className="text-right font-mono whitespace-nowrap text-soft">
                  {moved(choice, m, c.low)} to {moved(choice, m, c.high)}
                </td>
              </tr>
            ))}
        </tbody>
      ))}
    </table>
  );
}

function Plugs({ view }: { view: View }) {
  const other = view.plugs.filter((p) => p.before !== p.after);
  return view.plugs.length === 0 ? null : (
    <section data-plugs>
      <h3 className="heading">How the plugs looked</h3>
      {other.length === 0 ? (
        <p>As before, all that were looked at on both visits.</p>
      ) : (
        <ul>
          {other.map((p) => (
            <li key={p.cylinder}>
              {p.cylinder}: {label('PlugLook', p.before)}, then {label('PlugLook', p.after)}
            </li>
          ))}
        </ul>
      )}
      <p className="text-soft">Read by eye: no range belongs to it.</p>
    </section>
  );
}

/** What was not alike, and what that cost. */
function Unmatched({ view }: { view: View }) {
  const lines = Object.entries(view.unmatched).flatMap(([m, all]) => all.map((u) => ({ ...u, m })));
  const not = Object.entries(view.notCompared);
  return lines.length === 0 && not.length === 0 ? (
    <p className="text-soft">Measured alike in everything that was written down.</p>
  ) : (
    <section>
      <h3 className="heading">Not alike</h3>
      <ul>
        {not.map(([m, why]) => (
          <li key={m}>
            {capital(label('Measure', m))}: {why}.
          </li>
        ))}
        {lines.map((u) => (
          <li key={u.m + u.facet}>
            {capital(label('Measure', u.m))}, {u.facetWords}: {u.before}, then {u.after}
            {u.compares ? '; the interval is wider for it.' : '.'}
          </li>
        ))}
      </ul>
    </section>
  );
}
