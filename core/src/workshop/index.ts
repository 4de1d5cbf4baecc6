/**
 * A class: menu, roster, stations, and what follows from them before any time is set: who makes what, batches, pieces, grams.
 * Begin with `lines.ts` (a menu line with its bread and makers), then `batches.ts`. `edit.ts` holds the changes that the
 * interface offers, each from a workshop to a new one.
 */
export { breadSchema, type Bread } from '../bread/index.ts';
export { participantSchema, workshopSchema } from './schema.ts';
export type { MenuLine, Participant, Station, Workshop } from './schema.ts';
export {
  dropAlternative,
  keepAlternative,
  MOST_ALTERNATIVES,
  renameAlternative,
  takeAlternative,
} from './alternatives.ts';
export { classNotesSchema, HOME_MEASURES, NO_NOTES, type Filling, type HomeMeasuresOf } from './record.ts';
export type { Alternative, ClassNotes, ClassRecord, Guest } from './record.ts';
export { UNSHAPED, withoutPin, withPins, type Aim, type Pin, type Shaping } from './shaping.ts';
export {
  heldWords,
  isMixedHere,
  linesOf,
  ownBreadName,
  firstName,
  personName,
  stationName,
  type Line,
} from './lines.ts';
export { avoidsWords, careLines, careOf, careWords, offWords, type Care, type Remark } from './care.ts';
export { batchesOf, teamAt, totalsOf, type Batch, type Piece } from './batches.ts';
export { mothersOf, practiceIndex, practicesOf, throughIndex } from './mothers.ts';
export type { MotherBatch, PracticeBatch } from './mothers.ts';
export { servingGriddles } from './serve.ts';
export { putOnMenu, seatsIn, setBreadsEach, setGriddleCount, setParticipantCount } from './edit.ts';
export { withSeats, freeSeats, idsOf, isCountedOnly, nextId, withoutParticipants, withParticipant } from './edit.ts';
export { copyClass, newClass, rehearsalOf, renewKitchen } from './make.ts';
export { lacksOf, needsOf, needsOfStep, needWords, withAdded, type Need } from './needs.ts';
export { addDemo, changeLine, doughOfMode, moveLine, removeLine } from './menu-edit.ts';
export { changedSince, remembering, renewBread, takeBread, takenBreads, type LibraryBread } from './taken.ts';
