import type { Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';
import { Photos } from '../examination/Photos';
import { Questions } from '../examination/Questions';
import type { Examine, Patch } from '../examination/useExamine';
import { Choice } from '../ui/Choice';
import { QuantityField } from '../ui/QuantityField';
import { ValuesField } from '../ui/ValuesField';
import { label, labels } from '../words/labels';
import type { At } from './OpenedSection';
import { type CylinderFound, NAMES, type Part, QUESTIONS, VALVE, type ValveFound } from './parts';

type FoundPatch = Patch<Sheet['examination']['found']>;

interface Props {
  sheet: Sheet;
  at: At;
  examine: Examine<Sheet['examination']['found']>;
}

/** Faults that mending a part is done for. */
const MENDED: Record<Part, string[]> = {
  intake: ['INTAKE_VALVE', 'VALVE_HELD', 'VALVE_NOT_OPENING', 'STEM_SEAL'],
  exhaust: ['EXHAUST_VALVE', 'VALVE_HELD', 'VALVE_NOT_OPENING', 'STEM_SEAL'],
  gasket: ['COOLANT_ENTRY'],
  bore: ['RING_SEAL'],
  crown: ['BROKEN'],
  rings: ['RING_SEAL', 'BROKEN'],
  oilRing: ['OIL_CONTROL'],
  skirt: ['RING_SEAL'],
};

/** The questions about one part of one cylinder. */
export function PartPanel({ sheet, at, examine }: Props) {
  const found = sheet.examination.found.cylinders[at.cylinder];
  const own = (patch: Patch<CylinderFound>) =>
    examine.set({ cylinders: { [at.cylinder]: patch } } as unknown as FoundPatch);
  const name = labelOf(sheet, at.cylinder);
  return (
    <div aria-label={`${NAMES[at.part]}, cylinder ${name}`} role="group">
      <div className="mb-2 flex flex-wrap items-center gap-x-4">
        <h3 className="text-[1.25rem] font-semibold">
          {NAMES[at.part]}, cylinder {name}
        </h3>
        <AllAlike sheet={sheet} at={at} examine={examine} />
      </div>
      <div className="flex flex-wrap gap-x-6 gap-y-3">
        <Own at={at} found={found} own={own} examine={examine} name={name} />
        <div className="flex items-end gap-2">
          <Photos sheet={sheet} part="FOUND" cylinder={at.cylinder} />
        </div>
      </div>
      <details className="mt-3" open={MENDED[at.part].some((f) => found?.repair[f])}>
        <summary className="flex min-h-[2.75rem] cursor-pointer items-center font-medium text-act underline underline-offset-4">
          Mended without seeing it, and tested again
        </summary>
        <div className="mt-2 flex flex-wrap gap-x-6 gap-y-3">
          {MENDED[at.part].map((fault) => (
            <Choice
              key={fault}
              label={`Mended for ${label('Fault', fault)}`}
              value={found?.repair[fault]}
              options={labels<'CURED' | 'NOT_CURED'>('Mended')}
              onChange={(said) => own({ repair: { [fault]: said ?? null } } as Patch<CylinderFound>)}
            />
          ))}
        </div>
      </details>
    </div>
  );
}

interface OwnProps {
  at: At;
  found: CylinderFound | undefined;
  own: (patch: Patch<CylinderFound>) => void;
  examine: Examine<Sheet['examination']['found']>;
  name: string;
}

function Own({ at, found, own, examine, name }: OwnProps) {
  const errorAt = (field: string) => examine.errorAt(`cylinders.${at.cylinder}.${field}`);
  if (at.part === 'intake' || at.part === 'exhaust') {
    const side = at.part;
    return (
      <Questions
        table={VALVE}
        told={found?.[side] ?? ({} as ValveFound)}
        set={(patch) => own({ [side]: patch } as Patch<CylinderFound>)}
      />
    );
  }
  const measure = (field: 'wearMm' | 'taperMm' | 'ovalityMm', words: string) => (
    <div className="w-32">
      <QuantityField
        label={words}
        quantity="length"
        value={found?.[field]}
        error={errorAt(field)}
        onCommit={(mm) => own({ [field]: mm } as Patch<CylinderFound>)}
      />
    </div>
  );
  return (
    <>
      <Questions
        table={QUESTIONS[at.part]}
        told={found ?? ({} as CylinderFound)}
        set={(patch) => own(patch as Patch<CylinderFound>)}
      />
      {at.part === 'bore' && (
        <>
          {measure('wearMm', 'Wear')}
          {measure('taperMm', 'Taper')}
          {measure('ovalityMm', 'Out of round')}
        </>
      )}
      {at.part === 'rings' && (
        <div>
          <div className="mb-1 text-soft">End gaps, top ring first (mm)</div>
          <ValuesField
            label={`End gaps, cylinder ${name}`}
            values={found?.gapsMm ?? []}
            error={errorAt('gapsMm')}
            onCommit={(gapsMm) => own({ gapsMm } as unknown as Patch<CylinderFound>)}
          />
        </div>
      )}
    </>
  );
}

/** At a teardown most parts look alike: what was said of this one is said of those that nobody has looked at yet. */
function AllAlike({ sheet, at, examine }: Props) {
  const { cylinders } = sheet.examination.found;
  const here = cylinders[at.cylinder];
  const isValve = at.part === 'intake' || at.part === 'exhaust';
  const fields = isValve ? [at.part] : QUESTIONS[at.part as keyof typeof QUESTIONS].map((q) => q.field);
  const said = (found: CylinderFound | undefined) =>
    fields.filter((f) => found?.[f as keyof CylinderFound] !== undefined);
  const others = sheet.cylinders
    .map((c) => c.number)
    .filter((c) => c !== at.cylinder && said(cylinders[c]).length === 0);
  if (said(here).length === 0 || others.length === 0) {
    return null;
  }
  const copy = Object.fromEntries(said(here).map((f) => [f, here![f as keyof CylinderFound]]));
  return (
    <button
      className="button"
      onClick={() =>
        examine.set({ cylinders: Object.fromEntries(others.map((c) => [c, copy])) } as unknown as FoundPatch)
      }
    >
      The same on {others.length === 1 ? labelOf(sheet, others[0]!) : `the other ${others.length}`}
    </button>
  );
}
