import { createContext, useContext, useState } from 'react';

/** Hands something over, and says why it was not taken; nothing where it was. Whoever holds the documents answers it. */
export type HandOver = (take: () => void) => readonly string[];

export const HandingOver = createContext<HandOver>((take) => {
  take();
  return [];
});

/** What a field says of a value that was not taken: at itself, until something else is typed. */
export function useRefusal() {
  const reasonsAgainst = useContext(HandingOver);
  const [why, setWhy] = useState('');
  const refuse = (shown: string, reason: string): void => setWhy(`“${shown}” was not taken: ${reason}`);
  return {
    why,
    refuse,
    forget: (): void => setWhy(''),
    /** Hands a value over; where it is not taken, `why` says so. */
    handOver: (shown: string, take: () => void): void => {
      const reasons = reasonsAgainst(take);
      if (reasons.length === 0) setWhy('');
      else refuse(shown, reasons.join('; '));
    },
  };
}
