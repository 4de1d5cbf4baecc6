/**
 * Quantities and how they are rounded: seconds and local times, grams, degrees, lengths, volumes.
 * Begin with `seconds.ts`; every rounding of the core happens in this folder and nowhere else.
 * It knows no bread and depends on nothing but the calendar library.
 */
export { roundHalfUp, secondsOfMinutes, secondsOfWindow, SEC_PER_MIN } from './seconds.ts';
export { elapsedSec, isTimeZone, isLocalDate, isLocalTime, timeOfDay, type ClassClock } from './clock.ts';
export { roundGrams, gramsText, SCALE_STEPS } from './grams.ts';
export { celsiusOfFahrenheit, fahrenheitOfCelsius, fahrenheitOfDifference } from './degrees.ts';
export { CM_PER_INCH, G_PER_OUNCE, G_PER_POUND, ML_PER_US, cmOfInches, inchesOfCm, ouncesOfGrams } from './measures.ts';
export { clockText, durationText } from './words.ts';
