import { describe, expect, it } from 'vitest';
import { rounded } from './figure';

describe('a figure', () => {
  it.each([
    [1.32, 2.8, 5.08, 'about 3'],
    [2.0, 2.3, 2.6, '2.3'],
    [0.5, 0.52, 0.55, '0.52'],
    [0.9, 1.2, 1.6, 'about 1.2'],
    [1180, 1234, 1290, '1200'],
    [0.0, 0.02, 0.5, 'under 0.5'],
    [2.8, 2.8, 2.8, '2.8'],
  ])('of %f, %f, %f carries no more digits than that allows', (low, best, high, text) => {
    expect(rounded({ low, best, high })).toBe(text);
  });
});
