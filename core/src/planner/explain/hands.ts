import { given } from '../../faults/index.ts';
import type { Situation } from './situation.ts';

/** A stretch in which a task takes somebody's hands, in seconds since doors open. */
export interface Hands {
  readonly taskId: string;
  readonly fromSec: number;
  readonly toSec: number;
}

/**
 * When everyone's hands are taken, by person and in order: of a cook step that asks for them in turns alone its spells, of a phase at the
 * fire that staff do the member of staff who does it (rule R4). Welcome and breaks take everybody whom they name.
 */
export function handsOf(s: Situation): ReadonlyMap<string, readonly Hands[]> {
  const { problem } = s.network;
  const byPerson = new Map<string, Hands[]>();
  const add = (person: string, hands: Hands): void => {
    const list = byPerson.get(person);
    if (list) list.push(hands);
    else byPerson.set(person, [hands]);
  };
  for (const [resource, takings] of s.byResource) {
    const r = problem.resources[resource];
    if (r?.kind !== 'person') continue;
    for (const t of takings)
      if (t.toSec > t.fromSec)
        add(r.id, {
          taskId: given(s.network.sources[t.activity], 'what takes a resource is an activity').taskId,
          fromSec: t.fromSec,
          toSec: t.toSec,
        });
  }
  for (const t of s.plan.tasks)
    if (t.kind === 'welcome' || t.kind === 'break')
      for (const p of t.people) add(p, { taskId: t.id, fromSec: t.startSec, toSec: t.endSec });
  for (const list of byPerson.values()) list.sort((a, b) => a.fromSec - b.fromSec || (a.taskId < b.taskId ? -1 : 1));
  return byPerson;
}
