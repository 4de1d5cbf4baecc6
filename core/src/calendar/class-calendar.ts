import ICAL from 'ical.js';
import type { Plan } from '../plan/index.ts';
import { aheadList } from '../provision/index.ts';
import { clockText, dayText, elapsedSec, laterDateTime, localDateTime, zoneChanges } from '../units/index.ts';
import { careLines, type ClassRecord, type Workshop } from '../workshop/index.ts';

/** Whoever teaches is reminded of the class so long before, and of a job so long (this program's own choice). */
const CLASS_ALARM = '-PT2H';
const JOB_ALARM = '-PT10M';
/** People stay at the table for so long where the class does not say when it ends (this program's own choice). */
const AT_TABLE_MIN = 45;
/** RFC 5545, section 3.1. */
const LINE_OCTETS = 75;

/** What a calendar is made from. */
export interface CalendarOf {
  /** The class, as the server knows it: entries of one class keep their names when it is exported again. */
  readonly classId: string;
  readonly record: ClassRecord;
  readonly plan: Plan;
  /** The version of the class, which a calendar prefers to an earlier one. */
  readonly version: number;
  /** When it is made, in ms since 1970. */
  readonly nowMs: number;
}

/**
 * A class and what is made ahead for it as a calendar in the form of RFC 5545: local times in the zone of the class, whose rules are in
 * the file, each entry with an alarm.
 */
export function classCalendar({ classId, record, plan, version, nowMs }: CalendarOf): string {
  const { workshop, notes } = record;
  const calendar = new ICAL.Component('vcalendar');
  calendar.addPropertyWithValue('version', '2.0');
  calendar.addPropertyWithValue('prodid', '-//Hodsman//Class calendar//EN');
  calendar.addPropertyWithValue('calscale', 'GREGORIAN');
  calendar.addSubcomponent(zoneOf(workshop));
  const stamp = ICAL.Time.fromJSDate(new Date(nowMs), true);
  const add = (e: Entry): void => {
    const event = new ICAL.Component('vevent');
    event.addPropertyWithValue('uid', `${e.uid}.${classId}@hodsman`);
    event.addPropertyWithValue('dtstamp', stamp);
    event.addPropertyWithValue('sequence', version);
    event.addPropertyWithValue('summary', e.summary);
    event.addPropertyWithValue('location', workshop.kitchen.name);
    event.addPropertyWithValue('description', e.lines.join('\n'));
    for (const [name, local] of [
      ['dtstart', e.from],
      ['dtend', e.to],
    ] as const) {
      const property = event.addPropertyWithValue(name, ICAL.Time.fromDateTimeString(`${local}:00`));
      property.setParameter('tzid', workshop.timeZone);
    }
    const alarm = new ICAL.Component('valarm');
    alarm.addPropertyWithValue('action', 'DISPLAY');
    alarm.addPropertyWithValue('description', e.summary);
    alarm.addPropertyWithValue('trigger', ICAL.Duration.fromString(e.alarm));
    event.addSubcomponent(alarm);
    calendar.addSubcomponent(event);
  };
  const minded = careLines(
    workshop,
    notes.remarks,
    workshop.roster.map((p) => p.id),
  );
  add({
    uid: 'class',
    summary: workshop.title,
    from: localDateTime(workshop, 0),
    to: endOf(workshop, plan),
    lines: [
      `${workshop.roster.length} people, ${workshop.breads.map((b) => b.name).join(', ')}`,
      `table ${clockText(workshop, plan.tableSec)}`,
      ...minded,
    ],
    alarm: CLASS_ALARM,
  });
  for (const job of aheadList(workshop, plan, notes.trayMin).items) {
    const from = localDateTime(workshop, job.bestSec);
    const latest = `at the latest ${clockText(workshop, job.latestSec)}, ${dayText(workshop, job.latestSec)}`;
    add({
      uid: job.id.replace(/[^\w.-]/g, '_'),
      summary: job.words,
      from,
      to: laterDateTime(from, { minutes: Math.max(1, Math.round(job.lastsSec / 60)) }),
      lines: [latest, ...(job.who === '' ? [] : [job.who]), `for ${workshop.title}`],
      alarm: JOB_ALARM,
    });
  }
  // the library does not count the space before a line that goes on
  ICAL.foldLength = LINE_OCTETS - 1;
  return `${calendar.toString()}\r\n`;
}

interface Entry {
  readonly uid: string;
  readonly summary: string;
  /** Local times, `YYYY-MM-DDTHH:MM`. */
  readonly from: string;
  readonly to: string;
  readonly lines: readonly string[];
  readonly alarm: string;
}

function endOf(workshop: Workshop, plan: Plan): string {
  const told = workshop.ends === undefined ? plan.tableSec + 60 * AT_TABLE_MIN : elapsedSec(workshop, workshop.ends);
  return localDateTime(workshop, Math.max(told, ...plan.tasks.map((t) => t.endSec)));
}

/** The rules of the zone from a year before the class to a year after it: doughs are made ahead, and a class may be moved. */
function zoneOf({ timeZone, date }: Workshop): ICAL.Component {
  const zone = new ICAL.Component('vtimezone');
  zone.addPropertyWithValue('tzid', timeZone);
  const day = (days: number): string => laterDateTime(`${date}T00:00`, { days }).slice(0, 10);
  for (const { at, fromSec, toSec } of zoneChanges(timeZone, day(-366), day(366))) {
    const rule = new ICAL.Component(toSec > fromSec ? 'daylight' : 'standard');
    rule.addPropertyWithValue('dtstart', ICAL.Time.fromDateTimeString(at));
    rule.addPropertyWithValue('tzoffsetfrom', ICAL.UtcOffset.fromSeconds(fromSec));
    rule.addPropertyWithValue('tzoffsetto', ICAL.UtcOffset.fromSeconds(toSec));
    zone.addSubcomponent(rule);
  }
  return zone;
}
