import { useEffect, useEffectEvent } from 'react';
import { useShownKeys } from './shownKeys';

/** A line of the key table: what it handles is what the help says. */
export interface Key {
  /** As the help shows it; lines without words are not shown. */
  shown?: string;
  does?: string;
  /** Whether this is the key. */
  on: (e: KeyboardEvent) => boolean;
  /** Does it; false where there was nothing to do, so that the browser may. */
  run: (e: KeyboardEvent) => unknown;
}

/** A plain key, whatever its case. */
export function key(name: string) {
  return (e: KeyboardEvent) => e.key.toLowerCase() === name.toLowerCase() && !e.ctrlKey && !e.metaKey;
}

export function withControl(name: string, shift: boolean) {
  return (e: KeyboardEvent) =>
    e.key.toLowerCase() === name && (e.ctrlKey || e.metaKey) && e.shiftKey === shift;
}

/** The keys that go one on or one back. */
export function arrows(does: string, step: (by: number) => void): Key[] {
  return [
    { shown: '← →', does, on: key('ArrowLeft'), run: () => step(-1) },
    { on: key('ArrowRight'), run: () => step(1) },
  ];
}

/** A digit or a sign that belongs to a number. */
export function digit(e: KeyboardEvent): boolean {
  return /^[0-9.,]$/.test(e.key) && !e.ctrlKey && !e.metaKey;
}

/** Whether a key belongs to the field it is typed into. */
function typing(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName)) &&
    !target.hasAttribute('data-readings')
  );
}

/** Keys of what is shown. Fields keep theirs, but the reading cell gives up those that no number needs. */
export function useKeys(table: Key[]) {
  useShownKeys(table);
  const onKey = useEffectEvent((e: KeyboardEvent) => {
    // Esc leads out of any field.
    if ((typing(e.target) && e.key !== 'Escape') || e.defaultPrevented || e.altKey) {
      return;
    }
    const line = table.find((k) => k.on(e));
    if (line && line.run(e) !== false) {
      e.preventDefault();
    }
  });
  useEffect(() => {
    const listener = (e: KeyboardEvent) => onKey(e);
    document.addEventListener('keydown', listener);
    return () => document.removeEventListener('keydown', listener);
  }, []);
}
