/** A sum in the shop's money with two digits: no cost is known better. */
export function money(value: number): string {
  if (value < 10) {
    return String(Math.round(value));
  }
  const unit = 10 ** (Math.floor(Math.log10(value)) - 1);
  const rounded = Math.round(value / unit) * unit;
  return rounded.toLocaleString('en', { maximumFractionDigits: 0 }).replaceAll(',', ' ');
}

/** A probability as a share of a hundred engines; never all of them, never none. */
export function inHundred(p: number): string {
  const n = Math.round(p * 100);
  return n >= 99 ? 'nearly all' : n <= 1 ? 'next to none' : `${n} in 100`;
}
