/**
 * The class as it happens: what people tap are events, and the state of the class is what they add up to.
 * Begin with `events.ts`, then `fold.ts`. Devices, servers and a later version of the program fold the same events to the same state.
 */
export { EVENT_KINDS, eventInFile, isTrouble, MOST_AT_ONCE, readEvent, readEvents } from './events.ts';
export type { EventKind, EventOf, LiveEvent } from './events.ts';
export { classSecAt, foldEvents, NEW_GRIDDLE, NEW_PERSON } from './fold.ts';
export type { GriddleLive, LiveState, PersonLive, PlanAside, TaskLive } from './fold.ts';
export { asItGoes, liveVerdict, lostBreads } from './as-it-goes.ts';
export { liveJudge, type LiveJudge } from './judge.ts';
export { momentOf } from './moment.ts';
export {
  canBeMadeAgain,
  doughsAtHand,
  ingredientsAhead,
  notReckoned,
  outWords,
  replacementsFor,
  withoutBread,
  type Replacement,
} from './trouble.ts';
export { bestOffers, offerOf, whatCouldGive, type Candidate, type Choice, type Offer } from './what-gives.ts';
export { movedBy, otherwise, type Moved } from './moved.ts';
export { sharedDoughs, type SharedDough } from './shared-dough.ts';
export { foundFor } from './newcomer.ts';
export { paperLines, type PaperLine } from './on-paper.ts';
export { heatAsked, HOT_FROM_C, type HeatAsked } from './heat.ts';
export { tightestNow } from './tightest.ts';
export {
  FIRE_SOON_SEC,
  FIRST_BREAD,
  paceWords,
  rememberedPaces,
  SLOW_PACE,
  toBeTried,
  type RememberedPace,
} from './first-bread.ts';
export { looksNow, mixedNow, rescueNotes, restsNow, type LookNow, type RestNow } from './waiting.ts';
export { breaths, coldGriddles, sayings, type Saying } from './say.ts';
export { simulatedHands, type Tap } from './hands.ts';
export { fillersNow, gapSec, type GapFiller } from './filling.ts';
export { clearingList, type ClearingItem } from './clearing.ts';
export { alsoAvoiding } from './changed.ts';
