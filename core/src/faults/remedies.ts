import type { FaultCode } from './catalogue.ts';

/** Why a fault comes about, and what helps: for the list of faults, which no page loads. */
export const REMEDIES: Readonly<Record<FaultCode, { readonly cause: string; readonly remedy: string }>> = {
  'not-json': {
    cause: 'The text cannot be read as JSON.',
    remedy: 'Export the file again, or mend it at the place that is named.',
  },
  'file-too-large': {
    cause: 'A file may hold 2 MB.',
    remedy: 'Split the class, or shorten its texts.',
  },
  'file-too-deep': {
    cause: 'A file may be 30 levels deep; no right file comes near.',
    remedy: 'Check whether the file was wrapped by another program.',
  },
  'newer-form': {
    cause: 'The document was stored by a newer version of this application.',
    remedy: 'Start the newer version; nothing was changed.',
  },
  'newer-version': {
    cause: 'The file was written by a newer version of this application.',
    remedy: 'Open it there, or save it there for an older version.',
  },
  'not-a-recipe': {
    cause: 'The file holds neither a recipe nor a bread.',
    remedy: 'Paste the recipe as text, or export it as schema.org JSON-LD.',
  },
  missing: {
    cause: 'A key that the format asks for is not there.',
    remedy: 'Add the key.',
  },
  'wrong-type': {
    cause: 'The value is of another type than the format asks for.',
    remedy: 'Write the value in the expected form: numbers without quotes, texts with them.',
  },
  'unknown-key': {
    cause: 'Keys that the format does not know are refused, so that a misspelt one is never passed over.',
    remedy: 'Correct the spelling or remove the key.',
  },
  'not-one-of': {
    cause: 'The value must be one of a short list of words.',
    remedy: 'Use one of the words listed.',
  },
  'too-small': {
    cause: 'A number, text or list is below its least.',
    remedy: 'Raise it to the limit that is named.',
  },
  'too-big': {
    cause: 'A number, text or list is above its greatest (times: 7 days; weights: 100 kg; lists: 200).',
    remedy: 'Lower it to the limit that is named.',
  },
  'bad-form': {
    cause: 'A text is not written in its form: an id, a date, a time of day.',
    remedy: 'Write it as the message shows.',
  },
  'duplicate-id': {
    cause: 'Two entries of a list have the same id.',
    remedy: 'Give one of them another id.',
  },
  'unknown-id': {
    cause: 'A reference names something that the file does not hold.',
    remedy: 'Correct the id, or add what it names.',
  },
  'line-twice': {
    cause: 'The menu lists a bread twice.',
    remedy: 'Put both into one line.',
  },
  'not-a-date': {
    cause: 'A date, time of day or time zone does not exist.',
    remedy: 'Correct it.',
  },
  'table-before-doors': {
    cause: 'The table would be before the class begins.',
    remedy: 'Set a later table time.',
  },
  'ends-before-start': {
    cause: 'A stretch of time runs backwards.',
    remedy: 'Exchange or correct the two times.',
  },
  'break-too-long': {
    cause: 'The break does not fit between its two times.',
    remedy: 'Shorten the break or widen its limits.',
  },
  'nobody-takes-part': {
    cause: 'A class without participants cannot be planned.',
    remedy: 'Add somebody to the roster.',
  },
  'flour-not-100': {
    cause: "Baker's percentages are shares of all flour together.",
    remedy: 'Correct the percentages of the flours.',
  },
  'no-dough': {
    cause: 'There is nothing to make a dough of.',
    remedy: 'Give the flour 100 %.',
  },
  'amount-missing': {
    cause: 'A dough ingredient needs pct; one used outside the dough needs gPerPiece or gPerBatch.',
    remedy: 'Give the amount in the expected key.',
  },
  'amount-not-its-own': {
    cause: 'pct belongs to dough ingredients alone, gPerPiece and gPerBatch to the others.',
    remedy: 'Use the expected key.',
  },
  'optional-dough': {
    cause: 'What is in the dough cannot be left off one piece.',
    remedy: 'Make a variant of the bread without it.',
  },
  'width-over-length': {
    cause: 'diameterCm is the longest side of a piece, widthCm the side across it.',
    remedy: 'Exchange the two.',
  },
  'instead-of-nothing': {
    cause: 'A stand-in goes on the pieces that leave an optional ingredient off.',
    remedy: 'Name an ingredient that is optional and no part of the dough.',
  },
  'instead-by-dough': {
    cause: 'What is in the dough cannot be put on single pieces.',
    remedy: 'Give it another use than dough.',
  },
  'instead-without-pieces': {
    cause: 'A stand-in goes on single pieces.',
    remedy: 'Give it gPerPiece.',
  },
  'instead-optional': {
    cause: 'A stand-in is left off by those who avoid it anyway.',
    remedy: 'Remove optional.',
  },
  'demo-without-batch': {
    cause: 'The pieces of a demonstration come out of the dough of a station.',
    remedy: 'Choose a station with a dough of the bread.',
  },
  'variant-of-variant': {
    cause: 'Families are one level deep.',
    remedy: 'Name the first bread of the family.',
  },
  'window-order': {
    cause: 'A rest has a least, an ideal and a greatest time.',
    remedy: 'Put the three times in order.',
  },
  'window-of-nothing': {
    cause: 'A rest of no minutes is no rest.',
    remedy: 'Give the rest a greatest time, or take the step out.',
  },
  'batch-after-piece': {
    cause: 'Once divided, dough is worked piece by piece.',
    remedy: 'Move the step before the first piece step, or make it a piece step.',
  },
  'no-piece-step': {
    cause: 'Every piece must come out of the dough by a step of its own.',
    remedy: 'Add the step at which pieces are worked one by one.',
  },
  'wait-after-rest': {
    cause: 'The window of the rest says already how long the dough may wait.',
    remedy: 'Remove waitMaxMin and set the greatest time of the rest.',
  },
  'owner-of-batch': {
    cause: 'A batch belongs to the station; only a piece has an owner.',
    remedy: 'Choose team, one or staff.',
  },
  'no-duration': {
    cause: 'An active step lasts some time.',
    remedy: 'Give it minutes; a cook step may have phases instead.',
  },
  'phases-and-minutes': {
    cause: 'A cook step lasts the sum of its phases.',
    remedy: 'Remove minutes.',
  },
  'phase-by-without-with': {
    cause: 'Only a phase away from its place can be handed to staff.',
    remedy: 'Add "with", or remove "by".',
  },
  'prepare-at-griddle': {
    cause: 'A griddle holds breads alone.',
    remedy: 'Prepare at a flame or at the bench.',
  },
  'q10-without-reference': {
    cause: 'The warmth at which a window holds, and how it changes, belong together.',
    remedy: 'Add the other key, or remove this one.',
  },
  'place-lacking': {
    cause: 'A step rests or works at a place that this kitchen lacks.',
    remedy: 'Add the place to the kitchen or change the step.',
  },
  'place-too-far': {
    cause: 'Proof times are reckoned between 10 and 40 °C only.',
    remedy: 'Correct the temperature, or remove q10 and refC.',
  },
  'fits-no-griddle': {
    cause: 'The bread is wider than every griddle, or surfaces, stations and carrying rule the others out.',
    remedy: 'Make smaller pieces, or let the station use a larger griddle.',
  },
  'two-stations': {
    cause: 'A person works at one station.',
    remedy: 'Take the person off one of them.',
  },
  'maker-without-station': {
    cause: 'Who makes a bread needs a bench.',
    remedy: 'Seat the person at a station.',
  },
  'station-empty': {
    cause: 'A station without people does nothing.',
    remedy: 'Seat somebody there or remove the station.',
  },
  'for-avoids': {
    cause: 'Nobody makes a bread that holds what they avoid.',
    remedy: 'Take the person off this line and give them a variant.',
  },
  'not-a-batch-step': {
    cause: 'Dough is handed over, or practised, up to a step of the whole batch.',
    remedy: 'Choose a step before the first piece step.',
  },
  'demo-before-rest': {
    cause: 'A demonstration shows something that hands do.',
    remedy: 'Choose the active step after the rest.',
  },
  'no-seat': {
    cause: 'Every participant needs a seat at a bench.',
    remedy: 'Add a bench or seats to the kitchen.',
  },
  'salt-unusual': {
    cause: 'Salt under 1 % tastes of nothing, over 2.6 % it is salty and slows the leaven.',
    remedy: 'Check the weight, and whether flaky salt was measured as fine.',
  },
  'figure-unusual': {
    cause: 'A percentage lies outside what is usual for breads of this family.',
    remedy: 'Check the figure; leave it if it is meant.',
  },
  'proof-without-leaven': {
    cause: 'A dough without leaven or starter does not grow.',
    remedy: 'Add the leaven, or call the step a rest.',
  },
  'leaven-without-rest': {
    cause: 'Yeast raises nothing in a dough that is cooked at once.',
    remedy: 'Add a proof, or use baking powder.',
  },
  'yeast-in-hot-water': {
    cause: 'Scalding water kills the yeast that is mixed in with it.',
    remedy: 'Wake the yeast apart, in water of 40 to 46 °C, and add it when the dough has cooled.',
  },
  'yogurt-in-hot-water': {
    cause: 'Hot water that meets yogurt at once makes it grainy.',
    remedy: 'Stir the water into the flour first, or let the yogurt lose its chill and take cooler water.',
  },
  'is-a-batter': {
    cause: 'So much water makes a batter, which is poured and not rolled.',
    remedy: 'Check the weights; if a batter is meant, let the steps pour it.',
  },
  'chilled-without-tempering': {
    cause: 'Cold dough springs back and tears.',
    remedy: 'Let it lose its chill: an hour for small balls, three to four for large ones.',
  },
  'too-long-in-the-warm': {
    cause: 'Such doughs may lie 4 hours in all between 5 and 57 °C (63 °C in the UK and Ireland).',
    remedy: 'Put a rest into the fridge, or shorten the proof with warmth.',
  },
  'no-hand-over': {
    cause: 'A dough that is made ahead must be able to lie until the class takes it.',
    remedy: 'Lengthen a rest, or add one in the fridge with time to temper.',
  },
  'size-disagrees': {
    cause: 'Weight, diameter and thickness do not go together.',
    remedy: 'Weigh a piece and measure it rolled.',
  },
  'scald-without-caution': {
    cause: 'Hands that go in too soon are burned.',
    remedy: 'Say when hands may go in, and who says so.',
  },
  'fire-not-staffed': {
    cause: 'Open flame and grill are for adults who are trained to it.',
    remedy: 'Give the step, or its phase, to staff; local rules come first.',
  },
  'event-ahead': {
    cause: 'The clock of the device goes wrong, and its offset was not measured.',
    remedy: 'Send the event again after asking the server for its time.',
  },
  'event-unknown': {
    cause: 'The event names somebody or something that neither the class nor an accepted plan has.',
    remedy: 'Read the events of the class again; it may have been replanned.',
  },
  'event-twice': {
    cause: 'Two events have one id, and their contents differ.',
    remedy: 'Give every event an id of its own, and send an event again as it was.',
  },
  'class-started': {
    cause: 'Two devices started the class; the first one stands.',
    remedy: 'Go on with the class that runs.',
  },
  'class-not-started': {
    cause: 'An event came before the start of its class, or the start was taken back.',
    remedy: 'Start the class first.',
  },
  'class-ended': {
    cause: 'The class was closed, and an event came after that.',
    remedy: 'Take the closing back, then send it again.',
  },
};
