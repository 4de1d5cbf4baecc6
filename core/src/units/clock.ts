import { Temporal } from 'temporal-polyfill';

/** What places a class in time: the local date and time at which its doors open, and the zone. */
export interface ClassClock {
  readonly date: string;
  readonly doorsOpen: string;
  readonly timeZone: string;
}

/** Whether the zone is one of the IANA list, such as `Europe/Dublin`. */
export function isTimeZone(name: string): boolean {
  try {
    Temporal.Instant.fromEpochMilliseconds(0).toZonedDateTimeISO(name);
    return true;
  } catch {
    return false;
  }
}

/** Whether `YYYY-MM-DD` is a day of the calendar. */
export function isLocalDate(text: string): boolean {
  return constrains(() => Temporal.PlainDate.from(text, { overflow: 'reject' }));
}

/** Whether `HH:MM` is a time of day. */
export function isLocalTime(text: string): boolean {
  return constrains(() => Temporal.PlainTime.from(text, { overflow: 'reject' }));
}

function constrains(read: () => unknown): boolean {
  try {
    read();
    return true;
  } catch {
    return false;
  }
}

function epochSec(local: string, timeZone: string): number {
  return Math.floor(Temporal.PlainDateTime.from(local).toZonedDateTime(timeZone).epochMilliseconds / 1000);
}

/**
 * Seconds that truly pass from doors open to a local time, negative before it; a change of the clocks in between is counted.
 * `local` is `YYYY-MM-DDTHH:MM`, or `HH:MM` of the day of the class. Assumes that date, times and zone exist.
 */
export function elapsedSec(clock: ClassClock, local: string): number {
  const full = local.includes('T') ? local : `${clock.date}T${local}`;
  return epochSec(full, clock.timeZone) - epochSec(`${clock.date}T${clock.doorsOpen}`, clock.timeZone);
}

/** When doors open, in ms since 1970. */
export const doorsMs = (clock: ClassClock): number =>
  epochSec(`${clock.date}T${clock.doorsOpen}`, clock.timeZone) * 1000;

/** The local time of day (`hour`, `minute`, `second`, and days from the day of the class) so many seconds after doors open. */
export function timeOfDay(
  clock: ClassClock,
  sec: number,
): { readonly hour: number; readonly minute: number; readonly second: number; readonly dayOffset: number } {
  const doors = Temporal.PlainDateTime.from(`${clock.date}T${clock.doorsOpen}`).toZonedDateTime(clock.timeZone);
  const at = doors.add({ seconds: sec });
  const dayOffset = doors.toPlainDate().until(at.toPlainDate(), { largestUnit: 'days' }).days;
  return { hour: at.hour, minute: at.minute, second: at.second, dayOffset };
}

/** The local date and time so many seconds after doors open, `YYYY-MM-DDTHH:MM`; to the nearest minute, as a clock time is shown everywhere. */
export function localDateTime(clock: ClassClock, sec: number): string {
  const doors = Temporal.PlainDateTime.from(`${clock.date}T${clock.doorsOpen}`).toZonedDateTime(clock.timeZone);
  return doors.add({ seconds: sec }).toPlainDateTime().toString({ smallestUnit: 'minute', roundingMode: 'halfExpand' });
}

/** Whole days from one date to another, `YYYY-MM-DD`; negative when the second comes first. */
export function daysBetween(from: string, to: string): number {
  return Temporal.PlainDate.from(from).until(Temporal.PlainDate.from(to), { largestUnit: 'days' }).days;
}

/** A local date and time, `YYYY-MM-DDTHH:MM`, so many days and minutes later; days keep the time of day. */
export function laterDateTime(local: string, by: { readonly days?: number; readonly minutes?: number }): string {
  return Temporal.PlainDateTime.from(local).add(by).toString({ smallestUnit: 'minute' });
}

/** Day of the week (1 is Monday), day and month of a date so many days later. */
export function calendarDay(
  date: string,
  days: number,
): { readonly weekday: number; readonly day: number; readonly month: number } {
  const { dayOfWeek, day, month } = Temporal.PlainDate.from(date).add({ days });
  return { weekday: dayOfWeek, day, month };
}
