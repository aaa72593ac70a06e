import type { Schemas } from '../api/client';
import { questionsOf } from '../examination/Questions';

type Oil = Schemas['OilSigns'];
type Coolant = Schemas['CoolantSigns'];
type Breather = Schemas['BreatherSigns'];
type Signs = Schemas['Signs'];

const METAL = { NONE: 'none', FINE: 'fine', FLAKES: 'flakes' };
const milky = (oil: Oil) => !!oil.milky && oil.milky !== 'NONE';

const oil = questionsOf<Oil>();
export const OIL = [
  oil.choice('level', 'On the stick, level ground, after the wait', {
    NOT_ON_STICK: 'none',
    BELOW_LOW_MARK: 'below low',
    LOWER_HALF: 'lower half',
    UPPER_HALF: 'upper half',
    ABOVE_FULL_MARK: 'over full',
  }),
  oil.choice('colour', 'Colour', { HONEY: 'honey', BROWN: 'brown', BLACK: 'black', GREY: 'grey' }),
  oil.choice('milky', 'Milk', {
    NONE: 'none',
    CAP_ONLY: 'under the cap',
    ON_STICK: 'on the stick',
    THROUGHOUT: 'throughout',
  }),
  oil.yesNo('shortColdRuns', 'Only short cold runs lately?', undefined, milky),
  oil.yesNo('waterDrained', 'Drained a little: water first?', undefined, milky),
  oil.yesNo('fuelSmell', 'Smells of fuel'),
  oil.yesNo('foam', 'Foams'),
  oil.choice('glitter', 'Glitter', METAL),
  oil.choice('magnet', 'On the magnet', { NONE: 'clean', FINE: 'fuzz', FLAKES: 'chips' }),
  oil.choice('pleats', "In the filter's pleats", METAL),
  oil.contaminated('contaminatedBy'),
];

const coolant = questionsOf<Coolant>();
export const COOLANT = [
  coolant.choice('level', 'Level over days', {
    HOLDS: 'holds',
    FALLING_WITH_DRIP: 'falls, drips',
    FALLING_NO_DRIP: 'falls, no drip',
  }),
  coolant.choice('film', 'On its surface', { CLEAN: 'clean', OIL_FILM: 'oil film', FROTH: 'froth' }),
  coolant.yesNo('bubbles', 'Bubbles soon after a cold start'),
  coolant.yesNo('pressureCold', 'Hoses hard while still cold'),
  coolant.choice('gasTest', 'Chemical test for combustion gas', {
    NEGATIVE: 'did not turn',
    POSITIVE: 'turned',
  }),
  coolant.contaminated('contaminatedBy'),
];

const breather = questionsOf<Breather>();
/** Only where there is a crankcase to ventilate. */
export const VENTILATION = [
  breather.choice('ventilation', 'Crankcase at idle, as found', {
    SUCTION: 'suction',
    NOTHING: 'nothing',
    PRESSURE: 'pressure',
  }),
  breather.yesNo('hoseBlocked', 'Ventilation blocked'),
  breather.choice('breatherOil', 'Oil at the breather', { NONE: 'none', MIST: 'mist', WET: 'wet' }),
];
export const AIR_BOX = [
  breather.choice('airBox', 'Oil in the air box', { DRY: 'dry', DAMP: 'damp', POOLED: 'stands in it' }),
];

export const PLACES: Record<keyof Signs['leaks'] & string, string> = {
  VALVE_COVER: 'valve cover',
  FRONT_SEAL: 'seal, free end',
  REAR_SEAL: 'seal, flywheel end',
  SUMP: 'sump',
  OIL_FILTER: 'oil filter',
  HEAD_JOINT: 'head joint',
  COOLANT_PUMP: 'coolant pump',
  HOSES: 'hoses',
  EXHAUST_ELBOW: 'exhaust elbow',
};

export const AMOUNTS = { DRY: 'dry', DAMP: 'damp', DRIPS: 'drips' };
