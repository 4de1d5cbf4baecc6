import { isOnFire, ownerOf, type Plan } from '../plan/index.ts';
import type { Workshop } from '../workshop/index.ts';
import type { EventKind, EventOf } from './events.ts';

/** What simulated hands tap, at a moment of the class in seconds since doors open. */
export type Tap = {
  readonly [K in EventKind]: { readonly sec: number; readonly kind: K; readonly data: EventOf<K>['data'] };
}[EventKind];

const LATE_MIN = 12;
const SLOW = 1.2;

/** Numbers from 0 to 1 that follow from a seed: mulberry32, a public-domain generator by Tommy Ettinger (from memory). */
function numbersFrom(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), a | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/**
 * What people would tap in a class that goes as classes go, for a rehearsal: everyone arrives about doors, one late; griddles are called
 * hot; a dough takes longer, a griddle is slow for a while and another fails, a bread is lost. The same seed gives the same taps.
 */
export function simulatedHands(workshop: Workshop, plan: Plan, seed: number): readonly Tap[] {
  const next = numbersFrom(seed);
  const pick = <T>(list: readonly T[]): T | undefined => list[Math.floor(next() * list.length)];
  const late = pick(workshop.roster)?.id;
  const taps: Tap[] = [];
  for (const { id } of workshop.roster) {
    const sec = id === late ? LATE_MIN * 60 + Math.round(60 * next()) : Math.round(-90 + 120 * next());
    if (id === late) taps.push({ sec: 5, kind: 'late', data: { person: id, min: LATE_MIN } });
    taps.push({ sec, kind: 'arrived', data: { person: id } }, { sec: sec + 60, kind: 'washed', data: { person: id } });
    if (workshop.roster.find((p) => p.id === id)?.avoid.length)
      taps.push({ sec: sec + 75, kind: 'confirmed', data: { person: id } });
  }
  for (const t of plan.tasks)
    if (t.kind === 'preheat' && t.at?.id !== undefined)
      taps.push({ sec: t.endSec - 10, kind: 'hot', data: { griddle: t.at.id } });
  const cooks = plan.tasks.filter((t) => isOnFire(t) && ownerOf(t) !== undefined && t.at?.kind === 'griddle');
  const mix = pick(plan.tasks.filter((t) => t.kind === 'step' && t.batch !== undefined && t.startSec > 0));
  if (mix) taps.push({ sec: mix.endSec - 20, kind: 'longer', data: { task: mix.id, sec: 120 } });
  const lost = pick(cooks);
  if (lost) taps.push({ sec: lost.endSec - 10, kind: 'lost', data: { task: lost.id } });
  const used = [...new Set(cooks.map((t) => t.at?.id ?? ''))];
  const slow = pick(used);
  const starts = cooks.map((t) => t.startSec).sort((a, b) => a - b);
  const third = (n: number): number => starts[Math.floor((n * starts.length) / 3)] ?? 0;
  if (slow !== undefined) taps.push({ sec: third(1), kind: 'griddle-pace', data: { griddle: slow, factor: SLOW } });
  // where there is one griddle only, its failure would be the end of the class
  const fails = pick(used.filter((g) => g !== slow));
  if (fails !== undefined) taps.push({ sec: third(2) + 20, kind: 'griddle-down', data: { griddle: fails } });
  return taps.sort((a, b) => a.sec - b.sec);
}
