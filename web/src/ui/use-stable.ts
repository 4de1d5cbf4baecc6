import { useCallback, useEffect, useRef } from 'react';

/** A callback that stays the same while what it does is renewed, so that what takes it need not draw again. */
export function useStable<A extends readonly unknown[]>(act: (...args: A) => void): (...args: A) => void {
  const latest = useRef(act);
  useEffect(() => {
    latest.current = act;
  });
  return useCallback((...args: A) => latest.current(...args), []);
}
