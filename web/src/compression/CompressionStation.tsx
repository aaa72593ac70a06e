import { Tabs } from 'radix-ui';
import { useState } from 'react';
import type { Sheet } from '../api/client';
import { columnsOf, measure } from '../section/layout';
import { Section } from '../section/Section';
import { useWidth } from '../section/useWidth';
import { VerdictPanel } from '../sheet/VerdictPanel';
import { BuildUpCurves } from './BuildUpCurves';
import { ConditionsForm } from './ConditionsForm';
import { Keypad } from './Keypad';
import { Measuring } from './Measuring';
import { PassButtons } from './PassButtons';
import { ReadingRows } from './ReadingRows';
import { SchoolsTable } from './SchoolsTable';
import { useEntry } from './useEntry';

/** The compression bench: section above, one column a cylinder, readings underneath in the same columns. */
export function CompressionStation({ sheet }: { sheet: Sheet }) {
  const [ref, width] = useWidth();
  const columns = columnsOf(sheet.engine.engine);
  const m = measure(width, columns);
  const entry = useEntry(sheet);
  const [tab, setTab] = useState('curves');
  // Shown at once where there is no mouse.
  const [keypad, setKeypad] = useState(() => matchMedia('(pointer: coarse)').matches);
  const doubts = sheet.compression.faults.filter((f) => f.kind !== 'SPEED_UNKNOWN').length;
  const tabs = [
    ['curves', 'Build-up'],
    ['schools', sheet.compression.schoolsDisagree ? 'Schools disagree' : 'Schools'],
    ['conditions', 'Conditions'],
    ['measuring', doubts ? `Measuring (${doubts})` : 'Measuring'],
    ['cautions', 'Cautions'],
  ] as const;
  return (
    <>
      <div ref={ref} className="flex min-h-0 min-w-0 flex-1 flex-col overflow-y-auto">
        {width > 0 && (
          <div className="shrink-0 overflow-x-auto overflow-y-hidden">
            <Section sheet={sheet} columns={columns} measure={m} current={entry.cylinder} />
            <ReadingRows sheet={sheet} columns={columns} measure={m} entry={entry} />
            <PassButtons sheet={sheet} entry={entry} keypad={keypad} onKeypad={() => setKeypad(!keypad)} />
          </div>
        )}
        {keypad && <Keypad entry={entry} onHide={() => setKeypad(false)} />}
        <Tabs.Root value={tab} onValueChange={setTab} className="flex flex-1 flex-col border-t border-ink">
          <Tabs.List className="flex border-b border-hair" aria-label="The bench">
            {tabs.map(([value, name]) => (
              <Tabs.Trigger
                key={value}
                value={value}
                className="min-h-[44px] border-b-4 border-transparent px-4 text-[16px] text-soft data-[state=active]:border-act data-[state=active]:text-ink"
              >
                {name}
              </Tabs.Trigger>
            ))}
          </Tabs.List>
          <Tabs.Content value="curves" className="p-3">
            <BuildUpCurves sheet={sheet} pass={entry.pass} current={entry.cylinder} />
          </Tabs.Content>
          <Tabs.Content value="schools" className="p-3">
            <SchoolsTable sheet={sheet} />
          </Tabs.Content>
          <Tabs.Content value="conditions" className="p-4">
            <ConditionsForm key={entry.pass.id} sheet={sheet} pass={entry.pass} />
          </Tabs.Content>
          <Tabs.Content value="measuring" className="p-4">
            <Measuring sheet={sheet} />
          </Tabs.Content>
          <Tabs.Content value="cautions" className="p-4">
            <ul className="max-w-[70ch] space-y-2 text-[16px]">
              {sheet.cautions.map((c) => (
                <li key={c} className="border-l-4 border-leak pl-3">
                  {c}
                </li>
              ))}
            </ul>
            <p className="mt-3 text-soft">
              Decision support, not a certificate: local codes and licensed practice come first.
            </p>
          </Tabs.Content>
        </Tabs.Root>
      </div>
      <VerdictPanel sheet={sheet} current={entry.cylinder} />
    </>
  );
}
