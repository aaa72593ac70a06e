import { describe, expect, it } from 'vitest';
import type { EngineDocument } from '../api/client';
import { inLabels, labelIn, readBankLabels, readFiringOrder } from './labels';

const engine: EngineDocument = {
  name: 'Tarn',
  layout: 'INLINE',
  banks: [{ side: 'ONLY', cylinders: [1, 2, 3] }],
  labels: { '3': 'Aft' },
};

describe('labels', () => {
  it('are what the shop calls a cylinder', () => {
    expect(labelIn(engine, 3)).toBe('Aft');
    expect(inLabels(engine, [1, 3], ' and ')).toBe('1 and Aft');
  });

  it.each(['1-Aft-2', '1 aft 2', '1, AFT, 2', ' 1;Aft;2 '])('read %j as a firing order', (text) =>
    expect(readFiringOrder(engine, text)).toEqual({ value: [1, 3, 2] }),
  );

  it('read nothing as not known', () => expect(readFiringOrder(engine, '  ')).toEqual({ value: undefined }));

  it.each([
    ['1 2', 'Aft is left out.'],
    ['1 2 2', '2 stands there twice.'],
    ['1 3 2', 'No cylinder here is called 3. They are called 1 2 Aft.'],
  ])('say what is wrong with %j', (text, problem) =>
    expect(readFiringOrder(engine, text)).toEqual({ problem }),
  );

  it('are typed bank by bank', () => {
    expect(readBankLabels(engine.banks[0]!, 'a b c')).toEqual({ value: { '1': 'a', '2': 'b', '3': 'c' } });
    expect(readBankLabels(engine.banks[0]!, 'a b')).toHaveProperty('problem');
  });
});
