import { useState } from 'react';
import { answer, api, Refusal, type Schemas, type Sheet } from '../api/client';
import { useChange } from '../job/useSheet';
import { Choice } from '../ui/Choice';
import { QuantityField } from '../ui/QuantityField';
import { TextField } from '../ui/TextField';
import { useUnits } from '../units/UnitsContext';
import { label, labels } from '../words/labels';
import type { BlowbyHand, Tool } from './useBlowby';

type StoredTool = Schemas['StoredTool'];

const FRESH: Tool = { kind: 'ADAPTER', name: '' };
const FIELD = 'w-[9rem]';

/** The shop's adapters and gauges: which one is in the hand, and a new one. */
export function Tools({ sheet, hand }: { sheet: Sheet; hand: BlowbyHand }) {
  const units = useUnits();
  const id = sheet.job.id;
  const remove = useChange(id, (t: StoredTool) =>
    answer(
      api.PUT('/api/jobs/{id}/blowby/tools/{toolId}', {
        params: { path: { id, toolId: t.id } },
        body: { revision: t.revision },
      }),
    ),
  );
  const take = ({ tool }: StoredTool) => {
    if (tool.kind === 'SLACK_TUBE') {
      hand.setGauge('SLACK_TUBE');
      hand.setTube(tool.tube ?? 'U');
      hand.setInclineDeg(tool.inclineDeg ?? undefined);
      hand.setFluid(tool.fluidDensity ?? undefined);
      hand.setDigital({ gauge: tool.name });
    } else if (tool.kind === 'DIGITAL') {
      hand.setGauge('DIGITAL');
      hand.setDigital({ gauge: tool.name, resolutionPa: tool.resolutionPa });
    } else {
      hand.setOrifice({
        adapter: tool.name,
        orificeMm: tool.orificeMm,
        dischargeCoefficient: tool.dischargeCoefficient,
        orificeFromMm: tool.orificeFromMm,
        orificeToMm: tool.orificeToMm,
      });
    }
  };
  return (
    <>
      {sheet.blowby.tools.length === 0 && (
        <p className="max-w-[70ch]">
          None kept yet. An orifice can be typed with each reading; kept here with the bores it is meant for,
          it is one tap, and the ceiling knows whether it suits the engine.
        </p>
      )}
      <ul>
        {sheet.blowby.tools.map((t) => (
          <li key={t.id} className="flex flex-wrap items-center gap-3 border-b border-hair py-1">
            <button className="button" onClick={() => take(t)}>
              {t.tool.name}
            </button>
            <span className="flex-1 text-soft">{inWords(t.tool, units.withUnit)}</span>
            <button
              className="min-h-[2.75rem] px-2 text-soft underline underline-offset-4 hover:text-act"
              onClick={() => remove.mutate(t)}
            >
              Not in this shop any more
            </button>
          </li>
        ))}
      </ul>
      <NewTool sheet={sheet} />
    </>
  );
}

function inWords(t: Tool, withUnit: (q: 'length', v: number) => string): string {
  return [
    label('ToolKind', t.kind),
    t.orificeMm != null && withUnit('length', t.orificeMm),
    t.dischargeCoefficient != null && `Cd ${t.dischargeCoefficient}`,
    t.orificeFromMm != null &&
      t.orificeToMm != null &&
      `for bores of ${t.orificeFromMm} to ${t.orificeToMm} mm`,
    t.tube && label('TubeKind', t.tube),
    t.inclineDeg != null && `${t.inclineDeg}°`,
    t.fluidDensity != null && `fluid ${t.fluidDensity} kg/m³`,
    t.resolutionPa != null && `to ${t.resolutionPa} Pa`,
  ]
    .filter(Boolean)
    .join(', ');
}

function NewTool({ sheet }: { sheet: Sheet }) {
  const id = sheet.job.id;
  const [tool, setTool] = useState(FRESH);
  const add = useChange(id, (body: Tool) =>
    answer(api.POST('/api/jobs/{id}/blowby/tools', { params: { path: { id } }, body })),
  );
  const error = add.error instanceof Refusal ? add.error : undefined;
  const number = (field: keyof Tool, name: string, unit?: string) => (
    <div className={FIELD}>
      <QuantityField
        label={name}
        quantity={unit ? undefined : 'length'}
        unit={unit}
        value={tool[field] as number | undefined}
        error={error?.at(field)}
        onCommit={(v) => setTool({ ...tool, [field]: v })}
      />
    </div>
  );
  return (
    <section className="mt-3">
      <h3 className="heading mb-2">Keep another one</h3>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <Choice
          label="What it is"
          value={tool.kind}
          options={labels('ToolKind')}
          onChange={(kind) => kind && setTool({ ...FRESH, name: tool.name, kind })}
        />
        <div className="w-[12rem]">
          <TextField
            label="Name"
            value={tool.name}
            error={error?.at('name')}
            onCommit={(name) => setTool({ ...tool, name })}
          />
        </div>
        {tool.kind === 'ADAPTER' && (
          <>
            {number('orificeMm', 'Orifice')}
            {number('dischargeCoefficient', 'Edge, sharp 0.62', 'Cd')}
            {number('orificeFromMm', 'Bores from')}
            {number('orificeToMm', 'to')}
          </>
        )}
        {tool.kind === 'SLACK_TUBE' && (
          <>
            <Choice
              label="Kind"
              value={tool.tube ?? 'U'}
              options={labels('TubeKind')}
              onChange={(tube) => setTool({ ...tool, tube })}
            />
            {tool.tube === 'INCLINED' && number('inclineDeg', 'Slope', '°')}
            {number('fluidDensity', 'Fluid, water 998', 'kg/m³')}
          </>
        )}
        {tool.kind === 'DIGITAL' && number('resolutionPa', 'Last digit', 'Pa')}
        <button
          className="button button-main"
          onClick={() => add.mutate(tool, { onSuccess: () => setTool({ ...FRESH, kind: tool.kind }) })}
        >
          Keep
        </button>
      </div>
    </section>
  );
}
