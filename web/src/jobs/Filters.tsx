import { useQuery } from '@tanstack/react-query';
import { useId } from 'react';
import { answer, api, type Schemas } from '../api/client';
import { Pick } from '../ui/Pick';
import { capital, labels } from '../words/labels';

/** What jobs are filtered by; what is left out asks for nothing. */
export interface Filter {
  fault?: NonNullable<Schemas['Foreseen']['family']>;
  family?: string;
  technician?: string;
  from?: string;
  to?: string;
  open?: boolean;
  outcome?: boolean;
  due?: boolean;
}

interface Props {
  filter: Filter;
  onChange: (filter: Filter) => void;
}

/** Fault, family, technician, days, and what is still to be done: each narrows the list at once. */
export function Filters({ filter, onChange }: Props) {
  const { data } = useQuery({
    queryKey: ['jobs', 'known'],
    queryFn: () => answer(api.GET('/api/jobs/known')),
  });
  const set = (patch: Filter) =>
    onChange(Object.fromEntries(Object.entries({ ...filter, ...patch }).filter(([, v]) => v)) as Filter);
  const yesNo = (value: boolean | undefined) => (value === undefined ? '' : String(value));
  const asked = (value: string) => (value === '' ? undefined : value === 'true');
  return (
    <div className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(10.5rem,1fr))] gap-x-4 gap-y-2" data-filters>
      <Pick
        none="any"
        label="Verdict is about"
        value={filter.fault ?? ''}
        options={labels('Family').map(([f, words]) => [f, capital(words)])}
        onChange={(fault) => set({ fault: (fault || undefined) as Filter['fault'] })}
      />
      <Pick
        none="any"
        label="Engines of"
        value={filter.family ?? ''}
        options={(data?.families ?? []).map((f) => [f, f])}
        onChange={(family) => set({ family })}
      />
      <Pick
        none="any"
        label="By"
        value={filter.technician ?? ''}
        options={(data?.technicians ?? []).map((t) => [t, t])}
        onChange={(technician) => set({ technician })}
      />
      <Day label="From" value={filter.from} onChange={(from) => set({ from })} />
      <Day label="To" value={filter.to} onChange={(to) => set({ to })} />
      <Pick
        none="any"
        label="Findings"
        value={yesNo(filter.open)}
        options={[
          ['true', 'some stay open'],
          ['false', 'all explained'],
        ]}
        onChange={(open) => onChange({ ...filter, open: asked(open) })}
      />
      <Pick
        none="any"
        label="What was found"
        value={yesNo(filter.outcome)}
        options={[
          ['true', 'is known'],
          ['false', 'is not known'],
        ]}
        onChange={(outcome) => onChange({ ...filter, outcome: asked(outcome) })}
      />
      <Pick
        none="any"
        label="Due"
        value={filter.due ? 'true' : ''}
        options={[['true', 'something is due']]}
        onChange={(due) => set({ due: due === 'true' || undefined })}
      />
    </div>
  );
}

function Day({ label, value, onChange }: { label: string; value?: string; onChange: (day: string) => void }) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="mb-1 block text-soft">
        {label}
      </label>
      <input
        id={id}
        type="date"
        className="field"
        value={value ?? ''}
        onChange={(e) => onChange(e.target.value)}
      />
    </div>
  );
}
