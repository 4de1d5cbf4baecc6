import type { Result } from '@hodsman/core';
import type { StoredDocument } from './api.ts';
import type { Opening } from './kept.ts';

/** Keeps a change in the browser until the server has it, so that neither a reload nor a lost network loses it. */
const keyOf = (id: string): string => `hodsman:unsaved:${id}`;

export function keepUnsaved(id: string, version: number, body: unknown): void {
  try {
    localStorage.setItem(keyOf(id), JSON.stringify({ version, body }));
  } catch {
    // a full or forbidden store costs the safety net, not the change itself
  }
}

export function forgetUnsaved(id: string): void {
  localStorage.removeItem(keyOf(id));
}

/** A change that was kept over this version or an earlier one, if it can still be read. */
function findUnsaved<T>(
  id: string,
  read: (value: unknown) => Result<T>,
): { readonly version: number; readonly body: T } | undefined {
  const text = localStorage.getItem(keyOf(id));
  if (text === null) return undefined;
  try {
    const stored = JSON.parse(text) as { version: number; body: unknown };
    const result = read(stored.body);
    return result.ok ? { version: stored.version, body: result.value } : undefined;
  } catch {
    return undefined;
  }
}

/** How a document is opened: with the change that was kept here if there is one, else as stored; undefined where it cannot be read. */
export function openingOf<T>(data: StoredDocument, read: (value: unknown) => Result<T>): Opening<T> | undefined {
  const unsaved = findUnsaved(data.id, read);
  const result = read(data.body);
  const stored = result.ok ? result.value : null;
  if (unsaved)
    return { id: data.id, ...unsaved, stored: unsaved.version === data.version ? stored : null, isUnsaved: true };
  return stored === null ? undefined : { id: data.id, version: data.version, body: stored, stored, isUnsaved: false };
}
