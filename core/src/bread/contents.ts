import { findFood } from '../foods/index.ts';
import { mayBeLeftOff } from '../formula/index.ts';
import type { Bread } from './schema.ts';

/** A word that somebody may avoid, with the ingredients that bring it. */
export interface Content {
  readonly word: string;
  readonly kind: 'allergen' | 'contains';
  readonly ingredients: readonly string[];
  /** Only ingredients that are left off for those who avoid them bring it. */
  readonly canBeLeftOff: boolean;
}

/** Everything in a bread that somebody may avoid, allergens first, each by name. */
export function contentsOf(bread: Pick<Bread, 'ingredients'>): readonly Content[] {
  const found = new Map<string, { kind: Content['kind']; ingredients: string[]; canBeLeftOff: boolean }>();
  for (const i of bread.ingredients) {
    for (const kind of ['allergen', 'contains'] as const) {
      for (const word of (kind === 'allergen' ? i.allergens : i.contains) ?? []) {
        const entry = found.get(word) ?? { kind, ingredients: [], canBeLeftOff: true };
        if (!entry.ingredients.includes(i.name)) entry.ingredients.push(i.name);
        entry.canBeLeftOff &&= mayBeLeftOff(i);
        found.set(word, entry);
      }
    }
  }
  const all = [...found].map(([word, entry]) => ({ word, ...entry }));
  const rank = (c: Content): string => `${c.kind === 'allergen' ? 0 : 1}${c.word}`;
  return all.sort((a, b) => (rank(a) < rank(b) ? -1 : 1));
}

/** Ingredients of which neither their bread nor the table of foods says what they hold, by name: nobody can promise anything of them. */
export const unknownIn = (bread: Pick<Bread, 'ingredients'>): readonly string[] =>
  bread.ingredients
    .filter((i) => i.allergens === undefined && i.contains === undefined && !findFood(i.name))
    .map((i) => i.name);
