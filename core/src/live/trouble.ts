import { pieceParts } from '../ids.ts';
import { isOfBread, ownerOf, type Plan, type PlanTask } from '../plan/index.ts';
import { counted, gramsText } from '../units/index.ts';
import { heldWords, stationName, type Workshop } from '../workshop/index.ts';
import { NEW_GRIDDLE, NEW_PERSON, openPieces, type LiveState } from './fold.ts';
import { namesOf, pieceName } from '../words/index.ts';
import { lostBreads, piecesWithoutBread } from './as-it-goes.ts';

/** A way to make a bread again that was lost. */
export interface Replacement {
  /** The spare of which it is made; undefined: of a new ball. */
  readonly spare: string | undefined;
  readonly words: string;
}

/**
 * Of what a lost bread can be made again: spares of the same bread, those of the own station first, else a new ball of dough that its
 * station still has. Nothing is offered that holds what its owner avoids, as they said it at the door; then `why` says so.
 */
export function replacementsFor(
  state: LiveState,
  task: Pick<PlanTask, 'piece' | 'bread'>,
  sec: number,
): { readonly offers: readonly Replacement[]; readonly why: string } {
  const { workshop, plan } = state;
  const bread = workshop.breads.find((b) => b.id === task.bread);
  const owner = ownerOf(task);
  const person = workshop.roster.find((p) => p.id === owner);
  if (!bread || !person || task.piece === undefined) return { offers: [], why: 'It is nobody’s bread.' };
  const holds = heldWords(bread);
  if (state.people[person.id]?.isGone === true) return { offers: [], why: `${person.name} is gone.` };
  const avoided = person.avoid.filter((a) => holds.has(a.what)).map((a) => a.what);
  if (avoided.length > 0) return { offers: [], why: `${person.name} avoids ${avoided.join(', ')}, which is in it.` };
  const own = plan.batches.find((b) => b.pieces.includes(task.piece ?? ''));
  const doughs = plan.batches
    .filter((b) => b.bread === bread.id && b.station !== null && !b.practice && !isGivenUp(state, b))
    .sort((a, b) => Number(b.id === own?.id) - Number(a.id === own?.id));
  const kept = workshop.menu.find((m) => m.bread === bread.id)?.spares ?? 0;
  const spares = doughs.flatMap((b) =>
    b.pieces
      .filter((p) => pieceParts(p).owner === null && pieceParts(p).number <= kept && !state.sparesUsed.includes(p))
      .slice(0, 1)
      .map((spare): Replacement => ({ spare, words: `a spare of ${atStation(workshop, b.station)}` })),
  );
  if (spares.length > 0) return { offers: spares, why: '' };
  // where others of the dough are not shaped yet, a little of each makes one more
  const left = (own?.pieces ?? []).filter(
    (p) => p !== task.piece && !plan.tasks.some((t) => t.piece === p && t.startSec <= sec),
  );
  if (left.length === 0) return { offers: [], why: `No spare is left, and the dough is all shaped.` };
  const each = gramsText(bread.piece.doughG / (left.length + 1));
  return { offers: [{ spare: undefined, words: `a new ball, ${each} from each of the ${left.length} left` }], why: '' };
}

const atStation = (workshop: Workshop, id: string | null): string => {
  const station = workshop.stations.find((s) => s.id === id);
  return station ? stationName(station) : 'another station';
};

const isGivenUp = ({ givenUp }: LiveState, batch: Plan['batches'][number]): boolean =>
  batch.pieces.every((p) => givenUp.includes(p));

/** Doughs of stations of which something is still to be done, by what they are called. */
export function doughsAtHand(
  state: LiveState,
  sec: number,
): readonly { readonly id: string; readonly words: string }[] {
  const names = namesOf(state.workshop);
  return state.plan.batches.flatMap((b) => {
    if (b.station === null || b.practice || isGivenUp(state, b)) return [];
    const tasks = state.plan.tasks.filter((t) => t.batch === b.id || b.pieces.includes(t.piece ?? ''));
    const isOver = tasks.every((t) => t.endSec <= sec);
    return tasks.length === 0 || isOver ? [] : [{ id: b.id, words: names.batch(b.id) }];
  });
}

/** Whether a dough can be made again at its station: one that staff made ahead cannot, and of which a bread is done need not. */
export function canBeMadeAgain(plan: Plan, batch: string, sec: number): boolean {
  const found = plan.batches.find((b) => b.id === batch);
  return found?.mother === null && openPieces(plan, batch, sec).length === found.pieces.length;
}

/** The ingredients that are still to be used from a moment on, by name. */
export function ingredientsAhead({ workshop, plan }: LiveState, sec: number): readonly string[] {
  const ahead = new Set(plan.tasks.flatMap((t) => (isOfBread(t) && t.startSec >= sec ? [t.bread] : [])));
  const names = workshop.breads.filter((b) => ahead.has(b.id)).flatMap((b) => b.ingredients.map((i) => i.name));
  return [...new Set(names)].sort();
}

/**
 * What it means that nothing is left of an ingredient: what is left off, what stands in for it and for whom not, and which doughs that
 * are not mixed yet cannot be made with it.
 */
export function outWords(state: LiveState, ingredient: string, sec: number): readonly string[] {
  const { workshop, plan } = state;
  const names = namesOf(workshop);
  return workshop.breads.flatMap((bread): readonly string[] => {
    const uses = bread.ingredients.filter((i) => i.name === ingredient);
    const open = plan.batches.filter(
      (b) =>
        b.bread === bread.id &&
        plan.tasks.some((t) => t.startSec >= sec && (t.batch === b.id || b.pieces.includes(t.piece ?? ''))),
    );
    if (uses.length === 0 || open.length === 0) return [];
    if (uses.every((i) => i.use !== 'dough')) {
      const standIn = bread.ingredients.find((i) => i.insteadOf === ingredient);
      if (!standIn) return [`${bread.name} goes without ${ingredient}.`];
      const without = workshop.roster.filter((p) =>
        p.avoid.some((a) => [...(standIn.allergens ?? []), ...(standIn.contains ?? [])].includes(a.what)),
      );
      const but = without.length === 0 ? '' : `, but not on that of ${names.people(without.map((p) => p.id))}`;
      return [`${bread.name}: ${standIn.name} in place of ${ingredient}${but}.`];
    }
    const unmixed = open.filter(
      (b) => b.mother === null && !plan.tasks.some((t) => t.batch === b.id && t.startSec < sec),
    );
    return unmixed.map((b) => {
      const g = b.ingredients.filter((i) => i.name === ingredient).reduce((sum, i) => sum + i.g, 0);
      return `${names.batch(b.id)} is not mixed yet and needs ${gramsText(g)} of ${ingredient}: bring it, or give this dough up.`;
    });
  });
}

/**
 * What was said and neither the plan nor its verdict knows, in words: griddles that are down or slow, people who are gone or late, breads
 * that were lost or are made again. Until it is reckoned in, whoever reads the verdict is told.
 */
export function notReckoned(state: LiveState): readonly string[] {
  const { workshop, plan, griddles, people, again } = state;
  const names = namesOf(workshop);
  /** From the moment at which the plan that stands was made. */
  const isAhead = (t: PlanTask): boolean => t.startSec >= state.plannedSec;
  const isNew = (id: string): boolean => (state.changedSec[id] ?? -Infinity) >= state.plannedSec;
  const fires = workshop.kitchen.griddles.flatMap(({ id }) => {
    const { isDown, pace } = griddles[id] ?? NEW_GRIDDLE;
    const isUsed = plan.tasks.some(
      (t) => t.kind === 'step' && t.at?.kind === 'griddle' && t.at.id === id && isAhead(t),
    );
    if (isDown) return isUsed ? [`${names.griddle(id)} is down`] : [];
    return pace !== 1 && isUsed && isNew(id) ? [`${names.griddle(id)} is ${pace > 1 ? 'slow' : 'fast'}`] : [];
  });
  const who = workshop.roster.flatMap(({ id, name }) => {
    const { isGone, isHere, lateMin } = people[id] ?? NEW_PERSON;
    if (!isNew(id)) return [];
    if (isGone) return [`${name} is gone`];
    return lateMin > 0 && !isHere ? [`${name} is ${lateMin} min late`] : [];
  });
  const lost = lostBreads(state)
    .filter((t) => (state.tasks[t.id]?.doneSec ?? 0) >= state.plannedSec)
    .map((t) => `${pieceName(workshop, t)} is lost`);
  const made = Object.keys(again).map((id) => {
    const batch = plan.batches.find((b) => b.id === id);
    if (batch) return `${names.batch(id)} is made again`;
    const piece = plan.tasks.find((t) => t.piece === id);
    return piece && !Object.keys(again).some((b) => plan.batches.find((x) => x.id === b)?.pieces.includes(id))
      ? `${pieceName(workshop, piece)} is made again`
      : '';
  });
  // of two plans that were made apart the one that stands does not know what the other was made for
  const apart = state.planAside ? ['what the other device planned for'] : [];
  return [...fires, ...who, ...lost, ...made.filter((w) => w !== ''), ...apart];
}

/** Breads that nobody will get any more: lost and not made again, given up, of people who are gone; by whose they are. */
export function withoutBread(state: LiveState): readonly string[] {
  const names = namesOf(state.workshop);
  return [...piecesWithoutBread(state)]
    .map(pieceParts)
    .filter((p) => p.owner !== null && state.people[p.owner]?.isGone !== true)
    .map(names.piece);
}

/** "Noor 2 and 3 more". */
export const fewNames = (list: readonly string[], most = 3): string =>
  list.length <= most
    ? list.join(', ')
    : `${list.slice(0, most).join(', ')} and ${counted(list.length - most, 'more', 'more')}`;
