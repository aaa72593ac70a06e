import { useId } from 'react';
import type { Sheet } from '../api/client';
import { labelOf } from '../api/labelOf';
import { type Column, edges, type Measure } from '../section/layout';
import { rem } from '../section/scale';
import { type Look, lookOf, NAMES, type Part, PARTS, partsOf } from './parts';

export interface At {
  part: Part;
  cylinder: number;
}

interface Props {
  sheet: Sheet;
  columns: Column[];
  measure: Measure;
  at: At;
  onPick: (at: At) => void;
}

const HEAD = 26;
const ROW = 44;
/** Narrower than this, the two valves stand one under the other: a glove needs the room. */
const BESIDE = 90;
const ROWS: Part[][] = [
  ['intake', 'exhaust'],
  ['gasket'],
  ['bore'],
  ['crown'],
  ['rings'],
  ['oilRing'],
  ['skirt'],
];

/** The section taken apart: each part of each cylinder stands by itself, to be tapped and said what it looked like. */
export function OpenedSection({ sheet, columns, measure, at, onPick }: Props) {
  const hatch = useId();
  const { lefts, width } = edges(columns, measure);
  const parts = partsOf(sheet.engine.engine.cycle === 'TWO_STROKE');
  const table = measure.column < BESIDE ? PARTS.map((p) => [p]) : ROWS;
  const rows = table.map((r) => r.filter((p) => parts.includes(p))).filter((r) => r.length > 0);
  const height = HEAD + rows.length * ROW;
  const { cylinders, limits } = sheet.examination.found;
  return (
    <svg
      style={{ width: rem(width), height: rem(height) }}
      viewBox={`0 0 ${width} ${height}`}
      className="block"
      role="group"
      aria-label="The engine, opened up"
    >
      <defs>
        <pattern id={hatch} width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2="7" stroke="var(--metal)" strokeWidth="1" />
        </pattern>
      </defs>
      {rows.map((row, r) => (
        <text key={row[0]} x={12} y={HEAD + r * ROW + ROW / 2 + 5} fontSize="14" fill="var(--soft)">
          {row.length === 2 ? 'Valves' : row[0] === 'rings' ? 'Rings, lands' : NAMES[row[0]!]}
        </text>
      ))}
      {columns.map((c, i) => (
        <g key={c.cylinder}>
          <text
            x={lefts[i]! + measure.column / 2}
            y={18}
            textAnchor="middle"
            fontSize="17"
            fontWeight="700"
            className="font-mono"
            fill={c.cylinder === at.cylinder ? 'var(--act)' : 'var(--ink)'}
          >
            {labelOf(sheet, c.cylinder)}
          </text>
          {rows.map((row, r) =>
            row.map((part, k) => (
              <PartButton
                key={part}
                part={part}
                look={lookOf(part, cylinders[c.cylinder], limits)}
                label={`${NAMES[part]}, cylinder ${labelOf(sheet, c.cylinder)}`}
                box={{
                  x: lefts[i]! + (k * measure.column) / row.length,
                  y: HEAD + r * ROW,
                  width: measure.column / row.length,
                  height: ROW,
                }}
                picked={at.cylinder === c.cylinder && at.part === part}
                hatch={`url(#${hatch})`}
                onPick={() => onPick({ part, cylinder: c.cylinder })}
              />
            )),
          )}
        </g>
      ))}
    </svg>
  );
}

interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

interface PartProps {
  part: Part;
  look: Look | undefined;
  label: string;
  box: Box;
  picked: boolean;
  hatch: string;
  onPick: () => void;
}

/** What nobody looked at is dotted, what is sound is drawn, what is not is heavy and says what it is. */
function PartButton({ part, look, label, box, picked, hatch, onPick }: PartProps) {
  return (
    <g
      role="button"
      tabIndex={picked ? 0 : -1}
      aria-pressed={picked}
      aria-label={`${label}: ${look ? look.words : 'not looked at'}`}
      className="cursor-pointer"
      onClick={onPick}
      onKeyDown={(e) => (e.key === 'Enter' || e.key === ' ') && onPick()}
      data-part={part}
    >
      <rect
        {...box}
        fill={picked ? 'var(--well)' : 'transparent'}
        stroke={picked ? 'var(--act)' : 'none'}
        strokeWidth="2"
      />
      <g
        stroke={look ? (look.bad ? 'var(--leak)' : 'var(--ink)') : 'var(--metal)'}
        strokeWidth={look ? (look.bad ? 3 : 1.7) : 1.1}
        strokeDasharray={look ? undefined : '2 3'}
        strokeLinejoin="round"
        fill="none"
      >
        <Shape part={part} box={box} fill={look ? hatch : 'none'} />
      </g>
      {look?.bad && <BadWords box={box} words={look.words} />}
    </g>
  );
}

function BadWords({ box, words }: { box: Box; words: string }) {
  const size = 13;
  const fits = box.width - 6;
  const wide = words.length * size * 0.46;
  return (
    <text
      x={box.x + box.width / 2}
      y={box.y + box.height - 5}
      textAnchor="middle"
      fontSize={size}
      fontWeight="600"
      fill="var(--leak)"
      stroke="var(--paper)"
      strokeWidth="4"
      paintOrder="stroke"
      textLength={wide > fits ? fits : undefined}
      lengthAdjust="spacingAndGlyphs"
    >
      {words}
    </text>
  );
}

/** One part as it lies on the bench. */
function Shape({ part, box, fill }: { part: Part; box: Box; fill: string }) {
  const m = box.x + box.width / 2;
  const half = Math.min(box.width * 0.34, 46);
  const [l, r] = [m - half, m + half];
  const y = box.y;
  switch (part) {
    case 'intake':
    case 'exhaust': {
      const head = Math.min(15, box.width * 0.32);
      return (
        <>
          <path d={`M${m} ${y + 5}V${y + 26}`} />
          <path d={`M${m - 3.5} ${y + 9}h7M${m - 5} ${y + 14}h10v6h-10z`} fill={fill} />
          <path d={`M${m - head} ${y + 30}L${m - 2} ${y + 24}h4L${m + head} ${y + 30}z`} />
        </>
      );
    }
    case 'gasket':
      return (
        <>
          <path d={`M${l - 14} ${y + 18}H${l}M${r} ${y + 18}H${r + 14}`} strokeWidth="4" />
          <ellipse cx={m} cy={y + 18} rx={half} ry={5} />
        </>
      );
    case 'bore':
      return (
        <>
          <rect x={l - 8} y={y + 3} width={8} height={32} fill={fill} />
          <rect x={r} y={y + 3} width={8} height={32} fill={fill} />
          <path
            d={`M${l + 4} ${y + 30}L${l + 16} ${y + 8}M${r - 4} ${y + 30}L${r - 16} ${y + 8}`}
            strokeWidth="0.8"
          />
        </>
      );
    case 'crown':
      return <path d={`M${l} ${y + 24}V${y + 8}H${r}V${y + 24}z`} fill={fill} />;
    case 'rings':
      return (
        <>
          <path d={`M${l} ${y + 8}H${m - 3}M${m + 3} ${y + 8}H${r}`} strokeWidth="4" />
          <path d={`M${l} ${y + 18}H${m + 8}M${m + 14} ${y + 18}H${r}`} strokeWidth="4" />
          <path d={`M${l + 5} ${y + 3}V${y + 28}M${r - 5} ${y + 3}V${y + 28}`} strokeWidth="0.8" />
        </>
      );
    case 'oilRing':
      return (
        <>
          <path d={`M${l} ${y + 10}H${r}M${l} ${y + 20}H${r}`} />
          <path d={`M${l + 8} ${y + 15}H${r - 8}`} strokeDasharray="5 5" strokeWidth="3" />
        </>
      );
    case 'skirt':
      return (
        <>
          <path
            d={`M${l} ${y + 4}H${r}V${y + 34}H${r - 9}C${r - 9} ${y + 18} ${l + 9} ${y + 18} ${l + 9} ${y + 34}H${l}z`}
            fill={fill}
          />
          <circle cx={m} cy={y + 12} r="4.5" />
        </>
      );
  }
}
