/** A range that holds the truth 19 times in 20. */
export interface Range {
  low: number;
  best: number;
  high: number;
}

/** Beyond this share of a figure its range makes it a rough one. */
const ROUGH = 0.2;

/**
 * A figure with no more digits than its range allows: the last one stands where the range is a unit wide or more.
 * 2.80 (1.32 to 5.08) is "about 3".
 */
export function rounded({ low, best, high }: Range): string {
  const width = high - low;
  if (!(width > 0)) {
    return String(Number(best.toPrecision(3)));
  }
  const place = Math.floor(Math.log10(width) + 1e-9);
  const unit = 10 ** place;
  const figure = Math.round(best / unit) * unit;
  if (figure === 0) {
    return `under ${(Math.ceil(high / unit) * unit).toFixed(Math.max(0, -place))}`;
  }
  const text = figure.toFixed(Math.max(0, -place));
  return width / 2 > ROUGH * best ? `about ${text}` : text;
}

/** The same in signs, where there is no room for words: "≈ 3", "< 0.5". */
export function roundedInBrief(range: Range): string {
  return rounded(range).replace('about ', '≈ ').replace('under ', '< ');
}

/** From where to where, in two digits: "1.3 to 5.1". */
export function withinRange({ low, high }: Range): string {
  const short = (n: number) => String(Number(n.toPrecision(2)));
  return `${short(low)} to ${short(high)}`;
}

/** A share in per cent with its sign; from ten on without a decimal, which no gauge is good for. */
export function signedPercent(share: number): string {
  const size = Math.abs(share) * 100;
  return (share < 0 ? '−' : '+') + size.toFixed(size < 9.95 ? 1 : 0);
}

/** What goes with the square root of a range, as a hole with its area. */
export function rootOf({ low, best, high }: Range, at: number): Range {
  return { low: at * Math.sqrt(low / best), best: at, high: at * Math.sqrt(high / best) };
}

/** What goes with a range in proportion, as a flow with its area. */
export function alike({ low, best, high }: Range, at: number): Range {
  return { low: (at * low) / best, best: at, high: (at * high) / best };
}
