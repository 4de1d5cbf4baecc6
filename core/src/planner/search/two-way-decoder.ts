import { decode, type Decoded } from './decode.ts';
import { indexProblem, type Indexed } from './indexed.ts';
import { mirrorPlacement, mirrorProblem, mirrorSchedule } from './mirror.ts';
import type { Given, Problem, Schedule } from './problem.ts';

/** A schedule with what gave it and its cost; of two, the lower cost is better. */
export interface Found {
  readonly schedule: Schedule;
  /** Units from first to last. */
  readonly order: readonly number[];
  readonly finishSec: number;
  readonly cost: number;
  /** Seconds by which it breaks what it must keep, each break counted for some more; 0: it breaks nothing. */
  readonly breachSec: number;
  /** How many activities found no room. */
  readonly forced: number;
}

/** How far a search may go. */
export interface Budget {
  /** Activities to place in all: the measure of work that is the same on every machine. */
  readonly placements: number;
}

/** How far a search is, and the best that it has found; yielded after every decoding or few. */
export interface Progress {
  readonly doneShare: number;
  readonly best: Found;
}

/** A search that goes on step by step. Sent 'stop' it ends with the best so far, which is always a whole schedule. */
export type Search<Result = Found> = Generator<Progress, Result, 'stop' | undefined>;

/** Runs a search to its end. */
export function finished<Result>(search: Search<Result>): Result {
  let step = search.next();
  while (step.done !== true) step = search.next();
  return step.value;
}

/** What a search walks over: an order, how long rests are asked to be, and where the pauses lie. */
export interface Choice {
  readonly order: readonly number[];
  readonly ease: number;
  readonly pauseSecs: readonly number[];
  /** From the release on, or back from the deadline; forwards each activity stays near to where it was before, if it was. */
  readonly direction: 'forwards' | 'backwards';
  /** Backwards from so much before the deadline. */
  readonly spareSec: number;
  /** Activities that are done in one mode and no other. */
  readonly modes: ReadonlyMap<number, number>;
}

export const NO_MODES: ReadonlyMap<number, number> = new Map();

export type Candidate = Found & Choice;

/** Decodes orders forwards from the release and backwards from a deadline, and counts the work. */
export class TwoWayDecoder {
  readonly forward: Indexed;
  private readonly mirrored: Indexed;
  private readonly mirroredFixed: Given['fixed'];
  spent = 0;
  /** Somebody said that the best so far will do. */
  isStopped = false;

  constructor(
    readonly problem: Problem,
    private readonly budget: Budget,
    private readonly given: Given,
    private readonly movesFirst = false,
  ) {
    this.forward = indexProblem(problem);
    this.mirrored = indexProblem(mirrorProblem(problem));
    this.mirroredFixed = new Map([...given.fixed].map(([a, p]) => [a, mirrorPlacement(p)]));
  }

  /** Whether so large a share of the work is done, or the search was stopped. */
  isOver(share: number): boolean {
    return this.isStopped || this.spent >= this.budget.placements * share;
  }

  get doneShare(): number {
    return Math.min(1, this.spent / Math.max(1, this.budget.placements));
  }

  /** A step of the search, with the best so far; hears whether to stop. */
  *step(best: Found): Search<void> {
    const answer = yield { doneShare: this.doneShare, best };
    if (answer === 'stop') this.isStopped = true;
  }

  /** In the direction of the choice; backwards from the deadline. */
  decode(choice: Choice, deadlineSec: number): Decoded {
    return choice.direction === 'forwards'
      ? this.forwards(choice, this.given.near)
      : this.backwards(choice, deadlineSec - choice.spareSec);
  }

  forwards(choice: Choice, near: Given['near'] = null): Decoded {
    const { fixed } = this.given;
    const decoded = decode(this.forward, { ...choice, fromSec: -Infinity, fixed, near, movesFirst: this.movesFirst });
    this.spent += decoded.placed;
    return decoded;
  }

  backwards(choice: Choice, deadlineSec: number): Decoded {
    const { pauseSecs } = mirrorSchedule(this.problem, { placements: [], pauseSecs: choice.pauseSecs });
    const decoded = decode(this.mirrored, {
      order: [...choice.order].reverse(),
      ease: choice.ease,
      modes: choice.modes,
      movesFirst: this.movesFirst,
      pauseSecs,
      fromSec: 0 - deadlineSec,
      fixed: this.mirroredFixed,
      near: null,
    });
    this.spent += decoded.placed;
    return { ...decoded, schedule: mirrorSchedule(this.problem, decoded.schedule) };
  }
}
