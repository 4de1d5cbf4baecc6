import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { faultLine } from '../faults/index.ts';
import { findFood } from '../foods/index.ts';
import { readBread } from '../formats/index.ts';
import { hydrationPct } from '../formula/index.ts';
import { planClass } from '../planner/index.ts';
import { sizedClass } from '../testing/index.ts';
import { putOnMenu } from '../workshop/index.ts';
import {
  bowlOf,
  compareBreads,
  contentsOf,
  handOversOf,
  methodTimes,
  rebaseVariant,
  remarksOn,
  slackOf,
  swapIngredient,
  USUAL_BENCH,
  type Bread,
} from './index.ts';
import { pieceDiameterCm, pieceGrams, pieceThicknessMm } from './size.ts';

const FOLDER = new URL('../../../demo/breads/', import.meta.url);
const LIBRARY: readonly Bread[] = readdirSync(FOLDER)
  .sort()
  .map((file) => {
    const read = readBread(JSON.parse(readFileSync(new URL(file, FOLDER), 'utf8')));
    return read.ok ? read.value : expect.fail(`${file}: ${read.faults.map(faultLine).join('; ')}`);
  });
const bread = (id: string): Bread => LIBRARY.find((b) => b.id === id) ?? expect.fail(id);
const codes = (b: Bread): readonly string[] => remarksOn(b).map((r) => r.code);

describe('the library', () => {
  it('holds twelve breads or more, and one of every family', () => {
    expect(LIBRARY.filter((b) => b.variantOf === undefined).length).toBeGreaterThanOrEqual(12);
    expect(new Set(LIBRARY.map((b) => b.family))).toEqual(
      new Set(['unleavened', 'hot-water', 'yeasted', 'sourdough', 'chemical', 'laminated', 'filled', 'gluten-free']),
    );
  });
  it('uses every kind of step, a grill, a flame, a lid, an oil bath, a clap, a starter, and no rest at all', () => {
    const steps = LIBRARY.flatMap((b) => b.steps);
    expect(new Set(steps.map((s) => s.kind)).size).toBe(17);
    const words = JSON.stringify(LIBRARY);
    for (const word of [
      '"with":"flame"',
      '"at":"grill"',
      '"lid"',
      '"use":"bath"',
      '"id":"clap"',
      '"role":"starter"',
      '"turn":false',
      '"id":"roll-small"',
      '"id":"rub"',
      '"tempC":96',
    ])
      expect(words, word).toContain(word);
    expect(LIBRARY.some((b) => !b.steps.some((s) => 'window' in s))).toBe(true);
  });
  it('tells cue, trouble and why of every step, a caution at every fire, and how every bread keeps', () => {
    const silent = LIBRARY.flatMap((b) =>
      b.steps.filter((s) => !s.cue || !s.trouble || !s.why).map((s) => `${b.id}:${s.id}`),
    );
    const risky = LIBRARY.flatMap((b) =>
      b.steps
        .filter((s) => (s.kind === 'cook' || ('at' in s && s.at === 'flame')) && !s.caution)
        .map((s) => `${b.id}:${s.id}`),
    );
    expect([silent, risky, LIBRARY.filter((b) => !b.keep?.length).map((b) => b.id)]).toEqual([[], [], []]);
  });
  it('gives nothing to warn of, and knows every food in it', () => {
    expect(LIBRARY.flatMap((b) => remarksOn(b).map((r) => `${b.id} ${faultLine(r)}`))).toEqual([]);
    expect(LIBRARY.flatMap((b) => b.ingredients.filter((i) => !findFood(i.name)).map((i) => i.name))).toEqual([]);
  });
  it('names the allergens that its foods have', () => {
    const missing = LIBRARY.flatMap((b) =>
      b.ingredients.flatMap((i) =>
        (findFood(i.name)?.allergens ?? [])
          .filter((a) => !i.allergens?.includes(a))
          .map((a) => `${b.id}: ${i.name} lacks ${a}`),
      ),
    );
    expect(missing).toEqual([]);
  });
  it.each(['round', 'piadina', 'soda-farl', 'pocket-round-powder'])(
    'can be planned: a class of four makes %s',
    (id) => {
      const base = sizedClass({ people: 4, breads: 1, each: 1, griddles: 3 });
      const put = putOnMenu({ ...base, breads: [], menu: [], demos: [], tableTime: '23:00' }, bread(id));
      if (!put.ok) expect.fail();
      const plan = planClass(
        {
          ...put.value,
          kitchen: {
            ...put.value.kitchen,
            places: [
              { id: 'shelf', kind: 'room', tempC: 21 },
              { id: 'warm', kind: 'warm', tempC: 30 },
            ],
          },
        },
        { goal: 'short', effort: 1 },
      );
      expect(plan.broken).toEqual([]);
    },
  );
});

const rounded = (x: number): number => Number(x.toFixed(9));

describe('a piece', () => {
  it('weighs about 88 g at 18 cm and 3 mm without gas (trade arithmetic)', () => {
    expect(pieceGrams({ diameterCm: 18 }, 3, 1.15)).toBeCloseTo(87.8, 1);
  });
  it('comes back to its size from its weight', () => {
    const oval = { shape: 'oval', diameterCm: 22 };
    const g = pieceGrams(oval, 2.4, 0.75);
    expect([pieceThicknessMm(g, oval, 0.75), pieceDiameterCm(g, 2.4, 0.75, { shape: 'oval' })].map(rounded)).toEqual([
      2.4, 22,
    ]);
  });
  it('is as large as its shape: four wedges and two halves make their round', () => {
    const round = pieceGrams({ diameterCm: 20 }, 5, 1);
    expect(rounded(4 * pieceGrams({ shape: 'wedge', diameterCm: 10 }, 5, 1))).toBe(rounded(round));
    expect(rounded(6 * pieceGrams({ shape: 'wedge', diameterCm: 10, ofRound: 6 }, 5, 1))).toBe(rounded(round));
    expect(rounded(2 * pieceGrams({ shape: 'half', diameterCm: 20 }, 5, 1))).toBe(rounded(round));
    expect(pieceGrams({ shape: 'square', diameterCm: 20 }, 5, 1)).toBe(200);
    expect(pieceGrams({ shape: 'rectangle', diameterCm: 20, widthCm: 5 }, 5, 1)).toBe(50);
  });
});

describe('time', () => {
  it('adds up the chain of the soda farls by hand: 3 + 1.5 + (0.5 + 4 × 0.2) min and 705 s', () => {
    const t = methodTimes(bread('soda-farl').steps, USUAL_BENCH);
    expect(t.idealSec).toBe(180 + 90 + 78 + 705);
    expect(t.leastSec).toBe(t.mostSec);
  });
  it('stretches a proof in a cold room and leaves other rests alone', () => {
    const at = (roomC: number) =>
      methodTimes(bread('tigelle').steps, { ...USUAL_BENCH, roomC }).steps.find((s) => s.step.id === 'proof')
        ?.idealSec ?? 0;
    expect(at(11) / at(21)).toBeCloseTo(2.5, 3);
  });
  it('is shorter at the mixer, and says which rests hold the slack', () => {
    const hand = methodTimes(bread('pocket-round').steps, USUAL_BENCH);
    const mixer = methodTimes(bread('pocket-round').steps, { ...USUAL_BENCH, isMixed: true });
    expect(hand.idealSec - mixer.idealSec).toBe(60);
    expect(slackOf(hand).map((s) => s.step.id)).toEqual(['proof', 'bench-rest']);
  });
  it('lets dough be handed over where it may wait', () => {
    expect(handOversOf(bread('tigelle')).find((h) => h.stepId === 'chill')?.waitMaxMin).toBe(1440);
    expect(handOversOf(bread('soda-farl')).map((h) => h.waitMaxMin)).toEqual([5, 5, 10]);
  });
});

describe('remarks', () => {
  const round = bread('pocket-round');
  const swapStep = (id: string, part: object): Bread => ({
    ...round,
    steps: round.steps.map((s) => (s.id === id ? { ...s, ...part } : s)),
  });
  it('see a proof without leaven', () => {
    expect(codes({ ...round, ingredients: round.ingredients.filter((i) => i.role !== 'leaven') })).toEqual([
      'proof-without-leaven',
    ]);
  });
  it('see yeast in scalding water, and the missing caution', () => {
    const hot = round.ingredients.map((i) => (i.role === 'water' ? { ...i, tempC: 90 } : i));
    expect(codes({ ...round, ingredients: hot })).toEqual(['yeast-in-hot-water', 'scald-without-caution']);
  });
  it('see yogurt in hot water', () => {
    const yogurt = bread('yogurt-oval');
    const hot = yogurt.ingredients.map((i) => (i.role === 'water' ? { ...i, tempC: 66 } : i));
    expect(codes({ ...yogurt, ingredients: hot })).toContain('yogurt-in-hot-water');
    expect(codes(yogurt)).not.toContain('yogurt-in-hot-water');
  });
  it('see a batter, and none in a potato dough', () => {
    const wet = round.ingredients.map((i) => (i.role === 'water' ? { ...i, pct: 245 } : i));
    expect(codes({ ...round, ingredients: wet })).toEqual(['is-a-batter']);
    const gram = { name: 'gram flour', role: 'other', use: 'dough', pct: 60 } as const;
    expect(codes({ ...round, ingredients: [...wet, gram] })).toEqual(['is-a-batter']);
    const potato = { name: 'boiled potato', role: 'other', use: 'dough', pct: 200, waterPct: 77 } as const;
    expect(codes({ ...round, ingredients: [...round.ingredients, potato] })).not.toContain('is-a-batter');
  });
  it('see too much salt, in words', () => {
    const salty = round.ingredients.map((i) => (i.role === 'salt' ? { ...i, pct: 3.5 } : i));
    expect(remarksOn({ ...round, ingredients: salty }).map(faultLine)).toEqual([
      'ingredients[6].pct: salt is 3.5 % of the flour, expected 1 to 2.6 %',
    ]);
  });
  it('see chilled dough that is shaped cold', () => {
    expect(codes({ ...bread('tigelle'), steps: bread('tigelle').steps.filter((s) => s.id !== 'temper') })).toEqual([
      'chilled-without-tempering',
    ]);
  });
  it('see milk too long in the warm', () => {
    expect(
      codes({
        ...bread('grill-round'),
        steps: bread('grill-round').steps.map((s) =>
          s.id === 'proof' && 'window' in s ? { ...s, window: { min: 240, ideal: 300, max: 360 } } : s,
        ),
      }),
    ).toEqual(['too-long-in-the-warm']);
  });
  it('see a size that does not go with the weight', () => {
    expect(codes({ ...round, piece: { ...round.piece, diameterCm: 30 } })).toEqual(['size-disagrees']);
  });
  it('see open fire that is not staffed', () => {
    expect(
      codes({
        ...bread('grill-round'),
        steps: bread('grill-round').steps.map((s) => (s.id === 'top' && 'by' in s ? { ...s, by: 'owner' } : s)),
      }),
    ).toEqual(['fire-not-staffed']);
  });
  it('see a dough that can wait nowhere', () => {
    expect(codes(swapStep('proof', { window: { min: 45, ideal: 50, max: 55 } })).includes('no-hand-over')).toBe(true);
  });
});

describe('swaps and schools', () => {
  it('take butter for oil with the water put right and the allergen named', () => {
    const before = bread('round').ingredients;
    const at = before.findIndex((i) => i.role === 'fat' && i.use === 'dough');
    const after = swapIngredient(before, at, findFood('butter') ?? expect.fail());
    expect(after[at]).toMatchObject({ name: 'butter', allergens: ['milk'], pct: 7.14 });
    expect(hydrationPct(after)).toBeCloseTo(hydrationPct(before), 1);
  });
  it('say what a school changes in time and allergens', () => {
    const c = compareBreads(bread('yogurt-oval'), bread('yogurt-oval-soya'), USUAL_BENCH);
    expect([c.onlyLeft, c.onlyRight]).toEqual([['milk', 'animal'], ['soya']]);
    const yeast = compareBreads(bread('pocket-round'), bread('pocket-round-powder'), USUAL_BENCH);
    expect(yeast.times.left.leastSec - yeast.times.right.leastSec).toBe(1860);
    expect(yeast.steps.map((d) => d.key)).toEqual(['proof', 'knock', 'divide', 'bench-rest', 'rest']);
  });
  it('follow the parent in all that they do not override', () => {
    const [parent, variant] = [bread('pocket-round'), bread('pocket-round-powder')];
    const changed: Bread = {
      ...parent,
      holdMaxMin: 99,
      lossPct: 5,
      ingredients: parent.ingredients.map((i) => (i.role === 'salt' ? { ...i, pct: 2.1 } : i)),
      steps: parent.steps.map((s) => (s.id === 'knead' && 'minutes' in s ? { ...s, minutes: 11 } : s)),
    };
    const next = rebaseVariant(variant, parent, changed);
    expect(next.ingredients.find((i) => i.role === 'salt')?.pct).toBe(2.1);
    expect(next.ingredients.some((i) => i.name === 'instant yeast')).toBe(false);
    expect([next.lossPct, next.holdMaxMin]).toEqual([5, variant.holdMaxMin]);
    expect(next.steps.find((s) => s.id === 'knead')).toMatchObject({ minutes: 11 });
    expect(next.steps.map((s) => s.id)).toEqual(variant.steps.map((s) => s.id));
    expect(rebaseVariant(variant, parent, parent)).toEqual(variant);
  });
  it('name what may be left off', () => {
    expect(contentsOf(bread('bolani')).find((c) => c.word === 'milk')).toMatchObject({
      canBeLeftOff: true,
      ingredients: ['plain yogurt, to dip'],
    });
  });
});

describe('the water of a dough', () => {
  const room = { wantedC: 26, flourC: 20, roomC: 21, frictionC: 2, tapC: 14, kettleC: 96, kettleL: 1.7 };
  it('goes by the rule without cold dairy and by the balance with it', () => {
    const plain = bowlOf(bread('pocket-round'), 500, room);
    expect([plain?.waterC, plain?.byBalance]).toEqual([35, false]);
    const yogurt = bowlOf(bread('yogurt-oval'), 500, room);
    expect(yogurt?.byBalance).toBe(true);
    expect((yogurt?.waterC ?? 0) - (yogurt?.ruleC ?? 0)).toBeGreaterThan(3);
  });
  it('leaves scalding water scalding', () => {
    expect(bowlOf(bread('scalded-wrap'), 500, room)).toMatchObject({ waterC: 96, scaldsYeast: false });
  });
});
