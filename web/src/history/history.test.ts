import { describe, expect, it } from 'vitest';
import { american, metric } from '../units/units';
import { axesOf, placeOfChange } from './along';
import { moved, shown } from './measures';

const visit = (date: string, hours?: number, distanceKm?: number) =>
  ({ job: 1, date, hours, distanceKm, complaint: '', baseline: false, measured: [], plugs: {} }) as never;

describe('along', () => {
  const visits = [visit('2026-01-01', 100, 1000), visit('2026-01-11', 200, 3000)];

  it('offers the meters that every visit read, and the date always', () => {
    expect(axesOf(visits)).toEqual(['hours', 'distance', 'date']);
    expect(axesOf([visit('2026-01-01', 100), visit('2026-01-02')])).toEqual(['date']);
    expect(axesOf([])).toEqual(['date']);
  });

  it('puts what was done where its meter says, or between the visits around its day', () => {
    expect(placeOfChange({ date: '2026-01-06', hours: 120 }, visits, 'hours')).toBe(120);
    expect(placeOfChange({ date: '2026-01-06', hours: 120 }, visits, 'distance')).toBe(2000);
    expect(placeOfChange({ date: '2026-01-06' }, visits, 'hours')).toBe(150);
    expect(placeOfChange({ date: '2025-12-01' }, visits, 'hours')).toBeUndefined();
    expect(placeOfChange({ date: '2026-02-01' }, visits, 'distance')).toBeUndefined();
    expect(placeOfChange({ date: '2026-01-01' }, visits, 'distance')).toBe(1000);
  });
});

describe('measures', () => {
  it('tells a change as a share, in points, or as an amount', () => {
    expect(moved(metric, 'COMPRESSION', -0.124)).toBe('−12 %');
    expect(moved(metric, 'LEAKDOWN', 7.4)).toBe('+7');
    expect(moved(metric, 'OIL_PER_DISTANCE', -0.304)).toBe('−0.30');
    expect(moved(american, 'OIL_PER_DISTANCE', 1)).toBe('+1.70');
    expect(moved(metric, 'OIL_PER_HOUR', 0.2)).toBe('0');
  });

  it('draws in the units of whoever looks', () => {
    expect(shown(american, 'COMPRESSION', 1000).value).toBeCloseTo(145.04, 1);
    expect(shown(metric, 'BLOWBY_IDLE', 20)).toEqual({ unit: 'L/min', digits: 0, value: 20 });
  });
});
