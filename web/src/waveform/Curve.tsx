import { useQuery } from '@tanstack/react-query';
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { answer, api, type Schemas, type Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';
import { useChange } from '../job/useSheet';
import { around, byNumber } from '../section/order';
import { useSize } from '../section/useSize';

const LEAST_WIDTH = 320;
const HEIGHT = 300;
const LEFT = 56;
const BOTTOM = 34;
const TOP = 24;
/** A mark this near, in pixels, is the one that is meant. */
const NEAR = 12;

interface Props {
  sheet: Sheet;
  waveform: Schemas['WaveformView'];
  /** How many strokes after the first cylinder's each came, as the answer counts them. */
  places: number[];
}

/** A waveform with its strokes over crank angle: a tap sets a mark or takes one away, and one mark says whose stroke it is. */
export function Curve({ sheet, waveform: { id: waveform, waveform: w }, places }: Props) {
  const id = sheet.job.id;
  const svg = useRef<SVGSVGElement>(null);
  const [place, { width: room }] = useSize();
  const width = Math.max(LEAST_WIDTH, room);
  const [span, setSpan] = useState<[number, number]>([0, 0]);
  const [chosen, setChosen] = useState<number>();
  const { data } = useQuery({
    queryKey: ['waveform', id, waveform, ...span],
    queryFn: () =>
      answer(
        api.GET('/api/jobs/{id}/waveforms/{waveform}', {
          params: { path: { id, waveform }, query: { from: span[0], to: span[1] } },
        }),
      ),
    placeholderData: (old) => old,
  });
  const mark = useChange(id, (body: Schemas['Marks']) =>
    answer(
      api.PUT('/api/jobs/{id}/waveforms/{waveform}/marks', { params: { path: { id, waveform } }, body }),
    ),
  );
  if (!data) {
    return <p className="mt-6">Drawing it …</p>;
  }
  const { from, step, low, high } = data;
  const to = from + step * low.length;
  const top = Math.max(...high);
  // A pressure stands on its zero; of a current only its humps tell.
  const bottom = w.kind === 'CRANKING_PRESSURE' ? Math.min(0, ...low) : Math.min(...low);
  const x = (s: number) => LEFT + ((s - from) / (to - from)) * (width - LEFT);
  const y = (v: number) => HEIGHT - BOTTOM - ((v - bottom) / (top - bottom || 1)) * (HEIGHT - BOTTOM - TOP);
  const strokes = w.strokes;
  const order = orderOf(sheet);
  const perCycle = w.kind === 'CRANKING_PRESSURE' ? 1 : order.length;
  const cycle = sheet.engine.engine.cycle === 'TWO_STROKE' ? 360 : 720;
  const whose = (i: number) =>
    w.kind === 'CRANKING_PRESSURE' || w.first == null
      ? ''
      : labelOf(sheet, around(order, order[0]!, places[i]! % order.length));
  const tapped = (e: PointerEvent<SVGSVGElement>) => {
    const box = svg.current!.getBoundingClientRect();
    const px = ((e.clientX - box.left) / box.width) * width;
    const seconds = from + ((px - LEFT) / (width - LEFT)) * (to - from);
    const near = strokes.findIndex((s) => Math.abs(x(s.seconds) - px) < NEAR);
    if (near >= 0) {
      setChosen(near === chosen ? undefined : near);
    } else if (seconds >= from) {
      save([...strokes.map((s) => s.seconds), seconds], w.first ?? undefined);
    }
  };
  const save = (marks: number[], first: number | undefined) => {
    const firstAt = first === undefined ? undefined : strokes[first]?.seconds;
    const sorted = [...marks].sort((a, b) => a - b);
    const at = firstAt === undefined ? -1 : sorted.indexOf(firstAt);
    mark.mutate({ marks: sorted, first: at < 0 ? undefined : at });
    setChosen(undefined);
  };
  const without = (stroke: number) =>
    save(
      strokes.filter((_, i) => i !== stroke).map((s) => s.seconds),
      w.first === stroke ? undefined : (w.first ?? undefined),
    );
  /** Arrows choose the next stroke; Delete takes it away. */
  const pressed = (e: KeyboardEvent) => {
    if (e.key === 'ArrowRight' || e.key === 'ArrowLeft') {
      e.preventDefault();
      const by = e.key === 'ArrowRight' ? 1 : -1;
      setChosen(Math.max(0, Math.min(strokes.length - 1, (chosen ?? -by) + by)));
    } else if (e.key === 'Delete' && chosen !== undefined) {
      without(chosen);
    }
  };
  const points = [
    ...high.map((v, i) => `${x(from + i * step).toFixed(1)},${y(v).toFixed(1)}`),
    ...low.map((v, i) => `${x(from + i * step).toFixed(1)},${y(v).toFixed(1)}`).reverse(),
  ].join(' ');
  return (
    <section className="mt-4" data-waveform={w.kind} ref={place}>
      <svg
        ref={svg}
        viewBox={`0 0 ${width} ${HEIGHT}`}
        className="w-full touch-manipulation border-y border-ink"
        role="img"
        aria-label={`${w.name}: ${strokes.length} strokes`}
        tabIndex={0}
        onPointerUp={tapped}
        onKeyDown={pressed}
      >
        {[bottom, (bottom + top) / 2, top].map((v) => (
          <g key={v}>
            <line x1={LEFT} x2={width} y1={y(v)} y2={y(v)} stroke="var(--hair)" />
            <text x={LEFT - 6} y={y(v) + 5} textAnchor="end" className="fill-[var(--soft)] text-[14px]">
              {v.toFixed(0)}
            </text>
          </g>
        ))}
        <polygon points={points} fill="var(--ink)" stroke="var(--ink)" strokeWidth={1} />
        {strokes.map((s, i) =>
          s.seconds < from || s.seconds > to ? null : (
            <g key={s.seconds} data-stroke={i}>
              <line
                x1={x(s.seconds)}
                x2={x(s.seconds)}
                y1={TOP - 6}
                y2={HEIGHT - BOTTOM}
                stroke="var(--act)"
                strokeWidth={i === chosen ? 3 : 1}
                strokeDasharray={i === w.first ? undefined : '4 4'}
              />
              <text
                x={x(s.seconds)}
                y={TOP - 9}
                textAnchor="middle"
                className="fill-[var(--act)] text-[14px] font-semibold"
              >
                {whose(i)}
              </text>
              {(strokes.length <= 24 || places[i]! % perCycle === 0) && (
                <text
                  x={x(s.seconds)}
                  y={HEIGHT - BOTTOM + 18}
                  textAnchor="middle"
                  className="fill-[var(--soft)] text-[13px]"
                >
                  {`${Math.round((places[i]! * cycle) / perCycle)}°`}
                </text>
              )}
            </g>
          ),
        )}
      </svg>
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <span className="text-soft" role="status">
          {strokes.length} strokes, {(to - from).toFixed(1)} s.{' '}
          {chosen === undefined
            ? 'Tap a stroke to choose it, or beside them to set one.'
            : `Stroke ${chosen + 1}: ${strokes[chosen]?.value.toFixed(0)} ${UNIT[w.kind]}.`}
        </span>
        {chosen !== undefined && (
          <>
            {w.kind !== 'CRANKING_PRESSURE' && (
              <button
                className="button button-main"
                onClick={() =>
                  save(
                    strokes.map((s) => s.seconds),
                    chosen,
                  )
                }
              >
                This is cylinder {labelOf(sheet, order[0]!)}
              </button>
            )}
            <button className="button" onClick={() => without(chosen)}>
              No stroke
            </button>
          </>
        )}
        <span className="ml-auto flex gap-2">
          <button
            className="button"
            onClick={() => {
              const middle = (from + to) / 2;
              const half = (to - from) / 4;
              setSpan([Math.max(0, middle - half), middle + half]);
            }}
          >
            Closer
          </button>
          <button
            className="button"
            onClick={() => setSpan([Math.max(0, from - (to - from) / 2), to - (to - from) / 2])}
            disabled={from <= 0}
          >
            Earlier
          </button>
          <button
            className="button"
            onClick={() => setSpan([from + (to - from) / 2, to + (to - from) / 2])}
            disabled={span[1] === 0}
          >
            Later
          </button>
          <button className="button" onClick={() => setSpan([0, 0])}>
            All
          </button>
        </span>
      </div>
      {mark.error && <p className="refusal">{mark.error.message}</p>}
    </section>
  );
}

const UNIT = { CRANKING_PRESSURE: 'kPa', STARTER_CURRENT: 'A', CRANKCASE_PULSES: 'Pa' } as const;

/** Cylinders as they come round. */
function orderOf({ engine: { engine } }: Sheet): number[] {
  return engine.firingOrder?.length ? engine.firingOrder : byNumber(engine);
}
