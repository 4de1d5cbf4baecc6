/** Yeast is killed by water over 55 °C; from 60 °C on water scalds and hands stay out (common practice). */
export const YEAST_DIES_C = 55;
export const SCALDS_C = 60;

/** What meets in the bowl, in °C; `starterC` only for a dough with one. */
export interface BowlTemperatures {
  readonly wantedC: number;
  readonly flourC: number;
  readonly roomC: number;
  readonly frictionC: number;
  readonly starterC?: number;
}

/**
 * Water temperature in °C by the handbook rule of the desired dough temperature (e.g. Hamelman, Bread, from memory): 3 × wanted − flour
 * − room − friction; with a starter 4 × wanted − flour − room − starter − friction.
 */
export function waterByRule(t: BowlTemperatures): number {
  const parts = t.starterC === undefined ? 3 : 4;
  return parts * t.wantedC - t.flourC - t.roomC - (t.starterC ?? 0) - t.frictionC;
}

/** Specific heats in kJ/(kg·K), from memory. */
const HEAT = { flour: 1.8, water: 4.18, milk: 3.9, yogurt: 3.8, egg: 3.4, starter: 2.9, fat: 2, other: 3 } as const;
export type Bowl = keyof typeof HEAT;

/** Something in the bowl with its weight and its own temperature. */
export interface BowlPart {
  readonly kind: Bowl;
  readonly g: number;
  readonly tempC: number;
}

/**
 * Water temperature in °C by the heat balance Σ mass × specific heat × (wanted − temperature) = 0 of all parts but the water; the
 * friction counts as if the whole dough came out warmer by it. Undefined without water.
 */
export function waterByBalance(
  parts: readonly BowlPart[],
  waterG: number,
  wantedC: number,
  frictionC: number,
): number | undefined {
  if (waterG <= 0) return undefined;
  const target = wantedC - frictionC;
  const short = parts.reduce((sum, p) => sum + p.g * HEAT[p.kind] * (target - p.tempC), 0);
  return target + short / (waterG * HEAT.water);
}

/** From this share of the liquid on, what comes out of the fridge makes the rule mislead by several degrees. */
const COLD_SHARE = 1 / 3;

/** Whether the heat balance is the better answer: a third or more of the liquid is cold dairy or egg. */
export function needsBalance(waterG: number, coldLiquidG: number): boolean {
  return coldLiquidG > 0 && coldLiquidG / (waterG + coldLiquidG) >= COLD_SHARE - 1e-9;
}

export interface Blend {
  /** Share of kettle water, from 0 to 1. */
  readonly share: number;
  readonly kettleG: number;
  readonly tapG: number;
  /** Times that the kettle must be filled and boiled; 0 where tap water does. */
  readonly kettles: number;
  /** Warmer than the kettle or colder than the tap cannot be blended: this is the nearest that can, in °C. */
  readonly reachesC: number;
}

/** Blends kettle and tap to a temperature: share of the kettle = (wanted − tap) ÷ (kettle − tap). Water in g, kettle in litres. */
export function blendWater(waterG: number, wantedC: number, tapC: number, kettleC: number, kettleL: number): Blend {
  const share = kettleC <= tapC ? 0 : Math.min(1, Math.max(0, (wantedC - tapC) / (kettleC - tapC)));
  const kettleG = waterG * share;
  return {
    share,
    kettleG,
    tapG: waterG - kettleG,
    kettles: kettleG < 1 ? 0 : Math.ceil(kettleG / (kettleL * 1000) - 1e-9),
    reachesC: tapC + share * (kettleC - tapC),
  };
}
