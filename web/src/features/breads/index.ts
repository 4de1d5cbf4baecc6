/**
 * The library of breads: the list with all breads to one scale of time, one bread in its tabs (formula, method, schools, warmth), and the reading of recipes. Begin with `Library.tsx` and `BreadPage.tsx`. It is loaded when it is first opened.
 */
export { Library } from './Library.tsx';
export { BreadPage } from './BreadPage.tsx';
export { FormulaTab } from './FormulaTab.tsx';
export { MethodTab } from './MethodTab.tsx';
export { SchoolsTab } from './SchoolsTab.tsx';
export { WarmthTab } from './WarmthTab.tsx';
export { ReadRecipe } from './ReadRecipe.tsx';
