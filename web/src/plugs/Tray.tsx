import type { Plug, Sheet } from '../api/client';
import { PlugDrawing } from './PlugDrawing';
import type { PlugHand } from './usePlugs';
import { labelOf } from '../api/labelOf';

const SIDES = { ONLY: '', LEFT: 'Left bank', RIGHT: 'Right bank' } as const;

/** All plugs, laid out as the engine is: bank by bank, from the free end to the flywheel end. */
export function Tray({ sheet, hand }: { sheet: Sheet; hand: PlugHand }) {
  const { plugs } = sheet.examination.plugs;
  const looks = new Map(sheet.seen.plugs.map((p) => [p.cylinder, p.look]));
  const most = Math.max(...sheet.engine.engine.banks.map((b) => b.cylinders.length));
  const width = Math.min(sheet.engine.engine.banks.length > 1 ? 58 : 84, 560 / most);
  return (
    <div role="group" aria-label="Plug tray" className="border border-ink bg-paper">
      {sheet.engine.engine.banks.map((bank) => (
        <div key={bank.side} className="flex items-center border-b border-hair last:border-b-0">
          <span className="w-14 shrink-0 px-2 text-[0.8125rem] leading-tight text-soft">
            {SIDES[bank.side] || 'free end'}
          </span>
          {bank.cylinders.map((c) => {
            const label = labelOf(sheet, c);
            const look = looks.get(c);
            return (
              <button
                key={c}
                aria-pressed={hand.cylinder === c}
                aria-label={`Plug ${label}: ${look ?? 'not looked at'}`}
                className="flex flex-1 flex-col items-center border-b-4 border-transparent pt-1.5 pb-1 aria-pressed:border-act aria-pressed:bg-well"
                onClick={() => hand.goTo(c)}
              >
                <span className="font-mono text-[1.125rem] leading-none font-bold">{label}</span>
                <PlugDrawing plug={plugs[c]} width={width} words={inWords(plugs[c], look)} />
                <span className="text-[0.9375rem] leading-none">
                  {look ?? '–'}
                  {plugs[c]?.gapMm != null && (
                    <span className="ml-1 font-mono text-soft">{plugs[c].gapMm}</span>
                  )}
                </span>
              </button>
            );
          })}
        </div>
      ))}
    </div>
  );
}

function inWords(plug: Plug | undefined, look: string | undefined): string {
  return plug && look
    ? `Drawn ${look}${plug.gapMm != null ? `, gap ${plug.gapMm} mm` : ''}`
    : 'Not drawn yet';
}
