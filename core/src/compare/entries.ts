export type PlainObject = Readonly<Record<string, unknown>>;

export const isPlainObject = (value: unknown): value is PlainObject =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Keys by which our documents name the entries of their lists, in the order in which they are tried. */
const NAMING_KEYS = ['id', 'bread', 'ref', 'what'] as const;

/** What names an entry of a list: itself where it is a text, else its id; undefined where nothing does. */
function keyOf(entry: unknown): string | undefined {
  if (typeof entry === 'string') return entry;
  if (!isPlainObject(entry)) return undefined;
  const key = NAMING_KEYS.map((k) => entry[k]).find((v) => typeof v === 'string');
  return typeof key === 'string' ? key : undefined;
}

/** What names the entries of lists that have no ids: ingredients have names, and one may be there twice for two uses. */
function nameOf(entry: unknown, isTaken: (key: string) => boolean): string | undefined {
  if (!isPlainObject(entry) || typeof entry['name'] !== 'string') return undefined;
  const { name } = entry;
  let key = name;
  for (let n = 2; isTaken(key); n++) key = `${name} ${n}`;
  return key;
}

/** The entries of a list by what names them, in their order; undefined where an entry has no name of its own. */
function entriesOf(list: readonly unknown[]): ReadonlyMap<string, unknown> | undefined {
  const entries = new Map<string, unknown>();
  for (const entry of list) {
    const key = keyOf(entry) ?? nameOf(entry, (k) => entries.has(k));
    if (key === undefined || entries.has(key)) return undefined;
    entries.set(key, entry);
  }
  return entries;
}

/** The parts of a value by name: keys of an object, named entries of a list; undefined where it is taken whole. */
export function partsOf(value: unknown): ReadonlyMap<string, unknown> | undefined {
  if (Array.isArray(value)) return entriesOf(value);
  return isPlainObject(value) ? new Map(Object.entries(value).filter(([, v]) => v !== undefined)) : undefined;
}
