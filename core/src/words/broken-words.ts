import type { BrokenRule } from '../plan/index.ts';
import { counted, durationText, inOwnMeasures } from '../units/index.ts';

const by = (sec: number): string => (sec === 0 ? '' : `, at worst by ${durationText(Math.ceil(sec / 60) * 60)}`);

/** What several breaks of one code come to, where that can be said shorter than break by break. */
const SUMMARIES: Readonly<Record<string, (n: number, worstSec: number) => string>> = {
  late: (n, s) => `${counted(n, 'bread')} done after table time${by(s)}`,
  stale: (n, s) => `${counted(n, 'bread')} done too long before the table${by(s)}`,
  'over-rested': (n, s) => `${counted(n, 'dough')} resting too long${by(s)}`,
  'under-rested': (n, s) => `${counted(n, 'dough')} resting too short${by(s)}`,
  'waited-too-long': (n, s) => `${counted(n, 'piece')} waiting too long${by(s)}`,
};

/**
 * The broken rules of a plan in a few lines, one for each rule and code, in the order of the rules: how many, and by how much at worst.
 * A single break keeps its own sentence.
 */
export function brokenWords(plan: {
  readonly broken: readonly BrokenRule[];
}): readonly { readonly rule: string; readonly words: string }[] {
  const groups = new Map<string, BrokenRule[]>();
  for (const b of plan.broken) {
    const key = `${b.rule} ${b.code}`;
    groups.set(key, [...(groups.get(key) ?? []), b]);
  }
  return [...groups.values()].map((list) => {
    const [first] = list;
    const worst = Math.max(...list.map((b) => b.bySec ?? 0));
    const more = list.length > 1 ? ` (and ${list.length - 1} more like it)` : '';
    const words = SUMMARIES[first?.code ?? '']?.(list.length, worst) ?? `${inOwnMeasures(first?.message ?? '')}${more}`;
    return { rule: first?.rule ?? '', words };
  });
}
