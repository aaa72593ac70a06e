import type { EscapePath } from '../api/client';
import { rounded, roundedInBrief } from '../units/figure';
import { label } from '../words/labels';

/** One line under a cylinder. */
export interface Line {
  text: string;
  oil: boolean;
  /** A figure rather than words. */
  figure: boolean;
}

export const LINE = 14;
export const FIGURE = 18;
/** A letter of a call-out is never wider on average. */
const LETTER = 6.3;
const DIGIT = 9.6;

/** Oil gets in, everything else gets out. */
export const isOil = (p: EscapePath) => p.kind === 'OIL_PAST_RINGS' || p.kind === 'OIL_PAST_STEM';

/** As short as a draughtsman abbreviates where a column is narrow; the full words stand in the rows and the verdict. */
const SHORT: Record<EscapePath['kind'], string> = {
  RINGS: 'rings',
  INTAKE_VALVE: 'intake',
  EXHAUST_VALVE: 'exhaust',
  GASKET_COOLANT: 'coolant',
  GASKET_NEIGHBOUR: 'between',
  OUTSIDE: 'outside',
  OIL_PAST_RINGS: 'oil, rings',
  OIL_PAST_STEM: 'oil, stem',
};

const SURE: Record<EscapePath['sureness'], string> = {
  NEAR_CERTAIN: 'practically certain',
  LIKELY: 'likely',
  POSSIBLE: 'possible',
  OPEN: 'not known',
};

const ORDER: EscapePath['sureness'][] = ['NEAR_CERTAIN', 'LIKELY', 'POSSIBLE'];

/** The paths that are surer than the others; none while nothing is known. */
function surestOf(paths: EscapePath[]): EscapePath[] {
  const best = ORDER.find((s) => paths.some((p) => p.sureness === s));
  return paths.filter((p) => p.sureness === best);
}

/** What is said of the leaks of one cylinder and of its oil, in lines that fit its column and the room under it. */
export function callOuts(paths: EscapePath[], width: number, room: number): Line[] {
  const leaks = paths.filter((p) => !isOil(p));
  const oil = paths.filter((p) => isOil(p) && p.sureness !== 'OPEN');
  const figure = leaks[0]?.areaMm2 ? areaIn(leaks[0].areaMm2, width) : undefined;
  const most = Math.floor((room - (figure ? FIGURE : 0)) / LINE);
  const ofLeaks = leaks.length ? fitting(leaks, width, most - (oil.length ? 1 : 0)) : [];
  const ofOil = oil.length ? fitting(oil, width, most - ofLeaks.length) : [];
  return [
    ...(figure ? [{ text: figure, oil: false, figure: true }] : []),
    ...ofLeaks.map((text) => ({ text, oil: false, figure: false })),
    ...ofOil.map((text) => ({ text, oil: true, figure: false })),
  ];
}

function areaIn(area: NonNullable<EscapePath['areaMm2']>, width: number): string | undefined {
  const brief = roundedInBrief(area);
  return [`${rounded(area)} mm²`, `${brief} mm²`, brief.replace(' ', '')].find(
    (t) => t.length * DIGIT <= width,
  );
}

/** The fullest way of saying it that fits. */
function fitting(paths: EscapePath[], width: number, most: number): string[] {
  const surest = surestOf(paths);
  const names = (words: (p: EscapePath) => string) =>
    [...new Set(surest.map(words))].join(' or ').replace(/ or oil,? (past )?/g, ' or ');
  const sure = surest[0] && SURE[surest[0].sureness];
  const ways = surest.length
    ? [
        `${names((p) => label('PathKind', p.kind))}, ${sure}`,
        names((p) => label('PathKind', p.kind)),
        names((p) => SHORT[p.kind]),
        surest.length > 1 ? `${SHORT[surest[0]!.kind]} +${surest.length - 1}` : SHORT[surest[0]!.kind],
        isOil(surest[0]!) ? 'oil' : `${surest.length} ways`,
      ]
    : ['path not known', 'where?'];
  const letters = Math.floor(width / LETTER);
  const wrapped = ways.map((way) => wrap(way, letters));
  return (
    wrapped.find((lines) => lines.length <= Math.max(1, most) && lines.every((l) => l.length <= letters)) ??
    wrapped.at(-1)!.slice(0, 1)
  );
}

function wrap(text: string, letters: number): string[] {
  return text.split(' ').reduce<string[]>((all, word) => {
    const last = all.at(-1);
    return last !== undefined && (last + ' ' + word).length <= letters
      ? [...all.slice(0, -1), last + ' ' + word]
      : [...all, word];
  }, []);
}
