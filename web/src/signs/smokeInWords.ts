import type { Schemas, Sheet } from '../api/client';
import { label } from '../words/labels';

export type Moment = 'START_AFTER_STANDING' | 'IDLE' | 'LOAD' | 'OVERRUN' | 'ALWAYS';

/** The moments at which it may smoke: in short, and what it would mean. */
export const MOMENTS: Record<Moment, { short: string; hint: string }> = {
  START_AFTER_STANDING: {
    short: 'after standing',

    hint: 'oil from above runs down while it stands',
  },
  IDLE: { short: 'idle', hint: 'stems, ventilation, turbocharger' },
  LOAD: { short: 'load', hint: 'rings' },
  OVERRUN: { short: 'overrun', hint: 'stems and guides' },
  ALWAYS: { short: 'always', hint: 'a lot of oil, or water' },
};

export function smokeInWords(sheet: Sheet): string {
  const seen = Object.entries(sheet.examination.signs.smoke) as [Moment, Schemas['Smoke']][];
  const smoking = seen.filter(([, s]) => s.colour && s.colour !== 'NONE');
  if (smoking.length === 0) {
    return seen.length ? 'none seen' : 'not watched yet';
  }
  return smoking.map(([m, s]) => `${label('SmokeColour', s.colour!)}, ${MOMENTS[m].short}`).join('; ');
}
