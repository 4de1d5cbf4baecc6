import { roundedTo } from '../units/index.ts';
import { fault, type Fault } from '../faults/index.ts';
import { doughPctSum, type Ingredient } from '../formula/index.ts';
import { chainOf, cookPhases, isRest, type ActiveStep, type RestStep } from '../method/index.ts';
import type { Bread } from '../workshop/index.ts';

const FLOUR_TOLERANCE_PCT = 0.05;

/** What makes no sense in a bread by itself; `base` is the path of the bread, '' for one alone. */
export function faultsOfBread(b: Bread, base: string): readonly Fault[] {
  const at = (path: string): string => (base === '' ? path : `${base}.${path}`);
  const chain = chainOf(b.steps);
  const faults: Fault[] = [];
  const flour = b.ingredients.reduce((sum, i) => sum + (i.use === 'dough' && i.role === 'flour' ? (i.pct ?? 0) : 0), 0);
  if (doughPctSum(b.ingredients) <= 0) faults.push(fault('no-dough', at('ingredients')));
  else if (Math.abs(flour - 100) > FLOUR_TOLERANCE_PCT)
    faults.push(fault('flour-not-100', at('ingredients'), { sum: roundedTo(flour, 2) }));
  b.ingredients.forEach((i, n) => faults.push(...faultsOfIngredient(i, at(`ingredients[${n}]`))));
  b.ingredients.forEach((i, n) => faults.push(...faultsOfStandIn(b, i, at(`ingredients[${n}]`))));
  const { widthCm, diameterCm } = b.piece;
  if (widthCm !== undefined && widthCm > diameterCm)
    faults.push(fault('width-over-length', at('piece.widthCm'), { widthCm, diameterCm }));
  if (!chain.some((s) => s.per === 'piece')) faults.push(fault('no-piece-step', at('steps')));
  b.steps.forEach((s, n) => {
    const here = at(`steps[${n}]`);
    const previous = s.kind === 'prepare' ? undefined : chain[chain.indexOf(s) - 1];
    if (s.per === 'batch' && previous?.per === 'piece') faults.push(fault('batch-after-piece', `${here}.per`));
    if (isRest(s)) faults.push(...faultsOfRest(s, here));
    else faults.push(...faultsOfActive(s, here, previous !== undefined && isRest(previous)));
  });
  return faults;
}

function faultsOfIngredient(i: Ingredient, here: string): readonly Fault[] {
  if (i.use === 'dough') {
    const stray = i.gPerPiece !== undefined ? 'gPerPiece' : i.gPerBatch !== undefined ? 'gPerBatch' : undefined;
    return [
      ...(i.pct === undefined ? [fault('amount-missing', `${here}.pct`, { expected: 'pct' })] : []),
      ...(stray === undefined
        ? []
        : [fault('amount-not-its-own', `${here}.${stray}`, { use: 'dough', expected: 'pct' })]),
      ...(i.optional === true ? [fault('optional-dough', `${here}.optional`)] : []),
    ];
  }
  const expected = 'gPerPiece or gPerBatch';
  return [
    ...(i.pct === undefined ? [] : [fault('amount-not-its-own', `${here}.pct`, { use: i.use, expected })]),
    ...(i.gPerPiece === undefined && i.gPerBatch === undefined
      ? [fault('amount-missing', `${here}.gPerPiece`, { expected })]
      : []),
  ];
}

/** What makes no sense in an ingredient that stands in for another. */
function faultsOfStandIn(b: Bread, i: Ingredient, here: string): readonly Fault[] {
  if (i.insteadOf === undefined) return [];
  const named = b.ingredients.filter((x) => x.name === i.insteadOf && x.optional === true && x.use !== 'dough');
  return [
    ...(named.length === 1 ? [] : [fault('instead-of-nothing', `${here}.insteadOf`, { name: i.insteadOf })]),
    ...(i.use === 'dough' ? [fault('instead-by-dough', `${here}.insteadOf`)] : []),
    ...(i.use !== 'dough' && i.gPerPiece === undefined ? [fault('instead-without-pieces', `${here}.gPerPiece`)] : []),
    ...(i.optional === true ? [fault('instead-optional', `${here}.optional`)] : []),
  ];
}

function faultsOfRest(s: RestStep, here: string): readonly Fault[] {
  const { min, ideal, max } = s.window;
  return [
    ...(min <= ideal && ideal <= max ? [] : [fault('window-order', `${here}.window`, { min, ideal, max })]),
    ...(min <= max && max === 0 ? [fault('window-of-nothing', `${here}.window`)] : []),
    ...((s.q10 === undefined) === (s.refC === undefined)
      ? []
      : [fault('q10-without-reference', `${here}.${s.q10 === undefined ? 'refC' : 'q10'}`)]),
  ];
}

function faultsOfActive(s: ActiveStep, here: string, followsRest: boolean): readonly Fault[] {
  const phases = cookPhases(s);
  const hasMinutes = s.minutes !== undefined || s.minutesPerPiece !== undefined;
  return [
    ...(s.waitMaxMin !== undefined && followsRest ? [fault('wait-after-rest', `${here}.waitMaxMin`)] : []),
    ...(s.by === 'owner' && s.per === 'batch' ? [fault('owner-of-batch', `${here}.by`)] : []),
    ...(!hasMinutes && phases.length === 0 ? [fault('no-duration', `${here}.minutes`)] : []),
    ...(hasMinutes && phases.length > 0 ? [fault('phases-and-minutes', `${here}.minutes`)] : []),
    ...(s.kind === 'prepare' && s.at === 'griddle' ? [fault('prepare-at-griddle', `${here}.at`)] : []),
    ...phases.flatMap((p, n) =>
      p.by !== undefined && p.with === undefined ? [fault('phase-by-without-with', `${here}.phases[${n}].by`)] : [],
    ),
  ];
}
