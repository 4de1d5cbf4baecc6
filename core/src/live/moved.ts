import { piecesDone, type Plan } from '../plan/index.ts';
import { pieceParts } from '../ids.ts';
import { brokenWords, namesOf } from '../words/index.ts';
import { clockText, counted, durationText } from '../units/index.ts';
import { piecesWithoutBread } from './as-it-goes.ts';
import type { LiveState } from './fold.ts';
import { fewNames } from './trouble.ts';

/** Smaller moves are not felt. */
const FELT_SEC = 30;

/** What a new plan of the rest of a class changes, and whether anybody is worse off than with the class as it goes. */
export interface Moved {
  readonly isWorse: boolean;
  /** By how little things moved, in one line. */
  readonly words: string;
  /** What is worse, for whom. */
  readonly worse: readonly string[];
}

/** Compares the plan of the rest of a class with the class as it goes: `before` may hold what cannot be done any more. */
export function movedBy(state: LiveState, before: Plan, next: Plan): Moved {
  const names = namesOf(state.workshop);
  const known = piecesWithoutBread(state);
  /** That nobody gets it any more has been said: it was given up, or its owner is gone. */
  const isKnown = (piece: string): boolean =>
    known.has(piece) || state.people[pieceParts(piece).owner ?? '']?.isGone === true;
  const starts = new Map(before.tasks.map((t) => [t.id, t.startSec]));
  const moves = next.tasks.flatMap((t) => {
    const was = starts.get(t.id);
    const bySec = Math.abs(t.startSec - (was ?? t.startSec));
    return t.kind === 'step' && bySec >= FELT_SEC ? [bySec] : [];
  });
  const [done, was] = [piecesDone(next.tasks), piecesDone(before.tasks)];
  const named = (ids: readonly string[]): string => fewNames(ids.map((p) => names.piece(pieceParts(p))));
  const late = [...done].flatMap(([p, sec]) =>
    sec > next.tableSec && (was.get(p) ?? -Infinity) <= before.tableSec ? [p] : [],
  );
  const ended = [...was.keys()].filter((p) => !done.has(p) && !isKnown(p));
  const broken = brokenWords(next).filter((b) => !brokenWords(before).some((x) => x.words === b.words));
  const worse = [
    ...(late.length > 0 ? [`after the table now: ${named(late)}`] : []),
    ...(ended.length > 0 ? [`no bread any more: ${named(ended)}`] : []),
    ...(late.length > 0 ? [] : broken.map((b) => b.words)),
  ];
  const words =
    moves.length === 0
      ? 'Planned again; nothing moved.'
      : `Planned again; ${counted(moves.length, 'task')} moved, by ${durationText(Math.max(...moves))} at most.`;
  return { isWorse: worse.length > 0, words, worse };
}

/** How many breads are named of which two plans say something else. */
const MOST_TOLD = 6;

/** What another plan of the same class says otherwise than the one that stands, bread by bread, from a moment on. */
export function otherwise(
  { workshop, plan }: Pick<LiveState, 'workshop' | 'plan'>,
  other: Plan,
  sec: number,
): readonly string[] {
  const names = namesOf(workshop);
  const [ours, theirs] = [piecesDone(plan.tasks), piecesDone(other.tasks)];
  const pieces = [...new Set([...ours.keys(), ...theirs.keys()])].filter((p) => pieceParts(p).owner !== null);
  const list = pieces
    .flatMap((p): readonly { readonly sec: number; readonly words: string }[] => {
      const [a, b] = [ours.get(p), theirs.get(p)];
      const doneSec = Math.max(a ?? -Infinity, b ?? -Infinity);
      if (doneSec <= sec || a === b) return [];
      const name = names.piece(pieceParts(p));
      if (a === undefined) return [{ sec: doneSec, words: `${name}: done there, not here` }];
      if (b === undefined)
        return [{ sec: doneSec, words: `${name}: not there, done here at ${clockText(workshop, a)}` }];
      if (Math.abs(a - b) < FELT_SEC) return [];
      return [{ sec: doneSec, words: `${name}: ${clockText(workshop, b)} there, ${clockText(workshop, a)} here` }];
    })
    .sort((x, y) => x.sec - y.sec || (x.words < y.words ? -1 : 1));
  const more = list.length - MOST_TOLD;
  return [
    ...list.slice(0, MOST_TOLD).map((x) => x.words),
    ...(more > 0 ? [`and ${counted(more, 'more bread', 'more breads')} otherwise`] : []),
  ];
}
