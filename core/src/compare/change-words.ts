import { changesBetween, type Change } from './changes.ts';
import { isPlainObject, partsOf } from './entries.ts';

const MOST_LETTERS = 60;

/** Endings of keys that are units, as people write them. */
const UNITS: Readonly<Record<string, string>> = {
  Cm: 'cm',
  Mm: 'mm',
  G: 'g',
  Ml: 'ml',
  L: 'l',
  C: '°C',
  Min: 'min',
  Sec: 's',
  Pct: '%',
};

/** "tableTime" as people say it, "table time"; "tempC" is "temp (°C)". */
function keyWords(key: string): string {
  const [, stem = key, unit = ''] = /^([a-z][a-zA-Z]*?)(Cm|Mm|G|Ml|L|C|Min|Sec|Pct)$/.exec(key) ?? [];
  const words = stem.replace(/([a-z])([A-Z])/g, (_, a: string, b: string) => `${a} ${b.toLowerCase()}`);
  return unit === '' ? words : `${words} (${UNITS[unit] ?? unit})`;
}

function valueWords(value: unknown): string {
  if (value === undefined) return 'nothing';
  if (typeof value === 'string') return value === '' ? 'empty' : value;
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number') return String(value);
  if (isPlainObject(value) && typeof value['name'] === 'string') return value['name'];
  const text = JSON.stringify(value);
  return text.length > MOST_LETTERS ? `${text.slice(0, MOST_LETTERS)} …` : text;
}

/** The words of a path: keys as people say them, entries by their own name where they have one. */
function pathWords(path: readonly string[], before: unknown, after: unknown): string {
  let [was, is]: [unknown, unknown] = [before, after];
  const words = path.map((key) => {
    const isEntry = Array.isArray(was) || Array.isArray(is);
    [was, is] = [partsOf(was)?.get(key), partsOf(is)?.get(key)];
    const named = [was, is].find((v) => isPlainObject(v) && typeof v['name'] === 'string') as
      { name: string } | undefined;
    return isEntry ? (named?.name ?? key) : keyWords(key);
  });
  return words.join(', ');
}

function sentence({ path, before, after }: Change, where: string): string {
  const isEntry = isPlainObject(before) || isPlainObject(after);
  if (before === undefined) return isEntry ? `${where}: added` : `${where}: ${valueWords(after)}, added`;
  if (after === undefined) return isEntry ? `${where}: taken out` : `${where}: ${valueWords(before)}, taken out`;
  return path.length === 0 ? 'all of it' : `${where}: ${valueWords(before)} → ${valueWords(after)}`;
}

/** What differs between two states of a document, one sentence a change: "roster, Sanna, pace: 1 → 1.25". */
export function changeWords(before: unknown, after: unknown): readonly string[] {
  return changesBetween(before, after).map((c) => sentence(c, pathWords(c.path, before, after)));
}
