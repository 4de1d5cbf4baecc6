import type { OwnNote } from '../reading.ts';
import { CARDS } from './cards.ts';
import { CLASS_SHEETS } from './class-sheets.ts';
import { COPIED_PAGES } from './copied-pages.ts';
import { DRAWER } from './drawer.ts';
import { EVENING_SHEETS } from './evening-sheets.ts';
import { GALLEY } from './galley.ts';
import { HANDOUTS } from './handouts.ts';
import { KITCHEN_TABLE } from './kitchen-table.ts';
import { KITCHEN_WALL } from './kitchen-wall.ts';
import { LEFT_BEHIND } from './left-behind.ts';
import { NUMBERED_SHEETS } from './numbered-sheets.ts';
import { PASSED_ROUND } from './passed-round.ts';
import { PINNED_UP } from './pinned-up.ts';
import { SHORT_NOTES } from './short-notes.ts';
import { WORKSHOP_CARDS } from './workshop-cards.ts';

/** Notes as teachers keep them, and what is read of them. */
export const OWN_NOTES: readonly OwnNote[] = [
  ...NUMBERED_SHEETS,
  ...CLASS_SHEETS,
  ...CARDS,
  ...SHORT_NOTES,
  ...DRAWER,
  ...HANDOUTS,
  ...EVENING_SHEETS,
  ...WORKSHOP_CARDS,
  ...COPIED_PAGES,
  ...PINNED_UP,
  ...PASSED_ROUND,
  ...LEFT_BEHIND,
  ...KITCHEN_TABLE,
  ...KITCHEN_WALL,
  ...GALLEY,
];
