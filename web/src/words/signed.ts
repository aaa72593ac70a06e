/** A figure with its sign, whole. */
export function signed(value: number): string {
  const whole = Math.round(value);
  return (whole < 0 ? '−' : '+') + Math.abs(whole);
}
