import type { Schemas } from '../api/client';
import { withinRange } from '../units/figure';
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

interface Told {
  figure: string;
  unit: string;
  range: string;
}

const OVER = { DISTANCE: ' per 1000 km', HOURS: ' per 100 h', DATE: ' a month' } as const;

/** The rate along an axis, in litres where they are known; undefined where there is none. */
export function rateInWords(units: Units, analysis: Analysis, axis: Axis | undefined): Told | undefined {
  if (!axis?.perThousand) {
    return undefined;
  }
  if (axis.litresPer1000Km) {
    const { low, best, high } = axis.litresPer1000Km;
    return {
      figure: units.format('oilRate', best),
      unit: units.symbol('oilRate'),
      range: `${units.format('oilRate', low)} to ${units.format('oilRate', high)}`,
    };
  }
  if (axis.mlPerHour) {
    return { figure: plain(axis.mlPerHour.best), unit: 'mL/h', range: withinRange(axis.mlPerHour) };
  }
  const per = analysis.perLitre;
  const scaled = per
    ? {
        low: axis.perThousand.low / per,
        best: axis.perThousand.best / per,
        high: axis.perThousand.high / per,
      }
    : axis.perThousand;
  const name = per ? 'L' : label('StickUnit', analysis.unit);
  return { figure: plain(scaled.best), unit: name + OVER[axis.meter], range: withinRange(scaled) };
}

function plain(value: number): string {
  return String(Number(value.toPrecision(2))).replace('-', '−');
}
