/** Units of display. What was measured is kept in SI-like base units and never changes with them. */

interface Unit {
  symbol: string;
  /** Base value of one of this unit. */
  factor: number;
  offset?: number;
  decimals: number;
}

const unit = (symbol: string, factor: number, decimals: number, offset?: number): Unit => ({
  symbol,
  factor,
  decimals,
  offset,
});

export const quantities = {
  pressure: [unit('kPa', 1, 0), unit('bar', 100, 1), unit('psi', 6.894757293168361, 0)],
  length: [unit('mm', 1, 2), unit('in', 25.4, 3)],
  area: [unit('mm²', 1, 2)],
  dose: [unit('mL', 1, 1)],
  volume: [unit('L', 1, 2), unit('US qt', 0.946352946, 2)],
  distance: [unit('km', 1, 0), unit('mi', 1.609344, 0)],
  height: [unit('m', 1, 0), unit('ft', 0.3048, 0)],
  temperature: [unit('°C', 1, 0), unit('°F', 5 / 9, 0, -160 / 9)],
  crankcase: [unit('Pa', 1, 0), unit('inH2O', 249.089, 2)],
  oilRate: [unit('L/1000 km', 1, 2), unit('US qt/1000 mi', 0.946352946 / 1.609344, 2)],
} satisfies Record<string, Unit[]>;

export type Quantity = keyof typeof quantities;
export type Choice = Record<Quantity, number>;

export const metric: Choice = {
  pressure: 0,
  length: 0,
  area: 0,
  dose: 0,
  volume: 0,
  distance: 0,
  height: 0,
  temperature: 0,
  crankcase: 0,
  oilRate: 0,
};
export const american: Choice = {
  ...metric,
  pressure: 2,
  length: 1,
  volume: 1,
  distance: 1,
  height: 1,
  temperature: 1,
  crankcase: 1,
  oilRate: 1,
};

export function unitOf(choice: Choice, quantity: Quantity): Unit {
  const units: Unit[] = quantities[quantity];
  return units[choice[quantity]] ?? units[0]!;
}

export function toDisplay(choice: Choice, quantity: Quantity, base: number): number {
  const u = unitOf(choice, quantity);
  return (base - (u.offset ?? 0)) / u.factor;
}

export function toBase(choice: Choice, quantity: Quantity, shown: number): number {
  const u = unitOf(choice, quantity);
  return shown * u.factor + (u.offset ?? 0);
}

/** The number alone, as many decimals as the unit deserves. */
export function format(choice: Choice, quantity: Quantity, base: number): string {
  return toDisplay(choice, quantity, base).toFixed(unitOf(choice, quantity).decimals).replace('-', '−');
}

export function withUnit(choice: Choice, quantity: Quantity, base: number): string {
  return `${format(choice, quantity, base)} ${unitOf(choice, quantity).symbol}`;
}

/** As typed into a field: no rounding that would change what was measured. */
export function editable(choice: Choice, quantity: Quantity, base: number): string {
  return String(Number(toDisplay(choice, quantity, base).toPrecision(10)));
}

/** A comma that may as well stand between thousands: 1,234 is never taken for 1.234 in silence. */
const TWO_WAYS = /^[-+]?[1-9]\d{0,2},\d{3}$/;

/** A number as people type it, decimal comma included; undefined when it is none, or could be two. */
export function parseNumber(text: string): number | undefined {
  if (TWO_WAYS.test(text.trim())) {
    return undefined;
  }
  const cleaned = text.trim().replace(',', '.').replace('−', '-');
  return /^[-+]?(\d+\.?\d*|\.\d+)$/.test(cleaned) ? Number(cleaned) : undefined;
}

/** Why a text is no number, in a sentence; for the first of several with blanks between. */
export function whyNoNumber(text: string): string {
  const wrong = text
    .trim()
    .split(/\s+/)
    .find((w) => TWO_WAYS.test(w));
  return wrong
    ? `${wrong} can be read in two ways: write ${wrong.replace(',', '')} or ${wrong.replace(',', '.')}.`
    : 'This must be a number.';
}

/** The units in which sentences are asked for, as the server names them: plain letters only. */
export function asked(choice: Choice): string {
  return (Object.keys(quantities) as Quantity[])
    .map((q) => unitOf(choice, q).symbol.replace(/[°²]/g, ''))
    .join(', ');
}
