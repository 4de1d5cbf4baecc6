/** What an ingredient is in a formula. */
export const ROLES = [
  'flour',
  'water',
  'milk',
  'yogurt',
  'fat',
  'sugar',
  'salt',
  'leaven',
  'starter',
  'egg',
  'other',
] as const;
export type Role = (typeof ROLES)[number];

/** Grams in 100 g of the food as it is bought. Carbohydrate is what the body uses, without the fibre. */
export interface Composition {
  readonly fatG: number;
  readonly saturatesG: number;
  readonly carbohydrateG: number;
  readonly fibreG: number;
  readonly proteinG: number;
  readonly saltG: number;
}

/** What is known of a food before anybody weighs it. Every figure is a usual value; a bread's own ingredient may say otherwise. */
export interface Food {
  readonly id: string;
  /** Lower-case names by which recipes call it, the first the one that is shown. */
  readonly names: readonly string[];
  readonly role: Role;
  /** Grams in a US cup, spooned and levelled; absent where it is counted, not measured. */
  readonly gPerCup?: number;
  /** Grams in a US teaspoon, where charts give it apart from the cup. */
  readonly gPerTsp?: number;
  /** Grams in a millilitre, where a chart's cup is not what a litre weighs. */
  readonly gPerMl?: number;
  /** Grams of one, where it is counted. */
  readonly unitG?: number;
  readonly waterPct?: number;
  /** Share of a starter that is flour. */
  readonly flourPct?: number;
  readonly allergens?: readonly string[];
  readonly contains?: readonly string[];
  readonly perishable?: boolean;
  readonly per100: Composition;
  /** What a kilogram costs, in euro: an estimate to start from. */
  readonly eurPerKg: number;
}
