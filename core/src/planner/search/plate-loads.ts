import type { Hotplate } from './problem.ts';

/** Pieces of one kind: how many, how long the shortest lies, and how many each plate holds (0: it may not carry them). */
export interface KindOfPieces {
  readonly count: number;
  readonly workSec: number;
  readonly spots: readonly number[];
  /** Whether a spot is not ready at once for the next of them. */
  readonly isReset: boolean;
}

/** More kinds or pieces than this are left to the coarser bound. */
const MOST_KINDS = 3;
const MOST_STATES = 2500;
const FIRST_STEP_SEC = 16;
const MOST_STEP_SEC = 100_000;

/**
 * The least time, `fromSec` or more, in which plates can carry several kinds, a plate one kind at a time. While a plate carries n pieces
 * of a kind on s spots one of the spots carries ⌈n / s⌉ of them, so the plate is taken for ⌈n / s⌉ × (p + r) − r at least, and a change
 * lies between two kinds. The least T for which every plate can be given whole loads within T that together carry everything, by
 * bisection over T; `fromSec` where there is too much to count. Valid because carrying a kind in several stretches takes a plate no less.
 */
export function leastLoadsSpan(plates: readonly Hotplate[], kinds: readonly KindOfPieces[], fromSec: number): number {
  const states = kinds.slice(0, -1).reduce((product, k) => product * (k.count + 1), plates.length);
  if (kinds.length > MOST_KINDS || states > MOST_STATES || kinds.length === 0) return fromSec;
  if (canCarry(plates, kinds, fromSec)) return fromSec;
  let low = fromSec;
  let step = FIRST_STEP_SEC;
  while (!canCarry(plates, kinds, low + step)) {
    low += step;
    step *= 2;
    if (step > MOST_STEP_SEC) return fromSec; // some kind fits on none of these plates
  }
  let high = low + step;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (canCarry(plates, kinds, middle)) high = middle;
    else low = middle;
  }
  return high;
}

/** Whether so long is enough: plate by plate, for every number of the first two kinds carried, the most of the last kind. */
function canCarry(plates: readonly Hotplate[], kinds: readonly KindOfPieces[], sec: number): boolean {
  const [first = 0, second = 0] = kinds.slice(0, -1).map((k) => k.count);
  const third = kinds.at(-1)?.count ?? 0;
  const width = second + 1;
  const size = (first + 1) * width;
  let most = new Int32Array(size).fill(-1);
  most[0] = 0;
  for (const [p, plate] of plates.entries()) {
    const next = new Int32Array(size).fill(-1);
    for (const option of optionsOf(plate, p, kinds, sec)) {
      const [a = 0, b = 0] = option.length > 1 ? option : [];
      const addB = option.length > 2 ? b : 0;
      const last = option.at(-1) ?? 0;
      for (let x = 0; x <= first; x++)
        for (let y = 0; y <= second; y++) {
          const have = most[x * width + y] ?? -1;
          if (have < 0) continue;
          // a state counts the pieces of each kind, no further than wanted
          const to = Math.min(first, x + a) * width + Math.min(second, y + addB);
          const reached = Math.min(third, have + last);
          if (reached > (next[to] ?? -1)) next[to] = reached;
        }
    }
    most = next;
    if ((most[size - 1] ?? -1) >= third) return true;
  }
  return false;
}

/** What one plate can carry within a time: pieces of each kind, as many of the last kind as fit beside the others. */
function optionsOf(
  plate: Hotplate,
  p: number,
  kinds: readonly KindOfPieces[],
  sec: number,
): readonly (readonly number[])[] {
  const change = Math.max(plate.changeSec, plate.resetSec);
  const options: number[][] = [];
  const add = (k: number, spent: number, carried: readonly number[]): void => {
    const kind = kinds[k];
    if (!kind) {
      options.push([...carried]);
      return;
    }
    const spots = kind.spots[p] ?? 0;
    const setup = spent > 0 ? change : 0;
    const resetSec = kind.isReset ? plate.resetSec : 0;
    const loadsFor = (left: number): number => Math.floor((left - setup + resetSec) / (kind.workSec + resetSec));
    const most = spots === 0 ? 0 : Math.min(Math.ceil(kind.count / spots), Math.max(0, loadsFor(sec - spent)));
    const isLast = k === kinds.length - 1;
    for (let loads = isLast ? most : 0; loads <= most; loads++) {
      const taken = loads === 0 ? 0 : setup + loads * (kind.workSec + resetSec) - resetSec;
      add(k + 1, spent + taken, [...carried, loads * spots]);
    }
  };
  add(0, 0, []);
  return options.filter((o) => !options.some((x) => x !== o && x.every((n, k) => n >= (o[k] ?? 0)) && isMore(x, o)));
}

const isMore = (a: readonly number[], b: readonly number[]): boolean => a.some((n, k) => n > (b[k] ?? 0));
