import { useState } from 'react';
import type { ScreenProps } from '../station/station';
import { columnsOf, measure } from '../section/layout';
import { Section } from '../section/Section';
import { SheetTable } from '../station/SheetTable';
import { useWidth } from '../section/useWidth';
import { VerdictPanel } from '../verdict/VerdictPanel';
import { BenchTab, BenchTabs, CautionList } from '../ui/BenchTabs';
import { BuildUpCurves } from './BuildUpCurves';
import { ConditionsForm } from './ConditionsForm';
import { Keypad } from './Keypad';
import { Measuring } from './Measuring';
import { PassButtons } from './PassButtons';
import { ReadingRows } from './ReadingRows';
import { SchoolsTable } from './SchoolsTable';
import { useEntry } from './useEntry';

/** The compression bench: section above, one column a cylinder, readings underneath in the same columns. */
export function CompressionStation({ sheet, whole }: ScreenProps) {
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
    ['schools', sheet.schoolsDisagree ? 'Schools disagree' : 'Schools'],
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
            <SheetTable
              sheet={sheet}
              columns={columns}
              measure={m}
              rows={whole.rows}
              own={{
                station: 'COMPRESSION',
                rows: <ReadingRows sheet={sheet} columns={columns} measure={m} entry={entry} />,
              }}
            />
            <PassButtons sheet={sheet} entry={entry} keypad={keypad} onKeypad={() => setKeypad(!keypad)} />
          </div>
        )}
        {keypad && <Keypad entry={entry} onHide={() => setKeypad(false)} />}
        <BenchTabs value={tab} onChange={setTab} tabs={tabs}>
          <BenchTab value="curves">
            <BuildUpCurves sheet={sheet} pass={entry.pass} current={entry.cylinder} />
          </BenchTab>
          <BenchTab value="schools">
            <SchoolsTable sheet={sheet} />
          </BenchTab>
          <BenchTab value="conditions">
            <ConditionsForm key={entry.pass.id} sheet={sheet} pass={entry.pass} />
          </BenchTab>
          <BenchTab value="measuring">
            <Measuring sheet={sheet} />
          </BenchTab>
          <BenchTab value="cautions">
            <CautionList cautions={sheet.cautions} />
          </BenchTab>
        </BenchTabs>
      </div>
      <VerdictPanel sheet={sheet} current={entry.cylinder} />
    </>
  );
}
