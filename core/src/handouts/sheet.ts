import { stepNotes, type Step } from '../method/index.ts';

/** Where a sheet hangs or lies: on the wall, at a station, in hands before the class, in a bag on the way home. */
export const SHEET_PLACES = ['wall', 'station', 'before', 'home'] as const;
export type SheetPlace = (typeof SHEET_PLACES)[number];

/** A line of a card: a time or an amount, what there is to do or to take, and what is to be minded. */
export interface SheetRow {
  /** A time of day, a time from the start, or an amount; empty where there is none. */
  readonly lead: string;
  readonly words: string;
  /** Set smaller behind it. */
  readonly more: string;
  readonly care: readonly string[];
  /** The bread whose mark stands before it, by id. */
  readonly bread?: string;
  /** What is done, as a drawing, where a card has no words. */
  readonly sign?: Step['kind'];
}

/** What stays together on paper: never broken over two pages. */
export interface SheetCard {
  readonly title: string;
  readonly under: string;
  readonly care: readonly string[];
  readonly rows: readonly SheetRow[];
  /** What stands below, each with the step that it is of: the sign, what goes wrong and what then, why. */
  readonly notes: readonly (readonly [string, string])[];
  /** Cards of one key share a page, and a new key begins a new one; cards without one follow each other. */
  readonly page: string;
}

export const SHEET_KINDS = [
  'run-list',
  'roll-call',
  'fire-cards',
  'looks',
  'cautions',
  'station-cards',
  'wordless-cards',
  'tray-cards',
  'bowl-labels',
  'badges',
  'ahead',
  'shopping',
  'kit',
  'avoids',
  'brief',
  'home-cards',
  'dough-cards',
  'bread-labels',
] as const;
export type SheetKind = (typeof SHEET_KINDS)[number];

/** The data of a sheet, without layout: what it is called, who reads it, and its cards. */
export interface Sheet {
  readonly kind: SheetKind;
  readonly place: SheetPlace;
  readonly title: string;
  readonly reader: string;
  readonly cards: readonly SheetCard[];
  /** Small cards side by side, to be cut or stuck on. */
  readonly isLabels: boolean;
}

export const row = (lead: string, words: string, part: Partial<Omit<SheetRow, 'lead' | 'words'>> = {}): SheetRow => ({
  lead,
  words,
  more: '',
  care: [],
  ...part,
});

export const card = (title: string, part: Partial<Omit<SheetCard, 'title'>> = {}): SheetCard => ({
  title,
  under: '',
  care: [],
  rows: [],
  notes: [],
  page: '',
  ...part,
});

/** What helps at a step, in one line: "Look for: … · If it goes wrong: …". */
export const noteWords = (step: Step): string =>
  stepNotes(step)
    .map(([what, words]) => `${what}: ${words}`)
    .join(' · ');
