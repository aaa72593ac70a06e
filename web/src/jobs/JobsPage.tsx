import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { answer, api } from '../api/client';
import { DarkButton } from '../theme/DarkButton';
import { DueList } from './DueList';
import { Filters, type Filter } from './Filters';
import { RoomButton } from '../practice/RoomButton';
import { ImportCase } from './ImportCase';

const PAGE = 100;

/** On a tablet these stand under the engine, so that the verdict has room. */
const ON_WIDE = ['Complaint', 'By'];

/** All jobs, newest first, each with its verdict. */
export function JobsPage() {
  const [search, setSearch] = useState('');
  const [filter, setFilter] = useState<Filter>({});
  const [shown, setShown] = useState(false);
  const [limit, setLimit] = useState(PAGE);
  const navigate = useNavigate();
  const narrowed = Object.values(filter).some((v) => v !== undefined);
  const { data, error } = useQuery({
    queryKey: ['jobs', search, filter, limit],
    queryFn: () => answer(api.GET('/api/jobs', { params: { query: { search, limit, ...filter } } })),
    placeholderData: (old) => old,
    // Headlines that are worked out anew follow on their own.
    refetchInterval: (query) => (query.state.data?.jobs.some((j) => !j.upToDate) ? 1000 : false),
  });
  return (
    <div className="flex h-full flex-col p-2">
      <main className="min-h-0 flex-1 overflow-y-auto border-2 border-ink px-8 py-5">
        <header className="flex flex-wrap items-end gap-3">
          <h1 className="mr-auto text-[1.875rem] leading-none font-semibold">
            Silent Otter
            <span className="ml-4 text-[1.125rem] font-normal text-soft">where an engine loses its seal</span>
          </h1>
          <DarkButton />
          <Link className="button" to="/record">
            Record
          </Link>
          <Link className="button" to="/shop">
            This shop
          </Link>
          <RoomButton />
          <Link className="button" to="/calculator">
            Calculator
          </Link>
          <ImportCase />
          <Link className="button button-main" to="/jobs/new">
            New job
          </Link>
        </header>
        <div className="mt-5 flex gap-3">
          <input
            className="field text-[1.0625rem]"
            type="search"
            aria-label="Search jobs"
            placeholder="Search engine, complaint, verdict, technician or date"
            value={search}
            onChange={(e) => setSearch(e.target.value)}
          />
          <button className="button" aria-expanded={shown || narrowed} onClick={() => setShown(!shown)}>
            Filter
          </button>
          {narrowed && (
            <button className="button" onClick={() => setFilter({})}>
              All
            </button>
          )}
        </div>
        {(shown || narrowed) && <Filters filter={filter} onChange={setFilter} />}
        {search === '' && !narrowed && <DueList />}
        {error && <p className="refusal mt-3">{error.message}</p>}
        {data && (
          <table className="mt-4 w-full text-left text-[1.0625rem]">
            <thead>
              <tr className="border-b-2 border-ink">
                {['Date', 'Engine', 'Complaint', 'Verdict', 'By'].map((h) => (
                  <th key={h} className={`heading py-1.5 pr-4 ${ON_WIDE.includes(h) ? 'narrow:hidden' : ''}`}>
                    {h}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {data.jobs.map((j) => (
                <tr
                  key={j.id}
                  className="cursor-pointer border-b border-hair hover:bg-well"
                  onClick={() => void navigate(`/jobs/${j.id}`)}
                >
                  <td className="py-1 pr-4 font-mono text-[0.9375rem] whitespace-nowrap">{j.date}</td>
                  <td className="pr-4 whitespace-nowrap">
                    <Link
                      to={`/jobs/${j.id}`}
                      className="inline-flex min-h-[2.75rem] min-w-[2.75rem] items-center font-medium underline-offset-4 hover:underline"
                    >
                      {j.engineName}
                    </Link>
                    <span className="ml-2 text-soft">{j.cylinders} cyl.</span>
                    <Link
                      to={`/engines/${j.engineId}`}
                      className="ml-2 inline-flex min-h-[2.75rem] min-w-[2.75rem] items-center text-soft underline underline-offset-4"
                      aria-label={`${j.engineName}: its whole life`}
                      onClick={(e) => e.stopPropagation()}
                    >
                      life
                    </Link>
                    <span className="hidden max-w-[22rem] truncate pb-1 text-soft narrow:block">
                      {[j.complaint, j.technician].filter(Boolean).join(' · ')}
                    </span>
                  </td>
                  <td className="max-w-[16rem] truncate pr-4 text-soft narrow:hidden">{j.complaint}</td>
                  <td className={`pr-4 font-medium ${j.tone === 'LOSS' ? 'text-leak' : ''}`}>
                    {j.tone === 'LOSS' && <span aria-hidden>▸ </span>}
                    {j.upToDate ? j.headline : <span className="text-soft">{j.headline} …</span>}
                  </td>
                  <td className="whitespace-nowrap text-soft narrow:hidden">{j.technician}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
        {data?.total === 0 && (
          <p className="mt-8 text-[1.125rem]">
            {search || narrowed
              ? `Nothing matches${search ? ` “${search}”` : ' these filters'}.`
              : 'No jobs yet. Start one: an engine needs no more than a name and its cylinders.'}
          </p>
        )}
        {data && data.total > data.jobs.length && (
          <button className="button mt-4" onClick={() => setLimit(limit + PAGE)}>
            Show more ({data.jobs.length} of {data.total})
          </button>
        )}
      </main>
    </div>
  );
}
