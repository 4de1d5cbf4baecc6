import type { Plan, Workshop } from '@hodsman/core';
import { GUTTER, leastWidths } from './lanes.ts';

export const PAPERS = [
  ['a4', 'A4'],
  ['letter', 'Letter'],
] as const;
export type Paper = (typeof PAPERS)[number][0];

/** What margins of 12 mm leave of a page held upright, in pixels of 1/96 inch. */
const PAGE_PX: Readonly<Record<Paper, readonly [number, number]>> = { a4: [703, 1032], letter: [725, 965] };

/** How the picture lies on paper: held upright where the room fits so, else across; parted into sheets where it fits neither. */
export interface Layout {
  readonly isAcross: boolean;
  readonly width: number;
  readonly height: number;
  /** What is left out of each sheet's picture, by lane. */
  readonly sheets: readonly ReadonlySet<string>[];
}

export function layoutOf(plan: Plan, workshop: Workshop, paper: Paper): Layout {
  const least = leastWidths(plan, workshop, 'room');
  const all = [...least.values()].reduce((a, b) => a + b, GUTTER);
  const [short, long] = PAGE_PX[paper];
  const isAcross = all > short;
  const [width, height] = isAcross ? [long, short] : [short, long];
  return { isAcross, width, height, sheets: sheetsFor(least, width - GUTTER) };
}

/** Lanes in order, as many to a sheet as can be read on it. */
function sheetsFor(least: ReadonlyMap<string, number>, room: number): readonly ReadonlySet<string>[] {
  const sheets: Set<string>[] = [];
  let left = 0;
  for (const [id, px] of least) {
    if (sheets.length === 0 || px > left) {
      sheets.push(new Set());
      left = room;
    }
    sheets.at(-1)?.add(id);
    left -= px;
  }
  return sheets.map((on) => new Set([...least.keys()].filter((id) => !on.has(id))));
}
