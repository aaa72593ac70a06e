import type { Schemas, Sheet } from '../api/client';
import { Contaminated } from '../examination/Contaminated';
import { Group, StationFrame } from '../examination/StationFrame';
import { Statements } from '../examination/Statements';
import { useExamine } from '../examination/useExamine';
import { BeforeSteps } from '../round/BeforeStep';
import { Choice } from '../ui/Choice';
import { QuantityField } from '../ui/QuantityField';
import { YesNo } from '../ui/YesNo';

const METAL = [
  ['NONE', 'none'],
  ['FINE', 'fine'],
  ['FLAKES', 'flakes'],
] as const;

const PLACES = [
  ['VALVE_COVER', 'valve cover'],
  ['FRONT_SEAL', 'seal, free end'],
  ['REAR_SEAL', 'seal, flywheel end'],
  ['SUMP', 'sump'],
  ['OIL_FILTER', 'oil filter'],
  ['HEAD_JOINT', 'head joint'],
  ['COOLANT_PUMP', 'coolant pump'],
  ['HOSES', 'hoses'],
  ['EXHAUST_ELBOW', 'exhaust elbow'],
] as const;

/** Look before you loosen: oil, coolant, breather, oil pressure, outside leaks. */
export function SignsStation({ sheet }: { sheet: Sheet }) {
  const { set, error, errorAt } = useExamine(sheet.job.id, 'signs');
  const { oil, coolant, breather, leaks, leaksContaminatedBy } = sheet.examination.signs;
  const setOil = (patch: Partial<Schemas['OilSigns']>) => set({ oil: patch });
  const setCoolant = (patch: Partial<Schemas['CoolantSigns']>) => set({ coolant: patch });
  const setBreather = (patch: Partial<Schemas['BreatherSigns']>) => set({ breather: patch });
  return (
    <StationFrame
      sheet={sheet}
      title="Look before you loosen"
      about="Tap what you see; a second tap takes it back. What you do not look at stays open."
      error={error}
    >
      <BeforeSteps sheet={sheet} />
      <Group title="Oil">
        <Choice
          label="On the stick, level ground, after the wait"
          value={oil.level}
          options={[
            ['NOT_ON_STICK', 'none'],
            ['BELOW_LOW_MARK', 'below low'],
            ['LOWER_HALF', 'lower half'],
            ['UPPER_HALF', 'upper half'],
            ['ABOVE_FULL_MARK', 'over full'],
          ]}
          onChange={(level) => setOil({ level })}
        />
        <Choice
          label="Colour"
          value={oil.colour}
          options={[
            ['HONEY', 'honey'],
            ['BROWN', 'brown'],
            ['BLACK', 'black'],
            ['GREY', 'grey'],
          ]}
          onChange={(colour) => setOil({ colour })}
        />
        <Choice
          label="Milk"
          value={oil.milky}
          options={[
            ['NONE', 'none'],
            ['CAP_ONLY', 'under the cap'],
            ['ON_STICK', 'on the stick'],
            ['THROUGHOUT', 'throughout'],
          ]}
          onChange={(milky) => setOil({ milky })}
        />
        {oil.milky && oil.milky !== 'NONE' && (
          <>
            <YesNo
              label="Only short cold runs lately?"
              value={oil.shortColdRuns}
              onChange={(shortColdRuns) => setOil({ shortColdRuns })}
            />
            <YesNo
              label="Drained a little: water first?"
              value={oil.waterDrained}
              onChange={(waterDrained) => setOil({ waterDrained })}
            />
          </>
        )}
        <YesNo label="Smells of fuel" value={oil.fuelSmell} onChange={(fuelSmell) => setOil({ fuelSmell })} />
        <YesNo label="Foams" value={oil.foam} onChange={(foam) => setOil({ foam })} />
        <Choice
          label="Glitter"
          value={oil.glitter}
          options={METAL}
          onChange={(glitter) => setOil({ glitter })}
        />
        <Choice
          label="On the magnet"
          value={oil.magnet}
          options={[
            ['NONE', 'clean'],
            ['FINE', 'fuzz'],
            ['FLAKES', 'chips'],
          ]}
          onChange={(magnet) => setOil({ magnet })}
        />
        <Choice
          label="In the filter's pleats"
          value={oil.pleats}
          options={METAL}
          onChange={(pleats) => setOil({ pleats })}
        />
        <Contaminated value={oil.contaminatedBy} onChange={(contaminatedBy) => setOil({ contaminatedBy })} />
      </Group>
      {sheet.engine.engine.cooling !== 'AIR' && (
        <Group title="Coolant">
          <p className="w-full border-l-4 border-leak pl-3">Never open a hot cap.</p>
          <Choice
            label="Level over days"
            value={coolant.level}
            options={[
              ['HOLDS', 'holds'],
              ['FALLING_WITH_DRIP', 'falls, drips'],
              ['FALLING_NO_DRIP', 'falls, no drip'],
            ]}
            onChange={(level) => setCoolant({ level })}
          />
          <Choice
            label="On its surface"
            value={coolant.film}
            options={[
              ['CLEAN', 'clean'],
              ['OIL_FILM', 'oil film'],
              ['FROTH', 'froth'],
            ]}
            onChange={(film) => setCoolant({ film })}
          />
          <YesNo
            label="Bubbles soon after a cold start"
            value={coolant.bubbles}
            onChange={(bubbles) => setCoolant({ bubbles })}
          />
          <YesNo
            label="Hoses hard while still cold"
            value={coolant.pressureCold}
            onChange={(pressureCold) => setCoolant({ pressureCold })}
          />
          <Choice
            label="Chemical test for combustion gas"
            value={coolant.gasTest}
            options={[
              ['NEGATIVE', 'did not turn'],
              ['POSITIVE', 'turned'],
            ]}
            onChange={(gasTest) => setCoolant({ gasTest })}
          />
          <Contaminated
            value={coolant.contaminatedBy}
            onChange={(contaminatedBy) => setCoolant({ contaminatedBy })}
          />
        </Group>
      )}
      <Group title="Breather and oil pressure">
        {sheet.engine.engine.cycle !== 'TWO_STROKE' && (
          <>
            <Choice
              label="Crankcase at idle, as found"
              value={breather.ventilation}
              options={[
                ['SUCTION', 'suction'],
                ['NOTHING', 'nothing'],
                ['PRESSURE', 'pressure'],
              ]}
              onChange={(ventilation) => setBreather({ ventilation })}
            />
            <YesNo
              label="Ventilation blocked"
              value={breather.hoseBlocked}
              onChange={(hoseBlocked) => setBreather({ hoseBlocked })}
            />
            <Choice
              label="Oil at the breather"
              value={breather.breatherOil}
              options={[
                ['NONE', 'none'],
                ['MIST', 'mist'],
                ['WET', 'wet'],
              ]}
              onChange={(breatherOil) => setBreather({ breatherOil })}
            />
          </>
        )}
        <Choice
          label="Oil in the air box"
          value={breather.airBox}
          options={[
            ['DRY', 'dry'],
            ['DAMP', 'damp'],
            ['POOLED', 'stands in it'],
          ]}
          onChange={(airBox) => setBreather({ airBox })}
        />
        <Pressures sheet={sheet} set={(patch) => set({ oilPressure: patch })} errorAt={errorAt} />
      </Group>
      <Group title="Outside, by place">
        {PLACES.map(([place, words]) => (
          <Choice
            key={place}
            label={words}
            value={leaks[place]}
            options={[
              ['DRY', 'dry'],
              ['DAMP', 'damp'],
              ['DRIPS', 'drips'],
            ]}
            onChange={(amount) => set({ leaks: { [place]: amount ?? null } })}
          />
        ))}
        <Contaminated
          value={leaksContaminatedBy}
          onChange={(by) => set({ leaksContaminatedBy: by ?? null })}
        />
      </Group>
      <h3 className="heading mb-2">What this says</h3>
      <Statements
        sheet={sheet}
        statements={sheet.seen.statements.filter((s) => s.source === 'SIGNS')}
        empty="Nothing yet. Each sign gives its reason and its weight here."
      />
    </StationFrame>
  );
}

interface PressuresProps {
  sheet: Sheet;
  set: (patch: Partial<Schemas['OilPressure']>) => void;
  errorAt: (field: string) => string | undefined;
}

function Pressures({ sheet, set, errorAt }: PressuresProps) {
  const p = sheet.examination.signs.oilPressure;
  const field = (name: 'coldKPa' | 'coldRpm' | 'hotKPa' | 'hotRpm', label: string, speed: boolean) => (
    <div className="w-40">
      <QuantityField
        label={label}
        quantity={speed ? undefined : 'pressure'}
        unit={speed ? 'rpm' : undefined}
        value={p[name]}
        error={errorAt('oilPressure.' + name)}
        onCommit={(v) => set({ [name]: v })}
      />
    </div>
  );
  return (
    <div className="flex gap-3">
      {field('coldKPa', 'Oil pressure cold', false)}
      {field('coldRpm', 'at', true)}
      {field('hotKPa', 'Oil pressure hot', false)}
      {field('hotRpm', 'at', true)}
    </div>
  );
}
