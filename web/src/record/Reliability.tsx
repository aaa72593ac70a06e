import type { Schemas } from '../api/client';
import { chance } from '../words/chance';

const LEFT = 52;
const TOP = 12;
const SIZE = 264;

/** What was said against how often it was so, with what so few cases leave open; on the line it was said rightly. */
export function Reliability({ curve }: { curve: Schemas['Bin'][] }) {
  const x = (p: number) => LEFT + p * SIZE;
  const y = (p: number) => TOP + (1 - p) * SIZE;
  const inWords = curve
    .map((b) => `${b.oddsWords}: said ${chance(b.said)} on average, so ${b.share.so} of ${b.share.of} times`)
    .join('; ');
  return (
    <figure>
      <svg
        width={LEFT + SIZE + 66}
        height={TOP + SIZE + 40}
        role="img"
        aria-label={`What was said against how often it was so. ${inWords}.`}
        className="block max-w-full"
      >
        {[0, 0.25, 0.5, 0.75, 1].map((p) => (
          <g key={p} fontSize="13" fill="var(--soft)">
            <path d={`M${x(p)} ${TOP}V${TOP + SIZE}M${LEFT} ${y(p)}H${LEFT + SIZE}`} stroke="var(--hair)" />
            <text x={x(p)} y={TOP + SIZE + 17} textAnchor="middle">
              {100 * p}
            </text>
            <text x={LEFT - 7} y={y(p) + 4} textAnchor="end">
              {100 * p}
            </text>
          </g>
        ))}
        <path d={`M${x(0)} ${y(0)}L${x(1)} ${y(1)}`} stroke="var(--ink)" strokeDasharray="2 4" />
        <text x={LEFT + SIZE / 2} y={TOP + SIZE + 34} textAnchor="middle" fontSize="14" fill="var(--ink)">
          said, per cent
        </text>
        <text
          transform={`translate(13 ${TOP + SIZE / 2}) rotate(-90)`}
          textAnchor="middle"
          fontSize="14"
          fill="var(--ink)"
        >
          was so, per cent
        </text>
        {curve.map((b) => {
          const { so, of, low, high } = b.share;
          return (
            <g key={b.odds} stroke="var(--act)" data-bin={b.odds}>
              <path
                d={`M${x(b.said)} ${y(low)}V${y(high)}M${x(b.said) - 5} ${y(low)}h10M${x(b.said) - 5} ${y(high)}h10`}
                strokeWidth="1.4"
              />
              <rect x={x(b.said) - 5} y={y(so / of) - 5} width="10" height="10" fill="var(--act)" />
              <text
                x={x(b.said) + 9}
                y={y(so / of) + 5}
                fontSize="13.5"
                fill="var(--ink)"
                stroke="var(--paper)"
                strokeWidth="4"
                paintOrder="stroke"
              >
                {so} of {of}
              </text>
            </g>
          );
        })}
      </svg>
      <figcaption className="max-w-[23rem] text-soft">
        Bars hold the long run 9 times in 10. On the dotted line it was said rightly; under it too much was
        said.
      </figcaption>
    </figure>
  );
}
