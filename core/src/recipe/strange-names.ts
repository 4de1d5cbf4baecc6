import type { Ingredient } from '../formula/index.ts';
import type { Conflict } from './result.ts';

/** What no food is called by: signs between entries, words that join, count or tell, people and pieces. */
const NO_NAME =
  /["/=→|:]|^(?:and|or|of|is|are|each|per|for|with|to)\b|\b(?:each|makes?|takes?|took|people|persons?|kids|students?|pieces?|minus|plus|we|you|it|not|(?<!\b(?:old|sour) )dough|in the|slowly|gradually|added|rubbed|stirred|kneaded|rested|needed|wanted|left)\b/iu;
/** Figures that a flour has in its name, and "5-spice". */
const TYPES =
  /\b(?:T|type|typ|tipo|no\.?|W) ?\d{2,4}\b|\b0{1,2}\b|\b(?:405|480|500|550|610|630|700|812|815|960|997|1050|1150|1370|1600|1700|1740|1800)\b|\d+ ?%|\d-(?=\p{L})/giu;
/** What it is for stands behind its name: "oil, for the griddle". */
const PURPOSE = /, (?:for|to|between|in|on) .*$/;

/**
 * Names that do not read like a food ("and a quarter water", "/ piece"): their lines may have been read wrong, and nobody should find that
 * out at the scales. It says nothing of foods that are only unknown.
 */
export const strangeNames = (ingredients: readonly Ingredient[]): readonly Conflict[] =>
  ingredients.flatMap(({ name }, n) => {
    const bare = name.replace(PURPOSE, '').replace(TYPES, '');
    return NO_NAME.test(bare) || /\d/.test(bare)
      ? [
          {
            paths: [`ingredients[${n}]`],
            what: `"${name}" does not read like a food: its line may have been read wrong`,
          },
        ]
      : [];
  });
