import { useEffect, useState } from 'react';

const KEY = 'silent-otter.theme';

/** Light paper, or dark for under-hood light. */
export function useTheme(): [dark: boolean, toggle: () => void] {
  const [dark, setDark] = useState(() => localStorage.getItem(KEY) === 'dark');
  useEffect(() => {
    document.documentElement.dataset.theme = dark ? 'dark' : 'light';
    localStorage.setItem(KEY, dark ? 'dark' : 'light');
  }, [dark]);
  return [dark, () => setDark((d) => !d)];
}
