import { useState } from 'react';
import { answer, api, Refusal, type Schemas, type Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';
import { useChange } from '../job/useSheet';
import { byNumber } from '../section/order';
import { Choice } from '../ui/Choice';
import { Pick } from '../ui/Pick';
import { labels } from '../words/labels';

type Kind = Schemas['WaveformDocument']['kind'];

/** What one of the file's unit is in that of the kind. */
const UNITS: Record<Kind, [string, number][]> = {
  CRANKING_PRESSURE: [
    ['kPa', 1],
    ['bar', 100],
    ['psi', 6.894757],
    ['MPa', 1000],
  ],
  STARTER_CURRENT: [
    ['A', 1],
    ['mV of 1 mV/A', 1],
    ['V of 10 mV/A', 100],
  ],
  CRANKCASE_PULSES: [
    ['Pa', 1],
    ['kPa', 1000],
    ['mbar', 100],
    ['inH2O', 249.089],
  ],
};
const TIMES: [string, number][] = [
  ['seconds', 1],
  ['milliseconds', 0.001],
  ['microseconds', 0.000001],
];

interface Props {
  sheet: Sheet;
  sent: Schemas['Sent'];
  onDone: (made?: number) => void;
}

/** By what its columns are called. */
function guessed(names: string[] | undefined): Kind {
  const all = names?.join(' ').toLowerCase() ?? '';
  if (/crankcase|pulse|\bpa\b|inh2o/.test(all)) {
    return 'CRANKCASE_PULSES';
  }
  return /press|kpa|\bbar\b|psi|mpa/.test(all) ? 'CRANKING_PRESSURE' : 'STARTER_CURRENT';
}

/** What was guessed of a file, to be confirmed or put right; only then is anything made of it. */
export function Confirm({ sheet, sent, onDone }: Props) {
  const id = sheet.job.id;
  const { csv, wav } = sent;
  const [kind, setKind] = useState<Kind>(() => guessed(csv?.names));
  const [cylinder, setCylinder] = useState<number>();
  const [time, setTime] = useState<number | undefined>(csv?.timeColumn ?? undefined);
  const [timeScale, setTimeScale] = useState(() => ((csv?.timeStep ?? 0) >= 0.05 ? 0.001 : 1));
  const [column, setColumn] = useState(csv && csv.names.length > 1 && csv.timeColumn === 0 ? 1 : 0);
  const [hertz, setHertz] = useState('1000');
  const [unit, setUnit] = useState(0);
  const [full, setFull] = useState('1000');
  const make = useChange(id, () =>
    answer(
      api.POST('/api/jobs/{id}/waveform-files/{key}/waveform', {
        params: { path: { id, key: sent.key } },
        body: {
          kind,
          cylinder: kind === 'CRANKING_PRESSURE' ? cylinder : undefined,
          column,
          timeColumn: wav ? undefined : time,
          timeScale: time === undefined ? undefined : timeScale,
          hertz: time === undefined && !wav ? Number(hertz) : undefined,
          scale: wav ? Number(full) * UNITS[kind][unit]![1] : UNITS[kind][unit]![1],
          offset: 0,
        },
      }),
    ),
  );
  const columns = (csv?.names ?? channels(wav?.channels ?? 1)).map((n, i) => [String(i), n] as const);
  const all = byNumber(sheet.engine.engine);
  const errors = make.error instanceof Refusal ? make.error.errors : [];
  return (
    <section className="mt-4 space-y-4 border-2 border-ink bg-well p-4" data-confirm>
      <h2 className="text-[1.125rem] font-semibold">
        {sent.name}
        <span className="ml-3 font-normal text-soft">
          {csv
            ? `columns of numbers, ${csv.headerLines} ${csv.headerLines === 1 ? 'line' : 'lines'} before them${csv.decimalComma ? ', decimal commas' : ''}`
            : `sound, ${wav?.channels} channels, ${wav?.bits} bits, ${wav?.rateHz} a second`}
        </span>
      </h2>
      {csv && (
        <pre className="overflow-x-auto border border-hair px-3 py-2 font-mono text-[0.9375rem]">
          {csv.first.join('\n')}
        </pre>
      )}
      <div className="flex flex-wrap items-end gap-5">
        <Choice<Kind>
          label="It is"
          value={kind}
          options={labels('WaveformKind')}
          onChange={(k) => {
            if (k) {
              setKind(k);
              setUnit(0);
            }
          }}
        />
        {kind === 'CRANKING_PRESSURE' && (
          <Pick
            label="Cylinder"
            value={String(cylinder ?? '')}
            none="–"
            options={all.map((c) => [String(c), labelOf(sheet, c)])}
            onChange={(v) => setCylinder(v === '' ? undefined : Number(v))}
          />
        )}
        <Pick
          label={wav ? 'Channel' : 'Values'}
          value={String(column)}
          options={columns}
          onChange={(v) => setColumn(Number(v))}
        />
        {wav && (
          <label className="w-32">
            <span className="heading mb-1 block">Full scale is</span>
            <input className="field font-mono" value={full} onChange={(e) => setFull(e.target.value)} />
          </label>
        )}
        <Pick
          label="Unit"
          value={String(unit)}
          options={UNITS[kind].map(([n], i) => [String(i), n])}
          onChange={(v) => setUnit(Number(v))}
        />
        {csv && (
          <Pick
            label="Time"
            value={String(time ?? '')}
            none="no column"
            options={columns}
            onChange={(v) => setTime(v === '' ? undefined : Number(v))}
          />
        )}
        {csv && time !== undefined && (
          <Pick
            label="in"
            value={String(timeScale)}
            options={TIMES.map(([n, s]) => [String(s), n])}
            onChange={(v) => setTimeScale(Number(v))}
          />
        )}
        {csv && time === undefined && (
          <label className="w-32">
            <span className="heading mb-1 block">Samples a second</span>
            <input
              className="field font-mono"
              inputMode="decimal"
              value={hertz}
              onChange={(e) => setHertz(e.target.value)}
            />
          </label>
        )}
      </div>
      {errors.length > 0 ? (
        <ul className="refusal list-inside list-disc">
          {errors.map((e) => (
            <li key={e.field + e.message}>
              {e.field}: {e.message}
              {e.allowed && `; allowed: ${e.allowed}`}
            </li>
          ))}
        </ul>
      ) : (
        make.error && <p className="refusal">{make.error.message}</p>
      )}
      <div className="flex gap-3">
        <button
          className="button button-main"
          disabled={make.isPending}
          onClick={() =>
            make.mutate(undefined, { onSuccess: (next) => onDone(next.waveforms.kept.at(-1)?.id) })
          }
        >
          {make.isPending ? 'Reading it …' : 'Find the strokes'}
        </button>
        <button className="button" onClick={() => onDone()}>
          Leave it
        </button>
      </div>
    </section>
  );
}

function channels(count: number): string[] {
  return Array.from({ length: count }, (_, i) => `channel ${i + 1}`);
}
