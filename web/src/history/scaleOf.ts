export interface Scale {
  (value: number): number;
  from: number;
  to: number;
}

/** A straight scale that holds all values, with a little room on both sides; one value alone stands in the middle. */
export function scaleOf(values: number[], start: number, end: number): Scale {
  const low = values.length ? Math.min(...values) : 0;
  const high = values.length ? Math.max(...values) : 1;
  const room = high > low ? 0.06 * (high - low) : Math.max(1, Math.abs(high) * 0.05);
  const from = low - room;
  const to = high + room;
  return Object.assign((value: number) => start + ((value - from) / (to - from)) * (end - start), {
    from,
    to,
  });
}

/** Round figures within a range, about so many. */
export function ticks(from: number, to: number, about: number): number[] {
  const rough = (to - from) / about;
  const power = 10 ** Math.floor(Math.log10(rough));
  const step = [1, 2, 5, 10].map((k) => k * power).find((s) => s >= rough)!;
  const first = Math.ceil(from / step);
  const count = Math.floor(to / step) - first + 1;
  return Array.from({ length: Math.max(0, count) }, (_, i) => Number(((first + i) * step).toPrecision(12)));
}
