import type { Schemas } from '../api/client';
import type { Range } from '../units/figure';
import type { useUnits } from '../units/UnitsContext';
import { label } from '../words/labels';
import type { Axis, Entry } from './useOil';

type Units = ReturnType<typeof useUnits>;
type Analysis = Schemas['OilAnalysis'];

/** A place on an axis in words. @param bare without its unit */
export function onAxis(units: Units, meter: Axis['meter'], at: number, bare = false): string {
  switch (meter) {
    case 'DISTANCE':
      return bare ? units.format('distance', at) : units.withUnit('distance', at);
    case 'HOURS':
      return `${Math.round(at)}${bare ? '' : ' h'}`;
    case 'DATE':
      return day(at);
  }
}

function day(epochDay: number): string {
  const date = new Date(epochDay * 86_400_000);
  return Number.isNaN(date.getTime())
    ? ''
    : date.toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: '2-digit', timeZone: 'UTC' });
}

/** One line of the log in a sentence. */
export function describeEntry(units: Units, e: Entry): string {
  const what =
    e.kind === 'DIP'
      ? e.mmFromFull != null
        ? levelInWords(units, e.mmFromFull)
        : `${Math.round(100 * (1 + (e.spansFromFull ?? 0)))} % between the marks`
      : e.litres != null
        ? units.withUnit('volume', e.litres)
        : e.kg != null
          ? `${e.kg} kg`
          : 'an unknown amount';
  const how = [
    e.certainty && e.certainty !== 'MEASURED' && label('Certainty', e.certainty),
    e.waitMinutes != null && `after ${e.waitMinutes} min`,
    e.ground && e.ground !== 'UNKNOWN' && label('Ground', e.ground),
    e.oil && label('OilHeat', e.oil),
    e.grade,
    e.filter && 'with filter',
    e.fuelLitres != null && `${units.withUnit('volume', e.fuelLitres)} of fuel`,
    e.newMeter && 'another meter from here',
    e.note,
  ].filter(Boolean);
  const where = [
    e.date,
    e.hours != null && `${e.hours} h`,
    e.distanceKm != null && units.withUnit('distance', e.distanceKm),
  ].filter(Boolean);
  return `${where.join(', ')}: ${label('OilEntryKind', e.kind)}, ${what}${how.length ? `; ${how.join(', ')}` : ''}`;
}

function levelInWords(units: Units, mm: number): string {
  return mm === 0
    ? 'at the full mark'
    : `${units.editable('length', Math.abs(mm))} ${units.symbol('length')} ${mm < 0 ? 'below' : 'above'} full`;
}

/** How a trial is run, in words. */
export function protocol(units: Units, t: Schemas['OilTrialDocument']): string {
  const every = [
    t.everyHours != null && `${t.everyHours} h`,
    t.everyKm != null && units.withUnit('distance', t.everyKm),
  ].filter(Boolean);
  return [
    t.loadKw != null && `${t.loadKw} kW`,
    every.length > 0 && `checkpoint every ${every.join(' or ')}`,
    t.cleanPlugs === true ? 'clean plugs in' : t.cleanPlugs === false && 'plugs left as they were',
    t.abortMm != null &&
      `abort mark ${units.editable('length', -t.abortMm)} ${units.symbol('length')} below full`,
  ]
    .filter(Boolean)
    .join(', ');
}

interface Told {
  figure: string;
  unit: string;
  range: string;
}

const OVER = { DISTANCE: ' per 1000 km', HOURS: ' per 100 h', DATE: ' a month' } as const;

/** A rate that may be nothing has an upper end only. */
function told(range: Range, unit: string, format: (value: number) => string): Told {
  return range.low <= 0 && range.high > 0
    ? { figure: `< ${format(range.high)}`, unit, range: 'not proved yet' }
    : { figure: format(range.best), unit, range: `${format(range.low)} to ${format(range.high)}` };
}

/** The rate along an axis, in litres where they are known; undefined where there is none. */
export function rateInWords(units: Units, analysis: Analysis, axis: Axis | undefined): Told | undefined {
  if (!axis?.perThousand) {
    return undefined;
  }
  if (axis.litresPer1000Km) {
    return told(axis.litresPer1000Km, units.symbol('oilRate'), (v) => units.format('oilRate', v));
  }
  if (axis.mlPerHour) {
    return told(axis.mlPerHour, 'mL/h', plain);
  }
  const per = analysis.perLitre ?? 1;
  const { low, best, high } = axis.perThousand;
  const name = analysis.perLitre ? 'L' : label('StickUnit', analysis.unit);
  return told({ low: low / per, best: best / per, high: high / per }, name + OVER[axis.meter], plain);
}

function plain(value: number): string {
  return String(Number(value.toPrecision(2))).replace('-', '−');
}
