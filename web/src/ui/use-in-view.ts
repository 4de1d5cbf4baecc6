import { useEffect, useRef, type RefObject } from 'react';

/** Brings what has just come up into view, where the page is narrow and it is below. */
export function useInView<T extends HTMLElement>(): RefObject<T | null> {
  const ref = useRef<T>(null);
  useEffect(() => ref.current?.scrollIntoView({ block: 'nearest' }), []);
  return ref;
}
