import { useState } from 'react';
import type { Sheet } from '../api/client';
import type { ScreenProps } from '../station/station';
import { Findings } from '../examination/Findings';
import { Pad } from '../station/Pad';
import { SheetTable } from '../station/SheetTable';
import { GaugeButton } from '../instruments/GaugeStrip';
import { type Gauge, useGauge } from '../instruments/useGauge';
import { Traces } from '../instruments/Traces';
import { VerdictPanel } from '../verdict/VerdictPanel';
import { BenchTab, BenchTabs, CautionList } from '../ui/BenchTabs';
import { Choice } from '../ui/Choice';
import { byTouch, Keypad } from '../ui/Keypad';
import { alike, rootOf, rounded, withinRange } from '../units/figure';
import { Tick } from '../ui/Tick';
import { useUnits } from '../units/UnitsContext';
import { LeakdownRows } from './LeakdownRows';
import { LeakdownSchools } from './LeakdownSchools';
import { PracticeAir } from '../practice/PracticeAir';
import { usePractice } from '../practice/usePractice';
import { LiveTester } from './LiveTester';
import { ListeningBoard } from './ListeningBoard';
import { nameOf, TesterBar } from './Testers';
import { TurningGuide } from './TurningGuide';
import { ValveClearance } from './ValveClearance';
import { type LeakdownHand, useLeakdown } from './useLeakdown';
import { labelOf } from '../api/labelOf';
import { readingCell } from '../ui/useTypedCell';
import { MoveTo } from '../ui/MoveTo';
import { label, labels } from '../words/labels';

/** What the bench needs under the rows before the section may take more. */
const BENCH = 352;
const WITH_KEYPAD = 724;

/** The leak-down bench: read, listen, turn to the next in firing order, all within one hand's reach. */
export function LeakdownStation({ sheet, whole }: ScreenProps) {
  const hand = useLeakdown(sheet);
  const gauge = useGauge('LEAKDOWN', sheet.job.id);
  const practice = usePractice(sheet.job.id);
  const [tab, setTab] = useState(hand.tester ? 'listen' : 'tester');
  const [keypad, setKeypad] = useState(byTouch);
  const doubts = sheet.leakdown.faults.length;
  const tabs = [
    ['listen', 'Listen, turn'],
    ['tester', 'Tester'],
    ['valves', 'Valve clearance'],
    ['results', doubts ? `Results (${doubts})` : 'Results'],
    ['schools', 'Schools'],
    ['history', 'Attempts'],
    ['cautions', 'Cautions'],
  ] as const;
  return (
    <>
      <Pad
        sheet={sheet}
        current={hand.cylinder}
        least={keypad ? WITH_KEYPAD : BENCH}
        table={(columns, measure) => (
          <SheetTable
            sheet={sheet}
            columns={columns}
            measure={measure}
            rows={whole.rows}
            brief
            own={{
              station: 'LEAKDOWN',
              rows: <LeakdownRows sheet={sheet} columns={columns} measure={measure} hand={hand} />,
            }}
          />
        )}
      >
        {practice.state ? (
          <PracticeAir
            sheet={sheet}
            hand={hand}
            practice={practice}
            onTester={() => setTab('listen')}
            name={labelOf(sheet, hand.cylinder)}
          />
        ) : (
          <LiveTester hand={hand} gauge={gauge} name={labelOf(sheet, hand.cylinder)} />
        )}
        <BenchTabs value={tab} onChange={setTab} tabs={tabs}>
          <BenchTab value="listen">
            {hand.problem && <p className="refusal">{hand.problem}</p>}
            <div className="grid grid-cols-[1.5fr_1fr] gap-x-6 gap-y-4">
              <ListeningBoard sheet={sheet} hand={hand} />
              {!keypad && <Turn sheet={sheet} hand={hand} gauge={gauge} onKeypad={() => setKeypad(true)} />}
              {keypad && (
                <>
                  <div className="order-first col-span-2 grid grid-cols-[19rem_1fr] gap-5">
                    <Keypad
                      press={hand.press}
                      save={hand.save}
                      saves={hand.text ? 'Save' : 'Save reading'}
                      space="settling: next value"
                      hide={() => setKeypad(false)}
                    />
                    <Turn sheet={sheet} hand={hand} gauge={gauge} onKeypad={() => setKeypad(false)} shown />
                  </div>
                  <Sundries hand={hand} />
                </>
              )}
            </div>
            {!keypad && <Sundries hand={hand} />}
          </BenchTab>
          <BenchTab value="tester">
            {sheet.leakdown.testers.length === 0 && (
              <p className="max-w-[70ch] text-[1rem]">
                First the tester: two gauges, a dial of per cent, or zones. Its supply and orifice turn per
                cent into mm², which compares with any other tester. What you do not know can be calibrated
                later.
              </p>
            )}
            <TesterBar sheet={sheet} hand={hand} />
            <Conditions hand={hand} />
          </BenchTab>
          <BenchTab value="valves">
            <ValveClearance sheet={sheet} />
          </BenchTab>
          <BenchTab value="results">
            <Faults sheet={sheet} />
            <Results sheet={sheet} />
          </BenchTab>
          <BenchTab value="schools">
            <LeakdownSchools sheet={sheet} />
          </BenchTab>
          <BenchTab value="history">
            <History sheet={sheet} hand={hand} />
            <Traces sheet={sheet} station="LEAKDOWN" />
          </BenchTab>
          <BenchTab value="cautions">
            <CautionList cautions={sheet.leakdown.cautions} />
          </BenchTab>
        </BenchTabs>
      </Pad>
      <VerdictPanel sheet={sheet} current={hand.cylinder} />
    </>
  );
}

interface TurnProps {
  sheet: Sheet;
  hand: LeakdownHand;
  gauge: Gauge;
  onKeypad: () => void;
  shown?: boolean;
}

/** Where the crank goes next, and the tester's own check beside it. */
function Turn({ sheet, hand, gauge, onKeypad, shown = false }: TurnProps) {
  return (
    <div>
      <TurningGuide sheet={sheet} current={hand.cylinder} onNext={hand.goTo} />
      <div className="mt-1 flex flex-wrap items-center gap-x-4">
        <Tick label="zeroed, outlet shut" value={hand.zeroed} onChange={hand.setZeroed} />
        <button
          className="min-h-[2.75rem] min-w-[3.5rem] underline underline-offset-4 hover:text-act"
          aria-pressed={shown}
          onClick={onKeypad}
        >
          {shown ? 'Hide keypad' : 'Keypad'}
        </button>
        <GaugeButton gauge={gauge} onPress={() => readingCell()?.focus()} />
      </div>
    </div>
  );
}

/** What is asked beside the reading: how it was listened for, and what was done since the last attempt. */
function Sundries({ hand }: { hand: LeakdownHand }) {
  if (!hand.latest) {
    return null;
  }
  return (
    <div className="flex flex-wrap gap-x-6 gap-y-3">
      <DoneSince hand={hand} />
      <Choice
        label="Listened with"
        value={hand.listenedWith}
        options={labels('ListenedWith')}
        onChange={hand.setListenedWith}
      />
    </div>
  );
}

function Conditions({ hand }: { hand: LeakdownHand }) {
  const units = useUnits();
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
      <Choice label="Engine" value={hand.state} options={labels('RunState')} onChange={hand.setState} />
      <Choice
        label="Pass"
        value={hand.kind}
        options={labels('LeakdownKind')}
        onChange={(kind) => hand.setKind(kind ?? 'STANDARD')}
      />
      {hand.twoGauges && (
        <label className="block">
          <span className="heading mb-1 block">Supply now ({units.symbol('pressure')})</span>
          <input
            className="field font-mono"
            style={{ width: '7rem' }}
            inputMode="decimal"
            placeholder={
              hand.tester?.tester.supplyKPa != null
                ? units.format('pressure', hand.tester.tester.supplyKPa)
                : undefined
            }
            value={hand.supply}
            onChange={(e) => hand.setSupply(e.target.value.replace(/[^0-9.,]/g, ''))}
          />
        </label>
      )}
    </div>
  );
}

/** What was done between two attempts; it tells a leak that recovers from one that stays. */
function DoneSince({ hand }: { hand: LeakdownHand }) {
  return (
    <Choice
      label="Done since the last attempt"
      value={hand.before}
      options={labels('DoneBefore')}
      onChange={hand.setBefore}
    />
  );
}

function Results({ sheet }: { sheet: Sheet }) {
  if (sheet.leakdown.cylinders.length === 0) {
    return <p className="text-soft">Each reading becomes a leak area, a hole and an air flow here.</p>;
  }
  return (
    <>
      <ByTester sheet={sheet} />
      <table className="w-full text-left">
        <thead>
          <tr className="border-b border-ink">
            {[
              '',
              '%',
              'leak area, mm²',
              'as one hole',
              'free air',
              'on the master tester',
              'would have missed',
            ].map((h) => (
              <th key={h} className="py-1 pr-3 font-medium text-soft">
                {h}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {sheet.leakdown.cylinders.map((c) => (
            <tr key={c.cylinder} className={`border-b border-hair font-mono ${c.leaks ? 'text-leak' : ''}`}>
              <td className="py-1.5 pr-3 text-[1.125rem]">{labelOf(sheet, c.cylinder)}</td>
              <td className="pr-3">{c.percent.toFixed(0)}</td>
              <td className="pr-3">
                {c.areaMm2 ? `${rounded(c.areaMm2)} (${withinRange(c.areaMm2)})` : 'not known'}
              </td>
              <td className="pr-3">
                {c.holeMm != null && c.areaMm2 && `${rounded(rootOf(c.areaMm2, c.holeMm))} mm`}
              </td>
              <td className="pr-3">
                {c.freeAirLPerMin != null &&
                  c.areaMm2 &&
                  `${rounded(alike(c.areaMm2, c.freeAirLPerMin))} L/min`}
              </td>
              <td className="pr-3">{c.masterPercent != null && `${c.masterPercent.toFixed(0)} %`}</td>
              <td>{c.detectionMm2 != null && `${c.detectionMm2.toFixed(2)} mm²`}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {!sheet.leakdown.comparable && (
        <p className="mt-2 font-medium">
          Not comparable with other testers: orifice or supply of a tester is not known. What is said is a
          ranking within this engine. A bleed hole tells the rest.
        </p>
      )}
      <p className="mt-2 text-soft">
        Intervals hold the truth 19 times in 20. Hot reads better than cold, and a cold engine or a stand
        widens them.
      </p>
      {sheet.leakdown.crossChecks.map((c) => (
        <p key={c.text} className="mt-2">
          {c.text}
        </p>
      ))}
      <Findings sheet={sheet} findings={sheet.seen.findings.filter((s) => s.station === 'LEAKDOWN')} />
    </>
  );
}

function History({ sheet, hand }: { sheet: Sheet; hand: LeakdownHand }) {
  const units = useUnits();
  const testers = new Map(sheet.leakdown.testers.map((t) => [t.id, nameOf(t)]));
  const notCounted = new Map(sheet.leakdown.notCounted.map((n) => [n.readingId, n.reason]));
  if (sheet.leakdown.readings.length === 0) {
    return <p className="text-soft">All attempts are kept and listed here.</p>;
  }
  return (
    <ol className="divide-y divide-hair">
      {sheet.leakdown.readings.map((r, i) => (
        <li
          key={r.id}
          className={`flex flex-wrap gap-x-4 py-1.5 ${r.setAside ? 'text-soft line-through' : ''}`}
        >
          <span className="w-8 font-mono text-[1.125rem]">{labelOf(sheet, r.cylinder)}</span>
          <span className="w-28 font-mono">
            {r.reading.leakPercent != null
              ? `${r.reading.leakPercent} %`
              : units.withUnit('pressure', r.reading.cylinderKPa ?? 0)}
          </span>
          <span className="text-soft">
            {[
              `attempt ${sheet.leakdown.readings.slice(0, i + 1).filter((b) => b.cylinder === r.cylinder).length}`,
              r.reading.settling?.length &&
                `settled from ${r.reading.settling.map((v) => v.toFixed(0)).join(', ')} %`,
              r.reading.settlingKPa?.length &&
                `settled from ${r.reading.settlingKPa.map((v) => units.format('pressure', v)).join(', ')} ${units.symbol('pressure')}`,
              r.reading.kind !== 'STANDARD' && label('LeakdownKind', r.reading.kind),
              r.reading.state && label('RunState', r.reading.state),
              r.reading.zeroed && 'zeroed, outlet shut',
              r.reading.doneBefore && `after: ${label('DoneBefore', r.reading.doneBefore)}`,
              testers.get(r.testerId),
            ]
              .filter(Boolean)
              .join(', ')}
          </span>
          <button
            className="ml-auto min-h-[2.75rem] underline underline-offset-2 hover:text-act"
            onClick={() => hand.setAside(r.id, r.setAside ? null : 'misread')}
          >
            {r.setAside ? 'Count it again' : 'Set aside'}
          </button>
          <div className="w-full pl-12">
            {notCounted.get(r.id) && (
              <p className="font-medium">Does not count on this engine: {notCounted.get(r.id)}</p>
            )}
            <MoveTo sheet={sheet} from={r.cylinder} onMove={(c) => hand.move(r.id, c)} />
            {Object.keys(r.reading.heard ?? {}).length > 0 && (
              <MoveTo
                sheet={{ ...sheet, cylinders: others(sheet, r.cylinder) }}
                from={r.cylinder}
                words="What was heard belongs to"
                onMove={(c) => hand.moveHeard(r.id, lastOf(sheet, c)!.id)}
              />
            )}
          </div>
        </li>
      ))}
    </ol>
  );
}

function lastOf(sheet: Sheet, cylinder: number) {
  return sheet.leakdown.readings.filter((r) => r.cylinder === cylinder).at(-1);
}

/** Cylinders that what was heard could be handed to: this one, and those that were read. */
function others(sheet: Sheet, cylinder: number) {
  return sheet.cylinders.filter((c) => c.number === cylinder || lastOf(sheet, c.number));
}

function Faults({ sheet }: { sheet: Sheet }) {
  if (sheet.leakdown.faults.length === 0) {
    return null;
  }
  return (
    <ul className="space-y-2">
      {sheet.leakdown.faults.map((f) => (
        <li key={f.kind + f.cylinders.join()}>
          {f.text} <span className="text-act">{f.remedy}</span>
        </li>
      ))}
    </ul>
  );
}

/** The same cylinders on each tester that was used: the per cent differ, the areas should not. */
function ByTester({ sheet }: { sheet: Sheet }) {
  const { byTester } = sheet.leakdown;
  if (byTester.length === 0) {
    return null;
  }
  const cylinders = [...new Set(byTester.map((r) => r.cylinder))];
  const testers = [...new Set(byTester.map((r) => r.tester))];
  return (
    <table className="mb-4 w-full text-left">
      <thead>
        <tr className="border-b border-ink">
          <th className="heading py-1">Tester by tester</th>
          {cylinders.map((c) => (
            <th key={c} className="pr-3 font-mono text-[1.125rem]">
              {labelOf(sheet, c)}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {testers.map((t) => (
          <tr key={t} className="border-b border-hair align-top">
            <td className="py-1.5 pr-3">{t}</td>
            {cylinders.map((c) => {
              const r = byTester.find((x) => x.tester === t && x.cylinder === c);
              return (
                <td key={c} className="pr-3 font-mono">
                  {r && `${r.percent.toFixed(0)} %`}
                  {r?.areaMm2 && (
                    <span className="block text-[0.8125rem] text-soft">{rounded(r.areaMm2)} mm²</span>
                  )}
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
