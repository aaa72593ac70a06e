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

export type Reading = Schemas['BlowbyDocument'];
export type Point = Reading['point'];
export type Tool = Schemas['CrankcaseTool'];
type Check = NonNullable<Reading['checked']>[number];
type Slip = Schemas['GaugeCheck']['slips'][number];
/** How a slack tube is read: both legs from the index, one leg, or the height between the levels. */
export type TubeWay = 'both' | 'one' | 'height';

interface Sent {
  text: string;
  key: string;
  reading: Reading;
  /** As the tube stood, so that a reading that was not taken stands there again. */
  levels?: Levels;
}

/** Levels of a slack tube from where both stood level, and its index: all in mm, up positive. */
export interface Levels {
  open: number;
  crankcase: number;
  index: number;
}

const WATER = 998.2;
const GRAVITY = 9.80665;
const REST: Levels = { open: 0, crankcase: 0, index: 0 };
const points = labels<Point>('BlowbyPoint').map(([p]) => p);

/** How high a pressure stands in a tube, upright, mm. @param density of what is in it, kg/m³; water where nobody has said */
export function heightOf(pascals: number, density: number | undefined): number {
  return (pascals * 1000) / (GRAVITY * (density ?? WATER));
}

/** What the hands at the blow-by bench hold: a point, an instrument as it stands, and what was checked. */
export function useBlowby(sheet: Sheet) {
  const id = sheet.job.id;
  const units = useUnits();
  const { readings } = sheet.blowby;
  const last = readings.at(-1)?.reading;
  const [point, setPoint] = useState<Point>(last?.point ?? 'AS_FOUND');
  const [gauge, setGauge] = useState<Reading['instrument']>(last?.instrument ?? 'SLACK_TUBE');
  const [tube, setTube] = useState(last?.tube ?? 'U');
  const [inclineDeg, setInclineDeg] = useState(last?.inclineDeg ?? undefined);
  const [way, setWay] = useState<TubeWay>(
    last?.oneLegMm != null ? 'one' : last?.heightMm != null ? 'height' : 'both',
  );
  // A tube that nobody has touched says nothing: Enter pressed twice must not keep a zero.
  const [set, setLevels] = useState<Levels>();
  const levels = set ?? REST;
  const [fluid, setFluid] = useState(last?.fluidDensity ?? undefined);
  const [orifice, setOrifice] = useState<Partial<Reading>>({
    adapter: last?.adapter,
    orificeMm: last?.orificeMm,
    dischargeCoefficient: last?.dischargeCoefficient,
    orificeFromMm: last?.orificeFromMm,
    orificeToMm: last?.orificeToMm,
  });
  const [digital, setDigital] = useState<Partial<Reading>>({
    gauge: last?.gauge,
    resolutionPa: last?.resolutionPa,
  });
  const [rpm, setRpm] = useState<Partial<Record<Point, number>>>(() =>
    Object.fromEntries(readings.flatMap((r) => (r.reading.rpm ? [[r.reading.point, r.reading.rpm]] : []))),
  );
  const [pulsing, setPulsing] = useState(false);
  const [checked, setChecked] = useState<Check[]>(
    () => readings.findLast((r) => r.reading.checked)?.reading.checked ?? [],
  );

  const send = useChange(id, ({ reading, key: sentKey }: Sent) =>
    answer(
      api.POST('/api/jobs/{id}/blowby/readings', {
        params: { path: { id } },
        body: { key: sentKey, reading },
      }),
    ),
  );
  const setAside = useChange(id, ({ readingId, reason }: { readingId: number; reason?: string }) =>
    answer(
      api.PUT('/api/jobs/{id}/blowby/readings/{readingId}/set-aside', {
        params: { path: { id, readingId } },
        body: { reason },
      }),
    ),
  );
  const move = useChange(id, ({ readingId, to }: { readingId: number; to: Point }) =>
    answer(
      api.PUT('/api/jobs/{id}/blowby/readings/{readingId}/point', {
        params: { path: { id, readingId } },
        body: { point: to },
      }),
    ),
  );
  const mend = useChange(id, ({ readingId, slip }: { readingId: number; slip: Slip }) =>
    answer(
      api.PUT('/api/jobs/{id}/blowby/readings/{readingId}/mended', {
        params: { path: { id, readingId } },
        body: { slip },
      }),
    ),
  );

  const typed = useReadingCell<Sent>({
    signed: true,
    send: send.mutateAsync,
    goBackTo: (sent) => {
      setPoint(sent.reading.point);
      setLevels(sent.levels);
      setPulsing(sent.reading.pulsing ?? false);
    },
    ways: () => [],
  });

  const vent = point === 'AS_FOUND' ? 'AS_FOUND' : 'SHUT';
  const isU = tube === 'U';
  const reads: TubeWay = isU ? way : 'height';
  const up = levels.open - levels.index;
  const down = levels.index - levels.crankcase;
  /** The full height, upright, whatever was read of it. */
  const height =
    reads === 'one'
      ? 2 * levels.open
      : tube === 'INCLINED'
        ? (levels.open - levels.crankcase) * Math.sin(((inclineDeg ?? 90) * Math.PI) / 180)
        : levels.open - levels.crankcase;
  const shown = parseNumber(typed.text);
  const pascals =
    gauge === 'DIGITAL'
      ? shown === undefined
        ? undefined
        : units.toBase('crankcase', shown)
      : set && (height * GRAVITY * (fluid ?? WATER)) / 1000;

  const reading = (): Reading | undefined => {
    const tubeRead =
      reads === 'one'
        ? { oneLegMm: levels.open }
        : reads === 'both'
          ? { legsMm: [up, down] }
          : { heightMm: levels.open - levels.crankcase };
    const value =
      gauge === 'DIGITAL'
        ? { pressurePa: pascals, ...digital }
        : {
            ...tubeRead,
            tube,
            inclineDeg: tube === 'INCLINED' ? inclineDeg : undefined,
            fluidDensity: fluid,
            gauge: digital.gauge,
          };
    return pascals === undefined
      ? undefined
      : {
          point,
          ventilation: vent,
          instrument: gauge,
          rpm: rpm[point],
          pulsing: pulsing || undefined,
          checked: checked.length ? checked : undefined,
          ...(vent === 'SHUT' ? orifice : {}),
          ...value,
        };
  };

  const save = () => {
    const text = typed.text;
    const next = reading();
    if (!next) {
      typed.refuse(
        text,
        text.trim()
          ? whyNoNumber(text)
          : gauge === 'DIGITAL'
            ? 'Type what the gauge shows.'
            : 'Set a level first: drag it, or type it. Both level is a 0 that is typed.',
      );
      return;
    }
    // The same once more after a lost answer is sent under its own key, so that it is kept once.
    const again = typed.resend((lost) => JSON.stringify(lost.reading) === JSON.stringify(next));
    typed.clear();
    setLevels(undefined);
    setPulsing(false);
    if (!again) {
      typed.submit({ text, key: newKey(), reading: next, levels: set });
    }
  };

  const goTo = (next: Point) => {
    setPoint(next);
    typed.clear();
    readingCell()?.focus();
  };

  const cell = readingKeys(typed);
  useKeys([
    { ...cell.digits, does: 'type the reading' },
    cell.enter('save the reading', save),
    {
      shown: 'P',
      does: 'next point of the test',
      on: key('p'),
      run: () => goTo(points[(points.indexOf(point) + 1) % points.length]!),
    },
    {
      shown: 'G',
      does: 'slack tube or digital gauge',
      on: key('g'),
      run: () => setGauge(gauge === 'DIGITAL' ? 'SLACK_TUBE' : 'DIGITAL'),
    },
    { ...cell.clear, does: 'clear what is typed' },
  ]);

  return {
    point,
    goTo,
    vent,
    gauge,
    setGauge,
    tube,
    setTube,
    inclineDeg,
    setInclineDeg,
    way: reads,
    setWay,
    levels,
    touched: !!set,
    setLevels,
    up,
    down,
    height,
    pascals,
    fluid,
    setFluid,
    orifice,
    setOrifice,
    digital,
    setDigital,
    rpm: rpm[point],
    setRpm: (value: number | undefined) => setRpm({ ...rpm, [point]: value }),
    pulsing,
    setPulsing,
    checked,
    check: (one: Check) =>
      setChecked(checked.includes(one) ? checked.filter((c) => c !== one) : [...checked, one]),
    typed,
    sent: typed.sent,
    setText: typed.type,
    save,
    setAside: (readingId: number, reason?: string) => setAside.mutate({ readingId, reason }),
    move: (readingId: number, to: Point) => move.mutate({ readingId, to }),
    mend: (readingId: number, slip: Slip) => mend.mutate({ readingId, slip }),
    problem: typed.refused?.why ?? [setAside, move, mend].find((m) => m.error)?.error?.message,
  };
}

export type BlowbyHand = ReturnType<typeof useBlowby>;
