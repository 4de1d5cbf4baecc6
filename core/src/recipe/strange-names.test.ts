import { describe, expect, it } from 'vitest';
import { ingredientOfFood } from '../bread/index.ts';
import { foodById } from '../foods/index.ts';
import { importRecipe } from './index.ts';
import { strangeNames } from './strange-names.ts';

const named = (...names: readonly string[]) =>
  strangeNames(names.map((name) => ({ ...ingredientOfFood(foodById('water'), { use: 'dough' }), name, pct: 10 })));

describe('names that read like no food', () => {
  it.each([
    'and a quarter water',
    '/ piece',
    'for 25 kids',
    'minus a finger of oil',
    'autolyse 20 flour',
    'tenth yeast." we took',
    'each',
    'plus oil/ghee',
  ])('%s', (name) => {
    expect(named(name).map((c) => c.paths)).toEqual([['ingredients[0]']]);
  });
  it('names of foods do, with their types, and with what they are for', () => {
    expect(
      named(
        'strong white flour',
        'flour T65',
        'flour type 550',
        'flour 00',
        '5-spice',
        'oil, for the griddle',
        'strong flour, for each piece',
        'butter or lard',
        'salt and pepper',
        'Kräutersalz',
      ),
    ).toEqual([]);
  });
  it('stand with what does not agree', () => {
    const read = importRecipe(
      '500 g flour, 300 g water, one jar minus a finger of oil\nMix, rest 1 h. Divide into 8. Roll to 18 cm, griddle 2 min a side.',
    );
    const said = read.ok ? read.value.conflicts.map((c) => c.what) : [];
    expect(said).toContain('"minus a finger of oil" does not read like a food: its line may have been read wrong');
  });
});
