import { describe, expect, it } from 'vitest';
import { ITEM_PHRASES, LIST_PHRASES, SIZE_PHRASES } from '../testing/recipes/phrases/lists.ts';
import { PHRASE_BANKS, PHRASE_LIST } from '../testing/recipes/phrases/method.ts';
import { stepTold } from '../testing/recipes/step-told.ts';
import { importRecipe } from './index.ts';

const breadOf = (text: string) => {
  const read = importRecipe(text);
  if (!read.ok || !read.value.bread) throw new Error(`no bread comes of: ${text}`);
  return { bread: read.value.bread, notUnderstood: read.value.notUnderstood };
};

/** "proof" without a figure leaves open for how long. */
const asWanted = (is: string, wanted: string): string => (/\d/.test(wanted) ? is : (is.split(' ')[0] ?? is));

describe.each(PHRASE_BANKS)('ways to say it: $name', ({ before, behind, steps: [first, last], phrases }) => {
  it.each(phrases)('%s', (phrase, wanted) => {
    const { bread } = breadOf(`${PHRASE_LIST}${before} ${phrase}\n${behind}`);
    const wantedSteps = wanted === '' ? [] : wanted.split(', ');
    const read = bread.steps.slice(first, bread.steps.length - last).map((s) => stepTold(s, ['knead']));
    expect(read.map((is, n) => asWanted(is, wantedSteps[n] ?? is))).toEqual(wantedSteps);
  });
});

describe('ways to write an ingredient', () => {
  it.each(ITEM_PHRASES)('%s', (line, wanted) => {
    const isFlour = / \d/.test(wanted) && /flour|atta|wholemeal|masa|semolina|^00/i.test(wanted);
    const list = isFlour ? `${line}\n37 g whey` : `1000 g rye flour\n${line}\n37 g whey`;
    const { bread, notUnderstood } = breadOf(
      `Rounds\n\nIngredients\n${list}\n\nMethod\nMix and knead 8 minutes. Rest 30 minutes. Divide into 10. Roll out. Cook 1 minute a side.`,
    );
    const wheyPct = bread.ingredients.find((i) => i.name === 'whey')?.pct ?? NaN;
    const own = bread.ingredients.filter((i) => !['whey', 'rye flour'].includes(i.name));
    const read = own.map((i) => {
      const grams = i.pct === undefined ? i.gPerPiece : (37 * i.pct) / wheyPct;
      return { name: i.name, g: grams };
    });
    const wantedOnes = wanted.split(', ').map((w) => /^(.*?)(?: ([\d.]+))?$/.exec(w));
    expect(read).toHaveLength(wantedOnes.length);
    for (const m of wantedOnes) {
      const one = read.find((r) => r.name.includes(m?.[1] ?? '?'));
      expect(one, wanted).toBeDefined();
      const grams = Number(m?.[2] ?? NaN);
      if (!Number.isNaN(grams)) expect(Math.abs((one?.g ?? 0) - grams) / grams).toBeLessThan(0.02);
    }
    expect(notUnderstood).toEqual([]);
  });
});

describe('ways to tell a list', () => {
  const work = 'Knead 8 minutes. Rest 30 minutes. Divide into 8. Roll out. Cook 1 minute a side.';
  it.each(LIST_PHRASES)('%s', (list, wanted) => {
    for (const text of [`Rounds\n\n${list}\n\n${work}`, `${list.replace(/(?<!\.)$/, '.')} ${work}`]) {
      const { bread } = breadOf(text);
      const dough = bread.ingredients.filter((i) => i.use === 'dough');
      const wantedOnes = wanted.split(', ').map((w) => /^(.*?)(?: ([\d.]+))?$/.exec(w));
      expect(dough, text).toHaveLength(wantedOnes.length);
      for (const m of wantedOnes) {
        const pct = dough.find((i) => i.name.includes(m?.[1] ?? '?'))?.pct ?? NaN;
        // a pinch is no figure
        const told = Number(m?.[2] ?? pct);
        expect(Math.abs(pct - told), `${m?.[0]} of ${text}`).toBeLessThan(0.1 + told / 100);
      }
      expect(bread.steps.map((s) => s.kind)).toEqual(['mix', 'knead', 'rest', 'divide', 'roll', 'cook']);
    }
  });
});

describe('ways to tell how many and how large', () => {
  it.each(SIZE_PHRASES)('%s', (phrase, wanted) => {
    const { bread } = breadOf(
      `Rounds\n\n506 g flour\n300 g water\n10 g salt\n\nMix and knead for 8 minutes. Rest 30 minutes. ${phrase} Cook 1 minute a side.`,
    );
    const [pieces = NaN, cm = NaN, mm = NaN] = wanted.split(' ').map(Number);
    const { doughG, diameterCm, thicknessMm } = bread.piece;
    // a hundred grams as told, or what is left of the dough once some of it is lost
    const isCounted = [800, 792].some((g) => Math.abs(g / doughG / pieces - 1) < 0.02);
    expect(isCounted, `${doughG} g`).toBe(true);
    if (!Number.isNaN(cm)) expect(Math.abs(diameterCm / cm - 1)).toBeLessThan(0.02);
    if (!Number.isNaN(mm)) expect(Math.abs((thicknessMm ?? 0) / mm - 1)).toBeLessThan(0.02);
  });
});
