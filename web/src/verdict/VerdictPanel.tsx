import type { Sheet, Verdict } from '../api/client';
import { labelOf } from '../api/labelOf';

/** What the readings say so far: the engine, the cylinder at hand, what does not fit, what next. */
export function VerdictPanel({ sheet, current }: { sheet: Sheet; current?: number }) {
  const verdict = sheet.diagnosis.engine;
  const own = current === undefined ? undefined : sheet.diagnosis.cylinders[current];
  return (
    <aside
      className="no-print w-[296px] shrink-0 overflow-y-auto border-l border-ink px-4 py-3 max-[1099px]:w-full max-[1099px]:border-t max-[1099px]:border-l-0"
      aria-label="Verdict"
      aria-live="polite"
    >
      <h2 className="heading">Verdict</h2>
      <Headline verdict={verdict} large />
      <ul className="mt-1 space-y-1">
        {verdict.why.map((w) => (
          <li key={w}>{w}</li>
        ))}
      </ul>
      <h3 className="heading mt-4">Next</h3>
      <p className="text-[18px] leading-snug font-medium text-act">{verdict.next}</p>
      {verdict.misses && <p className="mt-1 text-soft">{verdict.misses}</p>}
      <Findings title="Could not be worked out" texts={sheet.notComputed} />
      <Suspicions sheet={sheet} />
      <Findings title="Stays open" texts={sheet.diagnosis.open} />
      <Findings title="Does not fit yet" texts={sheet.diagnosis.doesNotFit} />
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
        className={`${large ? 'text-[22px]' : 'text-[18px]'} leading-tight font-semibold ${verdict.tone === 'LOSS' ? 'text-leak' : ''}`}
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
