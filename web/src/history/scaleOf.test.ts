import { describe, expect, it } from 'vitest';
import { scaleOf, ticks } from './scaleOf';

describe('the scale of a course', () => {
  it('holds all values between its ends', () => {
    const scale = scaleOf([1200, 1300], 0, 100);
    expect(scale(1200)).toBeGreaterThan(0);
    expect(scale(1300)).toBeLessThan(100);
  });
  it('has a place for one value, and for none', () => {
    expect(scaleOf([1300], 0, 100)(1300)).toBeCloseTo(50);
    expect(Number.isFinite(scaleOf([], 0, 100)(0.5))).toBe(true);
  });
  it('is marked with round figures inside it', () => {
    expect(ticks(1187, 1313, 5)).toEqual([1200, 1250, 1300]);
    expect(ticks(0.12, 0.31, 4)).toEqual([0.15, 0.2, 0.25, 0.3]);
  });
});
