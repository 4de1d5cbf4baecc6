import { calendarDay, timeOfDay, type ClassClock } from './clock.ts';
import { ownMeasures } from './own-measures.ts';
import { roundHalfUp } from './seconds.ts';

const two = (n: number): string => String(n).padStart(2, '0');

/** A time of day, as `11:42`, or as `11:42 am` where one reads by twelve hours; in brief without the half of the day. */
function hourText(hour: number, minute: number, isBrief = false): string {
  if (ownMeasures().clock === '24') return `${two(hour)}:${two(minute)}`;
  return `${hour % 12 === 0 ? 12 : hour % 12}:${two(minute)}${isBrief ? '' : hour < 12 ? ' am' : ' pm'}`;
}

/** The local time so many seconds after doors open, as `11:42`; the nearest minute, half up. */
export function clockText(clock: ClassClock, sec: number): string {
  const { hour, minute } = timeOfDay(clock, roundHalfUp(sec / 60) * 60);
  return hourText(hour, minute);
}

/** The same where there is little room and many times stand together: `11:42` by twelve hours too. */
export function briefClockText(clock: ClassClock, sec: number): string {
  const { hour, minute } = timeOfDay(clock, roundHalfUp(sec / 60) * 60);
  return hourText(hour, minute, true);
}

/** A stored time of day, `HH:MM`, as one reads it; another text stays as it is. */
export function timeText(time: string): string {
  const [, h, m] = /^([01]\d|2[0-3]):([0-5]\d)$/.exec(time) ?? [];
  return h === undefined ? time : hourText(Number(h), Number(m));
}

/** A time of day as people type it (`9:30`, `0930`, `9.30`, `9:30 pm`, `9 pm`) as `HH:MM`; anything else as it was typed. */
export function timeOfText(text: string): string {
  const typed = text.trim();
  const [, h = '', m = '00', half = ''] = /^(\d{1,2})(?:[:. ]?(\d{2}))?\s*([ap])?\.?(?:m\.?)?$/i.exec(typed) ?? [];
  if (h === '' || (half === '' && !/\d[:. ]?\d{2}$/.test(typed))) return typed;
  if (half === '') return `${h.padStart(2, '0')}:${m}`;
  if (Number(h) < 1 || Number(h) > 12) return typed;
  return `${two((Number(h) % 12) + (half.toLowerCase() === 'p' ? 12 : 0))}:${m}`;
}

/** So many of something: `1 bread`, `12 breads`; `more` where several are called otherwise than by an s. */
export const counted = (n: number, one: string, more = `${one}s`): string => `${n} ${n === 1 ? one : more}`;

/** A length of time as people say it: `25 min`, `1 h 05`, `40 s` (under two minutes with seconds: `1 min 20 s`). */
export function durationText(sec: number): string {
  const s = Math.abs(roundHalfUp(sec));
  if (s < 60) return `${s} s`;
  if (s < 120 && s % 60 !== 0) return `1 min ${s - 60} s`;
  const minutes = roundHalfUp(s / 60);
  return minutes < 90 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${two(minutes % 60)}`;
}

const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;
const MONTHS = 'January February March April May June July August September October November December'.split(' ');

/** The local day so many seconds after doors open, as `Friday 5 March`; among others, the day of the class says so. */
export function dayText(clock: ClassClock, sec: number, manner: 'plain' | 'among others' = 'among others'): string {
  const { dayOffset } = timeOfDay(clock, sec);
  const { weekday, day, month } = calendarDay(clock.date, dayOffset);
  const text = `${DAYS[weekday - 1] ?? ''} ${day} ${MONTHS[month - 1] ?? ''}`;
  return dayOffset === 0 && manner === 'among others' ? `${text}, the day of the class` : text;
}
