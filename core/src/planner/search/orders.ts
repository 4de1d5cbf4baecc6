import type { Problem } from './problem.ts';
import type { Random } from './random.ts';

/**
 * Orders of the ordered units to begin with, each from last to first of the class since the search places backwards: in rounds
 * (everyone's first before anyone's second), group by group, in pairs of groups, and in halves.
 */
export function startingOrders(problem: Problem): readonly (readonly number[])[] {
  const units = problem.units.map((u, index) => ({ ...u, index })).filter((u) => u.isOrdered);
  const groups = [...new Set(units.map((u) => u.group))];
  const rank = new Map(groups.map((g, i) => [g, i]));
  const by = (key: (u: (typeof units)[number]) => readonly number[]): readonly number[] =>
    [...units]
      .sort((a, b) => {
        const [x, y] = [key(a), key(b)];
        const i = x.findIndex((v, n) => v !== y[n]);
        return i < 0 ? a.index - b.index : (x[i] ?? 0) - (y[i] ?? 0);
      })
      .map((u) => u.index)
      .reverse();
  const groupOf = (u: (typeof units)[number]): number => rank.get(u.group) ?? 0;
  const bunches = (size: number): readonly number[] => by((u) => [Math.floor(groupOf(u) / size), u.number, groupOf(u)]);
  const sizes = new Set([1, 2, 3, Math.ceil(groups.length / 2), groups.length]);
  return [...sizes].map(bunches);
}

/** A neighbour of an order: one unit moved, two exchanged, or a stretch moved as a whole. */
export function neighbourOf(order: readonly number[], random: Random): readonly number[] {
  const n = order.length;
  const next = [...order];
  const at = (): number => Math.floor(random() * n);
  const choice = random();
  if (choice < 0.4) {
    const [i, j] = [at(), at()];
    [next[i], next[j]] = [next[j] ?? 0, next[i] ?? 0];
  } else {
    const length = choice < 0.7 ? 1 : 1 + Math.floor(random() * Math.max(1, n / 4));
    const moved = next.splice(at(), length);
    next.splice(Math.floor(random() * (next.length + 1)), 0, ...moved);
  }
  return next;
}
