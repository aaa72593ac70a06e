import { useId } from 'react';
import type { Plug } from '../api/client';

/** Insulator as it looks in daylight; the word stands beside every drawing, so colour never carries it alone. */
const SHADES: Record<NonNullable<Plug['shade']>, string> = {
  WHITE: '#fdfcf7',
  GREY: '#c4c6c3',
  LIGHT_TAN: '#ead7b5',
  TAN: '#cfa873',
  BROWN: '#8b643a',
  BLACK: '#2c2926',
};
const GROUND: Record<NonNullable<Plug['ground']>, string> = {
  CLEAN: '#d5dadb',
  SOOTED: '#3a3735',
  ASHY: '#ded9c9',
  BLUED: '#8894b4',
  RUSTY: '#a9683f',
};
const NOSE = 'M36 72L43 38H57L64 72Z';
/** Spots where things lie on the nose and rim, from the intake side to the other. */
const SPOTS = [
  [41, 62],
  [45, 50],
  [40, 68],
  [48, 66],
  [50, 44],
  [52, 57],
  [56, 66],
  [54, 48],
  [60, 68],
  [58, 60],
] as const;
const RIM_SPOTS = [29, 34, 40, 58, 64, 71] as const;

interface Props {
  plug: Plug | undefined;
  width: number;
  /** What it shows, for a reader who does not see it. */
  words: string;
}

/** A plug standing on the tray, firing end up, drawn from what was said of it. */
export function PlugDrawing({ plug, width, words }: Props) {
  const id = useId();
  const p = plug ?? {};
  const blank = !p.shade && !p.wetness && !p.deposit && !p.surface;
  const clean = p.surface === 'STEAM_CLEANED';
  return (
    <svg width={width} height={width * 1.25} viewBox="0 0 100 125" role="img" aria-label={words}>
      <defs>
        <pattern id={id} width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2="5" stroke="var(--hair)" strokeWidth="1.4" />
        </pattern>
      </defs>
      <g stroke="var(--ink)" strokeWidth="1.5" strokeLinejoin="round" fill="none">
        <Body plug={p} />
        <path
          d={NOSE}
          fill={blank ? `url(#${id})` : clean ? '#ffffff' : p.shade ? SHADES[p.shade] : 'var(--well)'}
        />
        <Electrodes plug={p} />
        <Deposits plug={p} />
        <Surface plug={p} />
        <Wet plug={p} />
      </g>
    </svg>
  );
}

function Body({ plug: p }: { plug: Plug }) {
  const loose = p.tight === false;
  return (
    <>
      <rect x="24" y="72" width="52" height="9" fill="var(--well)" strokeWidth="1.8" />
      <rect x="29" y="81" width="42" height="40" fill={p.thread === 'SOOTED' ? '#6a6664' : 'var(--paper)'} />
      {[87, 93, 99, 105, 111, 117].map((y) => (
        <path key={y} d={`M29 ${y}L71 ${y - 3}`} strokeWidth="1.2" />
      ))}
      {loose && <path d="M18 84v14m0 0l-4-5m4 5l4-5M82 98V84m0 0l-4 5m4-5l4 5" strokeWidth="1.6" />}
      {(p.thread === 'OILY' || p.well === 'OIL') &&
        [38, 52, 64].map((x, i) => <Drop key={x} x={x} y={90 + (i % 2) * 12} filled="var(--oil)" />)}
      {p.well === 'WATER' && [40, 60].map((x) => <Drop key={x} x={x} y={94} filled="var(--water)" />)}
    </>
  );
}

/** The gap is drawn larger than it is, so that a tenth of a millimetre shows. */
function Electrodes({ plug: p }: { plug: Plug }) {
  const gap = p.damage === 'BRIDGED_GAP' ? 3 : Math.max(2, Math.min(20, 8 + ((p.gapMm ?? 0.8) - 0.8) * 20));
  const tip = 17 + gap;
  const ground = p.ground ? GROUND[p.ground] : 'var(--well)';
  const round = p.wear === 'ROUNDED';
  const bent = p.damage === 'BENT_GROUND';
  return (
    <>
      {p.wear === 'MELTED' ? (
        <path d={`M46 38V${tip + 9}l3 -3 2 4 3-5V38Z`} fill="var(--well)" />
      ) : (
        <path
          d={round ? `M46 38V${tip + 3}Q50 ${tip - 3} 54 ${tip + 3}V38Z` : `M46.5 38V${tip}H53.5V38Z`}
          fill="var(--well)"
        />
      )}
      <path
        d={
          bent
            ? 'M67 72V26Q67 19 61 20L45 26L43 21L60 14Q74 11 74 24V72Z'
            : `M67 72V23Q67 17 61 17H${round ? 47 : 44}${round ? 'Q42 14 47 11' : 'V11'}H62Q74 11 74 23V72Z`
        }
        fill={ground}
      />
      {p.damage === 'BRIDGED_GAP' && (
        <path d={`M46 ${tip}Q44 ${tip - 4} 47 16H54Q57 ${tip - 3} 54 ${tip}Z`} fill="var(--ink)" />
      )}
    </>
  );
}

function Deposits({ plug: p }: { plug: Plug }) {
  if (!p.deposit || p.deposit === 'NONE') {
    return null;
  }
  const sided = SPOTS.filter(([x]) =>
    p.side === 'INTAKE_SIDE' ? x < 50 : p.side === 'OTHER_SIDE' ? x > 50 : true,
  );
  const nose = p.amount === 'LIGHT' ? sided.filter((_, i) => i % 2 === 0) : sided;
  const onNose = p.place !== 'RIM' && p.place !== 'GROUND';
  const rim = p.place === 'RIM' || p.place === 'ALL_OVER' || (p.amount === 'HEAVY' && !p.place);
  const onGround = p.place === 'GROUND' || p.place === 'ALL_OVER';
  const spots: (readonly [number, number])[] = [
    ...(onNose ? nose : []),
    ...(rim ? RIM_SPOTS.map((x) => [x, 76] as const) : []),
    ...(onGround
      ? ([
          [70.5, 30],
          [70.5, 42],
          [70.5, 54],
          [58, 14],
          [50, 14],
        ] as const)
      : []),
  ];
  return spots.map(([x, y], i) => <Spot key={i} x={x} y={y} i={i} deposit={p.deposit!} />);
}

function Spot({
  x,
  y,
  i,
  deposit,
}: {
  x: number;
  y: number;
  i: number;
  deposit: NonNullable<Plug['deposit']>;
}) {
  switch (deposit) {
    case 'SOFT_SOOT':
      return <circle cx={x} cy={y} r={2.4 + (i % 3) * 0.7} fill="#1f1d1c" stroke="none" opacity="0.85" />;
    case 'OILY_CARBON':
      return <ellipse cx={x} cy={y} rx={4} ry={2.6} fill="#2a2417" stroke="var(--oil)" strokeWidth="1.2" />;
    case 'ASH':
      return (
        <path
          d={`M${x - 4} ${y + 2}L${x - 2} ${y - 3}L${x + 1} ${y - 1}L${x + 4} ${y - 3}L${x + 3} ${y + 3}Z`}
          fill="#f1ebdc"
          stroke="#5d5747"
          strokeWidth="1.1"
        />
      );
    case 'WATER_STAIN':
      return (
        <path d={`M${x - 4} ${y}q2 -3 4 0t4 0`} stroke={i % 2 ? '#a3552a' : '#5c8f6d'} strokeWidth="1.8" />
      );
    case 'METAL_SPECKS':
      return (
        <path
          d={`M${x - 1.8} ${y + 1.5}L${x} ${y - 2}L${x + 1.8} ${y + 1.5}Z`}
          fill="#7f8a90"
          strokeWidth="0.7"
        />
      );
    default:
      return null;
  }
}

function Surface({ plug: p }: { plug: Plug }) {
  return (
    <>
      {p.surface === 'BLISTERED' &&
        SPOTS.filter((_, i) => i % 2).map(([x, y]) => (
          <circle key={x + y} cx={x} cy={y} r="2.3" fill="#ffffff" strokeWidth="1" />
        ))}
      {p.surface === 'STEAM_CLEANED' && (
        <path d="M45 67L49 44M51 69L53 47M57 68L56 56" stroke="var(--water)" strokeWidth="1.4" />
      )}
      {p.damage === 'BROKEN_INSULATOR' && <path d="M42 44L47 50L44 55L50 60L46 66L53 72" strokeWidth="2.4" />}
    </>
  );
}

function Wet({ plug: p }: { plug: Plug }) {
  if (!p.wetness || p.wetness === 'DRY') {
    return null;
  }
  const filled = p.wetness === 'WET_STAYS_OILY' ? 'var(--oil)' : undefined;
  const dashed = p.wetness === 'WET_NOT_RUBBED';
  return [
    [31, 62],
    [38, 56],
    [62, 60],
    [83, 66],
    [80, 40],
  ].map(([x, y]) => <Drop key={x} x={x!} y={y!} filled={filled} dashed={dashed} />);
}

function Drop({ x, y, filled, dashed }: { x: number; y: number; filled?: string; dashed?: boolean }) {
  return (
    <path
      d={`M${x} ${y - 5}Q${x + 4.5} ${y + 1} ${x} ${y + 4}Q${x - 4.5} ${y + 1} ${x} ${y - 5}Z`}
      fill={filled ?? 'var(--well)'}
      stroke={filled ?? 'var(--ink)'}
      strokeWidth="1.2"
      strokeDasharray={dashed ? '2 1.5' : undefined}
    />
  );
}
