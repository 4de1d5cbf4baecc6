import type { Break, BreakCode, BreakParams, Rule } from '../../plan/index.ts';

/** Takes down a break: the rule, a code, the tasks, by how many seconds (0: not a matter of time), and what is needed to say it. */
export type Say = <C extends BreakCode>(
  rule: Rule,
  code: C,
  tasks: string | readonly string[],
  bySec: number,
  params: BreakParams[C],
) => void;

/** A list of breaks and the function that adds to it. */
export function newReport(): { readonly broken: Break[]; readonly say: Say } {
  const broken: Break[] = [];
  return {
    broken,
    say: (rule, code, tasks, bySec, params) => {
      const list = typeof tasks === 'string' ? [tasks] : [...tasks];
      // a code and its params go together by the type of `Say`
      broken.push({ rule, code, tasks: list, ...(bySec > 0 ? { bySec: Math.round(bySec) } : {}), params } as Break);
    },
  };
}
