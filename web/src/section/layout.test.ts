import { describe, expect, it } from 'vitest';
import type { EngineDocument } from '../api/client';
import { columnsOf, edges, gridTemplate, measure, pistonDepths } from './layout';

const inline: EngineDocument = {
  name: 'Tarn',
  layout: 'INLINE',
  banks: [{ side: 'ONLY', cylinders: [1, 2, 3, 4] }],
  firingOrder: [1, 3, 4, 2],
};
const vee: EngineDocument = {
  name: 'Bollard',
  layout: 'V',
  banks: [
    { side: 'LEFT', cylinders: [1, 3, 5, 7] },
    { side: 'RIGHT', cylinders: [2, 4, 6, 8] },
  ],
};

describe('columns', () => {
  it('stand bank after bank, so that neighbours are neighbours', () => {
    const columns = columnsOf(vee);
    expect(columns.map((c) => c.cylinder)).toEqual([1, 3, 5, 7, 2, 4, 6, 8]);
    expect(columns.map((c) => c.bank)).toEqual(['Left bank', , , , 'Right bank', , , ,].map((b) => b));
    expect(columns.map((c) => c.joinedRight)).toEqual([true, true, true, false, true, true, true, false]);
  });

  it('share one measure with the rows under them', () => {
    const columns = columnsOf(vee);
    const m = measure(1000, columns);
    const { lefts, width } = edges(columns, m);
    expect(lefts).toHaveLength(8);
    expect(lefts[4]! - lefts[3]!).toBe(m.column + m.gap);
    expect(width).toBeLessThanOrEqual(1000);
    expect(gridTemplate(columns, m).split(' ')).toHaveLength(1 + 8 + 1 + 1);
  });

  it('are never too narrow for a finger nor as wide as a page', () => {
    expect(measure(200, columnsOf(vee)).column).toBe(72);
    expect(measure(4000, columnsOf(inline)).column).toBe(168);
  });
});

describe('pistons', () => {
  it('stand as the firing order puts them', () => {
    const depths = pistonDepths(inline, columnsOf(inline));
    expect([1, 2, 3, 4].map((c) => Math.round(depths.get(c)!))).toEqual([0, 1, 1, 0]);
  });

  it('stand by turns where there is none, and on a single', () => {
    expect([...pistonDepths(vee, columnsOf(vee)).values()].map(Math.round)).toEqual([0, 1, 0, 1, 0, 1, 0, 1]);
    const single: EngineDocument = { ...inline, banks: [{ side: 'ONLY', cylinders: [1] }], firingOrder: [1] };
    expect(pistonDepths(single, columnsOf(single)).get(1)).toBe(0);
  });

  it('follow uneven intervals', () => {
    const twin: EngineDocument = {
      ...inline,
      banks: [{ side: 'ONLY', cylinders: [1, 2] }],
      firingOrder: [1, 2],
      intervalsDeg: [180, 540],
    };
    expect(pistonDepths(twin, columnsOf(twin)).get(2)).toBeCloseTo(1, 9);
  });
});
