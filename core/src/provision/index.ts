/**
 * Everything to weigh, buy, set out and prepare for a class: dough cards, totals, what staff do ahead, kit, shopping against a pantry,
 * allergens and cautions. Begin with `cards.ts`. All of it follows from the class and its plan; it decides nothing.
 */

export { doughCards, type CardRest, type DoughCard, type MixerLoad } from './cards.ts';
export { type Weighing, type WeighRow } from './weigh.ts';
export { classTotals, type ClassTotals, type PartTotals } from './totals.ts';
export { aheadList, type AheadItem, type AheadList } from './ahead.ts';
export { kitNeeds, setKit, type KitNeed } from './kit.ts';
export { changePantry, shoppingList, type ShoppingItem, type ShoppingList } from './shopping.ts';
export { allergenPage, type AllergenPage, type AvoiderRow, type FireSequence } from './allergens.ts';
