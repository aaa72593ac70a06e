const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0', '⌫'];

interface Props {
  /** Takes a key as if it were typed. */
  press: (key: string) => void;
  save: () => void;
  /** What saving does now: "Save 1210, on to 3". */
  saves: string;
  /** Between values of one reading. */
  space?: string;
  hide: () => void;
}

/** A big keypad for gloved hands; where there is no mouse it stands there from the start. */
export function Keypad({ press, save, saves, space, hide }: Props) {
  return (
    <div className="no-print grid grid-cols-3 gap-1.5" role="group" aria-label="Keypad">
      {KEYS.map((k) => (
        <button
          key={k}
          className="min-h-[3.25rem] border border-ink bg-well font-mono text-[1.5rem] active:bg-ink active:text-paper"
          aria-label={k === '⌫' ? 'delete last digit' : k}
          onClick={() => press(k)}
        >
          {k}
        </button>
      ))}
      <button className="button button-main col-span-2 min-h-[3.25rem] text-[1.25rem]" onClick={save}>
        {saves}
      </button>
      <button className="button text-[1rem] leading-tight" onClick={space ? () => press(' ') : hide}>
        {space ?? 'Hide keypad'}
      </button>
    </div>
  );
}

/** Whether a keypad is wanted from the start. */
export function byTouch(): boolean {
  return matchMedia('(pointer: coarse)').matches;
}
