import { describe, expect, it } from 'vitest';
import { readingOf } from '../testing/recipes/reading.ts';
import { doughTempsIn } from './dough-temperature.ts';
import { importRecipe } from './index.ts';

const DOUGH = '500 g flour, 300 g water, 10 g salt';
const METHOD = '\nMix, knead 8 min, rest 1 h. Divide into 8. Roll to 18 cm, griddle 2 min a side.';
const read = (text: string) => {
  const result = importRecipe(text);
  if (!result.ok || !result.value.bread) expect.fail('no bread');
  return { ...result.value, bread: result.value.bread, told: readingOf(result.value.bread) };
};
const stepsOf = (method: string): string => read(`Pita\n${DOUGH}\n${method}`).told.steps;

describe('a line of which a part goes elsewhere', () => {
  it.each([
    ['half the ghee', 'the rest of the ghee', 'ghee 3', 'ghee 1.88 finish'],
    ['10 g of the ghee', 'the remaining ghee', 'ghee 2', 'ghee 2.5 finish'],
    ['a third of the ghee', 'what is left of the ghee', 'ghee 2', 'ghee 2.5 finish'],
  ])('%s in the dough, and brushed with %s', (first, rest, dough, outside) => {
    const { told, notUnderstood } = read(
      `Naan\n500 g flour\n300 g water\n30 g ghee\nMix flour, water and ${first}. Knead 8 min. Rest 1 h. Divide into 8. Roll to 18 cm. Griddle 2 min a side. Brush with ${rest}.`,
    );
    expect(told.dough).toContain(dough);
    expect(told.outside).toBe(outside);
    expect(notUnderstood).toEqual([]);
  });
  it('what is kept back for the same dough stays one', () => {
    const { told } = read(
      `Rounds\n500 g flour\n300 g water\nMix flour and half the water, then add the rest of the water.${METHOD}`,
    );
    expect(told.dough).toBe('flour 100, water 60');
  });
  it.each([
    ['half the water, add the rest', 50],
    ['two thirds of the water, then the rest', 33],
    ['most of the water, then the rest', 10],
    ['¾ of the water, then the rest', 25],
    // a measure is no share
    ['1/2 cup water, then the rest of the salt', undefined],
    ['half a cup of the water, then the rest of the salt', undefined],
  ])('and is kept back by its share: %s', (words, pct) => {
    const { bread } = read(`Rounds\n${DOUGH}\nMix the flour with ${words}.${METHOD}`);
    expect(bread.ingredients.find((i) => i.role === 'water')?.holdBackPct).toBe(pct);
  });
  it('what the list tells in two parts is two', () => {
    const { told } = read(
      'Paratha\natta 500 / water 310 / salt 7 / ghee 20 (dough) + 80 (layers)\nknead 6, rest 25, 10 x 83 g, roll 15, coil, rest 10, roll 18, tawa 40 s a side',
    );
    expect(told.outside).toBe('ghee 8 layer');
  });
});

describe('what is told once more', () => {
  it('a share beside a weight of the same weighs nothing more', () => {
    const { told, conflicts } = read(`water 60 %\nflour 430 g, water 258 g, salt 8 g${METHOD}`);
    expect(told.dough).toBe('flour 100, water 60, salt 1.86');
    expect(conflicts).toEqual([]);
  });
  it('and is held against it', () => {
    expect(
      read(`water 70 %\nflour 430 g, water 258 g${METHOD}`)
        .conflicts.map((c) => c.what)
        .join(),
    ).toContain('not 70 %');
  });
  it('the title on a card of its page is no entry', () => {
    const { told } = read(
      `<h1>Soft Yogurt Flatbreads</h1><p>These are the flatbreads I make. You need only 15 minutes.</p><h2>Soft Yogurt Flatbreads</h2><div>Prep: 10 mins</div><div>Yield: 6 flatbreads</div><h3>Ingredients</h3><ul><li>250 g flour</li><li>245 g yogurt</li></ul><p>${METHOD}</p>`,
    );
    expect(told.dough).toBe('flour 100, yogurt 98');
  });
  it.each(['300g/10½oz strong flour', '300 g (10½ oz) strong flour', '2 cups (300g) strong flour (T65)'])(
    'in two measures: %s',
    (line) => {
      expect(read(`${line}\n180 g water${METHOD}`).told.dough).toMatch(/^strong flour(?: T65)? 100, water 60$/);
    },
  );
});

describe('what is none of the dough', () => {
  it.each([
    [
      'Gözleme. Dough: 500 g flour, 310 g water. Within: 300 g spinach, 200 g feta. Knead 8 min, rest 30 min. Six balls. Roll to 35 cm. Spread with the filling, fold over. Griddle 3 min a side.',
      'spinach 50 fill, feta 33.33 fill',
    ],
    [
      'Puri\n500 g flour, 310 g water\nDal: 200 g split peas, 1 tsp cumin\nKnead 5 min, rest 30 min. Divide into 10. 1 tbsp dal in each, close, rest 15 min. Roll 20 cm. Tawa 30 s a side.',
      'split peas 20 fill, cumin 0.23 fill',
    ],
    [
      'Laugen\nDough: 500 g flour, 280 g water\nBath: 1 l water + 40 g baking soda\nKnead 8 min; 45 min rise; 8 balls; roll 16 cm; oven 220 °C 12 min',
      'water 125.01 bath, baking soda 5 bath',
    ],
    [
      'Kitcha: 500 g flour, 400 g water. Mix. Divide into 2. Roll to 26 cm. Pan 5 min a side. Tear up with spiced butter (50 g) and berbere (4 g).',
      'spiced butter 25 serve, berbere 2 serve',
    ],
    [
      'Lahmacun\nDough for 12: 750 g flour, 450 g water\nTopping for 12: 500 g lamb mince, 200 g onion\nKnead 8 min, rest 45 min. Divide into 12. Roll 22 cm. Spread with the topping. Bake 5 minutes.',
      'lamb mince 41.67 finish, onion 16.67 finish',
    ],
    [
      '350 g flour, 210 g water, and for the top 60 g soft butter. Knead for a minute, divide into 8. Roll to 12 cm. Griddle 2 minutes a side. Spread with the butter.',
      'soft butter 7.5 finish',
    ],
    [
      'Recco\nDough 250 g flour, 125 g water\nFilling 400 g stracchino\nKnead 8 min. Rest 1 hour. Divide in two. Roll. Fill. Oven 270°C 7 min.',
      'stracchino 200 fill',
    ],
  ])('%j', (text, outside) => {
    const { told } = read(text);
    expect(told.outside).toBe(outside);
    expect(told.dough).toMatch(/^flour 100, water \d+$/);
  });
  it('oil on top is no layer, and under a coil it is', () => {
    const method = (end: string): string =>
      `${DOUGH}, 5 g yeast, 15 g oil\nMix, rest 1 h. Divide into 4. Stretch to 22 cm, dimple, oil${end}. Oven 260 °C, 7 min.`;
    expect(read(method('')).bread.family).toBe('yeasted');
    expect(read(method(', coil, rest 10 min, roll to 20 cm')).bread.family).toBe('laminated');
  });
});

describe('what somebody avoids', () => {
  const saying = (title: string): string =>
    read(`${title}\n${DOUGH}${METHOD}`)
      .conflicts.map((c) => c.what)
      .join();
  it('a title that says what is not in it names no food of it', () => {
    const title = 'Nut-free, dairy-free tortillas for the Wednesday group (Leo: no sesame!)';
    const { bread } = read(`${title}\n${DOUGH}${METHOD}`);
    expect(bread.ingredients.map((i) => i.name)).toEqual(['flour', 'water', 'salt']);
    expect(bread.ingredients.flatMap((i) => i.allergens ?? [])).not.toContain('sesame');
    expect(saying("Flatbread for people who can't have walnuts")).toBe('');
    expect(saying('Walnut flatbread')).toContain('it holds');
  });
  it('eggs of dough are none', () => {
    expect(
      read(`${DOUGH}\nMix, rest 1 h. Pull off eggs of dough, roll to 18 cm, griddle 2 min a side.`).conflicts,
    ).toEqual([]);
  });
  it('kinds in brackets are those of what stands before them, but for what must be avoided', () => {
    const of = (kinds: string): string =>
      read(`500 g flour, 300 g water\n50 g mixed seeds (${kinds})${METHOD}`)
        .conflicts.map((c) => c.what)
        .join();
    expect(of('sunflower, pumpkin')).toBe('');
    expect(of('sunflower, sesame')).toContain('it holds sesame');
  });
  it('of a mix that nobody knows it is not said that it holds no gluten', () => {
    const family = (mix: string): string => read(`500 g ${mix}, 400 g water, 10 g salt${METHOD}`).bread.family;
    expect(family('rice-and-corn mix')).not.toBe('gluten-free');
    expect(family('gluten-free mix')).toBe('gluten-free');
  });
  it('what a fact names and no list has is shown', () => {
    const { notUnderstood } = read(`flour 1 kg, salt 12 g\nEach group takes 280 g mix + 175 ml warm water${METHOD}`);
    expect(notUnderstood.join()).toContain('175 ml warm water');
  });
});

describe('times in other forms', () => {
  it.each([
    [
      'Mix, knead 8 min. 1h30. Divide into 8. Roll 18 cm. Griddle 1 min a side.',
      'mix, knead 8, rest 90, divide, roll, cook 60+60',
    ],
    [
      'Mix, knead 8 min. Rest 1 h. 24 pcs à 42 g. Roll. Griddle 1 min a side.',
      'mix, knead 8, rest 60, divide, roll, cook 60+60',
    ],
    [
      'Mix. Rest it for twenty minutes (no longer than an hour). Divide into 8. Roll. Griddle 1 min a side.',
      'mix, rest 20, divide, roll, cook 60+60',
    ],
    [
      'Mix. Rest 30 min (or overnight in the fridge; take it out 1 hr before). Divide into 8. Roll. Griddle 1 min a side.',
      'mix, rest 30, divide, roll, cook 60+60',
    ],
    ['Mix. Balls, 20 min (up to 2 h), film. Roll. Griddle 1 min a side.', 'mix, ball, rest 20, roll, cook 60+60'],
    [
      'Mix. Rest 1 h. 8 balls. Roll up, coil, flatten after 10 min to 12 cm. Griddle 1 min a side.',
      'mix, rest 60, ball, coil, rest 10, shape, cook 60+60',
    ],
    [
      'Mix. Rest 1 h. 8 balls. Roll. Tawa: when it changes colour (half a minute) turn it; another half-minute; then the flame, five seconds.',
      'mix, rest 60, ball, roll, cook 30+30+5',
    ],
    ['Mix. Rest 1 h. 8 balls. Roll. Hot tawa 45 s + 30 s + puff on flame.', 'mix, rest 60, ball, roll, cook 45+30+15'],
    ['Mix. Rest 1 h. 8 balls. Roll. Griddle low 5 + 5', 'mix, rest 60, ball, roll, cook 300+300'],
    ['Mix. Let rest for a few mins. 8 balls. Roll. Griddle 1 min a side.', 'mix, rest 3, ball, roll, cook 60+60'],
    [
      "0' mix\n3' knead\n5' rest\n15' divide (8)\n18' roll\n23' griddle, 2 min each side",
      'mix, knead 2, rest 10, divide, roll, cook 120+120',
    ],
    [
      'mixed at 9.00, folded at 9.30 and 10.00, balled at 11.30, rolled and cooked from 12.15. 2 minutes a side.',
      'mix, rest 30, fold, rest 30, fold, rest 90, ball, rest 45, roll, cook 120+120',
    ],
    [
      '09:00 - mix\n09:15 - rest\n10:15 - divide into 8\n10:30 - roll\n10:40 - griddle 1 min a side',
      'mix, rest 60, divide, roll, cook 60+60',
    ],
    [
      '09:30 make dough, rest until 10:15\n10:15 10 balls\n10:40 roll\n10:50 griddle 1 min a side',
      'mix, rest 45, ball, roll, cook 60+60',
    ],
    [
      '8 min, firm\n30 min\n16 x 50 g\n20 min\n1 mm, 40 cm\nsac: 20 s / 15 s',
      'mix, knead 8, rest 30, divide, rest 20, roll, cook 20+15',
    ],
    [
      'i) mix ii) knead 5 mins iii) 8 balls iv) rest 30 mins v) roll vi) comal 30s/side',
      'mix, knead 5, ball, rest 30, roll, cook 30+30',
    ],
  ])('%j', (method, steps) => {
    expect(stepsOf(method)).toBe(steps);
  });
  it.each([
    ['bulk 4 h, 3 folds in the first 90 min', '30 fold 30 fold 30 fold 150'],
    ["bulk 2h30, folds at 30' 60' 90'", '30 fold 30 fold 30 fold 60'],
    ['07:00–11:00 bulk, 3 folds in the first 90 min', '30 fold 30 fold 30 fold 150'],
  ])('folds within a proof: %s', (proof, wanted) => {
    const { bread } = read(
      `Pita\n500 g flour, 300 g water, 5 g yeast\nMix 8 min\n${proof}\n12 balls\nRoll. Griddle 1 min a side.`,
    );
    const lain = bread.steps
      .slice(1)
      .flatMap((s) => (s.kind === 'proof' ? [String(s.window.ideal)] : s.kind === 'fold' ? ['fold'] : []));
    expect(lain.join(' ')).toBe(wanted);
  });
  it('the wanted temperature of the dough is kept with the bread', () => {
    expect(doughTempsIn('Desired dough temp 26 °C').map((t) => t.celsius)).toEqual([26]);
    expect(doughTempsIn('DDT 78°F').map((t) => t.celsius)).toEqual([25.6]);
    expect(doughTempsIn('dough temperature: 24-26 °C').map((t) => t.celsius)).toEqual([25]);
    expect(doughTempsIn('water at 60 °C')).toEqual([]);
    const { bread, notUnderstood } = read(`Pita\n${DOUGH}\nDough temp: 26°C${METHOD}`);
    expect(bread.doughC).toBe(26);
    expect(notUnderstood).toEqual([]);
  });
});

describe('lists in other forms', () => {
  it.each([
    ['DOUGH maida 500 curd 100 milk 180 salt 8', 'maida 100, curd 20, milk 36, salt 1.6'],
    ['F 100 / W 64 / S 2 / Y 1.2 / OO 6', 'flour 100, water 64, salt 2, yeast 1.2, olive oil 6'],
    ['flour 2 kg / water 1,25 / salt 40 / oil 60', 'flour 100, water 62.5, salt 2, oil 3'],
    ['flour 10.000 kg; water 5.600; salt 0.150', 'flour 100, water 56, salt 1.5'],
    ['For 1 lb of flour: 4 oz butter, 8 oz water', 'flour 100, butter 25, water 50'],
    ['Six ounces of oatmeal and two of plain flour, three ounces of water', 'oatmeal 75, plain flour 25, water 37.5'],
    ['8 oz S.R. flour\n4 oz milk', 'plain flour 100, baking powder 5, milk 52.5'],
    ['2 tazze / cups of flour, 150 g water', 'flour 100, water 59.15'],
    ['450 g 00 / 270 g H2O / 9 g salt', 'flour 00 100, water 60, salt 2'],
    ['Besan 200g | Water 320ml | Salt 4 g | Coriander 2 g', 'besan 100, water 160.01, salt 2, coriander 1'],
    ['400 g rye meal + 350 g boiling water, cover, 30 min', 'rye meal 100, boiling water 87.5'],
    ['2½ cups atta, 1 packed cup of spinach (150 g)', 'atta 100, spinach 50.25'],
    ['Measure: 1 cup = 120 g flour\n300 g rye flour\n200 g water', 'rye flour 100, water 66.67'],
    ['150 g flour, 75 g discard (100 %), 30 g water if stiff', 'flour 100, discard 50, water 20'],
    ['1 kg type 550, 560 g water', 'flour type 550 100, water 56'],
    ['500 g flour, 250 g water plus 40 g more if it wants it', 'flour 100, water 50'],
    ['flour 500, water 390 (350 + 40 later)', 'flour 100, water 78'],
    ['300 g flour\nGreek yoghurt (10%) 300 g', 'flour 100, greek yoghurt 100'],
    ['five centilitres of olive oil, 250 g flour, 150 g water', 'olive oil 18.3, flour 100, water 60'],
  ])('%j', (list, dough) => {
    expect(read(`Rounds\n${list}${METHOD}`).told.dough).toBe(dough);
  });
  it('"on 100 of chickpea flour" names that flour, and no wheat', () => {
    const { told, bread } = read(
      'Farinata, on 100 of chickpea flour: water 290, olive oil 18, salt 2. Whisk. Stand 3 hours. Ladle out 120 g, spread to 24 cm. Griddle 3 min, turn, 2 min.',
    );
    expect(told.dough).toBe('chickpea flour 100, water 290, olive oil 18, salt 2');
    expect(bread.ingredients.flatMap((i) => i.allergens ?? [])).not.toContain('wheat');
  });
  it('grain that is ground is flour', () => {
    const { told } = read(
      'Appam\nraw rice 500 g (soak 5 hours, drain)\ngrated coconut 150 g\nsalt 8 g\nwater 450 ml\nGrind all to a batter. Ferment 8 hours. Ladle 55 g into the pan, lid, 2 min, no turning.',
    );
    expect(told.dough).toBe('raw rice 100, grated coconut 30, salt 1.6, water 90');
    expect(told.steps).toMatch(/^mix, rest 300, mix, /);
  });
  it('a table of stages with what goes in at each', () => {
    const { told } = read(
      'Stage | Min | Notes\nAutolyse | 20 | flour 1000, water 650\nAdd salt 20, starter 200, oil 30 | 3 | squeeze\nKnead | 7 | smooth\nBulk | 180 | covered\nDivide 10 | 5 | 190 g\nRest | 30 |\nBake | 5 | stone 290',
    );
    expect(told.dough).toBe('flour 100, water 65, salt 2, starter 20, oil 3');
    expect(told.steps).toMatch(/^mix, rest 20, mix, knead 7, proof 180, divide, rest 30/);
  });
  it('a card with two stages in a row', () => {
    const { told, bread } = read(
      "Recipe card No. 14          Date: 12/03\nProduct: GARLIC FLATBREAD   Batch: 40 pcs\nFlour   3,000 kg\nWater   1,860 kg\nSalt   0,060 kg\nYeast fresh   0,060 kg\nKneading: 4' / 6'     Dough temp: 26°C\nBulk: 45'             Scaling: 125 g\nInterm. proof: 15'    Sheeting: 4 mm\nFinal proof: 30'      Baking: 250°C 7'",
    );
    expect(bread.name).toBe('GARLIC FLATBREAD');
    expect(told.steps).toBe('mix, proof 45, divide, proof 15, roll, proof 30, cook 252+168');
  });
  it('two doughs that are counted are two recipes', () => {
    const { bread, conflicts } = read(
      'DOUGH 1: yogurt flatbread\nflour 1200, yogurt 720, salt 20\nmix 3, rest 15, /16, roll 18, griddle 2+1.5\nDOUGH 2: tortillas\nflour 900, lard 135, hot water 480\nmix 2, knead 3, rest 30, /24, roll 18, griddle .5+.5',
    );
    expect(conflicts.map((c) => c.what).join()).toContain('2 recipes');
    expect(bread.ingredients.map((i) => i.name)).toEqual(['flour', 'yogurt', 'salt']);
  });
});
