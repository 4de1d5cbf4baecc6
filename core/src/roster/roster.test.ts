import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readClassRecord } from '../formats/index.ts';
import { faultWords } from '../faults/index.ts';
import { buildWorkshop, rawWorkshop, type RawFile } from '../testing/index.ts';
import { heldWords, linesOf, NO_NOTES, setParticipantCount, type Bread, type ClassRecord } from '../workshop/index.ts';
import { acceptNews, bookingNews, declineNews, readBookings, type Booking } from './bookings.ts';
import { freeWordsOf, withFreeWords } from './free-words.ts';
import {
  addGuests,
  addRemarks,
  admitWaiting,
  changeParticipant,
  removeParticipants,
  placesLeft,
  settleRemark,
  type NewGuest,
} from './guests.ts';
import { gapsOf, giveInstead, insteadOf } from './instead.ts';
import { moveParticipant, swapParticipants } from './moves.ts';
import { moveToKitchen, seatAll } from './seat.ts';

const record = (people: number, change?: (file: RawFile) => void): ClassRecord => ({
  workshop: buildWorkshop({ people, griddles: 3, ...(change ? { change } : {}) }),
  notes: NO_NOTES,
});
const members = ({ workshop }: ClassRecord): readonly (readonly string[])[] => workshop.stations.map((s) => s.members);
const isRight = (r: ClassRecord): boolean => readClassRecord(r).ok;
const guest = (name: string) => ({ guest: { name, avoid: [] } });

describe('guests', () => {
  it('take the free seats, and who finds none is kept waiting until a seat is free', () => {
    const start = record(3, (f) => (f['kitchen'].benches[1].seats = 3));
    const { record: full, ids } = addGuests(start, [guest('Ada'), guest('Bo'), guest('Cy')]);
    expect([ids, full.notes.waiting]).toEqual([
      ['p4', 'p5'],
      [{ guest: { name: 'Cy', avoid: [] }, why: 'no seat was free', words: [] }],
    ]);
    expect([placesLeft(full), isRight(full)]).toEqual([0, true]);
    const refused = admitWaiting(full, 0);
    expect(refused.ok ? '' : refused.faults.map(faultWords)).toEqual([expect.stringContaining('6')]);
    const left = removeParticipants(full, ['p1']);
    const admitted = left.ok ? admitWaiting(left.value, 0) : left;
    expect(admitted.ok && [admitted.value.workshop.roster.at(-1)?.name, admitted.value.notes.waiting]).toEqual([
      'Cy',
      [],
    ]);
  });
  it('take the places of those who were only counted, and stay when fewer are counted', () => {
    const counted = setParticipantCount(record(3, (f) => (f['kitchen'].benches[1].seats = 3)).workshop, 5);
    const start: ClassRecord = { workshop: counted.ok ? counted.value : expect.fail(), notes: NO_NOTES };
    const noted = addRemarks(start, 'p5', ['arrives late']);
    const ada: NewGuest = { guest: { name: 'Ada', avoid: [{ what: 'milk', level: 'strict' }] } };
    const { record: taken, ids } = addGuests(noted, [ada]);
    expect([ids, taken.workshop.roster.length, placesLeft(taken)]).toEqual([['p4'], 5, 0]);
    expect(taken.workshop.roster[3]).toMatchObject({ ...ada.guest, id: 'p4' });
    // of whom something is noted keeps the place
    expect(addGuests(taken, [guest('Bo')]).record.notes.waiting.map((w) => w.guest.name)).toEqual(['Bo']);
    expect(addGuests(start, [ada, guest('Bo')]).ids).toEqual(['p4', 'p5']);
    // who is called like one who was counted is none
    const called = addGuests(start, [guest('Guest 7'), guest('Guest 8')]).record;
    expect(called.workshop.roster.slice(3).map((p) => p.name)).toEqual(['Guest 7', 'Guest 8']);
    expect([placesLeft(called), addGuests(called, [guest('Cy')]).ids]).toEqual([0, []]);
    const alike = addGuests(start, [guest('Guest 4'), guest('Bo')]).record;
    expect(alike.workshop.roster.slice(3).map((p) => p.name)).toEqual(['Guest 4', 'Bo']);
    // those who were only counted leave first, wherever they stand
    const moved = {
      ...start.workshop,
      roster: [...start.workshop.roster.slice(3), ...start.workshop.roster.slice(0, 3)],
    };
    const named = setParticipantCount(moved, 3);
    expect(named.ok && named.value.roster.map((p) => p.id)).toEqual(['p1', 'p2', 'p3']);
    const fewer = setParticipantCount(taken.workshop, 4);
    expect(fewer.ok && fewer.value.roster.map((p) => p.id)).toEqual(['p1', 'p2', 'p3', 'p4']);
  });
  it('who avoid by now what they were to make are taken off the line', () => {
    const { workshop } = record(4, (f) => (f['menu'][0].for = ['p1', 'p2']));
    const next = changeParticipant(workshop, 'p1', { avoid: [{ what: 'gluten', level: 'strict' }] });
    expect(next.menu[0]?.for).toEqual(['p2']);
    expect(isRight({ workshop: next, notes: NO_NOTES })).toBe(true);
  });
  it('leave nobody behind in notes when they go, and the last cannot go', () => {
    const friends = {
      ...record(4),
      notes: {
        ...NO_NOTES,
        friends: [
          ['p1', 'p2'],
          ['p2', 'p3', 'p4'],
        ],
      },
    };
    const noted = {
      ...friends,
      notes: { ...friends.notes, homeMeasures: ['p1', 'p2'].map((person) => ({ person, measures: 'grams' as const })) },
    };
    const stayed = removeParticipants(noted, ['p2']);
    expect(stayed.ok && stayed.value.notes.homeMeasures.map((h) => h.person)).toEqual(['p1']);
    const left = removeParticipants(friends, ['p2']);
    expect(left.ok && left.value.notes.friends).toEqual([['p3', 'p4']]);
    expect(removeParticipants(friends, ['p1', 'p2', 'p3', 'p4']).ok).toBe(false);
  });
});

describe('what was said of somebody', () => {
  it('goes with them to their seat, stands there until it is dealt with, and leaves with them', () => {
    const words = ['severe strawberry allergy'];
    const start = record(3, (f) => (f['kitchen'].benches[1].seats = 3));
    const { record: full } = addGuests(start, [
      { guest: { name: 'Ada', avoid: [] }, words: ['arrives late'] },
      guest('Bo'),
      { guest: { name: 'Cy', avoid: [{ what: 'milk', level: 'strict' }] }, words },
    ]);
    expect(full.notes.remarks).toEqual([{ person: 'p4', words: 'arrives late', isDealtWith: false }]);
    expect(full.notes.waiting[0]?.words).toEqual(words);
    const left = removeParticipants(full, ['p4']);
    const seated = left.ok ? admitWaiting(left.value, 0) : left;
    const now = seated.ok ? seated.value : expect.fail();
    const cy = now.workshop.roster.find((p) => p.name === 'Cy');
    expect(cy?.avoid).toEqual([{ what: 'milk', level: 'strict' }]);
    expect(now.notes.remarks).toEqual([{ person: cy?.id, words: words[0], isDealtWith: false }]);
    const [open] = now.notes.remarks;
    const settled = open ? settleRemark(now, open) : expect.fail();
    expect(settled.notes.remarks.map((r) => r.isDealtWith)).toEqual([true]);
    expect(isRight(settled)).toBe(true);
  });
});

describe('a word that no list knows', () => {
  it('is compared with the names of ingredients, in singular and plural, and kept away as an allergen is', () => {
    const { workshop } = record(4, (f) => {
      f['roster'][0].avoid = [{ what: 'strawberry', level: 'strict' }];
      f['roster'][1].avoid = [{ what: 'rose hip', level: 'strict' }];
      f['breads'][0].ingredients.push({ name: 'Crushed strawberries', role: 'other', use: 'fill', gPerPiece: 10 });
    });
    expect(freeWordsOf(workshop)).toEqual([
      { word: 'rose hip', ingredients: [] },
      { word: 'strawberry', ingredients: ['Crushed strawberries'] },
    ]);
    expect(linesOf(workshop)[0]?.makers.has('p1')).toBe(true);
    const now = withFreeWords(workshop);
    expect([...(linesOf(now)[0]?.makers ?? [])]).toEqual(['p2', 'p3', 'p4']);
    expect(withFreeWords(now)).toBe(now);
    expect(isRight({ workshop: now, notes: NO_NOTES })).toBe(true);
  });
});

describe('seating', () => {
  it('moves and exchanges people; a full bench refuses, an empty one becomes a station', () => {
    const { workshop } = record(4, (f) => f['kitchen'].benches.push({ id: 'B9', seats: 1 }));
    const moved = moveParticipant(workshop, 'p1', { bench: 'B9' });
    expect(moved.ok && moved.value.stations.map((s) => [s.bench, s.members])).toEqual([
      ['B1', ['p2']],
      ['B2', ['p3', 'p4']],
      ['B9', ['p1']],
    ]);
    const full = moveParticipant(workshop, 'p1', { station: 'S2' });
    expect(full.ok ? '' : full.faults[0]?.code).toBe('no-seat');
    expect(swapParticipants(workshop, 'p1', 'p4').stations.map((s) => s.members)).toEqual([
      ['p4', 'p2'],
      ['p3', 'p1'],
    ]);
  });
  it('seats people who avoid something by themselves with a griddle of their own, friends together, stations even', () => {
    const start = record(8, (f) => {
      for (const i of [0, 5]) f['roster'][i].avoid = [{ what: 'gluten', level: 'strict' }];
      f['menu'].push({ bread: 'free', each: 1, for: ['p1', 'p6'] });
      f['breads'].push({
        ...f['breads'][0],
        id: 'free',
        ingredients: [
          { name: 'rice flour', role: 'flour', pct: 100 },
          { name: 'water', role: 'water', pct: 75 },
        ],
      });
      f['kitchen'].benches.push({ id: 'B9', seats: 2 });
    });
    const seated = seatAll({ ...start, notes: { ...NO_NOTES, friends: [['p2', 'p8']] } });
    const groups = members(seated).map((m) => [...m].sort().join(' '));
    expect(groups).toContain('p1 p6');
    expect(groups).toContain('p2 p8');
    expect(members(seated).map((m) => m.length)).toEqual([2, 2, 2, 2]);
    const own = seated.workshop.stations.find((s) => s.members.includes('p1'));
    expect(own?.griddles).toEqual(['G3']);
    expect(seated.workshop.stations.filter((s) => s !== own).map((s) => s.griddles)).toEqual(
      Array.from({ length: 3 }, () => ['G1', 'G2']),
    );
    expect(isRight(seated)).toBe(true);
  });
  it('seats everybody once and never beyond a bench, whoever comes with whom', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 14 }),
        fc.array(fc.uniqueArray(fc.integer({ min: 1, max: 14 }), { minLength: 2, maxLength: 3 }), { maxLength: 4 }),
        fc.array(fc.integer({ min: 1, max: 14 }), { maxLength: 4 }),
        (people, groups, avoiders) => {
          const start = record(people, (f) => {
            f['roster'].forEach((p: RawFile, i: number) => {
              if (avoiders.includes(i + 1)) p['avoid'] = [{ what: 'gluten' }];
            });
          });
          const friends = groups
            .map((g) => g.filter((n) => n <= people).map((n) => `p${n}`))
            .filter((g) => g.length > 1);
          const seated = seatAll({ ...start, notes: { ...NO_NOTES, friends } });
          expect([...members(seated)].flat().sort()).toEqual(start.workshop.roster.map((p) => p.id).sort());
          for (const b of seated.workshop.kitchen.benches) {
            const there = seated.workshop.stations.filter((s) => s.bench === b.id).flatMap((s) => s.members);
            expect(there.length).toBeLessThanOrEqual(b.seats);
          }
        },
      ),
      { seed: 7, numRuns: 60 },
    );
  });
});

describe('another kitchen', () => {
  const start = record(4, (f) => (f['stations'][0].griddles = ['G2']));
  const { kitchen } = start.workshop;
  const moved = (benches: readonly { readonly id: string; readonly seats: number }[]) =>
    moveToKitchen(start, 'k2', {
      ...kitchen,
      name: 'Elsewhere',
      benches: [...benches],
      griddles: kitchen.griddles.slice(0, 1),
    });
  it('keeps everybody at the benches that it has too, and frees the griddles', () => {
    const same = moved([
      { id: 'B2', seats: 2 },
      { id: 'B1', seats: 3 },
    ]);
    expect(same.ok && [members(same.value), same.value.workshop.stations[0]?.griddles, isRight(same.value)]).toEqual([
      [
        ['p1', 'p2'],
        ['p3', 'p4'],
      ],
      undefined,
      true,
    ]);
    expect(same.ok && same.value.notes.kitchen?.asTaken.name).toBe('Elsewhere');
  });
  it('seats all anew where benches are others or smaller, and is refused where seats are too few', () => {
    const other = moved([
      { id: 'long', seats: 3 },
      { id: 'short', seats: 2 },
    ]);
    expect(other.ok && [...members(other.value)].flat().sort()).toEqual(['p1', 'p2', 'p3', 'p4']);
    expect(other.ok && isRight(other.value)).toBe(true);
    expect(moved([{ id: 'B1', seats: 3 }]).ok).toBe(false);
  });
});

describe('something instead', () => {
  const start = record(4, (f) => (f['roster'][1].avoid = [{ what: 'gluten' }]));
  const [flat] = start.workshop.breads;
  const rice = { name: 'rice flour', role: 'flour', use: 'dough', pct: 100 } as const;
  const onShelf = (b: Bread) => ({
    id: b.id,
    name: b.name,
    variantOf: b.variantOf ?? null,
    family: b.family,
    holds: [...heldWords(b)],
  });
  const library = flat
    ? [
        { ...flat, id: 'oats', family: 'gluten-free' as const, ingredients: [rice] },
        { ...flat, id: 'flat-rice', variantOf: 'flat', ingredients: [rice] },
        { ...flat, id: 'flat-rye', variantOf: 'flat' },
      ]
    : [];
  it('is proposed for everyone who misses a bread: variants first, nothing that they avoid', () => {
    const [gap] = gapsOf(start.workshop);
    expect(gap).toEqual({ bread: 'flat', people: ['p2'], words: ['gluten'], isLeftWithout: true });
    expect(gap && insteadOf(start.workshop, gap, library.map(onShelf)).map((i) => [i.bread.id, i.isVariant])).toEqual([
      ['flat-rice', true],
      ['oats', false],
    ]);
  });
  it('closes the gap once it is taken, for those who miss the bread and for nobody else', () => {
    const [gap] = gapsOf(start.workshop);
    const [first] = gap ? insteadOf(start.workshop, gap, library.map(onShelf)) : [];
    const bread = library.find((b) => b.id === first?.bread.id);
    const given = gap && bread && giveInstead(start.workshop, gap, bread);
    expect(given?.ok && given.value.menu[1]).toMatchObject({ bread: 'flat-rice', each: 1, for: ['p2'] });
    expect(given?.ok && gapsOf(given.value)).toEqual([]);
    expect(given?.ok && isRight({ workshop: given.value, notes: NO_NOTES })).toBe(true);
  });
});

describe('bookings', () => {
  const booking = (ref: string, changed: string, ...people: string[]): Booking => ({
    ref,
    changed,
    status: 'booked',
    people: people.map((name) => ({ name, avoids: name === 'Noor' ? 'no dairy' : '' })),
  });
  const start = record(2, (f) => f['kitchen'].benches.push({ id: 'B9', seats: 4 }));
  const take = (r: ClassRecord, list: readonly Booking[]): ClassRecord =>
    bookingNews(r, list).reduce((now, news) => {
      const next = acceptNews(now, news);
      return next.ok ? next.value : expect.fail();
    }, r);

  it('come as JSON or as CSV with the same content', () => {
    const json = JSON.stringify({ bookings: [booking('A1', 't1', 'Noor', 'Teo')] });
    const csv = '\ufeffref,changed,status,name,avoids\nA1,t1,booked,Noor,no dairy\nA1,t1,booked,Teo,\n';
    expect(readBookings(csv, 'text/csv; charset=utf-8')).toEqual(readBookings(json, 'application/json'));
    expect(readBookings('{"bookings": [', 'application/json')).toMatchObject({ ok: false });
    expect(readBookings('{"bookings": [{"ref": "A1"}]}', 'application/json')).toMatchObject({ ok: false });
  });
  it('are offered once: taken, changed, cancelled; a declined one only when it changes again', () => {
    const first = take(start, [booking('A1', 't1', 'Noor', 'Teo')]);
    expect(first.workshop.roster.slice(2).map((p) => [p.name, p.avoid.map((a) => a.what)])).toEqual([
      ['Noor', ['milk']],
      ['Teo', []],
    ]);
    expect(first.notes.friends).toEqual([['p3', 'p4']]);
    expect(bookingNews(first, [booking('A1', 't1', 'Noor', 'Teo')])).toEqual([]);
    const [changed] = bookingNews(first, [booking('A1', 't2', 'Noor')]);
    expect([changed?.kind, changed?.people.map((p) => p.id)]).toEqual(['changed', ['p3', 'p4']]);
    const second = take(first, [booking('A1', 't2', 'Noor')]);
    expect(second.workshop.roster.map((p) => p.name)).toEqual(['P1', 'P2', 'Noor']);
    const cancelled: Booking = { ...booking('A1', 't3', 'Noor'), status: 'cancelled' };
    const [news] = bookingNews(second, [cancelled]);
    const kept = news ? declineNews(second, news) : second;
    expect(bookingNews(kept, [cancelled])).toEqual([]);
    expect(bookingNews(kept, [{ ...cancelled, changed: 't4' }])).toHaveLength(1);
    expect(take(second, [cancelled]).workshop.roster.map((p) => p.name)).toEqual(['P1', 'P2']);
  });
  it('keep those waiting of whom it is not clear what they avoid', () => {
    const odd: Booking = { ...booking('B2', 't1'), people: [{ name: 'Ilse', avoids: 'the usual' }] };
    const after = take(start, [odd]);
    expect(after.workshop.roster).toHaveLength(2);
    expect(after.notes.waiting).toEqual([
      {
        guest: { name: 'Ilse', avoid: [] },
        why: 'it is not clear what "the usual" means',
        words: ['the usual'],
        ref: 'B2',
      },
    ]);
    expect(bookingNews(after, [odd])).toEqual([]);
    expect(take(after, [{ ...odd, changed: 't2', status: 'cancelled' }]).notes.waiting).toEqual([]);
    const mended = take(after, [{ ...odd, changed: 't2', people: [{ name: 'Ilse', avoids: 'egg' }] }]);
    expect([mended.notes.waiting, mended.workshop.roster.at(-1)?.name]).toEqual([[], 'Ilse']);
  });
});

it('a workshop file alone is a class with empty notes, and a fault of the notes names its path', () => {
  expect(readClassRecord(rawWorkshop())).toMatchObject({ ok: true, value: { notes: { bought: [], scaleG: 1 } } });
  const bad = readClassRecord({ workshop: rawWorkshop(), notes: { scaleG: 3, mood: 'good' }, more: 1 });
  expect(bad.ok ? [] : bad.faults.map((f) => f.path).sort()).toEqual(['more', 'notes.mood', 'notes.scaleG']);
});
