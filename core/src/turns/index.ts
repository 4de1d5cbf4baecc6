/**
 * What follows from a plan for the people in the room: every bread's way (`pieces.ts`), what lies where on the fires (`fires.ts`), calls
 * to read aloud, idle hands and what could fill them, the figures of a plan (`figures.ts`) and how two differ. It makes no plan: what is
 * moved or swapped goes to the planner as pins (`swap.ts`).
 */
export { aroundTask, followedTasks, routeOf, type Around, type Followed } from './around.ts';
export { rollCall, type Call } from './calls.ts';
export { differenceWords } from './differences.ts';
export { firstBreads, planFigures, type PlanFigures, type Spread } from './figures.ts';
export { followedWords } from './followed-words.ts';
export { fireAt, roomAt, type Doing, type FireNow, type LyingNow, type RoomNow } from './moment.ts';
export { emptyGap, fillGap, fillingAt, FILLINGS, fillingsNow, fillingWho, type FillingNow } from './fillings.ts';
export { fireTurns, type FireTurns } from './fires.ts';
export { fillersOf, idleGaps, type Filler, type IdleGap } from './idle.ts';
export { pieceRuns, type PieceRun } from './pieces.ts';
export { planFacts, type PlanFacts } from './plan-facts.ts';
export { newBreaks, swapPins } from './swap.ts';
export { wayWords } from './way-words.ts';
export { fireUse, handsUse, taskSpans, type UsePoint } from './use.ts';
