import { Popover } from 'radix-ui';
import { answer, api, type Sheet, type StoredPass, type StoredReading } from '../api/client';
import { useChange } from '../job/useSheet';
import { useUnits } from '../units/UnitsContext';
import { middleOf } from './middleOf';
import type { Entry } from './useEntry';
import { labelOf } from '../api/labelOf';
import { MoveTo } from '../ui/MoveTo';

const REASONS = ['adapter leaked', 'fewer strokes', 'misread'];

interface Props {
  sheet: Sheet;
  pass: StoredPass;
  cylinder: number;
  entry?: Entry;
}

/** A cell with what was read: the value that counts, the attempts underneath; tap to see or set aside. */
export function Attempts({ sheet, pass, cylinder, entry }: Props) {
  const units = useUnits();
  const readings = pass.readings.filter((r) => r.cylinder === cylinder);
  const waiting = entry?.waiting.filter((s) => s.passId === pass.id && s.cylinder === cylinder).at(-1);
  const counting = readings.filter((r) => !r.setAside);
  const result = sheet.compression.cylinders[cylinder];
  const label = labelOf(sheet, cylinder);
  const low = pass.kind === 'DRY' && result?.standing === 'LOW';
  const shown = (r: StoredReading) => units.format('pressure', Math.max(...r.strokesKPa));
  if (waiting && readings.length === 0) {
    return (
      <span className="flex h-full items-center justify-center font-mono text-[1.25rem] text-soft">
        {waiting.text}…
      </span>
    );
  }
  if (readings.length === 0) {
    return (
      <button
        className="h-full min-h-[2.75rem] w-full hover:bg-well"
        aria-label={`Cylinder ${label}, not read`}
        onClick={() => entry?.goTo(cylinder, pass.id)}
      />
    );
  }
  return (
    <Popover.Root>
      <Popover.Trigger
        className={`h-full min-h-[2.75rem] w-full text-center font-mono hover:bg-well ${low ? 'text-leak' : ''}`}
      >
        <span className="text-[1.375rem] leading-none" data-value>
          {counting.length ? units.format('pressure', middleOf(counting)) : '–'}
        </span>
        {readings.length > 1 && (
          <span className="block text-[0.75rem] leading-tight text-soft">
            {readings.slice(-3).map((r, i) => (
              <span key={r.id}>
                {i > 0 && ' '}
                {r.setAside ? <s>{shown(r)}</s> : shown(r)}
              </span>
            ))}
          </span>
        )}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content side="bottom" className="z-20 w-[20.625rem] border border-ink bg-paper p-4">
          <h3 className="heading mb-2">Cylinder {label}</h3>
          <ol className="space-y-3">
            {readings.map((r) => (
              <Attempt key={r.id} sheet={sheet} reading={r} />
            ))}
          </ol>
          {entry && (
            <Popover.Close className="button mt-3 w-full" onClick={() => entry.goTo(cylinder, pass.id)}>
              Read again
            </Popover.Close>
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

function Attempt({ sheet, reading }: { sheet: Sheet; reading: StoredReading }) {
  const units = useUnits();
  const jobId = sheet.job.id;
  const notCounted = sheet.readingsNotCounted.find((n) => n.readingId === reading.id);
  const path = { id: jobId, readingId: reading.id };
  const setAside = useChange(jobId, (reason: string | null) =>
    answer(
      api.PUT('/api/jobs/{id}/compression/readings/{readingId}/set-aside', {
        params: { path },
        body: { reason: reason ?? undefined },
      }),
    ),
  );
  const move = useChange(jobId, (cylinder: number) =>
    answer(
      api.PUT('/api/jobs/{id}/compression/readings/{readingId}/cylinder', {
        params: { path },
        body: { cylinder },
      }),
    ),
  );
  return (
    <li>
      <p className="font-mono text-[1rem]">
        {reading.strokesKPa.map((v) => units.format('pressure', v)).join(' ')} {units.symbol('pressure')}
        {reading.oilMl != null && <span className="ml-2 text-soft">{reading.oilMl} mL oil</span>}
      </p>
      {reading.setAside ? (
        <p className="text-soft">
          Set aside: {reading.setAside}.{' '}
          <button className="underline hover:text-act" onClick={() => setAside.mutate(null)}>
            Count it again
          </button>
        </p>
      ) : (
        <p className="text-soft">
          Set aside:
          {REASONS.map((reason) => (
            <button
              key={reason}
              className="ml-2 min-h-[2.75rem] underline underline-offset-2 hover:text-act"
              onClick={() => setAside.mutate(reason)}
            >
              {reason}
            </button>
          ))}
        </p>
      )}
      <MoveTo sheet={sheet} from={reading.cylinder} onMove={(c) => move.mutate(c)} />
      {notCounted && <p className="font-medium">Does not count here: {notCounted.reason}</p>}
      {setAside.error && <p className="refusal">{setAside.error.message}</p>}
      {move.error && <p className="refusal">{move.error.message}</p>}
    </li>
  );
}
