import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { answer, api, type Schemas } from '../api/client';
import { Choice } from '../ui/Choice';
import { labels } from '../words/labels';

type Moved = Schemas['Moved'];
type View = Schemas['LearningView'];

/** What the outcomes teach: nothing moves until somebody takes it over, and what was taken over can be taken back. */
export function Learning() {
  const client = useQueryClient();
  const { data } = useQuery({
    queryKey: ['learning'],
    queryFn: () => answer(api.GET('/api/shop/learning')),
  });
  const done = (view: View) => {
    client.setQueryData(['learning'], view);
    // Every verdict stands on it.
    void client.invalidateQueries({ queryKey: ['sheet'] });
    void client.invalidateQueries({ queryKey: ['jobs'] });
  };
  const learn = useMutation({ mutationFn: () => answer(api.POST('/api/shop/learning')), onSuccess: done });
  const back = useMutation({
    mutationFn: () => answer(api.POST('/api/shop/learning/undo')),
    onSuccess: done,
  });
  const use = useMutation({
    mutationFn: (u: View['use']) => answer(api.PUT('/api/shop/learning/use', { body: { use: u } })),
    onSuccess: done,
  });
  if (!data) {
    return null;
  }
  const [last] = data.learnt;
  const fresh = JSON.stringify(last?.lesson.moved ?? []) !== JSON.stringify(data.now.moved);
  const error = learn.error ?? back.error ?? use.error;
  return (
    <section aria-label="What the shop learns" className="space-y-3" data-learning>
      <h2 className="border-b border-hair pb-1 text-[1.125rem] font-semibold">
        What the shop learns from it
      </h2>
      <div className="flex flex-wrap items-end gap-4">
        <Choice
          label="Verdicts"
          value={data.use}
          options={labels<View['use']>('LearningUse')}
          onChange={(u) => use.mutate(u ?? (data.use === 'USED' ? 'LEFT_OUT' : 'USED'))}
        />
        {fresh && (
          <button className="button button-main" onClick={() => learn.mutate()}>
            {last ? 'Take over the new outcomes' : 'Take this over'}
          </button>
        )}
        {last && (
          <button className="button" onClick={() => back.mutate()}>
            Take back what was taken over {last.at.slice(0, 10)}
          </button>
        )}
      </div>
      {error && <p className="refusal">{error.message}</p>}
      <p className="text-soft">
        {last
          ? fresh
            ? 'Since then more is known. The table is what the outcomes teach as of now.'
            : 'All that the outcomes teach is taken over.'
          : data.now.moved.length > 0
            ? 'Nothing is taken over yet: every verdict stands on the tables as they are.'
            : 'The outcomes so far move nothing by a tenth or more.'}
      </p>
      {data.now.moved.length > 0 && <Table moved={data.now.moved} />}
      <p className="max-w-[95ch] text-soft">{data.now.rule}</p>
    </section>
  );
}

const KINDS = { PETROL: 'petrol', DIESEL: 'diesel', TWO_STROKE: 'two-stroke' } as const;

function shown(m: Moved, value: number): string {
  return m.figure === 'PRIOR'
    ? `${(100 * value).toFixed(value < 0.1 ? 1 : 0)} %`
    : `${m.figure === 'NOISE' ? '× ' : ''}${value.toFixed(value < 10 ? 1 : 0)}`;
}

const FIRST = 8;

function Table({ moved }: { moved: Moved[] }) {
  const [all, setAll] = useState(false);
  return (
    <div className="overflow-x-auto">
      <table className="w-full text-left" aria-label="Before and after">
        <thead>
          <tr className="border-b-2 border-ink">
            {['What', 'Before', 'After', '9 times in 10', 'Expected, and so', 'From'].map((h) => (
              <th key={h} className="heading py-1 pr-4">
                {h}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {moved.slice(0, all ? moved.length : FIRST).map((m) => (
            <tr
              key={`${m.figure}${m.what}${m.kind}${m.family}`}
              className="border-b border-hair align-baseline"
            >
              <td className="py-1.5 pr-4">
                {m.figure === 'SIGN' && <span className="text-soft">sign: </span>}
                {m.figure === 'NOISE' && <span className="text-soft">noise of </span>}
                {m.what}
                <span className="text-soft">
                  {m.kind && `, ${KINDS[m.kind]}`}
                  {m.family && `, ${m.family}`}
                </span>
              </td>
              <td className="pr-4 font-mono whitespace-nowrap">{shown(m, m.before)}</td>
              <td className="pr-4 font-mono font-bold whitespace-nowrap">{shown(m, m.after)}</td>
              <td className="pr-4 font-mono whitespace-nowrap text-soft">
                {shown(m, m.low)} to {shown(m, m.high)}
              </td>
              <td className="pr-4">
                {m.figure === 'NOISE'
                  ? `${m.so} repeats`
                  : `${m.expected.toFixed(1)} of ${m.cases}, and ${m.so}`}
              </td>
              <td className="text-soft">
                {m.jobs.slice(0, 5).map((j) => (
                  <span key={j}>
                    <Link
                      className="inline-flex min-h-[2.75rem] min-w-[2.75rem] items-center justify-center underline"
                      to={`/jobs/${j}/found`}
                    >
                      {j}
                    </Link>
                  </span>
                ))}
                {m.jobs.length > 5 && `and ${m.jobs.length - 5} more`}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {moved.length > FIRST && (
        <button className="button mt-2" onClick={() => setAll(!all)}>
          {all ? 'Only what moves most' : `And ${moved.length - FIRST} that move less`}
        </button>
      )}
    </div>
  );
}
