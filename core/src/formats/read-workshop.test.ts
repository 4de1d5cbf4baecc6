import { describe, expect, it } from 'vitest';
import { faultLine } from '../faults/index.ts';
import { rawWorkshop, type RawFile } from '../testing/index.ts';
import { jsonDepth, LIMITS, readJson } from './read-json.ts';
import { readWorkshop, readWorkshopText } from './read-workshop.ts';

/** The lines of all faults of the test class with one change. */
function faultsWith(change: (file: RawFile) => void): readonly string[] {
  const read = readWorkshop(rawWorkshop({ change }));
  return read.ok ? [] : read.faults.map(faultLine);
}

describe('a workshop file', () => {
  it('is read with its defaults', () => {
    const read = readWorkshop(rawWorkshop());
    expect(read.ok && read.value.kitchen).toMatchObject({
      griddleGapCm: 1,
      griddlesPerStaff: 4,
      handMaxDoughG: 3000,
      safeOutMin: 240,
    });
    expect(read.ok && read.value.menu[0]).toMatchObject({ per: 'participant', spares: 0, mixer: false });
    expect(read.ok && read.value.service).toBe('together');
  });
  it('names every fault of form at once, by path, with what is wrong and what is expected', () => {
    const lines = faultsWith((f) => {
      f['titel'] = 'x';
      f['date'] = '6 March';
      f['welcomeMin'] = '10';
      delete f['kitchen'].roomC;
      f['breads'][0].steps[1].window.max = Number.MAX_VALUE;
      f['breads'][0].steps[0].kind = 'whisk';
      f['kitchen'].griddles[0].surface = 'copper';
    });
    expect(lines).toEqual([
      'date: is "6 March", expected a date such as 2027-03-06',
      'welcomeMin: is "10", expected a number',
      'kitchen.roomC: is missing, expected a number',
      'kitchen.griddles[0].surface: is "copper", expected one of cast-iron, steel, aluminium, non-stick, stone, clay',
      expect.stringMatching(/^breads\[0\]\.steps\[0\]\.kind: is "whisk", expected one of bloom, rest, proof/),
      `breads[0].steps[1].window.max: is ${Number.MAX_VALUE}, expected at most 10080`,
      'titel: is no key of the format, expected one of its own',
    ]);
  });
  it('refuses references that lead nowhere with both ids', () => {
    const lines = faultsWith((f) => {
      f['stations'][0].bench = 'B9';
      f['stations'][1].members.push('p9');
      f['menu'].push({ bread: 'rye', each: 1 });
      f['breads'][0].ingredients[0].step = 'sift';
      f['roster'][1].id = 'p1';
    });
    expect(lines).toEqual([
      'roster[1].id: repeats the id p1, expected every id once in its list',
      'breads[0].ingredients[0].step: names sift for flour, expected the id of a step of flat',
      'stations[0].bench: names B9 for S1, expected the id of a bench',
      'stations[0].members[1]: names p2 for S1, expected the id of somebody on the roster',
      'stations[1].members[2]: names p9 for S2, expected the id of somebody on the roster',
      'menu[1].bread: names rye, expected the id of a bread',
    ]);
  });
  it.each<[string, (f: RawFile) => void, string]>([
    [
      'a bread wider than every griddle',
      (f) => (f['breads'][0].piece.diameterCm = 40),
      'breads[0].piece.diameterCm: is 40 cm across and fits no griddle that S1 may use, expected one',
    ],
    [
      'a person at two stations',
      (f) => f['stations'][1].members.push('p1'),
      'stations[1].members[2]: stands at two stations (p1), expected one',
    ],
    [
      'a maker at none',
      (f) => f['stations'][1].members.pop(),
      'roster[3]: makes flat and stands at no station, expected one',
    ],
    [
      'a station without members',
      (f) => f['stations'].push({ id: 'S9', bench: 'B1', members: [] }),
      'stations[2].members: has no members, expected at least one (S9)',
    ],
    [
      'somebody named who avoids what is in it',
      (f) => {
        f['roster'][0].avoid = [{ what: 'gluten' }];
        f['menu'][0].for = ['p1'];
      },
      'menu[0].for[0]: names p1, who avoids gluten, expected somebody who can eat flat',
    ],
    [
      'a place that the kitchen lacks',
      (f) => (f['breads'][0].steps[1].at = 'fridge'),
      'breads[0].steps[1].at: needs a place of kind fridge, expected the kitchen to have one',
    ],
    [
      'an optional dough ingredient',
      (f) => (f['breads'][0].ingredients[2].optional = true),
      'breads[0].ingredients[2].optional: is set on a dough ingredient, expected only outside the dough',
    ],
    [
      'a window out of order',
      (f) => (f['breads'][0].steps[1].window = { min: 30, ideal: 20, max: 40 }),
      'breads[0].steps[1].window: is 30, 20, 40 (least, ideal, most), expected them in rising order',
    ],
    [
      'a window of no length',
      (f) => (f['breads'][0].steps[1].window = { min: 0, ideal: 0, max: 0 }),
      'breads[0].steps[1].window: lasts no time at all, expected a greatest time above 0',
    ],
    [
      'a wait after a rest',
      (f) => (f['breads'][0].steps[2].waitMaxMin = 5),
      'breads[0].steps[2].waitMaxMin: follows a rest, expected only after an active step',
    ],
    [
      'a dough handed over at a piece step',
      (f) => (f['menu'][0].dough = { mode: 'ahead', through: 'roll' }),
      'menu[0].dough.through: names roll, expected a batch step of flat',
    ],
    [
      'flours that do not add up',
      (f) => (f['breads'][0].ingredients[0].pct = 90),
      'breads[0].ingredients: add up to 90 % of flour, expected 100 %',
    ],
    [
      'a proof beyond 10 to 40 °C',
      (f) => {
        Object.assign(f['breads'][0].steps[1], { q10: 2.5, refC: 24 });
        f['kitchen'].places[0].tempC = 45;
      },
      'breads[0].steps[1].at: needs a room place of 10 to 40 °C, expected the kitchen to have one',
    ],
    [
      'a day that does not exist',
      (f) => (f['date'] = '2027-02-30'),
      'date: is "2027-02-30", expected a date that exists',
    ],
    [
      'a table before the doors',
      (f) => (f['tableTime'] = '09:00'),
      'tableTime: lies at or before doorsOpen, expected a later time of the same day',
    ],
    [
      'a variant of a variant',
      (f) => {
        const b = f['breads'][0];
        f['breads'].push({ ...b, id: 'v1', variantOf: 'flat' }, { ...b, id: 'v2', variantOf: 'v1' });
      },
      'breads[2].variantOf: names v1, a variant itself, expected a bread that is no variant',
    ],
  ])('refuses %s', (_, change, line) => {
    expect(faultsWith(change)).toEqual([line]);
  });
  it('refuses what is no JSON, too large or too deep, without reading further', () => {
    const first = (text: string): string => {
      const read = readWorkshopText(text);
      return read.ok ? '' : faultLine(read.faults[0] ?? expect.fail());
    };
    expect(first('{')).toMatch(/^file: is not JSON/);
    expect(first(`"${'x'.repeat(LIMITS.bytes)}"`)).toMatch(/^file: is 2000002 bytes long, expected at most 2000000/);
    expect(first('['.repeat(100_000) + ']'.repeat(100_000))).toMatch(/^file: is (nested over 30 levels deep|not JSON)/);
    expect(first('['.repeat(40) + ']'.repeat(40))).toBe('file: is nested over 30 levels deep, expected at most 30');
  });
  it('reads a file that begins with a byte order mark', () => {
    expect(readWorkshopText(`\uFEFF${JSON.stringify(rawWorkshop())}`).ok).toBe(true);
  });
});

describe('the depth of a text', () => {
  it('is counted without parsing, brackets within strings left out', () => {
    expect(jsonDepth('{"a":[1,{"b":"[[[\\"{{"}]}')).toBe(3);
    expect(jsonDepth('1')).toBe(0);
    expect(jsonDepth('['.repeat(900_000))).toBe(LIMITS.depth + 1);
  });
  it('is refused before anything is parsed', () => {
    const read = readJson('['.repeat(900_000));
    expect(read.ok ? '' : read.faults.map((f) => f.code)).toEqual(['file-too-deep']);
  });
});
