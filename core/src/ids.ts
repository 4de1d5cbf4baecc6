import { assert } from './faults/index.ts';

/**
 * The ids that are put together from those of a workshop, in the one place where they are built and read (formats note, section 3):
 * `flat@S1`, `flat@ahead1` and `flat@S1-practice` of batches, `flat/p1/2` and `flat/spare-S1/1` of pieces, `flat@S1:mix` of tasks,
 * `demo:flat:roll`, `preheat:G1`, `break:1` and `welcome`. A workshop's own ids hold none of `@`, `/` and `:`. They are for programs:
 * `words` says in words what they stand for.
 */
export type BatchId = `${string}@${string}`;
export type PieceId = `${string}/${string}/${number}`;
export type TaskId = `${string}:${string}` | 'welcome';

/** A station's dough of a bread, or its share of one that is made ahead. */
export const batchId = (bread: string, station: string): BatchId => `${bread}@${station}`;
/** The dough that staff make for several stations; from 1. */
export const motherId = (bread: string, number: number): BatchId => `${bread}@${MOTHER}${number}`;
/** What a station mixes to learn, beside its share. */
export const practiceId = (bread: string, station: string): BatchId => `${bread}@${station}${PRACTICE}`;
/** A bread of somebody's; from 1. */
export const pieceId = (bread: string, owner: string, number: number): PieceId => `${bread}/${owner}/${number}`;
/** A piece that nobody owns until somebody needs it; from 1 at each station. */
export const sparePieceId = (bread: string, station: string, number: number): PieceId =>
  `${bread}/${SPARE}${station}/${number}`;
/** One step of one batch or piece. */
export const taskId = (unit: string, step: string): TaskId => `${unit}:${step}`;
/** The demonstration before a step of a bread: of the class, or of one station. */
export const demoId = (bread: string, before: string, station: string | null): TaskId =>
  station === null ? `demo:${bread}:${before}` : `demo:${bread}:${before}:${station}`;
export const preheatId = (griddle: string): TaskId => `preheat:${griddle}`;
/** A break of the class; from 1. */
export const breakId = (number: number): TaskId => `break:${number}`;
export const WELCOME_ID: TaskId = 'welcome';

const MOTHER = 'ahead';
const PRACTICE = '-practice';
const SPARE = 'spare-';

/** What a batch's id says. A mother batch is of no station; a station's own id could end like that of a practice batch. */
export interface BatchParts {
  readonly bread: string;
  readonly at: string;
}

/** What a piece's id says: of a spare the owner is null, and the station is the one that it stands ready at. */
export interface PieceParts {
  readonly bread: string;
  readonly owner: string | null;
  readonly station: string | null;
  readonly number: number;
}

/** What a task's id says. */
export type TaskParts =
  | { readonly kind: 'welcome' }
  | { readonly kind: 'break'; readonly number: number }
  | { readonly kind: 'preheat'; readonly griddle: string }
  | { readonly kind: 'demo'; readonly bread: string; readonly before: string; readonly station: string | null }
  | { readonly kind: 'piece'; readonly piece: PieceParts; readonly step: string }
  | { readonly kind: 'batch'; readonly batch: BatchParts; readonly step: string };

/** Reads the id of a batch; undefined where it is none. */
export function readBatchId(id: string): BatchParts | undefined {
  const [bread, at, ...more] = id.split('@');
  return bread && at && more.length === 0 && !/[/:]/.test(id) ? { bread, at } : undefined;
}

/** The number of a mother batch, `2` of `flat@ahead2`; undefined where a batch is of a station. */
export function motherNumber({ at }: BatchParts): number | undefined {
  const found = /^ahead(\d+)$/.exec(at);
  return found ? Number(found[1]) : undefined;
}

/** The share that a practice batch goes with; undefined where an id does not end like that of one. */
export const practisedAt = ({ at }: BatchParts): string | undefined =>
  at.endsWith(PRACTICE) ? at.slice(0, -PRACTICE.length) : undefined;

/** Reads the id of a piece; undefined where it is none. */
export function readPieceId(id: string): PieceParts | undefined {
  const [bread, owner, number, ...more] = id.split('/');
  if (!bread || !owner || !number || more.length > 0 || !/^\d+$/.test(number) || id.includes('@')) return undefined;
  const isSpare = owner.startsWith(SPARE);
  return {
    bread,
    owner: isSpare ? null : owner,
    station: isSpare ? owner.slice(SPARE.length) : null,
    number: Number(number),
  };
}

/** What the id of a piece says that a plan holds; a plan without faults holds no other. */
export function pieceParts(id: string): PieceParts {
  const parts = readPieceId(id);
  assert(parts !== undefined, `${id} is the id of a piece`);
  return parts;
}

/** Reads the id of a task; undefined where it is none. */
export function readTaskId(id: string): TaskParts | undefined {
  const [first = '', second, third, fourth, ...more] = id.split(':');
  if (id === WELCOME_ID) return { kind: 'welcome' };
  if (!second || more.length > 0) return undefined;
  if (first === 'demo') {
    if (!third || fourth === '') return undefined;
    return { kind: 'demo', bread: second, before: third, station: fourth ?? null };
  }
  if (third !== undefined) return undefined;
  if (first === 'break') return /^[1-9]\d*$/.test(second) ? { kind: 'break', number: Number(second) } : undefined;
  if (first === 'preheat') return { kind: 'preheat', griddle: second };
  const piece = readPieceId(first);
  if (piece) return { kind: 'piece', piece, step: second };
  const batch = readBatchId(first);
  return batch && { kind: 'batch', batch, step: second };
}

/** The id that is wanted, or the same with a number behind it, so that no other has it. */
export function freeId(wanted: string, taken: ReadonlySet<string>): string {
  if (!taken.has(wanted)) return wanted;
  for (let n = 2; ; n++) if (!taken.has(`${wanted}-${n}`)) return `${wanted}-${n}`;
}
