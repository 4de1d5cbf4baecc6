import type { Composition, Food, Role } from '../food.ts';

/** Fat, saturates, carbohydrate, fibre, protein, salt: grams in 100 g. */
export const per100 = (...g: readonly [number, number, number, number, number, number]): Composition => ({
  fatG: g[0],
  saturatesG: g[1],
  carbohydrateG: g[2],
  fibreG: g[3],
  proteinG: g[4],
  saltG: g[5],
});

type More = Partial<Omit<Food, 'id' | 'names' | 'role' | 'per100' | 'eurPerKg'>>;

/** One food: id, role, names, composition, euro a kilogram, and what else is known. */
export const food = (
  id: string,
  role: Role,
  names: string,
  composition: Composition,
  eurPerKg: number,
  more: More = {},
): Food => ({
  id,
  role,
  names: names.split(' | '),
  per100: composition,
  eurPerKg,
  ...more,
});

export const wheat = { allergens: ['gluten', 'wheat'] } as const;
export const gluten = { allergens: ['gluten'] } as const;
export const milky = { allergens: ['milk'], contains: ['animal'] } as const;
export const freshMilk = { ...milky, perishable: true } as const;
export const OIL = per100(100, 12, 0, 0, 0, 0);
export const LEAF = per100(0.7, 0.1, 2, 3, 3, 0.1);
