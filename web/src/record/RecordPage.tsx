import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { answer, api, type Schemas } from '../api/client';
import { DarkButton } from '../theme/DarkButton';
import { label } from '../words/labels';
import { Learning } from './Learning';
import { Reliability } from './Reliability';

type Shop = Schemas['ShopRecord'];
type Scores = Schemas['Scores'];

/** How often this shop's verdicts were right, and what it learnt from that. */
export function RecordPage() {
  const { data, error } = useQuery({
    queryKey: ['record'],
    queryFn: () => answer(api.GET('/api/shop/record')),
  });
  return (
    <div className="h-full p-2">
      <main className="h-full space-y-5 overflow-y-auto border-2 border-ink px-8 py-5 narrow:px-5">
        <header className="flex flex-wrap items-end gap-3">
          <h1 className="mr-auto text-[1.625rem] font-semibold">What was said, and what was so</h1>
          <DarkButton />
          <Link className="button" to="/shop">
            This shop
          </Link>
          <Link className="button" to="/">
            All jobs
          </Link>
        </header>
        {error && <p className="refusal">{error.message}</p>}
        {data && (
          <>
            {data.record.jobs === 0 ? <Nothing /> : <Summary record={data.record} />}
            {data.copies > 0 && (
              <p className="text-soft" data-copies>
                {data.copies === 1 ? 'One job was' : `${data.copies} jobs were`} here already when a case file
                was loaded: each counts once.
              </p>
            )}
            <Learning />
            {data.jobs.length > 0 && <Jobs jobs={data.jobs} />}
          </>
        )}
      </main>
    </div>
  );
}

function Nothing() {
  return (
    <p className="max-w-[70ch] text-[1.0625rem]">
      No engine was opened yet. When one is, write down at its station <em>Found</em> what it showed: the
      verdict of before is kept as it was and held against that, and this page then says how often it was
      right.
    </p>
  );
}

function Summary({ record }: { record: Shop }) {
  const { verdicts, scores } = record;
  return (
    <>
      <p className="max-w-[85ch] text-[1.25rem] leading-snug font-medium" data-eighty>
        {record.inWords}
      </p>
      <div className="grid grid-cols-[auto_1fr] gap-x-10 gap-y-4 narrow:grid-cols-1">
        <Reliability curve={record.curve} />
        <div className="space-y-4">
          <section>
            <h2 className="heading">Of {record.jobs} engines opened or mended</h2>
            <p className="text-[1.0625rem]">
              {Object.entries(verdicts)
                .map(([v, n]) => `${n} ${label('ReviewVerdict', v)}`)
                .join(', ')}
              .
            </p>
            <p className="max-w-[60ch] text-soft">{record.selection}</p>
          </section>
          {scores && <ScoreTable record={record} scores={scores} />}
        </div>
      </div>
      <Groups record={record} />
    </>
  );
}

const figure = (value: number | undefined) => (value === undefined ? '–' : value.toFixed(2));
const withError = (value: number, error: number | undefined) =>
  error === undefined ? figure(value) : `${figure(value)} ± ${figure(error)}`;

/** Proper scores: the lower the better, and nobody lowers them by saying other than what he thinks. */
function ScoreTable({ record, scores }: { record: Shop; scores: Scores }) {
  const side = record.sideBySide;
  return (
    <section>
      <h2 className="heading">Scores, the lower the better</h2>
      <table className="text-left">
        <thead>
          <tr className="text-soft">
            <th className="pr-6 font-normal" />
            <th className="pr-6 font-normal">statements</th>
            <th className="pr-6 font-normal">Brier</th>
            <th className="pr-6 font-normal">log</th>
          </tr>
        </thead>
        <tbody className="font-mono">
          <ScoreRow name="all that was said" scores={scores} />
          <tr className="border-b border-hair">
            <th className="py-1 pr-6 font-sans font-normal">the mean every time</th>
            <td />
            <td>{figure(scores.always)}</td>
          </tr>
          {side && (
            <>
              <ScoreRow name="technicians, their own" scores={side.own} />
              <ScoreRow name="the same, as said here" scores={side.product} />
            </>
          )}
          {record.technicians.map((t) => (
            <ScoreRow key={t.technician} name={t.technician} scores={t.own} beside={t.product} />
          ))}
        </tbody>
      </table>
      {side && (
        <p className="mt-1 text-soft">
          Difference on the same {side.own.said} statements:{' '}
          {withError(side.better, side.betterError ?? undefined)}
          {side.better > 0 ? ', in favour of what was said here' : ', in favour of the technicians'}
          {record.unshared > 0 && `. ${record.unshared} of them are kept to themselves and named nowhere`}.
        </p>
      )}
    </section>
  );
}

function ScoreRow({ name, scores, beside }: { name: string; scores: Scores; beside?: Scores }) {
  return (
    <tr className="border-b border-hair">
      <th className="py-1 pr-6 font-sans font-normal">{name}</th>
      <td className="pr-6">{scores.said}</td>
      <td className="pr-6">
        {withError(scores.brier, scores.brierError ?? undefined)}
        {beside && <span className="text-soft"> ({figure(beside.brier)} here)</span>}
      </td>
      <td className="pr-6">{figure(scores.log)}</td>
    </tr>
  );
}

function Groups({ record }: { record: Shop }) {
  return (
    <div className="grid grid-cols-2 gap-10 narrow:grid-cols-1">
      <section>
        <h2 className="heading">By fault</h2>
        <table className="w-full text-left">
          <thead>
            <tr className="text-right text-soft">
              <th />
              <th className="font-normal">statements</th>
              <th className="font-normal">Brier</th>
            </tr>
          </thead>
          <tbody>
            {record.families.map((g) => (
              <tr key={g.name} className="border-b border-hair">
                <th className="py-1 font-normal">{g.name}</th>
                <td className="text-right font-mono">{g.scores.said}</td>
                <td className="w-28 text-right font-mono">{figure(g.scores.brier)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
      <section>
        <h2 className="heading">With and without a test</h2>
        <table className="w-full text-left">
          <thead>
            <tr className="text-right text-soft">
              <th />
              <th className="font-normal">Brier with</th>
              <th className="font-normal">without</th>
            </tr>
          </thead>
          <tbody>
            {record.tests.map((t) => (
              <tr key={t.test} className="border-b border-hair">
                <th className="py-1 font-normal">{t.testWords}</th>
                <td className="text-right font-mono">{figure(t.with?.brier)}</td>
                <td className="w-28 text-right font-mono text-soft">{figure(t.without?.brier)}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <p className="text-soft">
          Brier scores. What was tested was chosen, so this is no trial of the test.
        </p>
        {record.skipped.length > 0 && (
          <>
            <h2 className="heading mt-4">Left out, and would have told what was missed</h2>
            <p data-skipped>
              {record.skipped
                .map((s) => `${s.testWords} on ${s.jobs} ${s.jobs === 1 ? 'job' : 'jobs'}`)
                .join(', ')}
              .
            </p>
          </>
        )}
      </section>
    </div>
  );
}

function Jobs({ jobs }: { jobs: Schemas['PastLine'][] }) {
  return (
    <section>
      <h2 className="border-b border-hair pb-1 text-[1.125rem] font-semibold">Job by job</h2>
      <ul>
        {[...jobs].reverse().map((j) => (
          <li
            key={j.job}
            className="grid grid-cols-[18rem_7rem_1fr] items-center gap-4 border-b border-hair py-1 narrow:grid-cols-1 narrow:gap-0"
          >
            <Link
              className="flex min-h-[2.75rem] items-center font-medium underline underline-offset-4"
              to={`/jobs/${j.job}/found`}
            >
              {j.name}
            </Link>
            <span className={j.verdict === 'WRONG' ? 'text-leak' : ''}>
              {j.verdictWords}
              {j.practice && ' (practice)'}
            </span>
            <span className="text-soft">{j.inWords.replace(/^[^.]*\. ?/, '')}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
