import { roundHalfUp } from './seconds.ts';

/** A figure with so many decimals at most: 12.5 of 12.500001. */
export const roundedTo = (x: number, digits: number): number => Number(x.toFixed(digits));

/** A figure with exactly so many decimals: `12.50`. */
export const fixedText = (x: number, digits: number): string => x.toFixed(digits);

/** A share of a hundred: `62 %`, `0.35 %`. */
export const pctText = (pct: number, digits = 0): string => `${fixedText(pct, digits)} %`;

/** Seconds as whole minutes, half up. */
export const wholeMinutes = (sec: number): number => roundHalfUp(sec / 60);
