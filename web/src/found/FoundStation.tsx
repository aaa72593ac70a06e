import { useState } from 'react';
import type { ScreenProps } from '../station/station';
import { useExamine } from '../examination/useExamine';
import { MakeCase } from '../practice/MakeCase';
import { key, useKeys } from '../keys/useKeys';
import { columnsOf, measure } from '../section/layout';
import { around, asTheyStand } from '../section/order';
import { useSize } from '../section/useSize';
import { useLetterhead } from '../shop/useLetterhead';
import { BenchTab, BenchTabs } from '../ui/BenchTabs';
import { EnginePanel } from './EnginePanel';
import { OpenedPanel, WorkPanel } from './OpenedPanel';
import { type At, OpenedSection } from './OpenedSection';
import { OutcomePanel } from './OutcomePanel';
import { PartPanel } from './PartPanel';
import { partsOf } from './parts';
import { TrialPanel } from './TrialPanel';

const TABS = [
  ['part', 'Part by part'],
  ['engine', 'Whole engine'],
  ['opened', 'Opened, limits'],
  ['work', 'Work and cost'],
  ['trial', 'A trial'],
] as const;

/** What was found when the engine was opened or mended, on the section taken apart. */
export function FoundStation({ sheet }: ScreenProps) {
  const examine = useExamine(sheet.job.id, 'found');
  const columns = columnsOf(sheet.engine.engine);
  const order = asTheyStand(sheet.engine.engine);
  const parts = partsOf(sheet.engine.engine.cycle === 'TWO_STROKE');
  const [at, setAt] = useState<At>({ part: parts[0]!, cylinder: order[0]! });
  const [tab, setTab] = useState('part');
  const [place, { width }] = useSize();
  const { letterhead } = useLetterhead();
  const pick = (next: At) => {
    setAt(next);
    setTab('part');
  };
  useKeys([
    {
      shown: '← →',
      does: 'another cylinder',
      on: key('ArrowLeft'),
      run: () => pick({ ...at, cylinder: around(order, at.cylinder, -1) }),
    },
    { on: key('ArrowRight'), run: () => pick({ ...at, cylinder: around(order, at.cylinder, 1) }) },
    {
      shown: '↑ ↓',
      does: 'another part',
      on: key('ArrowUp'),
      run: () => pick({ ...at, part: around(parts, at.part, -1) }),
    },
    { on: key('ArrowDown'), run: () => pick({ ...at, part: around(parts, at.part, 1) }) },
  ]);
  return (
    <>
      <div className="flex min-h-0 min-w-0 flex-1 flex-col">
        <div className="shrink-0 overflow-x-auto border-b border-hair pb-1" ref={place}>
          <h2 className="sr-only">Found</h2>
          <OpenedSection
            sheet={sheet}
            columns={columns}
            measure={{ ...measure(width, columns), unit: 8 }}
            at={at}
            onPick={pick}
          />
        </div>
        {examine.error && (
          <p role="alert" className="refusal px-4 pt-2">
            {examine.error}
          </p>
        )}
        <BenchTabs value={tab} onChange={setTab} tabs={TABS}>
          <BenchTab value="part">
            <PartPanel sheet={sheet} at={at} examine={examine} />
          </BenchTab>
          <BenchTab value="engine">
            <EnginePanel sheet={sheet} examine={examine} />
          </BenchTab>
          <BenchTab value="opened">
            <OpenedPanel sheet={sheet} examine={examine} />
            <MakeCase jobId={sheet.job.id} />
          </BenchTab>
          <BenchTab value="trial">
            <TrialPanel sheet={sheet} />
          </BenchTab>
          <BenchTab value="work">
            <WorkPanel sheet={sheet} examine={examine} money={letterhead?.money ?? undefined} />
          </BenchTab>
        </BenchTabs>
      </div>
      <OutcomePanel sheet={sheet} />
    </>
  );
}
