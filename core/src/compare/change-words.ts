import { changesBetween, type Change } from './changes.ts';
import { isPlainObject, partsOf, type PlainObject } from './entries.ts';
import { entryNames, namedText, type EntryNames } from './entry-names.ts';
import { keyFigure, keyWords, UNSPOKEN } from './key-words.ts';
import { same } from './same.ts';
import { inOwnMeasures } from '../units/index.ts';

const MOST_LETTERS = 60;

/** What says nothing to people of an entry that has no name; a chosen start is shown with its task on the board. */
const UNTOLD = new Set(['id', 'startSec']);

const shortened = (text: string): string => (text.length > MOST_LETTERS ? `${text.slice(0, MOST_LETTERS)} …` : text);

/** A local time as the files write it, `2026-03-05T09:30`, as people read it. */
const timesInWords = (text: string): string =>
  /^(\d{4}-\d\d-\d\dT)?\d\d:\d\d$/.test(text) ? inOwnMeasures(text.replace('T', ' ')) : text;

/** A value in words; `key` is the one that it is under. */
function valueWords(value: unknown, key: string, names: EntryNames): string {
  if (value === undefined || value === null) return 'nothing';
  if (typeof value === 'string') return value === '' ? 'empty' : timesInWords(namedText(value, key, names));
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number') return keyFigure(key, value);
  if (Array.isArray(value))
    return value.length === 0 ? 'none' : shortened(value.map((v) => valueWords(v, key, names)).join(', '));
  if (!isPlainObject(value)) return '';
  const named = [value, value['guest']].find((v) => isPlainObject(v) && typeof v['name'] === 'string');
  if (isPlainObject(named)) return String(named['name']);
  const parts = Object.entries(value).filter(
    ([k, v]) => !UNTOLD.has(k) && v !== false && ['string', 'number', 'boolean'].includes(typeof v),
  );
  return shortened(
    parts
      .map(([k, v]) => (typeof v === 'string' ? valueWords(v, k, names) : `${keyWords(k)} ${valueWords(v, k, names)}`))
      .join(', '),
  );
}

/** The key of the end of a path: its last part, or that of the list whose entry it is. */
function keyOfPath(path: readonly string[], before: unknown, after: unknown): string {
  let [was, is]: [unknown, unknown] = [before, after];
  let key = '';
  for (const part of path) {
    if (!Array.isArray(was) && !Array.isArray(is)) key = part;
    [was, is] = [partsOf(was)?.get(part), partsOf(is)?.get(part)];
  }
  return key;
}

/** The words of a path: keys as people say them, entries by their own name where they have one. */
function pathWords(path: readonly string[], before: unknown, after: unknown, names: EntryNames): string {
  let [was, is]: [unknown, unknown] = [before, after];
  const words: string[] = [];
  for (const [i, key] of path.entries()) {
    const isEntry = Array.isArray(was) || Array.isArray(is);
    [was, is] = [partsOf(was)?.get(key), partsOf(is)?.get(key)];
    const entry = [was, is].find(isPlainObject);
    // a text that was added or taken out is shown as the value, and needs no place of its own
    if (isEntry && !entry) continue;
    if (!isEntry && UNSPOKEN.has(key) && i < path.length - 1) continue;
    words.push(isEntry ? entryWords(entry, key, names) : keyWords(key));
  }
  return words.join(', ');
}

function entryWords(entry: PlainObject | undefined, key: string, names: EntryNames): string {
  return typeof entry?.['name'] === 'string' ? entry['name'] : (names.get(key) ?? key.replaceAll('-', ' '));
}

/** A list whose entries have no name to tell apart: which of them went and which came. */
function listSentences(
  was: readonly unknown[],
  is: readonly unknown[],
  where: string,
  key: string,
  names: EntryNames,
): readonly string[] {
  const without = (a: readonly unknown[], b: readonly unknown[]): readonly unknown[] =>
    a.filter((x) => !b.some((y) => same(x, y)));
  const [gone, come] = [without(was, is), without(is, was)];
  if (gone.length === 0 && come.length === 0) return [`${where}: in another order`];
  const told = (what: string) => (x: unknown) => `${where}: ${valueWords(x, key, names)}, ${what}`;
  return [...gone.map(told('taken out')), ...come.map(told('added'))];
}

const listOrNothing = (value: unknown): readonly unknown[] | undefined =>
  value === undefined ? [] : Array.isArray(value) ? (value as readonly unknown[]) : undefined;

function sentences({ path, before, after }: Change, where: string, key: string, names: EntryNames): readonly string[] {
  const [was, is] = [listOrNothing(before), listOrNothing(after)];
  if (was && is) return listSentences(was, is, where, key, names);
  const isEntry = isPlainObject(before) || isPlainObject(after);
  const words = (value: unknown): string => valueWords(value, key, names);
  if (before === undefined) return [isEntry ? `${where}: added` : `${where}: ${words(after)}, added`];
  if (after === undefined) return [isEntry ? `${where}: taken out` : `${where}: ${words(before)}, taken out`];
  return [path.length === 0 ? 'all of it' : `${where}: ${words(before)} → ${words(after)}`];
}

/**
 * What differs between two states of a document, one sentence a change: "roster, Sanna, pace: 1 → 1.25". What has a name is called so,
 * never by its id.
 */
export function changeWords(before: unknown, after: unknown): readonly string[] {
  const names = entryNames(before, after);
  return changesBetween(before, after).flatMap((c) =>
    sentences(c, pathWords(c.path, before, after, names), keyOfPath(c.path, before, after), names),
  );
}
