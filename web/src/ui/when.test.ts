import { describe, expect, it } from 'vitest';
import { timeZones } from './when.ts';

const offset = (date: string, zone: string): string | undefined => new Map(timeZones(date, zone)).get(zone);

describe('time zones', () => {
  it('stand with their offset of the day, in winter and in summer', () => {
    expect(offset('2027-01-10', 'Europe/Dublin')).toBe('Europe/Dublin (GMT+0)');
    expect(offset('2027-07-10', 'Europe/Dublin')).toBe('Europe/Dublin (GMT+1)');
    expect(offset('2027-01-10', 'America/New_York')).toBe('America/New York (GMT-5)');
    expect(offset('2027-07-10', 'America/New_York')).toBe('America/New York (GMT-4)');
  });
  it('hold the one that is set, each once, and do without a day', () => {
    const zones = timeZones('', 'UTC').map(([zone]) => zone);
    expect(zones).toContain('UTC');
    expect(new Set(zones).size).toBe(zones.length);
  });
});
