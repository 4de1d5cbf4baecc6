import { freeId } from '../ids.ts';
import type { RestStep, Step } from './schema.ts';

const RESTS: readonly Step['kind'][] = ['bloom', 'rest', 'proof', 'chill', 'temper'];

/** A new step of a kind, with usual times, to stand before the first step of a piece if it is one of the batch. */
function newStep(kind: Step['kind'], id: string, steps: readonly Step[]): Step {
  const last = steps.at(-1);
  if (RESTS.includes(kind))
    return {
      id,
      kind: kind as 'rest',
      per: 'batch',
      at: kind === 'chill' ? 'fridge' : 'room',
      window: { min: 15, ideal: 30, max: 60 },
    };
  if (kind === 'prepare')
    return {
      id,
      kind,
      per: 'batch',
      by: 'one',
      at: 'bench',
      minutes: 8,
      before: last?.kind === 'prepare' ? 'cook' : (last?.id ?? 'cook'),
    };
  if (kind === 'cook')
    return {
      id,
      kind,
      per: 'piece',
      by: 'owner',
      at: 'griddle',
      attend: 'whole',
      phases: [{ side: 'first', heat: 'medium', sec: 60 }],
    };
  const isPiece = kind === 'roll' || kind === 'fill' || kind === 'coil' || kind === 'finish';
  return {
    id,
    kind: kind as 'mix',
    per: isPiece ? 'piece' : 'batch',
    by: isPiece ? 'owner' : 'team',
    at: 'bench',
    minutes: 2,
  };
}

/** The steps with a new one of a kind at its place: before the pieces, before the griddle, or at the end; and its id. */
export function withStep(
  steps: readonly Step[],
  kind: Step['kind'],
): { readonly steps: readonly Step[]; readonly id: string } {
  const id = freeId(kind, new Set(steps.map((s) => s.id)));
  const step = newStep(kind, id, steps);
  const firstPiece = steps.findIndex((s) => s.per === 'piece');
  const cook = steps.findIndex((s) => s.kind === 'cook');
  const at = step.per === 'batch' ? firstPiece : kind === 'finish' || kind === 'cook' ? -1 : cook;
  const index = at < 0 ? steps.length : at;
  return { steps: [...steps.slice(0, index), step, ...steps.slice(index)], id };
}

/** A window stays in order: the end that is typed pushes the others. */
export function orderedWindow(w: RestStep['window'], typed: Partial<RestStep['window']>): RestStep['window'] {
  if (typed.min !== undefined)
    return { min: w.min, ideal: Math.max(w.min, w.ideal), max: Math.max(w.min, w.ideal, w.max) };
  if (typed.max !== undefined) return { min: Math.min(w.min, w.max), ideal: Math.min(w.ideal, w.max), max: w.max };
  return { min: Math.min(w.min, w.ideal), ideal: w.ideal, max: Math.max(w.ideal, w.max) };
}

/** Common practice for yeast at these temperatures: twice to three times as fast for 10 °C more. */
const USUAL_Q10 = 2.5;
const WARM_C = 30;
const ROOM_C = 21;

/** How warmth changes a rest, as a first guess to be put right: the times are taken as those of its kind of place. */
export const usualWarmth = (step: RestStep): Required<Pick<RestStep, 'q10' | 'refC'>> => ({
  q10: USUAL_Q10,
  refC: step.at === 'warm' ? WARM_C : ROOM_C,
});
