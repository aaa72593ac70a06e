import type { StationScreen } from '../station/station';
import { PlanStation } from './PlanStation';

export const plan: StationScreen = {
  station: 'PLAN',
  path: '/plan',
  name: 'Plan',
  short: 'Plan',
  Screen: PlanStation,
  words: () => 'what pays, and what to do',
};
