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

/** Keys that are no words by themselves. */
const ALONE: Readonly<Record<string, string>> = { pct: 'per cent', min: 'at least', max: 'at most' };

/** "tableTime" as people say it, "table time"; "tempC" is "temp (°C)". */
export function keyWords(key: string): string {
  const [, stem = key, unit = ''] = /^([a-z][a-zA-Z]*?)(Cm|Mm|G|Ml|L|C|Min|Sec|Pct)$/.exec(key) ?? [];
  const words = stem.replace(/([a-z])([A-Z])/g, (_, a: string, b: string) => `${a} ${b.toLowerCase()}`);
  return unit === '' ? (ALONE[words] ?? words) : `${words} (${UNITS[unit] ?? unit})`;
}

/** Parts of a document that people do not know as parts: what is in them is the document. */
export const UNSPOKEN = new Set(['workshop', 'notes']);
