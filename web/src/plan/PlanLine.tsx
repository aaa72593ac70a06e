import type { Schemas } from '../api/client';

type Plan = Schemas['Plan'];

/**
 * The round from here as a line of minutes, each step as long as it takes, what is left of the usual round beside it on
 * the same scale.
 */
export function PlanLine({ plan }: { plan: Plan }) {
  const most = Math.max(plan.minutes, plan.fixedOrderMinutes, 1);
  const share = (minutes: number) => `${(100 * minutes) / most}%`;
  const text =
    `Planned: ${plan.steps.map((s) => `${s.testWords} ${Math.round(s.minutes)} min`).join(', ') || 'nothing'}. ` +
    `The usual round from here takes ${Math.round(plan.fixedOrderMinutes)} min.`;
  return (
    <figure aria-label={text} role="img">
      <Line name={`Plan, ${Math.round(plan.minutes)} min`}>
        <div className="flex h-9">
          {plan.steps.map((s, i) => (
            <div
              key={s.test}
              className="flex items-center justify-center overflow-hidden border-2 border-act bg-well text-[0.9375rem] font-medium not-first:border-l-0"
              style={{ width: share(s.minutes) }}
              title={`${s.testWords}, ${Math.round(s.minutes)} min`}
            >
              <span className="font-mono">{i + 1}</span>
            </div>
          ))}
          {plan.steps.length === 0 && <div className="border-l-4 border-act" />}
        </div>
      </Line>
      <Line name={`Usual round, ${Math.round(plan.fixedOrderMinutes)} min`}>
        <div className="flex h-9 items-center">
          <div className="h-3 border border-metal" style={{ width: share(plan.fixedOrderMinutes) }} />
        </div>
      </Line>
    </figure>
  );
}

function Line({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <div className="grid grid-cols-[11rem_1fr] items-center gap-3 narrow:grid-cols-1 narrow:gap-0">
      <span className="text-soft">{name}</span>
      {children}
    </div>
  );
}
