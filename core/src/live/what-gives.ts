import { isRest } from '../method/index.ts';
import { isOnFire, ownerOf, piecesDone, stepWords, type Plan, type PlanTask } from '../plan/index.ts';
import { pieceParts } from '../ids.ts';
import { counted, durationText, wholeMinutes } from '../units/index.ts';
import { brokenWords, namesOf } from '../words/index.ts';
import { asItGoes, liveVerdict } from './as-it-goes.ts';
import type { EventOf } from './events.ts';
import { withoutRest, withTableLater } from './changed.ts';
import { momentOf } from './moment.ts';
import { fewNames } from './trouble.ts';
import type { LiveState } from './fold.ts';
import { NOTHING_HAPPENED, type Happened, type Moment } from '../planner/index.ts';
import type { Workshop } from '../workshop/index.ts';

export type Choice = EventOf<'decided'>['data']['choice'];

/** Something that could give so that the rest fits, with what it costs; not planned yet. */
export interface Candidate {
  readonly choice: Choice;
  /** "Skip the second rest of the coils". */
  readonly words: string;
  /** "The crumb gets tighter", and whose breads it is about. */
  readonly cost: string;
  readonly workshop: Workshop;
  readonly moment: Moment;
}

/** The same, planned. */
export interface Offer {
  readonly choice: Choice;
  readonly words: string;
  readonly cost: string;
  /** "all on time", "4 min sooner, 3 min after the table". */
  readonly saves: string;
  /** By how much the last bread is done sooner, or comes nearer to the table; seconds. */
  readonly gainSec: number;
  readonly plan: Plan;
}

/** Shorter rests than this are not worth leaving out. */
const LEAST_REST_SEC = 240;
const STAFF_BREADS = 2;
const MOST_OFFERS = 3;

/** What could give at a moment of a class, in seconds since doors open; the mildest of each kind. */
export function whatCouldGive(state: LiveState, sec: number): readonly Candidate[] {
  const moment = momentOf(state, sec);
  const plan = asItGoes(state);
  return [
    ...staffCook(state, moment, plan),
    ...lessRest(state, moment, plan),
    ...fewer(state, moment, plan),
    later(state, moment),
  ];
}

/** The breads that come last are cooked by staff, while their owners clear up. */
function staffCook(state: LiveState, moment: Moment, plan: Plan): readonly Candidate[] {
  const last = plan.tasks
    .filter((t) => isOpenCook(t, moment) && t.people.includes(ownerOf(t) ?? ''))
    .sort((a, b) => b.endSec - a.endSec)
    .slice(0, STAFF_BREADS);
  if (last.length === 0 || state.workshop.kitchen.staff.length === 0) return [];
  const names = namesOf(state.workshop);
  const pieces = last.flatMap((t) => t.piece ?? []);
  const whose = fewNames(pieces.map((p) => names.piece(pieceParts(p))));
  const byStaff = new Set([...(moment.happened?.byStaff ?? []), ...pieces]);
  return [
    {
      choice: { what: 'staff-cook', pieces },
      words: `Staff cook the last ${counted(pieces.length, 'bread', 'breads')}`,
      cost: `${whose}: cooked for them`,
      workshop: state.workshop,
      moment: withHappened(moment, { byStaff }),
    },
  ];
}

const withHappened = (moment: Moment, change: Partial<Happened>): Moment => ({
  ...moment,
  happened: { ...NOTHING_HAPPENED, ...moment.happened, ...change },
});

const isOpenCook = (t: PlanTask, { nowSec, called = [] }: Moment): boolean =>
  isOnFire(t) && ownerOf(t) !== undefined && t.startSec >= nowSec && !called.some((c) => c.id === t.id);

/** One rest of one bread is left out: the one that would save most and has not begun. */
function lessRest(state: LiveState, moment: Moment, plan: Plan): readonly Candidate[] {
  const rests = state.workshop.breads.flatMap((bread) =>
    bread.steps.flatMap((step) => {
      const own = plan.tasks.filter((t) => t.kind === 'rest' && t.bread === bread.id && t.step === step.id);
      const isOpen = own.length > 0 && own.every((t) => t.startSec >= moment.nowSec);
      const lasts = own.map((t) => (t.kind === 'rest' ? t.window.minSec : 0));
      const savesSec = Math.min(...lasts);
      return isRest(step) && isOpen && savesSec >= LEAST_REST_SEC ? [{ bread, step, savesSec }] : [];
    }),
  );
  const [best] = rests.sort((a, b) => b.savesSec - a.savesSec);
  if (!best) return [];
  const { bread, step, savesSec } = best;
  return [
    {
      choice: { what: 'skip-rest', bread: bread.id, step: step.id },
      words: `Leave out the ${stepWords(step.id)} of ${bread.name}`,
      cost: `${bread.name}: crumb tighter, harder to roll (${durationText(savesSec)} less rest)`,
      workshop: withoutRest(state.workshop, bread.id, step.id),
      moment,
    },
  ];
}

/** Everyone makes one bread less, of those of which they make most. */
function fewer(state: LiveState, moment: Moment, plan: Plan): readonly Candidate[] {
  const begun = new Set([...moment.begun, ...(moment.called ?? [])].flatMap((t) => t.piece ?? []));
  const open = new Map<string, string[]>();
  for (const piece of piecesDone(plan.tasks).keys()) {
    const { owner, bread } = pieceParts(piece);
    if (owner === null || begun.has(piece) || moment.happened?.givenUp.has(piece)) continue;
    open.set(`${owner} ${bread}`, [...(open.get(`${owner} ${bread}`) ?? []), piece]);
  }
  const most = state.workshop.menu
    .filter((m) => m.per === 'participant' && m.each > 1)
    .sort((a, b) => b.each - a.each)[0];
  const pieces = [...open].flatMap(([key, list]) => {
    const last = list.sort((a, b) => pieceParts(a).number - pieceParts(b).number).at(-1);
    return last !== undefined && key.endsWith(` ${most?.bread}`) && pieceParts(last).number > 1 ? [last] : [];
  });
  if (pieces.length === 0) return [];
  const names = namesOf(state.workshop);
  const who = fewNames(pieces.map((p) => names.person(pieceParts(p).owner ?? '')));
  const givenUp = new Set([...(moment.happened?.givenUp ?? []), ...pieces]);
  return [
    {
      choice: { what: 'without', pieces },
      words: `One ${names.bread(most?.bread ?? '')} less for everyone who has not begun their last`,
      cost: `one bread less for ${who}; the dough goes home raw`,
      workshop: state.workshop,
      moment: withHappened(moment, { givenUp }),
    },
  ];
}

/** The table waits. */
function later(state: LiveState, moment: Moment): Candidate {
  const min = Math.max(1, Math.ceil(-liveVerdict(state).inHandSec / 60));
  return {
    choice: { what: 'table-later', min },
    words: `Table ${counted(min, 'minute')} later`,
    cost: 'everyone waits; breads that are done lie so much longer',
    workshop: withTableLater(state.workshop, min),
    moment,
  };
}

/** What a planned candidate saves, beside the class going on as it is planned without it. */
export function offerOf({ choice, words, cost }: Candidate, plan: Plan, without: Plan): Offer {
  const over = (p: Plan): number => p.measures.finishSec - p.tableSec;
  const gainSec = Math.max(0, over(without)) - Math.max(0, over(plan));
  const soonerSec = without.measures.finishSec - plan.measures.finishSec;
  const sooner = soonerSec >= 60 ? `${durationText(60 * wholeMinutes(soonerSec))} sooner, ` : '';
  const table = over(plan) <= 0 ? 'all on time' : `still ${durationText(over(plan))} after the table`;
  const [broken] = over(plan) <= 0 ? brokenWords(plan) : [];
  return {
    choice,
    words,
    cost,
    saves: `${sooner}${table}${broken ? `; but ${broken.words}` : ''}`,
    gainSec: Math.max(gainSec, soonerSec),
    plan,
  };
}

/** What gains less is not worth its cost. */
const LEAST_GAIN_SEC = 60;

/** The best of what could give and does gain something, three at most: what is on time first, then what breaks least, then what is soonest. */
export function bestOffers(offers: readonly Offer[]): readonly Offer[] {
  const lateSec = (o: Offer): number => Math.max(0, o.plan.measures.finishSec - o.plan.tableSec);
  return offers
    .filter((o) => o.gainSec >= LEAST_GAIN_SEC)
    .sort((a, b) => lateSec(a) - lateSec(b) || a.plan.broken.length - b.plan.broken.length)
    .slice(0, MOST_OFFERS);
}
