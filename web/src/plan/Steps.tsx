import { Link } from 'react-router';
import type { Schemas, Sheet } from '../api/client';
import { useExamine } from '../examination/useExamine';
import { labels } from '../words/labels';
import { PlanLine } from './PlanLine';
import { money } from './money';

type Plan = Schemas['Plan'];
type Step = Schemas['PlanStep'];

interface Props {
  sheet: Sheet;
  plan: Plan;
  /** Addresses of the stations after that of the job. */
  paths: Record<string, string>;
}

/** The round from here, step by step: what it takes, what it saves, and the technician's own say. */
export function Steps({ sheet, plan, paths }: Props) {
  const { set } = useExamine(sheet.job.id, 'round');
  const forced = sheet.examination.round.first;
  return (
    <>
      <PlanLine plan={plan} />
      {plan.decided && (
        <div className="space-y-2" data-decided>
          <p className="text-[1.125rem] font-medium">{plan.decided}</p>
          <Link className="button button-main" to={`/jobs/${sheet.job.id}${paths.VERDICT ?? ''}`}>
            To the report
          </Link>
        </div>
      )}
      {plan.first.length > 0 && (
        <section>
          <h3 className="heading">Before anything else</h3>
          {plan.first.map((s) => (
            <div key={s.text} className="flex items-start justify-between gap-3 py-1" data-first>
              <p className="text-[1.125rem] font-medium text-leak">
                {s.text} <span className="font-normal text-soft">{s.why}</span>
              </p>
              {paths[s.tests[0]?.test ?? ''] !== undefined && (
                <Link className="button" to={`/jobs/${sheet.job.id}${paths[s.tests[0]!.test]}`}>
                  Go
                </Link>
              )}
            </div>
          ))}
        </section>
      )}
      <ol className="divide-y divide-hair border-y border-hair" aria-label="Steps">
        {plan.steps.map((step, i) => (
          <li key={step.test} className="py-2" data-step={step.test}>
            <div className="flex items-start justify-between gap-3 narrow:flex-wrap">
              <div className="min-w-0">
                <p className="text-[1.125rem] leading-snug font-medium">
                  <span className="mr-2 font-mono text-[1.25rem]">{i + 1}</span>
                  {step.text}
                </p>
                <p className="text-soft">
                  {Math.round(step.minutes)} min
                  {step.setUp.length > 0 && `, with ${step.setUp.join(', ')}`}
                  {step.gain >= 1 && `; saves about ${money(step.gain)} beyond its cost`}. {step.why}
                </p>
                {step.hazards.map((h) => (
                  <p key={h} className="text-leak">
                    {h}
                  </p>
                ))}
                <Capture step={step} />
              </div>
              <div className="flex shrink-0 gap-2">
                <Link className="button" to={`/jobs/${sheet.job.id}${paths[step.station] ?? ''}`}>
                  Go
                </Link>
                {i > 0 && forced !== step.test && (
                  <button className="button" onClick={() => set({ first: step.test })}>
                    First
                  </button>
                )}
                <button className="button" onClick={() => set({ excluded: { [step.test]: true } })}>
                  Not here
                </button>
              </div>
            </div>
          </li>
        ))}
      </ol>
      {forced && (
        <p className="flex flex-wrap items-center gap-2">
          You put {wordsOf(forced)} first.
          <button className="button" onClick={() => set({ first: null })}>
            As it pays
          </button>
        </p>
      )}
      {plan.excluded.length > 0 && (
        <section>
          <h3 className="heading">Left out here</h3>
          <div className="flex flex-wrap gap-2 pt-1">
            {plan.excluded.map((test) => (
              <button
                key={test}
                className="button"
                onClick={() => set({ excluded: { [test]: null } as never })}
              >
                {wordsOf(test)}: back in
              </button>
            ))}
          </div>
        </section>
      )}
      <p className="max-w-[75ch] text-soft">
        A step is worth its minutes when what would be done after it loses less on the mean. Engines as yours
        may be are drawn from the odds, each test is played on them, and the course is chosen from what those
        say that read alike. Your own judgement goes first: leave out what cannot be done here.
      </p>
    </>
  );
}

const TESTS = labels('TestKind');

function wordsOf(test: string): string {
  return TESTS.find(([name]) => name === test)?.[1] ?? test;
}

/** What is gone once this step is taken. */
function Capture({ step }: { step: Step }) {
  return step.capture.length === 0 ? null : (
    <p className="mt-1 border-l-4 border-oil pl-3" data-capture>
      See first, it is gone afterwards: {step.capture.map(lower).join('; ')}.
    </p>
  );
}

function lower(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}
