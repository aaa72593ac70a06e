import { askedNote } from '../ui/askedNote';
import { Choice } from '../ui/Choice';
import { byTouch, Keypad } from '../ui/Keypad';
import { NotedCell } from '../ui/NotedCell';
import { QuantityField } from '../ui/QuantityField';
import { TextField } from '../ui/TextField';
import { useUnits } from '../units/UnitsContext';
import { label, labels } from '../words/labels';
import { useState } from 'react';
import type { OilHand } from './useOil';

const NARROW = 'w-[5.5rem]';

/** The next line: what it is, its number, and where it stands. What is said of it beside stands under it. */
export function EntryBar({ hand }: { hand: OilHand }) {
  const units = useUnits();
  const { kind, around, say, typed, inSpans, weighed } = hand;
  const [keypad, setKeypad] = useState(byTouch);
  const isDip = kind === 'DIP';
  const of = isDip
    ? `From full (${inSpans ? 'spans' : units.symbol('length')})`
    : `How much (${weighed ? 'kg' : units.symbol('volume')})`;
  return (
    <div className="shrink-0 border-b border-ink px-4 py-2" data-entry>
      <div className="flex flex-wrap items-end gap-x-2 gap-y-2">
        <Choice
          label="Line"
          value={kind}
          options={labels('OilEntryKind')}
          onChange={(k) => k && hand.pick(k)}
        />
        <div className={NARROW}>
          <label className="mb-1 block text-soft" htmlFor="oil-value">
            {of}
          </label>
          <NotedCell note={askedNote(typed.asked, typed.refused)} dismiss={typed.clear}>
            <input
              id="oil-value"
              data-readings
              className="field font-mono text-[1.375rem]"
              inputMode="decimal"
              autoComplete="off"
              placeholder={isDip ? '−' : ''}
              value={typed.text}
              onChange={(e) => typed.type(e.target.value)}
            />
          </NotedCell>
        </div>
        <div className="w-[7.25rem]">
          <TextField
            label="Date"
            value={around.date}
            hint="2026-11-24"
            onCommit={(v) => say({ date: v.trim() || undefined })}
          />
        </div>
        <div className={NARROW}>
          <QuantityField label="Hours" unit="h" value={around.hours} onCommit={(v) => say({ hours: v })} />
        </div>
        <div className={NARROW}>
          <QuantityField
            label="Distance"
            quantity="distance"
            value={around.distanceKm}
            onCommit={(v) => say({ distanceKm: v })}
          />
        </div>
        <button className="button button-main min-w-[5.5rem] text-[1.125rem]" onClick={() => hand.save()}>
          Save
        </button>
      </div>
      <div className="mt-2 flex flex-wrap items-end gap-x-2 gap-y-2">
        {isDip ? (
          <>
            <Choice
              label="Read in"
              value={inSpans ? 'spans' : 'mm'}
              options={[
                ['mm', units.symbol('length')],
                ['spans', 'spans'],
              ]}
              onChange={(v) => v && hand.setInSpans(v === 'spans')}
            />
            <div className="w-[4.5rem]">
              <QuantityField
                label="Wait"
                unit="min"
                value={around.waitMinutes}
                onCommit={(v) => say({ waitMinutes: v })}
              />
            </div>
            <Choice
              label="Stood"
              value={around.ground}
              options={labels('Ground').filter(([g]) => g !== 'UNKNOWN')}
              onChange={(v) => say({ ground: v })}
            />
            <Choice
              label="Oil"
              value={around.oil}
              options={labels('OilHeat')}
              onChange={(v) => say({ oil: v })}
            />
          </>
        ) : (
          <>
            <Choice
              label="How well known"
              value={around.certainty}
              options={labels('Certainty')}
              onChange={(v) => say({ certainty: v })}
            />
            {kind !== 'DRAIN' && typed.text === '' && (
              <button className="button" onClick={() => hand.save(true)}>
                Amount not known
              </button>
            )}
            {kind === 'DRAIN' && (
              <Choice
                label="Drained by"
                value={weighed ? 'kg' : 'l'}
                options={[
                  ['l', 'volume'],
                  ['kg', 'weight'],
                ]}
                onChange={(v) => v && hand.setWeighed(v === 'kg')}
              />
            )}
            {kind === 'DRAIN' && weighed && (
              <div className={NARROW}>
                <QuantityField
                  label="Oil at"
                  quantity="temperature"
                  value={around.temperatureC}
                  onCommit={(v) => say({ temperatureC: v })}
                />
              </div>
            )}
            {kind === 'FILL' && (
              <Choice
                label="Filter"
                value={
                  around.filter === undefined
                    ? undefined
                    : around.filter
                      ? around.filterPrefilled
                        ? 'full'
                        : 'new'
                      : 'no'
                }
                options={[
                  ['new', 'new, dry'],
                  ['full', 'new, filled first'],
                  ['no', 'not changed'],
                ]}
                onChange={(v) =>
                  say({
                    filter: v === undefined ? undefined : v !== 'no',
                    filterPrefilled: v === 'full' ? true : undefined,
                  })
                }
              />
            )}
            {kind !== 'DRAIN' && (
              <div className="w-[8rem]">
                <TextField
                  label="Grade"
                  value={around.grade}
                  hint="15W-40"
                  onCommit={(v) => say({ grade: v.trim() || undefined })}
                />
              </div>
            )}
          </>
        )}
        <div className={NARROW}>
          <QuantityField
            label="Fuel since"
            quantity="volume"
            value={around.fuelLitres}
            onCommit={(v) => say({ fuelLitres: v })}
          />
        </div>
        {!keypad && (
          <button className="button" onClick={() => setKeypad(true)}>
            Keypad
          </button>
        )}
      </div>
      {keypad && (
        <div className="mt-2 flex flex-wrap items-start gap-3">
          <div className="w-[24rem]">
            <Keypad
              press={typed.press}
              save={() => hand.save()}
              saves={`Save ${label('OilEntryKind', kind)}`}
              space={undefined}
              hide={() => setKeypad(false)}
            />
          </div>
          {isDip && (
            <button
              className="button min-h-[3.25rem] text-[1.0625rem]"
              onClick={() => typed.type(typed.text.startsWith('-') ? typed.text.slice(1) : `-${typed.text}`)}
            >
              {typed.text.startsWith('-') ? '− below full' : '+ above full'}
            </button>
          )}
        </div>
      )}
      {hand.problem && <p className="refusal">{hand.problem}</p>}
    </div>
  );
}
