import { createContext, type ReactNode, useContext, useMemo, useState } from 'react';
import {
  type Choice,
  editable,
  fill,
  format,
  metric,
  type Quantity,
  toBase,
  unitOf,
  withUnit,
} from './units';

interface Units {
  choice: Choice;
  choose: (choice: Choice) => void;
  format: (quantity: Quantity, base: number) => string;
  withUnit: (quantity: Quantity, base: number) => string;
  symbol: (quantity: Quantity) => string;
  toBase: (quantity: Quantity, shown: number) => number;
  editable: (quantity: Quantity, base: number) => string;
  fill: (sentence: string) => string;
}

const KEY = 'silent-otter.units';
const Context = createContext<Units | null>(null);

function stored(): Choice {
  try {
    return { ...metric, ...(JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Choice>) };
  } catch {
    return metric;
  }
}

export function UnitsProvider({ children }: { children: ReactNode }) {
  const [choice, setChoice] = useState(stored);
  const units = useMemo<Units>(
    () => ({
      choice,
      choose: (next) => {
        localStorage.setItem(KEY, JSON.stringify(next));
        setChoice(next);
      },
      format: (q, base) => format(choice, q, base),
      withUnit: (q, base) => withUnit(choice, q, base),
      symbol: (q) => unitOf(choice, q).symbol,
      toBase: (q, shown) => toBase(choice, q, shown),
      editable: (q, base) => editable(choice, q, base),
      fill: (sentence) => fill(choice, sentence),
    }),
    [choice],
  );
  return <Context value={units}>{children}</Context>;
}

export function useUnits(): Units {
  const units = useContext(Context);
  if (!units) {
    throw new Error('useUnits needs a UnitsProvider');
  }
  return units;
}
