import { useEffect, useState } from 'react';

/** The time by this machine's clock, looked at every so often. @param running whether anybody wants to know */
export function useNow(everyMs: number, running = true): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!running) {
      return;
    }
    const timer = setInterval(() => setNow(Date.now()), everyMs);
    return () => clearInterval(timer);
  }, [everyMs, running]);
  return now;
}
