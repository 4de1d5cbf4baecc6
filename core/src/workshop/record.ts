import { z } from 'zod';
import { breadSchema } from '../bread/index.ts';
import { kitchenSchema } from '../kitchen/index.ts';
import { countSchema, idSchema, listOf, nameSchema, textSchema } from '../units/schema.ts';
import { participantSchema, workshopSchema, type Workshop } from './schema.ts';
import { shapingSchema } from './shaping.ts';

/** Somebody who wants to come and has no place in the class yet. */
const guestSchema = participantSchema.omit({ id: true, pace: true });

/** What was said of somebody and not understood, or is no food: in their own words, until somebody has dealt with it. */
const wordsSchema = listOf(textSchema.min(1), 20);

/** Grams alone; grams with metric cups beside them; ounces and US cups, with °F and inches. */
export const HOME_MEASURES = ['grams', 'metric-cups', 'us-cups'] as const;

/** A version of a booking: what the feed gave as its last change. */
const stampSchema = z.string().min(1).max(120);

/** The class as it might be as well: kept beside it until one of them is taken. */
const alternativeSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  workshop: workshopSchema,
  shaping: shapingSchema.default({ aim: 'steady', pins: [] }),
});

const fillingSchema = z.strictObject({
  id: idSchema,
  what: z.enum(['demonstration', 'tasting', 'washing-up', 'skill', 'talk']),
  people: listOf(idSchema),
  fromSec: z.int(),
  toSec: z.int(),
});

/** What belongs to a class and has no place in a workshop file. */
export const classNotesSchema = z.strictObject({
  /** The kitchen of which the class holds a copy, as it was then. */
  kitchen: z.strictObject({ id: idSchema, asTaken: kitchenSchema }).optional(),
  /** Breads of the library of which the class holds copies, as they were when they were taken. */
  breads: listOf(z.strictObject({ id: idSchema, asTaken: breadSchema })).default([]),
  /** Participants who want to stand together, group by group. */
  friends: listOf(listOf(idSchema)).default([]),
  /** Kept aside: no seat, or not understood; with what they said of themselves, and the booking that they came by. */
  waiting: listOf(
    z.strictObject({
      guest: guestSchema,
      why: textSchema,
      words: wordsSchema.default([]),
      ref: nameSchema.optional(),
    }),
  ).default([]),
  /** What participants said of themselves and no list knows; it is shown in red until it is dealt with. */
  remarks: listOf(
    z.strictObject({ person: idSchema, words: textSchema.min(1), isDealtWith: z.boolean() }),
    1000,
  ).default([]),
  /** What somebody weighs and measures with at home, where they have said so: their recipes are written in it. */
  homeMeasures: listOf(z.strictObject({ person: idSchema, measures: z.enum(HOME_MEASURES) })).default([]),
  /** Bookings that were taken, with the participants who came of them. */
  bookings: listOf(z.strictObject({ ref: nameSchema, stamp: stampSchema, people: listOf(idSchema) })).default([]),
  declined: listOf(z.strictObject({ ref: nameSchema, stamp: stampSchema })).default([]),
  /** What of the shopping list is in the basket. */
  bought: listOf(nameSchema).default([]),
  /** The scale that stands on the benches: its step in grams; and kitchen measures beside the grams, if any. */
  scaleG: z.union([z.literal(0.01), z.literal(0.1), z.literal(1), z.literal(5)]).default(1),
  measures: z.enum(['none', 'us', 'metric', 'australian', 'british']).default('none'),
  /** Minutes that staff take to weigh one station's tray. */
  trayMin: countSchema.default(4),
  /** What its plan is to be good at, and the starts that somebody chose. */
  shaping: shapingSchema.default({ aim: 'steady', pins: [] }),
  alternatives: listOf(alternativeSchema).default([]),
  /** What fills a time in which people have nothing to do: a note, bound to nobody's task. Seconds since doors open. */
  fillings: listOf(fillingSchema).default([]),
});

export type ClassNotes = Readonly<z.output<typeof classNotesSchema>>;
export type Alternative = Readonly<z.output<typeof alternativeSchema>>;
export type HomeMeasuresOf = ClassNotes['homeMeasures'][number];
export type Filling = Readonly<z.output<typeof fillingSchema>>;
export type Guest = Readonly<z.output<typeof guestSchema>>;
/** A class as it is kept: the workshop file, and what goes with it. */
export interface ClassRecord {
  readonly workshop: Workshop;
  readonly notes: ClassNotes;
}

export const NO_NOTES: ClassNotes = classNotesSchema.parse({});
