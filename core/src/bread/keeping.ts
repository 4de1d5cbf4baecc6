import { minutesOfIso } from '../units/index.ts';
import type { Bread } from './schema.ts';

type Keep = NonNullable<Bread['keep']>[number];

const DAY_MIN = 24 * 60;

/** How long something keeps, of a duration in the form of ISO 8601: `3 hours`, `60 days`. */
export function keepText(iso: string): string {
  const min = minutesOfIso(iso) ?? 0;
  const [n, unit] =
    min % DAY_MIN === 0 ? [min / DAY_MIN, 'day'] : min % 60 === 0 ? [min / 60, 'hour'] : [min, 'minute'];
  return `${n} ${unit}${n === 1 ? '' : 's'}`;
}

/** Where it lies and for how long at the most: "in a cloth, in a covered basket, up to 3 hours". */
export const keepWords = ({ how, max }: Keep): string => (max === undefined ? how : `${how}, up to ${keepText(max)}`);

/** How the finished bread keeps, and how its dough does; empty where the bread does not say. */
export const keepsOf = ({ keep = [] }: Pick<Bread, 'keep'>, what: 'bread' | 'dough'): readonly Keep[] =>
  keep.filter((k) => k.what === what);
