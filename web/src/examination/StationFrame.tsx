import { type ReactNode, useState } from 'react';
import type { Sheet, Finding } from '../api/client';
import { VerdictPanel } from '../verdict/VerdictPanel';
import { Findings } from './Findings';

interface Props {
  sheet: Sheet;
  title: string;
  about: string;
  error?: string;
  /** The cylinder at hand, if there is one. */
  current?: number;
  children: ReactNode;
}

/** A station before the gauges: what is looked at in the middle, what it says so far on the right. */
export function StationFrame({ sheet, title, about, error, current, children }: Props) {
  return (
    <>
      <div className="flex min-h-0 min-w-0 flex-1 flex-col">
        <div className="min-h-0 flex-1 overflow-y-auto px-6 py-4">
          <h2 className="text-[1.375rem] leading-tight font-semibold">{title}</h2>
          <p className="mb-3 max-w-[80ch] text-soft">{about}</p>
          {error && (
            <p role="alert" className="refusal mb-3">
              {error}
            </p>
          )}
          {children}
        </div>
        <JustSaid sheet={sheet} />
      </div>
      <VerdictPanel sheet={sheet} current={current} />
    </>
  );
}

/** What the last tap has made the signs say, beside the tap: further down the page nobody would see it. */
export function JustSaid({ sheet }: { sheet: Sheet }) {
  const nameOf = (s: Finding) => `${s.rule} ${s.cylinders.join()}`;
  const names = sheet.seen.findings.map(nameOf).join('\n');
  const [before, setBefore] = useState(names);
  const [said, setSaid] = useState<string[]>([]);
  if (names !== before) {
    const known = new Set(before.split('\n'));
    setBefore(names);
    setSaid(names.split('\n').filter((n) => !known.has(n)));
  }
  const fresh = sheet.seen.findings.filter((s) => said.includes(nameOf(s)));
  return fresh.length === 0 ? null : (
    <div className="no-print max-h-[9rem] shrink-0 overflow-y-auto border-t border-ink bg-well px-6 py-2">
      <Findings sheet={sheet} findings={fresh} />
    </div>
  );
}

/** A group of questions under a heading. */
export function Group({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="mb-5">
      <h3 className="mb-2 border-b border-hair pb-1 text-[1.125rem] font-semibold">{title}</h3>
      <div className="flex flex-wrap gap-x-6 gap-y-3">{children}</div>
    </section>
  );
}
