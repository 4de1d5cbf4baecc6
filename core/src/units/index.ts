/**
 * Quantities and how they are rounded: seconds and local times, grams, degrees, lengths, volumes.
 * Begin with `seconds.ts`; every rounding of the core happens in this folder and nowhere else.
 * It knows no bread and depends on nothing but the calendar library.
 */
export { roundHalfUp, secondsOfMinutes, secondsOfWindow } from './seconds.ts';
export {
  daysBetween,
  doorsMs,
  elapsedSec,
  isTimeZone,
  isLocalDate,
  isLocalTime,
  laterDateTime,
  localDateTime,
  timeOfDay,
  type ClassClock,
} from './clock.ts';
export { gramsOnScale, gramsText, litresText, moneyText, roundGrams, scaleStepText } from './grams.ts';
export { celsiusOfFahrenheit, fahrenheitOfCelsius, fahrenheitOfDifference } from './degrees.ts';
export { ML_PER_US, cmOfInches, gramsOfOunces, inchesOfCm, ouncesOfGrams } from './measures.ts';
export { MEASURE_SYSTEMS, mlOf, type MeasureSystem, type Volume } from './volumes.ts';
export { vulgarFraction } from './fractions.ts';
export { fixedText, pctText, roundedTo, wholeMinutes } from './shown.ts';
export {
  MEASURE_CHOICES,
  measuresOfCountry,
  METRIC,
  ownMeasures,
  readOwnMeasures,
  US_CUSTOMARY,
  writeIn,
  writtenIn,
  type OwnMeasures,
} from './own-measures.ts';
export {
  celsiusText,
  cmText,
  quantityText,
  rangeText,
  scaleOf,
  sidesText,
  unitOf,
  type Quantity,
} from './quantities.ts';
export { figureOf, inOwnMeasures } from './own-text.ts';
export { minutesOfIso } from './iso-duration.ts';
export { briefClockText, clockText, counted, dayText, durationText, timeOfText, timeText } from './words.ts';
export { zoneChanges, type ZoneChange } from './zone-changes.ts';
