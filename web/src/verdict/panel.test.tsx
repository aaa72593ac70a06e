import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { renderToStaticMarkup } from 'react-dom/server';
import { MemoryRouter } from 'react-router';
import { describe, expect, it } from 'vitest';
import type { Sheet } from '../api/client';
import type { Planned } from '../job/usePlan';
import type { Suspect } from './odds';
import { OddsStrip } from './OddsStrip';
import { VerdictPanel } from './VerdictPanel';

const suspect = (of: Partial<Suspect>) =>
  ({
    text: 'Ring seal, cylinder 3',
    probability: 0.8,
    low: 0.62,
    high: 0.91,
    testedFor: true,
    withoutWeakness: null,
    ...of,
  }) as Suspect;

function sheet(diagnosis: object): Sheet {
  return {
    job: { id: 7, revision: 1 },
    cylinders: [1, 2, 3, 4].map((number) => ({ number, label: String(number) })),
    compression: { schools: [] },
    notComputed: [],
    moved: [],
    diagnosis: {
      tone: 'LOSS',
      headline: {
        certain: { text: 'Cylinder 3 low', words: 'certain' },
        meant: { text: 'Rings', words: 'likely' },
        next: 'Leak-down on 3.',
      },
      suspects: [suspect({})],
      findings: [],
      reasons: [],
      measuring: [],
      contradictions: [],
      open: [],
      stops: [],
      next: [{ tests: [], text: 'Leak-down on 3.', minutes: 11, hazards: ['Air turns cranks.'], why: '' }],
      cylinders: {
        3: { tone: 'LOSS', what: 'Low', words: 'certain', why: ['35 % below its sisters.'], misses: '' },
      },
      littleTested: false,
      ...diagnosis,
    },
    examination: { round: { excluded: {}, stands: {} } },
  } as unknown as Sheet;
}

const panel = (of: Sheet, current?: number, plan?: Planned) => {
  const client = new QueryClient();
  client.setQueryData(['plan', of.job.id, of.job.revision], plan);
  return renderToStaticMarkup(
    <QueryClientProvider client={client}>
      <MemoryRouter>
        <VerdictPanel sheet={of} current={current} />
      </MemoryRouter>
    </QueryClientProvider>,
  );
};

describe('the verdict', () => {
  it('says what is certain before what it means, each with its own certainty', () => {
    const html = panel(sheet({}));
    expect(html.indexOf('Cylinder 3 low')).toBeLessThan(html.indexOf('Rings'));
    expect(html).toMatch(/Cylinder 3 low.*certain.*Rings.*likely/s);
  });

  it('has one next step with its minutes and its caution', () => {
    const html = panel(sheet({}));
    expect(html).toContain('Next, 11 min');
    expect(html).toContain('Air turns cranks.');
  });

  it('gives way to the plan once that is worked out', () => {
    const step = { text: 'Wet test on 3.', minutes: 6.2, hazards: ['Never more oil.'] };
    const plan = { next: step.text, plan: { first: [], steps: [step], decision: { options: [] } } };
    const html = panel(sheet({}), undefined, plan as unknown as Planned);
    expect(html).toContain('Next, 6 min');
    expect(html).toContain('Never more oil.');
    expect(html).not.toContain('Leak-down on 3.');
  });

  it('says what is recommended once it is decided', () => {
    const options = [{ recommended: true, says: 'Head off: valves, seats and gasket.' }];
    const plan = { next: 'decided', plan: { first: [], steps: [], decision: { options } } };
    const html = panel(sheet({}), undefined, plan as unknown as Planned);
    expect(html).toContain('Stop testing. Head off: valves, seats and gasket.');
    expect(html).not.toMatch(/Next, \d/);
  });

  it('has no minutes for what is no work', () => {
    expect(panel(sheet({ next: [{ text: 'Head off.', minutes: 0, hazards: [] }] }))).not.toMatch(/Next, \d/);
  });

  it('puts what does not fit above the reasons', () => {
    const html = panel(
      sheet({
        contradictions: [{ text: 'They disagree.', stories: [], remedy: '' }],
        reasons: ['a'],
        findings: [{ id: 'a', seen: 'Wet +18 %', cylinders: [3], evidence: [] }],
      }),
    );
    expect(html.indexOf('They disagree.')).toBeGreaterThan(0);
    expect(html.indexOf('They disagree.')).toBeLessThan(html.indexOf('Wet +18 %'));
  });

  it('has the figure of a reason large and what it is held against beside it', () => {
    const html = panel(
      sheet({
        reasons: ['a'],
        findings: [
          { id: 'a', seen: '', figure: '850', against: 'sisters 1300', cylinders: [3], evidence: [] },
        ],
      }),
    );
    expect(html).toContain('850');
    expect(html).toContain('sisters 1300, 3');
  });

  it('says when little was tested', () => {
    expect(panel(sheet({ littleTested: true }))).toContain('little tested yet');
    expect(panel(sheet({}))).not.toContain('little tested yet');
  });

  it('says of the cylinder at hand what holds for it alone', () => {
    expect(panel(sheet({}), 3)).toContain('35 % below its sisters.');
    expect(panel(sheet({}), 2)).not.toContain('data-own');
    expect(panel(sheet({}))).not.toContain('data-own');
  });
});

describe('odds of a suspect', () => {
  const strip = (of: Partial<Suspect>) => renderToStaticMarkup(<OddsStrip suspect={suspect(of)} />);

  it('are a range, never more digits than it holds', () => {
    expect(strip({})).toContain('.6 to .9');
  });

  it('are no figure where only a prior stands', () => {
    expect(strip({ testedFor: false })).toContain('not tested for');
    expect(strip({ testedFor: false })).not.toContain('.6 to');
  });

  it('are solid to the lower end and hatched to the upper', () => {
    const html = strip({ low: 0.25, high: 0.75 });
    expect(html).toContain('width:25%');
    expect(html).toMatch(/left:25%;width:50%/);
  });

  it('are also said without what the family is known for', () => {
    expect(strip({ withoutWeakness: 0.5 })).toContain('.50 without what the family is known for');
    expect(strip({ withoutWeakness: 0.8 })).not.toContain('without');
  });
});

describe('reasons that are alike', () => {
  it('stand in one line with all their cylinders', () => {
    const plug = (id: string, cylinder: number) => ({
      id,
      seen: 'Steam-cleaned',
      cylinders: [cylinder],
      evidence: [],
    });
    const html = panel(sheet({ reasons: ['a', 'b'], findings: [plug('a', 2), plug('b', 3)] }));
    expect(html.match(/Steam-cleaned/g)).toHaveLength(1);
    expect(html).toContain('2, 3');
  });
});
