/** The figures and words of one fault; `words` below turns them into a sentence. */
export type FaultParams = Readonly<Record<string, string | number>>;

interface FaultKind {
  /** A fault refuses what it is found in; a warning lets it pass. */
  readonly severity: 'fault' | 'warning';
  /** What is wrong and what is expected, without the path. */
  readonly words: (p: FaultParams) => string;
  readonly cause: string;
  readonly remedy: string;
}

const kind = (words: (p: FaultParams) => string, cause: string, remedy: string): FaultKind => ({
  severity: 'fault',
  words,
  cause,
  remedy,
});
const warning = (words: (p: FaultParams) => string, cause: string, remedy: string): FaultKind => ({
  severity: 'warning',
  words,
  cause,
  remedy,
});
const str = (p: FaultParams, key: string): string => String(p[key]);

/** Every fault that the core reports, by code. */
export const FAULTS = {
  // the form of a file
  'not-json': kind(
    (p) => `is not JSON (${str(p, 'reason')}), expected a JSON document`,
    'The text cannot be read as JSON.',
    'Export the file again, or mend it at the place that is named.',
  ),
  'file-too-large': kind(
    (p) => `is ${str(p, 'bytes')} bytes long, expected at most ${str(p, 'limit')}`,
    'A file may hold 2 MB.',
    'Split the class, or shorten its texts.',
  ),
  'file-too-deep': kind(
    (p) => `is nested ${str(p, 'depth')} levels deep, expected at most ${str(p, 'limit')}`,
    'A file may be 30 levels deep; no right file comes near.',
    'Check whether the file was wrapped by another program.',
  ),
  'newer-form': kind(
    (p) => `is of form ${str(p, 'form')}, expected at most ${str(p, 'current')}: a newer Hodsman wrote it`,
    'The document was stored by a newer version of this application.',
    'Start the newer version; nothing was changed.',
  ),
  'newer-version': kind(
    (p) => `is ${str(p, 'version')}, expected at most ${str(p, 'latest')}: a newer Hodsman wrote this file`,
    'The file was written by a newer version of this application.',
    'Open it there, or save it there for an older version.',
  ),
  'not-a-recipe': kind(
    () => 'is JSON of another kind, expected a schema.org Recipe or a bread of this application',
    'The file holds neither a recipe nor a bread.',
    'Paste the recipe as text, or export it as schema.org JSON-LD.',
  ),
  missing: kind(
    (p) => `is missing, expected ${str(p, 'expected')}`,
    'A key that the format asks for is not there.',
    'Add the key.',
  ),
  'wrong-type': kind(
    (p) => `is ${str(p, 'received')}, expected ${str(p, 'expected')}`,
    'The value is of another type than the format asks for.',
    'Write the value in the expected form: numbers without quotes, texts with them.',
  ),
  'unknown-key': kind(
    (p) => `is no key of the format, expected one of its own${p['hint'] ? ` (did you mean ${str(p, 'hint')}?)` : ''}`,
    'Keys that the format does not know are refused, so that a misspelt one is never passed over.',
    'Correct the spelling or remove the key.',
  ),
  'not-one-of': kind(
    (p) => `is ${str(p, 'received')}, expected one of ${str(p, 'options')}`,
    'The value must be one of a short list of words.',
    'Use one of the words listed.',
  ),
  'too-small': kind(
    (p) => `is ${str(p, 'received')}, expected at least ${str(p, 'limit')}`,
    'A number, text or list is below its least.',
    'Raise it to the limit that is named.',
  ),
  'too-big': kind(
    (p) => `is ${str(p, 'received')}, expected at most ${str(p, 'limit')}`,
    'A number, text or list is above its greatest (times: 7 days; weights: 100 kg; lists: 200).',
    'Lower it to the limit that is named.',
  ),
  'bad-form': kind(
    (p) => `is "${str(p, 'received')}", expected ${str(p, 'expected')}`,
    'A text is not written in its form: an id, a date, a time of day.',
    'Write it as the message shows.',
  ),
  // references
  'duplicate-id': kind(
    (p) => `repeats the id ${str(p, 'id')}, expected every id once in its list`,
    'Two entries of a list have the same id.',
    'Give one of them another id.',
  ),
  'unknown-id': kind(
    (p) => `names ${str(p, 'id')}${p['owner'] ? ` for ${str(p, 'owner')}` : ''}, expected the id of ${str(p, 'what')}`,
    'A reference names something that the file does not hold.',
    'Correct the id, or add what it names.',
  ),
  'line-twice': kind(
    (p) => `is a second line of ${str(p, 'id')}, expected one line a bread`,
    'The menu lists a bread twice.',
    'Put both into one line.',
  ),
  // what makes no sense
  'not-a-date': kind(
    (p) => `is "${str(p, 'received')}", expected ${str(p, 'expected')} that exists`,
    'A date, time of day or time zone does not exist.',
    'Correct it.',
  ),
  'table-before-doors': kind(
    () => `lies at or before doorsOpen, expected a later time of the same day`,
    'The table would be before the class begins.',
    'Set a later table time.',
  ),
  'ends-before-start': kind(
    () => `ends before it starts, expected the end after the start`,
    'A stretch of time runs backwards.',
    'Exchange or correct the two times.',
  ),
  'break-too-long': kind(
    (p) => `takes ${str(p, 'minutes')} min, expected no more than the ${str(p, 'room')} min between after and before`,
    'The break does not fit between its two times.',
    'Shorten the break or widen its limits.',
  ),
  'nobody-takes-part': kind(
    () => `is empty, expected at least one participant`,
    'A class without participants cannot be planned.',
    'Add somebody to the roster.',
  ),
  'flour-not-100': kind(
    (p) => `add up to ${str(p, 'sum')} % of flour, expected 100 %`,
    "Baker's percentages are shares of all flour together.",
    'Correct the percentages of the flours.',
  ),
  'no-dough': kind(
    () => `hold no dough ingredient with a percentage, expected flour at least`,
    'There is nothing to make a dough of.',
    'Give the flour 100 %.',
  ),
  'amount-missing': kind(
    (p) => `has no amount, expected ${str(p, 'expected')}`,
    'A dough ingredient needs pct; one used outside the dough needs gPerPiece or gPerBatch.',
    'Give the amount in the expected key.',
  ),
  'amount-not-its-own': kind(
    (p) => `is given for use ${str(p, 'use')}, expected ${str(p, 'expected')}`,
    'pct belongs to dough ingredients alone, gPerPiece and gPerBatch to the others.',
    'Use the expected key.',
  ),
  'optional-dough': kind(
    () => `is set on a dough ingredient, expected only outside the dough`,
    'What is in the dough cannot be left off one piece.',
    'Make a variant of the bread without it.',
  ),
  'width-over-length': kind(
    (p) => `is ${str(p, 'widthCm')} cm, expected at most the ${str(p, 'diameterCm')} cm of diameterCm`,
    'diameterCm is the longest side of a piece, widthCm the side across it.',
    'Exchange the two.',
  ),
  'instead-of-nothing': kind(
    (p) => `names ${str(p, 'name')}, expected one optional ingredient of that name in the same bread`,
    'A stand-in goes on the pieces that leave an optional ingredient off.',
    'Name an ingredient that is optional and no part of the dough.',
  ),
  'instead-by-dough': kind(
    () => `is set on an ingredient of the dough, expected one that is used beside it`,
    'What is in the dough cannot be put on single pieces.',
    'Give it another use than dough.',
  ),
  'instead-without-pieces': kind(
    () => `has no gPerPiece, expected grams a piece`,
    'A stand-in goes on single pieces.',
    'Give it gPerPiece.',
  ),
  'instead-optional': kind(
    () => `is set on a stand-in, expected only on what it stands in for`,
    'A stand-in is left off by those who avoid it anyway.',
    'Remove optional.',
  ),
  'demo-without-batch': kind(
    (p) => `names ${str(p, 'id')}, expected a station that makes ${str(p, 'bread')}`,
    'The pieces of a demonstration come out of the dough of a station.',
    'Choose a station with a dough of the bread.',
  ),
  'variant-of-variant': kind(
    (p) => `names ${str(p, 'id')}, a variant itself, expected a bread that is no variant`,
    'Families are one level deep.',
    'Name the first bread of the family.',
  ),
  'window-order': kind(
    (p) =>
      `is ${str(p, 'min')}, ${str(p, 'ideal')}, ${str(p, 'max')} (least, ideal, most), expected them in rising order`,
    'A rest has a least, an ideal and a greatest time.',
    'Put the three times in order.',
  ),
  'window-of-nothing': kind(
    () => `lasts no time at all, expected a greatest time above 0`,
    'A rest of no minutes is no rest.',
    'Give the rest a greatest time, or take the step out.',
  ),
  'batch-after-piece': kind(
    () => `is a batch step after a piece step, expected piece steps from there on`,
    'Once divided, dough is worked piece by piece.',
    'Move the step before the first piece step, or make it a piece step.',
  ),
  'no-piece-step': kind(
    () => `have no piece step, expected at least one`,
    'Every piece must come out of the dough by a step of its own.',
    'Add the step at which pieces are worked one by one.',
  ),
  'wait-after-rest': kind(
    () => `follows a rest, expected only after an active step`,
    'The window of the rest says already how long the dough may wait.',
    'Remove waitMaxMin and set the greatest time of the rest.',
  ),
  'owner-of-batch': kind(
    () => `is owner on a batch step, expected team, one or staff`,
    'A batch belongs to the station; only a piece has an owner.',
    'Choose team, one or staff.',
  ),
  'no-duration': kind(
    () => `has no time, expected minutes, minutesPerPiece or phases`,
    'An active step lasts some time.',
    'Give it minutes; a cook step may have phases instead.',
  ),
  'phases-and-minutes': kind(
    () => `stands beside phases, expected one of them`,
    'A cook step lasts the sum of its phases.',
    'Remove minutes.',
  ),
  'phase-by-without-with': kind(
    () => `is given without "with", expected a flame or grill beside it`,
    'Only a phase away from its place can be handed to staff.',
    'Add "with", or remove "by".',
  ),
  'prepare-at-griddle': kind(
    () => `is a griddle, expected bench, grill or flame`,
    'A griddle holds breads alone.',
    'Prepare at a flame or at the bench.',
  ),
  'q10-without-reference': kind(
    () => `needs both refC and q10, expected the two together`,
    'The warmth at which a window holds, and how it changes, belong together.',
    'Add the other key, or remove this one.',
  ),
  'place-lacking': kind(
    (p) => `needs a place of kind ${str(p, 'kind')}, expected the kitchen to have one`,
    'A step rests or works at a place that this kitchen lacks.',
    'Add the place to the kitchen or change the step.',
  ),
  'place-too-far': kind(
    (p) => `needs a ${str(p, 'kind')} place of 10 to 40 °C, expected the kitchen to have one`,
    'Proof times are reckoned between 10 and 40 °C only.',
    'Correct the temperature, or remove q10 and refC.',
  ),
  'fits-no-griddle': kind(
    (p) => `is ${str(p, 'diameterCm')} cm across and fits no griddle that ${str(p, 'station')} may use, expected one`,
    'The bread is wider than every griddle, or surfaces, stations and carrying rule the others out.',
    'Make smaller pieces, or let the station use a larger griddle.',
  ),
  'two-stations': kind(
    (p) => `stands at two stations (${str(p, 'id')}), expected one`,
    'A person works at one station.',
    'Take the person off one of them.',
  ),
  'maker-without-station': kind(
    (p) => `makes ${str(p, 'bread')} and stands at no station, expected one`,
    'Who makes a bread needs a bench.',
    'Seat the person at a station.',
  ),
  'station-empty': kind(
    (p) => `has no members, expected at least one (${str(p, 'id')})`,
    'A station without people does nothing.',
    'Seat somebody there or remove the station.',
  ),
  'for-avoids': kind(
    (p) => `names ${str(p, 'id')}, who avoids ${str(p, 'what')}, expected somebody who can eat ${str(p, 'bread')}`,
    'Nobody makes a bread that holds what they avoid.',
    'Take the person off this line and give them a variant.',
  ),
  'not-a-batch-step': kind(
    (p) => `names ${str(p, 'id')}, expected a batch step of ${str(p, 'bread')}`,
    'Dough is handed over, or practised, up to a step of the whole batch.',
    'Choose a step before the first piece step.',
  ),
  'demo-before-rest': kind(
    (p) => `names ${str(p, 'id')}, a rest, expected an active step`,
    'A demonstration shows something that hands do.',
    'Choose the active step after the rest.',
  ),
  'no-seat': kind(
    (p) => `would be ${str(p, 'wanted')}, expected at most the ${str(p, 'seats')} seats of the benches`,
    'Every participant needs a seat at a bench.',
    'Add a bench or seats to the kitchen.',
  ),
  // what an instructor should know of a bread that can be read
  'salt-unusual': warning(
    (p) => `salt is ${str(p, 'pct')} % of the flour, expected ${str(p, 'from')} to ${str(p, 'to')} %`,
    'Salt under 1 % tastes of nothing, over 2.6 % it is salty and slows the leaven.',
    'Check the weight, and whether flaky salt was measured as fine.',
  ),
  'figure-unusual': warning(
    (p) => `${str(p, 'what')} is ${str(p, 'pct')} %, expected for this family ${str(p, 'from')} to ${str(p, 'to')} %`,
    'A percentage lies outside what is usual for breads of this family.',
    'Check the figure; leave it if it is meant.',
  ),
  'proof-without-leaven': warning(
    () => 'is a proof, but nothing in the dough raises it',
    'A dough without leaven or starter does not grow.',
    'Add the leaven, or call the step a rest.',
  ),
  'leaven-without-rest': warning(
    () => 'hold no rest, but the dough has yeast, which needs time',
    'Yeast raises nothing in a dough that is cooked at once.',
    'Add a proof, or use baking powder.',
  ),
  'yeast-in-hot-water': warning(
    (p) => `is ${str(p, 'tempC')} °C, but yeast dies over ${str(p, 'limit')} °C`,
    'Scalding water kills the yeast that is mixed in with it.',
    'Wake the yeast apart, in water of 40 to 46 °C, and add it when the dough has cooled.',
  ),
  'yogurt-in-hot-water': warning(
    (p) => `is ${str(p, 'tempC')} °C, but yogurt curdles and its culture dies over ${str(p, 'limit')} °C`,
    'Hot water that meets yogurt at once makes it grainy.',
    'Stir the water into the flour first, or let the yogurt lose its chill and take cooler water.',
  ),
  'is-a-batter': warning(
    (p) => `hydration is ${str(p, 'pct')} %, expected at most ${str(p, 'limit')} % for a dough that hands can shape`,
    'So much water makes a batter, which is poured and not rolled.',
    'Check the weights; if a batter is meant, let the steps pour it.',
  ),
  'chilled-without-tempering': warning(
    (p) => `${str(p, 'step')} is in the fridge, and the dough is shaped straight from it`,
    'Cold dough springs back and tears.',
    'Let it lose its chill: an hour for small balls, three to four for large ones.',
  ),
  'too-long-in-the-warm': warning(
    (p) =>
      `keep a dough with egg, dairy or meat ${str(p, 'minutes')} min out of the cold, the limit is ${str(p, 'limit')} min`,
    'Such doughs may lie 4 hours in all between 5 and 57 °C (63 °C in the UK and Ireland).',
    'Put a rest into the fridge, or shorten the proof with warmth.',
  ),
  'no-hand-over': warning(
    (p) => `have no batch step after which the dough may wait ${str(p, 'minutes')} min, so it cannot be made ahead`,
    'A dough that is made ahead must be able to lie until the class takes it.',
    'Lengthen a rest, or add one in the fridge with time to temper.',
  ),
  'size-disagrees': warning(
    (p) =>
      `of ${str(p, 'doughG')} g, ${str(p, 'diameterCm')} cm across and ${str(p, 'thicknessMm')} mm thick would weigh ${str(p, 'density')} g/cm³; dough weighs 0.75 to 1.15`,
    'Weight, diameter and thickness do not go together.',
    'Weigh a piece and measure it rolled.',
  ),
  'scald-without-caution': warning(
    () => 'is missing, but scalding water goes into this dough',
    'Hands that go in too soon are burned.',
    'Say when hands may go in, and who says so.',
  ),
  'fire-not-staffed': warning(
    (p) => `${str(p, 'step')} is at a flame or grill and not done by staff`,
    'Open flame and grill are for adults who are trained to it.',
    'Give the step, or its phase, to staff; local rules come first.',
  ),
} as const satisfies Record<string, FaultKind>;

export type FaultCode = keyof typeof FAULTS;

/** One thing that is wrong: its code, the path of the key (`breads[0].steps[2].window`), and the figures for its words. */
export interface Fault {
  readonly code: FaultCode;
  readonly path: string;
  readonly params: FaultParams;
}

/** Makes a fault. */
export function fault(code: FaultCode, path: string, params: FaultParams = {}): Fault {
  return { code, path, params };
}

/** What is wrong and what is expected, without the path. */
export function faultWords(f: Fault): string {
  return FAULTS[f.code].words(f.params);
}

/** One line, `path: what is wrong, what is expected`; the path of a whole file is `file`. */
export function faultLine(f: Fault): string {
  return `${f.path === '' ? 'file' : f.path}: ${faultWords(f)}`;
}
