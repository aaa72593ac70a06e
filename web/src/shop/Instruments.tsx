import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { answer, api, Refusal } from '../api/client';
import {
  type Instrument as View,
  type InstrumentKind as Kind,
  useKnown,
  useLive,
} from '../instruments/useLive';
import { Pick } from '../ui/Pick';
import { useUnits } from '../units/UnitsContext';
import { capital, label, labels } from '../words/labels';

/** A value that is older is said to be. */
const FRESH_MS = 1500;

/** Instruments that speak: where they stand, what they say they are, and what they read now. */
export function Instruments() {
  const client = useQueryClient();
  const known = useKnown();
  const { all, lost } = useLive((known?.length ?? 0) > 0);
  const remove = useMutation({
    mutationFn: (id: number) =>
      answer(api.DELETE('/api/shop/instruments/{id}', { params: { path: { id } } })),
    onSuccess: () => client.invalidateQueries({ queryKey: ['instruments'] }),
  });
  return (
    <div className="max-w-[60rem] space-y-3" data-instruments>
      <p className="max-w-[75ch] text-soft">
        A gauge that speaks the open protocol of bench instruments (SCPI, over the network of the shop or a
        serial line) shows here what it reads, and types it at its bench. Only what stands in this list is
        ever called.
      </p>
      {lost && <p className="refusal">Silent Otter does not answer. Is it still running?</p>}
      <ul>
        {all?.map((i) => (
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
        <span className="ml-3 text-soft">{instrument.address}</span>
        <span className="block text-soft">
          {line.identity ? called(line.identity) : capital(label('InstrumentKind', instrument.kind))}
        </span>
        {(line.said ?? line.doubt) && <span className="refusal block">{line.said ?? line.doubt}</span>}
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
    mutationFn: () => answer(api.POST('/api/shop/instruments', { body: { name, kind, address } })),
    onSuccess: () => {
      void client.invalidateQueries({ queryKey: ['instruments'] });
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
        hint="192.168.1.40:5025"
        value={address}
        onChange={setAddress}
        error={at('address')}
      />
      <button className="button button-main mt-6" disabled={add.isPending}>
        Add
      </button>
      {add.error && !(add.error instanceof Refusal) && <p className="refusal">{add.error.message}</p>}
    </form>
  );
}

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
