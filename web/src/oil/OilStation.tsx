import { useState } from 'react';
import type { Sheet } from '../api/client';
import { JustSaid } from '../examination/StationFrame';
import { Findings } from '../examination/Findings';
import type { ScreenProps } from '../station/station';
import { BenchTab, BenchTabs, CautionList } from '../ui/BenchTabs';
import { Choice } from '../ui/Choice';
import { useUnits } from '../units/UnitsContext';
import { VerdictPanel } from '../verdict/VerdictPanel';
import { labels } from '../words/labels';
import { Due } from './Due';
import { EntryBar } from './EntryBar';
import { describeEntry, rateInWords } from './inWords';
import { LevelChart } from './LevelChart';
import { Lines } from './Lines';
import { Page } from './Page';
import { AlsoAs, Changes, Faults, Notes, Proofs } from './Results';
import { Schools } from './Schools';
import { Trials } from './Trials';
import { type Axis, type OilHand, useOil } from './useOil';
import { Ways } from './Ways';

const CAUTIONS = [
  'Running low kills the engine: top up at the low mark, whatever the trial says.',
  'Dip with the engine stopped; hot oil burns. Hands clear of fan and belts that may start by themselves.',
  'Never fill above the full mark: what stands above it is thrown at the crank and out of the breather.',
  'Used oil and filters by local rules.',
];

/** The oil bench: the log of the engine drawn as its stick in time, the next line under the hand, and what it says. */
export function OilStation({ sheet }: ScreenProps) {
  const hand = useOil(sheet);
  const { analysis } = sheet.oil;
  const [meter, setMeter] = useState<Axis['meter']>();
  const axis = analysis.axes.find((a) => a.meter === meter) ?? analysis.axes[0];
  const [tab, setTab] = useState(sheet.oil.entries.length ? 'results' : 'page');
  const tabs = [
    ['results', analysis.faults.length ? `Results (${analysis.faults.length})` : 'Results'],
    ['page', 'Paste a page'],
    ['lines', 'Lines'],
    ['schools', 'Schools'],
    ['ways', 'Where it goes'],
    ['trial', 'Trial'],
    ['cautions', 'Cautions'],
  ] as const;
  return (
    <>
      <div className="flex min-h-0 min-w-0 flex-1 flex-col">
        <div className="shrink-0 border-b border-hair px-4 pt-2">
          <Head sheet={sheet} axis={axis} setMeter={setMeter} />
          {(sheet.oil.entries.length > 0 || tab !== 'page') && (
            <LevelChart sheet={sheet} axis={axis} hand={hand} />
          )}
          <Chosen sheet={sheet} hand={hand} />
        </div>
        <EntryBar hand={hand} />
        <BenchTabs value={tab} onChange={setTab} tabs={tabs}>
          <BenchTab value="results">
            <Faults sheet={sheet} hand={hand} />
            <div className="grid grid-cols-2 gap-6 narrow:grid-cols-1">
              <div className="space-y-3">
                <Proofs sheet={sheet} />
                <AlsoAs sheet={sheet} />
              </div>
              <Due sheet={sheet} />
            </div>
            <Changes sheet={sheet} />
            <Notes sheet={sheet} />
            <Findings sheet={sheet} findings={sheet.seen.findings.filter((s) => s.station === 'OIL')} />
          </BenchTab>
          <BenchTab value="page">
            <Page sheet={sheet} done={() => setTab('results')} />
          </BenchTab>
          <BenchTab value="lines">
            <Lines sheet={sheet} hand={hand} />
          </BenchTab>
          <BenchTab value="schools">
            <Schools sheet={sheet} />
          </BenchTab>
          <BenchTab value="ways">
            <Ways sheet={sheet} />
          </BenchTab>
          <BenchTab value="trial">
            <Trials sheet={sheet} axis={axis} />
          </BenchTab>
          <BenchTab value="cautions">
            <CautionList cautions={CAUTIONS} />
          </BenchTab>
        </BenchTabs>
        <JustSaid sheet={sheet} />
      </div>
      <VerdictPanel sheet={sheet} />
    </>
  );
}

/** The rate at arm's length, the sentence for the owner, and by what it is counted. */
function Head({
  sheet,
  axis,
  setMeter,
}: {
  sheet: Sheet;
  axis?: Axis;
  setMeter: (m: Axis['meter'] | undefined) => void;
}) {
  const units = useUnits();
  const { analysis, entries } = sheet.oil;
  const told = rateInWords(units, analysis, axis);
  if (entries.length === 0) {
    return (
      <div className="pb-3">
        <h2 className="text-[1.375rem] leading-tight font-semibold">Oil use</h2>
        <p className="max-w-[80ch] text-soft">
          The log belongs to the engine, across its jobs. Dip level, after ten minutes, and write down
          distance or hours; or paste a page of a notebook as it is.
        </p>
      </div>
    );
  }
  const doubtful = analysis.faults.length > 0;
  return (
    <div className="flex flex-wrap items-end justify-between gap-x-6 gap-y-1 pb-1">
      <div className="min-w-0 flex-1">
        <p className="text-[1.5rem] leading-tight">
          {told ? (
            <>
              <span className={`font-mono ${doubtful ? 'text-soft' : 'text-oil'}`}>{told.figure}</span>{' '}
              <span className="font-semibold">{told.unit}</span>{' '}
              <span className="text-[1.0625rem] text-soft">
                {told.range}
                {doubtful && ', if the log holds together'}
              </span>
            </>
          ) : (
            <span className="font-semibold">No rate yet</span>
          )}
        </p>
        <p className="text-[1.0625rem]">{analysis.says}</p>
      </div>
      {analysis.axes.length > 1 && (
        <Choice
          label="Counted by"
          value={axis?.meter}
          options={labels<Axis['meter']>('Meter').filter(([m]) => analysis.axes.some((a) => a.meter === m))}
          onChange={(m) => setMeter(m)}
        />
      )}
    </div>
  );
}

/** The line that is pointed at, in words: hover, a tap, or the arrow keys in the drawing. */
function Chosen({ sheet, hand }: { sheet: Sheet; hand: OilHand }) {
  const units = useUnits();
  const stored = hand.chosen === undefined ? undefined : sheet.oil.entries[hand.chosen];
  return sheet.oil.entries.length === 0 ? null : (
    <p className="min-h-[1.5rem] truncate pb-1 text-soft" aria-live="polite">
      {stored
        ? describeEntry(units, stored.entry)
        : 'Point at a line of the log, or go through them with ← → in the drawing.'}
    </p>
  );
}
