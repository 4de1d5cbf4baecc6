import { describe, expect, it } from 'vitest';
import { importRecipe } from './index.ts';

const usesOf = (list: string, work: string): Readonly<Record<string, string>> => {
  const read = importRecipe(`Rounds\n500 g flour\n300 g water\n10 g salt\n${list}\n${work}`);
  if (!read.ok || !read.value.bread) return expect.fail(JSON.stringify(read));
  return Object.fromEntries(read.value.bread.ingredients.map((i) => [i.name, i.use]));
};
const WORK = 'Mix the flour, water and salt. Divide into 8, roll, cook 1 minute a side.';

describe('what an ingredient is for, by what the method does with it', () => {
  it('what is only brushed or sprinkled on is none of the dough', () => {
    expect(
      usesOf('40 g butter\n8 g sesame seeds', `${WORK} Brush with the butter and sprinkle with the sesame seeds.`),
    ).toMatchObject({
      butter: 'finish',
      'sesame seeds': 'finish',
      salt: 'dough',
    });
  });
  it('what is mixed in as well, or may be meant by "all ingredients", stays in the dough', () => {
    expect(usesOf('40 g butter', `Rub the butter into the flour. ${WORK} Brush with butter.`)['butter']).toBe('dough');
    expect(
      usesOf('40 g butter', 'Mix all ingredients. Divide into 8, roll, cook 1 minute a side. Brush with butter.')[
        'butter'
      ],
    ).toBe('dough');
  });
  it('what is left out of "everything" is for what names it later', () => {
    const left = 'Mix everything except the butter. Divide into 8, roll, cook 1 minute a side. Brush with the butter.';
    expect(usesOf('40 g butter', left)['butter']).toBe('finish');
    const worked =
      'Mix everything except the butter, then work in the butter. Divide into 8, roll, cook 1 minute a side.';
    expect(usesOf('40 g butter', worked)['butter']).toBe('dough');
  });
  it('what its own sentence mixes, once the dough rests and before something is filled, is the filling', () => {
    const uses = usesOf(
      '300 g potatoes\n5 g cumin',
      'Mix the flour, water and salt, knead 5 minutes. Rest 30 minutes. Mix the potatoes with the cumin. Divide into 8, put the filling in the middle and seal. Roll, cook 1 minute a side.',
    );
    expect(uses).toMatchObject({ potatoes: 'fill', cumin: 'fill', flour: 'dough' });
    // "the cumin" is the cumin seeds of the list
    const seeds = usesOf(
      '300 g potatoes\n5 g cumin seeds',
      'Mix the flour, water and salt, knead 5 minutes. Rest 30 minutes. Mix the potatoes with the cumin. Divide into 8, put the filling in the middle and seal. Roll, cook 1 minute a side.',
    );
    expect(seeds).toMatchObject({ 'cumin seeds': 'fill' });
  });
  it('a line that says its use keeps it', () => {
    expect(usesOf('40 g butter, for the filling', `${WORK} Brush with butter.`)['butter']).toBe('fill');
  });
});

describe('flour that is told for the bench', () => {
  const breadOf = (text: string) => {
    const read = importRecipe(text);
    if (!read.ok || !read.value.bread) return expect.fail(JSON.stringify(read));
    return { ...read.value.bread, conflicts: read.value.conflicts.map((c) => c.what) };
  };
  const inDough = (text: string): readonly string[] =>
    breadOf(text).ingredients.flatMap((i) => (i.use === 'dough' && i.role === 'flour' ? [`${i.name} ${i.pct}`] : []));
  it('is that of the dough where there is no other', () => {
    expect(
      inDough('Rounds\n300 g flour for the bench and the dough\n150 g water\n\nMix. Roll. Cook 1 minute a side.'),
    ).toEqual(['flour 100']);
  });
  it('stays on the bench where lentils and rice are ground: no wheat comes into what is free of it', () => {
    const text =
      'Pancakes\n150 g red lentils\n150 g rice\n350 g water\n20 g plain flour for dusting\n\nSoak 6 hours. Blend. Cook 2 minutes a side.';
    expect(inDough(text)).toEqual(['red lentils 50', 'rice 50']);
  });
  it('for the table is used where dough is worked, and never where batter is poured', () => {
    const conflictsOf = (method: string): readonly string[] => {
      const read = importRecipe(`Rounds\n\n500 g flour, plus extra for dusting\n300 g water\n10 g salt\n\n${method}`);
      return read.ok ? read.value.conflicts.map((c) => c.what) : ['no bread'];
    };
    expect(conflictsOf('Mix the flour, water and salt. Divide into 8. Roll out. Cook 1 minute a side.')).toEqual([]);
    expect(conflictsOf('Whisk water and salt. Pour into a hot pan. Cook 1 minute a side.').join()).toMatch(
      /for dusting is listed and never used/,
    );
  });
  it('that raises itself brings its powder, and hides no yeast that is never used', () => {
    const { conflicts } = breadOf(
      'Rounds\n300 g self-raising flour\n150 g water\n5 g dried yeast\n\nMix the flour and water. Divide into 6. Roll. Cook 1 minute a side.',
    );
    expect(conflicts).toEqual(['dried yeast is listed and never used in the method']);
  });
});

describe('what a line allows', () => {
  const heldBy = (line: string): string => {
    const read = importRecipe(`Rounds\n500 g rice flour\n300 g water\n${line}\nKnead.`);
    const last = read.ok ? read.value.bread?.ingredients.at(-1) : undefined;
    return `${last?.name}: ${[...(last?.allergens ?? []), ...(last?.contains ?? [])].sort().join(' ')}`;
  };
  it.each([
    ['milk 100 g (or oat milk)', 'milk: animal gluten milk'],
    ['milk 100 g (or oat)', 'milk: animal gluten milk'],
    ['100 ml milk, dairy or oat', 'milk: animal gluten milk'],
    ['yogurt (dairy or soya) 100 g', 'yogurt: animal milk soya'],
    ['butter (or vegan butter) 30 g', 'butter: animal milk'],
    ['30 g vegan butter (or butter)', 'vegan butter: animal milk'],
    ['milk (not oat milk) 100 g', 'milk: animal milk'],
    ['cheese (with garlic) 80 g', 'cheese: animal milk'],
    ['cheese (garlic) 80 g', 'cheese: animal milk'],
    ['meat (or mushrooms) 80 g', 'meat: animal meat'],
    ['nuts (pine nuts) 20 g', 'nuts: nuts'],
    // these say what it is
    ['milk (oat milk) 100 g', 'oat milk: gluten'],
    ['fat (lard) 50 g', 'lard: animal meat pork'],
    ['nuts (almonds) 20 g', 'almonds: nuts'],
    ['cheese (feta) 80 g', 'feta: animal milk'],
  ])('has to be avoided too, and what is only like it hides nothing: %s', (line, held) => {
    expect(heldBy(line)).toBe(held);
  });
});
