import type { Pantry } from '../kitchen/index.ts';
import type { Plan } from '../plan/index.ts';
import type { ClassRecord } from '../workshop/index.ts';
import { aheadSheet, avoidSheet, briefSheet, kitSheet, shoppingSheet } from './before.ts';
import { breadLabels, doughToGo, homeCards, type AtHome } from './home.ts';
import { HAND_ROOM, parted, WALL_ROOM } from './parted.ts';
import type { Sheet, SheetKind } from './sheet.ts';
import { badges, bowlLabels, stationCards, trayCards, wordlessCards } from './station.ts';
import { cautionSheet, fireCards, lookSheet, rollCallSheet, runList } from './wall.ts';

/**
 * What leaves the screen: the data of every sheet of a class, made from its plan and dough sheet, without layout. Begin with `sheet.ts`.
 * Every figure is the plan's; what somebody avoids stands wherever their bread stands.
 */
export { homeRecipes, type AtHome, type HomeRecipe } from './home.ts';
export { LABEL_SHEETS, labelsOf, rowsOn, TITLE_SHARE, type Label, type LabelSheet } from './label-sheets.ts';
export { wantedSheets } from './wanted.ts';
export { SHEET_KINDS, SHEET_PLACES } from './sheet.ts';
export type { Sheet, SheetCard, SheetKind, SheetPlace, SheetRow } from './sheet.ts';

/** What sheets are made from. */
export interface Handout {
  readonly record: ClassRecord;
  readonly plan: Plan;
  /** The store that shopping is reckoned against; without one there is no list. */
  readonly pantry: Pantry | undefined;
  readonly home: AtHome;
}

const MAKE: Readonly<Record<SheetKind, (h: Handout) => Sheet | undefined>> = {
  'run-list': ({ record, plan }) => runList(record, plan),
  'roll-call': ({ record, plan }) => rollCallSheet(record, plan),
  'fire-cards': ({ record, plan }) => fireCards(record, plan),
  looks: ({ record, plan }) => lookSheet(record, plan),
  cautions: ({ record, plan }) => cautionSheet(record, plan),
  'station-cards': ({ record, plan }) => stationCards(record, plan),
  'wordless-cards': ({ record, plan }) => wordlessCards(record, plan),
  'tray-cards': ({ record, plan }) => trayCards(record, plan),
  'bowl-labels': ({ record, plan }) => bowlLabels(record, plan),
  badges: ({ record }) => badges(record),
  ahead: ({ record, plan }) => aheadSheet(record, plan),
  shopping: ({ record, pantry }) => pantry && shoppingSheet(record, pantry),
  kit: ({ record, plan }) => kitSheet(record, plan),
  avoids: ({ record, plan }) => avoidSheet(record, plan),
  brief: ({ record, plan }) => briefSheet(record, plan),
  'home-cards': ({ record, home }) => homeCards(record, home),
  'dough-cards': ({ record, plan }) => doughToGo(record, plan),
  'bread-labels': ({ record }) => breadLabels(record),
};

/** A sheet of a class; undefined where this class has no use for it. */
export function sheetOf(kind: SheetKind, handout: Handout): Sheet | undefined {
  const sheet = MAKE[kind](handout);
  if (!sheet || sheet.cards.length === 0) return undefined;
  if (sheet.isLabels) return sheet;
  const room = sheet.place === 'wall' ? WALL_ROOM : HAND_ROOM;
  return { ...sheet, cards: sheet.cards.flatMap((c) => parted(c, room)) };
}
