import { readWorkshop, type Workshop } from '@hodsman/core';

/** Keeps a change in the browser until the server has it, so that neither a reload nor a lost network loses it. */
const keyOf = (id: string): string => `hodsman:unsaved:${id}`;

export function keepUnsaved(id: string, version: number, workshop: Workshop): void {
  try {
    localStorage.setItem(keyOf(id), JSON.stringify({ version, workshop }));
  } catch {
    // a full or forbidden store costs the safety net, not the change itself
  }
}

export function forgetUnsaved(id: string): void {
  localStorage.removeItem(keyOf(id));
}

/** A change that was kept over this version or an earlier one, if it can still be read. */
export function findUnsaved(id: string): { readonly version: number; readonly workshop: Workshop } | undefined {
  const text = localStorage.getItem(keyOf(id));
  if (text === null) return undefined;
  try {
    const kept = JSON.parse(text) as { version: number; workshop: unknown };
    const read = readWorkshop(kept.workshop);
    return read.ok ? { version: kept.version, workshop: read.value } : undefined;
  } catch {
    return undefined;
  }
}
