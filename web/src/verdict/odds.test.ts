import { describe, expect, it } from 'vitest';
import { between, chance, times, worthShowing, type Suspect } from './odds';

describe('chances', () => {
  it('are never nought nor one', () => {
    expect(chance(1)).toBe('> .99');
    expect(chance(0)).toBe('< .01');
    expect(chance(0.42)).toBe('.42');
  });

  it('show no more digits than the range holds', () => {
    expect(between({ low: 0.62, high: 0.88 })).toBe('.6 to .9');
    expect(between({ low: 0.91, high: 0.98 })).toBe('.91 to .98');
    expect(between({ low: 0.97, high: 1 })).toBe('.97 to 1');
    expect(between({ low: 0.998, high: 0.9999 })).toBe('> .99');
  });
});

describe('weights', () => {
  it('are said as times', () => {
    expect(times(10)).toBe('× 10');
    expect(times(-6.02)).toBe('÷ 4.0');
    expect(times(31)).toBe('× over 100');
    expect(times(0)).toBe('× 1.0');
  });
});

describe('what is worth a line', () => {
  const suspect = (probability: number, testedFor: boolean) => ({ probability, testedFor }) as Suspect;
  it('leaves out what only its prior speaks for', () => {
    expect(worthShowing([suspect(0.9, true), suspect(0.3, false), suspect(0.2, true)], 3)).toEqual([0, 2]);
  });
  it('keeps the first and what is likely all the same', () => {
    expect(worthShowing([suspect(0.5, false), suspect(0.45, false), suspect(0.3, false)], 3)).toEqual([0, 1]);
  });
});
