import { useId } from 'react';
import type { Sheet } from '../api/client';
import { CylinderDrawing, HEIGHT } from './CylinderDrawing';
import { describeSection } from './describeSection';
import { EscapePaths } from './EscapePaths';
import { type Column, edges, type Measure, pistonDepths } from './layout';
import { labelOf } from '../api/labelOf';

interface Props {
  sheet: Sheet;
  columns: Column[];
  measure: Measure;
  current?: number;
}

/** The engineering section of the engine: it fills itself in as readings come. */
export function Section({ sheet, columns, measure, current }: Props) {
  const hatch = useId();
  const { lefts, width } = edges(columns, measure);
  const depths = pistonDepths(sheet.engine.engine, columns);
  const valves = sheet.engine.engine.cycle !== 'TWO_STROKE';
  const water = sheet.engine.engine.cooling !== 'AIR';
  return (
    <figure>
      <svg
        width={width}
        height={HEIGHT}
        viewBox={`0 0 ${width} ${HEIGHT}`}
        role="img"
        aria-labelledby={hatch + 't'}
      >
        <title id={hatch + 't'}>{describeSection(sheet)}</title>
        <defs>
          <pattern
            id={hatch}
            width="7"
            height="7"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <line x1="0" y1="0" x2="0" y2="7" stroke="var(--metal)" strokeWidth="1" />
          </pattern>
        </defs>
        {columns.map((c, i) => (
          <CylinderDrawing
            key={c.cylinder}
            x={lefts[i]!}
            width={measure.column}
            label={labelOf(sheet, c.cylinder)}
            bank={c.bank}
            depth={depths.get(c.cylinder) ?? 0}
            first={i === 0 || !columns[i - 1]!.joinedRight}
            last={!c.joinedRight}
            hatch={`url(#${hatch})`}
            valves={valves}
            water={water}
            current={c.cylinder === current}
          />
        ))}
        {columns.map((c, i) => (
          <EscapePaths
            key={c.cylinder}
            sheet={sheet}
            cylinder={c.cylinder}
            x={lefts[i]!}
            width={measure.column}
            depth={depths.get(c.cylinder) ?? 0}
            towardsRight={(n) => columns[i + 1]?.cylinder === n && c.joinedRight}
          />
        ))}
      </svg>
    </figure>
  );
}
