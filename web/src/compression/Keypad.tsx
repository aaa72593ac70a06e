import { useState } from 'react';
import type { Entry } from './useEntry';

const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0', '⌫'];

/** A big keypad for gloved hands; shown at once where there is no mouse. */
export function Keypad({ entry }: { entry: Entry }) {
  const [shown, setShown] = useState(() => matchMedia('(pointer: coarse)').matches);
  const press = (key: string) => entry.setText(key === '⌫' ? entry.text.slice(0, -1) : entry.text + key);
  if (!shown) {
    return (
      <button
        className="no-print self-end px-3 py-1 text-soft underline underline-offset-4 hover:text-act"
        onClick={() => setShown(true)}
      >
        Keypad
      </button>
    );
  }
  return (
    <div
      className="no-print flex items-stretch gap-2 border-t border-hair p-3"
      role="group"
      aria-label="Keypad"
    >
      <div className="grid grid-cols-3 gap-1.5">
        {KEYS.map((k) => (
          <button
            key={k}
            className="h-[56px] w-[88px] border border-ink bg-well font-mono text-[24px] active:bg-ink active:text-paper"
            aria-label={k === '⌫' ? 'delete last digit' : k}
            onClick={() => press(k)}
          >
            {k}
          </button>
        ))}
      </div>
      <div className="flex flex-1 flex-col gap-1.5">
        <button className="button button-main flex-1 text-[20px]" onClick={entry.save}>
          Save
        </button>
        <button className="button flex-1" onClick={entry.open ? entry.advance : entry.repeat}>
          {entry.open ? 'Next cylinder' : 'Repeat'}
        </button>
        <button className="button" onClick={() => setShown(false)}>
          Hide keypad
        </button>
      </div>
    </div>
  );
}
