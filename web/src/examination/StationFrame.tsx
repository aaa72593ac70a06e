import type { ReactNode } from 'react';
import type { Sheet } from '../api/client';
import { VerdictPanel } from '../verdict/VerdictPanel';

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
      <div className="min-w-0 flex-1 overflow-y-auto px-6 py-4">
        <h2 className="text-[22px] leading-tight font-semibold">{title}</h2>
        <p className="mb-3 max-w-[80ch] text-soft">{about}</p>
        {error && (
          <p role="alert" className="refusal mb-3">
            {error}
          </p>
        )}
        {children}
      </div>
      <VerdictPanel sheet={sheet} current={current} />
    </>
  );
}

/** A group of questions under a heading. */
export function Group({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="mb-5">
      <h3 className="mb-2 border-b border-hair pb-1 text-[18px] font-semibold">{title}</h3>
      <div className="flex flex-wrap gap-x-6 gap-y-3">{children}</div>
    </section>
  );
}
