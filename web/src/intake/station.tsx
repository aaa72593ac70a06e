import type { StationScreen } from '../station/station';
import { IntakeStation } from './IntakeStation';

export const intake: StationScreen = {
  station: 'INTAKE',
  path: '/intake',
  name: 'Intake',
  Screen: IntakeStation,
  words: (sheet) => sheet.job.job.complaint || 'why it is here',
};
