import type { Plug } from '../api/client';
import { Choice } from '../ui/Choice';

type Contamination = NonNullable<Plug['contaminatedBy']>;

interface Props {
  value: Contamination | undefined;
  onChange: (value: Contamination | undefined) => void;
}

/** Marks what was seen as spoiled, and by what; it is kept and weighs little. */
export function Contaminated({ value, onChange }: Props) {
  return (
    <Choice
      label="Spoiled by"
      value={value}
      options={[
        ['DIRTY_PAN', 'dirty pan'],
        ['SPRAY', 'spray'],
        ['DRIPS', 'drips'],
        ['POURED_OIL', 'poured oil'],
        ['HANDLED', 'handling'],
      ]}
      onChange={onChange}
    />
  );
}
