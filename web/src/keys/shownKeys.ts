import { useEffect, useId, useSyncExternalStore } from 'react';

interface Line {
  shown?: string;
  does?: string;
}

/** The tables of everything on the screen now, by whoever handles them. */
const tables = new Map<string, Line[]>();
const listeners = new Set<() => void>();
let all: Line[] = [];

function changed() {
  all = [...tables.values()].flat().filter((l) => l.shown && l.does);
  listeners.forEach((l) => l());
}

/** Tells the help which keys are handled while this is on the screen. */
export function useShownKeys(table: Line[]) {
  const id = useId();
  const lines = table.map((l) => `${l.shown ?? ''}\n${l.does ?? ''}`).join('\r');
  useEffect(() => {
    tables.set(
      id,
      lines.split('\r').map((l) => ({ shown: l.split('\n')[0], does: l.split('\n')[1] })),
    );
    changed();
    return () => {
      tables.delete(id);
      changed();
    };
  }, [id, lines]);
}

/** What the keys do here, each line once. */
export function useAllKeys(): Line[] {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => all,
  );
}
