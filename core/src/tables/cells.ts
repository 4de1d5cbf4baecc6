import { roundHalfUp, scaleOf, type Quantity } from '../units/index.ts';

const to = (x: number, unit: number): number => roundHalfUp(x * unit) / unit;

export const cents = (x: number): number => to(x, 100);
export const minutes = (sec: number): number => to(sec / 60, 100);
/** A figure in one's own measure, as fine as the weight of a pinch is shown. */
export function own(quantity: Quantity, x: number | undefined): number | '' {
  if (x === undefined) return '';
  const { shown, digits } = scaleOf(quantity);
  return to(shown(x), 10 ** Math.max(1, digits(1)));
}
export const orNothing = <T extends string | number>(x: T | undefined): T | '' => x ?? '';
