import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { answer, api, type Schemas } from '../api/client';
import { DarkButton } from '../theme/DarkButton';
import { Choice } from '../ui/Choice';
import { Longer } from '../ui/Longer';
import { useUnits } from '../units/UnitsContext';
import { capital, label, labels } from '../words/labels';
import { type Axis, axesOf } from './along';
import { Compared } from './Compared';
import { Course } from './Course';
import { Keeping } from './Keeping';

/** Newest of a list that stand there at first. */
const MOST = 30;

export type Life = Schemas['LifeView'];
export type Measure = Schemas['Measured']['measure'];

/** An engine's whole life: what was measured over the months, what was done to it, and two visits held against each other. */
export function EnginePage() {
  const id = Number(useParams().id);
  const units = useUnits();
  const { data, error } = useQuery({
    queryKey: ['life', id, units.choice],
    queryFn: () => answer(api.GET('/api/engines/{id}/life', { params: { path: { id } } })),
  });
  return (
    <div className="h-full p-2">
      <main className="flex h-full flex-col overflow-y-auto border-2 border-ink">
        <header className="flex flex-wrap items-end gap-3 border-b border-ink px-6 py-3">
          <h1 className="mr-auto text-[1.625rem] leading-none font-semibold">
            {data?.engine.engine.name ?? 'Engine'}
            {data?.engine.engine.family && (
              <Link
                className="ml-4 inline-flex min-h-[2.75rem] items-center text-[1.0625rem] font-normal text-soft underline underline-offset-4"
                to={`/families/${encodeURIComponent(data.engine.engine.family)}`}
              >
                {data.engine.engine.family}
              </Link>
            )}
          </h1>
          <DarkButton />
          <Link className="button" to="/">
            All jobs
          </Link>
        </header>
        {error && <p className="refusal p-6">{error.message}</p>}
        {data && <Whole life={data} />}
      </main>
    </div>
  );
}

function Whole({ life }: { life: Life }) {
  const measures = labels<Measure>('Measure')
    .map(([m]) => m)
    .filter((m) => life.visits.some((v) => v.measured.some((x) => x.measure === m)));
  const [picked, setPicked] = useState<Measure>();
  const measure = picked && measures.includes(picked) ? picked : measures[0];
  const axes = axesOf(life.visits);
  const [axis, setAxis] = useState<Axis>();
  const along = axis && axes.includes(axis) ? axis : axes[0]!;
  return (
    <div className="grid min-h-0 flex-1 grid-cols-[1fr_25rem] narrow:flex-none narrow:grid-cols-1">
      <div className="min-w-0 space-y-5 overflow-y-auto px-6 py-4 narrow:overflow-visible">
        <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
          {measures.length > 0 && (
            <Choice
              label="Measured"
              value={measure}
              options={measures.map((m) => [m, label('Measure', m)] as const)}
              onChange={(m) => setPicked(m ?? measure)}
            />
          )}
          {axes.length > 1 && measure && (
            <Choice
              label="Along"
              value={along}
              options={axes.map((a) => [a, a] as const)}
              onChange={(a) => setAxis(a ?? along)}
            />
          )}
        </div>
        {measure ? (
          <Course life={life} measure={measure} along={along} />
        ) : (
          <p>Nothing was measured on it yet that can be drawn over time.</p>
        )}
        <PlugLooks life={life} />
        <RunIn life={life} />
        <Trials life={life} />
        <Forecasts life={life} />
        <Done life={life} />
        <Jobs life={life} />
        <Keeping key={life.engine.id} life={life} />
      </div>
      <div className="overflow-y-auto border-l border-ink px-5 py-4 narrow:overflow-visible narrow:border-t narrow:border-l-0">
        <Compared life={life} />
      </div>
    </div>
  );
}

/** How the plugs looked, a line a visit. */
function PlugLooks({ life }: { life: Life }) {
  const looked = life.visits.filter((v) => Object.keys(v.plugs).length > 0);
  const cylinders = [...new Set(looked.flatMap((v) => Object.keys(v.plugs)))].sort((a, b) => +a - +b);
  return looked.length === 0 ? null : (
    <section className="overflow-x-auto">
      <h2 className="heading">How the plugs looked</h2>
      <Longer all={[...looked].reverse()} first={MOST}>
        {(some) => (
          <table className="text-left" data-plug-looks>
            <thead>
              <tr className="text-soft">
                <th className="font-normal" />
                {cylinders.map((c) => (
                  <th key={c} className="min-w-[5.5rem] pr-3 font-normal">
                    {c}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {some.map((v) => (
                <tr key={v.job} className="border-b border-hair">
                  <th className="py-1 pr-4 font-mono text-[0.9375rem] font-normal">{v.date}</th>
                  {cylinders.map((c) => (
                    <td key={c}>{v.plugs[c] && label('PlugLook', v.plugs[c])}</td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </Longer>
    </section>
  );
}

function RunIn({ life }: { life: Life }) {
  return !life.runIn ? null : (
    <section data-run-in={life.runIn.state}>
      <h2 className="heading">Running in: {label('RunInState', life.runIn.state)}</h2>
      {life.runIn.inWords.map((t) => (
        <p key={t} className="max-w-[75ch]">
          {t}
        </p>
      ))}
    </section>
  );
}

function Trials({ life }: { life: Life }) {
  return life.trials.length === 0 ? null : (
    <section>
      <h2 className="heading">What was tried</h2>
      <ul>
        {life.trials.map((t) => (
          <li key={t.job} className="border-b border-hair py-1.5" data-trial={t.verdict}>
            <span className="text-[1.0625rem] font-medium">
              {t.what}: {label('TrialVerdict', t.verdict)}
            </span>
            <span className="block text-soft">{t.inWords}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Forecasts({ life }: { life: Life }) {
  return life.forecasts.length === 0 ? null : (
    <section>
      <h2 className="heading">If it goes on wearing as it has</h2>
      <ul className="text-[1.0625rem]">
        {life.forecasts.map((f) => (
          <li key={f.what}>{f.inWords}</li>
        ))}
      </ul>
    </section>
  );
}

function Done({ life }: { life: Life }) {
  return life.changes.length === 0 ? null : (
    <section>
      <h2 className="heading">What was done to it</h2>
      <Longer all={[...life.changes].reverse()} first={MOST}>
        {(some) => (
          <ul>
            {some.map((c, i) => (
              <li key={i} className="grid grid-cols-[7rem_6rem_1fr] gap-3 border-b border-hair py-1">
                <span className="font-mono text-[0.9375rem]">{c.date}</span>
                <span className="font-mono text-[0.9375rem]">{c.hours !== undefined && `${c.hours} h`}</span>
                <span>
                  {c.kind === 'RUNNING_IN'
                    ? c.what
                    : capital([label('ChangeKind', c.kind), c.what].filter(Boolean).join(': '))}
                </span>
              </li>
            ))}
          </ul>
        )}
      </Longer>
    </section>
  );
}

function Jobs({ life }: { life: Life }) {
  return (
    <section>
      <h2 className="heading">Its jobs</h2>
      <Longer all={life.jobs} first={MOST}>
        {(some) => (
          <ul>
            {some.map((j) => (
              <li key={j.id} className="grid grid-cols-[7rem_1fr_1fr] gap-3 border-b border-hair">
                <Link
                  to={`/jobs/${j.id}`}
                  className="flex min-h-[2.75rem] items-center font-mono text-[0.9375rem] underline underline-offset-4"
                >
                  {j.date}
                </Link>
                <span className="self-center text-soft">{j.complaint}</span>
                <span className={`self-center font-medium ${j.tone === 'LOSS' ? 'text-leak' : ''}`}>
                  {j.headline}
                </span>
              </li>
            ))}
          </ul>
        )}
      </Longer>
    </section>
  );
}
