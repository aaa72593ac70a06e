import type { Schemas, Sheet } from '../api/client';
import { Contaminated } from '../examination/Contaminated';
import { Group, StationFrame } from '../examination/StationFrame';
import { NOISE } from '../examination/noise';
import { Questions } from '../examination/Questions';
import { Findings } from '../examination/Findings';
import { useExamine } from '../examination/useExamine';
import { BeforeSteps } from '../round/BeforeStep';
import { Choice } from '../ui/Choice';
import { QuantityField } from '../ui/QuantityField';
import { AIR_BOX, COOLANT, OIL, VENTILATION } from './questions';
import { capital, labels } from '../words/labels';

/** Look before you loosen: oil, coolant, breather, oil pressure, outside leaks. */
export function SignsStation({ sheet }: { sheet: Sheet }) {
  const { set, error, errorAt } = useExamine(sheet.job.id, 'signs');
  const noise = useExamine(sheet.job.id, 'intake');
  const { oil, coolant, breather, leaks, leaksContaminatedBy } = sheet.examination.signs;
  return (
    <StationFrame
      sheet={sheet}
      title="Look before you loosen"
      about="Tap what you see; a second tap takes it back. What you do not look at stays open."
      error={error}
    >
      <BeforeSteps sheet={sheet} />
      <Group title="Oil">
        <Dip oil={oil} set={(patch) => set({ oil: patch })} errorAt={errorAt} />
        <Questions table={OIL} told={oil} set={(patch) => set({ oil: patch })} />
      </Group>
      {sheet.engine.engine.cooling !== 'AIR' && (
        <Group title="Coolant">
          <p className="w-full border-l-4 border-leak pl-3">Never open a hot cap.</p>
          <Questions table={COOLANT} told={coolant} set={(patch) => set({ coolant: patch })} />
        </Group>
      )}
      <Group title="Breather and oil pressure">
        <Questions
          table={sheet.engine.engine.cycle === 'TWO_STROKE' ? AIR_BOX : [...VENTILATION, ...AIR_BOX]}
          told={breather}
          set={(patch) => set({ breather: patch })}
        />
        <Pressures sheet={sheet} set={(patch) => set({ oilPressure: patch })} errorAt={errorAt} />
      </Group>
      <Group title="Noise">
        <Questions table={NOISE} told={sheet.examination.intake} set={noise.set} />
      </Group>
      <Group title="Outside, by place">
        {labels<keyof typeof leaks & string>('LeakPlace').map(([place, words]) => (
          <Choice
            key={place}
            label={capital(words)}
            value={leaks[place]}
            options={labels('LeakAmount')}
            onChange={(amount) => set({ leaks: { [place]: amount ?? null } })}
          />
        ))}
        <Contaminated
          value={leaksContaminatedBy}
          onChange={(by) => set({ leaksContaminatedBy: by ?? null })}
        />
      </Group>
      <h3 className="heading mb-2">What this says</h3>
      <Findings
        sheet={sheet}
        findings={sheet.seen.findings.filter((s) => s.station === 'SIGNS')}
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

interface DipProps {
  oil: Schemas['OilSigns'];
  set: (patch: Partial<Schemas['OilSigns']>) => void;
  errorAt: (field: string) => string | undefined;
}

/** The stick in figures: how far below full, and how long it had stood. */
function Dip({ oil, set, errorAt }: DipProps) {
  return (
    <>
      <div className="w-44">
        <QuantityField
          label="Below the full mark"
          quantity="length"
          value={oil.belowFullMm}
          error={errorAt('oil.belowFullMm')}
          onCommit={(belowFullMm) => set({ belowFullMm })}
        />
      </div>
      <div className="w-44">
        <QuantityField
          label="Had stood before the dip"
          unit="min"
          value={oil.drainBackMinutes}
          error={errorAt('oil.drainBackMinutes')}
          onCommit={(drainBackMinutes) => set({ drainBackMinutes })}
        />
      </div>
    </>
  );
}
