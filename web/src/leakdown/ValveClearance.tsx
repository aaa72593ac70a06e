import type { Sheet } from '../api/client';
import { Findings } from '../examination/Findings';
import { useExamine } from '../examination/useExamine';
import { Choice } from '../ui/Choice';
import { ValuesField } from '../ui/ValuesField';
import { useUnits } from '../units/UnitsContext';
import { labels } from '../words/labels';

/** Clearances valve by valve; cheaper than what follows where one is off. */
export function ValveClearance({ sheet }: { sheet: Sheet }) {
  const { set, error, errorAt } = useExamine(sheet.job.id, 'valves');
  const { measured, specified, cylinders } = sheet.examination.valves;
  const units = useUnits();
  const { intakeClearanceMm: intake, exhaustClearanceMm: exhaust } = sheet.engine.engine;
  const spec = (limit: typeof intake) => (limit ? units.withUnit('length', limit.value) : 'not entered');
  return (
    <>
      <div className="mb-3 flex flex-wrap items-end gap-x-6 gap-y-2">
        <Choice
          label="Measured"
          value={measured}
          options={labels('ClearanceState')}
          onChange={(m) => set({ measured: m ?? null })}
        />
        <Choice
          label="Specified"
          value={specified}
          options={labels('ClearanceState')}
          onChange={(s) => set({ specified: s ?? null })}
        />
        <p className="pb-2 text-soft">
          Specification: intake {spec(intake)}, exhaust {spec(exhaust)} (Intake station)
        </p>
      </div>
      {error && <p className="refusal">{error}</p>}
      <table className="mb-3 text-left">
        <thead>
          <tr className="text-soft">
            <th />
            <th className="pr-3 font-medium">intake ({units.symbol('length')})</th>
            <th className="font-medium">exhaust ({units.symbol('length')})</th>
          </tr>
        </thead>
        <tbody>
          {sheet.cylinders.map((c) => (
            <tr key={c.number}>
              <td className="pr-3 font-mono text-[1.125rem]">{c.label}</td>
              {(['intakeMm', 'exhaustMm'] as const).map((side) => (
                <td key={side} className="py-1 pr-3">
                  <ValuesField
                    label={`Clearance ${side === 'intakeMm' ? 'intake' : 'exhaust'}, cylinder ${c.label}`}
                    values={cylinders[c.number]?.[side] ?? []}
                    error={errorAt(`cylinders.${c.number}.${side}`)}
                    onCommit={(values) => set({ cylinders: { [c.number]: { [side]: values } } } as never)}
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mb-3 text-soft">Several valves of one kind: with blanks between, such as 0.20 0.18.</p>
      <Findings sheet={sheet} findings={sheet.seen.findings.filter((s) => s.station === 'VALVES')} />
    </>
  );
}
