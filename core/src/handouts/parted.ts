import type { SheetCard, SheetRow } from './sheet.ts';

/** How much of a page a card may take: characters of a line, lines of a page. */
export interface Room {
  readonly perLine: number;
  /** Of all columns together. */
  readonly lines: number;
  readonly columns: number;
}

/** On the wall at 18 pt one column, in hands at 11 pt two; what stays below the head of a page of Letter, which is the shorter one. */
export const WALL_ROOM: Room = { perLine: 48, lines: 30, columns: 1 };
export const HAND_ROOM: Room = { perLine: 38, lines: 82, columns: 2 };
/** Words that run on are set closer than lines with a time before each. */
const NOTES_PER_LINE = 50;
const NOTES_LINES = 86;

const linesOf = (words: string, { perLine }: Room): number => Math.max(1, Math.ceil(words.length / perLine));
/** The line under each row, and its time that is set larger, take so much of a line besides. */
const ROW_LINES = 0.3;
/** What the figures above leave room for. */
const USUAL_ROW_LINES = 6;
/** A drawing is higher than a line. */
const SIGN_LINES = 0.35;
const rowLines = (r: SheetRow, room: Room): number =>
  ROW_LINES +
  (r.sign ? SIGN_LINES : 0) +
  linesOf(`${r.words} ${r.more}`, room) +
  r.care.reduce((sum, c) => sum + linesOf(c, room), 0);

/** Things in groups that each fit into so many lines; a single thing that does not is a group of its own. */
function groups<T>(list: readonly T[], weight: (one: T) => number, lines: number): readonly (readonly T[])[] {
  const found: T[][] = [];
  let left = -1;
  for (const one of list) {
    const w = weight(one);
    if (left < w || found.length === 0) {
      found.push([]);
      left = lines;
    }
    found.at(-1)?.push(one);
    left -= w;
  }
  return found;
}

/** A card as the cards that each fit on a page, so that none breaks: the later ones say that they go on. */
export function parted(card: SheetCard, room: Room): readonly SheetCard[] {
  const over = linesOf(`${card.title} ${card.under}`, room) + card.care.reduce((sum, c) => sum + linesOf(c, room), 0);
  // a row that is high leaves as much of the other columns empty, since it does not break either
  const highest = Math.max(0, ...card.rows.map((r) => rowLines(r, room)));
  const empty = (room.columns - 1) * Math.max(0, highest - USUAL_ROW_LINES);
  const rows = groups(card.rows, (r) => rowLines(r, room), room.lines - over - empty);
  const close: Room = { perLine: NOTES_PER_LINE, lines: NOTES_LINES, columns: 2 };
  const notes = groups(card.notes, ([a, b]) => linesOf(`${a} ${b}`, close), NOTES_LINES - over);
  const parts = [...rows.map((r) => ({ rows: r, notes: [] })), ...notes.map((n) => ({ rows: [], notes: n }))];
  if (parts.length < 2) return [card];
  return parts.map((part, i) => ({
    ...card,
    ...part,
    title: i === 0 ? card.title : `${card.title}, going on`,
    page: card.page === '' ? '' : `${card.page} ${i + 1}`,
  }));
}
