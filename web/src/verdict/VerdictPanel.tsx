import { useState } from 'react';
import { Link } from 'react-router';
import type { Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';
import { useSheetAsStarted } from '../job/useSheet';
import { HiddenAnswer, useAnswerHidden } from '../practice/HiddenAnswer';
import { Moved } from './Moved';
import { Next } from './Next';
import { worthShowing } from './odds';
import { OddsStrip } from './OddsStrip';
import { Reasons } from './Reasons';

const MOST_SUSPECTS = 4;

/**
 * What is certain, what it means and what to do next, always in view at arm's length; what does not fit, at most three
 * reasons and the odds below it, and the cylinder at hand. On a tablet a bar at the bottom that opens upwards.
 */
export function VerdictPanel({ sheet: asLearnt, current }: { sheet: Sheet; current?: number }) {
  const [open, setOpen] = useState(false);
  const [asStarted, setAsStarted] = useState(false);
  const started = useSheetAsStarted(asLearnt, asStarted && asLearnt.learnt);
  const answer = useAnswerHidden(asLearnt.job.id);
  const sheet = started ? { ...asLearnt, diagnosis: started.diagnosis, moved: [] } : asLearnt;
  if (answer.hidden) {
    return (
      <aside
        className="no-print w-[18.5rem] shrink-0 border-l border-ink narrow:w-full narrow:border-t-2 narrow:border-l-0"
        aria-label="Verdict"
      >
        <HiddenAnswer show={answer.show} />
      </aside>
    );
  }
  return (
    <aside
      className="no-print flex w-[18.5rem] shrink-0 flex-col border-l border-ink narrow:w-full narrow:border-t-2 narrow:border-l-0"
      aria-label="Verdict"
    >
      <div
        className="shrink-0 px-4 pt-3 pb-2 narrow:grid narrow:grid-cols-[1fr_1.2fr_auto] narrow:gap-x-5 narrow:pt-2"
        aria-live="polite"
        data-verdict
      >
        {started && (
          <p className="mb-1 border-b border-hair pb-1 font-medium" data-as-started>
            Had this shop learnt nothing
          </p>
        )}
        <Headline sheet={sheet} />
        <Next sheet={sheet} />
        <button
          className="button hidden self-center narrow:inline-flex"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
        >
          {open ? 'Less' : 'Why'}
        </button>
      </div>
      <div
        className={`min-h-0 flex-1 overflow-y-auto px-4 pb-3 narrow:max-h-[45vh] ${open ? '' : 'narrow:hidden'}`}
        role="region"
        aria-label="Why"
        tabIndex={0}
      >
        <Moved sheet={sheet} />
        <DoesNotFit sheet={sheet} />
        <Texts title="Could not be worked out" texts={sheet.notComputed} />
        <Reasons sheet={sheet} />
        <Suspects sheet={sheet} />
        <Link
          to={`/jobs/${sheet.job.id}/ledger`}
          className="mt-2 flex min-h-[2.75rem] items-center font-medium text-act underline underline-offset-4"
        >
          Ledger: everything for and against
        </Link>
        {sheet.learnt && (
          <div className="mt-1">
            <button
              className="button"
              aria-pressed={asStarted}
              onClick={() => setAsStarted(!asStarted)}
              data-without-learnt
            >
              {asStarted ? 'With what this shop learnt' : 'Without what this shop learnt'}
            </button>
            <Link
              className="flex min-h-[2.75rem] items-center text-soft underline underline-offset-4"
              to="/record"
            >
              What it learnt, and from what
            </Link>
          </div>
        )}
        <Own sheet={sheet} current={current} />
        <Texts title="Stays open" texts={sheet.diagnosis.open} />
        <LeadingSchool sheet={sheet} />
      </div>
    </aside>
  );
}

/** Two lines with their own certainties. */
export function Headline({ sheet }: { sheet: Sheet }) {
  const { headline, tone } = sheet.diagnosis;
  const { certain, meant } = headline;
  const words = (text: string) => text && <span className="mt-0.5 block text-soft">{text}</span>;
  return (
    <div>
      <h2 className="sr-only">Verdict</h2>
      <p className="text-[1.1875rem] leading-tight font-semibold" data-certain>
        {certain.text}
        <span className="text-[0.9375rem] font-normal">{words(certain.words)}</span>
      </p>
      {meant && (
        <p
          className={`mt-2 text-[1.375rem] leading-tight font-semibold narrow:mt-1 ${tone === 'LOSS' ? 'text-leak' : ''}`}
          data-meant
        >
          {meant.text}
          <span className="text-[0.9375rem] font-normal">{words(meant.words)}</span>
        </p>
      )}
    </div>
  );
}

function DoesNotFit({ sheet }: { sheet: Sheet }) {
  const first = sheet.diagnosis.contradictions[0];
  if (!first) {
    return null;
  }
  return (
    <section className="mt-2 border-t border-hair pt-2" data-does-not-fit>
      <h3 className="heading">Does not fit</h3>
      <p>{first.text}</p>
    </section>
  );
}

function Suspects({ sheet }: { sheet: Sheet }) {
  const { suspects, littleTested } = sheet.diagnosis;
  if (suspects.length === 0) {
    return null;
  }
  return (
    <section className="mt-3 border-t border-hair pt-2">
      <h3 className="heading">Odds{littleTested && ', little tested yet'}</h3>
      <ul>
        {worthShowing(suspects, MOST_SUSPECTS).map((i) => (
          <OddsStrip key={i} suspect={suspects[i]!} />
        ))}
      </ul>
    </section>
  );
}

/** The cylinder at hand in three lines. */
function Own({ sheet, current }: { sheet: Sheet; current?: number }) {
  const own = current === undefined ? undefined : sheet.diagnosis.cylinders[current];
  if (!own || sheet.cylinders.length < 2) {
    return null;
  }
  return (
    <section className="mt-3 border-t border-hair pt-2" data-own>
      <h3 className="heading">Cylinder {labelOf(sheet, current!)}</h3>
      <p className={`text-[1.0625rem] font-semibold ${own.tone === 'LOSS' ? 'text-leak' : ''}`}>
        {own.what}
        {own.words && <span className="font-normal text-soft">, {own.words}</span>}
      </p>
      {own.why[0] && <p className="line-clamp-3">{own.why[0]}</p>}
      {own.misses && <p className="line-clamp-2 text-soft">{own.misses}</p>}
    </section>
  );
}

/** Schools are opinions: how the one that leads in this shop rules stands beside the evidence, never in it. */
function LeadingSchool({ sheet }: { sheet: Sheet }) {
  const opinion = sheet.compression.schools.find(
    (s) => s.school === sheet.leadingSchool && s.ruling !== 'NOT_ASKED',
  );
  return opinion ? (
    <section className="mt-3 border-t border-hair pt-2">
      <h3 className="heading">School that leads here</h3>
      <p>
        {opinion.schoolWords}: {opinion.reason}
      </p>
    </section>
  ) : null;
}

function Texts({ title, texts }: { title: string; texts: string[] }) {
  if (texts.length === 0) {
    return null;
  }
  return (
    <section className="mt-3 border-t border-hair pt-2">
      <h3 className="heading">{title}</h3>
      <ul className="space-y-1">
        {texts.map((t) => (
          <li key={t}>{t}</li>
        ))}
      </ul>
    </section>
  );
}
