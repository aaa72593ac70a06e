import { useState } from 'react';
import { usePlan } from '../job/usePlan';
import type { ScreenProps } from '../station/station';
import { BenchTab, BenchTabs } from '../ui/BenchTabs';
import { VerdictPanel } from '../verdict/VerdictPanel';
import { Costs } from '../shop/Costs';
import { Decision } from './Decision';
import { Stands } from './Stands';
import { Steps } from './Steps';

const TABS = [
  ['round', 'The round from here'],
  ['decision', 'What to do'],
  ['costs', 'Costs of this shop'],
] as const;

/** Which test pays, in which order, and what to do about the engine. */
export function PlanStation({ sheet, whole }: ScreenProps) {
  const planned = usePlan(sheet);
  const [tab, setTab] = useState('round');
  return (
    <>
      <main className="flex min-h-0 min-w-0 flex-1 flex-col" aria-label="Plan">
        <h2 className="px-5 pt-3 text-[1.375rem] font-semibold narrow:px-3">Plan</h2>
        <BenchTabs value={tab} onChange={setTab} tabs={TABS}>
          <BenchTab value="round">
            <Stands sheet={sheet} />
            {planned ? <Steps sheet={sheet} plan={planned.plan} paths={whole.paths} /> : <Waiting />}
          </BenchTab>
          <BenchTab value="decision">
            {planned ? <Decision sheet={sheet} decision={planned.plan.decision} /> : <Waiting />}
          </BenchTab>
          <BenchTab value="costs">
            <Costs />
          </BenchTab>
        </BenchTabs>
      </main>
      <VerdictPanel sheet={sheet} />
    </>
  );
}

function Waiting() {
  return (
    <p className="text-soft" role="status">
      Working out what pays.
    </p>
  );
}
