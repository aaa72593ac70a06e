import type { EngineDocument } from '../api/client';
import { columnsOf } from './layout';

/** Cylinders as they stand, bank after bank. */
export function asTheyStand(engine: EngineDocument): number[] {
  return columnsOf(engine).map((c) => c.cylinder);
}

/** Cylinders from the lowest number to the highest. */
export function byNumber(engine: EngineDocument): number[] {
  return asTheyStand(engine).sort((a, b) => a - b);
}

/** The one so many places on, around the end; going on from one that is not among them begins with the first. */
export function around<T>(order: T[], from: T, by: number): T {
  return order[(order.indexOf(from) + by + order.length) % order.length]!;
}
