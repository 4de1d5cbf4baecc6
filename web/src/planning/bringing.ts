import { readBread, type LibraryBread } from '@hodsman/core';

/** What the way to a class takes along: a bread of the library for its menu. */
export const bringing = (brought: LibraryBread): { readonly brought: LibraryBread } => ({ brought });

/** The bread that came along, read anew since the browser keeps it between visits; undefined where none did. */
export function broughtBread(state: unknown): LibraryBread | undefined {
  const { brought } = (state ?? {}) as { readonly brought?: Partial<LibraryBread> };
  if (typeof brought?.id !== 'string') return undefined;
  const read = readBread(brought.bread);
  return read.ok ? { id: brought.id, bread: read.value } : undefined;
}
