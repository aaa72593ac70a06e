import { useState } from 'react';
import { answer, api, type Schemas, type Sheet } from '../api/client';
import { newKey } from '../api/newKey';
import { arrows, key, useKeys } from '../keys/useKeys';
import { around, asTheyStand } from '../section/order';
import { useChange } from '../job/useSheet';
import { readingKeys } from '../ui/readingKeys';
import { useReadingCell } from '../ui/useReadingCell';
import { readingCell } from '../ui/useTypedCell';
import { parseNumber, whyNoNumber } from '../units/units';
import { useUnits } from '../units/UnitsContext';

export type LeakdownKind = Schemas['LeakdownDocument']['kind'];
export type RunState = NonNullable<Schemas['LeakdownDocument']['state']>;
export type DoneBefore = NonNullable<Schemas['LeakdownDocument']['doneBefore']>;
export type Place = Schemas['PathShare']['place'];
export type Heard = NonNullable<Schemas['Listened']['heard']>;

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
  const order = firing?.length ? firing : asTheyStand(sheet.engine.engine);
  const { readings, testers } = sheet.leakdown;
  const read = (c: number) => readings.some((r) => r.cylinder === c && r.reading.kind === 'STANDARD');
  const [cylinder, setCylinder] = useState(() => order.find((c) => !read(c)) ?? order[0]!);
  const [kind, setKind] = useState<LeakdownKind>('STANDARD');
  // Only what was read with in this job; the shop's first tester is not this one until somebody says so.
  const [testerId, setTesterId] = useState(() => readings.at(-1)?.testerId);
  const tester = testers.find((t) => t.id === testerId);
  const [state, setState] = useState<RunState | undefined>(() => readings.at(-1)?.reading.state ?? undefined);
  const [listenedWith, setListenedWith] = useState<Schemas['Listened']['listenedWith']>();
  const [before, setBefore] = useState<DoneBefore>();
  const [supply, setSupply] = useState('');
  // A check of the tester, so it holds for all readings until somebody takes it back.
  const [zeroed, setZeroed] = useState(() => readings.at(-1)?.reading.zeroed ?? false);
  const send = useChange(id, ({ body }: Sent) =>
    answer(api.POST('/api/jobs/{id}/leakdown/readings', { params: { path: { id } }, body })),
  );
  const hear = useChange(id, ({ readingId, body }: { readingId: number; body: Schemas['Listened'] }) =>
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
        body: { reason: reason ?? undefined },
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

  const typed = useReadingCell<Sent>({
    send: send.mutateAsync,
    goBackTo: (sent) => setCylinder(sent.cylinder),
    ways: (sent, question, send) => {
      const again = (body: Partial<Sent['body']>) => () =>
        send({ ...sent, body: { ...sent.body, ...body, typed: undefined } });
      return question === 'PERCENT'
        ? [
            {
              words: `${sent.body.typed} % lost`,
              take: again({ reading: asPercent(sent.body.reading, sent.text) }),
            },
            { words: `${sent.body.typed} ${units.symbol('pressure')}`, take: again({}) },
          ]
        : [
            { words: 'A repeat', take: again({ attempt: undefined }) },
            { words: 'The same', take: () => undefined },
          ];
    },
  });

  const goTo = (next: number) => {
    setCylinder(next);
    typed.clear();
    setBefore(undefined);
    readingCell()?.focus();
  };

  const submit = (sent: Sent) => {
    // Listening comes next on the same cylinder, so the cell stays; the guide goes on.
    typed.clear();
    setBefore(undefined);
    typed.submit(sent);
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
    if (typed.resend((sent) => sent.cylinder === cylinder)) {
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
    const watched = values.length > 1 ? values.slice(0, -1).map((v) => v!) : undefined;
    const pressure = (v: number) => units.toBase('pressure', v);
    submit({
      cylinder,
      text,
      body: {
        key: newKey(),
        attempt: readings.filter((r) => r.cylinder === cylinder && r.reading.kind === kind).length + 1,
        typed: twoGauges ? value : undefined,
        testerId: tester.id,
        cylinder,
        reading: {
          kind,
          state,
          doneBefore: latest ? before : undefined,
          zeroed: zeroed || undefined,
          ...(twoGauges
            ? {
                cylinderKPa: pressure(value),
                supplyKPa: stood === undefined ? undefined : pressure(stood),
                settlingKPa: watched?.map(pressure),
              }
            : { leakPercent: value, settling: watched }),
        },
      },
    });
  };

  const keys = readingKeys(typed);
  useKeys([
    keys.digits,
    keys.enter('save; empty: on to the next in firing order', () =>
      typed.text ? save() : goTo(around(order, cylinder, 1)),
    ),
    keys.space('between values: watched settling, the last counts'),
    { shown: 'R', does: 'read this cylinder again', on: key('r'), run: () => readingCell()?.focus() },
    ...arrows('another cylinder', (by) => goTo(around(asTheyStand(sheet.engine.engine), cylinder, by))),
    keys.clear,
  ]);

  return {
    cylinder,
    kind,
    setKind,
    tester,
    setTesterId: (tester: number) => {
      setTesterId(tester);
      // What was typed before anybody said which tester is still there, and no longer refused.
      typed.type(typed.text);
    },
    state,
    setState,
    before,
    setBefore,
    sent: typed.sent,
    text: typed.text,
    setText: typed.type,
    supply,
    setSupply,
    zeroed,
    setZeroed,
    press: typed.press,
    clear: typed.clear,
    twoGauges,
    refused: typed.refused,
    asked: typed.asked,
    problem: [hear, setAside, move, moveHeard].find((m) => m.error)?.error?.message,
    latest,
    goTo,
    save,
    hear: (body: Schemas['Listened']) =>
      latest && hear.mutate({ readingId: latest.id, body: { ...body, listenedWith } }),
    listenedWith,
    setListenedWith,
    setAside: (readingId: number, reason: string | null) => setAside.mutate({ readingId, reason }),
    move: (readingId: number, to: number) => move.mutate({ readingId, cylinder: to }),
    moveHeard: (readingId: number, to: number) => moveHeard.mutate({ readingId, to }),
  };
}

/** The same attempt with its numbers taken for per cent, as they were typed. */
function asPercent(reading: Sent['body']['reading'], text: string): Sent['body']['reading'] {
  const values = text
    .trim()
    .split(/\s+/)
    .map((v) => parseNumber(v)!);
  return {
    ...reading,
    cylinderKPa: undefined,
    supplyKPa: undefined,
    settlingKPa: undefined,
    leakPercent: values.at(-1),
    settling: values.length > 1 ? values.slice(0, -1) : undefined,
  };
}

export type LeakdownHand = ReturnType<typeof useLeakdown>;
