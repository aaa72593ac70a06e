import type { Schemas } from '../api/client';
import { questionsOf } from '../examination/Questions';

const inside = questionsOf<Schemas['CylinderInside']>();

export const ANY_ENGINE = [
  inside.choice('crown', 'Crown', 'Crown'),
  inside.choice('bore', 'Bore', 'BoreWall'),
];

/** A two-stroke has no valves to look at. */
export const VALVES = [
  inside.choice('intakeBack', 'Back of the intake valve', 'IntakeBack'),
  inside.choice('exhaustFace', 'Face of the exhaust valve', 'ExhaustFace'),
];

export const LAST = [inside.yesNo('waterMarks', 'Water marks'), inside.contaminated('contaminatedBy')];
