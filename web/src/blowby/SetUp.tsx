import type { Sheet } from '../api/client';
import { label } from '../words/labels';
import type { BlowbyHand } from './useBlowby';

/** What is checked before the orifice test, in order; kept with each reading that is taken. */
export function SetUp({ sheet, hand }: { sheet: Sheet; hand: BlowbyHand }) {
  return (
    <>
      <p className="max-w-[70ch]">
        First as found, nothing shut. Then tick what is done: a reading keeps what was ticked when it was
        taken, and an opening that nobody ticked widens its range.
      </p>
      <ol className="grid grid-cols-2 gap-x-4 gap-y-1.5">
        {sheet.blowby.setUp.map((check, i) => (
          <li key={check}>
            <button
              className="flex min-h-[2.75rem] w-full items-center gap-3 border border-metal bg-well px-3 text-left text-[1.0625rem] aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
              aria-pressed={hand.checked.includes(check)}
              onClick={() => hand.check(check)}
            >
              <span className="font-mono">{i + 1}</span>
              {label('SetUpCheck', check)}
            </button>
          </li>
        ))}
      </ol>
      <p className="text-soft">
        Exhaust outside, hands clear of belts. A large crankcase is never opened while hot.
      </p>
    </>
  );
}
