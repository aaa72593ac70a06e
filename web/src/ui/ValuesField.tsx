import { useState } from 'react';
import { useUnits } from '../units/UnitsContext';
import { parseNumber, whyNoNumber } from '../units/units';

interface Props {
  label: string;
  /** In mm. */
  values: number[];
  error?: string;
  onCommit: (values: number[] | null) => void;
}

/** Several lengths with blanks between, saved when the field is left or Enter is pressed. */
export function ValuesField({ label, values, error, onCommit }: Props) {
  const units = useUnits();
  const shown = values.map((v) => units.editable('length', v)).join(' ');
  const [typed, setTyped] = useState<string>();
  const [seen, setSeen] = useState(shown);
  if (seen !== shown) {
    setSeen(shown);
    setTyped(undefined);
  }
  const text = typed ?? shown;
  const parsed = text.trim().split(/\s+/).filter(Boolean).map(parseNumber);
  const wrong = parsed.some((v) => v === undefined);
  const commit = () => {
    if (typed !== undefined && typed !== shown && !wrong) {
      onCommit(parsed.length ? parsed.map((v) => units.toBase('length', v!)) : null);
    }
  };
  return (
    <>
      <input
        className="field font-mono"
        style={{ width: '10rem' }}
        aria-label={label}
        aria-invalid={wrong || !!error}
        inputMode="decimal"
        value={text}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={commit}
        onKeyDown={(e) => e.key === 'Enter' && commit()}
      />
      {(wrong || error) && <p className="refusal">{wrong ? whyNoNumber(text) : error}</p>}
    </>
  );
}
