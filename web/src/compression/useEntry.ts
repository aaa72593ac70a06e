import { useState } from 'react';
import { answer, api, Refusal, type Sheet, type StoredPass } from '../api/client';
import { newKey } from '../api/newKey';
import { arrows, key, useKeys } from '../keys/useKeys';
import { around, asTheyStand, byNumber } from '../section/order';
import { useChange, useLatestSheet } from '../job/useSheet';
import { readingKeys } from '../ui/readingKeys';
import { useReadingCell } from '../ui/useReadingCell';
import { readingCell } from '../ui/useTypedCell';
import { useUnits } from '../units/UnitsContext';
import { parseNumber, whyNoNumber } from '../units/units';

export type EntryMode = 'final' | 'strokes';

interface Sent {
  passId: number;
  cylinder: number;
  /** Stays with the reading when its answer was lost, so that sending it again does not record it twice. */
  key: string;
  /** Which attempt at this cylinder it was taken for. */
  attempt?: number;
  /** Values of a new reading, or one further stroke of the reading with this key. */
  strokesKPa: number[];
  stroke?: number;
  finalOnly: boolean;
  oilMl?: number;
  text: string;
}

/** What the keypad types, where it goes, and what became of it. */
export function useEntry(sheet: Sheet) {
  const units = useUnits();
  const id = sheet.job.id;
  const latest = useLatestSheet(id);
  const order = byNumber(sheet.engine.engine);
  const [passId, setPassId] = useState(() => sheet.passes.at(-1)?.id ?? 0);
  const pass = sheet.passes.find((p) => p.id === passId) ?? sheet.passes.at(-1)!;
  const [cylinder, setCylinder] = useState(() => {
    const low = Object.values(sheet.compression.cylinders).find((c) => c.standing === 'LOW')?.cylinder;
    return firstToRead(pass, order) ?? low ?? order[0]!;
  });
  const [last, setLast] = useState<number>();
  const [oil, setOil] = useState('5');
  const [doseIn, setDoseIn] = useState<DoseUnit>('mL');
  const [open, setOpen] = useState<{ key: string; passId: number; cylinder: number; strokes: number }>();
  // How values are typed belongs to the pass they are typed into, never to the job before.
  const [modes, setModes] = useState<Record<number, EntryMode>>({});
  const mode = modes[pass.id] ?? 'final';

  const send = useChange(id, (sent: Sent) => {
    const path = { id, passId: sent.passId };
    if (sent.stroke === undefined) {
      const { key, attempt, cylinder, strokesKPa, finalOnly, oilMl } = sent;
      return answer(
        api.POST('/api/jobs/{id}/compression/passes/{passId}/readings', {
          params: { path },
          body: { key, attempt, cylinder, strokesKPa, finalOnly, oilMl },
        }),
      );
    }
    const reading = latest()
      ?.passes.flatMap((p) => p.readings)
      .find((r) => r.key === sent.key);
    if (!reading) {
      throw new Refusal('The reading this stroke belongs to is gone; type it again.', 409);
    }
    return answer(
      api.POST('/api/jobs/{id}/compression/readings/{readingId}/strokes', {
        params: { path: { id, readingId: reading.id } },
        body: { number: sent.stroke, kPa: sent.strokesKPa[0]! },
      }),
    );
  });

  const cell = useReadingCell<Sent>({
    send: send.mutateAsync,
    goBackTo: (sent) => {
      setPassId(sent.passId);
      setCylinder(sent.cylinder);
      setOpen(undefined);
    },
    // Another window has read this cylinder meanwhile.
    ways: (sent, _, send) => [
      {
        words: 'A repeat',
        take: () => {
          send({ ...sent, attempt: undefined });
          advance();
        },
      },
      { words: 'The same', take: () => advance() },
    ],
  });
  const { submit, waiting } = cell;

  const goTo = (next: number, nextPass = pass.id) => {
    setCylinder(next);
    setPassId(nextPass);
    cell.clear();
    if (open && (open.cylinder !== next || open.passId !== nextPass)) {
      setOpen(undefined);
    }
    readingCell()?.focus();
  };

  const advance = () => {
    if (pass.kind === 'WET') {
      const control = wetOn(sheet).find((c) => c !== cylinder && !isRead(pass, c));
      goTo(control ?? cylinder);
      return;
    }
    const at = order.indexOf(cylinder);
    const taken = new Set(waiting.filter((s) => s.passId === pass.id).map((s) => s.cylinder));
    const unread = [...order.slice(at + 1), ...order.slice(0, at)].find(
      (c) => !isRead(pass, c) && !taken.has(c),
    );
    goTo(unread ?? around(order, cylinder, 1));
  };

  /** How many attempts at this cylinder are there or on their way. */
  const attempts = () =>
    pass.readings.filter((r) => r.cylinder === cylinder).length +
    waiting.filter((s) => s.passId === pass.id && s.cylinder === cylinder && s.stroke === undefined).length;

  const save = () => {
    const { text } = cell;
    const words = text.trim().split(/\s+/).filter(Boolean);
    if (words.length === 0) {
      if (open) {
        advance();
      }
      return;
    }
    if (cell.resend((sent) => sent.passId === pass.id && sent.cylinder === cylinder)) {
      advance();
      return;
    }
    const values = words.map(parseNumber);
    if (values.some((v) => v === undefined)) {
      cell.refuse(text, whyNoNumber(text));
      return;
    }
    const poured = pass.kind === 'WET' ? parseNumber(oil) : undefined;
    const dose = poured === undefined ? undefined : poured * DOSES[doseIn];
    if (pass.kind === 'WET' && dose === undefined) {
      cell.refuse(text, 'Say how much oil went in.');
      return;
    }
    const strokesKPa = values.map((v) => units.toBase('pressure', v!));
    const base = { passId: pass.id, cylinder, text, attempt: attempts() + 1 };
    setLast(cylinder);
    if (mode === 'strokes' && words.length === 1) {
      const going = open && open.cylinder === cylinder && open.passId === pass.id ? open : undefined;
      const key = going?.key ?? newKey();
      const strokes = (going?.strokes ?? 0) + 1;
      setOpen({ key, passId: pass.id, cylinder, strokes });
      cell.clear();
      submit({
        ...base,
        key,
        strokesKPa,
        stroke: going ? strokes : undefined,
        finalOnly: false,
        oilMl: dose,
      });
      return;
    }
    submit({ ...base, key: newKey(), strokesKPa, finalOnly: words.length === 1, oilMl: dose });
    advance();
  };

  const repeat = () => goTo(last ?? cylinder);
  /** Where somebody went on purpose is where they read next, and again. */
  const choose = (next: number, nextPass = pass.id) => {
    setLast(undefined);
    goTo(next, nextPass);
  };

  const otherPass = (step: number) => {
    const at = sheet.passes.findIndex((p) => p.id === pass.id);
    const next = sheet.passes[at + step];
    if (next) {
      choose(cylinder, next.id);
    }
  };

  const keys = readingKeys(cell);
  useKeys([
    keys.digits,
    keys.enter('save, go on to the next cylinder', save),
    keys.space('between values: one stroke after the other'),
    {
      shown: 'R',
      does: 'read the last cylinder again (kept beside the first)',
      on: key('r'),
      run: () => repeat(),
    },
    ...arrows('another cylinder', (by) => choose(around(asTheyStand(sheet.engine.engine), cylinder, by))),
    { shown: '↑ ↓', does: 'dry or wet', on: key('ArrowUp'), run: () => otherPass(-1) },
    { on: key('ArrowDown'), run: () => otherPass(1) },
    keys.clear,
  ]);

  return {
    pass,
    cylinder,
    text: cell.text,
    oil,
    refused: cell.refused,
    asked: cell.asked,
    waiting,
    sent: cell.sent,
    mode,
    open: open && open.cylinder === cylinder && open.passId === pass.id ? open : undefined,
    setText: cell.type,
    press: cell.press,
    clear: cell.clear,
    setOil,
    doseIn,
    setDoseIn,
    setMode: (next: EntryMode) => {
      setModes((old) => ({ ...old, [pass.id]: next }));
      setOpen(undefined);
      readingCell()?.focus();
    },
    save,
    repeat,
    advance,
    goTo: choose,
  };
}

export type Entry = ReturnType<typeof useEntry>;

export type DoseUnit = 'mL' | 'tsp';

/** Millilitres; a teaspoon is what lies at hand. */
const DOSES: Record<DoseUnit, number> = { mL: 1, tsp: 5 };

/** Where oil tells most: the low cylinders, then a level one as control. */
export function wetOn(sheet: Sheet): number[] {
  const results = Object.values(sheet.compression.cylinders).filter(
    (r) => sheet.cylinders.find((c) => c.number === r.cylinder)?.wetTestable,
  );
  const at = (standing: string) => results.filter((r) => r.standing === standing).map((r) => r.cylinder);
  return [...at('LOW'), ...at('LEVEL').slice(0, 1)];
}

/** A dry pass wants every cylinder; a wet one only those somebody chooses. */
function firstToRead(pass: StoredPass, order: number[]): number | undefined {
  return pass.kind === 'DRY' ? order.find((c) => !isRead(pass, c)) : undefined;
}

function isRead(pass: StoredPass, cylinder: number): boolean {
  return pass.readings.some((r) => r.cylinder === cylinder);
}
