import type { Schemas, Sheet } from '../api/client';
import { Group } from '../examination/StationFrame';
import { NOISE } from '../examination/noise';
import { Questions } from '../examination/Questions';
import { Findings } from '../examination/Findings';
import { useExamine } from '../examination/useExamine';
import { Answers } from '../ui/Answers';
import { Choice } from '../ui/Choice';
import { QuantityField } from '../ui/QuantityField';
import { TextField } from '../ui/TextField';
import { REASON, USE } from './questions';
import { labels } from '../words/labels';

type Suspect = NonNullable<Schemas['KnownWeakness']['suspect']>;
/** What whole families of engines are known for; the other suspects are of one engine. */
const FAMILY: Suspect[] = [
  'RING_SEAL',
  'OIL_CONTROL',
  'STEM_SEAL',
  'EXHAUST_VALVE',
  'COOLANT_ENTRY',
  'BROKEN',
  'CAM_TIMING',
  'VENTILATION',
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
          items={labels('ComplaintKind')}
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
          items={labels('History')}
          answers={told.history}
          onAnswer={(item, answer) => set({ history: { [item]: answer ?? null } })}
        />
        {number('hoursSinceBuilt', 'Hours since it was rebuilt', 'h')}
        <div className="w-80">
          <TextField
            label="What was changed lately"
            value={told.changed}
            error={errorAt('changed')}
            onCommit={(changed) => set({ changed: changed || undefined })}
          />
        </div>
        <div className="w-44">
          <TextField
            label="and when"
            value={told.changedWhen}
            error={errorAt('changedWhen')}
            onCommit={(changedWhen) => set({ changedWhen: changedWhen || undefined })}
          />
        </div>
        <Questions table={USE} told={told} set={set} />
        <Choice
          label="This family is known for"
          value={told.weakness?.suspect as Suspect | undefined}
          options={labels<Suspect>('Fault').filter(([s]) => FAMILY.includes(s))}
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
        <Findings sheet={sheet} findings={sheet.seen.findings.filter((s) => s.station === 'INTAKE')} />
      </div>
    </>
  );
}
