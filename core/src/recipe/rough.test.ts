import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readBread } from '../formats/index.ts';
import { readdirSync, readFileSync } from 'node:fs';
import { METRIC, US_CUSTOMARY, writeIn } from '../units/index.ts';
import { RECIPE_CASES } from '../testing/recipe-corpus.ts';
import { importRecipe, recipeOfBread } from './index.ts';

const SENTENCE = 'It was the tenth evening, and the rain had not rested; they would stir the fire and turn the pages.';

describe('what is no recipe', () => {
  it('a novel gives no bread, keeps its first lines and says that the rest was not read', () => {
    const read = importRecipe(Array.from({ length: 3000 }, () => SENTENCE).join('\n'));
    if (!read.ok) expect.fail();
    expect(read.value.bread).toBeNull();
    expect(read.value.notUnderstood[0]).toBe(SENTENCE);
    expect(read.value.notUnderstood.at(-1)).toBe(
      'and 2400 lines more, which were not read: a recipe has at most 600 lines and 60,000 characters',
    );
  });
  it('of a text of any length all lines are counted, and no more are looked at than a recipe can have', () => {
    const read = importRecipe('It rained.\n'.repeat(150_000));
    if (!read.ok) expect.fail();
    expect(read.value.notUnderstood.at(-1)).toMatch(/^and 149400 lines more/);
    expect(read.value.words.at(-1)).toMatchObject({ owner: 'none' });
  });
  it('a text of long lines is read no further than a recipe is long, and how far it is read is told', () => {
    const line = 'Mix 500 g flour with 300 g water and knead for 8 minutes, then rest 30 minutes. '.repeat(20);
    const shares: number[] = [];
    const read = importRecipe(`${line}\n`.repeat(500), [], (share) => void shares.push(share));
    if (!read.ok) expect.fail();
    expect(read.value.notUnderstood.at(-1)).toMatch(/^and 46\d lines more/);
    expect(shares.length).toBeGreaterThan(3);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
    expect(shares.at(-1)).toBe(1);
  });
  it('room that only sets columns apart is no work, however much of it there is', () => {
    const readWith = (room: string) => {
      const read = importRecipe(
        `flour${room}500 g\nwater${room}300 g\nMix. Divide into 8, roll, cook 1 minute a side.`,
      );
      return read.ok ? read.value.bread?.ingredients.map((i) => [i.name, i.pct]) : expect.fail();
    };
    expect(readWith(' '.repeat(200_000))).toEqual(readWith('  '));
    expect(readWith('\t'.repeat(200_000))).toEqual([
      ['flour', 100],
      ['water', 60],
    ]);
  });
  it('figures that look like times of the day, speeds or fuller spoons are what they are', () => {
    const breadOf = (text: string) => {
      const read = importRecipe(`Rounds\n${text}`);
      return (read.ok ? read.value.bread : null) ?? expect.fail();
    };
    const pctOf = (text: string, name: string) => breadOf(text).ingredients.find((i) => i.name === name)?.pct;
    const cookOf = (text: string) =>
      breadOf(`500 g flour\n300 g water\n${text}`).steps.flatMap((s) =>
        s.kind === 'cook' ? [(s.phases ?? []).map((p) => p.sec)] : [],
      );
    const rest = 'Mix. Rest 20 min. Divide into 8, roll, cook 1 minute a side.';
    expect(pctOf(`1.00 kg flour\n0.65 l water\n${rest}`, 'water')).toBe(65);
    expect(pctOf(`1.00 – 1.00 kg flour\n0.50 – 0.60 l water\n${rest}`, 'water')).toBe(55);
    expect(pctOf(`500 g flour\n1 generous cup (240 g) water\n${rest}`, 'water')).toBe(48);
    expect(cookOf('Mix. Divide into 8, roll. Cook 2 min first, 1 min second.')).toEqual([[120, 60]]);
    const mix = breadOf('500 g flour\n300 g water\nMix 4 min slow, 3 min fast. Divide into 8, roll, cook 1 min a side.')
      .steps[0];
    expect(mix).toMatchObject({ kind: 'mix', minutes: 7 });
  });
  it('cups of flour that make a dough wetter than its family are said to be scooped; weighed ones are not', () => {
    const conflicts = (flour: string) => {
      const read = importRecipe(
        `Weir rounds\n${flour}\n1 cup water\n1 tsp salt\nMix and knead 5 minutes. Rest 30 minutes. Divide into 6, roll, cook 1 minute a side.`,
      );
      return read.ok ? read.value.conflicts.map((c) => c.what).filter((w) => w.includes('scooped')) : expect.fail();
    };
    expect(conflicts('2 cups plain flour')).toEqual([expect.stringMatching(/^probably scooped cups: \d+ % is wet/)]);
    expect(conflicts('3 cups plain flour')).toEqual([]);
    expect(conflicts('2 cups (250 g) plain flour')).toEqual([]);
  });
  it('percentages alone say how many pieces there are, and not how heavy they are: a usual piece is taken, and said', () => {
    const read = importRecipe('Naan\nFlour 100 %\nWater 60 %\nSalt 2 %\n\nKnead. Divide into 8. Roll.');
    expect(read.ok && read.value.bread?.piece.doughG).toBe(80);
    expect(read.ok && read.value.guesses.find((g) => g.path === 'piece.doughG')?.why).toContain('80 g');
  });
  it('what is named beside a bread and holds meat or pork is said, as an allergen is; a dough like a sausage is none', () => {
    const saidOf = (words: string): string => {
      const read = importRecipe(`Rounds\n500 g flour\n300 g water\n10 g salt\n\nKnead. ${words}`);
      return read.ok ? read.value.conflicts.map((c) => c.what).join('; ') : 'refused';
    };
    expect(saidOf('Divide into 8. Roll. Cook. Lovely with bacon.')).toMatch(/bacon is named .*meat, pork/);
    expect(saidOf('Roll into a sausage and cut into 8. Roll out. Cook.')).not.toContain('sausage');
  });
  it('JSON of another program is refused in words, broken JSON and huge files too', () => {
    const refused = (text: string): string => {
      const r = importRecipe(text);
      return r.ok ? 'read' : (r.faults[0]?.code ?? '');
    };
    expect([refused('{"tracks":[1,2]}'), refused('{"name": "x", '), refused('x'.repeat(2_000_001))]).toEqual([
      'not-a-recipe',
      'not-json',
      'file-too-large',
    ]);
  });
  it('a page is read by its words, or by the recipe that it holds as data; nothing in it is run', () => {
    const list =
      '<ul><li>500 g plain flour<li>300 ml water<li>9 g salt</ul><p>Mix and knead for 5 minutes. Rest 30 minutes. Divide into 8, roll out and cook 1 minute a side.</p>';
    const page = importRecipe(
      `<html><script>document.title = 'ran'</script><nav>Home</nav><h1>Rounds</h1>${list}</html>`,
    );
    const data = {
      '@context': 'https://schema.org',
      '@type': 'Recipe',
      name: 'From data',
      recipeYield: '6',
      recipeIngredient: ['300 g flour', '180 ml water', '6 g salt'],
      recipeInstructions: 'Mix. Rest 1 hour. Roll. Cook 1 minute a side.',
    };
    const held = importRecipe(
      `<html><head><script type="application/ld+json">${JSON.stringify(data)}</script></head><body><p>chatter</p></body></html>`,
    );
    if (!page.ok || !held.ok) expect.fail();
    expect([page.value.bread?.name, page.value.bread?.ingredients.length]).toEqual(['Rounds', 3]);
    expect([held.value.bread?.name, held.value.bread?.piece.doughG]).toEqual(['From data', 78.6]);
  });
  it('a page’s entities are the signs that they stand for', () => {
    const read = importRecipe(
      '<ul><li>250 g plain flour<li>160 ml water<li>1 &#189; tsp salt<li>&frac34; tsp instant yeast</ul><p>Mix. Rest 30&nbsp;minutes. Divide into 4, roll, cook 1 minute a side.</p>',
    );
    if (!read.ok) expect.fail();
    // one and a half teaspoons of fine salt are 9 g of 250 g of flour (6 g a teaspoon, flour mills' charts)
    expect(read.value.bread?.ingredients.find((i) => i.role === 'salt')?.pct).toBeCloseTo(3.6, 1);
  });
  it('a section about the filling is work beside the dough', () => {
    const steps = (of: string): readonly string[] => {
      const data = {
        '@type': 'Recipe',
        name: 'Filled',
        recipeIngredient: ['300 g flour', '180 ml water', '6 g salt', '200 g potatoes'],
        recipeInstructions: [
          { '@type': 'HowToSection', name: of, itemListElement: [{ '@type': 'HowToStep', text: 'Mash with a fork.' }] },
          { '@type': 'HowToSection', name: 'Dough', itemListElement: ['Mix. Divide into 4, roll. Cook 1 min a side.'] },
        ],
      };
      const read = importRecipe(JSON.stringify(data));
      return read.ok ? (read.value.bread?.steps.map((s) => s.kind) ?? []) : expect.fail();
    };
    expect(steps('For the filling')).toEqual(['prepare', 'mix', 'divide', 'roll', 'cook']);
  });
  it('bold words before a step are what it is called', () => {
    const read = importRecipe(
      '<h1>Rounds</h1><ul><li>300 g flour<li>180 ml water</ul><p><b>Roll out.</b> Mix everything. Rest 20 min.</p><p><b>Divide.</b> Divide into 4, roll. Cook 1 min a side.</p>',
    );
    if (!read.ok) expect.fail();
    expect(read.value.bread?.steps.map((s) => s.kind)).toEqual(['mix', 'rest', 'divide', 'roll', 'cook']);
  });
  it('a duration that nobody means is not read, however long', () => {
    const data = {
      '@type': 'Recipe',
      name: 'Slow',
      recipeYield: '4',
      totalTime: `P${'1'.repeat(100_000)}`,
      recipeIngredient: ['300 g flour', '180 ml water', '6 g salt'],
      recipeInstructions: 'Mix. Rest 1 hour. Roll. Cook 1 minute a side.',
    };
    const read = importRecipe(JSON.stringify(data));
    expect(read.ok && read.value.bread?.name).toBe('Slow');
  });
  it('whatever comes in, what comes out is a bread that the format takes, or none', () => {
    const piece = fc.oneof(
      fc.string({ maxLength: 30 }),
      fc.constantFrom(
        '500 g flour',
        '3 eggs',
        '1/0 cup water',
        'knead',
        'roll',
        'rest 1 hour',
        'until doubled',
        '1e9 kg salt',
        'Method',
        'Ingredients:',
        '½',
        '9 inch (2 cm)',
        'makes 0',
        '0 g flour',
        'overnight',
      ),
    );
    fc.assert(
      fc.property(fc.array(piece, { maxLength: 25 }), fc.constantFrom('\n', ' ', ', '), (parts, by) => {
        const read = importRecipe(parts.join(by));
        if (read.ok && read.value.bread) expect(readBread(read.value.bread).ok).toBe(true);
      }),
      { seed: 44, numRuns: 600 },
    );
  });
});

describe('schema.org Recipe', () => {
  const FOLDER = new URL('../../../demo/breads/', import.meta.url);
  it.each(readdirSync(FOLDER).sort())('%s comes back from JSON-LD with its formula and its rests', (file) => {
    const bread = readBread(JSON.parse(readFileSync(new URL(file, FOLDER), 'utf8')));
    if (!bread.ok) expect.fail();
    const recipe = recipeOfBread(bread.value, 8);
    expect(recipe).toMatchObject({
      '@context': 'https://schema.org',
      '@type': 'Recipe',
      totalTime: expect.stringMatching(/^PT(\d+H)?(\d+M)?$/),
    });
    // the file is the same whoever made it, in whatever measures they read
    writeIn(US_CUSTOMARY);
    const elsewhere = recipeOfBread(bread.value, 8);
    writeIn(METRIC);
    expect(elsewhere).toEqual(recipe);
    const back = importRecipe(JSON.stringify(recipe));
    if (!back.ok || !back.value.bread) expect.fail(JSON.stringify(back));
    const flour = (b: typeof bread.value) =>
      b.ingredients.filter((i) => i.use === 'dough' && i.role === 'flour').map((i) => Math.round(i.pct ?? 0));
    const salt = (b: typeof bread.value) => b.ingredients.find((i) => i.use === 'dough' && i.role === 'salt')?.pct ?? 0;
    expect(flour(back.value.bread)).toEqual(flour(bread.value));
    expect(salt(back.value.bread) / salt(bread.value)).toBeCloseTo(1, 1);
    const windows = (b: typeof bread.value) => b.steps.flatMap((s) => ('window' in s ? [s.window.min] : []));
    expect(windows(back.value.bread)).toEqual(windows(bread.value));
  });
  it('reads ISO 8601 durations and points out a total that cannot be', () => {
    const read = importRecipe(
      JSON.stringify({
        '@type': 'Recipe',
        name: 'Quick',
        totalTime: 'PT20M',
        recipeYield: '8',
        recipeIngredient: ['400 g flour', '240 ml water', '7 g instant yeast', '8 g salt'],
        recipeInstructions: [
          { '@type': 'HowToStep', text: 'Mix and knead for 10 minutes.' },
          {
            '@type': 'HowToStep',
            text: 'Leave to rise for 1 hour. Divide into 8, roll out and cook 2 minutes a side.',
          },
        ],
      }),
    );
    expect(read.ok && read.value.conflicts.map((c) => c.what)).toEqual([
      expect.stringMatching(/^"total time 20 minutes", but its steps take/),
    ]);
  });
  it('has a corpus of forty manners at least', () => {
    expect(new Set(RECIPE_CASES.map((c) => c.manner)).size).toBeGreaterThanOrEqual(40);
  });
});
