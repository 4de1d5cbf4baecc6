import { describe, expect, it } from 'vitest';
import { isRest } from '../../method/index.ts';
import { TABLE_FORMS } from '../../testing/recipes/phrases/tables.ts';
import { importRecipe } from '../import-recipe.ts';
import { listLine } from '../list-lines.ts';
import { Mapped } from '../mapped.ts';
import { percentLines } from './read-tables.ts';

const linesOf = (text: string): readonly string[] =>
  percentLines(Mapped.of(text).split(/\n/g)).lines.map((l) => l.text.replace(/ {2,}/g, ' '));

describe('rows of a table as lines', () => {
  it('figures have the unit of their column', () => {
    expect(linesOf('| Ingredient | % | g |\n|---|---|---|\n| Water | 62 | 620 |').at(-1)).toBe('Water 62 % 620 g');
    expect(linesOf('Stage,Minutes\nMix,4\nKnead,5\nProof,50').slice(1)).toEqual([
      'Mix 4 min',
      'Knead 5 min',
      'Proof 50 min',
    ]);
  });
  it('a row between others that has lost the bar of its empty cell is one of them', () => {
    expect(
      linesOf('Step | Minutes\nMix | 4\nKnead | 6\nDivide into 10, ball\nRest | 10\nCook, each side | 2').slice(1),
    ).toEqual(['Mix 4 min', 'Knead 6 min', 'Divide into 10, ball', 'Rest 10 min', 'Cook 2 min each side']);
  });
  it('a second column in other measures is in brackets; one in the same measure stays as it is', () => {
    expect(linesOf('| Lard | 60 g | 1/4 cup |')).toEqual(['Lard 60 g (1/4 cup)']);
    expect(linesOf('| Water | 325 g | 650 g |')).toEqual(['Water 325 g 650 g']);
  });
  it('what is for one bread is left beside what is for the class', () => {
    const { lines, left } = percentLines(
      Mapped.of('| What | Per bread | x 12 |\n| Flour | 60 g | 720 g |\n| Water | 37 g | 444 g |').split(/\n/g),
    );
    expect(lines.slice(1).map((l) => l.text.replace(/ {2,}/g, ' '))).toEqual([
      'makes 12 pieces',
      'Flour 720 g',
      'Water 444 g',
    ]);
    expect(left.map((l) => l.text)).toEqual(['Flour, Per bread: 60 g', 'Water, Per bread: 37 g']);
  });
  it('a list within a row, and the work of a row, are lines of their own', () => {
    expect(linesOf('| Weigh | flour 700 g, water 455 g, salt 14 g | 5 |')).toEqual([
      'Weigh',
      'flour 700 g, water 455 g, salt 14 g',
      '5',
    ]);
    expect(
      linesOf(
        '| Step | Ingredients | Amount | Work |\n| 1 | flour | 500 g | mix 5 min |\n| 2 | | | knead 8 min |',
      ).slice(1),
    ).toEqual(['flour 500 g', 'mix 5 min', 'knead 8 min']);
  });
  it('every character keeps its place in the source', () => {
    const source = '| Flour | 500 g |\n| Salt | 10 g |';
    const salt = percentLines(Mapped.of(source).split(/\n/g)).lines.at(-1);
    const { from, to } = salt?.span(salt.text.indexOf('10'), salt.text.indexOf('10') + 4) ?? expect.fail();
    expect(source.slice(from, to)).toBe('10 g');
  });
});

describe('lines that are a list in a form of their own', () => {
  const formOf = (text: string) => {
    const told = listLine(Mapped.of(text));
    return (
      told && {
        before: told.before?.text,
        head: told.head?.text,
        fact: told.fact?.text,
        items: told.items.map((i) => i.text),
        rest: told.rest.map((r) => r.text),
      }
    );
  };
  it.each([
    [
      'Dose: flour; 300 g. lard; 37,5 g. salt; 6 g. Knead.',
      { before: 'Dose', items: ['flour 300 g', 'lard 37,5 g', 'salt 6 g'], rest: ['Knead.'] },
    ],
    [
      'Based on 1000 g flour: water (75%), salt (2%)',
      { fact: 'Based on 1000 g flour: ', rest: ['water (75%), salt (2%)'] },
    ],
    [
      'In percent of flour: water 61, salt 2. Mix.',
      { items: ['flour 100 %', 'water 61 %', 'salt 2 %'], rest: ['Mix.'] },
    ],
    [
      'Wraps (flour 0,6 kg, water 0,33 kg, salt 12 g). Mix.',
      { head: 'Wraps', items: ['flour 0,6 kg, water 0,33 kg, salt 12 g'], rest: ['Mix.'] },
    ],
    ['1690 g = 34 x 49 g', { fact: '1690 g = 34 x 49 g' }],
  ])('%s', (text, form) => {
    expect(formOf(text)).toEqual({ before: undefined, head: undefined, fact: undefined, items: [], rest: [], ...form });
  });
  it('a list that opens with its amounts, and a sentence, have no such form', () => {
    expect(formOf('500 g flour; 300 g water; 10 g salt')).toBeUndefined();
    expect(formOf('Mix flour and water (by hand, not long, never hard), then rest.')).toBeUndefined();
  });
});

describe('columns for several sizes of a class', () => {
  const text = `Thin rounds
               For 8     For 16
Atta           400       800
Water          260       520
Salt             6        12

Knead 8 min. Divide. Roll.`;
  const formulaOf = (told: string) => {
    const read = importRecipe(told);
    return read.ok ? read.value.bread?.ingredients.map((i) => [i.name, i.pct]) : undefined;
  };
  it('are read by the first, and the others are set aside', () => {
    const read = importRecipe(text);
    expect(formulaOf(text)).toEqual([
      ['atta', 100],
      ['water', 65],
      ['salt', 1.5],
    ]);
    const aside = read.ok ? read.value.words.filter((w) => w.owner === 'aside') : [];
    expect(aside.map((w) => text.slice(w.from, w.to).trim())).toEqual(
      expect.arrayContaining(['For 16', '800', '520', '12']),
    );
    expect(read.ok && read.value.notUnderstood).toEqual([]);
  });
  it('are shown as not understood where they are no multiple of it', () => {
    const other = text.replace('520', '600');
    const read = importRecipe(other);
    expect(formulaOf(other)).toEqual(formulaOf(text));
    expect(read.ok && read.value.notUnderstood).toEqual(
      expect.arrayContaining(['For 16', 'Atta, For 16: 800', 'Water, For 16: 600', 'Salt, For 16: 12']),
    );
  });
});

describe('a table between rules', () => {
  it('has its head above the rule, and its kilograms are read beside its shares', () => {
    const read = importRecipe(`Sesame rounds

Material        Baker's %      kg
-----------------------------------
Bread flour        90          0.900
Rye flour          10          0.100
Water              66          0.660
-----------------------------------

Knead 8 min. Divide into 12. Roll.`);
    expect(read.ok && read.value.bread?.ingredients.map((i) => [i.name, i.pct])).toEqual([
      ['bread flour', 90],
      ['rye flour', 10],
      ['water', 66],
    ]);
    expect(read.ok && read.value.bread?.piece.doughG).toBe(134.3);
    expect(read.ok && read.value.notUnderstood).toEqual([]);
  });
});

describe('one recipe in every form of a table', () => {
  it.each(TABLE_FORMS)('%s', (_, form) => {
    const read = importRecipe(form.startsWith('<') ? `<h1>Griddle rounds</h1>${form}` : `Griddle rounds\n\n${form}`);
    const bread = read.ok ? read.value.bread : null;
    expect(bread?.ingredients.map((i) => [i.name, i.pct])).toEqual([
      ['strong flour', 100],
      ['water', 65],
      ['salt', 2],
      ['instant yeast', 1],
    ]);
    expect(bread?.steps.map((s) => s.kind).join(' ')).toBe('mix knead proof divide ball rest roll cook');
    expect(bread?.steps.flatMap((s) => (isRest(s) ? [s.window.ideal] : []))).toEqual([60, 15]);
    expect(bread?.steps.flatMap((s) => (s.kind === 'cook' ? (s.phases ?? []).map((p) => p.sec) : []))).toEqual([
      60, 60,
    ]);
    expect(bread?.piece).toMatchObject({ doughG: 105, diameterCm: 18 });
  });
});
