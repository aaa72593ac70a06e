import { Popover, ToggleGroup } from 'radix-ui';
import { Toggles } from './Toggles';
import { useUnits } from '../units/UnitsContext';
import { american, metric, quantities, type Quantity } from '../units/units';

const NAMES: Partial<Record<Quantity, string>> = {
  pressure: 'Pressure',
  length: 'Length',
  volume: 'Oil',
  distance: 'Distance',
  height: 'Altitude',
  temperature: 'Temperature',
  crankcase: 'Crankcase',
  oilRate: 'Oil use',
};

/** Units switch anywhere, at any time, without changing what was measured. */
export function UnitsMenu() {
  const { choice, choose, symbol } = useUnits();
  return (
    <Popover.Root>
      <Popover.Trigger className="-my-3 min-h-[2.75rem] text-left text-[1.0625rem] underline decoration-hair underline-offset-4 hover:text-act">
        {symbol('pressure')} {symbol('length')} {symbol('volume')}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content side="top" align="start" className="z-20 w-80 border border-ink bg-paper p-4">
          <div className="flex gap-2">
            <button className="button flex-1" onClick={() => choose(metric)}>
              Metric
            </button>
            <button className="button flex-1" onClick={() => choose(american)}>
              US
            </button>
          </div>
          {(Object.keys(NAMES) as Quantity[]).map((q) => (
            <div key={q} className="mt-2 flex items-center justify-between">
              <span>{NAMES[q]}</span>
              <Toggles
                label={NAMES[q]!}
                value={String(choice[q])}
                onChange={(i) => i && choose({ ...choice, [q]: Number(i) })}
                className="flex"
              >
                {quantities[q].map((u, i) => (
                  <ToggleGroup.Item
                    key={u.symbol}
                    value={String(i)}
                    className="min-h-[2.75rem] min-w-[3.25rem] border border-metal px-2 font-mono aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
                  >
                    {u.symbol}
                  </ToggleGroup.Item>
                ))}
              </Toggles>
            </div>
          ))}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
