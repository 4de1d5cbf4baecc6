import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { celsiusOfFahrenheit, fahrenheitOfCelsius } from '../units/index.ts';
import { dilutionFor } from './dilution.ts';
import {
  blendWater,
  needsBalance,
  proofMinutesAt,
  proofMinutesByRule,
  scaleFrom,
  setGrams,
  setPct,
  waterByBalance,
  waterByRule,
  wholeUnits,
  avoidableWords,
  mayBeLeftOff,
  yeastForTime,
  yeastPct,
} from './index.ts';
import { figuresOf } from './figures.ts';
import { nourishmentOf } from './nourish.ts';
import { ingredientSchema, type Ingredient } from './schema.ts';

const of = (name: string, role: string, pct: number, more: object = {}): Ingredient =>
  ingredientSchema.parse({ name, role, pct, ...more });
const BREAD = {
  ingredients: [
    of('plain flour', 'flour', 80),
    of('rye flour', 'flour', 20),
    of('water', 'water', 60),
    of('salt', 'salt', 2),
    of('egg', 'egg', 10, { unitG: 50, waterPct: 75 }),
  ],
  lossPct: 3,
  piece: { doughG: 80 },
};

describe('water temperature', () => {
  it('works the handbook example in °F: wanted 78, flour 70, room 72, friction 26 → 66 (Hamelman, Bread, from memory)', () => {
    // a rule of sums and differences holds in either scale, friction as a difference
    const c = {
      wantedC: celsiusOfFahrenheit(78),
      flourC: celsiusOfFahrenheit(70),
      roomC: celsiusOfFahrenheit(72),
      frictionC: (26 * 5) / 9,
    };
    expect(fahrenheitOfCelsius(waterByRule(c))).toBeCloseTo(66, 9);
  });
  it('counts a starter as the fourth part', () => {
    expect(waterByRule({ wantedC: 25, flourC: 20, roomC: 21, frictionC: 2, starterC: 24 })).toBe(
      4 * 25 - 20 - 21 - 24 - 2,
    );
  });
  it('balances heat: what comes together is as warm as wanted', () => {
    const parts = [
      { kind: 'flour', g: 500, tempC: 20 },
      { kind: 'yogurt', g: 200, tempC: 5 },
    ] as const;
    const waterC = waterByBalance(parts, 130, 26, 2) ?? expect.fail();
    const heat = (500 * 1.8 * 20 + 200 * 3.8 * 5 + 130 * 4.18 * waterC) / (500 * 1.8 + 200 * 3.8 + 130 * 4.18);
    expect(heat + 2).toBeCloseTo(26, 9);
    expect(waterByBalance(parts, 0, 26, 2)).toBeUndefined();
  });
  it('takes the balance from a third of cold liquid on', () => {
    expect([needsBalance(200, 100), needsBalance(201, 100), needsBalance(200, 0)]).toEqual([true, false, false]);
  });
  it('blends 40 °C from 15 and 95: 31 % kettle', () => {
    const b = blendWater(1000, 40, 15, 95, 1.7);
    expect([Math.round(b.share * 100), b.kettleG, b.tapG, b.kettles]).toEqual([31, 312.5, 687.5, 1]);
    expect(blendWater(12_000, 40, 15, 95, 1.7).kettles).toBe(3);
  });
  it('says what cannot be blended: colder than the tap, hotter than the kettle', () => {
    expect([blendWater(500, 5, 14, 96, 1.7).reachesC, blendWater(500, 100, 14, 96, 1.7).reachesC]).toEqual([14, 96]);
  });
});

describe('proofs', () => {
  it('bring 8 h at 20 °C to 3 to 4 h in a kitchen of 30 °C (common practice)', () => {
    const hours = (proofMinutesAt(480, 20, 30) ?? 0) / 60;
    expect(hours).toBeGreaterThan(3);
    expect(hours).toBeLessThan(4);
  });
  it('stand nearly still under 5 °C and fail where yeast stops', () => {
    expect([proofMinutesAt(60, 21, 4), proofMinutesAt(60, 21, 46)]).toEqual([undefined, undefined]);
  });
  it('go by the rule from 10 to 30 °C, and beyond by the cardinal temperatures of yeast (Rosso et al. 1993)', () => {
    const at = (tempC: number): number => proofMinutesAt(45, 21, tempC) ?? expect.fail();
    for (const tempC of [10, 15, 24, 30]) expect(at(tempC)).toBeCloseTo(proofMinutesByRule(45, 21, tempC), 9);
    // the rule makes 8 of 45 minutes at 40 °C, where yeast is past its best
    expect(proofMinutesByRule(45, 21, 40)).toBeLessThan(8);
    expect(at(40)).toBeGreaterThan(at(35));
    for (const tempC of [31, 33, 34, 36, 38, 42]) expect(at(tempC)).toBeGreaterThan(at(35));
    for (const tempC of [6, 8]) expect(at(tempC)).toBeGreaterThan(proofMinutesByRule(45, 21, tempC));
    // joined without a step
    expect(at(30.01) / at(30)).toBeCloseTo(1, 2);
    expect(at(9.99) / at(10)).toBeCloseTo(1, 2);
    // there and back is where it began, also out of the range of the rule
    expect(proofMinutesAt(at(38), 38, 21)).toBeCloseTo(45, 9);
  });
  it('take half the yeast for double the time', () => {
    expect(yeastForTime({ pct: 1, minutes: 60, tempC: 27 }, { minutes: 120, tempC: 27 })).toBeCloseTo(0.5, 9);
  });
});

describe('scaling from any one figure', () => {
  it('comes back to the same flour from pieces, dough, flour and an ingredient', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 500, noNaN: true }), (pieces) => {
        const s = scaleFrom(BREAD, { what: 'pieces', pieces }) ?? expect.fail();
        const from = [
          scaleFrom(BREAD, { what: 'dough', g: s.doughG }),
          scaleFrom(BREAD, { what: 'flour', g: s.flourG }),
          scaleFrom(BREAD, { what: 'ingredient', index: 4, g: s.flourG * 0.1 }),
        ];
        for (const f of from) expect((f?.pieces ?? 0) / pieces).toBeCloseTo(1, 9);
      }),
      { seed: 7 },
    );
  });
  it('three eggs make 150 g: with 10 % egg that is 1.5 kg of flour', () => {
    expect(scaleFrom(BREAD, { what: 'ingredient', index: 4, g: 150 })?.flourG).toBeCloseTo(1500, 6);
  });
  it('40 g of butter at 4 g a bread are ten breads, with what sticks to bowls', () => {
    const butter = of('butter', 'fat', 0, { use: 'finish', gPerPiece: 4, pct: undefined });
    const scale = scaleFrom(
      { ...BREAD, ingredients: [...BREAD.ingredients, butter] },
      { what: 'ingredient', index: 5, g: 40 },
    );
    expect([scale?.pieces, scale?.doughG]).toEqual([10, 10 * BREAD.piece.doughG * (1 + BREAD.lossPct / 100)]);
  });
  it('what can be avoided is an allergen or what it contains, and only what is beside the dough is left off', () => {
    const topping = of('lard', 'fat', 0, {
      use: 'finish',
      gPerPiece: 4,
      pct: undefined,
      optional: true,
      contains: ['pork'],
    });
    const inDough = { ...of('milk', 'milk', 10, { allergens: ['milk'] }), optional: true };
    expect([avoidableWords(topping), avoidableWords(inDough)]).toEqual([['pork'], ['milk']]);
    expect([mayBeLeftOff(topping), mayBeLeftOff(inDough)]).toEqual([true, false]);
  });
  it('weighs 0.3 g of yeast as 30 g of a solution of one in a hundred', () => {
    expect(dilutionFor(0.3)).toEqual({ stirG: 1, waterG: 99, takeG: 30 });
    expect([dilutionFor(1), dilutionFor(0)]).toEqual([undefined, undefined]);
  });
  it('offers whole eggs with the water put right', () => {
    expect(wholeUnits(BREAD.ingredients[4] ?? expect.fail(), 130)).toEqual({ count: 3, g: 150, waterG: -15 });
  });
});

describe('editing a formula', () => {
  const sum = (list: readonly Ingredient[]): number =>
    list.reduce((s, i) => s + (i.role === 'flour' ? (i.pct ?? 0) : 0), 0);
  it('keeps all flours at 100 whatever share one is given', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 100, noNaN: true }), fc.integer({ min: 0, max: 1 }), (pct, index) => {
        expect(sum(setPct(BREAD.ingredients, index, pct))).toBeCloseTo(100, 6);
      }),
      { seed: 11 },
    );
  });
  it('keeps the weight of all others when a flour is weighed anew', () => {
    const before = 1000;
    const { ingredients, flourG } = setGrams(BREAD.ingredients, 0, 1000, before);
    expect(flourG).toBe(1200);
    const water = ingredients[2]?.pct ?? 0;
    expect((water * flourG) / 100).toBeCloseTo(600, 0);
    expect(sum(ingredients)).toBeCloseTo(100, 6);
  });
});

describe('the measures of a formula', () => {
  it('counts the water in egg and names the feel', () => {
    const hydration = figuresOf(BREAD.ingredients, 'unleavened')[0];
    expect([hydration?.pct, hydration?.words]).toEqual([67.5, 'soft']);
  });
  it('names the feel by the limits that bakers use (common practice)', () => {
    const feel = (pct: number) =>
      figuresOf([of('plain flour', 'flour', 100), of('water', 'water', pct)], 'unleavened')[0]?.words;
    expect([54.9, 55, 61.9, 62, 67.9, 68, 75, 75.1].map(feel)).toEqual([
      'stiff',
      'firm',
      'firm',
      'soft',
      'soft',
      'sticky',
      'sticky',
      'wet',
    ]);
  });
  it('counts fresh yeast as a third of it dry (common practice)', () => {
    const list = [of('plain flour', 'flour', 100), of('fresh yeast', 'leaven', 3), of('instant yeast', 'leaven', 0.5)];
    expect(yeastPct(list)).toBeCloseTo(1.5, 9);
  });
  it('warns of salt under 1 and over 2.6 %', () => {
    const salt = (pct: number): boolean | undefined =>
      figuresOf([of('plain flour', 'flour', 100), of('salt', 'salt', pct)], 'unleavened').find((f) => f.id === 'salt')
        ?.isUnusual;
    expect([0.9, 1, 2.6, 2.7].map(salt)).toEqual([true, false, false, true]);
  });
  it('adds up a bread of plain flour and water by hand: 100 g of flour in it give 1 495 kJ', () => {
    const bread = {
      ingredients: [of('plain flour', 'flour', 100), of('water', 'water', 60)],
      lossPct: 0,
      piece: { doughG: 160 },
    };
    // 37 × 1.2 + 17 × 73 + 17 × 10.3 + 8 × 3
    expect(nourishmentOf(bread).kJ).toBeCloseTo(44.4 + 1241 + 175.1 + 24, 6);
  });
});
