import { createContext, useCallback, useMemo, useState, type ReactNode } from 'react';
import { useStore } from 'react-redux';
import { HandingOver, type HandOver } from '../ui/refusal.ts';
import { Typing } from '../ui/typing.ts';
import { reasonsAgainst } from './reasons-against.ts';
import type { OpenDocuments } from './registry.ts';

/** Whether some field holds what no document has yet. */
export const IsTyping = createContext(false);

/** What fields and documents know of each other: a field hears why its value was not taken, and what is saved hears of what is being typed. */
export function FieldTalk({ children }: { readonly children: ReactNode }) {
  const store = useStore<OpenDocuments>();
  const [holding, setHolding] = useState(0);
  const handOver = useCallback<HandOver>((take) => reasonsAgainst(store, take), [store]);
  const tell = useMemo(() => (change: 1 | -1) => setHolding((n) => n + change), []);
  return (
    <HandingOver value={handOver}>
      <Typing value={tell}>
        <IsTyping value={holding > 0}>{children}</IsTyping>
      </Typing>
    </HandingOver>
  );
}
