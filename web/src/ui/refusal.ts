import { createContext, useContext, useState } from 'react';

/** Says why what was handed over last was not taken, once; nothing where it was taken. Whoever holds the documents answers it. */
export const Refusals = createContext<() => readonly string[]>(() => []);

/** What a field says of a value that was not taken: at itself, until something else is typed. */
export function useRefusal() {
  const taken = useContext(Refusals);
  const [why, setWhy] = useState('');
  return {
    why,
    /** Hands a value over; false where it was not taken, and then `why` says so. */
    handOver: (shown: string, take: () => void): boolean => {
      take();
      const reasons = taken();
      setWhy(reasons.length === 0 ? '' : `“${shown}” was not taken: ${reasons.join('; ')}`);
      return reasons.length === 0;
    },
    refuse: (shown: string, reason: string): void => setWhy(`“${shown}” was not taken: ${reason}`),
    forget: (): void => setWhy(''),
  };
}
