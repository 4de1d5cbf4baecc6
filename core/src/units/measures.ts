/** Exact by definition of the international yard and pound (1959): inch 2.54 cm, pound 453.59237 g, ounce a sixteenth of it. */
const CM_PER_INCH = 2.54;
const G_PER_POUND = 453.59237;
export const OZ_PER_LB = 16;
const G_PER_OUNCE = G_PER_POUND / OZ_PER_LB;

/** US customary kitchen volumes in ml (NIST Handbook 44, appendix C: gallon 231 cubic inches; cup a sixteenth of it). */
const US_CUP_ML = (231 * CM_PER_INCH ** 3) / 16;
export const ML_PER_US = { cup: US_CUP_ML, tablespoon: US_CUP_ML / 16, teaspoon: US_CUP_ML / 48 } as const;

/** Centimetres of inches. */
export function cmOfInches(inches: number): number {
  return inches * CM_PER_INCH;
}

/** Inches of centimetres. */
export function inchesOfCm(cm: number): number {
  return cm / CM_PER_INCH;
}

/** Avoirdupois ounces of grams. */
export function ouncesOfGrams(grams: number): number {
  return grams / G_PER_OUNCE;
}

/** Grams of avoirdupois ounces. */
export function gramsOfOunces(ounces: number): number {
  return ounces * G_PER_OUNCE;
}
