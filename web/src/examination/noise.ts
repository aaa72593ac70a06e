import type { Schemas } from '../api/client';
import { questionsOf } from './Questions';

const told = questionsOf<Schemas['Intake']>();

/** Told at Intake, or heard by whoever looks before loosening. */
export const NOISE = [
  told.choice('noise', 'Sounds like', 'NoiseKind'),
  told.choice('noiseMoment', 'When', 'NoiseMoment'),
];
