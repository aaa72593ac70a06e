import type { Life } from './EnginePage';

/** Along what an engine's life is drawn. */
export type Axis = 'distance' | 'hours' | 'date';

type Visit = Life['visits'][number];

export const day = (date: string) => Date.parse(date) / 86_400_000;

const meter = (visit: Visit, axis: 'distance' | 'hours') =>
  axis === 'hours' ? visit.hours : visit.distanceKm;

/** Where a visit stands; undefined where its meter was not read. */
export function placeOf(visit: Visit, axis: Axis): number | undefined {
  return axis === 'date' ? day(visit.date) : meter(visit, axis);
}

/** The axes on which all visits stand, the engine's own meter first. */
export function axesOf(visits: Visit[]): Axis[] {
  const whole = (axis: 'distance' | 'hours') => visits.every((v) => meter(v, axis) !== undefined);
  return (['hours', 'distance'] as const)
    .filter((a) => visits.length > 0 && whole(a))
    .concat(['date'] as never);
}

/** Where something that was done stands: where its own meter says, or between the visits around its day. */
export function placeOfChange(
  change: { date: string; hours?: number },
  visits: Visit[],
  axis: Axis,
): number | undefined {
  if (axis === 'date') {
    return day(change.date);
  }
  if (axis === 'hours' && change.hours !== undefined) {
    return change.hours;
  }
  const at = day(change.date);
  const next = visits.findIndex((v) => day(v.date) >= at);
  const after = visits[next];
  const before = visits[next - 1];
  if (!after || !before) {
    return after && day(after.date) === at ? placeOf(after, axis) : undefined;
  }
  const [from, to] = [placeOf(before, axis), placeOf(after, axis)];
  return from === undefined || to === undefined
    ? undefined
    : from + ((to - from) * (at - day(before.date))) / (day(after.date) - day(before.date));
}
