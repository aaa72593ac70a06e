import { useState } from 'react';
import { answer, api, Refusal, type Sheet, type StoredPass } from '../api/client';
import { useKeys } from '../keys/useKeys';
import { columnsOf } from '../section/layout';
import { useChange, useLatestSheet } from '../sheet/useSheet';
import { useUnits } from '../units/UnitsContext';
import { parseNumber } from '../units/units';

export type EntryMode = 'final' | 'strokes';

interface Sent {
  passId: number;
  cylinder: number;
  key: string;
  /** Values of a new reading, or one further stroke of the reading with this key. */
  strokesKPa: number[];
  stroke?: number;
  finalOnly: boolean;
  oilMl?: number;
  text: string;
}

const MODE = 'silent-otter.entry';

/** What the keypad types, where it goes, and what became of it. */
export function useEntry(sheet: Sheet) {
  const units = useUnits();
  const id = sheet.job.id;
  const latest = useLatestSheet(id);
  const order = columnsOf(sheet.engine.engine)
    .map((c) => c.cylinder)
    .sort((a, b) => a - b);
  const [passId, setPassId] = useState(() => sheet.passes.at(-1)?.id ?? 0);
  const pass = sheet.passes.find((p) => p.id === passId) ?? sheet.passes.at(-1)!;
  const [cylinder, setCylinder] = useState(() => {
    const low = sheet.compression.cylinders.find((c) => c.standing === 'LOW')?.cylinder;
    return firstToRead(pass, order) ?? low ?? order[0]!;
  });
  const [last, setLast] = useState<number>();
  const [text, setText] = useState('');
  const [oil, setOil] = useState('5');
  const [refused, setRefused] = useState<string>();
  const [waiting, setWaiting] = useState<Sent[]>([]);
  const [open, setOpen] = useState<{ key: string; passId: number; cylinder: number; strokes: number }>();
  const [mode, setModeState] = useState<EntryMode>(() =>
    localStorage.getItem(MODE) === 'strokes' ? 'strokes' : 'final',
  );

  const send = useChange(id, (sent: Sent) => {
    const path = { id, passId: sent.passId };
    if (sent.stroke === undefined) {
      const { key, cylinder, strokesKPa, finalOnly, oilMl } = sent;
      return answer(
        api.POST('/api/jobs/{id}/compression/passes/{passId}/readings', {
          params: { path },
          body: { key, cylinder, strokesKPa, finalOnly, oilMl },
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

  const submit = (sent: Sent) => {
    setWaiting((all) => [...all, sent]);
    // A promise each: callbacks given to mutate() are only called for the newest of several under way.
    send
      .mutateAsync(sent)
      .catch((error: Error) => giveBack(sent, error))
      .finally(() => setWaiting((all) => all.filter((s) => s !== sent)));
  };

  /** Nothing typed is lost: a refused value goes back into its cell. */
  const giveBack = (sent: Sent, error: Error) => {
    setPassId(sent.passId);
    setCylinder(sent.cylinder);
    setText(sent.text);
    setOpen(undefined);
    setRefused(inFewWords(error));
    readingCell()?.focus();
  };

  const goTo = (next: number, nextPass = pass.id) => {
    setCylinder(next);
    setPassId(nextPass);
    setRefused(undefined);
    setText('');
    if (open && (open.cylinder !== next || open.passId !== nextPass)) {
      setOpen(undefined);
    }
    readingCell()?.focus();
  };

  const advance = () => {
    const at = order.indexOf(cylinder);
    const taken = new Set(waiting.filter((s) => s.passId === pass.id).map((s) => s.cylinder));
    const unread = [...order.slice(at + 1), ...order.slice(0, at)].find(
      (c) => !isRead(pass, c) && !taken.has(c),
    );
    goTo(unread ?? order[(at + 1) % order.length]!);
  };

  const save = () => {
    const words = text.trim().split(/\s+/).filter(Boolean);
    if (words.length === 0) {
      if (open) {
        advance();
      }
      return;
    }
    const values = words.map(parseNumber);
    if (values.some((v) => v === undefined)) {
      setRefused('This must be a number.');
      return;
    }
    const dose = pass.kind === 'WET' ? parseNumber(oil) : undefined;
    if (pass.kind === 'WET' && dose === undefined) {
      setRefused('Say how much oil went in.');
      return;
    }
    const strokesKPa = values.map((v) => units.toBase('pressure', v!));
    const base = { passId: pass.id, cylinder, text };
    setRefused(undefined);
    setLast(cylinder);
    if (mode === 'strokes' && words.length === 1) {
      const going = open && open.cylinder === cylinder && open.passId === pass.id ? open : undefined;
      const key = going?.key ?? crypto.randomUUID();
      const strokes = (going?.strokes ?? 0) + 1;
      setOpen({ key, passId: pass.id, cylinder, strokes });
      setText('');
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
    submit({ ...base, key: crypto.randomUUID(), strokesKPa, finalOnly: words.length === 1, oilMl: dose });
    advance();
  };

  const move = (step: number) => {
    const columns = columnsOf(sheet.engine.engine).map((c) => c.cylinder);
    const at = columns.indexOf(cylinder);
    goTo(columns[(at + step + columns.length) % columns.length]!);
  };

  const repeat = () => goTo(isRead(pass, cylinder) || last === undefined ? cylinder : last);

  const otherPass = (step: number) => {
    const at = sheet.passes.findIndex((p) => p.id === pass.id);
    const next = sheet.passes[at + step];
    if (next) {
      goTo(cylinder, next.id);
    }
  };

  useKeys((e) => {
    if (/^[0-9.,]$/.test(e.key) && !e.ctrlKey && !e.metaKey) {
      if (document.activeElement === readingCell()) {
        return;
      }
      readingCell()?.focus();
      setText((t) => t + e.key);
    } else if (
      e.key === 'Enter' &&
      (document.activeElement === readingCell() || document.activeElement === document.body)
    ) {
      save();
    } else if (e.key.toLowerCase() === 'r' && !e.ctrlKey) {
      repeat();
    } else if (e.key === 'ArrowLeft' || e.key === 'ArrowRight') {
      move(e.key === 'ArrowLeft' ? -1 : 1);
    } else if (e.key === 'ArrowUp' || e.key === 'ArrowDown') {
      otherPass(e.key === 'ArrowUp' ? -1 : 1);
    } else if (e.key === 'Escape') {
      setText('');
      setRefused(undefined);
    } else {
      return;
    }
    e.preventDefault();
  });

  return {
    pass,
    cylinder,
    text,
    oil,
    refused,
    waiting,
    mode,
    open: open && open.cylinder === cylinder && open.passId === pass.id ? open : undefined,
    setText: (t: string) => {
      setText(t.replace(/[^0-9.,\s]/g, ''));
      setRefused(undefined);
    },
    setOil,
    setMode: (next: EntryMode) => {
      localStorage.setItem(MODE, next);
      setModeState(next);
      setOpen(undefined);
      readingCell()?.focus();
    },
    save,
    repeat,
    advance,
    goTo,
  };
}

export type Entry = ReturnType<typeof useEntry>;

/** The one cell that takes readings. */
function readingCell(): HTMLInputElement | null {
  return document.querySelector<HTMLInputElement>('input[data-readings]');
}

/** A dry pass wants every cylinder; a wet one only those somebody chooses. */
function firstToRead(pass: StoredPass, order: number[]): number | undefined {
  return pass.kind === 'DRY' ? order.find((c) => !isRead(pass, c)) : undefined;
}

function isRead(pass: StoredPass, cylinder: number): boolean {
  return pass.readings.some((r) => r.cylinder === cylinder);
}

function inFewWords(error: Error): string {
  if (error instanceof Refusal && error.errors.length > 0) {
    return error.errors
      .map((e) => (e.allowed ? `Allowed: ${e.allowed}. ${e.message}.` : e.message))
      .map((s) => s.charAt(0).toUpperCase() + s.slice(1))
      .join(' ');
  }
  return error.message;
}
