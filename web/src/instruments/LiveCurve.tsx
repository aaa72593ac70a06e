import { useEffect, useRef, useState } from 'react';

/** So much of the past is drawn, s. */
const SPAN = 12;
const WIDTH = 600;
const HEIGHT = 64;
const MOST = 400;

interface Props {
  /** What is drawn now; nothing while the instrument is silent. */
  value: number | undefined;
  /** What the top stands for where nothing goes higher. */
  least: number;
  /** In words, for whoever does not see it. */
  name: string;
}

interface Sample {
  at: number;
  value: number;
}

/** What an instrument sent in the last seconds, drawn as it comes. */
export function LiveCurve({ value, least, name }: Props) {
  const samples = useRef<Sample[]>([]);
  const [drawn, setDrawn] = useState<Sample[]>([]);
  useEffect(() => {
    if (value === undefined) {
      return;
    }
    const at = performance.now() / 1000;
    const from = samples.current.findIndex((s) => s.at > at - SPAN);
    samples.current = [...samples.current.slice(Math.max(0, from)), { at, value }].slice(-MOST);
    setDrawn(samples.current);
  }, [value]);
  const now = drawn.at(-1)?.at ?? 0;
  const high = Math.max(least, ...drawn.map((s) => s.value));
  const low = Math.min(0, ...drawn.map((s) => s.value));
  const x = (at: number) => WIDTH - ((now - at) / SPAN) * WIDTH;
  const y = (v: number) => HEIGHT - 3 - ((v - low) / (high - low)) * (HEIGHT - 6);
  return (
    <svg
      role="img"
      aria-label={name}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      preserveAspectRatio="none"
      className="h-16 min-w-0 flex-1 border-b border-ink"
    >
      {Array.from({ length: SPAN }, (_, s) => (
        <line
          key={s}
          x1={WIDTH - (s / SPAN) * WIDTH}
          x2={WIDTH - (s / SPAN) * WIDTH}
          y1={HEIGHT - 6}
          y2={HEIGHT}
          stroke="var(--metal)"
          vectorEffect="non-scaling-stroke"
        />
      ))}
      <polyline
        points={drawn.map((s) => `${x(s.at).toFixed(1)},${y(s.value).toFixed(1)}`).join(' ')}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={2}
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}
