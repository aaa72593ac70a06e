import type { StoredReading } from '../api/client';

/** Median of the attempts that count, in kPa; the same figure that the core judges. At least one attempt. */
export function middleOf(counting: StoredReading[]): number {
  const values = counting.map((r) => Math.max(...r.strokesKPa)).sort((a, b) => a - b);
  const half = Math.floor(values.length / 2);
  return values.length % 2 ? values[half]! : (values[half - 1]! + values[half]!) / 2;
}
