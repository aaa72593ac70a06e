import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { american, editable, format, metric, toBase, unitOf, withUnit } from '../units/units';
import { describeEntry, onAxis, protocol, rateInWords } from './inWords';

type Units = Parameters<typeof onAxis>[0];

function units(choice: typeof metric): Units {
  return {
    choice,
    choose: () => undefined,
    format: (q, base) => format(choice, q, base),
    withUnit: (q, base) => withUnit(choice, q, base),
    symbol: (q) => unitOf(choice, q).symbol,
    toBase: (q, shown) => toBase(choice, q, shown),
    editable: (q, base) => editable(choice, q, base),
  };
}

const km = { low: 0.4, best: 0.5, high: 0.6 };
const axis = (more: Partial<Schemas['AxisResult']>): Schemas['AxisResult'] => ({
  meter: 'DISTANCE',
  spots: [],
  lines: [],
  perThousand: { low: 8, best: 10, high: 12 },
  ...more,
});
const analysis = (perLitre?: number) => ({ unit: 'MILLIMETRES', perLitre }) as Schemas['OilAnalysis'];

describe('a rate', () => {
  it('is told in the units that somebody reads in', () => {
    expect(rateInWords(units(metric), analysis(20), axis({ litresPer1000Km: km }))).toEqual({
      figure: '0.50',
      unit: 'L/1000 km',
      range: '0.40 to 0.60',
    });
    expect(rateInWords(units(american), analysis(20), axis({ litresPer1000Km: km }))?.unit).toBe(
      'US qt/1000 mi',
    );
  });

  it('that may be nothing has an upper end only', () => {
    const open = { low: -2, best: 3, high: 8 };
    expect(rateInWords(units(metric), analysis(20), axis({ meter: 'HOURS', mlPerHour: open }))).toEqual({
      figure: '< 8',
      unit: 'mL/h',
      range: 'not proved yet',
    });
  });

  it('is in the stick while nobody knows a litre on it', () => {
    expect(rateInWords(units(metric), analysis(), axis({ meter: 'HOURS' }))?.unit).toBe('mm per 100 h');
    expect(rateInWords(units(metric), analysis(20), axis({ meter: 'HOURS' }))).toMatchObject({
      figure: '0.5',
      unit: 'L per 100 h',
    });
    expect(rateInWords(units(metric), analysis(), undefined)).toBeUndefined();
  });
});

describe('a line of the log', () => {
  it.each([
    [
      { kind: 'DIP', date: '2026-03-01', hours: 4512, mmFromFull: -6, waitMinutes: 10 },
      '2026-03-01, 4512 h: dip, 6 mm below full; after 10 min',
    ],
    [{ kind: 'DIP', hours: 4512, mmFromFull: 0 }, '4512 h: dip, at the full mark'],
    [{ kind: 'DIP', distanceKm: 1000, spansFromFull: -0.25 }, '1000 km: dip, 75 % between the marks'],
    [
      { kind: 'TOP_UP', date: '2026-03-01', litres: 0.5, certainty: 'ABOUT' },
      '2026-03-01: top-up, 0.50 L; about',
    ],
    [{ kind: 'TOP_UP', date: '2026-03-01' }, '2026-03-01: top-up, an unknown amount'],
    [
      { kind: 'FILL', date: '2026-03-01', litres: 6, filter: true, grade: '15W-40' },
      '2026-03-01: fill, 6.00 L; 15W-40, with filter',
    ],
  ] as [Schemas['OilEntryDocument'], string][])('%o', (entry, words) => {
    expect(describeEntry(units(metric), entry)).toBe(words);
  });

  it('stands on its axis', () => {
    expect(onAxis(units(metric), 'HOURS', 4512.4)).toBe('4512 h');
    expect(onAxis(units(american), 'DISTANCE', 1609.344)).toBe('1000 mi');
    expect(onAxis(units(metric), 'DATE', 20_513)).toBe('1 Mar 26');
  });
});

describe('a trial', () => {
  it('is told as it is run', () => {
    expect(
      protocol(units(metric), {
        from: '2026-03-01',
        load: 'x',
        loadKw: 14,
        everyHours: 8,
        cleanPlugs: true,
        abortMm: -16,
      }),
    ).toBe('14 kW, checkpoint every 8 h, clean plugs in, abort mark 16 mm below full');
  });
});
