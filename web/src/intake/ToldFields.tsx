import type { Schemas, Sheet } from '../api/client';
import { Group } from '../examination/StationFrame';
import { Questions } from '../examination/Questions';
import { Statements } from '../examination/Statements';
import { useExamine } from '../examination/useExamine';
import { Answers } from '../ui/Answers';
import { Choice } from '../ui/Choice';
import { QuantityField } from '../ui/QuantityField';
import { TextField } from '../ui/TextField';
import { NOISE, REASON, USE } from './questions';

const COMPLAINTS = [
  ['OIL_USE', 'uses oil'],
  ['SMOKE', 'smokes'],
  ['MISFIRE', 'misses'],
  ['HARD_START', 'starts hard'],
  ['LOW_POWER', 'low on power'],
  ['COOLANT_LOSS', 'loses coolant'],
  ['OIL_FROM_BREATHER', 'oil from the breather'],
  ['NOISE', 'noisy'],
  ['LOW_OIL_PRESSURE', 'low oil pressure'],
  ['LOW_SPEED', 'does not reach its speed'],
] as const;

const HISTORY = [
  ['OVERHEATED_ONCE', 'overheated once'],
  ['RUN_LOW_ONCE', 'run low on oil once'],
  ['MODIFIED', 'modified'],
  ['BOOST_RAISED', 'boost raised'],
  ['FRESHLY_BUILT', 'freshly built'],
  ['BELT_OR_CHAIN_WORK', 'belt or chain work'],
  ['LONG_OIL_INTERVALS', 'long oil intervals'],
  ['LONG_IDLING', 'long idling'],
  ['SHORT_RUNS', 'short runs'],
  ['HARD_LOAD', 'hard load'],
  ['HIGH_SPEED', 'high speed'],
  ['BREATHED_DUST', 'breathed dust'],
  ['SALT_WATER', 'salt water about'],
  ['FUEL_ADDITIVE', 'additive in the fuel'],
  ['DOUBTFUL_FUEL', 'old or doubtful fuel'],
] as const;

type Suspect = NonNullable<Schemas['KnownWeakness']['suspect']>;
const WEAKNESSES: readonly (readonly [Suspect, string])[] = [
  ['RING_SEAL', 'ring seal'],
  ['OIL_CONTROL', 'oil control rings'],
  ['STEM_SEAL', 'stem seals'],
  ['EXHAUST_VALVE', 'exhaust valves'],
  ['COOLANT_ENTRY', 'head gasket, cracks'],
  ['BROKEN', 'broken lands'],
  ['CAM_TIMING', 'timing drive'],
  ['VENTILATION', 'ventilation'],
];

/** What is told of the engine before anybody looks: why it is here, complaint, history and use. */
export function ToldFields({ sheet }: { sheet: Sheet }) {
  const { set, error, errorAt } = useExamine(sheet.job.id, 'intake');
  const told = sheet.examination.intake;
  const number = (
    field: 'secondsToFire' | 'coldStartC' | 'stoodDays' | 'hoursSinceBuilt',
    label: string,
    unit?: string,
  ) => (
    <div className="w-44">
      <QuantityField
        label={label}
        quantity={field === 'coldStartC' ? 'temperature' : undefined}
        unit={unit}
        value={told[field]}
        error={errorAt(field)}
        onCommit={(v) => set({ [field]: v })}
      />
    </div>
  );
  return (
    <>
      {error && (
        <p role="alert" className="refusal">
          {error}
        </p>
      )}
      <Group title="Why it is here">
        <Questions table={REASON} told={told} set={set} />
        <Answers
          label="Complained of"
          items={COMPLAINTS}
          answers={told.complaints}
          onAnswer={(item, answer) => set({ complaints: { [item]: answer ?? null } })}
        />
        {told.complaints.NOISE && <Questions table={NOISE} told={told} set={set} />}
        {number('secondsToFire', 'Cold start, fired after', 's')}
        {number('coldStartC', 'at')}
        {number('stoodDays', 'It stood for', 'days')}
      </Group>
      <Group title="History and use">
        <Answers
          label="Has it"
          items={HISTORY}
          answers={told.history}
          onAnswer={(item, answer) => set({ history: { [item]: answer ?? null } })}
        />
        {told.history.FRESHLY_BUILT && number('hoursSinceBuilt', 'Hours since it was built', 'h')}
        <Questions table={USE} told={told} set={set} />
        <Choice
          label="This family is known for"
          value={told.weakness?.suspect as Suspect | undefined}
          options={WEAKNESSES}
          onChange={(suspect) =>
            set({ weakness: suspect ? { suspect, times: told.weakness?.times ?? 3 } : null } as never)
          }
        />
        {told.weakness && (
          <>
            <div className="w-40">
              <QuantityField
                label="How much more often"
                unit="times"
                value={told.weakness.times}
                error={errorAt('weakness.times')}
                onCommit={(times) => set({ weakness: { times } })}
              />
            </div>
            <div className="w-64">
              <TextField
                label="Who says so"
                value={told.weakness.source}
                onCommit={(source) => set({ weakness: { source: source || undefined } })}
              />
            </div>
          </>
        )}
      </Group>
      <div className="mb-6">
        <Statements sheet={sheet} statements={sheet.seen.statements.filter((s) => s.source === 'INTAKE')} />
      </div>
    </>
  );
}
