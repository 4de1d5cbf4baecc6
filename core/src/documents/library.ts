import type { BreadSummary } from './bread-summary.ts';

/** A bread of the library with what a list shows of it. */
export interface Shelved {
  /** The id of the document. */
  readonly id: string;
  readonly name: string;
  readonly bread: BreadSummary;
  readonly isVariant: boolean;
}

/** What somebody looks for in the library. */
export interface Wish {
  readonly search: string;
  /** A word that nobody may meet; '' for none. */
  readonly without: string;
  /** Minutes from first scale to first bread at the shortest; 0 for any. */
  readonly withinMin: number;
}

/** The library in order of time and name, each variant behind its parent; what cannot be read is left to the page. */
export function shelve(
  listed: readonly { readonly id: string; readonly title: string; readonly summary: BreadSummary | null }[],
): readonly Shelved[] {
  const ids = new Set(listed.map((l) => l.summary?.id));
  const all = listed.flatMap(({ id, title, summary }): readonly Shelved[] =>
    summary
      ? [{ id, name: title, bread: summary, isVariant: summary.variantOf !== null && ids.has(summary.variantOf) }]
      : [],
  );
  const byName = (a: Shelved, b: Shelved): number => (a.name < b.name ? -1 : 1);
  return all
    .filter((s) => !s.isVariant)
    .sort((a, b) => a.bread.leastSec - b.bread.leastSec || byName(a, b))
    .flatMap((parent) => [
      parent,
      ...all.filter((s) => s.isVariant && s.bread.variantOf === parent.bread.id).sort(byName),
    ]);
}

/** Whether a bread is what is wished for. */
export function answers({ name, bread }: Shelved, wish: Wish): boolean {
  const words = [name, bread.family, ...bread.ingredients].join(' ').toLowerCase();
  return (
    words.includes(wish.search.trim().toLowerCase()) &&
    (wish.without === '' || !bread.holds.includes(wish.without)) &&
    (wish.withinMin === 0 || bread.leastSec <= wish.withinMin * 60)
  );
}
