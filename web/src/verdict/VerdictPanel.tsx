import { useState } from 'react';
import type { Sheet, Verdict } from '../api/client';
import { labelOf } from '../api/labelOf';

/**
 * What the readings say so far and what to do next, always in view; the reasons, what does not fit and the cylinder at hand
 * below it. On a tablet a bar at the bottom that opens upwards.
 */
export function VerdictPanel({ sheet, current }: { sheet: Sheet; current?: number }) {
  const [open, setOpen] = useState(false);
  const verdict = sheet.diagnosis.engine;
  const own = current === undefined ? undefined : sheet.diagnosis.cylinders[current];
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
        <div>
          <h2 className="heading">Verdict</h2>
          <Headline verdict={verdict} large />
        </div>
        <div className="mt-3 narrow:mt-0">
          <h3 className="heading">Next</h3>
          <p className="text-[1.125rem] leading-snug font-medium text-act" data-next>
            {verdict.next}
          </p>
        </div>
        <button
          className="button hidden self-center narrow:inline-flex"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
        >
          {open ? 'Less' : 'Why'}
        </button>
      </div>
      <div
        className={`min-h-0 flex-1 overflow-y-auto px-4 pb-3 narrow:max-h-[40vh] ${open ? '' : 'narrow:hidden'}`}
        role="region"
        aria-label="Why"
        tabIndex={0}
      >
        <ul className="space-y-1 border-t border-hair pt-2">
          {verdict.why.map((w) => (
            <li key={w}>{w}</li>
          ))}
        </ul>
        {verdict.misses && <p className="mt-1 text-soft">{verdict.misses}</p>}
        <Findings title="Could not be worked out" texts={sheet.notComputed} />
        <Findings title="Does not fit yet" texts={sheet.diagnosis.doesNotFit} />
        <Suspicions sheet={sheet} />
        <Findings title="Stays open" texts={sheet.diagnosis.open} />
        {own && sheet.cylinders.length > 1 && (
          <section className="mt-4 border-t border-hair pt-3">
            <h3 className="heading">Cylinder {labelOf(sheet, current!)}</h3>
            <Headline verdict={own} />
            <ul className="mt-1 space-y-1">
              {own.why.map((w) => (
                <li key={w}>{w}</li>
              ))}
            </ul>
            {own.next && <p className="mt-1 font-medium text-act">{own.next}</p>}
            {own.misses && <p className="mt-1 text-soft">{own.misses}</p>}
          </section>
        )}
      </div>
    </aside>
  );
}

const MOST_SUSPECTS = 5;

/** What the signs alone point to, each with how many times likelier they make it; with and without a stated prior. */
function Suspicions({ sheet }: { sheet: Sheet }) {
  const strong = sheet.seen.suspicions.filter((s) => s.likelihoodRatio >= 1.5).slice(0, MOST_SUSPECTS);
  if (strong.length === 0) {
    return null;
  }
  const times = (n: number) => `× ${n < 10 ? n.toFixed(1) : n.toFixed(0)}`;
  return (
    <section className="mt-4 border-t border-hair pt-3">
      <h3 className="heading">Signs alone make likelier</h3>
      <ul>
        {strong.map((s) => (
          <li key={s.suspect + s.cylinders.join()} className="flex justify-between gap-2">
            <span>
              {s.suspectWords}
              {s.cylinders.length > 0 && `, ${s.cylinders.map((n) => labelOf(sheet, n)).join(' ')}`}
              {s.withoutPrior != null && (
                <span className="block text-soft">
                  {times(s.withoutPrior)} without what the family is known for
                </span>
              )}
            </span>
            <span className="font-mono whitespace-nowrap">{times(s.likelihoodRatio)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Findings({ title, texts }: { title: string; texts: string[] }) {
  if (texts.length === 0) {
    return null;
  }
  return (
    <section className="mt-4 border-t border-hair pt-3">
      <h3 className="heading">{title}</h3>
      <ul className="space-y-1">
        {texts.map((t) => (
          <li key={t}>{t}</li>
        ))}
      </ul>
    </section>
  );
}

/** The verdict itself, with how sure it is in words and as one to four strokes of a pen. */
export function Headline({ verdict, large }: { verdict: Verdict; large?: boolean }) {
  return (
    <p>
      <span
        className={`${large ? 'text-[1.375rem]' : 'text-[1.125rem]'} leading-tight font-semibold ${verdict.tone === 'LOSS' ? 'text-leak' : ''}`}
      >
        {verdict.what}
      </span>
      {verdict.tone !== 'EMPTY' && (
        <span className="mt-0.5 flex items-center gap-2 text-soft">
          <Strokes sureness={verdict.sureness} />
          {verdict.surenessWords}
        </span>
      )}
    </p>
  );
}

const COUNT = { NEAR_CERTAIN: 4, LIKELY: 3, POSSIBLE: 2, OPEN: 1 } as const;

function Strokes({ sureness }: { sureness: Verdict['sureness'] }) {
  return (
    <svg width="38" height="12" aria-hidden>
      {[0, 1, 2, 3].map((i) => (
        <line
          key={i}
          x1={4 + i * 9}
          x2={8 + i * 9}
          y1="11"
          y2="1"
          stroke={i < COUNT[sureness] ? 'var(--ink)' : 'var(--hair)'}
          strokeWidth={i < COUNT[sureness] ? 2.6 : 1.2}
        />
      ))}
    </svg>
  );
}
