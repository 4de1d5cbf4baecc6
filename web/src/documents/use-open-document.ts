import { useCallback, useEffect } from 'react';
import type { DocumentBodies, DocumentKind } from '@hodsman/core';
import { useAppDispatch, useAppSelector } from '../app/hooks.ts';
import { useUndoKeys } from '../ui/use-undo-keys.ts';
import { useGetDocumentQuery, type StoredDocument } from './api.ts';
import type { OpenDocument } from './open-document.ts';
import { REGISTRY } from './registry.ts';
import { openingOf } from './unsaved.ts';

/** A document on its way to being open. */
export type Opened<K extends DocumentKind> =
  { readonly state: 'open'; readonly open: OpenDocument<DocumentBodies[K]> } | NotOpen;
/** Why one is not open, or not yet. */
export type NotOpen =
  | { readonly state: 'opening' }
  | { readonly state: 'away' }
  /** Removed, or it never was. */
  | { readonly state: 'gone' }
  | { readonly state: 'unreadable'; readonly stored: StoredDocument };

/** Opens a document for as long as its page is shown; with the keys for undo and redo unless they belong to another document. */
export function useOpenDocument<K extends DocumentKind>(kind: K, id: string, hasKeys = true): Opened<K> {
  const { data, error } = useGetDocumentQuery({ kind, id }, { refetchOnMountOrArgChange: true });
  const dispatch = useAppDispatch();
  const open = useAppSelector((s) => REGISTRY[kind].select(s));
  useEffect(() => {
    const opening = data && openingOf(kind, data as StoredDocument<K>);
    if (opening) dispatch(REGISTRY[kind].actions.opened(opening));
  }, [kind, data, dispatch]);
  useUndoKeys(
    useCallback(() => hasKeys && dispatch(REGISTRY[kind].actions.undone()), [hasKeys, kind, dispatch]),
    useCallback(() => hasKeys && dispatch(REGISTRY[kind].actions.redone()), [hasKeys, kind, dispatch]),
  );
  if (error) return { state: 'status' in error && (error.status === 404 || error.status === 410) ? 'gone' : 'away' };
  if (open?.id === id) return { state: 'open', open };
  if (data?.unreadable) return { state: 'unreadable', stored: data };
  return { state: 'opening' };
}
