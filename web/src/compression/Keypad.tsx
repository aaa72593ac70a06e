import type { Entry } from './useEntry';

const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0', '⌫'];

/** A big keypad for gloved hands. */
export function Keypad({ entry, onHide }: { entry: Entry; onHide: () => void }) {
  return (
    <div
      className="no-print flex shrink-0 items-stretch gap-2 border-t border-hair p-3"
      role="group"
      aria-label="Keypad"
    >
      <div className="grid grid-cols-3 gap-1.5">
        {KEYS.map((k) => (
          <button
            key={k}
            className="h-[52px] w-[92px] border border-ink bg-well font-mono text-[24px] active:bg-ink active:text-paper"
            aria-label={k === '⌫' ? 'delete last digit' : k}
            onClick={() => entry.press(k)}
          >
            {k}
          </button>
        ))}
      </div>
      <div className="flex flex-1 flex-col gap-1.5">
        <button className="button button-main flex-1 text-[20px]" onClick={entry.save}>
          Save
        </button>
        {entry.open && (
          <button className="button flex-1" onClick={entry.advance}>
            Next cylinder
          </button>
        )}
        <button className="button" onClick={onHide}>
          Hide keypad
        </button>
      </div>
    </div>
  );
}
