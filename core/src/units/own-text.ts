import { celsiusOfFahrenheit } from './degrees.ts';
import { gramsText, litresText } from './grams.ts';
import { cmOfInches, gramsOfOunces, OZ_PER_LB } from './measures.ts';
import { celsiusText, cmText, quantityText, scaleOf, type Quantity } from './quantities.ts';
import { ownMeasures } from './own-measures.ts';
import { roundedTo } from './shown.ts';
import { timeText } from './words.ts';

const FIGURE = String.raw`\d+(?:[.,]\d+)?`;
const number = (text: string): number => Number(text.replace(',', '.'));

/** A unit in a text: what it measures, and how a figure with it reads in one's own measures. */
const IN_TEXT: Readonly<Record<string, { readonly of: Quantity; readonly write: (figure: number) => string }>> = {
  '°C': { of: 'temperature', write: (c) => celsiusText(c) },
  cm: { of: 'length', write: cmText },
  mm: { of: 'thickness', write: (mm) => quantityText('thickness', mm) },
  kg: { of: 'weight', write: (kg) => gramsText(kg * 1000) },
  g: { of: 'weight', write: gramsText },
  l: { of: 'volume', write: (l) => litresText(l * 1000) },
  ml: { of: 'volume', write: litresText },
};
const UNIT_FIGURE = new RegExp(
  String.raw`(?:(${FIGURE})(\s*(?:–|-|to|×)\s*))?(${FIGURE})\s*(°C|cm|mm|kg|g|l|ml)(?![\p{L}\d³²/])`,
  'gu',
);
const TIME = /(?<![\d:])(?:[01]\d|2[0-3]):[0-5]\d(?![\d:])/g;

/**
 * A text that somebody wrote, or that stands in a file, with its figures in one's own measures: "18 cm across" is "7.1 in across",
 * "14:05" is "2:05 pm". Figures that the program has are written from themselves and need none of this.
 */
export function inOwnMeasures(text: string): string {
  const inUnits = text.replace(
    UNIT_FIGURE,
    (whole, from: string | undefined, join: string | undefined, to: string, unit: string) => {
      const known = IN_TEXT[unit];
      if (!known || scaleOf(known.of).isStored) return whole;
      const before = from === undefined ? '' : `${known.write(number(from))}${join ?? ''}`;
      return `${before}${known.write(number(to))}`;
    },
  );
  return ownMeasures().clock === '24' ? inUnits : inUnits.replace(TIME, timeText);
}

/** Units that may be typed behind a figure, and what they make of it in the stored unit of the quantity. */
const TYPED: Readonly<Partial<Record<Quantity, Readonly<Record<string, (x: number) => number>>>>> = {
  temperature: { c: (c) => c, f: celsiusOfFahrenheit },
  length: { cm: (cm) => cm, mm: (mm) => mm / 10, in: cmOfInches, '"': cmOfInches },
  thickness: { mm: (mm) => mm, cm: (cm) => cm * 10, in: (inches) => cmOfInches(inches) * 10 },
  weight: { g: (g) => g, kg: (kg) => kg * 1000, oz: gramsOfOunces, lb: (lb) => gramsOfOunces(lb * OZ_PER_LB) },
};

/**
 * The stored figure of what somebody typed: a number in one's own unit, or with a unit behind it (`105 F`, `1.5 kg`, `2 lb 3 oz`); NaN
 * where it cannot be read. What is typed in the stored unit is kept as it is; of another unit `digits` are kept, and one more where that
 * unit is finer.
 */
export function figureOf(text: string, digits: number, quantity?: Quantity): number {
  const typed = text.trim().toLowerCase().replace(',', '.');
  if (typed === '') return NaN;
  const plain = Number(typed);
  if (!quantity) return plain;
  const scale = scaleOf(quantity);
  if (Number.isFinite(plain)) return scale.isStored ? plain : roundedTo(scale.stored(plain), scale.kept(digits));
  const parts = [...typed.matchAll(/(-?\d+(?:\.\d+)?)\s*°?\s*([a-z]+|")\s*/g)];
  if (parts.map(([part]) => part).join('') !== typed) return NaN;
  const sum = parts.reduce(
    (all, [, figure = '', unit = '']) => all + (TYPED[quantity]?.[unit]?.(Number(figure)) ?? NaN),
    0,
  );
  return roundedTo(sum, digits + 1);
}
