import { useId, useState } from 'react';
import { useUnits } from '../units/UnitsContext';
import { parseNumber, type Quantity, whyNoNumber } from '../units/units';

interface Props {
  label: string;
  /** In base units; null when not known. */
  value: number | null | undefined;
  quantity?: Quantity;
  /** Shown when there is no quantity to switch units of. */
  unit?: string;
  error?: string;
  /** What is taken when nothing is typed, in base units. */
  otherwise?: number;
  onCommit: (value: number | undefined) => void;
}

/** A number with its unit, saved when the field is left or Enter is pressed. Text that is no number stays, with a word. */
export function QuantityField({ label, value, quantity, unit, error, otherwise, onCommit }: Props) {
  const units = useUnits();
  const id = useId();
  const shown =
    value === null || value === undefined ? '' : quantity ? units.editable(quantity, value) : String(value);
  // What was typed stays until the value changes: a refused number is not lost.
  const [typed, setTyped] = useState<string>();
  const [seen, setSeen] = useState(value);
  if (seen !== value) {
    setSeen(value);
    setTyped(undefined);
  }
  const text = typed ?? shown;
  const parsed = parseNumber(text);
  const problem = text.trim() !== '' && parsed === undefined ? whyNoNumber(text) : error;
  const commit = () => {
    if (typed === undefined || typed === shown) {
      setTyped(undefined);
    } else if (typed.trim() === '') {
      onCommit(undefined);
    } else if (parsed !== undefined) {
      onCommit(quantity ? units.toBase(quantity, parsed) : parsed);
    }
  };
  return (
    <div>
      <label htmlFor={id} className="mb-1 block text-soft">
        {label} {(quantity || unit) && <span>({quantity ? units.symbol(quantity) : unit})</span>}
      </label>
      <input
        id={id}
        className="field font-mono text-[1.0625rem]"
        inputMode="decimal"
        autoComplete="off"
        placeholder={
          otherwise === undefined
            ? undefined
            : quantity
              ? units.editable(quantity, otherwise)
              : String(otherwise)
        }
        value={text}
        aria-invalid={!!problem}
        aria-describedby={problem ? id + 'e' : undefined}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={commit}
        onKeyDown={(e) => e.key === 'Enter' && commit()}
      />
      {problem && (
        <p id={id + 'e'} className="refusal">
          {problem}
        </p>
      )}
    </div>
  );
}
