import { given } from '../../faults/index.ts';
import { thingName } from '../../kitchen/index.ts';
import { stepWords } from '../../plan/index.ts';
import { clockText, durationText } from '../../units/index.ts';
import { ownBreadName, personName, stationName, type Workshop } from '../../workshop/index.ts';
import { RESOURCE_KINDS } from '../network/index.ts';
import type { ChainLink, Situation, TaskExplanation } from '../explain/index.ts';
import type { Obstacle } from '../search/index.ts';

/** "Noor 2: roll", "Station 3: mix", "the demonstration". */
export function activityWords(workshop: Workshop, s: Situation, a: number): string {
  const source = s.network.sources[a];
  if (!source || source.demo) return 'the demonstration';
  const { unit, step } = source;
  const what = step ? stepWords(step.id) : 'the rest';
  if (!unit) return what;
  if (unit.piece) {
    const name = personName(workshop, given(unit.piece.owner, 'a piece with steps of its own has an owner'));
    return `${ownBreadName(name, unit.piece.number, unit.line.menu)}: ${what}`;
  }
  if (!unit.station) return `dough made by staff: ${what}`;
  return `${stationName(unit.station)}: ${unit.kind === 'practice' ? 'practice ' : ''}${what}`;
}

/** A reason as a sentence without its end: "because G2 is taken until 11:42 by Noor 1: cook". */
function reasonWords(workshop: Workshop, s: Situation, { activity, reason }: ChainLink): string {
  if (reason.kind === 'goal')
    return {
      steady: 'nothing presses, and sooner would only mean more waiting or older breads',
      fresh: 'nothing presses, and sooner would only be less fresh',
      short: 'nothing stands in its way',
    }[s.plan.goal];
  return `because ${obstacleWords(workshop, s, activity, reason)}`;
}

const NOBODY_THERE = 'no member of staff is there for it before';

/** What is in the way of an activity, as a clause. */
function obstacleWords(workshop: Workshop, s: Situation, a: number, o: Obstacle): string {
  const who = 'by' in o ? activityWords(workshop, s, o.by) : '';
  const until = 'by' in o ? clockText(workshop, s.done[o.by]?.placement.endSec ?? 0) : '';
  const isAfter = 'by' in o && (s.done[o.by]?.placement.startSec ?? 0) >= (s.done[a]?.placement.startSec ?? 0);
  switch (o.kind) {
    case 'release': {
      const { welcomeSec } = s.network.room;
      const isWelcome = s.problem.activities[a]?.releaseSec === welcomeSec;
      return isWelcome ? `the welcome lasts until ${clockText(workshop, welcomeSec)}` : NOBODY_THERE;
    }
    case 'closed':
      return NOBODY_THERE;
    case 'pause':
      return 'the break is before it';
    case 'too-soon':
      if (o.sec > 0 || o.isRest) return `the rest needs ${durationText(o.sec)} at least after ${who}`;
      if (o.isAfter) return `${who} follows at ${clockText(workshop, s.done[o.by]?.placement.startSec ?? 0)}`;
      return s.network.sources[o.by]?.demo ? `the demonstration lasts until ${until}` : `${who} is over at ${until}`;
    case 'too-late': {
      const most = durationText(o.sec);
      if (o.isRest)
        return isAfter
          ? `the rest up to ${who} would last longer than ${most}`
          : `the rest after ${who} lasts ${most} at most`;
      return isAfter ? `it would wait longer than ${most} for ${who}` : `it waits ${most} at most after ${who}`;
    }
    case 'taken':
      return takenWords(workshop, s, o);
    case 'spot':
      return `${plateName(workshop, o.plate)} is taken until ${until} by ${who}`;
    case 'other-kind':
      return `${plateName(workshop, o.plate)} has another bread on it until ${until} (${who})`;
    case 'laid-on':
      return `${who} is laid on ${plateName(workshop, o.plate)} at nearly the same moment`;
    case 'heat':
      return `${plateName(workshop, o.plate)} is at another heat for ${who}`;
    case 'carried':
      return `${plateName(workshop, o.plate)} is carried to the fire with ${who} until ${until}`;
    case 'avoided':
      return `what is avoided comes to ${plateName(workshop, o.plate)} in another order (${who})`;
    case 'store-full':
      return `${thingName(workshop.kitchen, given(workshop.kitchen.places[o.store], 'a store is a place of the kitchen').id)} is full`;
  }
}

const plateName = ({ kitchen }: Workshop, plate: number): string => {
  const griddle = kitchen.griddles[plate];
  return griddle ? thingName(kitchen, griddle.id) : 'the griddle';
};

/** "Noor is busy until 11:42 (…)", "Lena looks at Station 2: roll until 11:14", "two already stand at Griddle 1 until 11:20 (…)". */
function takenWords(workshop: Workshop, s: Situation, o: Extract<Obstacle, { kind: 'taken' }>): string {
  const { room, problem } = s.network;
  const { id = '', capacity = 1 } = problem.resources[o.resource] ?? {};
  const who = activityWords(workshop, s, o.by);
  const until = clockText(workshop, o.untilSec);
  if (s.lookUses.get(o.by) === o.use) return `${personName(workshop, id)} looks at ${who} until ${until}`;
  const kind = RESOURCE_KINDS.find((k) => room.all(k).includes(o.resource));
  const name = thingName(workshop.kitchen, id);
  switch (kind) {
    case 'participant':
    case 'staff':
      return `${personName(workshop, id)} is busy until ${until} (${who})`;
    case 'standing':
      return `${capacity} already ${capacity === 1 ? 'stands' : 'stand'} at ${name} until ${until} (${who})`;
    case 'bench':
      return `${name} has no seat free until ${until} (${who})`;
    default:
      return `${name} is taken until ${until} (${who})`;
  }
}

/** Why then, how far it can slip, and whether the end hangs on it. */
export function explanationWords(
  workshop: Workshop,
  s: Situation,
  e: TaskExplanation,
): { readonly why: readonly string[]; readonly slack: string } {
  const why = e.chain.map((link, i) => {
    const words = reasonWords(workshop, s, link);
    return i === 0 ? words : `${activityWords(workshop, s, link.activity)}: ${words}`;
  });
  const slack = e.isCritical
    ? 'any delay makes the end late'
    : e.slackSec <= 0
      ? 'it cannot slip by itself'
      : e.slackSec === Infinity
        ? 'it may slip as long as it likes'
        : `it alone may slip by ${durationText(e.slackSec)}`;
  return { why, slack };
}
