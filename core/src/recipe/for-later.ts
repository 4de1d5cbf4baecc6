import { findFood } from '../foods/index.ts';
import { actionsIn } from './actions.ts';
import { headingOf } from './headings.ts';
import { looksLikeIngredient } from './line-kinds.ts';
import type { Mapped } from './mapped.ts';

/** "To serve: yoghurt": a label among the entries of a list, of its own entry alone. */
export const LABEL_FIRST =
  /^(?:(?:to|for) (?:the )?\p{L}+(?:ing)?|serve with|on top|egg ?wash|toppings?|top|fillings?|layers|dusting): (?=\p{L}|\d)/iu;
/** What something is for that is no part of the dough. */
export const PURPOSES =
  '(?:to (?:serve|finish|dip|brush|sprinkle|scatter|strew|top|garnish|glaze|drizzle|dust|cook|fry|fill|coat)|for (?:the )?(?:serving|brushing|dipping|frying|greasing|drizzling|dusting|rolling|topping|top|glaze|egg ?wash|crust|dip|sauce|filling|inside|sprinkling|glazing|coating|cooking|finishing|layers|layering|folding|griddle|pan|bench|board|table|work ?surface|hands)|for (?:your|oiling (?:the|your)) hands)';
const FOR_LATER = new RegExp(String.raw`,? ${PURPOSES}(?:, \d[\d.,]* ?(?:g|ml))?\.?$`, 'i');
const ON_TOP = /,? (?:go(?:es)? )?(?:on|over the) top\W*$/i;
export const isFoodAlone = (labelled: string): boolean => {
  const told = labelled.replace(LABEL_FIRST, '');
  const text = told.replace(FOR_LATER, '');
  return (
    !/^(?:no|without)\b/i.test(text) &&
    (text.split(' ').length <= (text === labelled ? 2 : 3)
      ? !/\d/.test(text)
      : /^(?:the )?(?:zest|juice|leaves) of \d/i.test(text)) &&
    findFood(text) !== undefined &&
    // "butter to serve": behind what it is for nobody butters
    (text !== labelled || actionsIn(text).length === 0)
  );
};
/** Whether words behind a food say that it is for later. */
export const saysForLater = (text: string): boolean => FOR_LATER.test(text) || ON_TOP.test(text);
/** "Honey to drizzle", "sesame and nigella for the top": foods, and what for. */
export const isFoodForLater = (text: string): boolean =>
  EGG_WASH.test(text) ||
  (saysForLater(text) &&
    (isFoodAlone(text.replace(ON_TOP, ' for topping')) ||
      text
        .replace(FOR_LATER, '')
        .split(/ and | & |, /)
        .every((food) => isFoodAlone(food))));
const EGG_WASH = /^egg ?wash\.?$/i;
/** "Za'atar and oil on top": foods, and where they go. */
export const areOnTop = (text: string): boolean =>
  ON_TOP.test(text) &&
  text
    .replace(ON_TOP, '')
    .split(/,? and | [&+] |, /)
    .every(isFoodAlone);
/** The same as work: "top with za'atar and oil". */
export const toppedWith = (line: Mapped): Mapped =>
  line.replace(/^(.*?)(?:,? (?:goe?s? )?(?:on|over the) top)?\W*$/i, 'top with $1');

/** "30 g butter to serve", "To serve: 200 g yoghurt": an entry of a list that says what it is for. */
export function isEntryForLater(text: string): boolean {
  if (isFoodForLater(text)) return true;
  const part = LABEL_FIRST.test(text) ? headingOf(text) : undefined;
  const food = (part?.part === 'ingredients' && part.use !== 'dough' ? part.rest : text).replace(/\.$/, '');
  if (food === '') return false;
  return (food !== text.replace(/\.$/, '') || saysForLater(text)) && (isFoodAlone(food) || looksLikeIngredient(food));
}
/** "Plus oil for the griddle", "(To brush: 30 g butter)": what stands round such an entry. */
const ROUND_ENTRY = /^(?:(?:and|plus|also|as well as|\+|&)[,:]?\s+|\()/i;
/** Such an entry by itself, and what only leads to it; undefined where a line is none. */
export function entryForLater(line: Mapped): { readonly opening: Mapped; readonly entry: Mapped } | undefined {
  const opening = line.slice(0, ROUND_ENTRY.exec(line.text)?.[0].length ?? 0);
  const entry = line.slice(opening.text.length, line.text.length - (/^\([^()]*\)$/.test(line.text) ? 1 : 0));
  return isEntryForLater(entry.text) ? { opening, entry } : undefined;
}
