import { parse } from 'tinyduration';

/** No duration that somebody means is longer; the pattern of the parser would walk through a long one many times. */
const MOST_LETTERS = 50;

/** Minutes of an ISO 8601 duration of weeks, days and times, `P1DT2H` is 1560; undefined for anything else. */
export function minutesOfIso(text: unknown): number | undefined {
  if (typeof text !== 'string' || text.length > MOST_LETTERS) return undefined;
  try {
    const d = parse(text);
    return (
      (d.weeks ?? 0) * 10080 + (d.days ?? 0) * 1440 + (d.hours ?? 0) * 60 + (d.minutes ?? 0) + (d.seconds ?? 0) / 60
    );
  } catch {
    return undefined;
  }
}
