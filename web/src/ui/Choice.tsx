import { ToggleGroup } from 'radix-ui';
import { Toggles } from './Toggles';

interface Props<T extends string> {
  label: string;
  value: T | null | undefined;
  /** Each with its words, in the order shown: as a rule those of a type in the table of labels. */
  options: readonly (readonly [string, string])[];
  onChange: (value: T | undefined) => void;
}

/** One of a few, by a tap or with the arrow keys; a second tap takes it back to "not written down". */
export function Choice<T extends string>({ label, value, options, onChange }: Props<T>) {
  return (
    <div>
      <div className="heading mb-1" aria-hidden>
        {label}
      </div>
      <Toggles label={label} value={value} onChange={onChange} className="flex flex-wrap">
        {options.map(([option, words]) => (
          <ToggleGroup.Item
            key={option}
            value={option}
            className="-ml-px min-h-[2.75rem] min-w-[2.75rem] border border-metal bg-well px-3 first:ml-0 aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
          >
            {words}
          </ToggleGroup.Item>
        ))}
      </Toggles>
    </div>
  );
}
