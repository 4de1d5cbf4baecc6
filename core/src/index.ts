/**
 * The core of Hodsman: pure computation, no clock, no network, no page. Read `formats` for what comes in and goes out, `workshop` for
 * what a class is, `planner` for how a plan is made, checked and explained.
 */
export { faultLine, faultWords, FAULTS, assert } from './faults/index.ts';
export { success } from './faults/index.ts';
export type { Fault, FaultCode, Result } from './faults/index.ts';
export {
  celsiusText,
  clockText,
  counted,
  dayText,
  durationText,
  elapsedSec,
  fahrenheitOfCelsius,
  fahrenheitText,
  fixedText,
  gramsText,
  inchesOfCm,
  litresText,
  localDateTime,
  MEASURE_SYSTEMS,
  moneyText,
  ouncesOfGrams,
  pctText,
  roundedTo,
  roundGrams,
  roundHalfUp,
  secondsOfMinutes,
  timeOfDay,
  wholeMinutes,
} from './units/index.ts';
export type { ClassClock, MeasureSystem } from './units/index.ts';
export {
  AVOIDABLE,
  EU_ALLERGENS,
  findFood,
  foodById,
  FOODS,
  kitchenMeasure,
  ROLES,
  US_ALLERGENS,
} from './foods/index.ts';
export type { Food, KitchenMeasure } from './foods/index.ts';
export {
  costOf,
  figuresOf,
  hydrationPct,
  nourishmentOf,
  normaliseFlours,
  scaleBatch,
  scaleFrom,
  setGrams,
  setPct,
  moveIngredient,
  replaceable,
  setUse,
  withoutIngredient,
} from './formula/index.ts';
export {
  dilutionFor,
  blendWater,
  needsBalance,
  proofMinutesAt,
  waterByBalance,
  waterByRule,
  wholeUnits,
  yeastForTime,
  yeastPct,
} from './formula/index.ts';
export type { BowlPart, Figure, Ingredient, IngredientUse, Known, Scale, ScaledBatch } from './formula/index.ts';
export {
  bowlOf,
  USUAL_BOWL,
  COOKED_SHARE,
  compareBreads,
  contentsOf,
  densityOf,
  handOversOf,
  ingredientOfFood,
  methodTimes,
  newBread,
  reshapedPiece,
  resizedPiece,
  reweighedPiece,
  thickenedPiece,
  WIDE_SHAPES,
} from './bread/index.ts';
export {
  pieceGrams,
  pieceThicknessMm,
  rebaseVariant,
  remarksOn,
  slackOf,
  swapIngredient,
  USUAL_BENCH,
} from './bread/index.ts';
export type {
  BowlConditions,
  BowlWater,
  Circumstances,
  Comparison,
  Difference,
  Content,
  MethodTimes,
  StepTime,
} from './bread/index.ts';
export {
  type Pantry,
  drawnSpots,
  griddleName,
  shortThingName,
  thingName,
  ofRoundOf,
  spotsOnGriddle,
  widthOf,
  type Griddle,
  type Kitchen,
  type Spot,
  NEW_ENTRY,
  reshapedGriddle,
  usualFigure,
  type KitchenFigure,
} from './kitchen/index.ts';
export { cookPhases, isRest, type Phase, type Step, orderedWindow, usualWarmth, withStep } from './method/index.ts';
export {
  changesBetween,
  changeWords,
  mergeChanges,
  same,
  whereWords,
  type Change,
  type Merged,
} from './compare/index.ts';
export {
  addDemo,
  avoidsWords,
  batchesOf,
  careLines,
  careOf,
  careWords,
  offWords,
  changeLine,
  copyClass,
  doughOfMode,
  idsOf,
  linesOf,
  moveLine,
  newClass,
  nextId,
  removeLine,
  renewKitchen,
  seatsIn,
  stationName,
  teamAt,
  dropAlternative,
  keepAlternative,
  MOST_ALTERNATIVES,
  personName,
  renameAlternative,
  takeAlternative,
  UNSHAPED,
  withoutPin,
  withPins,
} from './workshop/index.ts';
export {
  acceptNews,
  addGuests,
  addRemarks,
  admitWaiting,
  bookingNews,
  changeParticipant,
  declineNews,
  freeWordIn,
  freeWordsOf,
  gapsOf,
  giveInstead,
  insteadOf,
  moveParticipant,
  moveToKitchen,
  readBookings,
  readRoster,
  removeParticipants,
  seatAll,
  seatsLeft,
  setStationGriddles,
  settleRemark,
  swapParticipants,
  withFreeWords,
} from './roster/index.ts';
export type { BookingNews, FreeWord, Gap, GuestRow, RosterReading, Seat } from './roster/index.ts';
export { putOnMenu, setBreadsEach, setGriddleCount, setParticipantCount } from './workshop/index.ts';
export type { Aim, Alternative, Care, Pin, Remark, Shaping } from './workshop/index.ts';
export type { Batch, Bread, ClassNotes, ClassRecord, Line, MenuLine, Workshop } from './workshop/index.ts';
export {
  aheadList,
  allergenPage,
  changePantry,
  classTotals,
  doughCards,
  doughCsv,
  kitNeeds,
  setKit,
  shoppingCsv,
  shoppingList,
} from './provision/index.ts';
export type { AheadItem, DoughCard, KitNeed, PartTotals, ShoppingItem, WeighRow } from './provision/index.ts';
export { freeId, pieceParts, readBatchId, readTaskId } from './ids.ts';
export {
  GOALS,
  isMovable,
  isOfBread,
  isOnFire,
  mindedBy,
  ownerOf,
  staysOf,
  stepWords,
  turnsOf,
  windowOf,
} from './plan/index.ts';
export type { BrokenRule, Goal, Plan, PlanBatch, PlanTask, PlanWarning } from './plan/index.ts';
export {
  jsonDepth,
  jsonSchemas,
  LIMITS,
  readBread,
  planFile,
  readJson,
  readClassRecord,
  readKitchen,
  readPantry,
  readPlan,
  readPlanText,
  readWorkshop,
  readWorkshopText,
} from './formats/index.ts';
export {
  currentForm,
  DOCUMENT_KINDS,
  documentSummary,
  documentTitle,
  openDocument,
  strandOf,
  THINNING,
  versionsToDrop,
  answers,
  shelve,
  type Shelved,
  type Wish,
} from './documents/index.ts';
export type {
  BreadSummary,
  ClassSummary,
  DocumentBodies,
  DocumentKind,
  DocumentSummaries,
  KitchenSummary,
  StrandStep,
  VersionStamp,
} from './documents/index.ts';
export type { ClassChange, OpenMatter } from './planner/index.ts';
export {
  bufferSecOf,
  classFigures,
  openMatters,
  planClass,
  planInSteps,
  headlineWords,
  stepOfMatter,
  verdictOf,
  verdictWords,
} from './planner/index.ts';
export {
  changeKey,
  classChangeWords,
  clashWords,
  fixWords,
  ideaWords,
  longBreads,
  longBreadWords,
  LEAST_LEFT_SEC,
  breadsForTimeLeft,
  timeLeftSec,
  criticalTasks,
  handsOf,
  planShaped,
  situationOf,
} from './planner/index.ts';
export {
  aroundTask,
  differenceWords,
  fillersOf,
  firstBreads,
  followedTasks,
  followedWords,
  fireAt,
  roomAt,
  fireTurns,
  fireUse,
  wayWords,
  handsUse,
  idleGaps,
  newBreaks,
  pieceRuns,
  planFigures,
  rollCall,
  routeOf,
  swapPins,
  taskSpans,
  planFacts,
  type PlanFacts,
} from './turns/index.ts';
export type { Doing, FireNow, LyingNow } from './turns/index.ts';
export type { Call, Followed, FireTurns, IdleGap, PieceRun, PlanFigures, UsePoint } from './turns/index.ts';
export type { AboutTask, Hands, SweepPoint } from './planner/index.ts';
export type { Fix, FixSet, Idea, PlanOptions, Verdict } from './planner/index.ts';
export { bowlConditions, findBrokenRules, kettleCalls, type KettleCall } from './planner/index.ts';
export { plannerSession, type Advice, type Moment, type PlannerSession } from './planner/index.ts';
export { gramsOfMeasure, importRecipe, recipeOfBread } from './recipe/index.ts';
export type { Conflict, Guess, ImportedRecipe } from './recipe/index.ts';
export {
  brokenWords,
  AIM_WORDS,
  aimName,
  pieceName,
  pieceNames,
  placeWords,
  shorterNames,
  spanWords,
  taskName,
  taskLines,
  taskSentence,
  turnWords,
  whatWords,
  whoseWords,
} from './words/index.ts';
