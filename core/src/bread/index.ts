/**
 * One bread as a whole: formula, piece and method together. What follows from them: size and weight, times and slack, what it holds,
 * how two breads differ, and what an instructor should hear. Begin with `schema.ts`, then `remarks.ts`. It knows no class.
 */
export { breadSchema, type Bread } from './schema.ts';
export { COOKED_SHARE, densityOf } from './size.ts';
export { reshapedPiece, resizedPiece, reweighedPiece, thickenedPiece, WIDE_SHAPES } from './edit-piece.ts';
export { pieceDiameterCm, pieceGrams, pieceThicknessMm } from './size.ts';
export { handOversOf, methodTimes, slackOf, USUAL_BENCH } from './times.ts';
export type { Circumstances, HandOver, MethodTimes, StepTime } from './times.ts';
export { contentsOf, unknownIn, type Content } from './contents.ts';
export { ingredientOfFood, swapIngredient } from './swap.ts';
export { keepsOf, keepText, keepWords } from './keeping.ts';
export { newBread } from './new-bread.ts';
export { perishableIn, type Perishable } from './perishable.ts';
export { remarksOn } from './remarks.ts';
export { compareBreads, rebaseVariant, type Comparison, type Difference } from './variants.ts';
export { bowlOf, USUAL_BOWL, type BowlConditions, type BowlWater } from './bowl.ts';
