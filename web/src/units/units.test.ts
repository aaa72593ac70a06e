import { describe, expect, it } from 'vitest';
import {
  american,
  asked,
  editable,
  format,
  metric,
  parseNumber,
  toBase,
  toDisplay,
  whyNoNumber,
  withUnit,
} from './units';

describe('a number as people type it', () => {
  it.each([
    ['1200', 1200],
    [' 1200 ', 1200],
    ['12,5', 12.5],
    ['.5', 0.5],
    ['-3', -3],
    ['0,95', 0.95],
  ])('%j is %d', (text, value) => expect(parseNumber(text)).toBe(value));

  it.each(['', 'lots', '1.2.3', '1,234', '12 13', '1e3', '٣'])('%j is none', (text) =>
    expect(parseNumber(text)).toBeUndefined(),
  );

  it('says how a number that can be read in two ways is meant to be written', () => {
    expect(whyNoNumber('900 1,234')).toBe('1,234 can be read in two ways: write 1234 or 1.234.');
    expect(whyNoNumber('lots')).toBe('This must be a number.');
  });
});

describe('units', () => {
  it('change what is shown and never what was measured', () => {
    for (const choice of [metric, american]) {
      for (const base of [0, 1, 905.2, 1316]) {
        expect(toBase(choice, 'pressure', toDisplay(choice, 'pressure', base))).toBeCloseTo(base, 9);
        expect(Number(editable(choice, 'pressure', base))).toBeCloseTo(
          toDisplay(choice, 'pressure', base),
          6,
        );
      }
    }
    expect(toBase(american, 'temperature', 32)).toBeCloseTo(0, 9);
    expect(toDisplay(american, 'temperature', 100)).toBeCloseTo(212, 9);
  });

  it('are written as the unit deserves', () => {
    expect(withUnit(metric, 'pressure', 905.2)).toBe('905 kPa');
    expect(withUnit(american, 'pressure', 905.2)).toBe('131 psi');
    expect(format(metric, 'temperature', -5)).toBe('−5');
    expect(withUnit(american, 'length', 25.4)).toBe('1.000 in');
  });

  it('are asked for in plain letters, since a header carries no others', () => {
    expect(asked(metric)).toBe('kPa, mm, mm, mL, L, km, m, C, Pa, L/1000 km');
    expect(asked(american)).toBe('psi, in, mm, mL, US qt, mi, ft, F, inH2O, US qt/1000 mi');
  });
});
