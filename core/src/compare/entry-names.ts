import { isPlainObject } from './entries.ts';

/** Lists whose entries may have no name of their own: they are named by kind and place in the list. */
const COUNTED: Readonly<Record<string, string>> = {
  stations: 'Station',
  griddles: 'Griddle',
  benches: 'bench',
  grills: 'grill',
  flames: 'flame',
  mixers: 'mixer',
  places: 'place',
};
/** Keys under which our documents name something by its id. */
const NAMING = new Set(
  'person people members friends for bread variantOf bench griddle griddles station task by menu'.split(' '),
);

/** What people call the entries of some documents, by id. */
export type EntryNames = ReadonlyMap<string, string>;

/** The names of everything in the values that has an id; where two have the same, the outermost and first. */
export function entryNames(...values: readonly unknown[]): EntryNames {
  const names = new Map<string, string>();
  const level: { readonly list: string; readonly value: unknown }[] = values.map((value) => ({ list: '', value }));
  for (let next = level.shift(); next; next = level.shift()) {
    const { list, value } = next;
    if (Array.isArray(value)) {
      value.forEach((entry: unknown, i) => {
        const name = nameOf(entry, list, i);
        if (isPlainObject(entry) && typeof entry['id'] === 'string' && name !== undefined && !names.has(entry['id']))
          names.set(entry['id'], name);
        level.push({ list: '', value: entry });
      });
    } else if (isPlainObject(value)) {
      for (const [key, part] of Object.entries(value)) level.push({ list: key, value: part });
    }
  }
  return names;
}

/** What people call an entry of a list: its name, else its kind and place where the list has a kind; undefined where it has neither. */
export function nameOf(entry: unknown, list: string, index: number): string | undefined {
  if (!isPlainObject(entry)) return undefined;
  if (typeof entry['name'] === 'string') return entry['name'];
  const kind = COUNTED[list];
  return kind === undefined ? undefined : `${kind} ${index + 1}`;
}

/** A text as people know it: under a key that names something, the name of what it names; a task by the names of its parts. */
export function namedText(text: string, key: string, names: EntryNames): string {
  if (!NAMING.has(key)) return text;
  const parts = text.split(/[/:@]/);
  return parts.map((part) => names.get(part) ?? part).join(' ');
}
