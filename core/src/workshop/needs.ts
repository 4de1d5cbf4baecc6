import { cmText, rangeText } from '../units/index.ts';
import type { Bread } from '../bread/index.ts';
import type { Griddle, Kitchen } from '../kitchen/index.ts';
import { cookPhases, isProofPlace, isRest, type Step } from '../method/index.ts';
import { nextId } from './edit.ts';
import { griddleWanted, serves, type GriddleWanted } from './serve.ts';

type PlaceKind = Kitchen['places'][number]['kind'];

/** Something that a kitchen must have for a bread. */
export type Need =
  /** A place to rest; `isProof` where its warmth is reckoned with, so that it must be between 10 and 40 °C. */
  | { readonly kind: 'place'; readonly of: PlaceKind; readonly isProof: boolean }
  | { readonly kind: 'fire'; readonly of: 'grill' | 'flame' }
  | { readonly kind: 'staff' }
  | (GriddleWanted & { readonly kind: 'griddle' });

/** All that a bread asks of a kitchen, each once. */
export function needsOf(bread: Bread): readonly Need[] {
  const all = bread.steps.flatMap((s) => needsOfStep(bread, s));
  return [...new Map(all.map((n) => [JSON.stringify(n), n])).values()];
}

/** What one step of a bread asks. */
export function needsOfStep(bread: Bread, step: Step): readonly Need[] {
  if (isRest(step)) return [{ kind: 'place', of: step.at, isProof: step.q10 !== undefined && step.refC !== undefined }];
  const phases = cookPhases(step);
  const isUsed = (of: 'grill' | 'flame'): boolean => step.at === of || phases.some((p) => p.with === of);
  const fires = (['grill', 'flame'] as const).filter(isUsed).map((of): Need => ({ kind: 'fire', of }));
  const staff: readonly Need[] = step.by === 'staff' ? [{ kind: 'staff' }] : [];
  if (step.kind !== 'cook' || step.at !== 'griddle') return [...fires, ...staff];
  return [...fires, ...staff, { kind: 'griddle', ...griddleWanted(bread, step) }];
}

/** What of the needs of a bread a kitchen lacks. */
export const lacksOf = (kitchen: Kitchen, needs: readonly Need[]): readonly Need[] =>
  needs.filter((n) => !has(kitchen, n));

function has(kitchen: Kitchen, need: Need): boolean {
  switch (need.kind) {
    case 'place':
      return kitchen.places.some((p) => p.kind === need.of && (!need.isProof || isProofPlace(p.tempC)));
    case 'fire':
      return (need.of === 'grill' ? kitchen.grills : kitchen.flames).length > 0;
    case 'staff':
      return kitchen.staff.length > 0;
    case 'griddle':
      return kitchen.griddles.some((g) => serves(kitchen, g, need));
  }
}

/** A usual warmth of each kind of place, °C (common practice). */
const USUAL_C = { warm: 30, fridge: 4, room: 22 } as const;
/** A griddle that is bought for a bread is so much wider. */
const ROUND_IT_CM = 4;

/** A kitchen with what it lacks, each thing as such things usually are. */
export const withAdded = (kitchen: Kitchen, lacks: readonly Need[]): Kitchen => lacks.reduce(added, kitchen);

function added(kitchen: Kitchen, need: Need): Kitchen {
  const idFor = (prefix: string, list: readonly { readonly id: string }[]): string =>
    nextId(prefix, new Set(list.map((x) => x.id)));
  switch (need.kind) {
    case 'place': {
      const tempC = need.of === 'room' && isProofPlace(kitchen.roomC) ? kitchen.roomC : USUAL_C[need.of];
      return { ...kitchen, places: [...kitchen.places, { id: idFor(need.of, kitchen.places), kind: need.of, tempC }] };
    }
    case 'fire': {
      const key = need.of === 'grill' ? 'grills' : 'flames';
      return { ...kitchen, [key]: [...kitchen[key], { id: idFor(need.of, kitchen[key]), slots: 1 }] };
    }
    case 'staff': {
      const helper = { id: idFor('staff', kitchen.staff), name: 'New helper', role: 'instructor' as const, pace: 1 };
      return { ...kitchen, staff: [...kitchen.staff, helper] };
    }
    case 'griddle':
      return { ...kitchen, griddles: [...kitchen.griddles, griddleFor(kitchen, need)] };
  }
}

function griddleFor(kitchen: Kitchen, need: Extract<Need, { kind: 'griddle' }>): Griddle {
  const { griddles } = kitchen;
  return {
    id: nextId('G', new Set(griddles.map((g) => g.id))),
    surface: need.surfaces?.[0] ?? griddles.at(-1)?.surface ?? 'cast-iron',
    shape: 'round',
    diameterCm: Math.ceil(need.piece.diameterCm + ROUND_IT_CM),
    preheatMin: griddles.at(-1)?.preheatMin ?? 8,
    resetSec: griddles.at(-1)?.resetSec ?? 20,
    changeSec: griddles.at(-1)?.changeSec ?? 60,
    ...(need.isCarried && { portable: true }),
  };
}

const PLACE_WORDS = { room: 'a shelf to rest on', warm: 'a warm place', fridge: 'a fridge' } as const;

/** What is lacking, as a clause: "a warm place of 10 to 40 °C", "a griddle that takes 28 cm across". */
export function needWords(need: Need): string {
  switch (need.kind) {
    case 'place':
      return `${PLACE_WORDS[need.of]}${need.isProof ? ` of ${rangeText('temperature', 10, 40)}` : ''}`;
    case 'fire':
      return `a ${need.of}`;
    case 'staff':
      return 'somebody of the staff';
    case 'griddle': {
      const kinds = need.surfaces ? ` of ${need.surfaces.join(' or ').replace(/-/g, ' ')}` : '';
      const carried = need.isCarried ? ' and can be carried to the fire' : '';
      return `a griddle${kinds} that takes ${cmText(need.piece.diameterCm)} across${carried}`;
    }
  }
}
