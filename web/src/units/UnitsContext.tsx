import { useQueryClient } from '@tanstack/react-query';
import { createContext, type ReactNode, useContext, useMemo, useState } from 'react';
import { askForUnits } from '../api/client';
import {
  asked,
  type Choice,
  editable,
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
  const client = useQueryClient();
  const [choice, setChoice] = useState(() => {
    const first = stored();
    askForUnits(asked(first));
    return first;
  });
  const units = useMemo<Units>(
    () => ({
      choice,
      choose: (next) => {
        localStorage.setItem(KEY, JSON.stringify(next));
        setChoice(next);
        // Numbers change at once; sentences are written anew in the units asked for.
        askForUnits(asked(next));
        void client.invalidateQueries();
      },
      format: (q, base) => format(choice, q, base),
      withUnit: (q, base) => withUnit(choice, q, base),
      symbol: (q) => unitOf(choice, q).symbol,
      toBase: (q, shown) => toBase(choice, q, shown),
      editable: (q, base) => editable(choice, q, base),
    }),
    [choice, client],
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
