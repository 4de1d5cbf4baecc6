import { Temporal } from 'temporal-polyfill';

/** From a moment on a zone's clocks are so far ahead of UTC. */
export interface ZoneChange {
  /** The local time at which it begins, by the clocks that go before it: `YYYY-MM-DDTHH:MM:SS`. */
  readonly at: string;
  readonly fromSec: number;
  readonly toSec: number;
}

/** How far the clocks of a zone are ahead of UTC from a day on, and each change up to another day, `YYYY-MM-DD`. */
export function zoneChanges(timeZone: string, from: string, to: string): readonly ZoneChange[] {
  const seconds = (at: Temporal.ZonedDateTime): number => at.offsetNanoseconds / 1e9;
  const start = Temporal.PlainDate.from(from).toZonedDateTime(timeZone);
  const end = Temporal.PlainDate.from(to).toZonedDateTime(timeZone);
  const local = (at: Temporal.ZonedDateTime, offsetSec: number): string =>
    at.withTimeZone('UTC').add({ seconds: offsetSec }).toPlainDateTime().toString({ smallestUnit: 'second' });
  const changes: ZoneChange[] = [{ at: local(start, seconds(start)), fromSec: seconds(start), toSec: seconds(start) }];
  for (let next = start.getTimeZoneTransition('next'); next; next = next.getTimeZoneTransition('next')) {
    if (Temporal.ZonedDateTime.compare(next, end) > 0) break;
    const fromSec = changes.at(-1)?.toSec ?? 0;
    changes.push({ at: local(next, fromSec), fromSec, toSec: seconds(next) });
  }
  return changes;
}
