import { describe, expect, it } from 'vitest';
import { faultLine } from '../faults/index.ts';
import { buildWorkshop } from '../testing/index.ts';
import {
  batchesOf,
  careLines,
  careOf,
  careWords,
  linesOf,
  setBreadsEach,
  setGriddleCount,
  setParticipantCount,
  totalsOf,
  type Workshop,
} from './index.ts';

const batches = (w: Workshop) => batchesOf(w, linesOf(w));
const taken = (result: ReturnType<typeof setParticipantCount>): Workshop =>
  result.ok ? result.value : expect.fail(result.faults.map(faultLine).join());

describe('batches', () => {
  it('counts spares in the dough and gives them no owner', () => {
    const w = buildWorkshop({ people: 2, each: 2, change: (f) => (f['menu'][0].spares = 1) });
    const [batch] = batches(w);
    expect(batch?.pieces.map((p) => p.id)).toEqual([
      'flat/p1/1',
      'flat/p1/2',
      'flat/p2/1',
      'flat/p2/2',
      'flat/spare-S1/1',
    ]);
    expect(batch?.scaled.doughG).toBeCloseTo(5 * 80 * 1.03, 9);
  });
  it('gives breads per station to whoever owns the fewest so far, over all lines', () => {
    const w = buildWorkshop({
      people: 3,
      perStation: 3,
      change: (f) => {
        f['breads'].push({ ...f['breads'][0], id: 'extra' });
        f['menu'][0].for = ['p1', 'p3'];
        f['menu'].push({ bread: 'extra', each: 4, per: 'station' });
      },
    });
    expect(batches(w)[1]?.pieces.map((p) => p.owner)).toEqual(['p2', 'p1', 'p2', 'p3']);
  });
  it('leaves a bread to those who can eat it, and an optional finish off the pieces of those who avoid it', () => {
    const w = buildWorkshop({
      people: 4,
      change: (f) => {
        f['roster'][0].avoid = [{ what: 'gluten' }];
        f['roster'][2].avoid = [{ what: 'milk', level: 'diet' }];
        f['breads'][0].ingredients.push({
          name: 'butter',
          role: 'fat',
          use: 'finish',
          gPerPiece: 4,
          allergens: ['milk'],
          optional: true,
        });
      },
    });
    expect(batches(w).map((b) => b.team)).toEqual([['p2'], ['p3', 'p4']]);
    expect(batches(w)[1]?.scaled.ingredients.at(-1)?.g).toBe(4);
  });
  it('adds up to the totals of the class', () => {
    const w = buildWorkshop({ people: 5, each: 3 });
    const [flour] = totalsOf(batches(w));
    expect(flour?.g).toBeCloseTo(((15 * 80 * 1.03) / 162) * 100, 6);
  });
});

describe('changes of a class', () => {
  it('seats new people where there is room, else at a new station of an empty bench', () => {
    const w = buildWorkshop({ people: 3, change: (f) => f['kitchen'].benches.push({ id: 'B3', seats: 2 }) });
    const next = taken(setParticipantCount(w, 5));
    expect(next.stations.map((s) => [s.id, s.bench, s.members])).toEqual([
      ['S1', 'B1', ['p1', 'p2']],
      ['S2', 'B2', ['p3', 'p4']],
      ['S3', 'B3', ['p5']],
    ]);
    expect(next.roster[4]?.name).toBe('Guest 5');
  });
  it('goes back to where it was', () => {
    const w = buildWorkshop({ people: 4 });
    expect(taken(setParticipantCount(taken(setParticipantCount(w, 2)), 2)).stations).toHaveLength(1);
  });
  it('refuses more people than there are seats', () => {
    const refused = setParticipantCount(buildWorkshop({ people: 4 }), 5);
    expect(refused.ok ? [] : refused.faults.map(faultLine)).toEqual([
      'roster: would be 5, expected at most the 4 seats of the benches',
    ]);
  });
  it('adds griddles like the last and takes them off the stations with them', () => {
    const w = buildWorkshop({ griddles: 2, change: (f) => (f['stations'][0].griddles = ['G2']) });
    expect(taken(setGriddleCount(w, 4)).kitchen.griddles.map((g) => g.id)).toEqual(['G1', 'G2', 'G3', 'G4']);
    expect(taken(setGriddleCount(w, 1)).stations[0]).not.toHaveProperty('griddles');
  });
  it('sets the breads each of one line alone', () => {
    expect(taken(setBreadsEach(buildWorkshop(), 'flat', 3)).menu[0]?.each).toBe(3);
    expect(setBreadsEach(buildWorkshop(), 'rye', 3).ok).toBe(false);
  });
});

describe('what is to be minded with somebody', () => {
  const w = buildWorkshop({
    people: 3,
    change: (f) => {
      f['roster'][0].avoid = [
        { what: 'milk', level: 'strict' },
        { what: 'sesame', level: 'strict' },
        { what: 'pork', level: 'diet' },
      ];
      f['breads'][0].ingredients.push(
        { name: 'butter', role: 'fat', use: 'finish', gPerPiece: 4, optional: true, allergens: ['milk'] },
        { name: 'salt flakes', role: 'salt', use: 'finish', gPerPiece: 1, optional: true },
      );
    },
  });
  const remarks = [
    { person: 'p1', words: 'left-handed', isDealtWith: false },
    { person: 'p1', words: 'arrives late', isDealtWith: true },
  ];
  it('is what they avoid, what is left off their bread, and what nobody has dealt with', () => {
    expect(careOf(w, remarks, 'p1', 'flat')).toEqual({
      avoids: 'no milk, sesame; by choice no pork',
      leftOff: ['butter'],
      inPlace: [],
      open: ['left-handed'],
    });
    expect(careWords(w, remarks, 'p1', 'flat')).toBe(
      'no milk, sesame; by choice no pork · without butter · “left-handed”',
    );
    expect(careLines(w, remarks, ['p1', 'p2', 'p1'], 'flat')).toEqual([
      'P1: no milk, sesame; by choice no pork · without butter · “left-handed”',
    ]);
  });
});
