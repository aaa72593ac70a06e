import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { renderToStaticMarkup } from 'react-dom/server';
import { MemoryRouter } from 'react-router';
import { describe, expect, it } from 'vitest';
import type { Schemas, Sheet } from '../api/client';
import { Decision } from './Decision';
import { inHundred, money } from './money';
import { PlanLine } from './PlanLine';
import { Steps } from './Steps';

const sheet = {
  job: { id: 7, revision: 1 },
  examination: { round: { excluded: {}, stands: {} } },
} as unknown as Sheet;

const step = (of: object) =>
  ({
    test: 'LEAKDOWN',
    testWords: 'leak-down',
    station: 'LEAKDOWN',
    cylinders: [3],
    text: 'Leak-down on 3.',
    minutes: 11,
    setUp: ['air and tester'],
    gain: 227.4,
    hazards: ['Air turns cranks.'],
    why: 'It names the seal.',
    capture: [],
    ...of,
  }) as unknown as Schemas['PlanStep'];

const plan = (of: object) =>
  ({
    first: [],
    steps: [step({})],
    minutes: 11,
    fixedOrderMinutes: 120,
    excluded: [],
    ...of,
  }) as unknown as Schemas['Plan'];

const html = (node: React.ReactNode) =>
  renderToStaticMarkup(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter>{node}</MemoryRouter>
    </QueryClientProvider>,
  );

const steps = (of: object) => html(<Steps sheet={sheet} plan={plan(of)} paths={{ LEAKDOWN: '/leakdown' }} />);

describe('figures of the plan', () => {
  it('have two digits of money and none that nobody knows', () => {
    expect([0, 7.4, 227.4, 1463, 2300, 98765].map(money)).toEqual([
      '0',
      '7',
      '230',
      '1 500',
      '2 300',
      '99 000',
    ]);
    expect([0, 0.006, 0.34, 0.985, 1].map(inHundred)).toEqual([
      'next to none',
      'next to none',
      '34 in 100',
      'nearly all',
      'nearly all',
    ]);
  });
});

describe('the steps', () => {
  it('say what each takes, what it saves and what bites, and lead there', () => {
    const said = steps({});
    expect(said).toMatch(/11 min, with air and tester; saves about 230 beyond its cost/);
    expect(said).toContain('Air turns cranks.');
    expect(said).toContain('href="/jobs/7/leakdown"');
  });

  it('ask for what is gone afterwards', () => {
    expect(steps({ steps: [step({ capture: ['Oil level after standing', 'Smoke at idle'] })] })).toContain(
      'gone afterwards: oil level after standing; smoke at idle.',
    );
  });

  it('say that it is decided, and offer what was left out', () => {
    const said = steps({ steps: [], decided: 'Stop testing, it is decided.', excluded: ['BLOWBY'] });
    expect(said).toContain('Stop testing, it is decided.');
    expect(said).toContain('blow-by: back in');
  });
});

describe('the line of minutes', () => {
  it('has the plan and the usual round on one scale, in words too', () => {
    const said = html(<PlanLine plan={plan({ minutes: 30, fixedOrderMinutes: 120 })} />);
    expect(said).toContain('Planned: leak-down 11 min. The usual round from here takes 120 min.');
    expect(said).toContain('width:100%');
  });
});

describe('the decision', () => {
  const option = (of: object) => ({
    action: 'HEAD_OFF',
    actionWords: 'head off',
    withService: true,
    cost: 1100,
    hours: 9.7,
    expectedLoss: 1320,
    cures: 0.93,
    leaves: ['even wear'],
    says: 'Head off.',
    recommended: true,
    ...of,
  });

  it('shows cost, chance and what is left, and why something is out of the question', () => {
    const decision = {
      says: 'Head off.',
      usualCosts: true,
      options: [
        option({}),
        option({
          action: 'RUN_ON',
          actionWords: 'run on',
          recommended: false,
          forbidden: 'It knocks.',
          cost: 0,
          hours: 0,
        }),
      ],
    } as unknown as Schemas['Decision'];
    const said = html(<Decision sheet={sheet} decision={decision} />);
    expect(said).toContain('Head off and a service');
    expect(said).toMatch(/1 100.*10 h.*93 in 100.*1 300.*leaves even wear/s);
    expect(said).toContain('Not this: It knocks.');
    expect(said).toContain('usual costs');
  });
});
