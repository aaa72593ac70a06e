import type { Sheet } from '../api/client';
import { useNow } from '../ui/useNow';

export interface SoakLeft {
  /** Minutes and seconds, with hours where there are any. */
  left: string;
  over: boolean;
}

/** The wait that runs on this job, second by second; undefined when none does. */
export function useSoak(sheet: Sheet): SoakLeft | undefined {
  const soak = sheet.examination.signs.soak;
  const now = useNow(1000, !!soak);
  if (!soak) {
    return undefined;
  }
  const whole = soak.minutes * 60;
  const gone = Math.floor((now - Date.parse(soak.startedAt)) / 1000);
  const seconds = Math.min(whole, Math.max(0, whole - gone));
  return { left: clock(seconds), over: seconds === 0 };
}

function clock(seconds: number): string {
  const two = (n: number) => String(Math.floor(n)).padStart(2, '0');
  const hours = Math.floor(seconds / 3600);
  return (hours ? hours + ':' : '') + two((seconds % 3600) / 60) + ':' + two(seconds % 60);
}
