import { readFileSync } from 'node:fs';
import ICAL from 'ical.js';
import { beforeAll, describe, expect, it } from 'vitest';
import { aheadList } from '../provision/index.ts';
import { runningClass, type RunningClass } from '../testing/index.ts';
import { doorsMs, zoneChanges } from '../units/index.ts';
import { planClass } from '../planner/index.ts';
import { classCalendar } from './index.ts';

let cls: RunningClass;
let text = '';
const NOW = Date.UTC(2027, 1, 1, 12);
beforeAll(() => {
  cls = runningClass('sunday');
  text = classCalendar({ classId: 'CLASS', record: cls.record, plan: cls.plan, version: 3, nowMs: NOW });
});

/** The entries as another reader has them: the moments in ms since 1970, by the rules of the zone that the file itself holds. */
function entries(of: string) {
  const calendar = new ICAL.Component(ICAL.parse(of));
  const zone = new ICAL.Timezone(calendar.getFirstSubcomponent('vtimezone') ?? expect.fail());
  return calendar.getAllSubcomponents('vevent').map((c) => {
    const event = new ICAL.Event(c);
    const ms = (t: ICAL.Time): number => {
      const local = t.clone();
      local.zone = zone;
      return local.toUnixTime() * 1000;
    };
    const alarm = c.getFirstSubcomponent('valarm')?.getFirstPropertyValue('trigger');
    return {
      uid: event.uid,
      summary: event.summary,
      description: event.description,
      fromMs: ms(event.startDate),
      toMs: ms(event.endDate),
      alarm: String(alarm),
    };
  });
}

describe('the calendar of a class', () => {
  it('has lines of 75 octets at the most that end in CR and LF, and what RFC 5545 asks of every calendar and entry', () => {
    expect(text.endsWith('END:VCALENDAR\r\n')).toBe(true);
    expect(text.replaceAll('\r\n', '')).not.toMatch(/[\r\n]/);
    const octets = text.split('\r\n').map((l) => new TextEncoder().encode(l).length);
    expect(Math.max(...octets)).toBeLessThanOrEqual(75);
    for (const line of ['VERSION:2.0', 'PRODID:', 'UID:', 'DTSTAMP:20270201T120000Z', 'SEQUENCE:3'])
      expect(text).toContain(`\r\n${line}`);
  });

  it('is as the page on its form shows it', () => {
    const page = readFileSync(new URL('../../../docs/formats/calendar.md', import.meta.url), 'utf8');
    const shown = page.split('\n').flatMap((l) => /^ {4}([^…].*)$/.exec(l)?.[1] ?? []);
    expect(shown.length).toBeGreaterThan(10);
    const lines = text.replaceAll('\r\n ', '').split('\r\n');
    expect(shown.filter((l) => !lines.includes(l))).toEqual([]);
  });

  it('begins the class when doors open and every job when the plan does it, by the rules of the zone in the file', () => {
    const { workshop, notes } = cls.record;
    const [first, ...jobs] = entries(text);
    expect([first?.summary, first?.fromMs, first?.alarm]).toEqual([workshop.title, doorsMs(workshop), '-PT2H']);
    expect(first?.toMs).toBeGreaterThan(doorsMs(workshop) + 1000 * cls.plan.tableSec);
    const list = aheadList(workshop, cls.plan, notes.trayMin).items;
    expect(jobs.map((j) => j.summary)).toEqual(list.map((i) => i.words));
    for (const [i, job] of list.entries())
      expect(Math.abs((jobs[i]?.fromMs ?? 0) - (doorsMs(workshop) + 1000 * job.bestSec))).toBeLessThanOrEqual(30_000);
    expect(new Set(jobs.map((j) => j.uid)).size).toBe(jobs.length);
  });

  it('says with whom something is to be minded', () => {
    const [first] = entries(text);
    for (const p of cls.record.workshop.roster.filter((x) => x.avoid.length > 0))
      expect(first?.description).toContain(`${p.name}: `);
  });

  it.each([
    // the night in which the clocks of the zone change (IANA time zone database), and zones without changes
    ['Europe/Dublin', '2027-03-28', '09:00'],
    ['America/New_York', '2027-11-07', '10:00'],
    ['Asia/Kolkata', '2027-07-01', '10:00'],
    ['UTC', '2027-07-01', '10:00'],
  ])('holds in %s on %s', (timeZone, date, doorsOpen) => {
    const moved = { ...cls.record.workshop, timeZone, date, doorsOpen, prepTimes: [] };
    const record = { ...cls.record, workshop: moved };
    const plan = planClass(moved, { effort: 0 });
    const made = classCalendar({ classId: 'c1', record, plan, version: 1, nowMs: NOW });
    expect(entries(made)[0]?.fromMs).toBe(doorsMs(moved));
  });

  it('keeps commas, semicolons, line ends and other scripts of a title', () => {
    const title = 'Rounds, ovals; “förmögen” 面包\\ and more, '.repeat(2).trim();
    const record = { ...cls.record, workshop: { ...cls.record.workshop, title } };
    const made = classCalendar({ classId: 'c1', record, plan: cls.plan, version: 1, nowMs: NOW });
    expect(entries(made)[0]?.summary).toBe(title);
    expect(Math.max(...made.split('\r\n').map((l) => new TextEncoder().encode(l).length))).toBeLessThanOrEqual(75);
  });
});

describe('the changes of a zone', () => {
  it('are those of the IANA time zone database, by the clocks that go before each', () => {
    expect(zoneChanges('Europe/Dublin', '2027-01-01', '2027-12-31')).toEqual([
      { at: '2027-01-01T00:00:00', fromSec: 0, toSec: 0 },
      { at: '2027-03-28T01:00:00', fromSec: 0, toSec: 3600 },
      { at: '2027-10-31T02:00:00', fromSec: 3600, toSec: 0 },
    ]);
    expect(zoneChanges('Asia/Kolkata', '2027-01-01', '2027-12-31')).toHaveLength(1);
  });
});
