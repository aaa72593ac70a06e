import { Popover } from 'radix-ui';
import type { Plug, Sheet } from '../api/client';
import { Photos } from '../examination/Photos';
import { Questions } from '../examination/Questions';
import { QuantityField } from '../ui/QuantityField';
import { useUnits } from '../units/UnitsContext';
import { firstLooks } from './looks';
import { PlugDrawing } from './PlugDrawing';
import { PLUG } from './questions';
import type { PlugHand } from './usePlugs';
import { labelOf } from '../api/labelOf';

const NEW_PLUG: Plug = { shade: 'WHITE', wetness: 'DRY', deposit: 'NONE', wear: 'SHARP', ground: 'CLEAN' };
/** Gaps offered for a tap, over the gap when new, in mm. */
const GROWN = [0, 0.05, 0.1, 0.2, 0.3];
const ORDINARY_GAP_MM = 0.8;

/** One plug: a first look by one tap, then whatever else matters. A new plug is drawn beside it. */
export function PlugEditor({ sheet, hand }: { sheet: Sheet; hand: PlugHand }) {
  const { plug, cylinder } = hand;
  const label = labelOf(sheet, cylinder);
  const growth = sheet.seen.plugs.find((p) => p.cylinder === cylinder);
  return (
    <section aria-label={`Plug ${label}`} className="mt-2 mb-5 border-y border-hair py-3">
      <div className="flex gap-5">
        <figure className="flex shrink-0 items-end gap-1 text-center text-[0.8125rem] text-soft">
          <div>
            <PlugDrawing plug={NEW_PLUG} width={112} words="A new plug" />
            new
          </div>
          <div>
            <PlugDrawing plug={plug} width={112} words={`Plug ${label}, larger`} />
            <span className="font-mono text-[1.125rem] font-bold text-ink">{label}</span>
          </div>
        </figure>
        <div className="min-w-0 flex-1">
          <div role="group" aria-label="First look" className="grid grid-cols-4 gap-1.5">
            {firstLooks.map((l) => (
              <button
                key={l.key}
                aria-label={l.words}
                className={`min-h-[3rem] border px-2 text-left ${shows(plug, l.plug) ? 'border-ink bg-ink text-paper' : 'border-metal bg-well'}`}
                onClick={() => hand.look(l)}
              >
                <span className="mr-2 font-mono text-[0.8125rem] opacity-70">{l.key}</span>
                {l.words}
              </button>
            ))}
          </div>
          <div className="mt-2 flex flex-wrap gap-2">
            <button className="button" disabled={hand.model === undefined} onClick={hand.same}>
              Same as {hand.model === undefined ? 'the last' : labelOf(sheet, hand.model)}
            </button>
            <button className="button button-main" onClick={hand.next}>
              Next plug
            </button>
            <SwapMenu sheet={sheet} hand={hand} />
            <Photos sheet={sheet} part="PLUGS" cylinder={cylinder} />
          </div>
          <Gap sheet={sheet} hand={hand} />
          {growth?.timesOrdinary != null && (
            <p className="mt-1 text-soft">
              Grows {growth.growthMmPer1000Km!.toFixed(3)} mm per 1000 km, {growth.timesOrdinary.toFixed(1)}{' '}
              times the ordinary.
            </p>
          )}
        </div>
      </div>
      <div className="mt-3 flex flex-wrap gap-x-5 gap-y-2.5">
        <Questions table={PLUG} told={plug} set={hand.change} />
      </div>
    </section>
  );
}

/** Whether a plug shows everything that a first look sets, and nothing of another one. */
function shows(plug: Plug, look: Plug): boolean {
  return (['shade', 'wetness', 'deposit', 'surface'] as const).every((f) => plug[f] === look[f]);
}

function Gap({ sheet, hand }: { sheet: Sheet; hand: PlugHand }) {
  const units = useUnits();
  const fresh =
    sheet.examination.plugs.set.newGapMm ?? sheet.engine.engine.plugGapMm?.value ?? ORDINARY_GAP_MM;
  const offered = GROWN.map((g) => Math.round((fresh + g) * 100) / 100);
  return (
    <div className="mt-2 flex items-end gap-1.5" data-gap>
      <div className="w-28">
        <QuantityField
          label="Gap"
          quantity="length"
          value={hand.plug.gapMm}
          error={hand.errorAt(`plugs.${hand.cylinder}.gapMm`)}
          onCommit={(gapMm) => hand.change({ gapMm })}
        />
      </div>
      {offered.map((mm) => (
        <button
          key={mm}
          aria-pressed={hand.plug.gapMm === mm}
          aria-label={`Gap ${units.withUnit('length', mm)}`}
          className="min-h-[2.75rem] border border-metal bg-well px-3 font-mono aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
          onClick={() => hand.change({ gapMm: mm })}
        >
          {units.format('length', mm)}
        </button>
      ))}
    </div>
  );
}

/** Puts right two plugs that were mixed up; the trail stays. */
function SwapMenu({ sheet, hand }: { sheet: Sheet; hand: PlugHand }) {
  return (
    <Popover.Root>
      <Popover.Trigger className="button">Mixed up with …</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content className="z-20 w-[18.75rem] border-2 border-ink bg-paper p-4">
          <p className="mb-2">
            What was said of plug {labelOf(sheet, hand.cylinder)} belongs to, and the other way round:
          </p>
          <div className="flex flex-wrap gap-1.5">
            {sheet.cylinders
              .filter((c) => c.number !== hand.cylinder)
              .map((c) => (
                <Popover.Close
                  key={c.number}
                  className="button font-mono"
                  aria-label={`Swap with ${c.label}`}
                  onClick={() => hand.swapWith(c.number)}
                >
                  {c.label}
                </Popover.Close>
              ))}
          </div>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
