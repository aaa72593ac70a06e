import { useEffect, useState } from 'react';
import { textScale } from './scale';

/** Size of an element in units of the layout, followed as it changes; also of one that is drawn later. */
export function useSize() {
  const [element, ref] = useState<HTMLElement | null>(null);
  const [size, setSize] = useState({ width: 0, height: 0 });
  useEffect(() => {
    if (!element) {
      return;
    }
    const observer = new ResizeObserver(() => {
      const scale = textScale();
      setSize({ width: element.clientWidth / scale, height: element.offsetHeight / scale });
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, [element]);
  return [ref, size] as const;
}
