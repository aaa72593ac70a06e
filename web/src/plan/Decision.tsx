import type { Schemas, Sheet } from '../api/client';
import { useExamine } from '../examination/useExamine';
import { TextField } from '../ui/TextField';
import { parseNumber } from '../units/units';
import { inHundred, money } from './money';

type Option = Schemas['Option'];

/** What to do, weighed: what each course costs, how often it puts everything right, and what it leaves. */
export function Decision({ sheet, decision }: { sheet: Sheet; decision: Schemas['Decision'] }) {
  const most = Math.max(...decision.options.map((o) => o.expectedLoss), 1);
  return (
    <>
      <p className="max-w-[75ch] text-[1.1875rem] font-medium" data-decision>
        {decision.says}
      </p>
      {decision.worth && (
        <p className="max-w-[75ch] text-[1.0625rem]" data-worth>
          {decision.worth}
        </p>
      )}
      <table className="w-full text-left" aria-label="Courses">
        <thead>
          <tr className="align-bottom text-soft">
            <th scope="col" className="pb-1 font-medium">
              Course
            </th>
            <th scope="col" className="pr-3 pb-1 text-right font-medium">
              Costs
            </th>
            <th scope="col" className="pr-3 pb-1 text-right font-medium">
              Puts all right
            </th>
            <th scope="col" className="w-[38%] pb-1 font-medium">
              Loses on the mean
            </th>
          </tr>
        </thead>
        <tbody>
          {decision.options.map((o) => (
            <Course key={o.action} option={o} most={most} />
          ))}
        </tbody>
      </table>
      <p className="max-w-[75ch] text-soft">
        Black: what it costs. Hatched: what may still be wrong, times what leaving it costs.{' '}
        {decision.usualCosts
          ? 'All of it stands on usual costs: enter your own under “Costs of this shop”.'
          : 'In the money that this shop enters its costs in.'}{' '}
        Decision support: what a maker, a local code or licensed practice asks goes first.
      </p>
      <EngineValue sheet={sheet} />
    </>
  );
}

function Course({ option: o, most }: { option: Option; most: number }) {
  const name = o.actionWords + (o.withService ? ' and a service' : '');
  const retest = o.action === 'RETEST';
  return (
    <tr
      className="border-t border-hair align-top"
      data-course={o.action}
      aria-current={o.recommended || undefined}
    >
      <th scope="row" className={`py-2 pr-3 ${o.recommended ? 'font-semibold' : 'font-medium'}`}>
        <span className="text-[1.0625rem]">
          {o.recommended && <span aria-hidden>▸ </span>}
          {name.charAt(0).toUpperCase() + name.slice(1)}
        </span>
        {o.recommended && <span className="block font-normal text-act">recommended</span>}
        {o.forbidden && <span className="block font-normal text-leak">Not this: {o.forbidden}</span>}
        {o.watch && (o.recommended || o.action === 'RUN_ON') && (
          <span className="block font-normal text-soft">{o.watch}</span>
        )}
      </th>
      <td className="py-2 pr-3 text-right font-mono text-[1.125rem] whitespace-nowrap">
        {retest ? '–' : money(o.cost)}
        {o.hours > 0 && (
          <span className="block font-sans text-[0.9375rem] text-soft">{Math.round(o.hours)} h</span>
        )}
      </td>
      <td className="py-2 pr-3 text-right whitespace-nowrap">{retest ? '–' : inHundred(o.cures)}</td>
      <td className="py-2">
        {!retest && <Loss cost={o.cost} loss={o.expectedLoss} most={most} />}
        {o.leaves.length > 0 && <span className="text-soft">leaves {o.leaves.join(', ')}</span>}
      </td>
    </tr>
  );
}

/** Cost black, what it leaves hatched, on one scale. */
function Loss({ cost, loss, most }: { cost: number; loss: number; most: number }) {
  const width = (of: number) => `${(85 * of) / most}%`;
  return (
    <div className="flex items-center gap-2">
      <div className="flex h-4 flex-1" aria-hidden>
        <div className="bg-ink" style={{ width: width(Math.min(cost, loss)) }} />
        <div className="hatched border border-ink" style={{ width: width(Math.max(0, loss - cost)) }} />
      </div>
      <span className="font-mono text-[1.125rem]">{money(loss)}</span>
    </div>
  );
}

/** Without it nobody can say when a repair costs more than the engine. */
function EngineValue({ sheet }: { sheet: Sheet }) {
  const { set, errorAt } = useExamine(sheet.job.id, 'round');
  const value = sheet.examination.round.engineValue;
  const commit = (text: string) => {
    const number = parseNumber(text.replaceAll(' ', ''));
    set({ engineValue: text.trim() === '' ? null : (number ?? (text as unknown as number)) });
  };
  return (
    <div className="max-w-[20rem]">
      <TextField
        label="What the engine is worth as it stands, in your money"
        value={value == null ? '' : String(value)}
        error={errorAt('engineValue')}
        onCommit={commit}
      />
    </div>
  );
}
