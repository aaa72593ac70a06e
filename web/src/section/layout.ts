import type { EngineDocument } from '../api/client';
import { rem } from './scale';

/** One column of the sheet: a cylinder, and where its bank begins. */
export interface Column {
  cylinder: number;
  /** Bank heading above the first column of each bank, where there are two. */
  bank?: string;
  side: EngineDocument['banks'][number]['side'];
  /** Another cylinder under the same gasket follows to the right. */
  joinedRight: boolean;
}

const SIDES = { ONLY: '', LEFT: 'Left bank', RIGHT: 'Right bank' } as const;

/** Columns in physical order, bank after bank, so that neighbours are neighbours. */
export function columnsOf(engine: EngineDocument): Column[] {
  return engine.banks.flatMap((bank) =>
    bank.cylinders.map((cylinder, i) => ({
      cylinder,
      bank: i === 0 ? SIDES[bank.side] : undefined,
      side: bank.side,
      joinedRight: i < bank.cylinders.length - 1,
    })),
  );
}

/** Widths shared by the section and the rows underneath it, in units of a sixteenth of the text size (pixels as a rule). */
export interface Measure {
  label: number;
  column: number;
  unit: number;
  gap: number;
}

const LEAST_COLUMN = 72;
const WIDEST_COLUMN = 168;

export function measure(width: number, columns: Column[]): Measure {
  const label = 96;
  const unit = 52;
  const gaps = columns.filter((c, i) => c.bank && i > 0).length;
  // Wide enough for the name of the bank that begins there.
  const gap = 44;
  const column = Math.floor((width - label - unit - gaps * gap) / Math.max(1, columns.length));
  return { label, unit, gap, column: Math.max(LEAST_COLUMN, Math.min(WIDEST_COLUMN, column)) };
}

/** Left edge of each column, and the whole width. */
export function edges(columns: Column[], m: Measure): { lefts: number[]; width: number } {
  let x = m.label;
  const lefts = columns.map((c, i) => {
    if (c.bank && i > 0) {
      x += m.gap;
    }
    const left = x;
    x += m.column;
    return left;
  });
  return { lefts, width: x + m.unit };
}

export function gridTemplate(columns: Column[], m: Measure): string {
  const cells = columns.map((c, i) => (c.bank && i > 0 ? `${rem(m.gap)} ${rem(m.column)}` : rem(m.column)));
  return `${rem(m.label)} ${cells.join(' ')} ${rem(m.unit)}`;
}

/**
 * Piston heights, 0 at top and 1 at bottom, with the first cylinder of the firing order on compression at the top.
 * Without a firing order every second piston is down, as a draughtsman would draw it.
 */
export function pistonDepths(engine: EngineDocument, columns: Column[]): Map<number, number> {
  const order = engine.firingOrder ?? [];
  const cycle = engine.cycle === 'TWO_STROKE' ? 360 : 720;
  const depths = new Map<number, number>();
  columns.forEach((c, i) => {
    const at = order.indexOf(c.cylinder);
    const intervals = engine.intervalsDeg?.length === order.length ? engine.intervalsDeg : undefined;
    const angle =
      at < 0
        ? (i % 2) * 180
        : intervals
          ? intervals.slice(0, at).reduce((sum, d) => sum + d, 0)
          : (cycle / order.length) * at;
    depths.set(c.cylinder, (1 - Math.cos((angle * Math.PI) / 180)) / 2);
  });
  return depths;
}
