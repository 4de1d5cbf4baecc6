import { timeOfDay, type ClassClock } from './clock.ts';
import { roundHalfUp } from './seconds.ts';

const two = (n: number): string => String(n).padStart(2, '0');

/** The local time so many seconds after doors open, as `11:42`; the nearest minute, half up. */
export function clockText(clock: ClassClock, sec: number): string {
  const { hour, minute } = timeOfDay(clock, roundHalfUp(sec / 60) * 60);
  return `${two(hour)}:${two(minute)}`;
}

/** A length of time as people say it: `25 min`, `1 h 05`, `40 s` (under two minutes with seconds: `1 min 20 s`). */
export function durationText(sec: number): string {
  const s = Math.abs(roundHalfUp(sec));
  if (s < 60) return `${s} s`;
  if (s < 120 && s % 60 !== 0) return `1 min ${s - 60} s`;
  const minutes = roundHalfUp(s / 60);
  return minutes < 90 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${two(minutes % 60)}`;
}
