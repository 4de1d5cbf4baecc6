/**
 * What is known of foods before anybody weighs them: names, roles, grams a cup, water, allergens, composition, usual price.
 * Begin with `table/`; `find-food.ts` recognises a food in a recipe's words, `measure-grams.ts` turns spoons and cups into grams and
 * back, with how far off they may be. It knows no formula.
 */
export { ROLES, type Composition, type Food, type Role } from './food.ts';
export { gramsOfOne } from './counted.ts';
export { findFood, foodById, foodsIn, isWordOfFood } from './find-food.ts';
export { kitchenMeasure, weightOfVolume, type KitchenMeasure, type WeightRange, SACHET_G } from './measure-grams.ts';
export { FOODS } from './table/index.ts';
export { AVOIDABLE, avoidedName, EU_ALLERGENS, US_ALLERGENS } from './allergens.ts';
