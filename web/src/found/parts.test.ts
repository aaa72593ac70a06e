import { describe, expect, it } from 'vitest';
import { type CylinderFound, lookOf, PARTS, partsOf, type WearLimits } from './parts';

const limits: WearLimits = {};
const seen = (told: Partial<CylinderFound>): CylinderFound => ({ gapsMm: [], repair: {}, ...told });

describe('what was seen of a part', () => {
  it('is nothing where nobody looked', () => {
    expect(lookOf('rings', undefined, limits)).toBeUndefined();
    expect(lookOf('rings', seen({ bore: 'SCORED' }), limits)).toBeUndefined();
  });
  it('is what is wrong before what is sound', () => {
    expect(lookOf('rings', seen({ rings: 'FREE', lands: 'CRACKED' }), limits)).toEqual({
      bad: true,
      words: 'cracked',
    });
    expect(lookOf('rings', seen({ rings: 'FREE' }), limits)).toEqual({ bad: false, words: 'free' });
  });
  it('belongs to one valve and not to the other', () => {
    const found = seen({ exhaust: { face: 'BURNT' } });
    expect(lookOf('exhaust', found, limits)?.words).toBe('burnt');
    expect(lookOf('intake', found, limits)).toBeUndefined();
  });
  it('is beyond its limit only where there is one', () => {
    const found = seen({ gapsMm: [0.4, 1.2] });
    expect(lookOf('rings', found, limits)).toEqual({ bad: false, words: 'measured' });
    expect(lookOf('rings', found, { gapMm: 0.8 })).toEqual({ bad: true, words: 'beyond limit' });
    expect(lookOf('bore', seen({ wearMm: 0.3 }), { wearMm: 0.2 })?.bad).toBe(true);
  });
});

describe('the parts of an engine', () => {
  it('are all of them on a four-stroke, and no valves on a two-stroke', () => {
    expect(partsOf(false)).toEqual(PARTS);
    expect(partsOf(true)).toEqual(['gasket', 'bore', 'crown', 'rings', 'skirt']);
  });
});
