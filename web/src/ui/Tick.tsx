interface Props {
  label: string;
  value: boolean;
  onChange: (value: boolean) => void;
}

/** Yes or no, large enough for a glove. */
export function Tick({ label, value, onChange }: Props) {
  return (
    <label className="flex min-h-[2.75rem] items-center gap-2">
      <input
        type="checkbox"
        className="size-6 accent-[var(--act)]"
        checked={value}
        onChange={(e) => onChange(e.target.checked)}
      />
      {label}
    </label>
  );
}
