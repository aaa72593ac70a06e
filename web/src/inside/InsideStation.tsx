import { useState } from 'react';
import { answer, api, type Schemas, type Sheet } from '../api/client';
import { Photos } from '../examination/Photos';
import { StationFrame } from '../examination/StationFrame';
import { Questions } from '../examination/Questions';
import { Findings } from '../examination/Findings';
import { useExamine } from '../examination/useExamine';
import { arrows, useKeys } from '../keys/useKeys';
import { around, asTheyStand } from '../section/order';
import { useChange } from '../job/useSheet';
import { MoveTo } from '../ui/MoveTo';
import { ANY_ENGINE, LAST, VALVES } from './questions';
import { labelOf } from '../api/labelOf';

type Inside = Schemas['CylinderInside'];

/** A camera through the plug or injector hole, cylinder by cylinder. */
export function InsideStation({ sheet }: { sheet: Sheet }) {
  const { set, error } = useExamine(sheet.job.id, 'inside');
  const columns = asTheyStand(sheet.engine.engine);
  const [cylinder, setCylinder] = useState(columns.find((c) => !sheet.examination.inside[c]) ?? columns[0]!);
  const seen: Inside = sheet.examination.inside[cylinder] ?? {};
  const looks = new Map(sheet.seen.inside.map((i) => [i.cylinder, i.look]));
  const change = (patch: Inside) => set({ [cylinder]: patch } as never);
  const swap = useChange(sheet.job.id, (other: number) =>
    answer(
      api.POST('/api/jobs/{id}/examination/{part}/swap', {
        params: { path: { id: sheet.job.id, part: 'inside' } },
        body: { one: cylinder, other },
      }),
    ),
  );
  useKeys(arrows('another cylinder', (by) => setCylinder(around(columns, cylinder, by))));
  return (
    <StationFrame
      sheet={sheet}
      title="Look inside"
      about="Through the plug or injector hole, piston down. It separates most of what pressure tests cannot. No camera, no matter: leave it open."
      error={error}
      current={cylinder}
    >
      <div role="group" aria-label="Cylinders" className="mb-4 flex flex-wrap">
        {columns.map((c) => (
          <button
            key={c}
            aria-pressed={c === cylinder}
            className="-ml-px min-h-[3.5rem] min-w-[4.5rem] border border-metal px-2 first:ml-0 aria-pressed:border-ink aria-pressed:bg-well"
            onClick={() => setCylinder(c)}
          >
            <span className={`block font-mono text-[1.125rem] font-bold ${c === cylinder ? 'text-act' : ''}`}>
              {labelOf(sheet, c)}
            </span>
            <span className="text-soft">{looks.get(c) ?? '–'}</span>
          </button>
        ))}
      </div>
      <div
        className="mb-5 flex flex-wrap gap-x-6 gap-y-3"
        aria-label={`Inside cylinder ${labelOf(sheet, cylinder)}`}
      >
        <Questions
          table={[...ANY_ENGINE, ...(sheet.engine.engine.cycle === 'TWO_STROKE' ? [] : VALVES), ...LAST]}
          told={seen}
          set={change}
        />
        <MoveTo sheet={sheet} from={cylinder} words="Mixed up with" onMove={(other) => swap.mutate(other)} />
        {swap.error && <p className="refusal">{swap.error.message}</p>}
        <div className="flex items-end gap-2">
          <Photos sheet={sheet} part="INSIDE" cylinder={cylinder} />
        </div>
      </div>
      <h3 className="heading mb-2">What this says</h3>
      <Findings
        sheet={sheet}
        findings={sheet.seen.findings.filter((s) => s.station === 'INSIDE')}
        empty="Nothing yet."
      />
    </StationFrame>
  );
}
