import { beforeAll, describe, expect, it } from 'vitest';
import sodaFarl from '../../../demo/breads/soda-farl.json' with { type: 'json' };
import { readBread } from '../formats/index.ts';
import { isOnFire, ownerOf, stepWords, turnsOf } from '../plan/index.ts';
import { findBrokenRules } from '../planner/index.ts';
import { runningClass, type RunningClass } from '../testing/index.ts';
import { clockText, durationText, gramsOnScale, gramsText } from '../units/index.ts';
import { personName, type ClassRecord, type Workshop } from '../workshop/index.ts';
import {
  homeRecipes,
  letterPt,
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
      const mixed = Math.min(
        ...plan.tasks.filter((t) => t.bread === bread.id && t.batch !== undefined).map((t) => t.startSec),
      );
      expect(c.under).toContain(clockText(record.workshop, mixed));
      expect(c.rows[0]?.words).toContain('lose its chill');
      const last = bread.steps.filter((s) => s.kind !== 'prepare').at(-1);
      expect(c.rows.at(-1)?.words).toBe(stepWords(last?.id));
      expect(c.rows.every((r) => r.lead !== '0 s')).toBe(true);
    }
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
    expect(letterPt('Ovals', words, large)).toBeGreaterThan(letterPt('Ovals', words, small));
    expect(letterPt('Ovals', ['short'], small)).toBe(12);
    expect(letterPt('Ovals', ['x'.repeat(3000)], small)).toBe(LEAST_PT);
  });
});
