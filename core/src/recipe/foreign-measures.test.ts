import { describe, expect, it } from 'vitest';
import { importRecipe } from './index.ts';
import { readIngredientLine } from './ingredient-line.ts';
import { Mapped } from './mapped.ts';

const gramsOf = (line: string): number | undefined =>
  readIngredientLine(Mapped.of(line), 'dough', 'metric')?.[0]?.weight?.g;

describe('a measure of another tongue', () => {
  // what it is called here, common usage from memory; what that weighs is checked elsewhere
  it.each([
    ['2 EL oil', '2 tbsp oil'],
    ['2 msk oil', '2 tbsp oil'],
    ['2 ss oil', '2 tbsp oil'],
    ['2 c. à s. oil', '2 tbsp oil'],
    ['2 cucharadas de oil', '2 tbsp oil'],
    ['2 cucchiai di oil', '2 tbsp oil'],
    ['oil: 2 msk', '2 tbsp oil'],
    ['2 tb oil', '2 tbsp oil'],
    ['1 TL salt', '1 tsp salt'],
    ['1 tsk salt', '1 tsp salt'],
    ['1 ts salt', '1 tsp salt'],
    ['1 cc salt', '1 tsp salt'],
    ['250 cc water', '250 ml water'],
    ['1 krm salt', '1 pinch of salt'],
    ['3 hg flour', '300 g flour'],
    ['20 dkg flour', '200 g flour'],
    ['flour 3 hg', '300 g flour'],
    ['1 lt water', '1 l water'],
    ['1 pkg yeast', '1 sachet yeast'],
    ['½ packet yeast (3.5 g)', '3.5 g yeast'],
    ['½ packet yeast (7 g)', '3.5 g yeast'],
    ['flour 6 c', '6 cups flour'],
    ['yeast 1 T', '1 tbsp yeast'],
    ['salt 1 1/2 t', '1 1/2 tsp salt'],
    ['pinch salt', '1 pinch of salt'],
    ['olive oil – a good glug (30)', '30 g olive oil'],
    ['2 handfuls of spinach (100)', '100 g spinach'],
    ['“mezzo chilo” of flour (half a kilo)', '500 g flour'],
  ])('%s is %s', (line, plain) => {
    expect(gramsOf(plain)).toBeGreaterThan(0);
    expect(gramsOf(line)).toBeCloseTo(gramsOf(plain) ?? NaN, 6);
  });
});

describe('a measure that nobody knows', () => {
  it.each(['2 zq oil', 'oil 2 zq', 'oil: 2 zq'])('is no grams: %s', (line) => {
    expect(gramsOf(line)).toBeUndefined();
  });

  it('is shown, and said beside what is taken for it', () => {
    const read = importRecipe(
      'Rounds\n500 g flour\n300 g water\n2 zq oil\n\nMix. Divide into 8, roll, cook 1 minute a side.',
    );
    expect(read.ok && read.value.bread?.ingredients.map((i) => i.name)).toContain('oil');
    expect(read.ok && read.value.guesses.map((g) => g.why)).toContain('what "zq" measures is not known');
    expect(read.ok && read.value.notUnderstood.join(' ')).toContain('2 zq');
  });

  it.each(['5 dry yeast', '3 red onions', '600 hot water', '20 oat flakes', '5 sea salt'])(
    'is none where the word says how it is: %s',
    (line) => {
      expect(gramsOf(line)).toBeGreaterThan(0);
    },
  );
});
