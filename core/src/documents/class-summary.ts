import type { ClassRecord } from '../workshop/index.ts';

/** What the list of classes shows: when it is, how many come, what they bake. */
export interface ClassSummary {
  readonly date: string;
  readonly timeZone: string;
  readonly doorsOpen: string;
  readonly tableTime: string;
  readonly people: number;
  readonly breads: readonly string[];
  /** Of a class that was saved before this was known it is missing. */
  readonly kitchen?: string;
}

export const classSummary = ({ workshop: w }: ClassRecord): ClassSummary => ({
  date: w.date,
  timeZone: w.timeZone,
  doorsOpen: w.doorsOpen,
  tableTime: w.tableTime,
  people: w.roster.length,
  kitchen: w.kitchen.name,
  breads: w.menu.flatMap((m) => w.breads.filter((b) => b.id === m.bread).map((b) => b.name)),
});
