import { currentForm, openDocument, type DocumentBodies, type DocumentKind } from '@hodsman/core';
import type { StoredDocument } from './api.ts';
import type { DocumentName, Opening } from './open-document.ts';
import { tabName } from './tab.ts';

/**
 * What the browser keeps of a change until the server has it, so that neither a reload nor a lost network loses it; per tab and document.
 * `saveId` names the save that was under way, so that one whose answer was lost is known again and never taken for somebody else's.
 */
interface Unsaved {
  readonly version: number;
  readonly form: number;
  readonly body: unknown;
  readonly saveId: string;
  readonly at: number;
}

const PREFIX = 'hodsman:unsaved:';
const keyOf = (tab: string, { kind, id }: DocumentName): string => `${PREFIX}${tab}:${kind}:${id}`;
const tabOf = (key: string): string => key.slice(PREFIX.length).split(':')[0] ?? '';

/** Keeps a change; false where the browser has no room for it, or keeps nothing. */
export function keepUnsaved(name: DocumentName, version: number, body: unknown, saveId: string): boolean {
  const unsaved: Unsaved = { version, form: currentForm(name.kind), body, saveId, at: Date.now() };
  try {
    localStorage.setItem(keyOf(tabName(), name), JSON.stringify(unsaved));
    return true;
  } catch {
    return false;
  }
}

export function forgetUnsaved(name: DocumentName): void {
  localStorage.removeItem(keyOf(tabName(), name));
}

const keys = (): readonly string[] =>
  Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i) ?? '').filter((k) => k.startsWith(PREFIX));

function readEntry(key: string): Unsaved | undefined {
  try {
    const value = JSON.parse(localStorage.getItem(key) ?? '') as Partial<Unsaved>;
    const { version, form = 1, body, saveId = '', at = 0 } = value;
    return typeof version === 'number' ? { version, form, body, saveId, at } : undefined;
  } catch {
    return undefined;
  }
}

/** Takes over what tabs that are closed have left: the newest of each document that this tab has nothing of itself. */
export function adoptUnsaved(isLiving: (tab: string) => boolean): void {
  const left = keys()
    .filter((k) => tabOf(k) !== tabName() && !isLiving(tabOf(k)))
    .flatMap((key) => {
      const entry = readEntry(key);
      return entry ? [{ key, entry }] : [];
    })
    .sort((a, b) => b.entry.at - a.entry.at);
  for (const { key } of left) {
    const own = `${PREFIX}${tabName()}:${key.slice(PREFIX.length + tabOf(key).length + 1)}`;
    const text = localStorage.getItem(key);
    if (text === null || localStorage.getItem(own) !== null) continue;
    // out before in, since there may be room for one of them alone; where another tab took the room it stays as it was
    localStorage.removeItem(key);
    try {
      localStorage.setItem(own, text);
    } catch {
      localStorage.setItem(key, text);
    }
  }
}

/** A change of this tab that was kept, carried over and read; with the save that was under way. */
export function findUnsaved<K extends DocumentKind>(
  kind: K,
  id: string,
): { readonly version: number; readonly body: DocumentBodies[K]; readonly saveId: string } | undefined {
  const entry = readEntry(keyOf(tabName(), { kind, id }));
  if (!entry) return undefined;
  const read = openDocument(kind, entry.body, entry.form);
  return read.ok ? { version: entry.version, body: read.value, saveId: entry.saveId } : undefined;
}

/** The name of the save that was under way over a version before this page was loaded. */
export function unsavedSaveId(name: DocumentName, version: number): string | undefined {
  const entry = readEntry(keyOf(tabName(), name));
  return entry?.version === version && entry.saveId !== '' ? entry.saveId : undefined;
}

/** How a document is opened of which the server has nothing any more: with the change that was kept here, if there is one. */
export function openingAlone<K extends DocumentKind>(kind: K, id: string): Opening<DocumentBodies[K]> | undefined {
  const unsaved = findUnsaved(kind, id);
  return unsaved && { id, version: unsaved.version, body: unsaved.body, stored: null, isUnsaved: true };
}

/** How a document is opened: with the change that was kept here if there is one, else as stored; undefined where neither can be read. */
export function openingOf<K extends DocumentKind>(
  kind: K,
  data: StoredDocument<K>,
): Opening<DocumentBodies[K]> | undefined {
  const { id, version, body: stored } = data;
  const alone = openingAlone(kind, id);
  if (alone) return { ...alone, stored: alone.version === version ? stored : null };
  return stored === null ? undefined : { id, version, body: stored, stored, isUnsaved: false };
}
