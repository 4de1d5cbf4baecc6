import { roundHalfUp, roundedTo } from '../units/index.ts';
import { findFood } from '../foods/index.ts';
import { fault, type Fault } from '../faults/index.ts';
import {
  BATTER_FROM_PCT,
  batterPct,
  figuresOf,
  leavenKind,
  SCALDS_C,
  YEAST_DIES_C,
  type Ingredient,
} from '../formula/index.ts';
import { chainOf, cookPhases, isRest } from '../method/index.ts';
import type { Bread } from './schema.ts';
import { impliedDensity, isSingleSheet } from './size.ts';
import { handOversOf, methodTimes, USUAL_BENCH, type Circumstances } from './times.ts';

const SAFE_OUT_MIN = 240;
const MAKEABLE_AHEAD_MIN = 60;
const DENSITY_RANGE = { from: 0.5, to: 1.45 } as const;
const one = (x: number): number => roundedTo(x, 1);

/**
 * What an instructor would want to know of a bread that can be read: unusual percentages, a proof without leaven, chilled dough that is
 * shaped cold, yeast in scalding water, egg or dairy too long in the warm, figures that do not agree. Warnings: none refuses the bread.
 */
export function remarksOn(bread: Bread, at: Circumstances = USUAL_BENCH): readonly Fault[] {
  return [...ofFormula(bread), ...ofLeaven(bread), ...ofWarmth(bread, at), ...ofPiece(bread), ...ofSafety(bread)];
}

const isDough = (i: Ingredient): boolean => i.use === 'dough';
const indexOf = (bread: Bread, test: (i: Ingredient) => boolean): number => bread.ingredients.findIndex(test);

function ofFormula(bread: Bread): readonly Fault[] {
  const wet = batterPct(bread.ingredients);
  const batter =
    wet > BATTER_FROM_PCT ? [fault('is-a-batter', 'ingredients', { pct: one(wet), limit: BATTER_FROM_PCT })] : [];
  const unusual = figuresOf(bread.ingredients, bread.family).flatMap((f) => {
    if (!f.isUnusual || !f.usual) return [];
    const range = { pct: one(f.pct), from: one(f.usual.from), to: one(f.usual.to) };
    const salt = indexOf(bread, (i) => isDough(i) && i.role === 'salt');
    if (f.id === 'hydration' && batter.length > 0) return [];
    if (f.id !== 'salt') return [fault('figure-unusual', 'ingredients', { what: f.id, ...range })];
    return [fault('salt-unusual', salt < 0 ? 'ingredients' : `ingredients[${salt}].pct`, range)];
  });
  return [...unusual, ...batter];
}

function ofLeaven(bread: Bread): readonly Fault[] {
  const dough = bread.ingredients.filter(isDough);
  const selfRaising = dough.some((i) => findFood(i.name)?.id === 'self-raising');
  const hasLeaven = selfRaising || dough.some((i) => i.role === 'leaven' || i.role === 'starter');
  const hasYeast = dough.some((i) => leavenKind(i) === 'yeast');
  const proof = bread.steps.findIndex((s) => s.kind === 'proof' || s.kind === 'bloom');
  const hot = indexOf(bread, (i) => isDough(i) && i.role === 'water' && (i.tempC ?? 0) > YEAST_DIES_C);
  const heat = { tempC: bread.ingredients[hot]?.tempC ?? 0, limit: YEAST_DIES_C };
  return [
    ...(proof >= 0 && !hasLeaven ? [fault('proof-without-leaven', `steps[${proof}].kind`)] : []),
    ...(hasYeast && !bread.steps.some(isRest) ? [fault('leaven-without-rest', 'steps')] : []),
    ...(hasYeast && hot >= 0 ? [fault('yeast-in-hot-water', `ingredients[${hot}].tempC`, heat)] : []),
    ...(dough.some((i) => i.role === 'yogurt') && hot >= 0
      ? [fault('yogurt-in-hot-water', `ingredients[${hot}].tempC`, heat)]
      : []),
  ];
}

function ofWarmth(bread: Bread, at: Circumstances): readonly Fault[] {
  const chain = chainOf(bread.steps);
  const faults: Fault[] = [];
  chain.forEach((s, n) => {
    if (!isRest(s) || s.at !== 'fridge' || s.window.min < 30) return;
    const later = chain.slice(n + 1);
    const shaping = later.findIndex((x) => x.kind === 'roll' || x.kind === 'ball' || x.kind === 'shape');
    // a paper-rolled dough is rolled cold on purpose, when nothing in it must stretch
    const isWarmed = later.slice(0, Math.max(0, shaping)).some((x) => isRest(x) && x.at !== 'fridge');
    if (shaping >= 0 && !isWarmed && bread.family !== 'gluten-free')
      faults.push(fault('chilled-without-tempering', `steps[${bread.steps.indexOf(s)}]`, { step: s.id }));
  });
  const out = minutesOutOfCold(bread, at);
  if (out > SAFE_OUT_MIN)
    faults.push(fault('too-long-in-the-warm', 'steps', { minutes: roundHalfUp(out), limit: SAFE_OUT_MIN }));
  const ahead = handOversOf(bread).some((h) => h.waitMaxMin >= MAKEABLE_AHEAD_MIN);
  const least = methodTimes(bread.steps, at).leastSec / 60;
  if (!ahead && least > MAKEABLE_AHEAD_MIN)
    faults.push(fault('no-hand-over', 'steps', { minutes: MAKEABLE_AHEAD_MIN }));
  return faults;
}

const PERISHED_BY = new Set(['dough', 'fill', 'layer']);

/** Minutes outside the fridge of a dough that holds egg, dairy or meat, from where the first of them goes in to laying on, at ideal times; 0 without any. */
function minutesOutOfCold(bread: Bread, at: Circumstances): number {
  const perishable = bread.ingredients.filter((i) => i.perishable === true && PERISHED_BY.has(i.use));
  if (perishable.length === 0) return 0;
  const times = methodTimes(bread.steps, at).steps;
  const entries = perishable.map((i) =>
    i.step === undefined
      ? 0
      : Math.max(
          0,
          times.findIndex((t) => t.step.id === i.step),
        ),
  );
  let sec = 0;
  for (const t of times.slice(Math.min(...entries))) {
    if (t.step.kind === 'cook') break;
    if (!isRest(t.step) || t.step.at !== 'fridge') sec += t.idealSec;
  }
  return sec / 60;
}

function ofPiece(bread: Bread): readonly Fault[] {
  const density = isSingleSheet(bread) ? impliedDensity(bread.piece) : undefined;
  if (density === undefined || (density >= DENSITY_RANGE.from && density <= DENSITY_RANGE.to)) return [];
  const { doughG, diameterCm, thicknessMm = 0 } = bread.piece;
  return [fault('size-disagrees', 'piece', { doughG, diameterCm, thicknessMm, density: roundedTo(density, 2) })];
}

function ofSafety(bread: Bread): readonly Fault[] {
  const scalds = bread.ingredients.some((i) => isDough(i) && i.role === 'water' && (i.tempC ?? 0) >= SCALDS_C);
  const mix = bread.steps.findIndex((s) => s.kind === 'mix');
  const faults: Fault[] = [];
  if (scalds && mix >= 0 && bread.steps[mix]?.caution === undefined)
    faults.push(fault('scald-without-caution', `steps[${mix}].caution`));
  bread.steps.forEach((s, n) => {
    if (isRest(s)) return;
    const open =
      (s.kind === 'cook' && (s.at === 'flame' || s.at === 'grill')) ||
      cookPhases(s).some((p) => p.with !== undefined && p.by !== 'staff');
    if (open && s.by !== 'staff') faults.push(fault('fire-not-staffed', `steps[${n}].by`, { step: s.id }));
  });
  return faults;
}
