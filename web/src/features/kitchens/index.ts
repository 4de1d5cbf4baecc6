/**
 * Kitchens: the list, one kitchen by itself, and the copy that a class holds. Begin with `KitchenEditor.tsx`, which both show;
 * `GriddleTable.tsx` draws the griddles from above.
 */
export { KitchenList } from './KitchenList.tsx';
export { KitchenPage } from './KitchenPage.tsx';
export { ClassKitchen } from './ClassKitchen.tsx';
