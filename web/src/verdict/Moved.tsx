import { useEffect, useRef, useState } from 'react';
import type { Sheet } from '../api/client';
import { chance } from './odds';

const SHOWN_MS = 9000;

/** What the last reading did to the suspects, for a moment after it. */
export function Moved({ sheet }: { sheet: Sheet }) {
  const revision = sheet.job.revision;
  const seen = useRef(revision);
  const [shown, setShown] = useState(0);
  useEffect(() => {
    if (seen.current === revision) {
      return;
    }
    seen.current = revision;
    setShown(revision);
    const later = setTimeout(() => setShown(0), SHOWN_MS);
    return () => clearTimeout(later);
  }, [revision]);
  if (shown !== revision || sheet.moved.length === 0) {
    return null;
  }
  return (
    <section
      className="mt-2 border-l-4 border-act bg-well px-2 py-1"
      aria-label="What this changed"
      data-moved
    >
      {sheet.moved.map((m) => (
        <p key={m.text} className="flex justify-between gap-2">
          <span>{m.text}</span>
          <span className="font-mono whitespace-nowrap">
            {chance(m.before)} <span aria-label="to">{m.after > m.before ? '↗' : '↘'}</span> {chance(m.after)}
          </span>
        </p>
      ))}
    </section>
  );
}
