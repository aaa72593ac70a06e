import { useState } from 'react';
import type { Schemas, Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';
import { Group, StationFrame } from '../examination/StationFrame';
import { Findings } from '../examination/Findings';
import { useExamine } from '../examination/useExamine';
import { Choice } from '../ui/Choice';
import { QuantityField } from '../ui/QuantityField';
import { YesNo } from '../ui/YesNo';
import { useUnits } from '../units/UnitsContext';
import { labels } from '../words/labels';

type Chamber = Schemas['Chamber'];
type BubblePlace = keyof Chamber['bubbles'] & string;

/** What pushes a seal out, and what is pumped; in kPa, shown in the unit that is typed. */
const MOST_KPA = 50;
const USUAL_KPA = 40;

const FIELDS = [
  ['startKPa', 'At the start'],
  ['endKPa', 'At the end'],
  ['seconds', 'Watched for'],
] as const;

/** Two-strokes: whether each crank chamber holds pressure and vacuum. */
export function CrankcaseStation({ sheet }: { sheet: Sheet }) {
  const { set, error, errorAt } = useExamine(sheet.job.id, 'crankcase');
  const units = useUnits();
  const [chosen, setChosen] = useState(sheet.cylinders[0]!.number);
  const hold = sheet.examination.crankcase;
  const unnamed = !!hold.pressure || !!hold.vacuum || Object.keys(hold.bubbles).length > 0;
  const here: Chamber = hold.chambers[chosen] ?? { bubbles: {} };
  const change = (patch: unknown) => set({ chambers: { [chosen]: patch } } as never);
  const places = labels<BubblePlace>('BubblePlace').filter(
    ([place]) => place !== 'CENTRE_SEAL' || sheet.cylinders.length > 1,
  );
  const run = (which: 'pressure' | 'vacuum', title: string, hint: string) => (
    <Group title={title}>
      <p className="w-full text-soft">{hint}</p>
      {FIELDS.map(([field, label]) => (
        <div key={field} className="w-40">
          <QuantityField
            label={label}
            quantity={field === 'seconds' ? undefined : 'pressure'}
            unit={field === 'seconds' ? 's' : undefined}
            value={here[which]?.[field]}
            error={errorAt(`chambers.${chosen}.${which}.${field}`)}
            onCommit={(v) => change({ [which]: { [field]: v ?? null } })}
          />
        </div>
      ))}
    </Group>
  );
  return (
    <StationFrame
      sheet={sheet}
      title="Crankcase hold"
      about="Intake and exhaust closed off, piston over the ports shut, pump, close, watch. To many who work on two-strokes this is the leak-down test."
      error={error}
    >
      <p className="mb-3 border-l-4 border-leak pl-3">
        Never more than {units.withUnit('pressure', MOST_KPA)}: a shut crankcase blows its seals out. Pump by
        hand, not from a compressor.
      </p>
      {unnamed && (
        <p className="mb-3 font-medium">
          An older record does not say of which chamber it is. It counts for the engine; take it again for
          each chamber.
        </p>
      )}
      {sheet.cylinders.length > 1 && (
        <div className="mb-4">
          <Choice
            label="Chamber under cylinder"
            value={String(chosen)}
            options={sheet.cylinders.map((c) => [String(c.number), labelOf(sheet, c.number)])}
            onChange={(n) => n && setChosen(Number(n))}
          />
        </div>
      )}
      {run('pressure', 'Pressure', `About ${units.withUnit('pressure', USUAL_KPA)}, a minute or longer.`)}
      {run('vacuum', 'Vacuum', 'The same below ambient: it finds seal lips that pressure pushes on.')}
      <Group title="Bubbles under pressure, by place">
        {places.map(([place, words]) => (
          <YesNo
            key={place}
            label={words}
            yes={place === 'CENTRE_SEAL' ? 'air there' : 'bubbles'}
            no="none"
            value={here.bubbles[place]}
            onChange={(seen) => change({ bubbles: { [place]: seen ?? null } })}
          />
        ))}
      </Group>
      <h3 className="heading mb-2">What this says</h3>
      <Findings
        sheet={sheet}
        findings={sheet.seen.findings.filter((s) => s.station === 'CRANKCASE')}
        empty="Nothing yet."
      />
    </StationFrame>
  );
}
