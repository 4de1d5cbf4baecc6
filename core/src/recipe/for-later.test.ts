import { describe, expect, it } from 'vitest';
import { USES_IN_WORDS } from '../testing/recipes/phrases/parts.ts';
import { importRecipe } from './index.ts';

const FLOUR_AND_WATER = '500 g flour\n300 g water';
const LIST = `${FLOUR_AND_WATER}\n10 g salt`;
const METHOD = 'Mix the dough. Knead 8 min. Rest 30 min. Divide into 8. Roll to 20 cm. Cook 1 min a side.';
const DOUGH = 'flour 100, salt 2, water 60';
const capital = (entry: string): string => entry.replace(/^./u, (c) => c.toUpperCase());

/** Where an entry stands that says itself what it is for. */
const PLACES: Readonly<Record<string, (entry: string) => string>> = {
  'the last line of a list': (entry) => `${LIST}\n${entry}`,
  'a line of its own': (entry) => `${LIST}\n\n${entry}`,
  'a sentence of its own': (entry) => `${LIST}\n${capital(entry)}.`,
  'the first line': (entry) => `${entry}\n${LIST}`,
  'between flour and water': (entry) => `500 g flour\n${entry}\n300 g water\n10 g salt`,
  'behind "plus"': (entry) => `${LIST}\nplus ${entry}`,
  'behind "and"': (entry) => `${LIST}\nand ${entry}`,
  'behind "also"': (entry) => `${LIST}\nalso ${entry}`,
  'behind a plus sign': (entry) => `${LIST}\n+ ${entry}`,
  'under "Plus"': (entry) => `${LIST}\nPlus\n${entry}`,
  'in brackets': (entry) => `${LIST}\n(${entry})`,
  'the last bullet': (entry) => `- ${LIST.replace(/\n/g, '\n- ')}\n- ${entry}`,
  'a numbered entry': (entry) => `1. 500 g flour\n2. 300 g water\n3. 10 g salt\n4. ${entry}`,
  'under a heading': (entry) => `Ingredients\n${LIST}\n${entry}`,
  'behind names with amounts': (entry) => `flour 500 g\nwater 300 g\nsalt 10 g\n${entry}`,
  'behind names with amounts, in a line': (entry) => `flour 500 g, water 300 g, salt 10 g, ${entry}`,
  'behind bare figures': (entry) => `flour 500; water 300; salt 10; ${entry}`,
  'behind percentages': (entry) => `flour 100 %\nwater 60 %\nsalt 2 %\n${entry}`,
  'a row of a table': (entry) => `| flour | 500 g |\n| water | 300 g |\n| salt | 10 g |\n| ${entry} | |`,
  'an entry of a page': (entry) =>
    `<ul><li>500 g flour</li><li>300 g water</li><li>10 g salt</li><li>${entry}</li></ul>`,
  ...Object.fromEntries(
    ['; ', ', ', ' · ', ' / ', ' | ', ' + ', ' and ', ', and ', ', plus '].flatMap((sign) => [
      [`behind the salt and "${sign}"`, (entry: string) => `${LIST}${sign}${entry}`],
      [
        `in a line of "${sign}"`,
        (entry: string) => `${LIST.replace(/\n/g, sign.replace(/and |plus /, ''))}${sign}${entry}`,
      ],
    ]),
  ),
  'behind the salt and a point': (entry) => `${LIST}. ${capital(entry)}.`,
  'behind sentences': (entry) => `500 g flour. 300 g water. 10 g salt. ${capital(entry)}.`,
};
/** A row of a table has a bar of its own; "500 g flour and 300 g water and …" is no list of anybody. */
const LEFT_OUT = ['in a line of " | "', 'in a line of " and "'];

/** What is wrong in words; undefined where the dough is as it was and every entry is for what it says. */
function wrongIn(list: string, entries: readonly (typeof USES_IN_WORDS)[number][]): string | undefined {
  const read = importRecipe(`Flatbreads\n\n${list}\n\n${METHOD}`);
  if (!read.ok || !read.value.bread) return `${list}: no bread`;
  const { bread, notUnderstood } = read.value;
  const dough = bread.ingredients.filter((i) => i.use === 'dough').map((i) => `${i.name} ${Math.round(i.pct ?? NaN)}`);
  const isThere = ([, use, name]: (typeof entries)[number]): boolean =>
    bread.ingredients.some((i) => i.use === use && name.test(i.name));
  const isRight = dough.sort().join(', ') === DOUGH && entries.every(isThere) && notUnderstood.length === 0;
  return isRight
    ? undefined
    : `${list}: ${bread.ingredients.map((i) => `${i.name} ${i.use}`).join(', ')} | ${notUnderstood.join()}`;
}

describe('an entry that says what it is for, and the salt beside it', () => {
  it.each(Object.entries(PLACES).filter(([place]) => !LEFT_OUT.includes(place)))('%s', (_, set) => {
    const wrong = USES_IN_WORDS.map((entry) => wrongIn(set(entry[0]), [entry])).filter((w) => w !== undefined);
    expect(wrong).toEqual([]);
  });
});

describe('two entries of one line that each say what they are for', () => {
  const pairs = USES_IN_WORDS.flatMap((first, n) =>
    [5, 11, 17, 23].map((step) => [first, USES_IN_WORDS[(n * 7 + step) % USES_IN_WORDS.length] ?? first] as const),
  ).filter(([a, b]) => a[0].split(' ').at(-1) !== b[0].split(' ').at(-1));
  it.each(['; ', ', ', ' · ', ' / ', ', plus ', ', and ', '. '])('parted by "%s"', (sign) => {
    const wrong = pairs.map((pair) => {
      const [first, second] = [pair[0][0], pair[1][0]];
      return wrongIn(`${LIST}\n${first}${sign}${sign === '. ' ? capital(second) : second}`, pair);
    });
    expect(pairs.length).toBeGreaterThan(150);
    expect(wrong.filter((w) => w !== undefined)).toEqual([]);
  });
});
