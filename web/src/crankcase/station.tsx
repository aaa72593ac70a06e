import { counted } from '../examination/counted';
import type { StationScreen } from '../station/station';
import { CrankcaseStation } from './CrankcaseStation';

export const crankcase: StationScreen = {
  station: 'CRANKCASE',
  path: '/crankcase',
  name: 'Crankcase hold',
  short: 'Crankc.',
  Screen: CrankcaseStation,
  words: (sheet) => counted(sheet, 'CRANKCASE', 'pressure and vacuum'),
};
