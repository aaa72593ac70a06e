import type { Sheet } from '../api/client';
import type { StationScreen } from '../station/station';
import { labelOf } from '../api/labelOf';
import { LeakdownRows } from './LeakdownRows';
import { LeakdownStation } from './LeakdownStation';

function inWords(sheet: Sheet): string {
  const { cylinders, faults } = sheet.leakdown;
  const all = sheet.cylinders.length;
  if (cylinders.length === 0) {
    return 'not read yet';
  }
  const leaking = cylinders.filter((c) => c.leaks);
  return [
    cylinders.length < all && `${cylinders.length} of ${all} read`,
    leaking.length ? `leaks on ${leaking.map((c) => labelOf(sheet, c.cylinder)).join(', ')}` : 'tight',
    faults.length && 'in doubt',
  ]
    .filter(Boolean)
    .join(', ');
}

export const leakdown: StationScreen = {
  station: 'LEAKDOWN',
  path: '/leakdown',
  name: 'Leak-down',
  short: 'Leak-d.',
  Screen: LeakdownStation,
  Rows: LeakdownRows,
  words: inWords,
  file: { part: 'leakdown', label: 'Leak-down' },
};
