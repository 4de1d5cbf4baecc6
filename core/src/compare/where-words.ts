import { isPlainObject } from './entries.ts';
import { nameOf } from './entry-names.ts';
import { keyWords, UNSPOKEN } from './key-words.ts';

/**
 * The path of a fault, `breads[0].steps[1].window`, in the words of the document that it was found in: "breads, Griddle rounds, steps,
 * short rest, window". Entries that the document has not, or that have no name, are counted from 1.
 */
export function whereWords(path: string, document: unknown): string {
  let here = document;
  let list = '';
  const words: string[] = [];
  for (const part of path.match(/[^.[\]]+/g) ?? []) {
    const index = Array.isArray(here) || /^\d+$/.test(part) ? Number(part) : undefined;
    here = Array.isArray(here) || isPlainObject(here) ? Reflect.get(here, part) : undefined;
    if (index !== undefined) words.push(entryWords(here, list, index));
    else if (!UNSPOKEN.has(part)) words.push(keyWords(part));
    list = index === undefined ? part : '';
  }
  return words.join(', ');
}

function entryWords(entry: unknown, list: string, index: number): string {
  const name = nameOf(entry, list, index);
  if (name !== undefined) return name;
  // the ids of steps are words; all other ids are nobody's business
  const isStep = list === 'steps' && isPlainObject(entry) && typeof entry['id'] === 'string';
  return isStep ? String(entry['id']).replaceAll('-', ' ') : `number ${index + 1}`;
}
