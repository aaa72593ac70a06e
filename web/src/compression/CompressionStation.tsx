import { useState } from 'react';
import { Link } from 'react-router';
import type { ScreenProps } from '../station/station';
import { Pad } from '../station/Pad';
import { SheetTable } from '../station/SheetTable';
import { Traces } from '../instruments/Traces';
import { VerdictPanel } from '../verdict/VerdictPanel';
import { byTouch, Keypad } from '../ui/Keypad';
import { BenchTab, BenchTabs, CautionList } from '../ui/BenchTabs';
import { BuildUpCurves } from './BuildUpCurves';
import { ConditionsForm } from './ConditionsForm';
import { Measuring } from './Measuring';
import { PassButtons } from './PassButtons';
import { ReadingRows } from './ReadingRows';
import { SchoolsTable } from './SchoolsTable';
import { useEntry } from './useEntry';

/** What the bench needs under the rows before the section may take more; with the keypad beside it, its keys too. */
const BENCH = 176;
const WITH_KEYPAD = 300;

/** The compression bench: section above, one column a cylinder, readings underneath in the same columns. */
export function CompressionStation({ sheet, whole }: ScreenProps) {
  const entry = useEntry(sheet);
  const [tab, setTab] = useState('curves');
  const [keypad, setKeypad] = useState(byTouch);
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
      <Pad
        sheet={sheet}
        current={entry.cylinder}
        least={keypad ? WITH_KEYPAD : BENCH}
        rowsYield={!keypad}
        table={(columns, measure) => (
          <SheetTable
            sheet={sheet}
            columns={columns}
            measure={measure}
            rows={whole.rows}
            own={{
              station: 'COMPRESSION',
              rows: <ReadingRows sheet={sheet} columns={columns} measure={measure} entry={entry} />,
            }}
          />
        )}
        bar={<PassButtons sheet={sheet} entry={entry} keypad={keypad} onKeypad={() => setKeypad(!keypad)} />}
      >
        <div className="flex min-h-0 flex-1 border-t border-ink">
          {keypad && (
            <div className="w-[17rem] shrink-0 overflow-y-auto border-r border-ink p-2">
              <Keypad
                press={entry.press}
                save={entry.save}
                saves={entry.open && !entry.text ? 'Next cylinder' : 'Save'}
                hide={() => setKeypad(false)}
              />
            </div>
          )}
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
              <Traces sheet={sheet} station="COMPRESSION" />
              <Link className="button mt-4 inline-flex" to={`/jobs/${sheet.job.id}/waveforms`}>
                Waveforms{sheet.waveforms.kept.length > 0 && ` (${sheet.waveforms.kept.length})`}
              </Link>
            </BenchTab>
            <BenchTab value="cautions">
              <CautionList cautions={sheet.cautions} />
            </BenchTab>
          </BenchTabs>
        </div>
      </Pad>
      <VerdictPanel sheet={sheet} current={entry.cylinder} />
    </>
  );
}
