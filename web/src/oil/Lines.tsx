import { useState } from 'react';
import type { Sheet } from '../api/client';
import { QuantityField } from '../ui/QuantityField';
import { TextField } from '../ui/TextField';
import { useUnits } from '../units/UnitsContext';
import { YesNo } from '../ui/YesNo';
import { label } from '../words/labels';
import { describeEntry } from './inWords';
import type { Entry, OilHand, StoredEntry } from './useOil';

/** Every line of the log, newest first: put right, or set aside with its reason. */
export function Lines({ sheet, hand }: { sheet: Sheet; hand: OilHand }) {
  const units = useUnits();
  const [open, setOpen] = useState<number>();
  const { entries } = sheet.oil;
  if (entries.length === 0) {
    return <p className="text-soft">Nothing written down yet.</p>;
  }
  return (
    <ul>
      {entries.toReversed().map((e) => (
        <li key={e.id} className="border-b border-hair py-1">
          <div className="flex flex-wrap items-center gap-2">
            <span className={`min-w-[14rem] flex-1 ${e.setAside ? 'text-soft line-through' : ''}`}>
              {describeEntry(units, e.entry)}
            </span>
            {e.setAside && <span className="text-soft">{e.setAside}</span>}
            <button
              className="button"
              aria-expanded={open === e.id}
              onClick={() => setOpen(open === e.id ? undefined : e.id)}
            >
              Change
            </button>
            <button
              className="button"
              onClick={() => hand.setAside(e.id, e.setAside ? undefined : 'set aside by hand')}
            >
              {e.setAside ? 'Count again' : 'Set aside'}
            </button>
          </div>
          {open === e.id && <Change stored={e} change={(next) => hand.change(e, next)} />}
        </li>
      ))}
    </ul>
  );
}

function Change({ stored, change }: { stored: StoredEntry; change: (entry: Entry) => void }) {
  const e = stored.entry;
  const put = (more: Partial<Entry>) => change({ ...e, ...more });
  const W = 'w-[8rem]';
  return (
    <div
      className="flex flex-wrap items-end gap-3 py-2"
      aria-label={`Change of the ${label('OilEntryKind', e.kind)}`}
    >
      <div className={W}>
        <TextField label="Date" value={e.date} onCommit={(v) => put({ date: v.trim() || undefined })} />
      </div>
      <div className={W}>
        <QuantityField label="Hours" unit="h" value={e.hours} onCommit={(v) => put({ hours: v })} />
      </div>
      <div className={W}>
        <QuantityField
          label="Distance"
          quantity="distance"
          value={e.distanceKm}
          onCommit={(v) => put({ distanceKm: v })}
        />
      </div>
      {e.kind === 'DIP' && e.mmFromFull != null && (
        <div className={W}>
          <QuantityField
            label="From full"
            quantity="length"
            value={e.mmFromFull}
            onCommit={(v) => put({ mmFromFull: v })}
          />
        </div>
      )}
      {e.kind === 'DIP' && e.spansFromFull != null && (
        <div className={W}>
          <QuantityField
            label="From full"
            unit="spans"
            value={e.spansFromFull}
            onCommit={(v) => put({ spansFromFull: v })}
          />
        </div>
      )}
      {e.kind !== 'DIP' && (
        <div className={W}>
          <QuantityField
            label="How much"
            quantity="volume"
            value={e.litres}
            onCommit={(v) => put({ litres: v, kg: undefined })}
          />
        </div>
      )}
      <YesNo
        label="Another meter from here"
        value={e.newMeter ?? undefined}
        onChange={(v) => put({ newMeter: v })}
      />
      {e.kind === 'DIP' && (
        <YesNo
          label="After what was poured then"
          value={e.afterPouring ?? undefined}
          onChange={(v) => put({ afterPouring: v })}
        />
      )}
      <div className="w-[16rem]">
        <TextField label="Note" value={e.note} onCommit={(v) => put({ note: v.trim() || undefined })} />
      </div>
    </div>
  );
}
