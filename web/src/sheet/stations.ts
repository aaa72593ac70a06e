import type { Sheet } from '../api/client';

export type Station = Sheet['stations'][number];

const STATIONS: Record<Station, { name: string; path: string }> = {
  INTAKE: { name: 'Intake', path: '/intake' },
  SIGNS: { name: 'Oil & signs', path: '/signs' },
  SMOKE: { name: 'Smoke', path: '/smoke' },
  PLUGS: { name: 'Plugs', path: '/plugs' },
  INSIDE: { name: 'Look inside', path: '/inside' },
  CRANKCASE: { name: 'Crankcase hold', path: '/crankcase' },
  COMPRESSION: { name: 'Compression', path: '' },
  LEAKDOWN: { name: 'Leak-down', path: '/leakdown' },
  VERDICT: { name: 'Verdict', path: '/report' },
};

export function nameOf(station: Station): string {
  return STATIONS[station].name;
}

export function pathOf(station: Station): string {
  return STATIONS[station].path;
}

export function address(jobId: number, station: Station): string {
  return `/jobs/${jobId}${pathOf(station)}`;
}

export const allStations = Object.keys(STATIONS) as Station[];
