import {
  activeSeconds,
  chainOf,
  isRest,
  windowAt,
  type ActiveStep,
  type RestStep,
  type Step,
} from '../method/index.ts';
import { secondsOfMinutes } from '../units/index.ts';
import type { Bread } from './schema.ts';

/** For whom and where a bread's times are reckoned. */
export interface Circumstances {
  /** Pieces of the batch, and the people who share its work. */
  readonly pieces: number;
  readonly people: number;
  readonly isMixed: boolean;
  readonly roomC: number;
  readonly warmC: number;
  readonly fridgeC: number;
}

/** A bench of two, with two breads each, in a room of 21 °C. */
export const USUAL_BENCH: Circumstances = { pieces: 4, people: 2, isMixed: false, roomC: 21, warmC: 30, fridgeC: 4 };

/** How long a step of the chain takes at least, ideally and at most, in seconds; an active step takes the same in each. */
export interface StepTime {
  readonly step: Exclude<Step, { readonly kind: 'prepare' }>;
  readonly leastSec: number;
  readonly idealSec: number;
  readonly mostSec: number;
}

export interface MethodTimes {
  readonly steps: readonly StepTime[];
  readonly leastSec: number;
  readonly idealSec: number;
  readonly mostSec: number;
}

function placeC(step: RestStep, at: Circumstances): number {
  switch (step.at) {
    case 'room':
      return at.roomC;
    case 'warm':
      return at.warmC;
    case 'fridge':
      return at.fridgeC;
  }
}

/** Seconds of an active step for hands at pace 1, or at the mixer. */
function handSeconds(step: ActiveStep, at: Circumstances): number {
  if (at.isMixed && step.mixerMinutes !== undefined) return secondsOfMinutes(step.mixerMinutes);
  const n = step.per === 'piece' ? 1 : step.by === 'team' ? Math.ceil(at.pieces / at.people) : at.pieces;
  return activeSeconds(step, n, 1);
}

/** The chain of a bread in time: from the first scale to the first bread of a batch, waits left out. */
export function methodTimes(steps: readonly Step[], at: Circumstances): MethodTimes {
  const times = chainOf(steps).map((step): StepTime => {
    if (isRest(step)) {
      const w = windowAt(step, placeC(step, at));
      return { step, leastSec: w.minSec, idealSec: w.idealSec, mostSec: w.maxSec };
    }
    const sec = handSeconds(step, at);
    return { step, leastSec: sec, idealSec: sec, mostSec: sec };
  });
  const sum = (of: (t: StepTime) => number): number => times.reduce((s, t) => s + of(t), 0);
  return {
    steps: times,
    leastSec: sum((t) => t.leastSec),
    idealSec: sum((t) => t.idealSec),
    mostSec: sum((t) => t.mostSec),
  };
}

/** The rests that hold the slack of a chain, the longest first: by how many seconds each may be longer than it must. */
export function slackOf(times: MethodTimes): readonly { readonly step: RestStep; readonly slackSec: number }[] {
  return times.steps
    .flatMap((t) => (isRest(t.step) ? [{ step: t.step, slackSec: t.mostSec - t.leastSec }] : []))
    .filter((r) => r.slackSec > 0)
    .sort((a, b) => b.slackSec - a.slackSec);
}

/** A batch step up to which dough may be made ahead, and how long it may then wait, in minutes (Infinity: the file sets no limit). */
export interface HandOver {
  readonly stepId: string;
  readonly waitMaxMin: number;
}

/** The batch steps that a menu line may name as `through`: with each, how long its dough may lie before the next step must start. */
export function handOversOf(bread: Pick<Bread, 'steps'>): readonly HandOver[] {
  const chain = chainOf(bread.steps);
  return chain.flatMap((s, n) => {
    if (s.per !== 'batch') return [];
    const next = chain[n + 1];
    if (isRest(s)) return [{ stepId: s.id, waitMaxMin: s.window.max }];
    if (next === undefined) return [];
    return [{ stepId: s.id, waitMaxMin: isRest(next) ? next.window.max : (next.waitMaxMin ?? Infinity) }];
  });
}
