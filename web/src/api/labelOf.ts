import type { Sheet } from './client';

/** What this shop calls a cylinder; its number where it has no name of its own. */
export function labelOf({ cylinders }: Pick<Sheet, 'cylinders'>, cylinder: number): string {
  return cylinders.find((c) => c.number === cylinder)?.label ?? String(cylinder);
}
