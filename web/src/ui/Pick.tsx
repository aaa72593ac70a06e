import { useId } from 'react';

interface Props {
  label: string;
  /** Empty for what is not chosen. */
  value: string;
  options: readonly (readonly [value: string, words: string])[];
  /** What stands for no choice; left out where there always is one. */
  none?: string;
  onChange: (value: string) => void;
}

/** One of many, from a list that drops down. */
export function Pick({ label, value, options, none, onChange }: Props) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="mb-1 block text-soft">
        {label}
      </label>
      <select id={id} className="field" value={value} onChange={(e) => onChange(e.target.value)}>
        {none !== undefined && <option value="">{none}</option>}
        {options.map(([v, words]) => (
          <option key={v} value={v}>
            {words}
          </option>
        ))}
      </select>
    </div>
  );
}
