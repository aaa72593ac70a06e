import { useState } from 'react';
import { answer, api, Refusal, type Schemas, type Sheet } from '../api/client';
import { newKey } from '../api/newKey';
import { useKeys } from '../keys/useKeys';
import { columnsOf } from '../section/layout';
import { useChange } from '../sheet/useSheet';
import { answerWasLost, inFewWords, readingCell, useTypedCell } from '../ui/useTypedCell';
import { parseNumber, whyNoNumber } from '../units/units';
import { useUnits } from '../units/UnitsContext';

export type LeakdownKind = Schemas['LeakdownDocument']['kind'];
export type RunState = NonNullable<Schemas['LeakdownDocument']['state']>;
export type DoneBefore = NonNullable<Schemas['LeakdownDocument']['doneBefore']>;
export type Place = Schemas['ShareView']['place'];
export type Heard = NonNullable<Schemas['Listening']['heard']>;

/** A second gauge that says more is lost than this is asked about when the number could as well be per cent. */
const LEAST_ASKED_PERCENT = 85;
const MOST_TAKEN_FOR_PERCENT = 60;

/** What is asked before a reading is kept, and the ways it can be meant. */
interface Asked {
  question: string;
  ways: { words: string; take: () => void }[];
}

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
  // Only what was read with in this job; the shop's first tester is not this one until somebody says so.
  const [testerId, setTesterId] = useState(() => readings.at(-1)?.testerId);
  const tester = testers.find((t) => t.id === testerId);
  const [state, setState] = useState<RunState | undefined>(() => readings.at(-1)?.reading.state ?? undefined);
  const [listenedWith, setListenedWith] = useState<Schemas['Listening']['listenedWith']>();
  const [before, setBefore] = useState<DoneBefore>();
  const typed = useTypedCell();
  const [supply, setSupply] = useState('');
  const [lost, setLost] = useState<Sent>();
  const [asked, setAsked] = useState<Asked>();
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
  const move = useChange(id, ({ readingId, cylinder: to }: { readingId: number; cylinder: number }) =>
    answer(
      api.PUT('/api/jobs/{id}/leakdown/readings/{readingId}/cylinder', {
        params: { path: { id, readingId } },
        body: { cylinder: to },
      }),
    ),
  );
  const moveHeard = useChange(id, ({ readingId, to }: { readingId: number; to: number }) =>
    answer(
      api.PUT('/api/jobs/{id}/leakdown/readings/{readingId}/heard', {
        params: { path: { id, readingId } },
        body: { to },
      }),
    ),
  );
  const twoGauges = tester?.tester.kind === 'TWO_GAUGES';
  /** The attempt that listening belongs to: the last of this cylinder in this pass. */
  const latest = readings.filter((r) => r.cylinder === cylinder && r.reading.kind === kind).at(-1);

  /** A second gauge as per cent, for a reading watched settling. */
  const percentOf = (gauge: number, stood: number | undefined) => {
    const from = stood !== undefined ? units.toBase('pressure', stood) : tester?.tester.supplyKPa;
    return from ? Math.max(0, Math.min(100, 100 * (1 - units.toBase('pressure', gauge) / from))) : 0;
  };

  const goTo = (next: number) => {
    setCylinder(next);
    typed.clear();
    setAsked(undefined);
    setBefore(undefined);
    readingCell()?.focus();
  };

  const submit = (sent: Sent) => {
    typed.clear();
    setAsked(undefined);
    setBefore(undefined);
    // Listening comes next on the same cylinder, so the cell stays; the guide goes on.
    send.mutateAsync(sent).catch((error: Error) => {
      setCylinder(sent.cylinder);
      if (error instanceof Refusal && error.question) {
        setAsked({
          question: error.message,
          ways: [
            {
              words: 'A repeat',
              take: () => submit({ ...sent, body: { ...sent.body, attempt: undefined } }),
            },
            { words: 'The same', take: () => setAsked(undefined) },
          ],
        });
      } else {
        setLost(answerWasLost(error) ? sent : undefined);
        typed.refuse(sent.text, inFewWords(error));
      }
      readingCell()?.focus();
    });
  };

  const save = () => {
    const { text } = typed;
    if (text.trim() === '') {
      return;
    }
    if (!tester) {
      typed.refuse(text, 'Say first which tester this is, under “Tester”; what you typed stays here.');
      return;
    }
    if (lost && lost.text === text && lost.cylinder === cylinder) {
      setLost(undefined);
      submit(lost);
      return;
    }
    // Several values are a reading watched settling: the last one counts.
    const values = text.trim().split(/\s+/).map(parseNumber);
    const value = values.at(-1);
    if (values.some((v) => v === undefined) || value === undefined) {
      typed.refuse(text, whyNoNumber(text));
      return;
    }
    const stood = parseNumber(supply);
    const taken = (asPercent: boolean): Sent => ({
      cylinder,
      text,
      body: {
        key: newKey(),
        attempt: readings.filter((r) => r.cylinder === cylinder && r.reading.kind === kind).length + 1,
        testerId: tester.id,
        cylinder,
        reading: {
          kind,
          leakPercent: asPercent ? value : undefined,
          cylinderKPa: asPercent ? undefined : units.toBase('pressure', value),
          supplyKPa: !asPercent && stood !== undefined ? units.toBase('pressure', stood) : undefined,
          state,
          doneBefore: latest ? before : undefined,
          settling:
            values.length > 1
              ? values.slice(0, -1).map((v) => (asPercent ? v! : percentOf(v!, stood)))
              : undefined,
        },
      },
    });
    const lostShare = percentOf(value, stood);
    if (twoGauges && !asked && value <= MOST_TAKEN_FOR_PERCENT && lostShare > LEAST_ASKED_PERCENT) {
      const unit = units.symbol('pressure');
      setAsked({
        question: `${value} ${unit} on the second gauge is ${lostShare.toFixed(0)} % lost. Did you mean ${value} %?`,
        ways: [
          { words: `${value} % lost`, take: () => submit(taken(true)) },
          { words: `${value} ${unit}`, take: () => submit(taken(false)) },
        ],
      });
      return;
    }
    submit(taken(!twoGauges));
  };

  useKeys((e) => {
    const onCell = document.activeElement === readingCell();
    if (/^[0-9.,]$/.test(e.key) && !e.ctrlKey && !e.metaKey && !onCell) {
      readingCell()?.focus();
      typed.press(e.key);
    } else if (e.key === 'Enter' && (onCell || document.activeElement === document.body)) {
      if (typed.text) {
        save();
      } else {
        goTo(order[(order.indexOf(cylinder) + 1) % order.length]!);
      }
    } else if (e.key === 'ArrowLeft' || e.key === 'ArrowRight') {
      const columns = columnsOf(sheet.engine.engine).map((c) => c.cylinder);
      const at = columns.indexOf(cylinder) + (e.key === 'ArrowLeft' ? -1 : 1);
      goTo(columns[(at + columns.length) % columns.length]!);
    } else if (e.key === 'Escape') {
      typed.clear();
      setAsked(undefined);
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
    text: typed.text,
    setText: (t: string) => {
      typed.type(t);
      setAsked(undefined);
    },
    supply,
    setSupply,
    twoGauges,
    refused: typed.refused,
    asked,
    problem: [hear, setAside, move, moveHeard].find((m) => m.error)?.error?.message,
    latest,
    goTo,
    save,
    hear: (body: Schemas['Listening']) =>
      latest && hear.mutate({ readingId: latest.id, body: { ...body, listenedWith } }),
    listenedWith,
    setListenedWith,
    setAside: (readingId: number, reason: string | null) => setAside.mutate({ readingId, reason }),
    move: (readingId: number, to: number) => move.mutate({ readingId, cylinder: to }),
    moveHeard: (readingId: number, to: number) => moveHeard.mutate({ readingId, to }),
  };
}

export type LeakdownHand = ReturnType<typeof useLeakdown>;
