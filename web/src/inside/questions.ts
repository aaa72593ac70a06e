import type { Schemas } from '../api/client';
import { questionsOf } from '../examination/Questions';

const inside = questionsOf<Schemas['CylinderInside']>();

export const ANY_ENGINE = [
  inside.choice('crown', 'Crown', {
    DRY_CARBON: 'dry carbon',
    WET_OIL: 'wet with oil',
    WET_FUEL: 'wet with fuel',
    WASHED_CLEAN: 'washed clean',
    HOLED: 'holed',
  }),
  inside.choice('bore', 'Bore', {
    HATCH_SEEN: 'hatch seen',
    GLAZED: 'glazed',
    SCORED: 'scored',
    RUSTY: 'rusty',
  }),
];

/** A two-stroke has no valves to look at. */
export const VALVES = [
  inside.choice('intakeBack', 'Back of the intake valve', {
    DRY: 'dry',
    WET_OIL: 'wet with oil',
    CARBON: 'carbon',
  }),
  inside.choice('exhaustFace', 'Face of the exhaust valve', {
    EVEN: 'even',
    BURNT: 'burnt',
    DEPOSIT_ON_SEAT: 'deposit on the seat',
  }),
];

export const LAST = [inside.yesNo('waterMarks', 'Water marks'), inside.contaminated('contaminatedBy')];
