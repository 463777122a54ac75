import { useCallback, useLayoutEffect, useRef } from 'react';

/** A function that is the same one at every drawing, and does what the latest drawing would have it do. */
export function useStable<A extends unknown[]>(does: (...args: A) => void): (...args: A) => void {
  const latest = useRef(does);
  useLayoutEffect(() => {
    latest.current = does;
  });
  return useCallback((...args: A) => latest.current(...args), []);
}
