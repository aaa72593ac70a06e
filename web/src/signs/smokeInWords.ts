import type { Schemas, Sheet } from '../api/client';

type Moment = 'START_AFTER_STANDING' | 'IDLE' | 'LOAD' | 'OVERRUN' | 'ALWAYS';
export type SmokeColour = NonNullable<Schemas['Smoke']['colour']>;

/** The moments at which it may smoke: in short, as a question, and what it would mean. */
export const MOMENTS: Record<Moment, { short: string; words: string; hint: string }> = {
  START_AFTER_STANDING: {
    short: 'after standing',
    words: 'On start after standing',
    hint: 'oil from above runs down while it stands',
  },
  IDLE: { short: 'idle', words: 'At idle', hint: 'stems, ventilation, turbocharger' },
  LOAD: { short: 'load', words: 'Under load, revs rising', hint: 'rings' },
  OVERRUN: { short: 'overrun', words: 'On the overrun and after it', hint: 'stems and guides' },
  ALWAYS: { short: 'always', words: 'Always', hint: 'a lot of oil, or water' },
};

export const COLOURS: Record<SmokeColour, string> = {
  NONE: 'none',
  BLUE: 'blue',
  WHITE: 'white',
  BLACK: 'black',
};

export function smokeInWords(sheet: Sheet): string {
  const seen = Object.entries(sheet.examination.signs.smoke) as [Moment, Schemas['Smoke']][];
  const smoking = seen.filter(([, s]) => s.colour && s.colour !== 'NONE');
  if (smoking.length === 0) {
    return seen.length ? 'none seen' : 'not watched yet';
  }
  return smoking.map(([m, s]) => `${COLOURS[s.colour!]}, ${MOMENTS[m].short}`).join('; ');
}
