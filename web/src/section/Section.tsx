import { useId } from 'react';
import type { Sheet } from '../api/client';
import { callOuts, FIGURE, LINE } from './callOuts';
import { CylinderDrawing } from './CylinderDrawing';
import { describeSection } from './describeSection';
import { EscapePaths } from './EscapePaths';
import { drawnIn, FULL, heights } from './heights';
import { type Column, edges, type Measure, pistonDepths } from './layout';
import { rem } from './scale';

interface Props {
  sheet: Sheet;
  columns: Column[];
  measure: Measure;
  /** In units of the layout; the drawing gives way where the bench needs the room. */
  height?: number;
}

/** The engineering section of the engine: it fills itself in as readings come. */
export function Section({ sheet, columns, measure, height = FULL }: Props) {
  const hatch = useId();
  const { lefts, width } = edges(columns, measure);
  const h = heights(height);
  const depths = pistonDepths(sheet.engine.engine, columns);
  // A row of its own in the table of readings, whose columns it stands in.
  return (
    <div role="row">
      <div role="cell">
        <svg
          style={{ width: rem(width), height: rem(height) }}
          viewBox={`0 0 ${width} ${height}`}
          className="block"
          role="img"
          aria-labelledby={hatch + 't'}
          data-section
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
            <Cylinder
              key={c.cylinder}
              sheet={sheet}
              columns={columns}
              at={i}
              x={lefts[i]!}
              width={measure.column}
              depth={depths.get(c.cylinder) ?? 0}
              drawn={h.callout}
              hatch={`url(#${hatch})`}
            />
          ))}
          {columns.map((c, i) => (
            <CallOuts
              key={c.cylinder}
              sheet={sheet}
              cylinder={c.cylinder}
              x={lefts[i]!}
              width={measure.column}
              y={h.callout}
              room={h.room}
            />
          ))}
        </svg>
      </div>
    </div>
  );
}

interface CylinderProps {
  sheet: Sheet;
  columns: Column[];
  at: number;
  x: number;
  width: number;
  depth: number;
  drawn: number;
  hatch: string;
}

/** One cylinder with the ways past it; in a flat engine it lies on its side, its head outwards. */
function Cylinder({ sheet, columns, at, x, width, depth, drawn, hatch }: CylinderProps) {
  const { cycle, cooling, layout } = sheet.engine.engine;
  const column = columns[at]!;
  const flat = layout === 'FLAT';
  const across = Math.min(drawn, 116);
  const above = (drawn - across) / 2;
  const h = drawnIn(flat ? width - 4 : drawn);
  const box = flat ? { x: 0, width: across } : { x, width };
  const turned =
    column.side === 'RIGHT'
      ? `matrix(0 1 -1 0 ${x + width - 2} ${above})`
      : `matrix(0 -1 1 0 ${x + 2} ${above + across})`;
  return (
    <g transform={flat ? turned : undefined} data-cylinder={column.cylinder}>
      <CylinderDrawing
        {...box}
        h={h}
        depth={depth}
        first={flat || at === 0 || !columns[at - 1]!.joinedRight}
        last={flat || !column.joinedRight}
        hatch={hatch}
        valves={cycle !== 'TWO_STROKE'}
        water={cooling !== 'AIR'}
      />
      <EscapePaths
        {...box}
        h={h}
        sheet={sheet}
        cylinder={column.cylinder}
        depth={depth}
        towardsRight={(n) => columns[at + 1]?.cylinder === n && column.joinedRight}
      />
    </g>
  );
}

interface CallOutProps {
  sheet: Sheet;
  cylinder: number;
  x: number;
  width: number;
  y: number;
  room: number;
}

function CallOuts({ sheet, cylinder, x, width, y, room }: CallOutProps) {
  const lines = callOuts(
    sheet.diagnosis.paths.filter((p) => p.cylinder === cylinder),
    width,
    room,
  );
  return (
    <g textAnchor="middle" data-callout={lines.length ? cylinder : undefined}>
      {lines.map((line, i) => {
        const above = lines.slice(0, i + 1).reduce((sum, l) => sum + (l.figure ? FIGURE : LINE), 0);
        return (
          <text
            key={i}
            x={x + width / 2}
            y={y + above - 3}
            fill={line.oil ? 'var(--oil)' : 'var(--leak)'}
            fontSize={line.figure ? 15.5 : 13.5}
            fontWeight={line.figure ? 700 : 500}
            className={line.figure ? 'font-mono' : undefined}
          >
            {line.text}
          </text>
        );
      })}
    </g>
  );
}
