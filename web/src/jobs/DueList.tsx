import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { answer, api } from '../api/client';
import { useUnits } from '../units/UnitsContext';
import { capital } from '../words/labels';

/** So many are shown until somebody asks for the rest. */
const FIRST = 3;

/** What falls due in the shop, what runs low first; each into a calendar, or all as a feed that one subscribes to. */
export function DueList() {
  const units = useUnits();
  const [all, setAll] = useState(false);
  const { data } = useQuery({
    queryKey: ['due'],
    queryFn: () => answer(api.GET('/api/due')),
    placeholderData: (old) => old,
  });
  if (!data || data.length === 0) {
    return null;
  }
  return (
    <section className="mt-4 border-y border-ink py-2" aria-label="Due">
      <div className="flex items-baseline gap-4">
        <h2 className="heading">Due</h2>
        <a
          className="ml-auto inline-flex min-h-[2.75rem] items-center underline underline-offset-4"
          href="/api/due.ics"
        >
          All as a calendar to subscribe to
        </a>
      </div>
      <ul>
        {data.slice(0, all ? undefined : FIRST).map((d) => (
          <li key={d.name} className="flex flex-wrap items-center gap-x-4 border-t border-hair">
            <span className={`w-[11rem] font-medium ${d.urgent ? 'text-leak' : ''}`}>
              {d.urgent && <span aria-hidden>▸ </span>}
              {capital(d.kindWords)}
            </span>
            <span className="w-[15rem] font-mono text-[0.9375rem]">
              {[
                d.date,
                d.hours != null && `${Math.floor(d.hours)} h`,
                d.distanceKm != null && units.withUnit('distance', d.distanceKm),
              ]
                .filter(Boolean)
                .join(', ')}
            </span>
            <Link
              to={`/jobs/${d.jobId}/oil`}
              className="inline-flex min-h-[2.75rem] items-center font-medium underline-offset-4 hover:underline"
            >
              {d.engineName}
            </Link>
            <span className="min-w-0 flex-1 truncate text-soft">{d.says}</span>
            {d.date && (
              <a
                className="inline-flex min-h-[2.75rem] items-center underline underline-offset-4"
                href={`/api/due/${d.name}.ics`}
                aria-label={`Into the calendar: ${d.kindWords}, ${d.engineName}`}
                download
              >
                calendar
              </a>
            )}
          </li>
        ))}
      </ul>
      {data.length > FIRST && (
        <button
          className="min-h-[2.75rem] min-w-[2.75rem] text-soft underline underline-offset-4"
          onClick={() => setAll(!all)}
        >
          {all ? 'Fewer' : `${data.length - FIRST} more`}
        </button>
      )}
    </section>
  );
}
