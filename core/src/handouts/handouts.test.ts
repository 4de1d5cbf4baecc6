import { beforeAll, describe, expect, it } from 'vitest';
import sodaFarl from '../../../demo/breads/soda-farl.json' with { type: 'json' };
import { bowlOf, keepText } from '../bread/index.ts';
import { readBread } from '../formats/index.ts';
import { isOnFire, ownerOf, stepWords, turnsOf } from '../plan/index.ts';
import { bowlConditions, findBrokenRules } from '../planner/index.ts';
import { runningClass, type RunningClass } from '../testing/index.ts';
import { celsiusText, clockText, dayText, durationText, gramsOnScale, gramsText } from '../units/index.ts';
import { personName, type ClassRecord, type Workshop } from '../workshop/index.ts';
import {
  homeRecipes,
  labelsOf,
  rowsOn,
  LABEL_SHEETS,
  SHEET_KINDS,
  sheetOf,
  wantedSheets,
  type Sheet,
  type SheetCard,
  type SheetKind,
} from './index.ts';
import { LEAST_PT } from './label-sheets.ts';
import { HAND_ROOM, parted } from './parted.ts';
import { card, row } from './sheet.ts';

let cls: RunningClass;
const sheets = new Map<SheetKind, Sheet>();
const made = (kind: SheetKind): Sheet => {
  const { record, plan } = cls;
  const sheet = sheets.get(kind) ?? sheetOf(kind, { record, plan, pantry: undefined, home: { inPan: 1 } });
  if (!sheet) expect.fail(`${kind} is not made`);
  sheets.set(kind, sheet);
  return sheet;
};
const labelOf = (record: ClassRecord, name: string): SheetCard => {
  const labels = sheetOf('bread-labels', { record, plan: cls.plan, pantry: undefined, home: { inPan: 1 } });
  const found = labels?.cards.find((c) => c.title === 'Coiled spring onion rounds' && c.under.startsWith(name));
  return found ?? expect.fail(`${name} has no label`);
};
const containsOn = (record: ClassRecord, name: string): string => labelOf(record, name).care.join();
/** Everything that stands on a sheet, line by line. */
const linesOn = (sheet: Sheet): readonly string[] =>
  sheet.cards.flatMap((c) => [
    [c.title, c.under, ...c.care].join(' '),
    ...c.rows.map((r) => [r.lead, r.words, r.more, ...r.care].join(' ')),
    ...c.notes.map((n) => n.join(' ')),
  ]);

beforeAll(() => {
  cls = runningClass('sunday');
});

describe('every figure on paper is that of the plan file', () => {
  it('at the fire: each bread at its second, its turns and its end, on the card of its griddle and on no other', () => {
    const { record, plan } = cls;
    const { cards } = made('fire-cards');
    const onFire = plan.tasks.filter(isOnFire);
    expect(cards.reduce((sum, c) => sum + c.rows.length, 0)).toBe(onFire.length);
    for (const t of onFire) {
      const own = cards.filter((c) => c.page.startsWith(t.at?.id ?? '-'));
      const mine = own.flatMap((c) => c.rows).filter((r) => r.lead === clockText(record.workshop, t.startSec));
      const name = personName(record.workshop, ownerOf(t) ?? '');
      const line = mine.find(
        (r) => r.words.includes(name) && r.more.includes(`off ${clockText(record.workshop, t.endSec)}`),
      );
      expect(line, t.id).toBeDefined();
      for (const turn of turnsOf(t)) expect(line?.more).toContain(`turn after ${durationText(turn - t.startSec)}`);
    }
  });

  it('on the run list: every task of the class in the minute in which it begins', () => {
    const { record, plan } = cls;
    const { cards } = made('run-list');
    const begun = plan.tasks.filter((t) => t.startSec >= 0 && t.kind !== 'rest');
    expect(cards.map((c) => c.title)).toEqual([
      ...new Set(
        begun
          .map((t) => t.startSec)
          .sort((a, b) => a - b)
          .map((s) => clockText(record.workshop, s)),
      ),
    ]);
  });

  it('at the stations: each step of its people and its doughs, and the same grams on the trays as in the file', () => {
    const { record, plan } = cls;
    const { cards } = made('station-cards');
    for (const s of record.workshop.stations) {
      const times = cards.filter((c) => c.page.startsWith(s.id)).flatMap((c) => c.rows.map((r) => r.lead));
      const own = plan.tasks.filter(
        (t) => t.kind === 'step' && t.startSec >= 0 && s.members.includes(ownerOf(t) ?? ''),
      );
      expect(own.length).toBeGreaterThan(0);
      for (const t of own) expect(times).toContain(clockText(record.workshop, t.startSec));
    }
    const trays = linesOn(made('tray-cards'));
    const isDough = ({ use }: { readonly use?: string | undefined }): boolean => use === undefined || use === 'dough';
    // the dough of a share is weighed with that of its mother, what is used beside it lies at its station
    for (const b of plan.batches)
      for (const i of b.ingredients.filter(
        (x) => x.g > 0 && (b.station === null ? isDough(x) : b.mother === null || !isDough(x)),
      )) {
        // what is finer than the scale stands as it is, with how to come by it
        const g = [gramsOnScale(i.g, record.notes.scaleG).text, gramsText(i.g)];
        expect(
          trays.some((l) => l.includes(i.name) && g.some((x) => l.startsWith(x))),
          `${g.join()} ${i.name}`,
        ).toBe(true);
      }
  });
});

describe('what somebody avoids', () => {
  it('stands on every sheet that shows them or their bread, with what is left off', () => {
    const { workshop } = cls.record;
    const careful = workshop.roster.filter((p) => p.avoid.length > 0);
    expect(careful.length).toBeGreaterThan(1);
    for (const kind of [
      'run-list',
      'roll-call',
      'fire-cards',
      'looks',
      'station-cards',
      'wordless-cards',
      'badges',
      'avoids',
      'brief',
      'home-cards',
    ] as const)
      for (const p of careful) {
        const lines = linesOn(made(kind)).filter((l) => l.includes(p.name));
        expect(
          lines.some((l) => /\bno \p{L}/u.test(l)),
          `${kind}, ${p.name}`,
        ).toBe(true);
      }
    expect(linesOn(made('fire-cards')).some((l) => l.includes('without butter'))).toBe(true);
  });

  it('is not on their label, though it is on that of others who make the same bread', () => {
    expect([containsOn(cls.record, 'Dmitri'), containsOn(cls.record, 'Esme')]).toEqual([
      expect.not.stringContaining('milk'),
      expect.stringContaining('milk'),
    ]);
  });

  it('is on their label where their bread holds it all the same: by an ingredient of the same name, or since they were put to it', () => {
    const change = (how: (w: Workshop) => Workshop) => ({ ...cls.record, workshop: how(cls.record.workshop) });
    // butter is left off, and butter is in the dough
    const inDough = change((w) => ({
      ...w,
      menu: w.menu.map((m) => (m.bread === 'coil-round' ? { ...m, for: w.roster.map((p) => p.id) } : m)),
      breads: w.breads.map((b) => {
        const off = b.ingredients.find((i) => i.optional === true && i.allergens?.includes('milk') === true);
        if (b.id !== 'coil-round' || !off) return b;
        return {
          ...b,
          ingredients: [...b.ingredients, { name: off.name, role: 'fat', use: 'dough', pct: 5, allergens: ['milk'] }],
        };
      }),
    }));
    expect(containsOn(inDough, 'Dmitri')).toContain('milk');
  });

  it('says of an ingredient that nobody knows that it is not known', () => {
    const { workshop } = cls.record;
    const breads = workshop.breads.map((b) => ({
      ...b,
      ingredients: [...b.ingredients, { name: 'zoltan paste', role: 'other' as const, use: 'dough' as const, pct: 2 }],
    }));
    const record = { ...cls.record, workshop: { ...workshop, breads } };
    expect(labelOf(record, 'Esme').care).toContain('Not known: zoltan paste');
    expect(labelOf(cls.record, 'Esme').care.join()).not.toContain('Not known');
  });
});

describe('a recipe for home', () => {
  it('is a plan of its own that breaks no rule, for the breads that somebody made, and says its times from the start', () => {
    const { record } = cls;
    let count = 0;
    for (const person of record.workshop.roster)
      for (const { workshop, plan, card: front } of homeRecipes(record, person, { inPan: 1 })) {
        count++;
        expect(findBrokenRules(workshop, plan, { goal: plan.goal }), `${person.name}, ${workshop.title}`).toEqual([]);
        const startSec = Math.min(...plan.tasks.map((t) => t.startSec));
        const cook = plan.tasks.find((t) => t.step === 'cook');
        const leads = front.rows.map((r) => r.lead);
        if (cook) expect(leads).toContain(`+${durationText(cook.startSec - startSec)}`);
        for (const i of (plan.batches[0]?.ingredients ?? []).filter((x) => x.g > 0)) {
          const g = [gramsOnScale(i.g, 1).text, gramsText(i.g)];
          expect(
            front.rows.some((r) => r.words === i.name && g.includes(r.lead)),
            `${g.join()} ${i.name}`,
          ).toBe(true);
        }
      }
    expect(count).toBe(36);
  });

  it('is not given of a bread that holds what somebody avoids, whoever put them to it', () => {
    const { workshop } = cls.record;
    const dmitri = workshop.roster.find((p) => p.name === 'Dmitri') ?? expect.fail();
    const menu = workshop.menu.map((m) => ({ ...m, for: workshop.roster.map((p) => p.id) }));
    const record = { ...cls.record, workshop: { ...workshop, menu } };
    const titles = homeRecipes(record, dmitri, { inPan: 1 }).map((r) => r.workshop.title);
    expect(titles).toContain('Coiled spring onion rounds at home');
    expect(titles).not.toContain('Yogurt ovals at home');
  });

  it('says so where it does not work out, as dough that may not wait in a pan for one', () => {
    const { record } = cls;
    const [person] = record.workshop.roster;
    const read = readBread(sodaFarl);
    if (!person || !read.ok) expect.fail();
    const line = {
      bread: read.value.id,
      each: 2,
      per: 'participant',
      spares: 0,
      dough: { mode: 'station' },
      mixer: false,
    } as const;
    const workshop = { ...record.workshop, breads: [read.value], menu: [line], demos: [] };
    const rowsFor = (inPan: number) =>
      homeRecipes({ ...record, workshop }, person, { inPan }).flatMap((r) => r.card.rows.map((x) => x.words));
    expect(rowsFor(1)[0]).toMatch(/^Does not work out so: .*wait/);
    expect(rowsFor(4).join()).not.toContain('Does not work out');
  });

  it('asks for the water as warm as it was in class, by hand', () => {
    const { workshop } = cls.record;
    const [person] = workshop.roster;
    if (!person) expect.fail();
    for (const { workshop: own, card: front } of homeRecipes(cls.record, person, { inPan: 1 })) {
      const [bread] = own.breads;
      if (!bread) expect.fail();
      const water = bread.ingredients.find((i) => i.role === 'water' && i.use === 'dough');
      const bowl = bowlOf(bread, 500, bowlConditions(workshop.kitchen, bread, false));
      const shown = front.rows.find((r) => r.words === water?.name)?.more;
      expect(shown).toContain(celsiusText(water?.tempC ?? bowl?.waterC ?? NaN));
    }
  });

  it('is written in what its reader measures with, and the rest as on this device', () => {
    const [first, second] = cls.record.workshop.roster;
    if (!first || !second) expect.fail();
    const said = [{ person: first.id, measures: 'us-cups' as const }];
    const record = { ...cls.record, notes: { ...cls.record.notes, homeMeasures: said } };
    const cards = (person: typeof first) => homeRecipes(record, person, { inPan: 1 }).map((r) => r.card);
    const [us, own] = [JSON.stringify(cards(first)), JSON.stringify(cards(second))];
    expect(us).toMatch(/[\d.]+ oz.*(cup|tsp|tbsp).* in across/);
    expect(us).not.toMatch(/\d g\b| °C|\d cm\b/);
    expect(own).toMatch(/\d g\b.* cm across/);
    expect(own).not.toMatch(/ oz\b| °F/);
    // the same dough: an ounce is 28.349523125 g (international avoirdupois)
    const leadOf = (p: typeof first, measures: 'us-cups' | 'grams') =>
      homeRecipes({ ...record, notes: { ...record.notes, homeMeasures: [{ person: p.id, measures }] } }, p, {
        inPan: 1,
      })
        .flatMap((r) => r.card.rows)
        .flatMap((r) => Number(/^([\d.]+) (?:g|oz)$/.exec(r.lead)?.[1] ?? []));
    const [oz, g] = [leadOf(first, 'us-cups'), leadOf(first, 'grams')];
    expect(oz).toHaveLength(g.length);
    expect(oz.length).toBeGreaterThan(5);
    for (const [i, x] of oz.entries()) expect(Math.abs(x * 28.349523125 - (g[i] ?? NaN))).toBeLessThan(2);
  });

  it('is sooner done where more breads lie in the pan', () => {
    const { record } = cls;
    const [first] = record.workshop.roster;
    if (!first) expect.fail();
    const four = {
      ...record,
      workshop: { ...record.workshop, menu: record.workshop.menu.map((m) => ({ ...m, each: 4 })) },
    };
    const doneAt = (inPan: number) =>
      homeRecipes(four, first, { inPan }).map((r) => Math.max(...r.plan.tasks.map((t) => t.endSec)));
    const [one, two] = [doneAt(1), doneAt(2)];
    // where rolling takes longer than cooking the pan is not what one waits for
    expect(one.every((sec, i) => (two[i] ?? Infinity) <= sec)).toBe(true);
    expect(one.some((sec, i) => (two[i] ?? Infinity) < sec)).toBe(true);
  });
});

describe('a card without words', () => {
  it('has a drawing for each step, the times of the plan, and no word but names and what is to be minded', () => {
    const { plan } = cls;
    const rows = made('wordless-cards').cards.flatMap((c) => c.rows);
    expect(rows.every((r) => r.sign !== undefined && r.bread !== undefined)).toBe(true);
    for (const r of rows) expect(r.more).not.toMatch(/\p{L}/u);
    const turned = plan.tasks.filter((t) => turnsOf(t).length > 0);
    expect(rows.filter((r) => r.more.includes('↻')).length).toBe(turned.length);
  });
});

describe('a card for dough to take home', () => {
  it('says until when it keeps, counted from when it was mixed, and how it is finished', () => {
    const { record, plan } = cls;
    for (const c of made('dough-cards').cards) {
      const bread = record.workshop.breads.find((b) => c.title.endsWith(b.name)) ?? expect.fail();
      const said = bread.keep?.find((k) => k.what === 'dough');
      const mixed = Math.min(
        ...plan.tasks.filter((t) => t.bread === bread.id && t.batch !== undefined).map((t) => t.startSec),
      );
      // until: a day at the least, so many whole days of the doughs that say so
      const days = Number(/^P(\d+)D$/.exec(said?.max ?? 'P1D')?.[1]);
      expect(c.under).toContain(clockText(record.workshop, mixed));
      expect(c.under).toContain(dayText(record.workshop, mixed + days * 86_400, 'plain'));
      // some doughs are rolled cold: what is done first is as the bread says it
      expect(c.rows[0]?.words).toContain(said?.again ?? 'lose its chill');
      const last = bread.steps.filter((s) => s.kind !== 'prepare').at(-1);
      expect(c.rows.at(-1)?.words).toBe(stepWords(last?.id));
      expect(c.rows.every((r) => r.lead !== '0 s')).toBe(true);
    }
  });
});

describe('how a bread keeps', () => {
  it('stands on its labels and on the back of its recipe as the bread says it, and is brought back so', () => {
    const { record } = cls;
    const [person] = record.workshop.roster;
    if (!person) expect.fail();
    for (const { workshop, back } of homeRecipes(record, person, { inPan: 1 })) {
      const [bread] = workshop.breads;
      const label = made('bread-labels').cards.find((c) => c.title === bread?.name) ?? expect.fail();
      const notes = back.notes.filter(([what]) => what === 'Keeping').map(([, words]) => words);
      expect(label.rows.map((r) => r.words)).toEqual(notes);
      const said = (bread?.keep ?? []).filter((k) => k.what === 'bread');
      expect(notes).toHaveLength(said.length);
      for (const [i, k] of said.entries()) {
        expect(notes[i]).toContain(k.how.slice(1));
        expect(notes[i]).toContain(`To bring back: ${k.again}`);
      }
      expect(notes.join()).toMatch(/up to (\d+ hours|1 day).*up to 60 days|up to 3 hours/);
    }
    expect(['P1D', 'PT4H', 'P2W', 'PT90M', 'P1DT12H'].map(keepText)).toEqual([
      '1 day',
      '4 hours',
      '14 days',
      '90 minutes',
      '36 hours',
    ]);
    // a bread that does not say: what is usual
    const silent = record.workshop.breads.map(({ keep: _, ...b }) => b);
    const labels = sheetOf('bread-labels', {
      record: { ...record, workshop: { ...record.workshop, breads: silent } },
      plan: cls.plan,
      pantry: undefined,
      home: { inPan: 1 },
    });
    expect(labels?.cards[0]?.rows[0]?.words).toContain('Best on the day');
  });
});

describe('sheets', () => {
  it('are made for all that a class has, and ticked by what it needs', () => {
    const kinds = SHEET_KINDS.filter((k) => k !== 'shopping');
    expect(kinds.map((k) => made(k).kind)).toEqual(kinds);
    const taken = { ...cls.record, workshop: { ...cls.record.workshop, service: 'take-home' as const } };
    expect(wantedSheets(cls.record)).not.toContain('bread-labels');
    expect(wantedSheets(taken)).toEqual(expect.arrayContaining(['bread-labels', 'dough-cards']));
    expect(wantedSheets(taken)).not.toContain('wordless-cards');
    const nobody = { ...cls.record, workshop: { ...cls.record.workshop, roster: [] } };
    expect(wantedSheets(nobody)).not.toContain('badges');
  });

  it('hold no id: whatever stands there is in words', () => {
    const ids = [...cls.plan.tasks, ...cls.plan.batches].map((x) => x.id).filter((id) => /[:/#]/.test(id));
    expect(ids.length).toBeGreaterThan(50);
    for (const kind of SHEET_KINDS.filter((k) => k !== 'shopping'))
      expect(linesOn(made(kind)).filter((line) => ids.some((id) => line.includes(id)))).toEqual([]);
  });

  it('part a card that is longer than a page, and lose no line of it', () => {
    const rows = Array.from({ length: 300 }, (_, i) => row('', `line ${i}`));
    const parts = parted(card('Long', { rows, page: 'p' }), HAND_ROOM);
    expect(parts.length).toBeGreaterThan(2);
    expect(parts.flatMap((p) => p.rows)).toEqual(rows);
    expect(new Set(parts.map((p) => p.page)).size).toBe(parts.length);
    expect(parts.slice(1).every((p) => p.title === 'Long, going on')).toBe(true);
  });

  it('lay labels as many below each other as the page holds', () => {
    expect(LABEL_SHEETS.map((l) => l.columns * rowsOn(l, l.name.includes('Letter') ? 279.4 : 297))).toEqual(
      LABEL_SHEETS.map((l) => Number(/(\d+) on/.exec(l.name)?.[1])),
    );
  });

  it('set labels in the largest letters that fit, and never smaller than the law reads', () => {
    const [small] = LABEL_SHEETS;
    const large = { ...small, widthMm: 99.1, heightMm: 67.7 };
    const words = ['Clementine van der Hoogenboom, made Sunday 7 March', 'Contains gluten, milk', 'x'.repeat(60)];
    const ptOf = (size: typeof small, care: readonly string[]) =>
      labelsOf(card('Ovals', { care }), '', size).map((l) => l.pt);
    expect(ptOf(large, words)[0]).toBeGreaterThan(ptOf(small, words)[0] ?? Infinity);
    expect(ptOf(small, ['short'])).toEqual([12]);
    // what does not fit goes on, word for word, and each label says which of them it is
    const avoids = Array.from({ length: 200 }, (_, i) => `word${i}`).join(' ');
    const labels = labelsOf(card('Station 1', { under: 'Ovals', care: [avoids] }), 'Sunday', small);
    expect(labels.length).toBeGreaterThan(2);
    expect(labels.map((l) => l.title)).toEqual(labels.map((_, i) => `Station 1 (${i + 1} of ${labels.length})`));
    expect(labels.every((l) => l.pt === LEAST_PT)).toBe(true);
    const lines = labels.flatMap((l) => l.lines);
    expect(
      lines
        .filter((l) => l.isCare)
        .map((l) => l.words)
        .join(' '),
    ).toBe(avoids);
    expect([lines[0]?.words, lines.at(-1)?.words]).toEqual(['Ovals', 'Sunday']);
    expect(
      labelsOf(card('x', { care: ['y'.repeat(300)] }), '', small)
        .flatMap((l) => l.lines)
        .map((l) => l.words)
        .join(''),
    ).toBe('y'.repeat(300));
  });
});
