export type Station = 'intake' | 'compression' | 'report';

/** The stations of the round, in order. */
export const stations: { station: Station; name: string }[] = [
  { station: 'intake', name: 'Intake' },
  { station: 'compression', name: 'Compression' },
  { station: 'report', name: 'Verdict' },
];

export function address(jobId: number, station: Station): string {
  return station === 'compression' ? `/jobs/${jobId}` : `/jobs/${jobId}/${station}`;
}
