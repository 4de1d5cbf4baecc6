import { roundedTo, scaleOf, unitOf, type Quantity } from '../units/index.ts';

/** Endings of keys that measure something, which people read in their own measures. */
const QUANTITIES: Readonly<Record<string, Quantity>> = {
  Cm: 'length',
  Mm: 'thickness',
  G: 'weight',
  L: 'volume',
  C: 'temperature',
};
/** A key that ends like a temperature and is a difference. */
const DIFFERENCES = /^(?:.*Friction|friction|by)C$/;
/** Endings that are units for everybody. */
const UNITS: Readonly<Record<string, string>> = { Min: 'min', Sec: 's', Pct: '%' };
const ENDS_IN_UNIT = /^([a-z][a-zA-Z]*?)(Cm|Mm|G|L|C|Min|Sec|Pct)$/;

/** Keys that are no words by themselves. */
const ALONE: Readonly<Record<string, string>> = { pct: 'per cent', min: 'at least', max: 'at most' };

function quantityOf(key: string): Quantity | undefined {
  if (DIFFERENCES.test(key)) return 'difference';
  return QUANTITIES[ENDS_IN_UNIT.exec(key)?.[2] ?? ''];
}

/** "tableTime" as people say it, "table time"; "tempC" is "temp (°C)", or "temp (°F)" in one's own measures. */
export function keyWords(key: string): string {
  const [, stem = key, unit = ''] = ENDS_IN_UNIT.exec(key) ?? [];
  const words = stem.replace(/([a-z])([A-Z])/g, (_, a: string, b: string) => `${a} ${b.toLowerCase()}`);
  const quantity = quantityOf(key);
  return unit === '' ? (ALONE[words] ?? words) : `${words} (${quantity ? unitOf(quantity) : (UNITS[unit] ?? unit)})`;
}

/** A figure that is under a key, in one's own measures and without its unit, which the words of the key give. */
export function keyFigure(key: string, figure: number): string {
  const quantity = quantityOf(key);
  if (!quantity || scaleOf(quantity).isStored) return String(figure);
  const { shown, digits } = scaleOf(quantity);
  return String(roundedTo(shown(figure), digits(1, shown(figure))));
}

/** Parts of a document that people do not know as parts: what is in them is the document. */
export const UNSPOKEN = new Set(['workshop', 'notes']);
