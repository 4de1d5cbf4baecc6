import { partsOf } from './entries.ts';
import { same } from './same.ts';

export interface Merged {
  readonly value: unknown;
  /** Where both changed the same thing differently; ours is kept there. */
  readonly clashes: readonly (readonly string[])[];
}

/**
 * Two people's changes of one state put together (three-way merge): what only one of them changed is as that one has it; where both
 * changed the same thing, ours is kept and the place is listed. An entry that one removed and the other changed stays.
 */
export function mergeChanges(base: unknown, ours: unknown, theirs: unknown, path: readonly string[] = []): Merged {
  if (same(ours, theirs) || same(base, theirs)) return { value: ours, clashes: [] };
  if (same(base, ours)) return { value: theirs, clashes: [] };
  const [was, own, other] = [partsOf(base), partsOf(ours), partsOf(theirs)];
  const isList = Array.isArray(ours);
  if (!was || !own || !other || isList !== Array.isArray(theirs)) return { value: ours, clashes: [path] };
  const clashes: (readonly string[])[] = [];
  const parts = new Map<string, unknown>();
  for (const key of [...own.keys(), ...[...other.keys()].filter((k) => !own.has(k))]) {
    const [b, o, t] = [was.get(key), own.get(key), other.get(key)];
    const isGone = (o === undefined && same(b, t)) || (t === undefined && same(b, o));
    if (isGone && b !== undefined) continue;
    if (o === undefined || t === undefined) {
      if (b !== undefined) clashes.push([...path, key]);
      parts.set(key, o ?? t);
      continue;
    }
    const merged = mergeChanges(b, o, t, [...path, key]);
    clashes.push(...merged.clashes);
    parts.set(key, merged.value);
  }
  const value = isList ? [...parts.values()] : Object.fromEntries(parts);
  return { value, clashes };
}
