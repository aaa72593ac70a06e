import { Popover } from 'radix-ui';
import type { Schemas, Sheet } from '../api/client';
import { useExamine } from '../examination/useExamine';

type Step = Schemas['StepView'];

/** The steps that destroy evidence: each asks first for what can be captured only now. */
export function BeforeSteps({ sheet, only }: { sheet: Sheet; only?: Step['step'][] }) {
  const steps = sheet.seen.steps.filter((s) => !only || only.includes(s.step));
  return (
    <div role="group" aria-label="Before it is lost" className="mb-4 flex flex-wrap items-center gap-1.5">
      <span className="heading mr-1">Before you</span>
      {steps.map((s) => (
        <OneStep key={s.step} sheet={sheet} step={s} />
      ))}
    </div>
  );
}

function OneStep({ sheet, step }: { sheet: Sheet; step: Step }) {
  const steps = useExamine(sheet.job.id, 'steps');
  const done = step.takenAt != null;
  return (
    <Popover.Root>
      <Popover.Trigger
        className={`min-h-[2.75rem] border px-3 ${done ? 'border-hair text-soft line-through' : step.missing.length ? 'border-act bg-well text-act' : 'border-metal bg-well'}`}
      >
        {step.stepWords}
        {!done && step.missing.length > 0 && <span className="ml-1.5 font-mono">{step.missing.length}</span>}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="bottom"
          align="start"
          className="z-20 w-[22.5rem] border-2 border-ink bg-paper p-4"
        >
          <h3 className="text-[1.125rem] font-semibold">Before you {step.stepWords}</h3>
          {done && <p className="text-soft">Done at {clock(step.takenAt!)}.</p>}
          {step.missing.length > 0 ? (
            <>
              <p className="mt-1">{done ? 'Not captured before it:' : 'Only now can you capture:'}</p>
              <ul className="mt-1 list-disc space-y-1 pl-5 text-[1rem]">
                {step.missing.map((m) => (
                  <li key={m}>{m}</li>
                ))}
              </ul>
            </>
          ) : (
            <p className="mt-1">Everything that would be lost is written down.</p>
          )}
          <div className="mt-4 flex gap-2">
            {done ? (
              <Popover.Close className="button" onClick={() => steps.set({ [step.step]: null })}>
                Not done yet
              </Popover.Close>
            ) : (
              <Popover.Close
                className="button button-main"
                onClick={() => steps.set({ [step.step]: new Date().toISOString() })}
              >
                Go ahead, it is done
              </Popover.Close>
            )}
            <Popover.Close className="button">Back</Popover.Close>
          </div>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

function clock(moment: string): string {
  return new Date(moment).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hour12: false });
}
