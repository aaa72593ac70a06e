import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { answer, api, Refusal, type Schemas } from '../api/client';
import { Pick } from '../ui/Pick';
import { useUnits } from '../units/UnitsContext';
import { capital, label, labels } from '../words/labels';

type View = Schemas['InstrumentView'];
type Kind = View['instrument']['kind'];

/** As often as somebody can follow; while nobody looks at this page, no instrument is called. */
const EVERY_MS = 500;
/** A value that is older is said to be. */
const FRESH_MS = 1500;

/** Instruments that speak: where they stand, what they say they are, and what they read now. */
export function Instruments() {
  const client = useQueryClient();
  const { data, error } = useQuery({
    queryKey: ['instruments'],
    queryFn: () => answer(api.GET('/api/shop/instruments')),
    refetchInterval: EVERY_MS,
  });
  const remove = useMutation({
    mutationFn: (id: number) =>
      answer(api.DELETE('/api/shop/instruments/{id}', { params: { path: { id } } })),
    onSuccess: (next) => client.setQueryData(['instruments'], next),
  });
  return (
    <div className="max-w-[60rem] space-y-3" data-instruments>
      <p className="max-w-[75ch] text-soft">
        A gauge that speaks the open protocol of bench instruments (SCPI, over the network of the shop) shows
        here what it reads. Only what stands in this list is ever called.
      </p>
      {error && <p className="refusal">{error.message}</p>}
      <ul>
        {data?.map((i) => (
          <Line key={i.id} view={i} onRemove={() => remove.mutate(i.id)} />
        ))}
      </ul>
      <Add />
    </div>
  );
}

function Line({ view, onRemove }: { view: View; onRemove: () => void }) {
  const { instrument, line } = view;
  const well = line.condition === 'READING';
  return (
    <li
      className="grid grid-cols-[1fr_auto_auto] items-center gap-x-6 border-b border-hair py-2"
      data-instrument={line.condition}
    >
      <div>
        <span className="text-[1.0625rem] font-medium">{instrument.name}</span>
        <span className="ml-3 text-soft">
          {instrument.host}:{instrument.port}
        </span>
        <span className="block text-soft">
          {line.identity ? called(line.identity) : capital(label('InstrumentKind', instrument.kind))}
        </span>
        {line.said && <span className="refusal block">{line.said}</span>}
      </div>
      <div className="text-right">
        <Values view={view} />
        <span className={`block ${well ? 'text-soft' : 'text-leak'}`}>
          {line.conditionWords}
          {line.ageMs !== undefined && line.ageMs > FRESH_MS && `, ${Math.round(line.ageMs / 1000)} s old`}
        </span>
      </div>
      <button className="button" onClick={onRemove} aria-label={`Remove ${instrument.name}`}>
        Remove
      </button>
    </li>
  );
}

/** Maker and model, of all that it says of itself. */
const called = (identity: string) => identity.split(',').slice(0, 2).join(', ');

function Values({ view }: { view: View }) {
  const units = useUnits();
  const { kind } = view.instrument;
  const told = view.line.values.map((v) =>
    kind === 'STARTER_CURRENT'
      ? `${v.toFixed(0)} A`
      : units.withUnit(kind === 'MANOMETER' ? 'crankcase' : 'pressure', v),
  );
  return (
    <span className="font-mono text-[1.375rem]" data-values>
      {told.length > 0 ? told.join(' / ') : '–'}
    </span>
  );
}

function Add() {
  const client = useQueryClient();
  const [name, setName] = useState('');
  const [kind, setKind] = useState<Kind>('COMPRESSION');
  const [address, setAddress] = useState('');
  const add = useMutation({
    mutationFn: () => {
      const at = address.trim().lastIndexOf(':');
      return answer(
        api.POST('/api/shop/instruments', {
          body: {
            name,
            kind,
            host: at < 0 ? address.trim() : address.trim().slice(0, at),
            port: at < 0 ? STANDARD_PORT : Number(address.trim().slice(at + 1)) || 0,
          },
        }),
      );
    },
    onSuccess: (next) => {
      client.setQueryData(['instruments'], next);
      setName('');
      setAddress('');
    },
  });
  const at = (field: string) => (add.error instanceof Refusal ? add.error.at(field) : undefined);
  const submit = (e: FormEvent) => {
    e.preventDefault();
    add.mutate();
  };
  return (
    <form onSubmit={submit} className="flex flex-wrap items-start gap-3" aria-label="Another instrument">
      <Field label="Name" value={name} onChange={setName} error={at('name')} />
      <div className="w-56">
        <Pick
          label="It is"
          value={kind}
          options={labels<Kind>('InstrumentKind')}
          onChange={(k) => setKind(k as Kind)}
        />
      </div>
      <Field
        label="Address"
        hint={`192.168.1.40:${STANDARD_PORT}`}
        value={address}
        onChange={setAddress}
        error={at('host') ?? at('port')}
      />
      <button className="button button-main mt-6" disabled={add.isPending}>
        Add
      </button>
      {add.error && !(add.error instanceof Refusal) && <p className="refusal">{add.error.message}</p>}
    </form>
  );
}

/** Where instruments of this kind usually listen. */
const STANDARD_PORT = 5025;

interface FieldProps {
  label: string;
  value: string;
  hint?: string;
  error?: string;
  onChange: (value: string) => void;
}

function Field({ label, value, hint, error, onChange }: FieldProps) {
  return (
    <label className="block w-56">
      <span className="mb-1 block text-soft">{label}</span>
      <input
        className="field"
        value={value}
        placeholder={hint}
        aria-invalid={error !== undefined}
        onChange={(e) => onChange(e.target.value)}
      />
      {error && <span className="refusal block">{error}</span>}
    </label>
  );
}
