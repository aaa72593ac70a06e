import type { Schemas, Sheet } from '../api/client';
import { Photos } from '../examination/Photos';
import { Questions, questionsOf } from '../examination/Questions';
import { Group } from '../examination/StationFrame';
import type { Examine, Patch } from '../examination/useExamine';
import { Choice } from '../ui/Choice';
import { QuantityField } from '../ui/QuantityField';
import { TextField } from '../ui/TextField';
import { label, labels } from '../words/labels';

type Found = Sheet['examination']['found'];
type EngineFound = Schemas['EngineFound'];

interface Props {
  sheet: Sheet;
  examine: Examine<Found>;
}

const engine = questionsOf<EngineFound>();

const ANY = [
  engine.choice('head', 'Head under pressure', 'HeadTest'),
  engine.choice('bearings', 'Bearings', 'BearingsFound'),
  engine.choice('outside', 'Gaskets and seals outside', 'OutsideFound'),
  engine.choice('casting', 'Casting', 'Casting'),
];
const FOUR_STROKE = [
  engine.choice('oilPump', 'Oil pump', 'OilPump'),
  engine.choice('ventilation', 'Crankcase ventilation', 'VentilationFound'),
  engine.choice('timing', 'Cam timing', 'TimingFound'),
];
const TWO_STROKE = [engine.choice('crankSeals', 'Crankcase seals', 'CrankSeals')];
const BOOSTED = [engine.choice('turbo', 'Seals of the charger', 'TurboFound')];
const WET = [engine.choice('riser', 'Riser or elbow', 'RiserFound')];

/** Faults of the whole engine that something was mended for. */
const MENDED = ['VENTILATION', 'OUTSIDE_LEAK', 'STEM_SEAL', 'OIL_CONTROL', 'EXHAUST_WATER', 'CAM_TIMING'];

/** What belongs to no single cylinder. */
export function EnginePanel({ sheet, examine }: Props) {
  const found = sheet.examination.found.engine;
  const { cycle, induction, exhaust } = sheet.engine.engine;
  const own = (patch: Patch<EngineFound>) => examine.set({ engine: patch } as Patch<Found>);
  const measure = (field: 'deckMm' | 'headMm' | 'runOutMm', words: string) => (
    <div className="w-36">
      <QuantityField
        label={words}
        quantity="length"
        value={found[field]}
        error={examine.errorAt('engine.' + field)}
        onCommit={(mm) => own({ [field]: mm } as Patch<EngineFound>)}
      />
    </div>
  );
  return (
    <>
      <Group title="Seen">
        <Questions
          table={[
            ...ANY,
            ...(cycle === 'TWO_STROKE' ? TWO_STROKE : FOUR_STROKE),
            ...(induction && induction !== 'NATURAL' ? BOOSTED : []),
            ...(exhaust === 'WET' ? WET : []),
          ]}
          told={found}
          set={(patch) => own(patch as Patch<EngineFound>)}
        />
      </Group>
      <Group title="Measured">
        {measure('deckMm', 'Deck off flat')}
        {measure('headMm', 'Head off flat')}
        {measure('runOutMm', 'Crank run-out')}
        <div className="min-w-[18rem] flex-1">
          <TextField
            label="Loose or wrong parts"
            value={found.odd}
            error={examine.errorAt('engine.odd')}
            onCommit={(odd) => own({ odd: odd.trim() || null })}
          />
        </div>
        <div className="flex items-end gap-2">
          <Photos sheet={sheet} part="FOUND" cylinder={0} />
        </div>
      </Group>
      <Group title="Mended for it, and the same test done again">
        {MENDED.map((fault) => (
          <Choice
            key={fault}
            label={label('Fault', fault)}
            value={found.repair[fault]}
            options={labels<'CURED' | 'NOT_CURED'>('Mended')}
            onChange={(said) => own({ repair: { [fault]: said ?? null } } as Patch<EngineFound>)}
          />
        ))}
      </Group>
    </>
  );
}
