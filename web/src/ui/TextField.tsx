import { useId, useState } from 'react';

interface Props {
  label: string;
  value: string | null | undefined;
  error?: string;
  lines?: number;
  hint?: string;
  autoFocus?: boolean;
  onCommit: (value: string) => void;
}

/** Words, saved when the field is left or Enter is pressed. */
export function TextField({ label, value, error, lines, hint, autoFocus, onCommit }: Props) {
  const id = useId();
  // What was typed stays until the value changes: refused words are not lost.
  const [typed, setTyped] = useState<string>();
  const [seen, setSeen] = useState(value);
  if (seen !== value) {
    setSeen(value);
    setTyped(undefined);
  }
  const commit = () => {
    if (typed !== undefined && typed !== (value ?? '')) {
      onCommit(typed);
    }
  };
  const shared = {
    id,
    value: typed ?? value ?? '',
    'aria-invalid': !!error,
    'aria-describedby': error ? id + 'e' : undefined,
    onBlur: commit,
    onChange: (e: { target: { value: string } }) => setTyped(e.target.value),
  };
  return (
    <div>
      <label htmlFor={id} className="mb-1 block text-soft">
        {label}
      </label>
      {lines ? (
        <textarea rows={lines} className="field py-2" {...shared} />
      ) : (
        <input
          className="field"
          placeholder={hint}
          autoFocus={autoFocus}
          {...shared}
          onKeyDown={(e) => e.key === 'Enter' && commit()}
        />
      )}
      {error && (
        <p id={id + 'e'} className="refusal">
          {error}
        </p>
      )}
    </div>
  );
}
