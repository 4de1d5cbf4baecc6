import { describe, expect, it } from 'vitest';
import demoSunday from '../../../demo/class-sunday.json';
import demoPantry from '../../../demo/pantry.json';
import { readPantry, readWorkshop } from '../formats/index.ts';
import { windowOf } from '../plan/index.ts';
import { findBrokenRules, kettleCalls, planClass } from '../planner/index.ts';
import { buildWorkshop } from '../testing/index.ts';
import { clockText } from '../units/index.ts';
import { batchesOf, linesOf, type Workshop } from '../workshop/index.ts';
import { aheadList } from './ahead.ts';
import { allergenPage } from './allergens.ts';
import { doughCards } from './cards.ts';
import { kitNeeds, setKit } from './kit.ts';
import { changePantry, shoppingList } from './shopping.ts';
import { classTotals } from './totals.ts';
import { weighRow } from './weigh.ts';
import type { Pantry } from '../kitchen/index.ts';

const must = <T>(r: { readonly ok: true; readonly value: T } | { readonly ok: false }): T =>
  r.ok ? r.value : expect.fail();
const sunday: Workshop = must(readWorkshop(demoSunday));
const plan = planClass(sunday, { effort: 1 });
const pantry: Pantry = must(readPantry(demoPantry));
const how = { scaleG: 1, measures: 'none' } as const;
const cards = doughCards(sunday, plan, how);

describe('dough cards', () => {
  it('stand for the batches of the plan file, each to a tenth of a gram', () => {
    expect(cards.map((c) => c.id).sort()).toEqual(plan.batches.map((b) => b.id).sort());
    const inFile = new Map(plan.batches.map((b) => [b.id, b]));
    for (const card of cards) {
      const batch = inFile.get(card.id);
      expect(card.doughG).toBeCloseTo(batch?.doughG ?? NaN, 2);
      for (const row of [...card.rows, ...card.outside]) {
        const g = batch?.ingredients.find((i) => i.name === row.name && (i.use ?? 'dough') === row.use)?.g ?? NaN;
        expect(row.g).toBeCloseTo(g, 2);
      }
    }
    // whatever the plan file lists stands on some card: a mother's own, or a share's beside the dough
    const shown = new Set(cards.flatMap((c) => [...c.rows, ...c.outside].map((r) => `${c.id} ${r.name}`)));
    const missing = plan.batches
      .filter((b) => b.mother === null)
      .flatMap((b) =>
        b.ingredients
          .filter((i) => i.g > 0 && (b.station !== null || i.use === undefined))
          .map((i) => `${b.id} ${i.name}`),
      );
    expect(missing.filter((m) => !shown.has(m))).toEqual([]);
  });
  it('put the water first with what is kept back, and give a share its weight out of the mother batch', () => {
    const own = cards.find((c) => c.id === 'yogurt-oval@S2');
    expect(own?.rows[0]).toMatchObject({ name: 'warm water', text: '65 g', first: '59 g', keptBack: '7 g' });
    const share = cards.find((c) => c.id === 'barley-hearth@S2');
    expect([share?.kind, share?.rows, share?.from]).toEqual(['share', [], 'Staff, dough 1']);
    const mother = cards.find((c) => c.kind === 'mother');
    expect(mother?.shares.find((s) => s.title === 'Station 2')?.doughG).toBeCloseTo(share?.doughG ?? NaN);
    expect(mother?.shares.reduce((sum, s) => sum + s.doughG, 0)).toBeCloseTo(mother?.doughG ?? NaN);
  });
  it('weigh no topping that nobody of the station has on their bread', () => {
    const beside = (id: string) => (cards.find((c) => c.id === id)?.outside ?? []).map((r) => r.name);
    // at Station 1 both avoid milk, at Station 2 nobody
    expect(beside('coil-round@S1')).toContain('rapeseed oil, to brush');
    expect(beside('coil-round@S1')).not.toContain('butter, to brush');
    expect(beside('coil-round@S2')).toContain('butter, to brush');
    expect(beside('coil-round@S2')).not.toContain('rapeseed oil, to brush');
  });
  it('tell where a dough rests, at that place’s warmth and in the plan’s times, and how long milk is out of the fridge', () => {
    const mother = cards.find((c) => c.kind === 'mother');
    const proof = mother?.rests.find((r) => r.step.id === 'proof');
    expect([proof?.place, proof?.tempC]).toEqual(['the warm box', 31]);
    const task = plan.tasks.find((t) => t.id === `${mother?.id ?? ''}:proof`);
    expect([proof?.fromSec, proof?.idealSec]).toEqual([task?.startSec, task && windowOf(task)?.idealSec]);
    const milky = cards.find((c) => c.id === 'yogurt-oval@S2');
    const mix = plan.tasks.find((t) => t.id === 'yogurt-oval@S2:mix');
    const last = Math.max(
      ...plan.tasks
        .filter(
          (t) =>
            t.bread === 'yogurt-oval' &&
            t.step === 'cook' &&
            t.people.some((p) => ['p1', 'p2', 'p5', 'p6'].includes(p)),
        )
        .map((t) => t.startSec),
    );
    expect(milky?.cold).toMatchObject({
      what: ['plain yogurt'],
      limitSec: 14_400,
      outSec: last - (mix?.startSec ?? NaN),
    });
    expect(cards.find((c) => c.id === 'coil-round@S2')?.cold).toBeUndefined();
  });
  it('say of milk out of the fridge what the checker finds: a limit a minute under it is broken, at it is not', () => {
    const outSecs = cards.flatMap((c) => (c.cold ? [c.cold.outSec] : []));
    expect(outSecs.length).toBeGreaterThan(1);
    const most = Math.max(...outSecs);
    const coldBroken = (safeOutMin: number) =>
      findBrokenRules({ ...sunday, kitchen: { ...sunday.kitchen, safeOutMin } }, plan).filter((b) => b.rule === 'R14');
    expect(coldBroken(most / 60)).toEqual([]);
    expect(Math.max(...coldBroken(most / 60 - 1).map((b) => b.bySec ?? 0))).toBe(60);
  });
});

describe('a weight on a scale', () => {
  const row = (
    name: string,
    role: 'leaven' | 'egg' | 'salt' | 'flour',
    g: number,
    scaleG: 0.01 | 0.1 | 1 | 5,
    batches = 1,
  ) =>
    weighRow(
      { name, role, use: 'dough', pct: 1, ...(role === 'egg' ? { unitG: 50, waterPct: 75 } : {}) },
      { name, use: 'dough', g, heldBackG: 0 },
      { scaleG, measures: 'none' },
      batches,
    );
  it('is rounded to what the scale shows, and told exactly with a way out where that would be more than 5 % off', () => {
    expect(row('flour', 'flour', 242.4, 5).text).toBe('240 g');
    expect(row('fine salt', 'salt', 4.36, 0.1)).toMatchObject({ text: '4.4 g', hints: [] });
    expect(row('baking soda', 'leaven', 0.8, 1)).toMatchObject({
      text: '0.80 g',
      hints: ['finer than this scale: about ⅛ tsp'],
    });
    expect(row('fine salt', 'salt', 4.36, 5, 6).hints).toEqual([
      'finer than this scale: weigh 25 g once and part it in 6',
    ]);
    expect(row('instant yeast', 'leaven', 0.3, 0.1).hints).toEqual([]);
    expect(row('instant yeast', 'leaven', 0.34, 1).hints).toEqual([
      'finer than this scale: stir 1.00 g into 99 g of water and take 34 g of it, less water in the bowl',
    ]);
  });
  it('counts eggs with the water corrected, and sachets of yeast', () => {
    // 144 g of egg: three of 50 g bring 6 g more, three quarters of it water
    expect(row('egg', 'egg', 144, 1).hints).toEqual(['3 whole (150 g), 4.5 g less water, or beaten by weight']);
    expect(row('instant yeast', 'leaven', 7.05, 0.1).hints).toEqual(['1 sachet of 7 g']);
    expect(row('instant yeast', 'leaven', 10.5, 0.1).hints).toEqual(['1½ sachets of 7 g']);
    expect(row('instant yeast', 'leaven', 9, 0.1).hints).toEqual([]);
  });
});

describe('totals', () => {
  it('by station and by person add up to the class, spares apart', () => {
    const { all, stations, people } = classTotals(sunday);
    const whole = all.reduce((sum, t) => sum + t.g, 0);
    const of = (parts: typeof stations): number => parts.reduce((s, p) => s + p.totals.reduce((x, t) => x + t.g, 0), 0);
    expect(of(stations)).toBeCloseTo(whole, 6);
    // the one bread that the demonstration shows is nobody's
    const shown = batchesOf(sunday, linesOf(sunday)).find((b) => b.id === 'yogurt-oval@S2') ?? expect.fail();
    const spareG = shown.scaled.ingredients.reduce((sum, i) => sum + i.g, 0) / shown.pieces.length;
    expect(of(people)).toBeCloseTo(whole - spareG, 6);
    expect(people.reduce((n, p) => n + p.pieces, 0)).toBe(
      plan.batches.filter((b) => b.mother !== null || b.station !== null).reduce((n, b) => n + b.pieces.length, 0) - 1,
    );
  });
  it('give nobody what they leave off, but what goes on in its place', () => {
    const { all, people } = classTotals(sunday);
    const gramsOf = (id: string, name: string) =>
      people.find((p) => p.id === id)?.totals.find((t) => t.name === name)?.g ?? 0;
    const [butter, oil] = ['butter, to brush', 'rapeseed oil, to brush'];
    // ten of twelve make a coil with butter, the two who avoid milk with oil; 3 g each
    expect(['p1', 'p4', 'p9'].map((p) => [gramsOf(p, butter), gramsOf(p, oil)])).toEqual([
      [3, 0],
      [0, 3],
      [0, 3],
    ]);
    expect([butter, oil].map((name) => all.find((t) => t.name === name)?.g)).toEqual([30, 6]);
  });
});

describe('shopping', () => {
  const list = shoppingList(sunday, pantry);
  const item = (what: string) => list.items.find((i) => i.what === what) ?? expect.fail();
  it('takes what is needed less the stock in whole packs, and tells what is left over and what it costs', () => {
    const flour = item('plain wheat flour');
    const need = classTotals(sunday)
      .all.filter((t) => t.name.startsWith('plain wheat flour'))
      .reduce((s, t) => s + t.g, 0);
    expect(flour).toMatchObject({ haveG: 1200, packG: 1500, packs: 1, isEstimate: false });
    expect(flour.needG).toBeCloseTo(need);
    expect(flour.leftG).toBeCloseTo(1200 + 1500 - need);
    expect(flour.cost).toBe(1.65);
    expect(flour.usedCost).toBeCloseTo((need / 1500) * 1.65);
    expect(list.costPerPerson * 12).toBeCloseTo(list.items.reduce((s, i) => s + i.cost, 0));
    expect(list.items.some((i) => i.what.includes('water'))).toBe(false);
  });
  it('follows the pantry: enough in the store buys nothing', () => {
    const stocked = shoppingList(sunday, changePantry(pantry, 'plain wheat flour', { haveG: 5000 }));
    expect(stocked.items.find((i) => i.what === 'plain wheat flour')).toMatchObject({ packs: 0, cost: 0 });
    const named = changePantry(pantry, 'honey', { packG: 340, packPrice: 4 });
    expect(shoppingList(sunday, named).items.find((i) => i.what === 'honey')).toMatchObject({
      packs: 1,
      isEstimate: false,
      cost: 4,
    });
  });
  it('says on the card of every dough what is to be minded with those who get a piece of it', () => {
    const avoider = sunday.roster.find((p) => p.avoid.some((a) => a.what === 'milk')) ?? expect.fail();
    const remarks = [{ person: avoider.id, words: 'severe strawberry allergy', isDealtWith: false }];
    const own = doughCards(sunday, plan, how, remarks).filter((c) => c.care.some((l) => l.startsWith(avoider.name)));
    const pieces = plan.batches.filter((b) => b.pieces.some((p) => p.includes(`/${avoider.id}/`))).map((b) => b.id);
    expect(own.filter((c) => c.kind !== 'practice').map((c) => c.id)).toEqual(expect.arrayContaining(pieces));
    expect(own[0]?.care.join()).toContain('“severe strawberry allergy”');
  });
});

describe('ahead of class', () => {
  const { items, troubles } = aheadList(sunday, plan, 4);
  it('lists what staff do in the order of time, each no earlier at the latest than at best, all before the doors', () => {
    expect(troubles).toEqual([]);
    const early = plan.tasks.filter((t) => t.startSec < 0 && t.kind !== 'rest');
    expect(early.length).toBeGreaterThan(2);
    for (const t of early) expect(items.find((i) => i.id === t.id)?.bestSec).toBe(t.startSec);
    for (const i of items) expect(i.latestSec).toBeGreaterThanOrEqual(i.bestSec);
    for (const i of items) expect(i.latestSec + i.lastsSec).toBeLessThanOrEqual(0);
    expect(items.map((i) => i.bestSec)).toEqual(items.map((i) => i.bestSec).sort((a, b) => a - b));
  });
  it('keeps the least rests when everything is done as late as can be', () => {
    const mother = plan.batches.find((b) => b.mother === null && b.station === null)?.id ?? '';
    const latest = (step: string): number => items.find((i) => i.id === `${mother}:${step}`)?.latestSec ?? NaN;
    const rest = plan.tasks.find((t) => t.id === `${mother}:first-rest`);
    const mix = plan.tasks.find((t) => t.id === `${mother}:mix`);
    const lasts = (mix?.endSec ?? 0) - (mix?.startSec ?? 0);
    expect(latest('fold-1') - (latest('mix') + lasts)).toBeGreaterThanOrEqual((rest && windowOf(rest)?.minSec) ?? NaN);
  });
  it('says when dough comes out of the fridge, and who is missing where no prep time is set', () => {
    const chilled = buildWorkshop({
      tableTime: '13:00',
      change: (f) => {
        f['prepTimes'] = [
          { from: '2027-03-05T15:00', to: '2027-03-05T18:00' },
          { from: '2027-03-06T08:00', to: '2027-03-06T10:00' },
        ];
        f['kitchen'].places.push({ id: 'fridge', kind: 'fridge', tempC: 4 });
        const { steps } = f['breads'][0];
        steps.splice(
          1,
          1,
          { id: 'chill', kind: 'chill', per: 'batch', at: 'fridge', window: { min: 720, ideal: 900, max: 1200 } },
          { id: 'temper', kind: 'temper', per: 'batch', at: 'room', window: { min: 60, ideal: 90, max: 180 } },
        );
        f['menu'][0].dough = { mode: 'ahead', through: 'temper' };
      },
    });
    const cold = planClass(chilled, { effort: 1 });
    expect(cold.broken).toEqual([]);
    const out = aheadList(chilled, cold, 0).items.find((i) => i.id.endsWith('chill:out'));
    expect(out?.words).toBe('Plain flat, the dough: out of the fridge, for its temper');
    const task = cold.tasks.find((t) => t.step === 'chill');
    expect(clockText(chilled, out?.bestSec ?? 0)).toBe(clockText(chilled, task?.endSec ?? NaN));
    const without = { ...chilled, prepTimes: [] };
    expect(aheadList(without, planClass(without, { effort: 0 }), 4).troubles[0]).toMatch(/^No prep time is set/);
  });
});

describe('kit', () => {
  it('counts a pin a person once for all breads, a bowl for each dough, and names what is short', () => {
    const needs = kitNeeds(sunday, plan);
    const of = (what: string) => needs.find((k) => k.what === what);
    // everybody rolls something; two breads of one person need one pin
    expect(of('rolling pin')).toMatchObject({ total: 12, has: 11, short: 1 });
    const doughs = plan.batches.filter((b) => b.station !== null);
    expect(of('mixing bowl')?.total).toBe(doughs.length);
    expect(needs[0]?.short).toBe(1);
    const most = Math.max(...kettleCalls(sunday, plan).map((c) => c.kettles));
    expect(of('kettle')?.total).toBe(most);
    const enough = kitNeeds({ ...sunday, kitchen: setKit(sunday.kitchen, 'Rolling pins', 12) }, plan);
    expect(enough.find((k) => k.what === 'rolling pin')?.short).toBe(0);
  });
  it('takes what is usual for a step that names no kit, boxes for what goes home', () => {
    const plain = buildWorkshop({ people: 4, change: (f) => (f['service'] = 'take-home') });
    const needs = kitNeeds(plain, planClass(plain, { effort: 0 }));
    const total = (what: string): number => needs.find((k) => k.what === what)?.total ?? 0;
    expect([total('mixing bowl'), total('rolling pin'), total('turner'), total('box for taking home')]).toEqual([
      2, 4, 2, 4,
    ]);
  });
});

describe('allergens', () => {
  const page = allergenPage(sunday, plan);
  it('tell who avoids what, what they make and what not, and why', () => {
    expect(page.avoiders.find((a) => a.name === 'Dmitri')).toMatchObject({
      station: 'Station 1',
      makes: [
        { bread: 'Coiled spring onion rounds' },
        { bread: 'Barley hearth cakes' },
        { bread: 'Ovals with soya yogurt' },
      ],
      misses: [{ bread: 'Yogurt ovals', words: ['milk'], because: ['plain yogurt', 'butter'] }],
    });
    expect(page.cannotPromise[0]).toBe('No trace of milk cannot be promised: others in this room work with it.');
  });
  it('order the fires as the plan does, every piece once', () => {
    const cooked = plan.tasks.filter((t) => t.at?.kind === 'griddle' && t.piece !== undefined).length;
    const onGriddles = page.fires.filter((f) => f.id.startsWith('G')).flatMap((f) => f.turns);
    expect(onGriddles.reduce((n, t) => n + t.count, 0)).toBe(cooked);
    for (const f of page.fires)
      expect(f.turns.map((t) => t.fromSec)).toEqual(f.turns.map((t) => t.fromSec).sort((a, b) => a - b));
  });
  it('never promise a coeliac anything where wheat is worked, and always say what holds for every class', () => {
    const coeliac = buildWorkshop({ people: 4, change: (f) => (f['roster'][0].avoid = [{ what: 'gluten' }]) });
    expect(allergenPage(coeliac, null).cannotPromise[0]).toMatch(/“Gluten-free” cannot be promised/);
    expect(allergenPage(coeliac, null).cautions.map((c) => c.words)).toContain(
      'Raw flour and raw dough are not eaten.',
    );
  });
});
