import type { Sheet } from '../api/client';

/** How many signs a station has given, in a few words; what it is for while there is nothing. */
export function counted(sheet: Sheet, station: string, otherwise: string): string {
  const all = sheet.seen.findings.filter((s) => s.station === station);
  if (all.some((s) => s.urgency === 'STOP_RUNNING')) {
    return 'stop running';
  }
  const said = all.filter((s) => s.weight.likelihoodRatio > 1.2).length;
  return said ? `${said} ${said === 1 ? 'sign' : 'signs'}` : all.length ? 'nothing odd' : otherwise;
}
