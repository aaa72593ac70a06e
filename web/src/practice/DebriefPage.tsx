import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { answer, api, Refusal, type Schemas, type Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';
import { useSheet } from '../job/useSheet';
import { byNumber } from '../section/order';
import { DarkButton } from '../theme/DarkButton';
import { capital, labels } from '../words/labels';
import { Badge } from './Badge';
import { named } from './PracticePage';
import { usePractice } from './usePractice';

type Family = Schemas['Verdict']['family'];
type Debrief = Schemas['Debrief'];

/** What one row of an answer cannot be told by in practice. */
const NEVER = new Set<string>(['BEARINGS', 'ALL_ALIKE']);
/** Faults that sit at a place. */
const PLACED = new Set<string>(['RINGS', 'VALVE_LEAK', 'VALVE_MOTION', 'GASKET_BETWEEN']);

/** The end of a case: what somebody says is wrong, and then what the evidence said. */
export function DebriefPage() {
  const id = Number(useParams().id);
  const { data: sheet } = useSheet(id);
  const { state } = usePractice(id);
  const { data: debrief } = useQuery({
    queryKey: ['debrief', id],
    queryFn: () => answer(api.GET('/api/jobs/{id}/practice/debrief', { params: { path: { id } } })),
    enabled: state?.stated ?? false,
  });
  return (
    <div className="flex h-full flex-col p-2">
      <main className="min-h-0 flex-1 overflow-y-auto border-2 border-ink px-8 py-5">
        <header className="flex flex-wrap items-center gap-4">
          <Badge />
          <h1 className="mr-auto text-[1.5rem] font-semibold">
            {sheet?.engine.engine.name}
            {state && <span className="ml-3 text-[1rem] font-normal text-soft">{named(state.key)}</span>}
          </h1>
          <DarkButton />
          <Link className="button" to={`/jobs/${id}/verdict`}>
            Back to the sheet
          </Link>
          <Link className="button" to="/">
            All cases
          </Link>
        </header>
        {sheet && state && !state.stated && (
          <Say id={id} sheet={sheet} minutes={state.standing.minutes} done={state.shown.length} />
        )}
        {state?.stated && (debrief ? <Told debrief={debrief} /> : <p className="mt-6">Replaying it …</p>)}
      </main>
    </div>
  );
}

interface SayProps {
  id: number;
  sheet: Sheet;
  minutes: number;
  done: number;
}

/** What is wrong, where, and how sure: the first word counts. */
function Say({ id, sheet, minutes, done }: SayProps) {
  const client = useQueryClient();
  const [family, setFamily] = useState<Family>();
  const [cylinders, setCylinders] = useState<number[]>([]);
  const [certainty, setCertainty] = useState(70);
  const placed = family !== undefined && PLACED.has(family);
  const say = useMutation({
    mutationFn: () =>
      answer(
        api.POST('/api/jobs/{id}/practice/verdict', {
          params: { path: { id } },
          body: { family: family!, cylinders: placed ? cylinders : [], certainty: certainty / 100 },
        }),
      ),
    onSuccess: (next) => {
      client.setQueryData(['debrief', id], next);
      void client.invalidateQueries({ queryKey: ['practice', id] });
    },
  });
  const all = byNumber(sheet.engine.engine);
  const ready = family !== undefined && (!placed || cylinders.length > 0);
  return (
    <section className="mt-6 max-w-[60rem] space-y-5" data-say>
      <p className="text-[1.0625rem]">
        {done} {done === 1 ? 'test' : 'tests'}, {Math.round(minutes)} minutes. Say what is wrong, where, and
        how sure you are. The first word counts; afterwards everything is told.
      </p>
      <div className="flex flex-wrap gap-2" role="group" aria-label="What is wrong">
        {labels<Family>('Family')
          .filter(([f]) => !NEVER.has(f))
          .map(([f, words]) => (
            <button
              key={f}
              className="button aria-pressed:bg-ink aria-pressed:text-paper"
              aria-pressed={family === f}
              onClick={() => setFamily(f)}
            >
              {capital(words)}
            </button>
          ))}
      </div>
      {placed && (
        <div className="flex flex-wrap items-center gap-2" role="group" aria-label="Where">
          <span className="mr-2">Cylinder</span>
          {all.map((c) => (
            <button
              key={c}
              className="button min-w-[3rem] font-mono aria-pressed:bg-ink aria-pressed:text-paper"
              aria-pressed={cylinders.includes(c)}
              onClick={() =>
                setCylinders(cylinders.includes(c) ? cylinders.filter((x) => x !== c) : [...cylinders, c])
              }
            >
              {labelOf(sheet, c)}
            </button>
          ))}
        </div>
      )}
      <label className="flex items-center gap-4">
        <span>How sure</span>
        <input
          type="range"
          className="h-11 w-80 accent-[var(--act)]"
          min={5}
          max={99}
          value={certainty}
          onChange={(e) => setCertainty(Number(e.target.value))}
        />
        <span className="font-mono text-[1.5rem]">{certainty} %</span>
      </label>
      <button
        className="button button-main text-[1.125rem]"
        disabled={!ready || say.isPending}
        onClick={() => say.mutate()}
      >
        {say.isPending ? 'Replaying it …' : 'That is what I say'}
      </button>
      {say.error && (
        <p className="refusal">
          {say.error instanceof Refusal
            ? (say.error.at('cylinders') ?? say.error.message)
            : say.error.message}
        </p>
      )}
    </section>
  );
}

const percent = (p: number) => `${(100 * p).toFixed(p < 0.1 ? 1 : 0)} %`;

/** What was true, what each test was worth, what went wrong, and the way that would have been shorter. */
function Told({ debrief }: { debrief: Debrief }) {
  const d = debrief;
  return (
    <div className="mt-5 space-y-7" data-debrief={d.named ? 'named' : 'missed'}>
      <section className="grid grid-cols-[3fr_2fr] gap-8 narrow:grid-cols-1">
        <div>
          <p className="heading">It was</p>
          <p className="text-[1.75rem] leading-tight font-semibold">{capital(d.truth)}</p>
          <p className="mt-3 text-[1.125rem]">
            You said: {d.stated}. <strong>{d.named ? 'That was it.' : 'That was not it.'}</strong>
          </p>
          <p className="mt-1 text-soft">
            After the same tests this tool would lead with: {d.leading}; it gave the truth {percent(d.given)}.
          </p>
          {d.teaches && (
            <p className="mt-4 max-w-[60ch] border-l-4 border-act pl-3 text-[1.0625rem]">
              <strong>{d.title}.</strong> {d.teaches}
            </p>
          )}
        </div>
        <div>
          <p className="heading">Score</p>
          <p className="font-mono text-[2.25rem] leading-none">{d.score.toFixed(2)}</p>
          <p className="mt-2 max-w-[40ch] text-soft">
            The natural logarithm of what you gave the truth: 0 is best, −0.69 is a coin. Being sure and wrong
            costs most.
          </p>
        </div>
      </section>
      {d.slips.length > 0 && (
        <section>
          <h2 className="mb-1 text-[1.25rem] font-semibold">What slipped</h2>
          <ul className="list-inside list-disc space-y-1" data-slips>
            {d.slips.map((s) => (
              <li key={s}>{s}</li>
            ))}
          </ul>
        </section>
      )}
      <section>
        <h2 className="mb-1 text-[1.25rem] font-semibold">What each test was worth</h2>
        <p className="mb-2 text-soft">
          As a good eye would have read it. One bit doubles the odds of the truth; below zero it led away.
        </p>
        <table className="w-full max-w-[64rem] text-left" data-steps>
          <thead>
            <tr className="border-b border-ink">
              {['', 'min', 'the truth', 'bits', 'then led'].map((h) => (
                <th key={h} className="py-1 pr-4 font-medium text-soft">
                  {h}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {d.steps.map((s, i) => (
              <tr key={i} className="border-b border-hair">
                <td className="py-1.5 pr-4">{s.text}</td>
                <td className="pr-4 font-mono">{s.minutes.toFixed(0)}</td>
                <td className="w-56 pr-4">
                  <span className="flex items-center gap-2">
                    <span className="block h-2.5 w-28 border border-metal" aria-hidden>
                      <span className="block h-full bg-ink" style={{ width: `${100 * s.after}%` }} />
                    </span>
                    <span className="font-mono">{percent(s.after)}</span>
                  </span>
                </td>
                <td className={`pr-4 font-mono ${s.bits < -0.05 ? 'text-leak' : ''}`}>
                  {`${s.bits < 0 ? '−' : '+'}${Math.abs(s.bits).toFixed(1)}`}
                </td>
                <td className="leading-tight">{s.leading}</td>
              </tr>
            ))}
          </tbody>
        </table>
        {d.skipped.map((s) => (
          <p key={s} className="mt-2">
            {s}
          </p>
        ))}
      </section>
      <section>
        <h2 className="mb-1 text-[1.25rem] font-semibold">
          The planner’s way: {d.routeMinutes.toFixed(0)} minutes; yours {d.minutes.toFixed(0)}
        </h2>
        <ol className="max-w-[64rem]" data-route>
          {d.route.map((r, i) => (
            <li key={i} className="grid grid-cols-[1fr_5rem_6rem] gap-3 border-b border-hair py-1.5">
              <span>{r.text}</span>
              <span className="text-right font-mono">{r.minutes.toFixed(0)} min</span>
              <span className="text-right font-mono">{percent(r.given)}</span>
            </li>
          ))}
        </ol>
      </section>
    </div>
  );
}
