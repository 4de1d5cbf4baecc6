import type { BrokenRule, Rule } from '../../plan/index.ts';

/** Takes down a break: the rule, a code, the tasks, by how many seconds (0: not a matter of time), and a sentence. */
export type Say = (rule: Rule, code: string, tasks: string | readonly string[], bySec: number, message: string) => void;

/** A list of breaks and the function that adds to it. */
export function newReport(): { readonly broken: BrokenRule[]; readonly say: Say } {
  const broken: BrokenRule[] = [];
  return {
    broken,
    say: (rule, code, tasks, bySec, message) => {
      const list = typeof tasks === 'string' ? [tasks] : [...tasks];
      broken.push({ rule, code, tasks: list, ...(bySec > 0 ? { bySec: Math.round(bySec) } : {}), message });
    },
  };
}
