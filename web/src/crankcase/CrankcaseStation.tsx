import type { Schemas, Sheet } from '../api/client';
import { Group, StationFrame } from '../examination/StationFrame';
import { Statements } from '../examination/Statements';
import { useExamine } from '../examination/useExamine';
import { QuantityField } from '../ui/QuantityField';
import { YesNo } from '../ui/YesNo';
import { labels } from '../words/labels';

type Run = Schemas['HoldRun'];
type BubblePlace = keyof Schemas['CrankcaseHold']['bubbles'] & string;

/** Two-strokes: whether the crankcase holds pressure and vacuum. */
export function CrankcaseStation({ sheet }: { sheet: Sheet }) {
  const { set, error, errorAt } = useExamine(sheet.job.id, 'crankcase');
  const hold = sheet.examination.crankcase;
  const run = (which: 'pressure' | 'vacuum', title: string, hint: string) => (
    <Group title={title}>
      <p className="w-full text-soft">{hint}</p>
      {(
        [
          ['startKPa', 'At the start'],
          ['endKPa', 'At the end'],
          ['seconds', 'Watched for'],
        ] as const
      ).map(([field, label]) => (
        <div key={field} className="w-40">
          <QuantityField
            label={label}
            quantity={field === 'seconds' ? undefined : 'pressure'}
            unit={field === 'seconds' ? 's' : undefined}
            value={hold[which]?.[field]}
            error={errorAt(`${which}.${field}`)}
            onCommit={(v) => set({ [which]: { [field]: v ?? null } as Partial<Run> })}
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
        Never more than 50 kPa: a shut crankcase blows its seals out. Pump by hand, not from a compressor.
      </p>
      {run('pressure', 'Pressure', 'About 40 kPa, a minute or longer.')}
      {run('vacuum', 'Vacuum', 'The same below ambient: it finds seal lips that pressure pushes on.')}
      <Group title="Bubbles under pressure, by place">
        {labels<BubblePlace>('BubblePlace').map(([place, words]) => (
          <YesNo
            key={place}
            label={words}
            yes="bubbles"
            no="none"
            value={hold.bubbles[place]}
            onChange={(seen) => set({ bubbles: { [place]: seen ?? null } })}
          />
        ))}
      </Group>
      <h3 className="heading mb-2">What this says</h3>
      <Statements
        sheet={sheet}
        statements={sheet.seen.statements.filter((s) => s.source === 'CRANKCASE')}
        empty="Nothing yet."
      />
    </StationFrame>
  );
}
