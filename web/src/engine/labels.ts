import type { EngineDocument } from '../api/client';

type Bank = EngineDocument['banks'][number];

/** What the shop calls a cylinder: its number where it has no name of its own. */
export function labelIn(engine: Pick<EngineDocument, 'labels'>, cylinder: number): string {
  return engine.labels?.[String(cylinder)] ?? String(cylinder);
}

/** A list of cylinders in the shop's labels. */
export function inLabels(
  engine: Pick<EngineDocument, 'labels'>,
  cylinders: number[],
  between: string,
): string {
  return cylinders.map((c) => labelIn(engine, c)).join(between);
}

export type Read<T> = { value: T } | { problem: string };

function words(text: string): string[] {
  return text
    .trim()
    .split(/[\s,;–-]+/)
    .filter(Boolean);
}

/** Reads a firing order as it is typed, in the shop's labels; nothing is guessed. */
export function readFiringOrder(engine: EngineDocument, text: string): Read<number[] | undefined> {
  const all = engine.banks.flatMap((b) => b.cylinders).sort((a, b) => a - b);
  const byLabel = new Map(all.map((c) => [labelIn(engine, c).toLowerCase(), c]));
  const typed = words(text);
  if (typed.length === 0) {
    return { value: undefined };
  }
  const unknown = typed.filter((w) => !byLabel.has(w.toLowerCase()));
  if (unknown.length) {
    return {
      problem: `No cylinder here is called ${unknown.join(', ')}. They are called ${inLabels(engine, all, ' ')}.`,
    };
  }
  const order = typed.map((w) => byLabel.get(w.toLowerCase())!);
  const twice = order.find((c, i) => order.indexOf(c) !== i);
  const missing = all.filter((c) => !order.includes(c));
  if (twice !== undefined || missing.length) {
    return {
      problem:
        twice !== undefined
          ? `${labelIn(engine, twice)} stands there twice.`
          : `${inLabels(engine, missing, ', ')} is left out.`,
    };
  }
  return { value: order };
}

/** Reads the labels of one bank as they are typed, in the order in which its cylinders stand. */
export function readBankLabels(bank: Bank, text: string): Read<Record<string, string>> {
  const typed = text
    .trim()
    .split(/[\s,;]+/)
    .filter(Boolean);
  if (typed.length !== 0 && typed.length !== bank.cylinders.length) {
    return {
      problem: `This bank has ${bank.cylinders.length} cylinders, and these are ${typed.length} labels.`,
    };
  }
  const long = typed.find((w) => w.length > 8);
  if (long) {
    return { problem: `${long} is longer than 8 characters.` };
  }
  const twice = typed.find((w, i) => typed.indexOf(w) !== i);
  if (twice) {
    return { problem: `${twice} stands there twice.` };
  }
  const named = bank.cylinders.map((c, i) => [String(c), typed[i] ?? ''] as const);
  return { value: Object.fromEntries(named.filter(([c, l]) => l && l !== c)) };
}

/** The labels of an engine with those of one bank changed; nothing where none is left. */
export function withBankLabels(
  engine: EngineDocument,
  bank: Bank,
  labels: Record<string, string>,
): Record<string, string> | undefined {
  const others = Object.entries(engine.labels ?? {}).filter(([c]) => !bank.cylinders.includes(Number(c)));
  const all = { ...Object.fromEntries(others), ...labels };
  return Object.keys(all).length ? all : undefined;
}

/**
 * Another numbering of the same places. The shop's own labels stay where they stand, and the firing order with them:
 * only the numbers behind them change.
 */
export function renumbered(engine: EngineDocument, banks: Bank[]): Partial<EngineDocument> {
  if (!engine.labels) {
    return { banks };
  }
  const next = new Map(
    engine.banks.flatMap((b, i) => b.cylinders.map((c, k) => [c, banks[i]?.cylinders[k]] as const)),
  );
  const labels = engine.banks
    .flatMap((b) => b.cylinders)
    .map((c) => [String(next.get(c)), labelIn(engine, c)] as const)
    .filter(([c, label]) => c !== label);
  return {
    banks,
    labels: labels.length ? Object.fromEntries(labels) : undefined,
    firingOrder: engine.firingOrder?.map((c) => next.get(c) ?? c),
  };
}
