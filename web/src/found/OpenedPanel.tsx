import type { Schemas, Sheet } from '../api/client';
import { Group } from '../examination/StationFrame';
import type { Examine, Patch } from '../examination/useExamine';
import { QuantityField } from '../ui/QuantityField';
import { TextField } from '../ui/TextField';
import { labels } from '../words/labels';

type Found = Sheet['examination']['found'];

interface Props {
  sheet: Sheet;
  examine: Examine<Found>;
}

const LIMITS = [
  ['wearMm', 'Bore wear'],
  ['taperMm', 'Taper'],
  ['ovalityMm', 'Out of round'],
  ['gapMm', 'Ring end gap'],
  ['flatnessMm', 'Deck and head off flat'],
  ['runOutMm', 'Crank run-out'],
] as const;

/** How far it was opened, and the maker's limits: without one a measure is kept and says nothing. */
export function OpenedPanel({ sheet, examine }: Props) {
  const { opened, limits } = sheet.examination.found;
  return (
    <>
      <Group title="How far it was opened">
        <Marks
          type="Opened"
          marked={opened}
          onChange={(what, on) => examine.set({ opened: { [what]: on } } as Patch<Found>)}
        />
      </Group>
      <Group title="The maker's limits">
        {LIMITS.map(([field, words]) => (
          <div key={field} className="w-40">
            <QuantityField
              label={words}
              quantity="length"
              value={limits[field]}
              error={examine.errorAt('limits.' + field)}
              onCommit={(mm) => examine.set({ limits: { [field]: mm } } as Patch<Found>)}
            />
          </div>
        ))}
        <div className="min-w-[14rem] flex-1">
          <TextField
            label="From where"
            hint="manual, page; or from memory"
            value={limits.source}
            error={examine.errorAt('limits.source')}
            onCommit={(source) => examine.set({ limits: { source: source.trim() || null } } as Patch<Found>)}
          />
        </div>
      </Group>
    </>
  );
}

/** What was done, and what it came to. */
export function WorkPanel({ sheet, examine, money }: Props & { money?: string }) {
  const { work } = sheet.examination.found;
  const own = (patch: Patch<Schemas['WorkDone']>) => examine.set({ work: patch } as Patch<Found>);
  return (
    <>
      <Group title="What was done">
        <Marks
          type="Work"
          marked={work.done}
          onChange={(what, on) => own({ done: { [what]: on } } as never)}
        />
      </Group>
      <Group title="What it came to">
        <div className="w-40">
          <QuantityField
            label="Cost"
            unit={money}
            value={work.cost}
            error={examine.errorAt('work.cost')}
            onCommit={(cost) => own({ cost })}
          />
        </div>
        <div className="w-32">
          <QuantityField
            label="Hours"
            unit="h"
            value={work.hours}
            error={examine.errorAt('work.hours')}
            onCommit={(hours) => own({ hours })}
          />
        </div>
        <div className="min-w-[18rem] flex-1">
          <TextField
            label="Note"
            value={work.note}
            error={examine.errorAt('work.note')}
            onCommit={(note) => own({ note: note.trim() || null })}
          />
        </div>
      </Group>
    </>
  );
}

interface MarksProps {
  type: string;
  marked: Record<string, boolean>;
  onChange: (what: string, on: boolean | null) => void;
}

/** Things that were or were not done, each by a tap. */
function Marks({ type, marked, onChange }: MarksProps) {
  return (
    <div className="flex flex-wrap gap-2">
      {labels(type).map(([what, words]) => (
        <button
          key={what}
          aria-pressed={marked[what] === true}
          className="min-h-[2.75rem] border border-metal bg-well px-3 aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
          onClick={() => onChange(what, marked[what] ? null : true)}
        >
          {words}
        </button>
      ))}
    </div>
  );
}
