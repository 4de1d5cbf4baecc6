import { partsOf } from './entries.ts';
import { same } from './same.ts';

/** One thing that differs: where it is, and what it was and is; the side without it is undefined. */
export interface Change {
  /** Keys of objects and names of list entries, from the outermost. */
  readonly path: readonly string[];
  readonly before: unknown;
  readonly after: unknown;
}

/**
 * What differs between two states of a document, as deep as parts differ: entries of a list by id, lists of texts as sets.
 * The order of a list counts only where nothing else of it changed.
 */
export function changesBetween(before: unknown, after: unknown, path: readonly string[] = []): readonly Change[] {
  if (same(before, after)) return [];
  const [was, is] = [partsOf(before), partsOf(after)];
  if (!was || !is || Array.isArray(before) !== Array.isArray(after)) return [{ path, before, after }];
  const keys = [...new Set([...was.keys(), ...is.keys()])];
  const inside = keys.flatMap((key) => {
    if (!was.has(key) || !is.has(key)) return [{ path: [...path, key], before: was.get(key), after: is.get(key) }];
    return changesBetween(was.get(key), is.get(key), [...path, key]);
  });
  return inside.length > 0 ? inside : [{ path, before, after }];
}
