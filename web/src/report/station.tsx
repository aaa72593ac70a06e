import type { StationScreen } from '../station/station';
import { ReportStation } from './ReportStation';

export const report: StationScreen = {
  station: 'VERDICT',
  path: '/report',
  name: 'Verdict',
  Screen: ReportStation,
  words: (sheet) => sheet.diagnosis.headline.meant?.text ?? sheet.diagnosis.headline.certain.text,
};
