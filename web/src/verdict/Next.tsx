import type { Sheet } from '../api/client';
import { usePlan } from '../job/usePlan';

/**
 * One action, its minutes, its caution. Until the plan is worked out, the step that the leading suspect asks for stands
 * here; then the one that saves most for its minutes.
 */
export function Next({ sheet }: { sheet: Sheet }) {
  const planned = usePlan(sheet);
  const { line, minutes, hazards } = planned ? ofPlan(planned) : ofTable(sheet);
  return (
    <div className="mt-3 narrow:mt-0" data-planned={!!planned}>
      <h3 className="heading">Next{minutes > 0 && `, ${Math.round(minutes)} min`}</h3>
      <p className="text-[1.125rem] leading-snug font-medium text-act" data-next>
        {line}
      </p>
      {hazards.map((h) => (
        <p key={h} className="mt-0.5 text-leak" data-hazard>
          {h}
        </p>
      ))}
    </div>
  );
}

interface Step {
  line: string;
  minutes: number;
  hazards: string[];
}

function ofTable(sheet: Sheet): Step {
  const first = sheet.diagnosis.next[0];
  return {
    line: sheet.diagnosis.headline.next,
    minutes: first?.minutes ?? 0,
    hazards: first?.hazards ?? [],
  };
}

function ofPlan({ next, plan }: NonNullable<ReturnType<typeof usePlan>>): Step {
  const first = plan.first[0] ?? plan.steps[0];
  if (!first) {
    const done = plan.decision.options.find((o) => o.recommended);
    return { line: `Stop testing. ${done?.says ?? next}`, minutes: 0, hazards: [] };
  }
  return { line: next, minutes: first.minutes, hazards: first.hazards };
}
