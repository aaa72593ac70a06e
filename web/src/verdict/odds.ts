import type { Sheet } from '../api/client';

export type Suspect = Sheet['diagnosis']['suspects'][number];
export type WeighedFinding = Sheet['diagnosis']['findings'][number];

/** A probability as one says it on paper: no more digits than its range holds, never nought nor one. */
export function chance(p: number): string {
  if (p >= 0.995) {
    return '> .99';
  }
  if (p < 0.005) {
    return '< .01';
  }
  return p.toFixed(2).replace(/^0/, '');
}

/** Between the ends of what the priors leave open, in one digit where they are far apart. */
export function between({ low, high }: { low: number; high: number }): string {
  const digits = high - low > 0.15 ? 1 : 2;
  const short = (p: number) => {
    const text = p.toFixed(digits).replace(/^0/, '');
    return Number(p.toFixed(digits)) >= 1 ? '1' : Number(p.toFixed(digits)) <= 0 ? '0' : text;
  };
  return short(low) === short(high) ? chance((low + high) / 2) : `${short(low)} to ${short(high)}`;
}

/** How many times likelier or rarer a weight makes a suspect: "× 6", "÷ 4". */
export function times(decibans: number): string {
  const factor = 10 ** (Math.abs(decibans) / 10);
  const text = factor >= 100 ? 'over 100' : factor >= 10 ? factor.toFixed(0) : factor.toPrecision(2);
  return `${decibans >= 0 ? '×' : '÷'} ${text}`;
}

/** What a finding is worth for a suspect, in decibans. */
export function weightOf(finding: WeighedFinding, suspect: number): number {
  return finding.evidence.find((e) => e.suspect === suspect)?.decibans ?? 0;
}

/** The suspects worth a column or a line: those that something was found about, and those that are likely all the same. */
export function worthShowing(suspects: Suspect[], most: number): number[] {
  return suspects
    .map((s, i) => ({ s, i }))
    .filter(({ s, i }) => i === 0 || s.testedFor || s.probability >= 0.4)
    .slice(0, most)
    .map(({ i }) => i);
}
