import type { Sheet } from '../api/client';
import { columnsOf } from './layout';
import { rem } from './scale';

export interface Mark {
  /** 0 to 1 of the strip's height. */
  height: number;
  fill: string;
}

/** A mark for each cylinder in its place, small enough to stand beside a name. */
export function CylinderStrip({
  sheet,
  height,
  mark,
}: {
  sheet: Sheet;
  height: number;
  mark: (cylinder: number) => Mark;
}) {
  const columns = columnsOf(sheet.engine.engine);
  const step = Math.min(10, 80 / columns.length);
  return (
    <svg
      viewBox={`0 0 ${step * columns.length} ${height}`}
      style={{ width: rem(step * columns.length), height: rem(height) }}
      aria-hidden
      className="max-w-full shrink-0"
    >
      {columns.map((c, i) => {
        const { height: share, fill } = mark(c.cylinder);
        const h = Math.max(2, share * (height - 2));
        return (
          <rect key={c.cylinder} x={i * step} y={height - h} width={step - 2.5} height={h} fill={fill} />
        );
      })}
    </svg>
  );
}

interface Look {
  cylinder: number;
  oily: boolean;
  odd: boolean;
}

/** A stroke where nothing is odd, a block where something is. */
export function LookStrip({ sheet, looks }: { sheet: Sheet; looks: Look[] }) {
  const at = new Map(looks.map((l) => [l.cylinder, l]));
  return looks.length === 0 ? null : (
    <CylinderStrip
      sheet={sheet}
      height={16}
      mark={(c) => {
        const look = at.get(c);
        return {
          height: look?.odd ? 1 : 0.2,
          fill: !look ? 'var(--hair)' : look.oily ? 'var(--oil)' : 'var(--ink)',
        };
      }}
    />
  );
}
