import type { Sheet, Statement } from '../api/client';
import type { Station } from './stations';
import { labelOf } from '../section/labelOf';

/** What each station has to say so far, in a few words. */
export function stationInWords(sheet: Sheet, station: Station): string {
  const stops = (source: Statement['source']) =>
    sheet.seen.statements.filter((s) => s.source === source && s.stopsRunning).length > 0;
  switch (station) {
    case 'INTAKE':
      return sheet.job.job.complaint || 'why it is here';
    case 'SIGNS':
      return stops('SIGNS') ? 'stop running' : counted(sheet, 'SIGNS', 'look before you loosen');
    case 'SMOKE':
      return smokeInWords(sheet);
    case 'PLUGS':
      return stops('PLUGS') ? 'stop running' : oddOnes(sheet.seen.plugs, sheet);
    case 'INSIDE':
      return counted(sheet, 'INSIDE', 'camera, where there is one');
    case 'CRANKCASE':
      return counted(sheet, 'CRANKCASE', 'pressure and vacuum');
    case 'COMPRESSION':
      return compressionInWords(sheet);
    case 'LEAKDOWN':
      return leakdownInWords(sheet);
    case 'VERDICT':
      return sheet.diagnosis.engine.what;
  }
}

function counted(sheet: Sheet, source: Statement['source'], otherwise: string): string {
  const said = sheet.seen.statements.filter((s) => s.source === source && s.likelihoodRatio > 1.2);
  const all = sheet.seen.statements.filter((s) => s.source === source);
  return said.length
    ? `${said.length} ${said.length === 1 ? 'sign' : 'signs'}`
    : all.length
      ? 'nothing odd'
      : otherwise;
}

const MOMENTS: Record<string, string> = {
  START_AFTER_STANDING: 'after standing',
  IDLE: 'idle',
  LOAD: 'load',
  OVERRUN: 'overrun',
  ALWAYS: 'always',
};

function smokeInWords(sheet: Sheet): string {
  const seen = Object.entries(sheet.examination.signs.smoke);
  const smoking = seen.filter(([, s]) => s.colour && s.colour !== 'NONE');
  if (smoking.length === 0) {
    return seen.length ? 'none seen' : 'not watched yet';
  }
  return smoking.map(([m, s]) => `${s.colour!.toLowerCase()}, ${MOMENTS[m]}`).join('; ');
}

function oddOnes(plugs: Sheet['seen']['plugs'], sheet: Sheet): string {
  if (plugs.length === 0) {
    return 'none out yet';
  }
  const odd = plugs.filter((p) => p.look !== 'tan');
  return odd.length === 0
    ? `${plugs.length} tan`
    : odd.length === plugs.length && new Set(odd.map((p) => p.look)).size === 1
      ? `all ${odd[0]!.look}`
      : odd
          .slice(0, 3)
          .map((p) => `${labelOf(sheet, p.cylinder)} ${p.look}`)
          .join(', ') + (odd.length > 3 ? ' …' : '');
}

function compressionInWords(sheet: Sheet): string {
  const read = sheet.compression.cylinders.filter((c) => c.standing !== 'NOT_READ').length;
  const wet = sheet.compression.wet.map((w) => w.cylinder);
  const dry =
    read === 0
      ? 'not read yet'
      : read < sheet.cylinders.length
        ? `${read} of ${sheet.cylinders.length} read`
        : 'dry';
  return wet.length ? `${dry}, wet on ${wet.join(', ')}` : dry;
}

function leakdownInWords(sheet: Sheet): string {
  const { cylinders, faults } = sheet.leakdown;
  if (cylinders.length === 0) {
    return 'not read yet';
  }
  const leaking = cylinders.filter((c) => c.leaks);
  const read =
    cylinders.length < sheet.cylinders.length ? `${cylinders.length} of ${sheet.cylinders.length} read` : '';
  return [
    read,
    leaking.length ? `leaks on ${leaking.map((c) => labelOf(sheet, c.cylinder)).join(', ')}` : 'tight',
    faults.length ? 'in doubt' : '',
  ]
    .filter(Boolean)
    .join(', ');
}
