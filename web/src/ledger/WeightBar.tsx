const WIDTH = 112;
const MIDDLE = WIDTH / 2;
/** Ten decibans, ten times. */
const NOTCH = 24;
const MOST = MIDDLE - 4;

/** A weight either side of a middle line: solid to the right for, hatched to the left against; a notch each ten times. */
export function WeightBar({ decibans }: { decibans: number }) {
  const length = Math.min(MOST, (Math.abs(decibans) / 10) * NOTCH);
  const notches = Math.floor(length / NOTCH);
  const sign = decibans >= 0 ? 1 : -1;
  return (
    <svg viewBox={`0 0 ${WIDTH} 20`} className="h-5 w-28 max-w-full" aria-hidden>
      <defs>
        <pattern
          id="against"
          width="4"
          height="4"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <line x1="0" y1="0" x2="0" y2="4" stroke="var(--ink)" strokeWidth="1.6" />
        </pattern>
      </defs>
      <line x1={MIDDLE} x2={MIDDLE} y1="1" y2="19" stroke="var(--metal)" />
      {length >= 0.6 && (
        <rect
          x={sign > 0 ? MIDDLE : MIDDLE - length}
          y="4"
          width={length}
          height="12"
          fill={sign > 0 ? 'var(--ink)' : 'url(#against)'}
          stroke="var(--ink)"
          strokeWidth={sign > 0 ? 0 : 1}
        />
      )}
      {Array.from({ length: notches }, (_, i) => (
        <line
          key={i}
          x1={MIDDLE + sign * (i + 1) * NOTCH}
          x2={MIDDLE + sign * (i + 1) * NOTCH}
          y1="4"
          y2="16"
          stroke="var(--paper)"
          strokeWidth="1.5"
        />
      ))}
    </svg>
  );
}
