interface Props<T extends string> {
  label: string;
  value: T | null | undefined;
  /** Each with its words, in the order shown: as a rule those of a type in the table of labels. */
  options: readonly (readonly [string, string])[];
  onChange: (value: T | undefined) => void;
}

/** One of a few, by a tap; a second tap takes it back to "not written down". */
export function Choice<T extends string>({ label, value, options, onChange }: Props<T>) {
  return (
    <div role="group" aria-label={label}>
      <div className="heading mb-1">{label}</div>
      <div className="flex flex-wrap">
        {options.map(([option, words]) => (
          <button
            key={option}
            type="button"
            aria-pressed={value === option}
            className="-ml-px min-h-[44px] border border-metal bg-well px-3 first:ml-0 aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
            onClick={() => onChange(value === option ? undefined : (option as T))}
          >
            {words}
          </button>
        ))}
      </div>
    </div>
  );
}
