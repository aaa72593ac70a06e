import type { Schemas } from '../api/client';
import { questionsOf } from '../examination/Questions';

const told = questionsOf<Schemas['Intake']>();

export const REASON = [told.choice('purpose', 'Reason', 'Purpose')];

export const USE = [
  told.choice('airFilter', 'Air filter and duct', 'AirFilter'),
  told.yesNo('meterFromOtherEngine', 'Meter belongs to another engine'),
];
