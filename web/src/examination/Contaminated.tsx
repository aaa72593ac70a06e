import { Choice } from '../ui/Choice';
import type { Plug } from '../api/client';
import { labels } from '../words/labels';

type Contamination = NonNullable<Plug['contaminatedBy']>;

interface Props {
  value: Contamination | undefined;
  onChange: (value: Contamination | undefined) => void;
}

/** Marks what was seen as spoiled, and by what; it is kept and weighs little. */
export function Contaminated({ value, onChange }: Props) {
  return <Choice label="Spoiled by" value={value} options={labels('Contamination')} onChange={onChange} />;
}
