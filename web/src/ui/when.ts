/** Moments as this device writes them; the one place of the page that formats dates. */
const MOMENT = new Intl.DateTimeFormat(undefined, {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
  hourCycle: 'h23',
});
const DAY = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short' });

/** Day and time of a moment that the server gave, `Sat 28 Nov, 09:30`. */
export const momentText = (iso: string): string => MOMENT.format(new Date(iso));

/** Its day alone. */
export const dayOf = (ms: number): string => DAY.format(new Date(ms));

/** The time zone of this device, as a class begins with. */
export const ownTimeZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;

/** Sweden writes dates as ISO 8601 does. */
const ISO_DAY = new Intl.DateTimeFormat('sv-SE', { year: 'numeric', month: '2-digit', day: '2-digit' });

/** Today on this device, `2027-03-06`. */
export const todayText = (): string => ISO_DAY.format(new Date());

/** By how much a time zone is off the world's on a day, `GMT+1`; empty for a zone that this device does not know. */
function offsetText(timeZone: string, noon: Date): string {
  try {
    const parts = new Intl.DateTimeFormat('en-GB', { timeZone, timeZoneName: 'shortOffset' }).formatToParts(noon);
    return parts.find((p) => p.type === 'timeZoneName')?.value ?? '';
  } catch {
    return '';
  }
}

/** All time zones with their offset on a day, `2027-03-06`; the one that is set among them, whatever it is called. */
export function timeZones(date: string, own: string): readonly (readonly [string, string])[] {
  const noon = new Date(`${date}T12:00:00Z`);
  const day = Number.isNaN(noon.getTime()) ? new Date() : noon;
  return [...new Set([own, ...Intl.supportedValuesOf('timeZone')])]
    .sort()
    .map((zone) => [zone, `${zone.replaceAll('_', ' ')} (${offsetText(zone, day)})`]);
}
