import { contentsOf, methodTimes, USUAL_BENCH, type Bread, type Content, type MethodTimes } from '@hodsman/core';
import type { StoredBread } from '../../app/api.ts';

/** A bread of the library with what a list shows of it. */
export interface Shelved {
  readonly stored: StoredBread;
  readonly bread: Bread;
  readonly times: MethodTimes;
  readonly contents: readonly Content[];
  readonly isVariant: boolean;
}

export interface Wish {
  readonly search: string;
  /** A word that nobody may meet; '' for none. */
  readonly without: string;
  /** Minutes from first scale to first bread at the shortest; 0 for any. */
  readonly withinMin: number;
}

/** The library in order of family and name, each variant behind its parent. */
export function shelve(stored: readonly StoredBread[]): readonly Shelved[] {
  const ids = new Set(stored.map((s) => s.body.id));
  const all = stored.map((s): Shelved => ({
    stored: s,
    bread: s.body,
    times: methodTimes(s.body.steps, USUAL_BENCH),
    contents: contentsOf(s.body),
    isVariant: s.body.variantOf !== undefined && ids.has(s.body.variantOf),
  }));
  const byName = (a: Shelved, b: Shelved): number => (a.bread.name < b.bread.name ? -1 : 1);
  return all
    .filter((s) => !s.isVariant)
    .sort((a, b) => a.times.leastSec - b.times.leastSec || byName(a, b))
    .flatMap((parent) => [
      parent,
      ...all.filter((s) => s.isVariant && s.bread.variantOf === parent.bread.id).sort(byName),
    ]);
}

/** Whether a bread is what is wished for. */
export function answers(shelved: Shelved, wish: Wish): boolean {
  const { bread, contents, times } = shelved;
  const words = [bread.name, bread.family, ...bread.ingredients.map((i) => i.name)].join(' ').toLowerCase();
  return (
    words.includes(wish.search.trim().toLowerCase()) &&
    (wish.without === '' || !contents.some((c) => c.word === wish.without && !c.canBeLeftOff)) &&
    (wish.withinMin === 0 || times.leastSec <= wish.withinMin * 60)
  );
}

/** An id for a new bread that no other bread has. */
export function freeId(wanted: string, taken: ReadonlySet<string>): string {
  if (!taken.has(wanted)) return wanted;
  for (let n = 2; ; n++) if (!taken.has(`${wanted}-${n}`)) return `${wanted}-${n}`;
}
