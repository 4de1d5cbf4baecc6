import Papa from 'papaparse';
import type { Guest } from '../workshop/index.ts';
import { readAvoided } from './avoided-words.ts';
import { splitName } from './split-name.ts';

/** A row that was understood. */
export interface GuestRow {
  /** Its number in the text, from 1. */
  readonly row: number;
  readonly guest: Guest;
  /** What was said of them besides, in their words; it goes where they go. */
  readonly words: readonly string[];
  /** Rows with the same text here came together. */
  readonly group: string;
}

/** A row that was not, or not wholly: whose it is and what was understood of it is kept aside together with their words. */
export interface BadRow {
  readonly row: number;
  readonly text: string;
  /** Without a name where none can be read. */
  readonly guest: Guest;
  readonly words: readonly string[];
  readonly why: string;
}

/** What a column was taken for; `ignored` ones are of no use to a class. */
export interface ColumnReading {
  readonly header: string;
  readonly as: Column | 'ignored';
}

export interface RosterReading {
  readonly columns: readonly ColumnReading[];
  readonly rows: readonly GuestRow[];
  readonly bad: readonly BadRow[];
}

type Column = 'name' | 'first name' | 'surname' | 'avoids' | 'notes' | 'comes with' | 'places';

const COLUMNS: readonly (readonly [Column, RegExp])[] = [
  ['first name', /^(first|given|fore) ?name$/],
  ['surname', /^(sur|last|family|second) ?name$/],
  ['name', /^(full )?name$|^(participant|guest|attendee|student|person|customer|booked by|who)( name)?s?$/],
  ['avoids', /avoid|allerg|diet|intoleran|free ?from|cannot eat|can't eat|food/],
  ['notes', /^(notes?|remarks?|comments?|special requests?|anything else.*)$/],
  ['comes with', /^(comes? )?with$|friend|group|party|together|booking( ref(erence)?)?$|^ref(erence)?$|order/],
  ['places', /^(places|seats|tickets|number|count|quantity|qty|pax|how many)$/],
];

const MOST_LETTERS = 120;
/** A longer line is not understood: no person is described at such length, and every pattern would walk through it. */
const MOST_IN_LINE = 1_000;
/** What of such a line is kept. */
const MOST_KEPT = 4_000;
/** Rows beyond this are not read: no class comes near, and the preview stays quick. */
const MOST_ROWS = 10_000;
const MOST_PLACES = 20;

const tidy = (text: string): string =>
  text
    // eslint-disable-next-line no-control-regex -- control characters have no place in a name
    .replace(/[\u0000-\u001f\u007f\u200b\ufeff]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();

const clip = (name: string): string => name.slice(0, MOST_LETTERS);

function columnsOf(header: readonly string[]): readonly ColumnReading[] {
  const taken = new Set<Column>();
  return header.map((cell) => {
    const words = tidy(cell.slice(0, MOST_IN_LINE)).toLowerCase().replace(/[_-]/g, ' ');
    const found = COLUMNS.find(([as, pattern]) => !taken.has(as) && pattern.test(words))?.[0];
    if (found) taken.add(found);
    return { header: tidy(cell.slice(0, MOST_LETTERS)), as: found ?? 'ignored' };
  });
}

/**
 * Participants from a text that was typed, pasted, or read from a CSV file: with a header in any order of columns and commas,
 * semicolons or tabs between them, or one person a line, what they avoid behind the name ("Sanna, no dairy", "Teo allergic to sesame").
 * Nothing is dropped: what is not understood comes back as a bad row, or in `words`.
 */
export function readRoster(text: string): RosterReading {
  const clean = text.replace(/^\ufeff/, '');
  const parsed = Papa.parse<string[]>(clean, {
    skipEmptyLines: 'greedy',
    delimitersToGuess: [',', ';', '\t', '|'],
    preview: MOST_ROWS,
  });
  const table = parsed.data;
  const columns = columnsOf(table[0] ?? []);
  const hasHeader = columns.some((c) => c.as === 'name' || c.as === 'first name' || c.as === 'surname');
  const open = new Set(parsed.errors.filter((e) => e.type === 'Quotes').map((e) => e.row));
  const rows: GuestRow[] = [];
  const bad: BadRow[] = [];
  const from = hasHeader ? 1 : 0;
  table.slice(from).forEach((cells, n) => {
    const row = from + n + 1;
    const whole = tidy(cells.join(', ').slice(0, MOST_KEPT));
    const read = readRow(cells, whole, hasHeader ? columns : undefined, open.has(from + n));
    if ('why' in read) bad.push({ row, text: whole, ...read });
    else for (const guest of read.guests) rows.push({ row, guest, words: read.words, group: read.group });
  });
  return { columns: hasHeader ? columns : [], rows, bad };
}

type RowReading =
  | { readonly guests: readonly Guest[]; readonly words: readonly string[]; readonly group: string }
  | { readonly why: string; readonly guest: Guest; readonly words: readonly string[] };

const aside = (why: string, words: readonly string[], name = '', avoid: Guest['avoid'] = []): RowReading => ({
  why,
  guest: { name: clip(name), avoid },
  words,
});

function readRow(
  cells: readonly string[],
  whole: string,
  columns: readonly ColumnReading[] | undefined,
  isOpen: boolean,
): RowReading {
  if (isOpen) return aside('a quotation mark is opened and never closed', [whole]);
  if (cells.reduce((sum, c) => sum + c.length, 0) > MOST_IN_LINE)
    return aside(`it is longer than ${MOST_IN_LINE} letters`, [whole]);
  return columns ? byColumns(cells, columns, whole) : byLine(whole);
}

function byColumns(cells: readonly string[], columns: readonly ColumnReading[], whole: string): RowReading {
  const cell = (as: Column): string => tidy(cells[columns.findIndex((c) => c.as === as)] ?? '');
  const written = cell('name') === '' ? `${cell('first name')} ${cell('surname')}`.trim() : cell('name');
  const places = cell('places') === '' ? 1 : Number(cell('places'));
  const said = saidOf(written, [cell('avoids')], [cell('notes')]);
  if (cells.length > columns.length)
    return { ...aside(`has ${cells.length} cells, the header ${columns.length}`, [whole]), guest: said.guest };
  if (!Number.isInteger(places) || places < 1 || places > MOST_PLACES)
    return {
      ...aside(`"${cell('places')}" is no number of places from 1 to ${MOST_PLACES}`, [whole]),
      guest: said.guest,
    };
  return guestsOf(said, places, cell('comes with'), whole);
}

/** Without a header a row is a name and what stands behind it: in further cells, brackets, after a dash, or in plain words. */
function byLine(whole: string): RowReading {
  const text = whole.replace(/([,;] ?)+$/, '').replace(/^(?:[-*•]|\d+[.)])\s*/, '');
  const at = text.search(/[,;(:–—]| - /);
  const [name, behind] = at < 0 ? [text, ''] : [text.slice(0, at), text.slice(at).replace(/^[\s,;(:–—-]+/, '')];
  return guestsOf(saidOf(name.trim(), [behind.replace(/\)\s*$/, '')], []), 1, '', whole);
}

/** Somebody by name, with all that was said of them. */
interface Said {
  readonly guest: Guest;
  readonly unknown: readonly string[];
  readonly words: readonly string[];
}

/** `written` is the name as it was written, perhaps with more behind it; what stands in `avoids` is about food, in `notes` about anything. */
function saidOf(written: string, avoids: readonly string[], notes: readonly string[]): Said {
  const [, before = written, inBrackets = ''] = /^([^(]+) \(([^)]*)\)?$/.exec(written) ?? [];
  const { name, rest, doubt } = splitName(before.trim());
  const read = readAvoided([rest, inBrackets, ...avoids].filter((t) => t !== '').join(', '));
  const noted = notes.filter((n) => n !== '');
  // a note may name an allergy too
  const inNotes = noted.map(readAvoided);
  const avoid = [...read.avoid, ...inNotes.flatMap((n) => n.avoid)].sort((a, b) => (a.what < b.what ? -1 : 1));
  const once = avoid.filter((a, i) => avoid.findIndex((b) => b.what === a.what) === i);
  return {
    guest: { name: clip(name), avoid: once.map((a) => strictest(a, avoid)) },
    unknown: name.length > MOST_LETTERS ? [...read.unknown, name] : read.unknown,
    words: [
      ...(doubt === undefined ? [] : [doubt]),
      ...read.remarks,
      ...noted,
      ...inNotes.flatMap((n) => n.remarks),
    ].filter((w, i, all) => all.indexOf(w) === i),
  };
}

type Avoided = Guest['avoid'][number];
const strictest = (a: Avoided, all: readonly Avoided[]): Avoided =>
  all.some((b) => b.what === a.what && b.level === 'strict') ? { ...a, level: 'strict' } : a;

function guestsOf({ guest, unknown, words }: Said, places: number, group: string, whole: string): RowReading {
  const { name, avoid } = guest;
  if (name === '') return aside('there is no name', [whole], '', avoid);
  if (unknown.some((u) => u.length > MOST_LETTERS && u.startsWith(name)))
    return aside(`the name is longer than ${MOST_LETTERS} letters`, [whole], name, avoid);
  if (unknown.length > 0) {
    const why = `it is not clear what "${unknown.join('", "')}" means for what ${name} avoids`;
    return aside(why.slice(0, MOST_KEPT), [...unknown, ...words], name, avoid);
  }
  // what the others of a booking avoid is not known, so the words of the one who booked stand for all
  const guests = Array.from({ length: places }, (_, n) => ({
    name: n === 0 ? name : `${name.slice(0, MOST_LETTERS - 12)}, guest ${n}`,
    avoid: [...avoid],
  }));
  return { guests, words, group: group === '' && places > 1 ? name : group };
}
