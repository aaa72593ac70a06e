import type { Schemas } from '../api/client';
import { questionsOf } from '../examination/Questions';

type Oil = Schemas['OilSigns'];
type Coolant = Schemas['CoolantSigns'];
type Breather = Schemas['BreatherSigns'];

const milky = (oil: Oil) => !!oil.milky && oil.milky !== 'NONE';

const oil = questionsOf<Oil>();
export const OIL = [
  oil.choice('level', 'On the stick, level ground, after the wait', 'OilLevel'),
  oil.choice('colour', 'Colour', 'OilColour'),
  oil.choice('milky', 'Milk', 'Milky'),
  oil.yesNo('shortColdRuns', 'Only short cold runs lately?', undefined, milky),
  oil.yesNo('waterDrained', 'Drained a little: water first?', undefined, milky),
  oil.choice('water', 'Water found in oil or cylinder is (strip, colour)', 'WaterKind'),
  oil.yesNo('fuelSmell', 'Smells of fuel'),
  oil.yesNo('foam', 'Foams'),
  oil.choice('glitter', 'Glitter', 'Metal'),
  oil.inOtherWords('magnet', 'On the magnet', { NONE: 'clean', FINE: 'fuzz', FLAKES: 'chips' }),
  oil.choice('pleats', "In the filter's pleats", 'Metal'),
  oil.contaminated('contaminatedBy'),
];

const coolant = questionsOf<Coolant>();
export const COOLANT = [
  coolant.choice('level', 'Level over days', 'CoolantLevel'),
  coolant.choice('film', 'On its surface', 'CoolantFilm'),
  coolant.yesNo('bubbles', 'Bubbles soon after a cold start'),
  coolant.yesNo('pressureCold', 'Hoses hard while still cold'),
  coolant.choice('gasTest', 'Chemical test for combustion gas', 'GasTest'),
  coolant.contaminated('contaminatedBy'),
];

const breather = questionsOf<Breather>();
/** Only where there is a crankcase to ventilate. */
export const VENTILATION = [
  breather.choice('ventilation', 'Crankcase at idle, as found', 'Ventilation'),
  breather.yesNo('hoseBlocked', 'Ventilation blocked'),
  breather.choice('breatherOil', 'Oil at the breather', 'BreatherOil'),
];
export const AIR_BOX = [breather.choice('airBox', 'Oil in the air box', 'AirBox')];
