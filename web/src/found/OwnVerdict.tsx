import type { Schemas, Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';
import { type Patch, useExamine } from '../examination/useExamine';
import { Choice } from '../ui/Choice';
import { Pick } from '../ui/Pick';
import { TextField } from '../ui/TextField';
import { YesNo } from '../ui/YesNo';
import { capital, labels } from '../words/labels';

type Own = Schemas['OwnVerdict'];

const SURE = [50, 60, 70, 80, 90, 95] as const;
/** What the tests measure, and not what an engine has. */
const NO_FAULT = ['ALL_ALIKE'];

/** What the technician says it is, before the engine is opened; held against what is found like the product's own. */
export function OwnVerdict({ sheet }: { sheet: Sheet }) {
  const { set, error, errorAt } = useExamine(sheet.job.id, 'closing');
  const own = sheet.examination.closing.own ?? ({} as Own);
  const change = (patch: Patch<Own>) => set({ own: patch } as never);
  const families = labels<NonNullable<Own['family']>>('Family').filter(([f]) => !NO_FAULT.includes(f));
  return (
    <section className="space-y-3" aria-label="Your own verdict">
      <h3 className="heading">Your own verdict</h3>
      <p className="text-soft">
        Before you open it. It is kept beside this one and counts only once it is given.
      </p>
      <Pick
        label="It is"
        none="not said"
        value={own.family ?? ''}
        options={families.map(([f, words]) => [f, capital(words)])}
        onChange={(f) => change({ family: (f || null) as never })}
      />
      {own.family && (
        <>
          <Choice
            label="On"
            value={own.cylinder === undefined ? undefined : String(own.cylinder)}
            options={sheet.cylinders.map((c) => [String(c.number), labelOf(sheet, c.number)] as const)}
            onChange={(c) => change({ cylinder: c === undefined ? null : Number(c) } as never)}
          />
          <Choice
            label="How sure, per cent"
            value={own.certaintyPercent === undefined ? undefined : String(own.certaintyPercent)}
            options={SURE.map((s) => [String(s), String(s)] as const)}
            onChange={(s) => change({ certaintyPercent: s === undefined ? null : Number(s) } as never)}
          />
          <TextField
            label="Because"
            value={own.because}
            error={errorAt('own.because')}
            onCommit={(because) => change({ because: because.trim() || null })}
          />
          <YesNo
            label="Show it to others under your name"
            value={own.shared}
            no="keep it to myself"
            onChange={(shared) => change({ shared: shared ?? null } as never)}
          />
        </>
      )}
      {error && <p className="refusal">{error}</p>}
    </section>
  );
}
