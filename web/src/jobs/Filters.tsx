import { useQuery } from '@tanstack/react-query';
import { answer, api, type Schemas } from '../api/client';
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
        label="Verdict is about"
        value={filter.fault ?? ''}
        options={labels('Family').map(([f, words]) => [f, capital(words)])}
        onChange={(fault) => set({ fault: (fault || undefined) as Filter['fault'] })}
      />
      <Pick
        label="Engines of"
        value={filter.family ?? ''}
        options={(data?.families ?? []).map((f) => [f, f])}
        onChange={(family) => set({ family })}
      />
      <Pick
        label="By"
        value={filter.technician ?? ''}
        options={(data?.technicians ?? []).map((t) => [t, t])}
        onChange={(technician) => set({ technician })}
      />
      <Day label="From" value={filter.from} onChange={(from) => set({ from })} />
      <Day label="To" value={filter.to} onChange={(to) => set({ to })} />
      <Pick
        label="Findings"
        value={yesNo(filter.open)}
        options={[
          ['true', 'some stay open'],
          ['false', 'all explained'],
        ]}
        onChange={(open) => onChange({ ...filter, open: asked(open) })}
      />
      <Pick
        label="What was found"
        value={yesNo(filter.outcome)}
        options={[
          ['true', 'is known'],
          ['false', 'is not known'],
        ]}
        onChange={(outcome) => onChange({ ...filter, outcome: asked(outcome) })}
      />
      <Pick
        label="Due"
        value={filter.due ? 'true' : ''}
        options={[['true', 'something is due']]}
        onChange={(due) => set({ due: due === 'true' || undefined })}
      />
    </div>
  );
}

interface PickProps {
  label: string;
  value: string;
  options: (readonly [string, string])[];
  onChange: (value: string) => void;
}

function Pick({ label, value, options, onChange }: PickProps) {
  return (
    <label>
      <span className="block text-soft">{label}</span>
      <select className="field" value={value} onChange={(e) => onChange(e.target.value)}>
        <option value="">any</option>
        {options.map(([v, words]) => (
          <option key={v} value={v}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
}

function Day({ label, value, onChange }: { label: string; value?: string; onChange: (day: string) => void }) {
  return (
    <label>
      <span className="block text-soft">{label}</span>
      <input type="date" className="field" value={value ?? ''} onChange={(e) => onChange(e.target.value)} />
    </label>
  );
}
