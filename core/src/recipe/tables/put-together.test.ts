import { describe, expect, it } from 'vitest';
import { type MadeTable, TABLES_OF_INGREDIENTS, TABLES_OF_WORK } from '../../testing/recipes/phrases/tables-made.ts';
import { stepTold } from '../../testing/recipes/step-told.ts';
import { importRecipe } from '../index.ts';

const breadOf = (text: string) => {
  const read = importRecipe(text);
  return read.ok ? read.value.bread : null;
};
/** The figures of a table that nobody owns and nobody is shown, but for the numbers of its rows. */
function unseenIn({ name, text }: MadeTable): readonly string[] {
  const read = importRecipe(text);
  const words = read.ok ? read.value.words : [];
  const isNumbered = name.startsWith('number');
  // what is for more people is the same once more, and set aside
  const isNoOwner = (owner: string): boolean => owner === 'noise' || (owner === 'aside' && !name.includes('of more'));
  return [...text.matchAll(/(?<![\w.])\d+(?:\.\d+)?/g)].flatMap((m) => {
    const over = words.filter((w) => w.from <= m.index && m.index < w.to && !isNoOwner(w.owner));
    const isRow = isNumbered && Number(m[0]) <= 8;
    return over.length > 0 || isRow ? [] : [`${name}: ${m[0]}`];
  });
}

describe('a table that is put together', () => {
  it('has no figure that is lost: what is not read is shown', () => {
    expect([...TABLES_OF_INGREDIENTS, ...TABLES_OF_WORK].flatMap(unseenIn)).toEqual([]);
  });
  it('of ingredients holds the same in all columns, heads and forms', () => {
    const wanted = 'strong flour 100, water 65, salt 2, instant yeast 1, olive oil 4';
    const others = TABLES_OF_INGREDIENTS.flatMap(({ name, text }) => {
      const bread = breadOf(text);
      const formula = (bread?.ingredients ?? []).map((i) => `${i.name} ${i.pct}`).join(', ');
      const steps = (bread?.steps ?? []).map((s) => s.kind).join(' ');
      const isRight = formula === wanted && steps === 'mix knead proof divide ball rest roll cook';
      return isRight ? [] : [`${name}: ${formula}; ${steps}`];
    });
    expect(others).toEqual([]);
  });
  it('of stages tells the same in all columns, heads and forms', () => {
    const others = TABLES_OF_WORK.flatMap(({ name, text }) => {
      const bread = breadOf(text);
      const steps = (bread?.steps ?? []).map((s) => stepTold(s, ['mix', 'knead'])).join(', ');
      const wanted = name.includes('minutes')
        ? 'mix 3, knead 7, proof 60, divide, ball, rest 15, roll, cook 60+60'
        : 'mix 6, knead 8, proof 60, divide, ball, rest 30, roll, cook 60+60';
      const isRight = steps === wanted && bread?.piece.diameterCm === 18 && bread.ingredients.length === 4;
      return isRight ? [] : [`${name}: ${steps}`];
    });
    expect(others).toEqual([]);
  });
});
