import type { Indexed } from './indexed.ts';
import type { Placement, Schedule } from './problem.ts';
import type { Random } from './random.ts';

/** Between two pieces on one griddle may lie so much and they still follow at once upon one another. */
const MOST_SETUP_SEC = 120;

/** Two activities that follow at once upon one another only because they take the same thing. */
export interface CriticalPair {
  readonly early: number;
  readonly late: number;
}

/**
 * The pairs at both ends of every block of one critical chain (Nowicki and Smutnicki 1996 for job shops): from the last final back along
 * what follows at once upon something else; a block is a stretch of the chain that takes one and the same thing. Exchanging any other
 * pair of a block cannot make the chain shorter.
 */
export function criticalPairs(indexed: Indexed, { placements }: Schedule, random: Random): readonly CriticalPair[] {
  const chain = criticalChain(indexed, placements, random);
  const pairs: CriticalPair[] = [];
  let blockFrom = 0;
  for (let i = 1; i <= chain.length; i++) {
    const goesOn = i < chain.length && chain[i]?.by === chain[i - 1]?.by && chain[i]?.by !== undefined;
    if (goesOn) continue;
    // links blockFrom … i−1 are of one kind: link n joins activity n and n+1 of the chain
    if (chain[blockFrom]?.by !== undefined) {
      const first = chain[blockFrom];
      const last = chain[i - 1];
      if (first) pairs.push({ early: first.early, late: first.late });
      if (last && last !== first) pairs.push({ early: last.early, late: last.late });
    }
    blockFrom = i;
  }
  return pairs;
}

interface Link extends CriticalPair {
  /** What both take; undefined where a lag ties them. */
  readonly by: string | undefined;
}

function criticalChain(indexed: Indexed, placements: readonly Placement[], random: Random): readonly Link[] {
  const { finals } = indexed.problem;
  const finish = finals.reduce((max, f) => Math.max(max, placements[f.activity]?.endSec ?? 0), -Infinity);
  const lasts = finals.filter((f) => placements[f.activity]?.endSec === finish);
  const links: Link[] = [];
  let a = lasts[Math.floor(random() * lasts.length)]?.activity;
  const seen = new Set<number>();
  while (a !== undefined && !seen.has(a)) {
    seen.add(a);
    const before: readonly Link[] = linksInto(indexed, placements, a);
    const link = before[Math.floor(random() * before.length)];
    if (!link) break;
    links.unshift(link);
    a = link.early;
  }
  return links;
}

/** What ends when an activity starts, or a setup before, and is tied to it by a lag or takes the same thing. */
function linksInto(indexed: Indexed, placements: readonly Placement[], late: number): readonly Link[] {
  const { activities } = indexed.problem;
  const here = placements[late];
  if (!here) return [];
  const plate = activities[late]?.modes[here.mode]?.lying?.plate;
  const links: Link[] = [];
  for (const lag of indexed.lagsOf[late] ?? [])
    if (lag.to === late && here.startSec - (placements[lag.from]?.endSec ?? 0) === lag.minSec)
      links.push({ early: lag.from, late, by: undefined });
  for (const [early, p] of placements.entries()) {
    const gap = here.startSec - p.endSec;
    if (early === late || gap < 0 || gap > MOST_SETUP_SEC || links.some((l) => l.early === early)) continue;
    const shared = gap === 0 ? p.picks.find((r) => here.picks.includes(r)) : undefined;
    if (shared !== undefined) links.push({ early, late, by: `r${shared}` });
    else if (plate !== undefined && activities[early]?.modes[p.mode]?.lying?.plate === plate)
      links.push({ early, late, by: `p${plate}` });
  }
  return links;
}

/** The order with the unit of the later activity of a pair moved before that of the earlier; undefined where they are of one unit. */
export function exchanged(
  indexed: Indexed,
  order: readonly number[],
  pair: CriticalPair,
): readonly number[] | undefined {
  const [early, late] = [indexed.unitOf[pair.early], indexed.unitOf[pair.late]];
  if (early === late || early === undefined || late === undefined) return undefined;
  const rest = order.filter((u) => u !== late);
  const at = rest.indexOf(early);
  return at < 0 ? undefined : [...rest.slice(0, at), late, ...rest.slice(at)];
}
