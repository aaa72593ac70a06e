import { useSyncExternalStore } from 'react';

const KEY = 'silent-otter.theme';
const listeners = new Set<() => void>();

function isDark(): boolean {
  return localStorage.getItem(KEY) === 'dark';
}

/** Every page is drawn in it, from the first one on. */
export function applyTheme() {
  document.documentElement.dataset.theme = isDark() ? 'dark' : 'light';
}

function subscribe(listener: () => void) {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Light paper, or dark for under-hood light. */
export function useTheme(): [dark: boolean, toggle: () => void] {
  const dark = useSyncExternalStore(subscribe, isDark);
  const toggle = () => {
    localStorage.setItem(KEY, dark ? 'light' : 'dark');
    applyTheme();
    listeners.forEach((l) => l());
  };
  return [dark, toggle];
}
