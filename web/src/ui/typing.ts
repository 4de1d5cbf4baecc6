import { createContext, useContext, useEffect } from 'react';

/** Tells whoever says "saved" that a field holds something that it has not handed over yet, and when it does not any more. */
export const Typing = createContext<(change: 1 | -1) => void>(() => undefined);

/** Marks a field as holding what nobody else knows yet. */
export function useTyping(isHolding: boolean): void {
  const tell = useContext(Typing);
  useEffect(() => {
    if (!isHolding) return;
    tell(1);
    return () => tell(-1);
  }, [isHolding, tell]);
}
