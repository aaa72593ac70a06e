import { useState } from 'react';
import type { Sheet } from '../api/client';
import { JustSaid } from '../examination/StationFrame';
import { Findings } from '../examination/Findings';
import { GaugeButton } from '../instruments/GaugeStrip';
import { type Gauge, useGauge } from '../instruments/useGauge';
import type { ScreenProps } from '../station/station';
import { askedNote } from '../ui/askedNote';
import { BenchTab, BenchTabs, CautionList } from '../ui/BenchTabs';
import { Choice } from '../ui/Choice';
import { byTouch, Keypad } from '../ui/Keypad';
import { NotedCell } from '../ui/NotedCell';
import { QuantityField } from '../ui/QuantityField';
import { readingCell } from '../ui/useTypedCell';
import { useUnits } from '../units/UnitsContext';
import { Traces } from '../instruments/Traces';
import { VerdictPanel } from '../verdict/VerdictPanel';
import { capital, label, labels } from '../words/labels';
import { GaugeChecks } from './GaugeChecks';
import { LiveManometer } from './LiveManometer';
import { Readings } from './Readings';
import { Results } from './Results';
import { Schools } from './Schools';
import { SetUp } from './SetUp';
import { SlackTube, TubeWords } from './SlackTube';
import { Tools } from './Tools';
import { type BlowbyHand, type Point, useBlowby } from './useBlowby';

const STOP_PA = 2500;

/** The blow-by bench: the crankcase as found, then through the orifice, point by point. */
export function BlowbyStation({ sheet }: ScreenProps) {
  const hand = useBlowby(sheet);
  const gauge = useGauge('MANOMETER', sheet.job.id);
  const units = useUnits();
  const [tab, setTab] = useState(hand.checked.length || hand.point !== 'AS_FOUND' ? 'readings' : 'setup');
  const toCheck = sheet.blowby.setUp;
  const done = toCheck.filter((c) => hand.checked.includes(c)).length;
  const tabs = [
    ['setup', `Set-up (${done} of ${toCheck.length})`],
    ['readings', 'Readings'],
    ['results', 'Results'],
    ['schools', 'Schools'],
    ['tools', 'Instruments'],
    ['cautions', 'Cautions'],
  ] as const;
  return (
    <>
      <div className="flex min-h-0 min-w-0 flex-1 flex-col">
        <div className="shrink-0 border-b border-ink px-4 pt-3 pb-2">
          <div className="flex flex-wrap items-end justify-between gap-x-4 gap-y-2">
            <Choice<Point>
              label="Point of the test"
              value={hand.point}
              options={labels('BlowbyPoint')}
              onChange={(p) => p && hand.goTo(p)}
            />
            <p className="font-medium text-leak">
              {hand.point === 'AS_FOUND'
                ? 'Ventilation working, engine idling: nothing shut yet.'
                : `Stop at ${units.withUnit('crankcase', STOP_PA)}: a shut crankcase blows its seals out.`}
            </p>
          </div>
          <Bench sheet={sheet} hand={hand} gauge={gauge} />
        </div>
        <LiveManometer hand={hand} gauge={gauge} />
        <GaugeChecks sheet={sheet} hand={hand} />
        <BenchTabs value={tab} onChange={setTab} tabs={tabs}>
          <BenchTab value="setup">
            <SetUp sheet={sheet} hand={hand} />
          </BenchTab>
          <BenchTab value="readings">
            <Readings sheet={sheet} hand={hand} />
            <Traces sheet={sheet} station="BLOWBY" />
          </BenchTab>
          <BenchTab value="results">
            <Results sheet={sheet} />
            <Findings sheet={sheet} findings={sheet.seen.findings.filter((s) => s.station === 'BLOWBY')} />
          </BenchTab>
          <BenchTab value="schools">
            <Schools sheet={sheet} />
          </BenchTab>
          <BenchTab value="tools">
            <Tools sheet={sheet} hand={hand} />
          </BenchTab>
          <BenchTab value="cautions">
            <CautionList cautions={sheet.blowby.cautions} />
          </BenchTab>
        </BenchTabs>
        <JustSaid sheet={sheet} />
      </div>
      <VerdictPanel sheet={sheet} />
    </>
  );
}

/** The instrument as it stands, what it says at once, and the button that keeps it. */
function Bench({ sheet, hand, gauge }: { sheet: Sheet; hand: BlowbyHand; gauge: Gauge }) {
  const [keypad, setKeypad] = useState(byTouch);
  const slack = hand.gauge === 'SLACK_TUBE';
  return (
    <div className="mt-2 grid grid-cols-[18rem_1fr] gap-x-4">
      <div className="flex min-h-[15.5rem] flex-col">
        {slack ? (
          <SlackTube hand={hand} />
        ) : keypad ? (
          <Keypad
            press={hand.typed.press}
            save={hand.save}
            saves="Save reading"
            hide={() => setKeypad(false)}
          />
        ) : (
          <Digits hand={hand} />
        )}
      </div>
      <div className="flex min-w-0 flex-col gap-2">
        <div className="flex flex-wrap items-end gap-x-3 gap-y-2">
          <Choice
            label="Read on"
            value={hand.gauge}
            options={labels('CrankcaseGauge')}
            onChange={(g) => g && hand.setGauge(g)}
          />
          {slack && hand.tube === 'U' && (
            <Choice
              label="What of it"
              value={hand.way}
              options={[
                ['both', 'both legs'],
                ['one', 'one leg'],
                ['height', 'height'],
              ]}
              onChange={(w) => w && hand.setWay(w)}
            />
          )}
        </div>
        <Typed sheet={sheet} hand={hand} />
        <Figures sheet={sheet} hand={hand} />
        {slack && <TubeWords hand={hand} />}
        <div className="mt-auto flex flex-wrap items-center gap-3">
          <button className="button button-main min-w-[9rem] text-[1.125rem]" onClick={hand.save}>
            Save {label('BlowbyPoint', hand.point)}
          </button>
          <label className="flex min-h-[2.75rem] items-center gap-2">
            <input
              type="checkbox"
              className="size-5"
              checked={hand.pulsing}
              onChange={(e) => hand.setPulsing(e.target.checked)}
            />
            pulsing, a mean was read
          </label>
          <GaugeButton gauge={gauge} onPress={() => readingCell()?.focus()} />
          {!slack && !keypad && (
            <button className="button" onClick={() => setKeypad(true)}>
              Keypad
            </button>
          )}
        </div>
        {hand.problem && <p className="refusal">{hand.problem}</p>}
      </div>
    </div>
  );
}

/** What a digital gauge shows, as large as it shows it. */
function Digits({ hand }: { hand: BlowbyHand }) {
  const units = useUnits();
  return (
    <div className="flex flex-1 flex-col items-center justify-center border-2 border-ink bg-well">
      <span className="font-mono text-[3.5rem] leading-none">{hand.typed.text || '–'}</span>
      <span className="mt-2 text-[1.25rem] text-soft">{units.symbol('crankcase')}</span>
      <span className="mt-4 px-3 text-center text-soft">
        {hand.digital.gauge ?? 'Zero it with its hose off, then put it on the tap.'}
      </span>
    </div>
  );
}

const NARROW = 'w-[5.5rem]';

/** The numbers of the reading, typed: the legs, the height, or what the gauge shows. */
function Typed({ sheet, hand }: { sheet: Sheet; hand: BlowbyHand }) {
  const units = useUnits();
  const { levels, setLevels, gauge, way, typed } = hand;
  const digital = gauge === 'DIGITAL';
  return (
    <div className="flex flex-wrap items-start gap-x-3 gap-y-2">
      {digital && (
        <div className={NARROW}>
          <label className="mb-1 block text-soft" htmlFor="crankcase-pressure">
            {units.symbol('crankcase')}
          </label>
          <NotedCell note={askedNote(typed.asked, typed.refused)} dismiss={typed.clear}>
            <input
              id="crankcase-pressure"
              data-readings
              className="field font-mono text-[1.375rem]"
              inputMode="decimal"
              autoComplete="off"
              value={typed.text}
              onChange={(e) => typed.type(e.target.value)}
            />
          </NotedCell>
        </div>
      )}
      {!digital && way === 'both' && (
        <>
          <Leg
            label="Up, mm"
            first
            value={hand.up}
            touched={hand.touched}
            set={(v) => setLevels({ ...levels, open: levels.index + v })}
          />
          <Leg
            label="Down, mm"
            value={hand.down}
            touched={hand.touched}
            set={(v) => setLevels({ ...levels, crankcase: levels.index - v })}
          />
        </>
      )}
      {!digital && way === 'one' && (
        <Leg
          label="One leg, mm"
          first
          value={levels.open}
          touched={hand.touched}
          set={(v) => setLevels({ ...levels, open: v, crankcase: -v })}
        />
      )}
      {!digital && way === 'height' && (
        <Leg
          label={hand.tube === 'INCLINED' ? 'Slope, mm' : 'Height, mm'}
          first
          value={levels.open - levels.crankcase}
          touched={hand.touched}
          set={(v) =>
            setLevels(
              hand.tube === 'U'
                ? { ...levels, open: v / 2, crankcase: -v / 2 }
                : { ...levels, open: v, crankcase: 0 },
            )
          }
        />
      )}
      <div className={NARROW}>
        <QuantityField label="Speed" unit="rpm" value={hand.rpm} onCommit={hand.setRpm} />
      </div>
      {hand.vent === 'SHUT' && (
        <div className={NARROW}>
          <QuantityField
            label="Orifice"
            quantity="length"
            value={hand.orifice.orificeMm}
            onCommit={(v) => hand.setOrifice({ orificeMm: v })}
          />
        </div>
      )}
      {hand.vent === 'SHUT' && sheet.blowby.tools.some((t) => t.tool.kind === 'ADAPTER') && (
        <Choice
          label="Adapter"
          value={hand.orifice.adapter}
          options={sheet.blowby.tools
            .filter((t) => t.tool.kind === 'ADAPTER')
            .map((t) => [t.tool.name, t.tool.name] as const)}
          onChange={(name) => {
            const tool = sheet.blowby.tools.find(
              (t) => t.tool.name === name && t.tool.kind === 'ADAPTER',
            )?.tool;
            hand.setOrifice(
              tool
                ? {
                    adapter: tool.name,
                    orificeMm: tool.orificeMm,
                    dischargeCoefficient: tool.dischargeCoefficient,
                    orificeFromMm: tool.orificeFromMm,
                    orificeToMm: tool.orificeToMm,
                  }
                : {},
            );
          }}
        />
      )}
    </div>
  );
}

/** One number of the tube, in millimetres, followed by the drawing as it is typed. */
function Leg({
  label: name,
  value,
  touched,
  set,
  first,
}: {
  label: string;
  value: number;
  touched: boolean;
  set: (mm: number) => void;
  first?: boolean;
}) {
  const [text, setText] = useState<string>();
  const shown = text ?? (touched ? String(Number(value.toFixed(1))) : '');
  return (
    <div className={NARROW}>
      <label className="mb-1 block text-soft">
        {name}
        <input
          className="field mt-1 font-mono text-[1.375rem] text-ink"
          data-readings={first ? '' : undefined}
          inputMode="decimal"
          autoComplete="off"
          value={shown}
          onChange={(e) => {
            const next = e.target.value.replace(/[^0-9.,−-]/g, '');
            setText(next);
            const mm = Number(next.replace(',', '.').replace('−', '-'));
            if (next !== '' && Number.isFinite(mm)) {
              set(mm);
            }
          }}
          onBlur={() => setText(undefined)}
        />
      </label>
    </div>
  );
}

/** What the instrument says now, before it is kept: pressure, and the flow it means. */
function Figures({ sheet, hand }: { sheet: Sheet; hand: BlowbyHand }) {
  const units = useUnits();
  const { pascals, orifice, vent } = hand;
  const area = orifice.orificeMm ? (Math.PI / 4) * (orifice.orificeMm / 1000) ** 2 : undefined;
  const flow =
    vent === 'SHUT' && area && pascals !== undefined && pascals > 0
      ? (orifice.dischargeCoefficient ?? 0.62) *
        area *
        Math.sqrt((2 * pascals) / 1.2041) *
        Math.sqrt(293.15 / 333.15) *
        60_000
      : undefined;
  const other =
    units.symbol('crankcase') === 'Pa'
      ? `${((pascals ?? 0) / 249.089).toFixed(2)} inH2O`
      : `${(pascals ?? 0).toFixed(0)} Pa`;
  return (
    <div className="flex flex-wrap items-baseline gap-x-6" aria-live="polite">
      <p>
        <span className="font-mono text-[2rem] leading-none">
          {pascals === undefined ? '–' : units.format('crankcase', pascals)}
        </span>{' '}
        {units.symbol('crankcase')}{' '}
        <span className="ml-2 text-soft">{pascals === undefined ? '' : other}</span>
      </p>
      {vent === 'SHUT' && (
        <p>
          <span className="font-mono text-[2rem] leading-none">
            {flow === undefined ? '–' : flow.toFixed(0)}
          </span>{' '}
          L/min{' '}
          <span className="text-soft">
            {flow === undefined
              ? !orifice.orificeMm && 'type the orifice'
              : `${(flow / sheet.cylinders.length).toFixed(0)} a cylinder, ${label('BlowbyPoint', hand.point)}`}
          </span>
        </p>
      )}
      {pascals !== undefined && pascals > STOP_PA && (
        <p className="font-semibold text-leak">
          {capital('above the stop')}: throttle back, open the filler.
        </p>
      )}
    </div>
  );
}
