import { Choice, optionsOf } from '../ui/Choice';
import { type Contamination, CONTAMINATIONS } from './contaminations';

interface Props {
  value: Contamination | undefined;
  onChange: (value: Contamination | undefined) => void;
}

/** Marks what was seen as spoiled, and by what; it is kept and weighs little. */
export function Contaminated({ value, onChange }: Props) {
  return <Choice label="Spoiled by" value={value} options={optionsOf(CONTAMINATIONS)} onChange={onChange} />;
}
