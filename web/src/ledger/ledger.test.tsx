import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { renderToStaticMarkup } from 'react-dom/server';
import { MemoryRouter } from 'react-router';
import { describe, expect, it, vi } from 'vitest';
import type { Sheet } from '../api/client';
import type { WeighedFinding, Suspect } from '../verdict/odds';
import { CellDetail } from './CellDetail';
import { First } from './First';
import type { Cell } from './LedgerStation';
import { LedgerStation } from './LedgerStation';
import { useLedgerKeys } from './useLedgerKeys';
import { WeightBar } from './WeightBar';

const rings = {
  text: 'Ring seal, cylinder 3',
  probability: 0.8,
  low: 0.62,
  high: 0.91,
  testedFor: true,
} as Suspect;
const valve = {
  text: 'Exhaust valve, cylinder 3',
  probability: 0.1,
  low: 0.04,
  high: 0.22,
  testedFor: true,
} as Suspect;

const finding = (id: string, seen: string, ...weights: [number, number][]) =>
  ({
    id,
    station: 'COMPRESSION',
    cylinders: [3],
    seen,
    says: 'Three is low.',
    because: 'Its sisters stand level.',
    reliability: 'read once',
    stops: false,
    evidence: weights.map(([suspect, decibans]) => ({
      suspect,
      decibans,
      kind: 'COMPUTED',
      reason: 'computed',
    })),
  }) as unknown as WeighedFinding;

const wet = finding('wet2', 'Wet +18 %', [0, 6], [1, -9]);
const dry = finding('compression2', 'Dry 850 kPa', [0, 11], [1, 10]);

/** A sheet with no more in it than the ledger reads. */
function sheet(diagnosis: Partial<Sheet['diagnosis']>): Sheet {
  return {
    job: { id: 7, revision: 1 },
    cylinders: [1, 2, 3, 4].map((number) => ({ number, label: number === 3 ? 'Aft' : String(number) })),
    compression: { schools: [] },
    notComputed: [],
    moved: [],
    diagnosis: {
      tone: 'LOSS',
      headline: { certain: { text: 'Cylinder 3 low', words: 'certain' }, next: 'Leak-down on 3.' },
      suspects: [rings, valve],
      findings: [dry, wet],
      reasons: [],
      measuring: [],
      contradictions: [],
      open: [],
      stops: [],
      untested: [],
      assumed: [],
      next: [],
      cylinders: {},
      littleTested: false,
      ...diagnosis,
    },
    examination: { round: { excluded: {}, stands: {} } },
  } as unknown as Sheet;
}

const drawn = (of: Sheet) =>
  renderToStaticMarkup(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter>
        <LedgerStation sheet={of} whole={{ rows: [], files: [], paths: {} }} />
      </MemoryRouter>
    </QueryClientProvider>,
  );

describe('the ledger', () => {
  it('has a cell for each finding and suspect, and one of them in hand', () => {
    const html = drawn(sheet({}));
    expect(html.match(/data-finding/g)).toHaveLength(2);
    expect(html.match(/aria-pressed="true"/g)).toHaveLength(1);
    expect(html.match(/aria-pressed="false"/g)).toHaveLength(3);
    expect(html.match(/tabindex="0"/gi)!.length).toBeGreaterThan(0);
  });

  it('calls a cylinder as the shop does', () => {
    expect(drawn(sheet({}))).toContain('>Aft<');
  });

  it('says the same in words, as times and not in a unit nobody knows', () => {
    const html = drawn(sheet({}));
    expect(html).toContain('Against Exhaust valve, cylinder 3, ÷ 7.9.');
    expect(html).not.toContain('deciban');
  });

  it('has no figure for what nothing was tested for', () => {
    const html = drawn(sheet({ suspects: [rings, { ...valve, testedFor: false, probability: 0.45 }] }));
    expect(html).not.toContain('.45');
  });

  it('is no empty table where nothing was found', () => {
    expect(drawn(sheet({ findings: [] }))).toContain('Nothing found yet.');
  });

  it('says what was left out and what stood in', () => {
    const html = drawn(
      sheet({
        untested: ['No leak-down: slow leaks stay hidden.'],
        assumed: [{ what: 'Bore', instead: '86 mm', costs: 'areas are wider' }] as never,
      }),
    );
    expect(html).toContain('slow leaks stay hidden');
    expect(html).toContain('Bore: 86 mm.');
    expect(drawn(sheet({}))).toContain('Everything needed is known.');
  });
});

describe('what is to be settled first', () => {
  it('is not there when everything fits', () => {
    expect(renderToStaticMarkup(<First sheet={sheet({})} />)).toBe('');
  });

  it('holds contradictions with every story that would explain them', () => {
    const html = renderToStaticMarkup(
      <First
        sheet={sheet({
          contradictions: [
            {
              findings: [],
              text: 'They disagree.',
              stories: ['The lobe.', 'The adapter.'],
              remedy: 'Again.',
            },
          ],
        })}
      />,
    );
    expect(html).toContain('They disagree.');
    expect(html).toContain('The lobe.');
    expect(html).toContain('The adapter.');
    expect(html).toContain('Again.');
  });

  it('holds readings worth repeating and no others', () => {
    const reading = (probability: number, text: string) =>
      ({ test: 'COMPRESSION', cylinders: [1], probability, named: false, text, remedy: 'Again.' }) as never;
    const html = renderToStaticMarkup(
      <First sheet={sheet({ measuring: [reading(0.3, 'This one.'), reading(0.2, 'Not that one.')] })} />,
    );
    expect(html).toContain('This one.');
    expect(html).not.toContain('Not that one.');
  });
});

describe('one cell', () => {
  const cell = (f: WeighedFinding, suspect: number) =>
    renderToStaticMarkup(<CellDetail sheet={sheet({})} finding={f} suspect={suspect} />);

  it('says which way it speaks and how much', () => {
    expect(cell(wet, 0)).toContain('for Ring seal, cylinder 3 × 4.0, computed by the model');
    expect(cell(wet, 1)).toContain('against Exhaust valve, cylinder 3 ÷ 7.9');
  });

  it('says the ratio and reason of what was judged', () => {
    const judged = {
      ...wet,
      evidence: [{ suspect: 0, decibans: 6, kind: 'JUDGED', reason: 'judged: ring seal × 4' }],
    } as WeighedFinding;
    expect(cell(judged, 0)).toContain('judged: ring seal × 4');
  });

  it('says so when it says nothing', () => {
    expect(cell(finding('x', 'Dry outside'), 1)).toContain('says nothing of Exhaust valve, cylinder 3');
  });
});

describe('the bar of a weight', () => {
  const bar = (decibans: number) => renderToStaticMarkup(<WeightBar decibans={decibans} />);
  const box = (decibans: number) => {
    const [, x, width] = bar(decibans).match(/<rect x="([\d.]+)" y="4" width="([\d.]+)"/)!;
    return { x: Number(x), width: Number(width) };
  };

  it('goes right for and left against, as far either way', () => {
    expect(box(5).x).toBe(56);
    expect(box(-5).x + box(-5).width).toBe(56);
    expect(box(5).width).toBe(box(-5).width);
  });

  it('tells them apart without colour', () => {
    expect(bar(5)).toContain('fill="var(--ink)"');
    expect(bar(-5)).toContain('fill="url(#against)"');
  });

  it('stays inside its cell whatever the weight', () => {
    expect(box(400).x + box(400).width).toBeLessThanOrEqual(112);
    expect(box(-400).x).toBeGreaterThanOrEqual(0);
  });

  it('is a line alone where nothing is said', () => {
    expect(bar(0)).not.toContain('<rect');
  });
});

describe('the arrow keys', () => {
  function press(key: string, at: Cell) {
    const go = vi.fn();
    const event = { key, preventDefault: vi.fn() };
    function Probe() {
      useLedgerKeys(3, 2, at, go)(event as never);
      return null;
    }
    renderToStaticMarkup(<Probe />);
    return { go, event };
  }

  it('go one cell further', () => {
    expect(press('ArrowDown', { finding: 0, column: 1 }).go).toHaveBeenCalledWith({ finding: 1, column: 1 });
    expect(press('ArrowLeft', { finding: 0, column: 1 }).go).toHaveBeenCalledWith({ finding: 0, column: 0 });
  });

  it('stop at the edge', () => {
    expect(press('ArrowDown', { finding: 2, column: 0 }).go).toHaveBeenCalledWith({ finding: 2, column: 0 });
    expect(press('ArrowRight', { finding: 2, column: 1 }).go).toHaveBeenCalledWith({ finding: 2, column: 1 });
  });

  it('leave every other key alone', () => {
    const { go, event } = press('Enter', { finding: 0, column: 0 });
    expect(go).not.toHaveBeenCalled();
    expect(event.preventDefault).not.toHaveBeenCalled();
  });
});
