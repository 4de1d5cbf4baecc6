import { describe, expect, it } from 'vitest';
import { stepTold } from '../testing/recipes/step-told.ts';
import { importRecipe } from './index.ts';

const read = (text: string) => {
  const result = importRecipe(text);
  return result.ok ? result.value : expect.fail(JSON.stringify(result.faults));
};
const stepsOf = (list: string, work: string): string =>
  (read(`Rounds\n\n${list}\n\n${work}`).bread?.steps ?? []).map((s) => stepTold(s, ['knead'])).join(', ');
const LIST = '500 g flour\n300 g water\n10 g salt';
const WORK = 'Divide into 8, roll, cook 1 minute a side.';

describe('what looks like work of the dough, and is none', () => {
  it('what is cooked by its sides is bread, though a filling gives it its name', () => {
    const work = 'Mix, knead 8 minutes. Divide into 8, roll. Cook the spinach wraps for 1 minute a side.';
    expect(stepsOf(LIST, work)).toBe('mix, knead 8, divide, roll, cook 60+60');
  });
  it('a label that says one thing of the whole stands before a method, and takes nothing of it along', () => {
    const { bread, notUnderstood } = read(
      `Rounds\n\n${LIST}\n\nHands-on time: 30 minutes. Mix, knead 8 minutes. Rest 20 minutes. ${WORK}`,
    );
    expect(bread?.steps.map((s) => s.kind).join(' ')).toBe('mix knead rest divide roll cook');
    expect(notUnderstood).toEqual(['Hands-on time: 30 minutes.']);
  });
  it.each([
    // it may lie there, and need not
    ['Mix, knead 8 minutes. The dough keeps for 2 days in the fridge.', 'mix, knead 8'],
    ['Mix, knead 8 minutes. Fry the onions in butter until golden.', 'mix, knead 8, prepare'],
    ['Mix, knead 8 minutes. After kneading, rest 20 minutes.', 'mix, knead 8, rest 20'],
    ['Mix, knead until you can stretch it thin, 8 minutes.', 'mix, knead 8'],
    ['It could not be easier: mix, knead 8 minutes, rest 20 minutes.', 'mix, knead 8, rest 20'],
    ['Mix, knead 8 minutes, sat down for half an hour.', 'mix, knead 8, rest 30'],
    ['Mix, knead 8 minutes, chop the onions for 10 minutes.', 'mix, knead 8, prepare'],
    // who works at a food says nothing of the dough
    ['Mix, knead 8 minutes. Wash the spinach for 10 minutes.', 'mix, knead 8'],
    ['Mix, knead 8 minutes. Have a cup of tea for 10 minutes.', 'mix, knead 8, rest 10'],
  ])('%s', (work, wanted) => {
    expect(stepsOf(LIST, `${work} ${WORK}`)).toBe(`${wanted}, divide, roll, cook 60+60`);
  });
  it('a stack with paper between is nothing filled, and is shown with the remarks', () => {
    const text = `Rounds\n\n${LIST}\n\nMix. Divide into 8. Roll to 18 cm and stack with paper between. Cook 1 minute a side.`;
    const { bread, notUnderstood, words } = read(text);
    expect(bread?.steps.map((s) => s.kind).join(' ')).toBe('mix divide roll cook');
    expect(notUnderstood).toEqual([]);
    const stack = text.indexOf('stack');
    expect(words.find((w) => w.from <= stack && stack < w.to)?.owner).toBe('remark');
  });
});

describe('what is told by another sign', () => {
  const bread = (text: string) => read(text).bread ?? expect.fail(`no bread: ${text}`);
  it('a stack that waits for a while rests', () => {
    const steps = stepsOf(
      LIST,
      'Mix. Divide into 8. Roll to 18 cm and stack under a cloth for 10 minutes. Cook 1 min a side.',
    );
    expect(steps).toBe('mix, divide, roll, rest 10, cook 60+60');
  });
  it('what to be careful of on the griddle stands with it', () => {
    const { steps } = bread(
      `Rounds\n\n${LIST}\n\nMix. Divide into 8, roll. Careful, hot: 1 minute a side on the griddle.`,
    );
    expect(steps.find((s) => s.kind === 'cook')?.caution).toMatch(/Careful/);
  });
  it('a cube of yeast has its weight as a guess', () => {
    const { guesses } = read(`Rounds\n\n${LIST}\nhalf a cube of fresh yeast\n\n${WORK}`);
    expect(guesses.map((g) => g.why).join()).toContain('a cube of yeast is taken as 42 g');
  });
  it('a batter that is left on the griddle for a minute or two is cooked', () => {
    const steps = stepsOf(LIST, 'Stir to a batter. Ladle 80 g onto the pan and spread it. Leave for 90 seconds.');
    expect(steps).toMatch(/^mix, divide, shape, cook \d+/);
  });
  it('a list between bars behind its name, and nothing of it is left over', () => {
    const text = `Base: strong flour 100 | water 60 | salt 2\nKnead 8 minutes. Divide into 8, roll, cook 1 minute a side.`;
    expect(bread(text).ingredients.map((i) => `${i.name} ${i.pct}`)).toEqual([
      'strong flour 100',
      'water 60',
      'salt 2',
    ]);
    expect(read(text).notUnderstood).toEqual([]);
  });
  it('a flour of another tongue keeps its type in its name, and holds what wheat does', () => {
    const [flour] = bread(`Fladen\nMehl Typ 550: 500 g\nwater: 300 g\n${WORK}`).ingredients;
    expect([flour?.name, ...(flour?.allergens ?? [])]).toEqual(['mehl typ 550', 'gluten', 'wheat']);
  });
});

describe('foods of one kind under two names', () => {
  const namesOf = (list: string): readonly string[] =>
    read(`Rounds\n\n500 g flour\n${list}\n10 g salt\n\nMix, knead 8 minutes. ${WORK}`).bread?.ingredients.map(
      (i) => `${i.name} ${i.pct}`,
    ) ?? [];
  it('stay two, as a list tells them', () => {
    expect(namesOf('200 g kefir\n100 g whey')).toEqual(['flour 100', 'kefir 40', 'whey 20', 'salt 2']);
  });
  it('and are one where one only says more of it', () => {
    expect(namesOf('200 g warm milk\n100 g milk')).toEqual(['flour 100', 'warm milk 60', 'salt 2']);
    expect(namesOf('200 g warm water\n100 g cold water')).toEqual(['flour 100', 'warm water 60', 'salt 2']);
  });
});
