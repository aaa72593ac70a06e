import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { answer, api, Refusal, type Schemas } from '../api/client';
import { DarkButton } from '../theme/DarkButton';
import { Choice } from '../ui/Choice';
import { labels } from '../words/labels';

type Difficulty = 'EASY' | 'USUAL' | 'HARD';
const MOST_SEED = 99_999;

/** The practice room: lessons, cases that nobody made, and what was finished. */
export function PracticePage() {
  const navigate = useNavigate();
  const [technician, setTechnician] = useState(() => localStorage.getItem('practises') ?? '');
  const query = { technician: technician.trim() };
  const { data: board, error } = useQuery({
    queryKey: ['board', query.technician],
    queryFn: () => answer(api.GET('/api/practice/board', { params: { query } })),
    placeholderData: (old) => old,
  });
  const { data: history } = useQuery({
    queryKey: ['practised', query.technician],
    queryFn: () => answer(api.GET('/api/practice/history', { params: { query } })),
    placeholderData: (old) => old,
  });
  const begin = useMutation({
    mutationFn: (key: string) =>
      answer(api.POST('/api/practice/cases', { body: { key, technician: technician.trim() } })),
    onSuccess: ({ jobId }) => navigate(`/jobs/${jobId}/intake`),
  });
  const open = board?.cases.filter((c) => c.truth === undefined) ?? [];
  const done = board?.cases.filter((c) => c.truth !== undefined) ?? [];
  const doneKeys = new Set(done.map((c) => c.key));
  return (
    <div className="flex h-full flex-col p-2" data-board>
      <main className="min-h-0 flex-1 overflow-y-auto border-2 border-ink px-8 py-5">
        <header className="flex flex-wrap items-center gap-4">
          <span className="hatched flex h-11 items-center px-4">
            <h1 className="bg-well px-3 text-[1.5rem] font-semibold tracking-[0.1em]">PRACTICE</h1>
          </span>
          <p className="mr-auto max-w-[48ch] leading-tight text-soft">
            Engines whose faults are hidden, on the screens of real work. Nothing here ever stands among the
            shop’s records.
          </p>
          <label className="w-56">
            <span className="mb-1 block text-soft">Who practises</span>
            <input
              className="field"
              list="who"
              value={technician}
              onChange={(e) => {
                setTechnician(e.target.value);
                localStorage.setItem('practises', e.target.value);
              }}
            />
            <datalist id="who">
              {board?.technicians.map((t) => (
                <option key={t} value={t} />
              ))}
            </datalist>
          </label>
          <DarkButton />
        </header>
        {error && <p className="refusal mt-3">{error.message}</p>}
        {history && (
          <section className="mt-5 flex flex-wrap items-center gap-4 border-y border-ink py-3" data-next>
            <button className="button button-main text-[1.125rem]" onClick={() => begin.mutate(history.next)}>
              Take {named(history.next)}
            </button>
            <span>{history.why}</span>
            {open.slice(0, 3).map((c) => (
              <Link key={c.jobId} className="button" to={`/jobs/${c.jobId}/intake`}>
                Go on with {named(c.key)}
              </Link>
            ))}
          </section>
        )}
        <div className="mt-5 grid grid-cols-[3fr_2fr] gap-10 narrow:grid-cols-1">
          <section>
            <h2 className="mb-2 text-[1.25rem] font-semibold">Lessons</h2>
            <ol>
              {board?.lessons.map((l) => (
                <li key={l.key} className="border-b border-hair">
                  <button
                    className="grid min-h-[2.75rem] w-full grid-cols-[2.5rem_1fr_auto] items-center gap-3 text-left hover:text-act"
                    onClick={() => begin.mutate(l.key)}
                  >
                    <span className="font-mono text-[1.125rem]">{l.key.replace('lesson-', '')}</span>
                    <span className="leading-tight">“{l.complaint}”</span>
                    <span className="text-right leading-tight text-soft">
                      {l.title ?? (doneKeys.has(l.key) ? 'done' : '')}
                    </span>
                  </button>
                </li>
              ))}
            </ol>
          </section>
          <div className="space-y-8">
            <Drawn begin={(key) => begin.mutate(key)} error={begin.error} />
            {(board?.own.length ?? 0) > 0 && (
              <section>
                <h2 className="mb-2 text-[1.25rem] font-semibold">Of this shop</h2>
                <div className="flex flex-wrap gap-2">
                  {board?.own.map((key) => (
                    <button key={key} className="button" onClick={() => begin.mutate(key)}>
                      {named(key)}
                    </button>
                  ))}
                </div>
              </section>
            )}
            {history && history.finished > 0 && <Finished history={history} done={done} />}
          </div>
        </div>
      </main>
    </div>
  );
}

/** A case that nobody made: as hard as one likes, by a number that can be shared. */
function Drawn({ begin, error }: { begin: (key: string) => void; error: Error | null }) {
  const [difficulty, setDifficulty] = useState<Difficulty>('USUAL');
  const [seed, setSeed] = useState(() => String(1 + Math.floor(Math.random() * MOST_SEED)));
  return (
    <section>
      <h2 className="mb-2 text-[1.25rem] font-semibold">One that nobody made</h2>
      <div className="flex flex-wrap items-end gap-3">
        <Choice<Difficulty>
          label="How hard"
          value={difficulty}
          options={labels('Difficulty')}
          onChange={(d) => d && setDifficulty(d)}
        />
        <label className="w-28">
          <span className="heading mb-1 block">Number</span>
          <input
            className="field font-mono"
            inputMode="numeric"
            value={seed}
            onChange={(e) => setSeed(e.target.value.replace(/\D/g, ''))}
          />
        </label>
        <button className="button" onClick={() => begin(`${difficulty.toLowerCase()}-${seed || 1}`)}>
          Begin
        </button>
      </div>
      <p className="mt-1 text-[0.9375rem] text-soft">
        The same number is the same engine on any machine: pass it on, and compare.
      </p>
      {error && (
        <p className="refusal">
          {error instanceof Refusal ? (error.at('key') ?? error.message) : error.message}
        </p>
      )}
    </section>
  );
}

function Finished({
  history,
  done,
}: {
  history: Schemas['PracticeRecord'];
  done: Schemas['PracticeLine'][];
}) {
  return (
    <section data-history>
      <h2 className="mb-2 text-[1.25rem] font-semibold">Finished</h2>
      <p>
        {history.named} of {history.finished} named; mean score {history.score.toFixed(2)} (0 is best, −0.69
        is a coin).
      </p>
      {history.confused.length > 0 && (
        <ul className="mt-2">
          {history.confused.slice(0, 4).map((c) => (
            <li key={c.was + c.said}>
              <span className="font-medium">{c.was}</span> taken for{' '}
              <span className="font-medium">{c.said}</span>
              {c.times > 1 && `, ${c.times} times`}
            </li>
          ))}
        </ul>
      )}
      <table className="mt-3 w-full text-left">
        <tbody>
          {done.slice(0, 30).map((c) => (
            <tr key={c.jobId} className="border-b border-hair">
              <td className="py-1.5 pr-2">
                <Link className="underline underline-offset-4" to={`/jobs/${c.jobId}/practice`}>
                  {named(c.key)}
                </Link>
              </td>
              <td className="pr-2 leading-tight">{c.truth}</td>
              <td className={`pr-2 ${c.named ? '' : 'text-leak'}`}>{c.named ? 'named' : 'missed'}</td>
              <td className="text-right font-mono">{c.score?.toFixed(2)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <a
        className="mt-2 inline-block min-h-[2.75rem] py-2 underline underline-offset-4 hover:text-act"
        href="/api/practice/history.csv"
        download
      >
        Save as a table
      </a>
    </section>
  );
}

/** A case as people speak of it. */
export function named(key: string): string {
  return key.startsWith('own-') ? `case ${key.slice('own-'.length)} of this shop` : key.replace('-', ' ');
}
