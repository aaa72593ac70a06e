import type { Schemas } from '../api/client';
import { questionsOf } from '../examination/Questions';

const told = questionsOf<Schemas['Intake']>();

export const REASON = [
  told.choice('purpose', 'Reason', {
    COMPLAINT: 'a complaint',
    BEFORE_SPENDING: 'before money is spent',
    PREVENTIVE: 'a preventive look',
    BASELINE: 'baseline at hand-over',
  }),
];

/** Only where noise is complained of. */
export const NOISE = [
  told.choice('noise', 'Sounds like', {
    KNOCK: 'a knock',
    SLAP: 'a slap',
    TAP: 'a tap',
    RATTLE: 'a rattle',
    HISS: 'a hiss',
  }),
  told.choice('noiseMoment', 'When', {
    COLD: 'cold',
    HOT: 'hot',
    LIGHT_LOAD: 'light load',
    HEAVY_LOAD: 'heavy load',
    LOW_ON_OIL: 'low on oil',
    ALWAYS: 'always',
  }),
];

export const USE = [
  told.choice('airFilter', 'Air filter and duct', {
    CLEAN: 'clean',
    DIRTY: 'dirty',
    DUCT_OPEN: 'duct open',
    MISSING: 'missing',
  }),
  told.yesNo('meterFromOtherEngine', 'Meter belongs to another engine'),
];
