import type { Store } from '@reduxjs/toolkit';
import { DOCUMENT_KINDS, faultInWords } from '@hodsman/core';
import { REGISTRY, type OpenDocuments } from './registry.ts';

/**
 * Does something, and gives why a document did not take it, in words; none where all was taken. What was refused before is not counted,
 * and stays. Whoever asks says it, so the document says it no more.
 */
export function reasonsAgainst(store: Store<OpenDocuments>, take: () => void): readonly string[] {
  const before = store.getState();
  take();
  const after = store.getState();
  return DOCUMENT_KINDS.flatMap((kind) => {
    const { select, actions } = REGISTRY[kind];
    const open = select(after);
    if (!open || open.refused.length === 0 || open.refused === select(before)?.refused) return [];
    store.dispatch(actions.refused([]));
    return open.refused.map((f) => faultInWords(f, open.tried ?? open.body));
  });
}
