import type { ClassSummary } from './class-summary.ts';

/** A class as the list of classes has it; without a summary it cannot be read. */
export interface ClassOnList {
  readonly title: string;
  readonly summary: ClassSummary | null;
}

/** Classes of one day together. */
export interface ClassDay<C> {
  /** `2027-03-06`. */
  readonly date: string;
  readonly classes: readonly C[];
}

/** The list of classes: those to come from the next on, those that are over from the last back, and those that cannot be read. */
export interface ClassesByDay<C> {
  readonly coming: readonly ClassDay<C>[];
  readonly past: readonly ClassDay<C>[];
  readonly unreadable: readonly C[];
}

/** Whether every word that is looked for is in a class's name, kitchen or breads. */
function answersWish({ title, summary }: ClassOnList, wish: string): boolean {
  const text = [title, summary?.kitchen ?? '', ...(summary?.breads ?? [])].join(' ').toLowerCase();
  return wish
    .toLowerCase()
    .split(/\s+/)
    .every((w) => text.includes(w));
}

/** The classes that answer a wish by day, each day's in order of time; `today` as `2027-03-06`. What cannot be read is always shown. */
export function classesByDay<C extends ClassOnList>(list: readonly C[], today: string, wish: string): ClassesByDay<C> {
  const days = new Map<string, C[]>();
  for (const c of list.filter((x) => x.summary && answersWish(x, wish))) {
    const date = c.summary?.date ?? '';
    days.set(date, [...(days.get(date) ?? []), c]);
  }
  const inOrder = [...days]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([date, classes]) => ({
      date,
      classes: classes.sort((a, b) => ((a.summary?.doorsOpen ?? '') < (b.summary?.doorsOpen ?? '') ? -1 : 1)),
    }));
  return {
    coming: inOrder.filter((d) => d.date >= today),
    past: inOrder.filter((d) => d.date < today).reverse(),
    unreadable: list.filter((c) => !c.summary),
  };
}
