import { useEffect, useState } from 'react';
import type { Sheet } from '../api/client';
import { useExamine } from '../examination/useExamine';
import { useSoak } from './useSoak';

const WAITS = [
  [20, '20 min, oil drains back'],
  [60, '1 h'],
  [720, 'overnight, 12 h'],
] as const;

/** A wait before the next look; kept with the job, so that it survives a closed window. */
export function SoakTimer({ sheet }: { sheet: Sheet }) {
  const { set } = useExamine(sheet.job.id, 'signs');
  const soak = useSoak(sheet);
  const [other, setOther] = useState('');
  const start = (minutes: number) => {
    // Asked for by a tap, so that the browser may remind when another window is in front.
    if ('Notification' in window && Notification.permission === 'default') {
      void Notification.requestPermission();
    }
    set({ soak: { startedAt: new Date().toISOString(), minutes } });
  };
  return (
    <section className="mb-4 flex flex-wrap items-center gap-2" aria-label="Soak timer">
      <span className="heading mr-1">Let it stand</span>
      {soak ? (
        <>
          <span className={`font-mono text-[1.375rem] ${soak.over ? 'text-act' : ''}`} role="timer">
            {soak.over ? 'time is up' : soak.left}
          </span>
          <span className="text-soft">of {sheet.examination.signs.soak!.minutes} min</span>
          <button className="button" onClick={() => set({ soak: null })}>
            {soak.over ? 'Seen' : 'Stop'}
          </button>
        </>
      ) : (
        <>
          {WAITS.map(([minutes, words]) => (
            <button key={minutes} className="button" onClick={() => start(minutes)}>
              {words}
            </button>
          ))}
          <input
            className="field w-24 font-mono"
            style={{ width: '6rem' }}
            aria-label="Other wait in minutes"
            inputMode="numeric"
            placeholder="min"
            value={other}
            onChange={(e) => setOther(e.target.value.replace(/\D/g, ''))}
            onKeyDown={(e) => e.key === 'Enter' && Number(other) > 0 && start(Number(other))}
          />
        </>
      )}
    </section>
  );
}

/** Reminds once when the wait is over, wherever on the sheet somebody is. */
export function SoakReminder({ sheet }: { sheet: Sheet }) {
  const soak = useSoak(sheet);
  const over = soak?.over ?? false;
  const name = sheet.engine.engine.name;
  useEffect(() => {
    if (over && 'Notification' in window && Notification.permission === 'granted') {
      new Notification('Time is up', { body: `${name}: the wait is over, look now.` });
    }
  }, [over, name]);
  if (!soak) {
    return null;
  }
  return (
    <p
      role={soak.over ? 'alert' : undefined}
      className={`border-b border-hair px-4 py-2 ${soak.over ? 'bg-act font-medium text-paper' : 'text-act'}`}
    >
      {soak.over ? 'The wait is over: look now' : `standing, ${soak.left} left`}
    </p>
  );
}
