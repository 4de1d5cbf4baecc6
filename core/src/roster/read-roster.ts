import Papa from 'papaparse';
import type { Guest } from '../workshop/index.ts';
import { readAvoided } from './avoided-words.ts';

/** A row that was understood. */
export interface GuestRow {
  /** Its number in the text, from 1. */
  readonly row: number;
  readonly guest: Guest;
  /** Rows with the same text here came together. */
  readonly group: string;
}

/** A row that was not: it is kept aside, as it was written. */
export interface BadRow {
  readonly row: number;
  readonly text: string;
  /** Whose row it is, where that can be read. */
  readonly name: string;
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

type Column = 'name' | 'first name' | 'surname' | 'avoids' | 'comes with' | 'places';

const COLUMNS: readonly (readonly [Column, RegExp])[] = [
  ['first name', /^(first|given|fore) ?name$/],
  ['surname', /^(sur|last|family|second) ?name$/],
  ['name', /^(full )?name$|^(participant|guest|attendee|student|person|customer|booked by|who)( name)?s?$/],
  ['avoids', /avoid|allerg|diet|intoleran|free ?from|cannot eat|can't eat|food/],
  ['comes with', /^(comes? )?with$|friend|group|party|together|booking( ref(erence)?)?$|^ref(erence)?$|order/],
  ['places', /^(places|seats|tickets|number|count|quantity|qty|pax|how many)$/],
];

const MOST_LETTERS = 120;
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
    const words = tidy(cell).toLowerCase().replace(/[_-]/g, ' ');
    const found = COLUMNS.find(([as, pattern]) => !taken.has(as) && pattern.test(words))?.[0];
    if (found) taken.add(found);
    return { header: tidy(cell), as: found ?? 'ignored' };
  });
}

/**
 * Participants from a text that was typed, pasted, or read from a CSV file: with a header in any order of columns and commas,
 * semicolons or tabs between them, or one person a line, what they avoid behind the name ("Sanna, no dairy"). Nothing is dropped:
 * what is not understood comes back as a bad row.
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
    const text = tidy(cells.join(', ')).slice(0, 4 * MOST_LETTERS);
    const refuse = (why: string, name = ''): void => {
      bad.push({ row, text, name, why });
    };
    if (open.has(from + n)) {
      refuse('a quotation mark is opened and never closed');
      return;
    }
    const read = hasHeader ? byColumns(cells, columns) : byLine(cells);
    if ('why' in read) refuse(read.why, read.name);
    else for (const guest of read.guests) rows.push({ row, guest, group: read.group });
  });
  return { columns: hasHeader ? columns : [], rows, bad };
}

type RowReading =
  { readonly guests: readonly Guest[]; readonly group: string } | { readonly why: string; readonly name: string };

function byColumns(cells: readonly string[], columns: readonly ColumnReading[]): RowReading {
  const cell = (as: Column): string => tidy(cells[columns.findIndex((c) => c.as === as)] ?? '');
  const name = cell('name') === '' ? `${cell('first name')} ${cell('surname')}`.trim() : cell('name');
  const places = cell('places') === '' ? 1 : Number(cell('places'));
  if (cells.length > columns.length)
    return { why: `has ${cells.length} cells, the header ${columns.length}`, name: clip(name) };
  if (!Number.isInteger(places) || places < 1 || places > MOST_PLACES)
    return { why: `"${cell('places')}" is no number of places from 1 to ${MOST_PLACES}`, name: clip(name) };
  return guestsOf(name, cell('avoids'), places, cell('comes with'));
}

/** Without a header a row is a name and what stands behind it: in further cells, brackets, or after a dash. */
function byLine(cells: readonly string[]): RowReading {
  const text = tidy(cells.join(', ').replace(/(, )+$/, ''));
  const [, name = '', rest = ''] =
    /^(?:[-*•]|\d+[.)])?\s*([^,(:–—]+?)\s*(?:(?:[,(:–—]| - )(.*?)\)?)?$/.exec(text) ?? [];
  return guestsOf(name, rest.replace(/^(avoids?|allerg\w+( to)?|no|without)\s+/i, ''), 1, '');
}

function guestsOf(name: string, avoids: string, places: number, group: string): RowReading {
  if (name === '') return { why: 'there is no name', name: '' };
  if (name.length > MOST_LETTERS) return { why: `the name is longer than ${MOST_LETTERS} letters`, name: clip(name) };
  const { avoid, unknown } = readAvoided(avoids);
  if (unknown.length > 0)
    return { why: `it is not clear what "${unknown.join('", "')}" means for what ${name} avoids`, name };
  // what the others of a booking avoid is not known, so the words of the one who booked stand for all
  const guests = Array.from({ length: places }, (_, n) => ({
    name: n === 0 ? name : `${name.slice(0, MOST_LETTERS - 12)}, guest ${n}`,
    avoid: [...avoid],
  }));
  return { guests, group: group === '' && places > 1 ? name : group };
}
