import { useCallback, useEffect } from 'react';
import type { DocumentBodies, DocumentKind } from '@hodsman/core';
import { useDispatch, useSelector } from 'react-redux';
import { useUndoKeys } from '../ui/use-undo-keys.ts';
import { useGetDocumentQuery, type StoredDocument } from './api.ts';
import type { OpenDocument } from './open-document.ts';
import { REGISTRY, type OpenDocuments } from './registry.ts';
import { openingAlone, openingOf } from './unsaved.ts';

/** A document on its way to being open. */
export type Opened<K extends DocumentKind> =
  { readonly state: 'open'; readonly open: OpenDocument<DocumentBodies[K]> } | NotOpen;
/** Why one is not open, or not yet. */
export type NotOpen =
  | { readonly state: 'opening' }
  | { readonly state: 'away' }
  | { readonly state: 'gone' }
  /** It never was, or was removed long ago. */
  | { readonly state: 'missing' }
  | { readonly state: 'unreadable'; readonly stored: StoredDocument };

const statusOf = (error: object | undefined): unknown => (error && 'status' in error ? error.status : undefined);
const isNoMore = (error: object | undefined): boolean => statusOf(error) === 404 || statusOf(error) === 410;

/** Opens a document for as long as its page is shown; with the keys for undo and redo unless they belong to another document. */
export function useOpenDocument<K extends DocumentKind>(kind: K, id: string, hasKeys = true): Opened<K> {
  const { data, error } = useGetDocumentQuery({ kind, id }, { refetchOnMountOrArgChange: true });
  const dispatch = useDispatch();
  const open = useSelector((s: OpenDocuments) => REGISTRY[kind].select(s));
  useEffect(() => {
    // a change that was kept here opens without what is stored too, so that somebody can decide about it
    const opening = data
      ? openingOf(kind, data as StoredDocument<K>)
      : isNoMore(error)
        ? openingAlone(kind, id)
        : undefined;
    if (opening) dispatch(REGISTRY[kind].actions.opened(opening));
  }, [kind, id, data, error, dispatch]);
  useUndoKeys(
    useCallback(() => hasKeys && dispatch(REGISTRY[kind].actions.undone()), [hasKeys, kind, dispatch]),
    useCallback(() => hasKeys && dispatch(REGISTRY[kind].actions.redone()), [hasKeys, kind, dispatch]),
  );
  if (open?.id === id && (!error || open.save.kind !== 'saved')) return { state: 'open', open };
  if (error) return { state: statusOf(error) === 410 ? 'gone' : isNoMore(error) ? 'missing' : 'away' };
  if (data?.unreadable) return { state: 'unreadable', stored: data };
  return { state: 'opening' };
}
