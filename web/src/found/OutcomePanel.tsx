import { FileText } from 'lucide-react';
import type { Schemas, Sheet } from '../api/client';
import { useExamine } from '../examination/useExamine';
import { labelOf } from '../api/labelOf';
import { asked } from '../units/units';
import { useUnits } from '../units/UnitsContext';
import { Headline } from '../verdict/VerdictPanel';
import { label } from '../words/labels';
import { OwnVerdict } from './OwnVerdict';
import { chance } from '../words/chance';
import { signed } from '../words/signed';

type Review = Schemas['Review'];

/** What was said, held against what was found; before anything was found, what is said now and what the technician says. */
export function OutcomePanel({ sheet }: { sheet: Sheet }) {
  const { prediction, review, earlier } = sheet.outcome;
  const units = useUnits();
  return (
    <aside
      className="no-print flex w-[18.5rem] shrink-0 flex-col border-l border-ink narrow:max-h-[34vh] narrow:w-full narrow:border-t-2 narrow:border-l-0"
      aria-label="Said, and found"
    >
      <div
        className="min-h-0 flex-1 space-y-4 overflow-y-auto px-4 py-3"
        tabIndex={0}
        role="region"
        aria-label="Review"
      >
        {review && prediction ? (
          <Reviewed sheet={sheet} review={review} />
        ) : (
          <>
            <Headline sheet={sheet} />
            <p className="text-soft">
              With the first thing you note as found, this is kept as it stands now and never changes.
            </p>
            <OwnVerdict sheet={sheet} />
          </>
        )}
        {prediction && (
          <section>
            <h3 className="heading">Kept as it was</h3>
            <p>
              {prediction.at.slice(0, 16).replace('T', ' ')}, model {prediction.model}, tables{' '}
              {prediction.tables}, {prediction.learnt ? 'with' : 'without'} what the shop had learnt.
              {earlier > 0 &&
                ` Kept ${earlier === 1 ? 'once' : earlier + ' times'} before; the last one counts.`}
            </p>
          </section>
        )}
        {review && (
          <a
            className="button w-full"
            href={`/api/jobs/${sheet.job.id}/found.pdf?units=${encodeURIComponent(asked(units.choice))}`}
            target="_blank"
            rel="noreferrer"
          >
            <FileText aria-hidden size={18} /> What was found, PDF
          </a>
        )}
        <Closing sheet={sheet} />
      </div>
    </aside>
  );
}

const MARK = { PRESENT: '●', ABSENT: '○', UNKNOWN: '–' } as const;

function Reviewed({ sheet, review }: { sheet: Sheet; review: Review }) {
  return (
    <>
      <section data-review={review.verdict}>
        <h2 className="text-[1.375rem] leading-tight font-semibold">
          {review.verdictWords.charAt(0).toUpperCase() + review.verdictWords.slice(1)}
        </h2>
        <p className="mt-1">{review.inWords.replace(/^[^.]*\. ?/, '')}</p>
      </section>
      <section>
        <h3 className="heading">What was said, what was so</h3>
        <ul>
          {review.suspects.map((j, i) => (
            <li
              key={i}
              className="grid grid-cols-[1.25rem_1fr_3rem] items-baseline border-b border-hair py-1.5"
            >
              <span
                aria-hidden
                className={j.truth === 'PRESENT' ? 'text-leak' : j.truth === 'ABSENT' ? '' : 'text-soft'}
              >
                {MARK[j.truth]}
              </span>
              <span className="leading-tight">
                {j.suspect.text}
                <span className="block text-soft">
                  {j.truth === 'UNKNOWN' ? 'not looked at' : `${j.truthWords}, ${j.howWords}: ${j.because}`}
                </span>
              </span>
              <span className="text-right font-mono">{chance(j.suspect.probability)}</span>
            </li>
          ))}
          {review.unforeseen.map((u) => (
            <li
              key={u.text}
              className="grid grid-cols-[1.25rem_1fr_3rem] items-baseline border-b border-hair py-1.5"
            >
              <span aria-hidden className="text-leak">
                ●
              </span>
              <span className="leading-tight">
                {u.text}
                <span className="block text-soft">was not among the suspects: {u.because}</span>
              </span>
              <span className="text-right font-mono">{chance(u.probability)}</span>
            </li>
          ))}
        </ul>
      </section>
      <Spoke title="What misled" lines={review.misled} />
      <Spoke title="What told" lines={review.told} />
      {review.skipped.length > 0 && (
        <section>
          <h3 className="heading">Would have told, and was not done</h3>
          <p>{review.skipped.map((t) => label('TestKind', t)).join(', ')}</p>
        </section>
      )}
      <Own sheet={sheet} own={review.own} />
    </>
  );
}

function Spoke({ title, lines }: { title: string; lines: Review['misled'] }) {
  return lines.length === 0 ? null : (
    <section>
      <h3 className="heading">{title}</h3>
      <ul>
        {lines.map((l) => (
          <li key={l.seen + l.suspect} className="grid grid-cols-[1fr_4rem] border-b border-hair py-1">
            <span className="leading-tight">
              {l.seen}
              <span className="block text-soft">
                {l.decibans < 0 ? 'against' : 'for'} {l.suspect}
              </span>
            </span>
            <span className="text-right font-mono">{signed(l.decibans)} dB</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Own({ sheet, own }: { sheet: Sheet; own: Review['own'] }) {
  return own === undefined || own === null ? null : (
    <section data-own-verdict>
      <h3 className="heading">You said</h3>
      <p>
        {label('Family', own.family)}
        {own.cylinder !== undefined && ` on ${labelOf(sheet, own.cylinder)}`}, {chance(own.certainty)}. This
        said {chance(own.product)}.{' '}
        {own.truth === 'UNKNOWN'
          ? 'Not known yet.'
          : own.truth === 'PRESENT'
            ? 'It was so.'
            : 'It was not so.'}
      </p>
    </section>
  );
}

/** A job ends; it can be opened again. */
function Closing({ sheet }: { sheet: Sheet }) {
  const { set, error } = useExamine(sheet.job.id, 'closing');
  const { closedAt, practice } = sheet.examination.closing;
  return (
    <section className="space-y-2 border-t border-hair pt-3">
      <h3 className="heading">The job</h3>
      {closedAt && (
        <p>Closed {closedAt.slice(0, 16).replace('T', ' ')}. Everything can still be written down.</p>
      )}
      <button
        className="button w-full"
        onClick={() =>
          set({ closedAt: closedAt ? null : new Date().toISOString().replace(/\.\d+/, '') } as never)
        }
      >
        {closedAt ? 'Open the job again' : 'Close the job'}
      </button>
      <label className="flex min-h-[2.75rem] items-center gap-3">
        <input
          type="checkbox"
          className="size-6"
          checked={practice ?? false}
          onChange={(e) => set({ practice: e.target.checked || null } as never)}
        />
        For practice: nothing is learnt from it
      </label>
      {error && <p className="refusal">{error}</p>}
    </section>
  );
}
