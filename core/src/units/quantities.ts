import { celsiusOfFahrenheit, fahrenheitOfCelsius, fahrenheitOfDifference } from './degrees.ts';
import { cmOfInches, gramsOfOunces, inchesOfCm, ouncesOfGrams } from './measures.ts';
import { ownMeasures, type OwnMeasures } from './own-measures.ts';
import { roundedTo } from './shown.ts';
import { mlOf } from './volumes.ts';

/** What a stored figure measures: °C, degrees warmer or colder, cm, mm, g, litres of water. */
export type Quantity = 'temperature' | 'difference' | 'length' | 'thickness' | 'weight' | 'volume';

/** How a quantity is shown and typed. */
export interface Scale {
  readonly unit: string;
  /** Whether it is the unit of the files: what is typed is kept as it is. */
  readonly isStored: boolean;
  /** Stored figure to shown figure, and back. */
  readonly shown: (stored: number) => number;
  readonly stored: (shown: number) => number;
  /** Decimals shown of a figure that has so many in its stored unit. */
  readonly digits: (ofStored: number, shown?: number) => number;
  /** Decimals kept of what is typed in this unit: so many that the figure is read again as it was typed. */
  readonly kept: (ofStored: number) => number;
  /** What an arrow key adds, of the step in the stored unit. */
  readonly step: (ofStored: number) => number;
}

const same = (x: number): number => x;
const plain = (unit: string): Scale => ({
  unit,
  isStored: true,
  shown: same,
  stored: same,
  digits: same,
  kept: same,
  step: same,
});

const IN_PER_MM = inchesOfCm(0.1);
/** 0.01 oz is 0.28 g and 0.01 in is 0.25 mm: two decimals beside whole grams and tenths of a centimetre. */
const OWN: Readonly<Record<Quantity, { readonly plain: Scale; readonly other: Scale }>> = {
  temperature: {
    plain: plain('°C'),
    other: {
      isStored: false,
      unit: '°F',
      shown: fahrenheitOfCelsius,
      stored: celsiusOfFahrenheit,
      digits: (d) => Math.max(0, d - 1),
      kept: (d) => Math.max(1, d),
      step: same,
    },
  },
  difference: {
    plain: plain('°C'),
    other: {
      isStored: false,
      unit: '°F',
      shown: fahrenheitOfDifference,
      stored: (f) => f / fahrenheitOfDifference(1),
      digits: (d) => Math.max(0, d - 1),
      kept: (d) => Math.max(1, d),
      step: same,
    },
  },
  length: {
    plain: plain('cm'),
    other: {
      isStored: false,
      unit: 'in',
      shown: inchesOfCm,
      stored: cmOfInches,
      digits: (d) => d + 1,
      kept: (d) => Math.max(2, d),
      step: (s) => s / 4,
    },
  },
  thickness: {
    plain: plain('mm'),
    other: {
      isStored: false,
      unit: 'in',
      shown: (mm) => mm * IN_PER_MM,
      stored: (inches) => inches / IN_PER_MM,
      digits: (d) => d + 2,
      kept: (d) => d + 1,
      step: (s) => s / 20,
    },
  },
  weight: {
    plain: plain('g'),
    other: {
      isStored: false,
      unit: 'oz',
      shown: ouncesOfGrams,
      stored: gramsOfOunces,
      // a thousandth counts for yeast and not for a sack
      digits: (d, shown = 0) => (Math.abs(shown) >= 10 ? 2 : d + 2),
      kept: (d) => d + 1,
      step: (s) => s / 20,
    },
  },
  volume: {
    plain: plain('l'),
    other: {
      isStored: false,
      unit: 'pints',
      shown: (l) => (l * 1000) / mlOf('pint', ownMeasures().spoons),
      stored: (pints) => (pints * mlOf('pint', ownMeasures().spoons)) / 1000,
      digits: same,
      kept: (d) => d + 1,
      step: same,
    },
  },
};

const IS_STORED: Readonly<Record<Quantity, (own: OwnMeasures) => boolean>> = {
  temperature: (own) => own.temperature === 'C',
  difference: (own) => own.temperature === 'C',
  length: (own) => own.length === 'cm',
  thickness: (own) => own.length === 'cm',
  weight: (own) => own.weight === 'g',
  volume: (own) => own.weight === 'g',
};

/** How a quantity is read and typed in one's own measures. */
export function scaleOf(quantity: Quantity): Scale {
  const { plain: stored, other } = OWN[quantity];
  return IS_STORED[quantity](ownMeasures()) ? stored : other;
}

/** The unit in which a quantity is read and typed: `°F`, `oz`. */
export const unitOf = (quantity: Quantity): string => scaleOf(quantity).unit;

/** A stored figure as it is read, without its unit. */
function figureText(quantity: Quantity, stored: number, digits: number): string {
  const scale = scaleOf(quantity);
  return String(roundedTo(scale.shown(stored), scale.digits(digits, scale.shown(stored))));
}

/** A stored figure with its unit, in one's own measures: `26 °C`, `12.6 in`; `digits` of the stored unit at most. */
export const quantityText = (quantity: Quantity, stored: number, digits = 0): string =>
  `${figureText(quantity, stored, digits)} ${unitOf(quantity)}`;

/** From one figure to another: `10 to 40 °C`. */
export const rangeText = (quantity: Quantity, from: number, to: number): string =>
  `${figureText(quantity, from, 0)} to ${quantityText(quantity, to)}`;

/** A temperature, `26 °C`, `79 °F`: to the degree. */
export const celsiusText = (c: number, digits = 0): string => quantityText('temperature', c, digits);

/** Tenths of a centimetre, and of an inch. */
const tenths = (): number => (scaleOf('length').isStored ? 1 : 0);
/** A length, `32 cm`, `12.6 in`: to a tenth. */
export const cmText = (cm: number): string => quantityText('length', cm, tenths());
/** Two sides of something: `60 × 40 cm`. */
export const sidesText = (a: number, b: number): string => `${figureText('length', a, tenths())} × ${cmText(b)}`;
