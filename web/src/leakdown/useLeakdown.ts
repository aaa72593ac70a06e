import { useState } from 'react';
import { answer, api, Refusal, type Schemas, type Sheet } from '../api/client';
import { useKeys } from '../keys/useKeys';
import { columnsOf } from '../section/layout';
import { useChange } from '../sheet/useSheet';
import { parseNumber } from '../units/units';
import { useUnits } from '../units/UnitsContext';

export type LeakdownKind = Schemas['LeakdownDocument']['kind'];
export type RunState = NonNullable<Schemas['LeakdownDocument']['state']>;
export type DoneBefore = NonNullable<Schemas['LeakdownDocument']['doneBefore']>;
export type Place = Schemas['ShareView']['place'];
export type Heard = NonNullable<Schemas['Listening']['heard']>;

interface Sent {
  cylinder: number;
  text: string;
  body: Schemas['NewLeakdown'];
}

/** What is typed at the leak-down bench, where it goes, and what became of it. */
export function useLeakdown(sheet: Sheet) {
  const id = sheet.job.id;
  const units = useUnits();
  const firing = sheet.engine.engine.firingOrder;
  const order = firing?.length ? firing : columnsOf(sheet.engine.engine).map((c) => c.cylinder);
  const { readings, testers } = sheet.leakdown;
  const read = (c: number) => readings.some((r) => r.cylinder === c && r.reading.kind === 'STANDARD');
  const [cylinder, setCylinder] = useState(() => order.find((c) => !read(c)) ?? order[0]!);
  const [kind, setKind] = useState<LeakdownKind>('STANDARD');
  const [testerId, setTesterId] = useState(() => readings.at(-1)?.testerId ?? testers[0]?.id);
  const tester = testers.find((t) => t.id === testerId) ?? testers.at(-1);
  const [state, setState] = useState<RunState | undefined>(() => readings.at(-1)?.reading.state ?? undefined);
  const [listenedWith, setListenedWith] = useState<Schemas['Listening']['listenedWith']>();
  const [before, setBefore] = useState<DoneBefore>();
  const [text, setText] = useState('');
  const [supply, setSupply] = useState('');
  const [refused, setRefused] = useState<string>();
  const send = useChange(id, ({ body }: Sent) =>
    answer(api.POST('/api/jobs/{id}/leakdown/readings', { params: { path: { id } }, body })),
  );
  const hear = useChange(id, ({ readingId, body }: { readingId: number; body: Schemas['Listening'] }) =>
    answer(
      api.POST('/api/jobs/{id}/leakdown/readings/{readingId}/heard', {
        params: { path: { id, readingId } },
        body,
      }),
    ),
  );
  const setAside = useChange(id, ({ readingId, reason }: { readingId: number; reason: string | null }) =>
    answer(
      api.PUT('/api/jobs/{id}/leakdown/readings/{readingId}/set-aside', {
        params: { path: { id, readingId } },
        body: { reason },
      }),
    ),
  );
  const twoGauges = tester?.tester.kind === 'TWO_GAUGES';
  /** The attempt that listening belongs to: the last of this cylinder in this pass. */
  const latest = readings.filter((r) => r.cylinder === cylinder && r.reading.kind === kind).at(-1);

  /** A second gauge as per cent, for a reading watched settling. */
  const percentOf = (gauge: number, stood: number | undefined) => {
    const from = stood !== undefined ? units.toBase('pressure', stood) : tester?.tester.supplyKPa;
    return from ? Math.max(0, Math.min(99.5, 100 * (1 - units.toBase('pressure', gauge) / from))) : 0;
  };

  const goTo = (next: number) => {
    setCylinder(next);
    setText('');
    setRefused(undefined);
    setBefore(undefined);
    cell()?.focus();
  };

  const save = () => {
    // Several values are a reading watched settling: the last one counts.
    const values = text.trim().split(/\s+/).map(parseNumber);
    const value = values.at(-1);
    if (text.trim() === '') {
      return;
    }
    if (!tester) {
      setRefused('Say first which tester this is: “Tester” below.');
      return;
    }
    if (values.some((v) => v === undefined) || value === undefined) {
      setRefused('This must be a number.');
      return;
    }
    const stood = parseNumber(supply);
    const reading: Schemas['LeakdownDocument'] = {
      kind,
      leakPercent: twoGauges ? undefined : value,
      cylinderKPa: twoGauges ? units.toBase('pressure', value) : undefined,
      supplyKPa: twoGauges && stood !== undefined ? units.toBase('pressure', stood) : undefined,
      state,
      doneBefore: latest ? before : undefined,
      settling:
        values.length > 1
          ? values.slice(0, -1).map((v) => (twoGauges ? percentOf(v!, stood) : v!))
          : undefined,
    };
    const sent: Sent = {
      cylinder,
      text,
      body: { key: crypto.randomUUID(), testerId: tester.id, cylinder, reading },
    };
    setText('');
    setBefore(undefined);
    setRefused(undefined);
    // Listening comes next on the same cylinder, so the cell stays; the guide goes on.
    send.mutateAsync(sent).catch((error: Error) => {
      setCylinder(sent.cylinder);
      setText(sent.text);
      setRefused(inWords(error));
      cell()?.focus();
    });
  };

  useKeys((e) => {
    const onCell = document.activeElement === cell();
    if (/^[0-9.,]$/.test(e.key) && !e.ctrlKey && !e.metaKey && !onCell) {
      cell()?.focus();
      setText((t) => t + e.key);
    } else if (e.key === 'Enter' && (onCell || document.activeElement === document.body)) {
      if (text) {
        save();
      } else {
        goTo(order[(order.indexOf(cylinder) + 1) % order.length]!);
      }
    } else if (e.key === 'ArrowLeft' || e.key === 'ArrowRight') {
      const columns = columnsOf(sheet.engine.engine).map((c) => c.cylinder);
      const at = columns.indexOf(cylinder) + (e.key === 'ArrowLeft' ? -1 : 1);
      goTo(columns[(at + columns.length) % columns.length]!);
    } else if (e.key === 'Escape') {
      setText('');
      setRefused(undefined);
    } else {
      return;
    }
    e.preventDefault();
  });

  return {
    cylinder,
    kind,
    setKind,
    tester,
    setTesterId,
    state,
    setState,
    before,
    setBefore,
    text,
    setText: (t: string) => {
      setText(t.replace(/[^0-9.,\s]/g, ''));
      setRefused(undefined);
    },
    supply,
    setSupply,
    twoGauges,
    refused,
    problem: hear.error?.message ?? setAside.error?.message,
    latest,
    goTo,
    save,
    hear: (body: Schemas['Listening']) =>
      latest && hear.mutate({ readingId: latest.id, body: { ...body, listenedWith } }),
    listenedWith,
    setListenedWith,
    setAside: (readingId: number, reason: string | null) => setAside.mutate({ readingId, reason }),
  };
}

export type LeakdownHand = ReturnType<typeof useLeakdown>;

function cell(): HTMLInputElement | null {
  return document.querySelector<HTMLInputElement>('input[data-readings]');
}

function inWords(error: Error): string {
  return error instanceof Refusal && error.errors.length
    ? error.errors.map((e) => (e.allowed ? `Allowed: ${e.allowed}. ${e.message}.` : e.message)).join(' ')
    : error.message;
}
