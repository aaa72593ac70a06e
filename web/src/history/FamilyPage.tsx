import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { answer, api, type Schemas } from '../api/client';
import { DarkButton } from '../theme/DarkButton';
import { capital } from '../words/labels';

/** Engines of one make and type: what fails on them, and at what hours. */
export function FamilyPage() {
  const name = decodeURIComponent(useParams().name ?? '');
  const { data, error } = useQuery({
    queryKey: ['family', name],
    queryFn: () => answer(api.GET('/api/families/{name}', { params: { path: { name } } })),
  });
  return (
    <div className="h-full p-2">
      <main className="h-full space-y-6 overflow-y-auto border-2 border-ink px-8 py-5 narrow:px-5">
        <header className="flex flex-wrap items-end gap-3">
          <h1 className="mr-auto text-[1.625rem] font-semibold">{name}</h1>
          <DarkButton />
          <Link className="button" to="/">
            All jobs
          </Link>
        </header>
        {error && <p className="refusal">{error.message}</p>}
        {data && (
          <div className="grid grid-cols-[1fr_22rem] gap-10 narrow:grid-cols-1">
            <Failed family={data} />
            <Engines engines={data.engines} />
          </div>
        )}
      </main>
    </div>
  );
}

function Failed({ family }: { family: Schemas['FamilyView'] }) {
  return (
    <section className="space-y-4">
      <h2 className="heading">What fails, from {family.opened} that were opened or mended</h2>
      {family.failed.length === 0 && <p>Nothing was found on one of them yet.</p>}
      {family.failed.map((f) => (
        <section key={f.fault}>
          <h3 className="flex items-baseline gap-3 border-b border-ink text-[1.125rem] font-medium">
            {capital(f.fault)}
            <span className="text-[0.9375rem] font-normal text-soft">
              {f.times === 1 ? 'once' : `${f.times} times`}, on {f.engines} of {family.engines.length} engines
            </span>
          </h3>
          <ul>
            {f.at.map((a) => (
              <li key={a.job} className="grid grid-cols-[6rem_1fr_1fr] gap-3 border-b border-hair">
                <span className="self-center font-mono text-[0.9375rem]">
                  {a.hours !== undefined && `${a.hours} h`}
                </span>
                <Link
                  to={`/jobs/${a.job}/found`}
                  className="flex min-h-[2.75rem] items-center underline underline-offset-4"
                >
                  {a.name}
                </Link>
                <span className="self-center text-soft">{a.because}</span>
              </li>
            ))}
          </ul>
        </section>
      ))}
      <p className="max-w-[70ch] text-soft">
        Only engines that were opened or mended are counted, and on each only what was looked at. How often a
        fault comes among all of them is not said by this.
      </p>
    </section>
  );
}

function Engines({ engines }: { engines: Schemas['MemberRow'][] }) {
  return (
    <section>
      <h2 className="heading">Its engines</h2>
      <ul>
        {engines.map((e) => (
          <li key={e.id} className="flex justify-between gap-3 border-b border-hair">
            <Link
              to={`/engines/${e.id}`}
              className="flex min-h-[2.75rem] items-center font-medium underline underline-offset-4"
            >
              {e.name}
            </Link>
            <span className="self-center text-right text-soft">
              {e.jobs === 1 ? '1 job' : `${e.jobs} jobs`}
              {e.hours != null && `, ${e.hours} h`}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
