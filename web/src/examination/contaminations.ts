import type { Plug } from '../api/client';

export type Contamination = NonNullable<Plug['contaminatedBy']>;

/** What can spoil a finding. */
export const CONTAMINATIONS: Record<Contamination, string> = {
  DIRTY_PAN: 'dirty pan',
  SPRAY: 'spray',
  DRIPS: 'drips',
  POURED_OIL: 'poured oil',
  HANDLED: 'handling',
};
