import { MEASURE_SYSTEMS, type MeasureSystem } from './volumes.ts';

/** The measures in which one reads and types figures. Stored figures stay in °C, cm, g and the 24-hour clock. */
export interface OwnMeasures {
  readonly temperature: 'C' | 'F';
  readonly length: 'cm' | 'in';
  readonly weight: 'g' | 'oz';
  readonly spoons: MeasureSystem;
  readonly clock: '24' | '12';
  /** Three letters, such as EUR: in it a new store begins. */
  readonly currency: string;
}

/** The measures of every file, and of everybody who has not said otherwise. */
export const METRIC: OwnMeasures = {
  temperature: 'C',
  length: 'cm',
  weight: 'g',
  spoons: 'metric',
  clock: '24',
  currency: 'EUR',
};
export const US_CUSTOMARY: OwnMeasures = {
  temperature: 'F',
  length: 'in',
  weight: 'oz',
  spoons: 'us',
  clock: '12',
  currency: 'USD',
};

let own = METRIC;

/** The measures in which this running program writes figures. */
export const ownMeasures = (): OwnMeasures => own;

/**
 * Sets the measures in which every figure is written from now on. As with a language, one program has one reader: a page sets it once,
 * before it shows anything; servers, workers and the command line leave it as it is.
 */
export function writeIn(measures: OwnMeasures): void {
  own = measures;
}

/** What `make` makes while figures are written in other measures: files say the same on every device. */
export function writtenIn<T>(measures: OwnMeasures, make: () => T): T {
  const before = own;
  own = measures;
  try {
    return make();
  } finally {
    own = before;
  }
}

/** What each measure can be. */
export const MEASURE_CHOICES: { readonly [K in keyof OwnMeasures]: readonly OwnMeasures[K][] } = {
  temperature: ['C', 'F'],
  length: ['cm', 'in'],
  weight: ['g', 'oz'],
  spoons: MEASURE_SYSTEMS,
  clock: ['24', '12'],
  currency: ['EUR', 'USD', 'GBP', 'AUD', 'CAD', 'CHF', 'DKK', 'INR', 'NOK', 'NZD', 'SEK', 'ZAR'],
};

/** Measures that a device kept; undefined where they are not all there or are none that can be chosen. */
export function readOwnMeasures(kept: unknown): OwnMeasures | undefined {
  if (typeof kept !== 'object' || kept === null) return undefined;
  const isChosen = ([key, choices]: [string, readonly string[]]): boolean =>
    choices.includes(String(Reflect.get(kept, key)));
  return Object.entries(MEASURE_CHOICES).every(isChosen) ? (kept as OwnMeasures) : undefined;
}

/** The measures of most people of a country, by its two letters (common practice): what is proposed before anybody has chosen. */
export function measuresOfCountry(country: string): OwnMeasures {
  const own = (change: Partial<OwnMeasures>): OwnMeasures => ({ ...METRIC, ...change });
  switch (country) {
    case 'US':
      return US_CUSTOMARY;
    case 'GB':
      return own({ spoons: 'british', currency: 'GBP' });
    case 'AU':
      return own({ spoons: 'australian', clock: '12', currency: 'AUD' });
    case 'NZ':
      return own({ clock: '12', currency: 'NZD' });
    case 'CA':
      return own({ clock: '12', currency: 'CAD' });
    case 'CH':
      return own({ currency: 'CHF' });
    case 'DK':
      return own({ currency: 'DKK' });
    case 'IN':
      return own({ clock: '12', currency: 'INR' });
    case 'NO':
      return own({ currency: 'NOK' });
    case 'SE':
      return own({ currency: 'SEK' });
    case 'ZA':
      return own({ currency: 'ZAR' });
    default:
      return METRIC;
  }
}
