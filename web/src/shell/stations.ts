import { blowby } from '../blowby/station';
import { compression } from '../compression/station';
import { crankcase } from '../crankcase/station';
import { found } from '../found/station';
import { inside } from '../inside/station';
import { intake } from '../intake/station';
import type { StationName, StationScreen, Whole } from '../station/station';
import { ledger } from '../ledger/station';
import { leakdown } from '../leakdown/station';
import { oil } from '../oil/station';
import { plan } from '../plan/station';
import { plugs } from '../plugs/station';
import { signs, smoke } from '../signs/station';
import { report } from '../report/station';

/** The one list of stations on the screen; in which order and on which engine they come is the core's to say. */
export const stations: StationScreen[] = [
  intake,
  signs,
  smoke,
  blowby,
  plugs,
  inside,
  crankcase,
  compression,
  leakdown,
  oil,
  ledger,
  plan,
  report,
  found,
];

/** What all stations bring together, for the benches and the report. */
export const whole: Whole = {
  rows: stations.flatMap(({ station, Rows }) => (Rows ? { station, Rows } : [])),
  files: stations.flatMap(({ file }) => file ?? []),
  paths: Object.fromEntries(stations.map(({ station, path }) => [station, path])),
};

export function screenOf(name: StationName): StationScreen {
  return stations.find((s) => s.station === name)!;
}

export function address(jobId: number, name: StationName): string {
  return `/jobs/${jobId}${screenOf(name).path}`;
}
