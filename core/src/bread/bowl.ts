import { USUAL_ROOM } from '../kitchen/index.ts';
import {
  blendWater,
  SCALDS_C,
  YEAST_DIES_C,
  needsBalance,
  waterByBalance,
  waterByRule,
  waterShare,
  yeastPct,
  type Blend,
  type Bowl,
  type BowlPart,
  type Ingredient,
} from '../formula/index.ts';
import type { Bread } from './schema.ts';

/** Temperatures around a bowl in °C, and what the kettle holds. */
export interface BowlConditions {
  readonly wantedC: number;
  readonly flourC: number;
  readonly roomC: number;
  readonly frictionC: number;
  readonly tapC: number;
  readonly kettleC: number;
  readonly kettleL: number;
}

/** What is taken where neither kitchen nor bread says; °C (common practice). */
export const USUAL_BOWL = { ...USUAL_ROOM, flourC: 20, doughC: 26 } as const;

/** How warm the water of a dough is to be, and how kettle and tap make it. */
export interface BowlWater {
  readonly waterG: number;
  readonly waterC: number;
  /** What the handbook rule says, for comparison. */
  readonly ruleC: number;
  /** A third or more of the liquid comes cold, so the heat balance answers. */
  readonly byBalance: boolean;
  readonly blend: Blend;
  readonly scaldsYeast: boolean;
  /** Yogurt in the dough would curdle, and its culture die. */
  readonly curdlesYogurt: boolean;
}

const KIND: Readonly<Partial<Record<Ingredient['role'], Bowl>>> = {
  flour: 'flour',
  milk: 'milk',
  yogurt: 'yogurt',
  egg: 'egg',
  starter: 'starter',
  fat: 'fat',
};
const COLD_C = 10;

/**
 * Water temperature of a dough of `flourG` grams of flour, for the dough temperature that is wanted: by the handbook rule, or by the
 * heat balance where much of the liquid is cold. A recipe that scalds asks for boiling water whatever the sum; undefined without water.
 */
export function bowlOf(bread: Pick<Bread, 'ingredients'>, flourG: number, t: BowlConditions): BowlWater | undefined {
  const dough = bread.ingredients.filter((i) => i.use === 'dough');
  const grams = (i: Ingredient): number => (flourG * (i.pct ?? 0)) / 100;
  const waters = dough.filter((i) => i.role === 'water');
  const waterG = waters.reduce((sum, i) => sum + grams(i), 0);
  if (waterG <= 0) return undefined;
  const scald = Math.max(0, ...waters.map((i) => i.tempC ?? 0));
  const own = (i: Ingredient): number => i.tempC ?? (i.role === 'flour' ? t.flourC : t.roomC);
  const parts = dough
    .filter((i) => i.role !== 'water')
    .map((i): BowlPart => ({ kind: KIND[i.role] ?? 'other', g: grams(i), tempC: own(i) }));
  const cold = dough
    .filter((i) => i.role !== 'water' && (i.tempC ?? t.roomC) <= COLD_C && waterShare(i) > 0.5)
    .reduce((sum, i) => sum + grams(i), 0);
  const starter = dough.find((i) => i.role === 'starter');
  const ruleC = waterByRule({
    wantedC: t.wantedC,
    flourC: t.flourC,
    roomC: t.roomC,
    frictionC: t.frictionC,
    ...(starter ? { starterC: own(starter) } : {}),
  });
  const byBalance = needsBalance(waterG, cold);
  const wanted = byBalance ? (waterByBalance(parts, waterG, t.wantedC, t.frictionC) ?? ruleC) : ruleC;
  const waterC = scald >= SCALDS_C ? scald : wanted;
  return {
    waterG,
    waterC,
    ruleC,
    byBalance: byBalance && scald < SCALDS_C,
    blend: blendWater(waterG, waterC, t.tapC, t.kettleC, t.kettleL),
    scaldsYeast: waterC > YEAST_DIES_C && yeastPct(dough) > 0,
    curdlesYogurt: waterC > YEAST_DIES_C && dough.some((i) => i.role === 'yogurt'),
  };
}
