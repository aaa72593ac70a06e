/** A probability as whole per cent; what is not quite certain is not said to be. */
export function chance(probability: number): string {
  return probability > 0 && probability < 0.005
    ? '< 1 %'
    : probability < 1 && probability > 0.995
      ? '> 99 %'
      : `${Math.round(100 * probability)} %`;
}
