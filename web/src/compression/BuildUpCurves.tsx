import { scaleLinear } from 'd3-scale';
import { curveMonotoneX, line } from 'd3-shape';
import type { Sheet, StoredPass } from '../api/client';
import { useUnits } from '../units/UnitsContext';
import { labelOf } from '../api/labelOf';

interface Props {
  sheet: Sheet;
  pass: StoredPass;
  current: number;
}

function curvesOf(pass: StoredPass) {
  return pass.readings.filter((r) => !r.finalOnly && !r.setAside);
}

/** Moves labels apart that would be printed over each other; two stand side by side. */
function spread(heights: number[]): number[] {
  const result = [...heights];
  const order = heights.map((_, i) => i).sort((a, b) => heights[a]! - heights[b]!);
  order.forEach((at, k) => {
    const above = order[k - 1];
    if (above !== undefined && result[at]! < result[above]! + 8) {
      result[at] = result[above]! + 8;
    }
  });
  return result;
}

const W = 520;
const H = 168;
const PAD = { left: 52, right: 56, top: 10, bottom: 26 };

/** Needle against stroke, one curve a cylinder, the one at hand heavy; drawn while it is typed. */
export function BuildUpCurves({ sheet, pass, current }: Props) {
  const units = useUnits();
  const own = sheet.compression.buildUps.find((b) => b.cylinder === current);
  // Of the pass at hand, or of the last one that was written down stroke by stroke.
  const curves = [pass, ...sheet.passes.toReversed()].map(curvesOf).find((c) => c.length > 0) ?? [];
  if (curves.length === 0) {
    return (
      <p className="max-w-[60ch] p-2 text-soft">
        Written down stroke by stroke, each cylinder draws its build-up curve here. Choose “Stroke by stroke”,
        or type the values with blanks between: 620 900 1010 1080.
      </p>
    );
  }
  const most = Math.max(4, ...curves.map((c) => c.strokesKPa.length));
  const top = Math.max(...curves.flatMap((c) => c.strokesKPa)) * 1.05;
  const x = scaleLinear([1, most], [PAD.left, W - PAD.right]);
  const y = scaleLinear([0, top], [H - PAD.bottom, PAD.top]);
  const draw = line<number>(
    (_, i) => x(i + 1),
    (v) => y(v),
  ).curve(curveMonotoneX);
  const labels = spread(curves.map((c) => y(c.strokesKPa.at(-1)!) + 4));
  return (
    <div className="flex flex-wrap gap-4">
      <svg width={W} height={H} role="img" aria-label="Build-up curves">
        {y.ticks(4).map((t) => (
          <g key={t}>
            <line x1={PAD.left} x2={W - PAD.right} y1={y(t)} y2={y(t)} stroke="var(--hair)" />
            <text
              x={PAD.left - 6}
              y={y(t) + 4}
              textAnchor="end"
              fill="var(--soft)"
              className="font-mono text-[0.75rem]"
            >
              {units.format('pressure', t)}
            </text>
          </g>
        ))}
        {Array.from({ length: most }, (_, i) => i + 1).map((s) => (
          <text
            key={s}
            x={x(s)}
            y={H - 8}
            textAnchor="middle"
            fill="var(--soft)"
            className="font-mono text-[0.75rem]"
          >
            {s}
          </text>
        ))}
        {curves.map((c, i) => {
          const low = sheet.compression.cylinders[c.cylinder]?.standing === 'LOW';
          const here = c.cylinder === current;
          const end = c.strokesKPa.length;
          return (
            <g
              key={c.id}
              stroke={low ? 'var(--leak)' : 'var(--ink)'}
              strokeDasharray={low ? '7 3' : undefined}
            >
              <path d={draw(c.strokesKPa) ?? ''} fill="none" strokeWidth={here ? 3 : 1.3} />
              {end === 1 && <circle cx={x(1)} cy={y(c.strokesKPa[0]!)} r="3" />}
              <text
                x={x(end) + 7 + (i % 2) * 16}
                y={labels[i]}
                stroke="none"
                fill={low ? 'var(--leak)' : 'var(--ink)'}
                className="font-mono text-[0.8125rem]"
              >
                {labelOf(sheet, c.cylinder)}
              </text>
            </g>
          );
        })}
      </svg>
      <div className="max-w-[34ch] flex-1 text-soft">
        <p>{own ? own.reason : 'Three strokes or more tell a shape.'}</p>
        <p className="mt-2">
          Compared only with sisters on this gauge. It weighs little: a likelihood ratio of 1.5.
        </p>
      </div>
    </div>
  );
}
