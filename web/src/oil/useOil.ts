import { useState } from 'react';
import { answer, api, type Schemas, type Sheet } from '../api/client';
import { newKey } from '../api/newKey';
import { useChange } from '../job/useSheet';
import { key, useKeys } from '../keys/useKeys';
import { readingKeys } from '../ui/readingKeys';
import { useReadingCell } from '../ui/useReadingCell';
import { readingCell } from '../ui/useTypedCell';
import { useUnits } from '../units/UnitsContext';
import { parseNumber, whyNoNumber } from '../units/units';
import { labels } from '../words/labels';

export type Entry = Schemas['OilEntryDocument'];
export type StoredEntry = Schemas['StoredOilEntry'];
export type Kind = Entry['kind'];
export type Axis = Schemas['AxisResult'];

interface Sent {
  text: string;
  key: string;
  entry: Entry;
  sure?: boolean;
}

const kinds = labels<Kind>('OilEntryKind').map(([k]) => k);

function today(): string {
  const now = new Date();
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10);
}

/** What is said of a line beside its number; most of it holds for the next line too. */
export type Around = Partial<Omit<Entry, 'kind' | 'mmFromFull' | 'spansFromFull' | 'litres' | 'kg'>>;

/** The next line of an oil log under the hand: what it is, where it stands, and its number. */
export function useOil(sheet: Sheet) {
  const id = sheet.job.id;
  const units = useUnits();
  const { unit } = sheet.oil.analysis;
  const [inSpans, setInSpans] = useState(unit === 'SPANS');
  const [kind, setKind] = useState<Kind>('DIP');
  const [around, setAround] = useState<Around>({ date: today() });
  const [weighed, setWeighed] = useState(false);
  const [chosen, setChosen] = useState<number>();

  const send = useChange(id, ({ entry, key: sentKey, sure }: Sent) =>
    answer(
      api.POST('/api/jobs/{id}/oil/entries', {
        params: { path: { id } },
        body: { key: sentKey, entry, sure },
      }),
    ),
  );
  const change = useChange(id, ({ stored, entry }: { stored: StoredEntry; entry: Entry }) =>
    answer(
      api.PUT('/api/jobs/{id}/oil/entries/{entryId}', {
        params: { path: { id, entryId: stored.id } },
        body: { was: stored.entry, entry },
      }),
    ),
  );
  const setAside = useChange(id, ({ entryId, reason }: { entryId: number; reason?: string }) =>
    answer(
      api.PUT('/api/jobs/{id}/oil/entries/{entryId}/set-aside', {
        params: { path: { id, entryId } },
        body: { reason },
      }),
    ),
  );

  const typed = useReadingCell<Sent>({
    signed: true,
    send: send.mutateAsync,
    goBackTo: (sent) => setKind(sent.entry.kind),
    ways: (sent, _question, again) => [
      { words: 'It is meant so', take: () => again({ ...sent, key: newKey(), sure: true }) },
      ...(sent.entry.hours != null || sent.entry.distanceKm != null
        ? [
            {
              words: 'Another meter from here on',
              take: () =>
                again({ ...sent, key: newKey(), sure: true, entry: { ...sent.entry, newMeter: true } }),
            },
          ]
        : []),
      { words: 'Let me change it', take: () => typed.type(sent.text) },
    ],
  });

  // Several numbers are repeats of one dip.
  const numbers = typed.text.trim().split(/\s+/).map(parseNumber);
  const number = numbers.includes(undefined) ? undefined : numbers[0];
  const isDip = kind === 'DIP';
  /** The level that is typed or tapped now, in the units of the stick. */
  const level =
    isDip && number !== undefined ? (inSpans ? number : units.toBase('length', number)) : undefined;

  /** Weight is only asked of what was drained. */
  const byWeight = weighed && kind === 'DRAIN';

  const save = (amountUnknown = false) => {
    const { text } = typed;
    if (text.trim() !== '' && (number === undefined || (numbers.length > 1 && !isDip))) {
      typed.refuse(text, whyNoNumber(text));
      return;
    }
    if (number === undefined && !amountUnknown) {
      typed.refuse(
        text,
        isDip ? 'Type what the stick says: negative stands below the full mark.' : 'Type how much.',
      );
      return;
    }
    if (typed.resend((s) => s.entry.kind === kind)) {
      return;
    }
    const repeats = numbers.length > 1 ? numbers.slice(1).map((n) => units.toBase('length', n!)) : undefined;
    const amount =
      number === undefined ? {} : byWeight ? { kg: number } : { litres: units.toBase('volume', number) };
    const value = isDip
      ? inSpans
        ? { spansFromFull: level }
        : { mmFromFull: level, repeatsMm: repeats }
      : amount;
    const {
      waitMinutes,
      ground,
      oil,
      filter,
      filterPrefilled,
      grade,
      certainty,
      temperatureC,
      afterPouring,
      ...place
    } = around;
    const of = isDip
      ? { waitMinutes, ground, oil, certainty, afterPouring }
      : {
          certainty,
          grade,
          temperatureC: byWeight ? temperatureC : undefined,
          ...(kind === 'FILL' ? { filter, filterPrefilled } : {}),
        };
    typed.clear();
    // What belongs to this line only; the place stays, for what is poured after a dip.
    setAround({
      ...around,
      note: undefined,
      fuelLitres: undefined,
      newMeter: undefined,
      certainty: undefined,
      afterPouring: undefined,
    });
    typed.submit({ text, key: newKey(), entry: { kind, ...place, ...of, ...value } });
  };

  const pick = (next: Kind) => {
    setKind(next);
    typed.clear();
    readingCell()?.focus();
  };

  const cell = readingKeys(typed);
  useKeys([
    { ...cell.digits, does: 'type what the stick says, or how much' },
    {
      on: (e) => e.key === '-' && document.activeElement !== readingCell(),
      run: () => {
        readingCell()?.focus();
        typed.press('-');
      },
    },
    cell.enter('save the line', () => save()),
    {
      shown: 'K',
      does: 'dip, top-up, fill, drain',
      on: key('k'),
      run: () => pick(kinds[(kinds.indexOf(kind) + 1) % kinds.length]!),
    },
    cell.space('between numbers: the same dip, repeated'),
    { ...cell.clear, does: 'clear what is typed' },
  ]);

  return {
    kind,
    pick,
    around,
    say: (more: Around) => setAround({ ...around, ...more }),
    weighed: byWeight,
    setWeighed,
    chosen,
    setChosen,
    inSpans,
    setInSpans,
    level,
    /** Sets the level by a tap on the stick, in spans or millimetres. */
    setLevel: (value: number, spans: boolean) => {
      setInSpans(spans);
      typed.type(
        spans ? value.toFixed(2) : String(Number(units.editable('length', Math.round(value * 2) / 2))),
      );
    },
    typed,
    save,
    write: (entry: Entry) => typed.submit({ text: '', key: newKey(), entry, sure: true }),
    change: (stored: StoredEntry, entry: Entry) => change.mutate({ stored, entry }),
    setAside: (entryId: number, reason?: string) => setAside.mutate({ entryId, reason }),
    problem: [change, setAside].find((m) => m.error)?.error?.message,
  };
}

export type OilHand = ReturnType<typeof useOil>;
