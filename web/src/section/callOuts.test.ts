import { describe, expect, it } from 'vitest';
import type { EscapePath } from '../api/client';
import { callOuts, FIGURE, LINE } from './callOuts';

const path = (kind: EscapePath['kind'], sureness: EscapePath['sureness'], best?: number): EscapePath => ({
  cylinder: 3,
  kind,
  sureness,
  areaMm2: best === undefined ? undefined : { low: best * 0.8, best, high: best * 1.2 },
});
const words = (paths: EscapePath[], width: number, room: number) =>
  callOuts(paths, width, room).map((l) => l.text);

describe('a call-out', () => {
  it('says all of it where there is room', () => {
    expect(words([path('RINGS', 'LIKELY', 2.3)], 168, 84)).toEqual(['2.3 mm²', 'rings, likely']);
    expect(words([path('RINGS', 'OPEN'), path('EXHAUST_VALVE', 'OPEN')], 168, 84)).toEqual([
      'path not known',
    ]);
  });

  it('names only the surest, and oil by itself', () => {
    const lines = callOuts(
      [path('RINGS', 'POSSIBLE'), path('EXHAUST_VALVE', 'LIKELY'), path('OIL_PAST_STEM', 'POSSIBLE')],
      168,
      84,
    );
    expect(lines.map((l) => [l.text, l.oil])).toEqual([
      ['exhaust valve, likely', false],
      ['oil past stem, possible', true],
    ]);
  });

  it('says less in a narrow column or a low drawing, and never more lines than fit', () => {
    const many = [
      path('GASKET_COOLANT', 'LIKELY', 3),
      path('GASKET_NEIGHBOUR', 'LIKELY'),
      path('EXHAUST_VALVE', 'LIKELY'),
      path('OIL_PAST_RINGS', 'LIKELY'),
    ];
    for (const width of [72, 84, 100, 168]) {
      for (const room of [50, 62, 84]) {
        const lines = callOuts(many, width, room);
        const high = lines.reduce((sum, l) => sum + (l.figure ? FIGURE : LINE), 0);
        expect(high, `${width} wide, ${room} high`).toBeLessThanOrEqual(room);
        lines.filter((l) => !l.figure).forEach((l) => expect(l.text.length * 6.3).toBeLessThanOrEqual(width));
      }
    }
  });
});
