import { createContext, useCallback, useMemo, useState, type ReactNode } from 'react';
import { DOCUMENT_KINDS, faultInWords } from '@hodsman/core';
import { useStore } from 'react-redux';
import { Refusals } from '../ui/refusal.ts';
import { Typing } from '../ui/typing.ts';
import { REGISTRY, type OpenDocuments } from './registry.ts';

/** Whether some field holds what no document has yet. */
export const IsTyping = createContext(false);

/** What fields and documents know of each other: a field hears why its value was not taken, and what is saved hears of what is being typed. */
export function FieldTalk({ children }: { readonly children: ReactNode }) {
  const store = useStore<OpenDocuments>();
  const [holding, setHolding] = useState(0);
  const refusals = useCallback((): readonly string[] => {
    const state = store.getState();
    return DOCUMENT_KINDS.flatMap((kind) => {
      const open = REGISTRY[kind].select(state);
      if (!open || open.refused.length === 0) return [];
      // the field says it now
      store.dispatch(REGISTRY[kind].actions.refused([]));
      return open.refused.map((f) => faultInWords(f, open.tried ?? open.body));
    });
  }, [store]);
  const tell = useMemo(() => (change: 1 | -1) => setHolding((n) => n + change), []);
  return (
    <Refusals value={refusals}>
      <Typing value={tell}>
        <IsTyping value={holding > 0}>{children}</IsTyping>
      </Typing>
    </Refusals>
  );
}
