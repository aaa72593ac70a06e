import type { Choice } from '../units/units';
import { toDisplay, unitOf } from '../units/units';
import type { Measure } from './EnginePage';

interface Shown {
  unit: string;
  /** Digits after the point that the figure deserves. */
  digits: number;
  value: number;
}

const PLAIN: Record<Exclude<Measure, 'COMPRESSION' | 'OIL_PER_DISTANCE'>, string> = {
  WET_RISE: '% of the dry reading',
  LEAKDOWN: '% on the master tester',
  CRANKCASE_LOSS: '% of its pressure a minute',
  BLOWBY_IDLE: 'L/min',
  BLOWBY_HELD: 'L/min',
  BLOWBY_LOADED: 'L/min',
  OIL_PER_HOUR: 'mL/h',
};

/** A value in the unit in which it is drawn. */
export function shown(choice: Choice, measure: Measure, base: number): Shown {
  if (measure === 'COMPRESSION') {
    const unit = unitOf(choice, 'pressure');
    return {
      unit: `${unit.symbol}, at sea level`,
      digits: unit.decimals,
      value: toDisplay(choice, 'pressure', base),
    };
  }
  if (measure === 'OIL_PER_DISTANCE') {
    const unit = unitOf(choice, 'oilRate');
    return { unit: unit.symbol, digits: unit.decimals, value: toDisplay(choice, 'oilRate', base) };
  }
  return { unit: PLAIN[measure], digits: 0, value: base };
}

/** Of these every cylinder has its own. */
export function isOfCylinders(measure: Measure): boolean {
  return ['COMPRESSION', 'WET_RISE', 'LEAKDOWN', 'CRANKCASE_LOSS'].includes(measure);
}

/** What something moved by, with its sign: a share, points, or an amount. */
export function moved(choice: Choice, measure: Measure, change: number): string {
  switch (measure) {
    case 'OIL_PER_DISTANCE':
      return signedFixed(toDisplay(choice, 'oilRate', change), unitOf(choice, 'oilRate').decimals);
    case 'OIL_PER_HOUR':
    case 'LEAKDOWN':
    case 'WET_RISE':
    case 'CRANKCASE_LOSS':
      return signedFixed(change, 0);
    default:
      return `${signedFixed(100 * change, 0)} %`;
  }
}

function signedFixed(value: number, digits: number): string {
  const text = Math.abs(value).toFixed(digits);
  return Number(text) === 0 ? text : (value < 0 ? '−' : '+') + text;
}
