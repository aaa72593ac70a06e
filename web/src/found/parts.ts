import type { Schemas } from '../api/client';
import { questionsOf, type Question } from '../examination/Questions';
import { label } from '../words/labels';

export type CylinderFound = Schemas['CylinderFound'];
export type ValveFound = Schemas['ValveFound'];
export type WearLimits = Schemas['WearLimits'];

/** The parts of a cylinder that can be looked at, from the head down, as they are drawn. */
export const PARTS = ['intake', 'exhaust', 'gasket', 'bore', 'crown', 'rings', 'oilRing', 'skirt'] as const;
export type Part = (typeof PARTS)[number];

export const NAMES: Record<Part, string> = {
  intake: 'Intake valve',
  exhaust: 'Exhaust valve',
  gasket: 'Gasket line',
  bore: 'Bore',
  crown: 'Crown',
  rings: 'Rings and lands',
  oilRing: 'Oil ring',
  skirt: 'Skirt',
};

/** A two-stroke has neither valves nor an oil ring. */
export function partsOf(twoStroke: boolean): Part[] {
  return PARTS.filter((p) => !twoStroke || !(p === 'intake' || p === 'exhaust' || p === 'oilRing'));
}

const cylinder = questionsOf<CylinderFound>();
const valve = questionsOf<ValveFound>();

export const VALVE: Question<ValveFound>[] = [
  valve.choice('fluidTest', 'Fluid on the seat', 'FluidTest'),
  valve.choice('face', 'Face and seat', 'ValveFace'),
  valve.choice('guide', 'In its guide', 'Guide'),
  valve.choice('stemSeal', 'Stem seal', 'StemSealFound'),
  valve.choice('lift', 'Lift', 'ValveLift'),
];

export const QUESTIONS: Record<Exclude<Part, 'intake' | 'exhaust'>, Question<CylinderFound>[]> = {
  gasket: [cylinder.choice('gasket', 'Gasket line round this bore', 'GasketLine')],
  bore: [cylinder.choice('bore', 'Wall', 'BoreFound')],
  crown: [cylinder.choice('crown', 'Crown', 'CrownFound')],
  rings: [
    cylinder.choice('rings', 'Compression rings', 'RingsFound'),
    cylinder.choice('lands', 'Lands', 'Lands'),
  ],
  oilRing: [
    cylinder.choice('oilRing', 'Oil ring', 'OilRingFound'),
    cylinder.choice('drains', 'Drains behind it', 'OilDrains'),
  ],
  skirt: [cylinder.choice('skirt', 'Skirt', 'Skirt')],
};

/** What counts as sound, by field; everything else that was seen is drawn as bad. */
const SOUND: Record<string, string[]> = {
  fluidTest: ['TIGHT'],
  face: ['EVEN'],
  guide: ['SNUG'],
  stemSeal: ['SOFT'],
  lift: ['FULL'],
  gasket: ['WHOLE'],
  bore: ['HATCH_SEEN'],
  crown: ['DRY'],
  rings: ['FREE'],
  lands: ['WHOLE'],
  oilRing: ['FREE'],
  drains: ['OPEN'],
  skirt: ['SOUND'],
};

const TYPES: Record<string, string> = {
  fluidTest: 'FluidTest',
  face: 'ValveFace',
  guide: 'Guide',
  stemSeal: 'StemSealFound',
  lift: 'ValveLift',
  gasket: 'GasketLine',
  bore: 'BoreFound',
  crown: 'CrownFound',
  rings: 'RingsFound',
  lands: 'Lands',
  oilRing: 'OilRingFound',
  drains: 'OilDrains',
  skirt: 'Skirt',
};

/** Fields of a part, most telling first. */
const FIELDS: Record<Part, string[]> = {
  intake: ['face', 'fluidTest', 'lift', 'stemSeal', 'guide'],
  exhaust: ['face', 'fluidTest', 'lift', 'stemSeal', 'guide'],
  gasket: ['gasket'],
  bore: ['bore'],
  crown: ['crown'],
  rings: ['rings', 'lands'],
  oilRing: ['oilRing', 'drains'],
  skirt: ['skirt'],
};

export interface Look {
  bad: boolean;
  /** What is wrong in a word or two; what was measured or seen where nothing is. */
  words: string;
}

function measures(part: Part, found: CylinderFound, limits: WearLimits): [number, number | undefined][] {
  if (part === 'bore') {
    return [
      [found.wearMm, limits.wearMm],
      [found.taperMm, limits.taperMm],
      [found.ovalityMm, limits.ovalityMm],
    ].flatMap(([mm, limit]) => (mm === undefined ? [] : [[mm, limit] as [number, number | undefined]]));
  }
  return part === 'rings' ? found.gapsMm.map((mm) => [mm, limits.gapMm]) : [];
}

/** What was seen of a part; undefined where nobody looked. */
export function lookOf(part: Part, found: CylinderFound | undefined, limits: WearLimits): Look | undefined {
  if (!found) {
    return undefined;
  }
  const told = (part === 'intake' || part === 'exhaust' ? found[part] : found) as
    Record<string, unknown> | undefined;
  const seen = FIELDS[part].flatMap((field) => {
    const value = told?.[field] as string | undefined;
    return value ? [{ bad: !SOUND[field]!.includes(value), words: label(TYPES[field]!, value) }] : [];
  });
  const measured = measures(part, found, limits);
  const beyond = measured.some(([mm, limit]) => limit !== undefined && mm > limit);
  const wrong = seen.find((s) => s.bad);
  if (wrong) {
    return wrong;
  }
  if (beyond) {
    return { bad: true, words: 'beyond limit' };
  }
  return seen[0] ?? (measured.length ? { bad: false, words: 'measured' } : undefined);
}
