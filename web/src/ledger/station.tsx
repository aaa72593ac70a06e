import type { Sheet } from '../api/client';
import type { StationScreen } from '../station/station';
import { LedgerStation } from './LedgerStation';

function inWords(sheet: Sheet): string {
  const { contradictions, findings } = sheet.diagnosis;
  if (contradictions.length > 0) {
    return contradictions.length === 1 ? '1 does not fit' : `${contradictions.length} do not fit`;
  }
  return findings.length === 0
    ? 'nothing found yet'
    : `${findings.length} ${findings.length === 1 ? 'finding' : 'findings'} weighed`;
}

export const ledger: StationScreen = {
  station: 'LEDGER',
  path: '/ledger',
  name: 'Ledger',
  short: 'Ledger',
  Screen: LedgerStation,
  words: inWords,
};
