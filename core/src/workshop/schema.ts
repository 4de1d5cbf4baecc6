import { z } from 'zod';
import { kitchenSchema } from '../kitchen/schema.ts';
import {
  countSchema,
  dateSchema,
  dateTimeSchema,
  idSchema,
  listOf,
  minutesSchema,
  nameSchema,
  paceSchema,
  textSchema,
  timeSchema,
  wordSchema,
} from '../units/schema.ts';
import { breadSchema } from '../bread/index.ts';

const serviceSchema = z.enum(['together', 'as-cooked', 'take-home']);

/** How a line's dough is made; `through` and `practice` name batch steps of its bread. */
const doughSchema = z.discriminatedUnion('mode', [
  z.strictObject({ mode: z.literal('station') }),
  z.strictObject({ mode: z.literal('ahead'), through: idSchema }),
  z.strictObject({ mode: z.literal('class'), through: idSchema }),
  z.strictObject({ mode: z.literal('swap'), through: idSchema, practice: idSchema }),
]);

export const participantSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  avoid: listOf(z.strictObject({ what: wordSchema, level: z.enum(['strict', 'diet']).default('strict') })).default([]),
  pace: paceSchema.default(1),
});

const stationSchema = z.strictObject({
  id: idSchema,
  name: nameSchema.optional(),
  bench: idSchema,
  members: listOf(idSchema),
  griddles: listOf(idSchema).min(1).optional(),
});

const menuLineSchema = z.strictObject({
  bread: idSchema,
  each: countSchema.min(1),
  per: z.enum(['participant', 'station']).default('participant'),
  spares: countSchema.default(0),
  dough: doughSchema.default({ mode: 'station' }),
  mixer: z.boolean().default(false),
  service: serviceSchema.optional(),
  for: listOf(idSchema).optional(),
  acceptOutOfCold: textSchema.min(1).optional(),
});

/** A class: when, where, who, what. */
export const workshopSchema = z.strictObject({
  format: z.literal('hodsman-workshop'),
  version: z.literal(2),
  title: nameSchema,
  date: dateSchema,
  timeZone: z.string().min(1).max(120),
  doorsOpen: timeSchema,
  tableTime: timeSchema,
  ends: timeSchema.optional(),
  clearMin: minutesSchema.optional(),
  prepTimes: listOf(z.strictObject({ from: dateTimeSchema, to: dateTimeSchema })).default([]),
  service: serviceSchema.default('together'),
  welcomeMin: minutesSchema.default(0),
  /** For goal `steady`: so long before table time the last bread should be done; absent: a share of the class's length. */
  bufferMin: minutesSchema.optional(),
  /** For goal `steady`: what a stretch without anything to do lasts beyond it counts threefold. */
  idleMaxMin: minutesSchema.default(20),
  breaks: listOf(z.strictObject({ after: timeSchema, before: timeSchema, minutes: minutesSchema.positive() })).default(
    [],
  ),
  kitchen: kitchenSchema,
  breads: listOf(breadSchema),
  roster: listOf(participantSchema),
  stations: listOf(stationSchema),
  menu: listOf(menuLineSchema),
  demos: listOf(
    z.strictObject({
      bread: idSchema,
      before: idSchema,
      minutes: minutesSchema.positive(),
      to: z.enum(['class', 'station']).default('class'),
      at: z.enum(['bench', 'griddle']).default('bench'),
      /** Pieces that it shows, out of the dough of the station `from`. */
      pieces: countSchema.default(0),
      from: idSchema.optional(),
    }),
  ).default([]),
});

export type Workshop = Readonly<z.output<typeof workshopSchema>>;
export type Participant = Readonly<z.output<typeof participantSchema>>;
export type Station = Readonly<z.output<typeof stationSchema>>;
export type MenuLine = Readonly<z.output<typeof menuLineSchema>>;
