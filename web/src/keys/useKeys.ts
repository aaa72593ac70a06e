import { useEffect, useEffectEvent } from 'react';

/** Whether a key belongs to the field it is typed into. */
function typing(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName)) &&
    !target.hasAttribute('data-readings')
  );
}

/** Keys of the whole sheet. Fields keep theirs, but the reading cell gives up those that no number needs. */
export function useKeys(handle: (e: KeyboardEvent) => void) {
  const onKey = useEffectEvent((e: KeyboardEvent) => {
    if (!typing(e.target) && !e.defaultPrevented && !e.altKey) {
      handle(e);
    }
  });
  useEffect(() => {
    const listener = (e: KeyboardEvent) => onKey(e);
    document.addEventListener('keydown', listener);
    return () => document.removeEventListener('keydown', listener);
  }, []);
}
