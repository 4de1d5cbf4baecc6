import { useEffect, useState } from 'react';

/** Whether a page can be loaded again without network: not yet, yes, or not at this address. */
export type Kept = 'not yet' | 'kept' | 'insecure';

/** Keeps the application on this device. Browsers do that on secure pages alone: HTTPS, or this very machine. */
export function useKeptApplication(): Kept {
  const canKeep = 'serviceWorker' in navigator;
  const [isKept, setKept] = useState(false);
  useEffect(() => {
    if (!canKeep) return;
    let isOpen = true;
    navigator.serviceWorker
      .register('/sw.js')
      .then(() => navigator.serviceWorker.ready)
      .then(() => isOpen && setKept(true))
      // what is not kept is said
      .catch(() => undefined);
    return () => {
      isOpen = false;
    };
  }, [canKeep]);
  if (!canKeep) return 'insecure';
  return isKept ? 'kept' : 'not yet';
}
