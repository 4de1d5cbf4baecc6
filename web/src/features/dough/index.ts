/**
 * Everything to weigh, prepare, set out and buy, and what to watch: five sheets of one class. Begin with `DoughShell.tsx`, which holds
 * the tabs. All figures come from the core's `provision`; nothing is reckoned here.
 */
export { DoughShell } from './DoughShell.tsx';
export { DoughSheet } from './DoughSheet.tsx';
export { AheadSheet } from './AheadSheet.tsx';
export { KitSheet } from './KitSheet.tsx';
export { ShoppingSheet } from './ShoppingSheet.tsx';
export { AllergenSheet } from './AllergenSheet.tsx';
