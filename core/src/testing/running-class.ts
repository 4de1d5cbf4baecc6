import sundayClass from '../../../demo/class-sunday.json' with { type: 'json' };
import demoClass from '../../../demo/class.json' with { type: 'json' };
import { readClassRecord } from '../formats/index.ts';
import { foldEvents, type EventKind, type EventOf, type LiveEvent, type LiveState } from '../live/index.ts';
import { planClass } from '../planner/index.ts';
import type { Plan } from '../plan/index.ts';
import type { ClassRecord } from '../workshop/index.ts';

const START_MS = Date.UTC(2027, 2, 6, 9, 30);
/** The class is started so long before doors open. */
const BEFORE_SEC = 1800;

/** The demonstration class, or the longer one of a Sunday, started half an hour before doors, with a way to make its events. */
export interface RunningClass {
  readonly record: ClassRecord;
  readonly plan: Plan;
  readonly start: LiveEvent;
  /** An event at a moment of the class, in seconds since doors open. */
  readonly at: <K extends EventKind>(sec: number, kind: K, data: EventOf<K>['data']) => LiveEvent;
  /** The state after the start and some events. */
  readonly after: (...events: readonly LiveEvent[]) => LiveState;
}

export function runningClass(which: 'demo' | 'sunday' = 'demo'): RunningClass {
  const read = readClassRecord(which === 'demo' ? demoClass : sundayClass);
  if (!read.ok) throw new Error('the demonstration class is not read');
  const record = read.value;
  const plan = planClass(record.workshop, { effort: 0 });
  let count = 0;
  const at: RunningClass['at'] = (sec, kind, data) =>
    ({
      id: `e${++count}`,
      device: 'tablet',
      who: 'Wren',
      atMs: START_MS + (sec + BEFORE_SEC) * 1000,
      kind,
      data,
    }) as unknown as LiveEvent;
  const start = at(-BEFORE_SEC, 'started', { ...record, plan, fromSec: -BEFORE_SEC, rate: 1 });
  const after: RunningClass['after'] = (...events) => {
    const state = foldEvents([start, ...events]);
    if (!state) throw new Error('the class was not started');
    return state;
  };
  return { record, plan, start, at, after };
}
