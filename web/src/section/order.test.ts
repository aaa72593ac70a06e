import { describe, expect, it } from 'vitest';
import type { EngineDocument } from '../api/client';
import { around, asTheyStand, byNumber } from './order';

const vee: EngineDocument = {
  name: 'Bollard',
  layout: 'V',
  banks: [
    { side: 'LEFT', cylinders: [1, 3, 5] },
    { side: 'RIGHT', cylinders: [2, 4, 6] },
  ],
};

describe('cylinders', () => {
  it('come as they stand or by number', () => {
    expect(asTheyStand(vee)).toEqual([1, 3, 5, 2, 4, 6]);
    expect(byNumber(vee)).toEqual([1, 2, 3, 4, 5, 6]);
  });

  it('follow each other around the engine, both ways', () => {
    const order = asTheyStand(vee);
    expect(around(order, 5, 1)).toBe(2);
    expect(around(order, 6, 1)).toBe(1);
    expect(around(order, 1, -1)).toBe(6);
    expect(around([1], 1, -1)).toBe(1);
  });

  it('begin with the first where this one is not on the engine any more', () => {
    expect(around([1, 3, 4, 2], 5, 1)).toBe(1);
  });
});
