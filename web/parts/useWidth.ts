import { useCallback, useState } from 'react';

/** The drawn width of an element, kept up to date; `first` until it has been measured. */
export function useWidth(first: number): [(element: Element | null) => (() => void) | undefined, number] {
  const [width, setWidth] = useState(first);
  const ref = useCallback((element: Element | null) => {
    if (!element) return undefined;
    const observer = new ResizeObserver(([entry]) => {
      if (entry && entry.contentRect.width > 0) setWidth(entry.contentRect.width);
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, width];
}
