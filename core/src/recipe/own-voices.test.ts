import { describe, expect, it } from 'vitest';
import { stepTold } from '../testing/recipes/step-told.ts';
import { importRecipe } from './index.ts';

/** What teachers write in notes of their own: words left out, brackets, signs, two tongues. Each was read wrong once. */
const breadOf = (text: string) => {
  const result = importRecipe(text);
  return (result.ok ? result.value.bread : undefined) ?? expect.fail(`no bread: ${text}`);
};
const stepsOf = (work: string): string =>
  breadOf(`Rounds\n\n500 g flour\n300 g water\n10 g salt\n\n${work}`)
    .steps.map((s) => stepTold(s, ['knead']))
    .join(', ');

describe('notes of a teacher', () => {
  it.each([
    ['Mix. Ten minutes on the bench, kneading, no cheating. Rest 30 minutes.', 'mix, knead 10, rest 30'],
    ['Mix. Quarter of an hour of kneading by hand. Rest 30 minutes.', 'mix, knead 15, rest 30'],
    ['Mix and knead (5). Rest under a bowl (30).', 'mix, knead 5, rest 30'],
    ['Mix. 30 min later work the salt in. Rest 20 minutes.', 'mix, rest 30, mix, rest 20'],
    ['Mix. Knead 8 min, adding the salt after 2 min. Rest 20 minutes.', 'mix, knead 8, rest 20'],
    ['Knead for 8 minutes (salt in after 2 minutes). Rest 20 minutes.', 'mix, knead 8, rest 20'],
    ['Mix. Knead 8 min. 1 h 30 covered.', 'mix, knead 8, rest 90'],
    ['Mix. Knead 8 min. 90 min covered.', 'mix, knead 8, rest 90'],
    ['Mix. Knead 12 min, and it goes under an upturned basin, never less than an hour.', 'mix, knead 12, rest 90'],
    ['Everything together, 10 minutes by machine. 1½ h, punch down after 45 min.', 'mix, proof 45, knead 1, proof 45'],
    ['Machine: 4 min slow, 4 min fast. Rest 20 minutes.', 'mix, rest 20'],
    ['Spiral 3 min I, 6 min II. Bulk 40 min.', 'mix, proof 40'],
    ['Work flour, salt and water with your hand. Rest 10 minutes.', 'mix, rest 10'],
    ['Everything goes in. Add rest, mix 5 min. Rest 20 minutes.', 'mix, rest 20'],
    ['Water in. Knead 8 min. Oil the top, cover, half an hour.', 'mix, knead 8, rest 30'],
    ['Mix. Knead five. Rest 20 minutes.', 'mix, knead 5, rest 20'],
    ['Mix. Leave while the pan heats (10 min).', 'mix, rest 10'],
    ['Yeast, sugar and water: wait 10 min. Add flour and salt. Knead 8 min.', 'bloom 10, mix, knead 8'],
    ['Mix. Cover, 1 hour. Stir in the salt. 20 min.', 'mix, rest 60, mix, rest 20'],
    ['Mix, dont knead. Rest 20 minutes.', 'mix, rest 20'],
    ['Mix, 15 min wait, knead 6.', 'mix, rest 15, knead 6'],
    ['Mix stiff. Knead 6. Cover 20.', 'mix, knead 6, rest 20'],
    ['Mix, stand 10. Knead 5 min.', 'mix, rest 10, knead 5'],
    [
      'Mix 5 min, rest 20 min, then four folds every 20 minutes.',
      'mix, rest 20, proof 20, fold, proof 20, fold, proof 20, fold, proof 20',
    ],
    ['Yeast wakes in the water with sugar 10 min. Add the flour. Knead 8 min.', 'bloom 10, mix, knead 8'],
    ['Mix, add yeast, 1 hour in the warm.', 'mix, rest 60'],
    ['Mix, rest 15 min (or overnight in fridge).', 'mix, rest 15'],
    ['[knead] 8 min by hand. Rest 20 min.', 'mix, knead 8, rest 20'],
    ['Squeeze it together and leave it under the bowl for a quarter of an hour.', 'mix, rest 15'],
    ['Make a soft dough. It rests 1 hour covered.', 'mix, rest 60'],
    ['Dough by machine 8 min. 1 h.', 'mix, rest 60'],
    ['Mix. Wrap, minimum 30 min (mine waits two hours).', 'mix, rest 45'],
    ['Mix. COLD overnight.', 'mix, chill 600'],
  ])('of the dough: %s', (work, wanted) => {
    expect(stepsOf(`${work} Divide into 8, roll, cook 1 minute a side.`)).toBe(`${wanted}, divide, roll, cook 60+60`);
  });
  it.each([
    ['Portion 60, roll to 18 cm, cook 50 s / 40 s.', 'divide, roll, cook 50+40'],
    [
      'Divide 85 g. Flatten, 25 g filling, close, rest 5 min, roll to 16 cm. Cook 1 min a side.',
      'divide, fill, rest 5, roll, cook 60+60',
    ],
    ['Balls, round with flour, 10 min. Roll to 20 cm. Cook 1 min a side.', 'ball, rest 10, roll, cook 60+60'],
    ["8 balls ~65 g; cover; 15'. Roll to 20 cm. Cook 1 min a side.", 'ball, rest 15, roll, cook 60+60'],
    [
      '8 balls. Roll, coil, tuck. 10 min. Roll to 16 cm. Cook 1 min a side.',
      'ball, roll, coil, rest 10, roll, cook 60+60',
    ],
    [
      'Divide into 8, round them, an hour on the bench. Roll. Cook 1 min a side.',
      'divide, ball, rest 60, roll, cook 60+60',
    ],
    ['Divide into 8, keep cold. Roll. Cook 1 min a side.', 'divide, roll, cook 60+60'],
    ["Divide into 8. Sheet: 15 cm / 5 mm. FP: 25'. Griddle 1 min + 1 min.", 'divide, roll, proof 25, cook 60+60'],
    [
      '- Scale & round\n- 10 min\n- Pin to 14-15 cm, 5 mm, no creases!\n- 2nd prove 25 min\n- Griddle 2 min + 1 min',
      'divide, ball, rest 10, roll, proof 25, cook 120+60',
    ],
    ['Divide into 8. 20 min. Roll to 15 cm. 10 min. Cook 1 min a side.', 'divide, rest 20, roll, rest 10, cook 60+60'],
    ['Rounding, resting 15 min. Roll. Cook 1 min a side.', 'ball, rest 15, roll, cook 60+60'],
    [
      'Then ball, rest 12 h in the fridge. One hour out before use. Roll. Cook 1 min a side.',
      'ball, chill 720, temper 60, roll, cook 60+60',
    ],
    [
      'Divide into 8. Then with your hands, not with the pin, open them to 20 cm. Cook 1 min a side.',
      'divide, shape, cook 60+60',
    ],
    ['Divide into 8. Roll. 20 min on the rack. Cook 1 min a side.', 'divide, roll, rest 20, cook 60+60'],
    [
      'Divide into 8, roll. Bake on a stone until it puffs, 1 minute. Take out, split along the edge with scissors.',
      'divide, roll, cook 36+24',
    ],
    ['Divide into 8, roll. Oven stone 280 °C, 3 min.', 'divide, roll, cook 108+72'],
    ['Divide into 8, roll. 220 °C, 6 to 8 minutes.', 'divide, roll, cook 252+168'],
    ['Divide into 8, roll. Cook seven or eight minutes one side, the same the other.', 'divide, roll, cook 450+450'],
    [
      'Divide into 8, roll. Tawa, medium: 1 min – flip – ghee – 1 min – flip – ghee – 30 sec.',
      'divide, roll, cook 60+60+30',
    ],
    ['Divide into 8, roll. Cook: count to forty, peel it off, turn it, count to twenty.', 'divide, roll, cook 40+20'],
    ['Divide into 8, pour 60 g, spread to 15 cm, 2 min; flip; 1½ min.', 'divide, shape, cook 120+90'],
    ['Divide into 8. Oiled pan, 4 min each side, then stand them on edge another 5.', 'divide, roll, cook 240+240'],
    ['4 x 240, flatten to 18 cm. Cook 2 min a side.', 'divide, shape, cook 120+120'],
    ['Scale 12 × 85. Roll to 20 cm. Cook 1 min a side.', 'divide, roll, cook 60+60'],
    ['Cut 120 g oblongs, no shaping. Rest 25 min. Cook 4 min per side.', 'divide, rest 25, roll, cook 240+240'],
    ['Divide into 8, pat to 15 cm. Again 30 minutes. Cook 2 min a side.', 'divide, shape, rest 30, cook 120+120'],
    ['Divide into 8, roll. Give it two minutes, flip, and another minute and a half.', 'divide, roll, cook 120+90'],
    ['Divide into 8, roll to 19 cm and 60 sec / 45 sec on the griddles.', 'divide, roll, cook 60+45'],
    ['Divide into 8, roll. Cook 1 min a side. Ghee, coriander.', 'divide, roll, cook 60+60, finish'],
    [
      'Divide into 8, roll, leave on the floured planks 10 minutes, hot plates, 90 secs, flip, 60 secs.',
      'divide, roll, rest 10, cook 90+60',
    ],
    ["12 x 75 g – 15'\n26 cm, 1.5 mm\nGriddle 35 s + 25 s", 'divide, rest 15, roll, cook 35+25'],
    ['Cut: 15 x ~105 g. Roll to 20 cm. Cook 1 min a side.', 'divide, roll, cook 60+60'],
  ])('of its pieces: %s', (work, wanted) => {
    expect(stepsOf(work.startsWith('-') ? `- Mix\n- Knead 8 min\n${work}` : `Mix, knead 8 min. ${work}`)).toBe(
      `mix, knead 8, ${wanted}`,
    );
  });
  it.each([
    ['2 cups atta (240 g)\nWater: 3/4 cup + 1 tbsp', 'atta 100 (gluten, wheat); water 84.38'],
    ['500 g wheat\n300 g water', 'wheat 100 (gluten, wheat); water 60'],
    [
      'a pound and a half of self-raising\nhalf a pint of milk',
      'plain flour 100 (gluten, wheat); baking powder 5; milk 45.16 (milk)',
    ],
    [
      '500 g flour\nLevain, 100 % hydration: 150 g\n275 g water',
      'flour 100 (gluten, wheat); levain 30 (gluten, wheat); water 55',
    ],
    [
      '250 g plain flour + bench flour\n1 kg cooked, dry mashed potato',
      'plain flour 100 (gluten, wheat); plain flour, for dusting 5 g dust (gluten, wheat); cooked dry mashed potato 400',
    ],
    [
      '480 g atta, 290 ml water, 9 g salt, and for the filling 6 cloves of garlic and 60 g soft butter',
      'garlic 3 g fill; soft butter 7.5 g fill (milk); atta 100 (gluten, wheat); water 60.42; salt 1.88',
    ],
    [
      '500 g flour, 300 g water\nFor shaping: 80 ml oil, 50 g butter',
      'flour 100 (gluten, wheat); water 60; oil 9.2 g layer; butter 6.25 g layer (milk)',
    ],
    [
      'Three parts wheat to one part masa harina (750 and 250 grams), 560 g water',
      'wheat 75 (gluten, wheat); masa harina 25; water 56',
    ],
    [
      'Equal weights of yogurt and flour (300 g each), a pinch of salt',
      'yogurt 100 (milk); flour 100 (gluten, wheat); salt 0.12',
    ],
    ['flour T80 1600 g // water 56 % // salt 1.9 %', 'flour T80 100 (gluten, wheat); water 56; salt 1.9'],
    ['400 g flour\nspoonful of olive oil\n240 g water', 'flour 100 (gluten, wheat); olive oil 3.14; water 60'],
    ['225 g flour\n150 ml milk, plus a splash', 'flour 100 (gluten, wheat); milk 68.67 (milk)'],
    [
      '2 c AP flour\n1/2 t salt\n3 T lard\n3/4 c water',
      'ap flour 100 (gluten, wheat); salt 1.25; lard 17.66; water 73.94',
    ],
    ['Gram flour 300 g\nWater 420 ml', 'gram flour 100; water 140.01'],
    ['Flour 500 g\na soup spoon of salt\nT° water 28\n300 g water', 'flour 100 (gluten, wheat); salt 3.65; water 60'],
    [
      'Vollkornmehl Dinkel (wholemeal spelt)  250 g\nWasser (water) 30°   160 g',
      'wholemeal spelt 100 (gluten, wheat); water 64',
    ],
    ['4 cups flour (500 g), water as needed, about 300 ml, 10 g salt', 'flour 100 (gluten, wheat); water 60; salt 2'],
    ['500 g flour, 300 g discard, 100 g water', 'flour 100 (gluten, wheat); discard 60 (gluten, wheat); water 20'],
    [
      'two pounds of flour, two tablespoons of salt, and hot water, a pint, little less',
      'flour 100 (gluten, wheat); salt 4.03; hot water 62.64',
    ],
    [
      '200 g porridge oats (gluten-free), 200 g rice flour, 250 g water',
      'porridge oats 100; rice flour 100; water 125',
    ],
    [
      '400 strong + 200 semolina\n360 water\n12 salt',
      'strong flour 66.67 (gluten, wheat); semolina 33.33 (gluten, wheat); water 60; salt 2',
    ],
    [
      '250 g flour\na grate of nutmeg, 50 g butter, 1 egg, 60 ml milk',
      'flour 100 (gluten, wheat); nutmeg 0.14; butter 20 (milk); egg 20 (egg); milk 24.72 (milk)',
    ],
    [
      'Barley flour, three cups. Boiling water, one and a quarter cups. Salt, one teaspoonful.',
      'barley flour 100 (gluten); boiling water 87.24; salt 1.77',
    ],
    [
      '300 g flour, oil 20 g + oil for frying, water ~150 g',
      'flour 100 (gluten, wheat); oil 6.67; oil 2 g griddle; water 50',
    ],
    [
      '500 g flour, 300 g water\nfor the folds 60 g soft butter mixed with 60 ml oil',
      'flour 100 (gluten, wheat); water 60; soft butter 7.5 g layer (milk); oil 6.9 g layer',
    ],
    [
      '2 cups cornmeal, 1 cup hot water (you may need more), ghee to serve',
      'cornmeal 100; hot water 85.72; ghee 15 g serve (milk)',
    ],
    [
      "For our table of four that's 400 g flour to 200 g water; plus 8 g salt",
      'flour 100 (gluten, wheat); water 50; salt 2',
    ],
    ['flour 600 | yog 150 | water 200 | salt 12', 'flour 100 (gluten, wheat); yog 25 (milk); water 33.33; salt 2'],
    [
      'Dough /// flour 300 g, milk 160 g\nFilling /// potatoes 600 g, butter 40 g',
      'flour 100 (gluten, wheat); milk 53.33 (milk); potatoes 75 g fill; butter 5 g fill (milk)',
    ],
    ['500 g flour, water as much as it takes – 300 g about, salt 10 g', 'flour 100 (gluten, wheat); water 60; salt 2'],
    ['200 g porridge oats blitzed to flour, 220 g hot milk', 'porridge oats blitzed 100 (gluten); hot milk 110 (milk)'],
    [
      'DOUGH 700 g flour // 420 g water\nTOP 400 g mozzarella, grated',
      'flour 100 (gluten, wheat); water 60; mozzarella 50 g finish (milk)',
    ],
  ])('of a list: %s', (list, wanted) => {
    const { ingredients } = breadOf(
      `Rounds\n\n${list}\n\nMix, knead 8 min. Divide into 8, roll, cook 1 minute a side.`,
    );
    const told = ingredients.map((i) => {
      const much = i.use === 'dough' ? String(i.pct) : `${i.gPerPiece} g ${i.use}`;
      return `${i.name} ${much}${i.allergens ? ` (${i.allergens.join(', ')})` : ''}`;
    });
    expect(told.join('; ')).toBe(wanted);
  });
});

/** What a bread holds outside its dough, and how much a piece. */
const outside = (text: string): string =>
  breadOf(text)
    .ingredients.filter((i) => i.use !== 'dough')
    .map((i) => `${i.name} ${i.gPerPiece} g ${i.use}`)
    .join(', ');
const LIST = '500 g flour\n300 g water\n10 g salt';
const WORK = 'Divide into 8, roll, cook 1 minute a side.';

it('a filling is used where something is filled, though its foods are named in its list alone', () => {
  const result = importRecipe(
    'Rounds\n\n500 g flour\n300 g water\nfilling: potatoes 400 boiled, onion 80\n\nMix. Divide into 8, roll, fill, close, cook 1 minute a side.',
  );
  expect(result.ok && result.value.conflicts).toEqual([]);
});

it('minutes with their seconds are whole, and flour for each person divides nothing', () => {
  expect(stepsOf('Mix. Divide into 8, roll. Griddle: 12 min 30 + 1 min.')).toContain('cook 750+60');
  expect(breadOf('Rounds\n\n500 g flour\n300 g water\n\nMix. 1 per person 250 g flour. Roll.').piece.doughG).not.toBe(
    250,
  );
  expect(breadOf('Rounds\n\n500 g flour\n300 g water\n\nMix. 3 per person (33 g). Roll.').piece.doughG).toBe(33);
});

it('pieces told within a chain of work are their number', () => {
  const { piece } = breadOf(
    'Rounds\n\n500 g flour\n300 g water\n\nknead 8, tub 40 min, 8 pieces, balls, 20 min on floured tray, roll',
  );
  expect(piece.doughG).toBe(97.1);
});

describe('what is none of the dough', () => {
  it.each([
    [
      'Rounds. Dough: 500 g flour, 300 g water. Fillings: refried beans 240 g, grated cheese 200 g. Knead 5 min. 8 balls. Fill, close, pat to 10 cm. Cook 3 min a side.',
      'refried beans 30 g fill, grated cheese 25 g fill',
    ],
    [
      `Rounds\n\n${LIST}\n\nMix.\nGlaze: cook 8 g rice flour in 120 g water with a pinch of soda, cool.\n${WORK}`,
      'rice flour 1 g finish, soda 0.04 g finish',
    ],
    [
      `Rounds\n\n${LIST}\n\nMix. Divide into 8, roll. 200 g sour cream, 80 g bacon on top. Bake 6 minutes.`,
      'sour cream 25 g finish, bacon 10 g finish',
    ],
    [`Rounds\n\n${LIST}\n\nMix. ${WORK}\nGhee & coriander.`, 'ghee and coriander 4 g finish'],
    // nobody counts two hundred onions, in a row or alone
    [
      `Rounds\n\n${LIST}\nFilling:\nonion 200\nfeta 120 g\n\nMix. Divide into 8, fill, roll, cook 1 minute a side.`,
      'onion 25 g fill, feta 15 g fill',
    ],
    [
      `Rounds\n\n${LIST}\nfilling: potatoes 400 boiled, onion 80\n\nMix. Divide into 8, fill, roll, cook 1 minute a side.`,
      'potatoes 50 g fill, onion 10 g fill',
    ],
    [
      `Rounds\n\n${LIST}\nFILL: onion 200, parsley 30, khlii 100\n\nMix. Divide into 8, fill, roll, cook 1 minute a side.`,
      'onion 25 g fill, parsley 3.75 g fill, khlii 12.5 g fill',
    ],
    // what only seasons is little, and a spoon of what nobody knows is a spoon
    [
      `Rounds\n\n${LIST}\nFilling: 400 g potatoes, 2 tsp zedoary, coriander\n\nMix. Divide into 8, fill, roll, cook 1 minute a side.`,
      'potatoes 50 g fill, zedoary 0.63 g fill, coriander 3 g fill',
    ],
    [
      `Rounds\n\n${LIST}\n\nMix. Divide into 8, roll.\nTawa: 1 min – flip – ghee – 1 min – flip – ghee – 30 sec.`,
      'ghee, for the griddle 2 g griddle',
    ],
  ])('%s', (text, wanted) => {
    expect(outside(text)).toBe(wanted);
  });
  it('an amount between two steps is of the dough where no line has its food', () => {
    const { ingredients, steps } = breadOf(
      `Rounds. 500 g flour, 300 g water. Mix. Rest 30 min. Salt 10 g. Knead 5 min. ${WORK}`,
    );
    expect(ingredients.map((i) => `${i.name} ${i.pct}`)).toEqual(['flour 100', 'water 60', 'salt 2']);
    expect(steps.map((s) => s.kind).join(' ')).toBe('mix rest knead divide roll cook');
  });
  it('a starter with its amount is an entry, and no heading', () => {
    const { ingredients } = breadOf(`Rounds\n\nLevain: 150 g\nFlour: 500 g\nWater: 275 g\n\nMix. ${WORK}`);
    expect(ingredients.map((i) => `${i.name} ${i.pct}`)).toEqual(['levain 30', 'flour 100', 'water 55']);
  });
});

describe('how notes are set', () => {
  it('a stage of a table keeps its time where a remark tells when something goes in', () => {
    const table =
      'Stage | Time | Notes\nMix | 3 min | to no dry bits\nKnead | 8 min | add salt after 2 min\nRest | 20 min |';
    const { steps } = breadOf(`Rounds\n\n${LIST}\n\n${table}\n${WORK}`);
    expect(steps.map((s) => stepTold(s, ['knead'])).join(', ')).toBe('mix, knead 8, rest 20, divide, roll, cook 60+60');
  });
  it('a chain of stages is a line of its own, however small it begins', () => {
    const { ingredients, steps } = breadOf(
      'Small rounds for the people who come on a Tuesday evening\n500 g strong flour, 325 g warm water, 10 g salt, 10 g sugar, 7 g yeast, 25 g oil\nfor the top: 1 tbsp flour cooked in 4 tbsp water, 1 egg yolk, nigella, sesame\nknead 10 min – rise 60 min – divide 4 – round – rest 20 min – press to 20 cm – oven 230 °C 12 min',
    );
    expect(steps.map((s) => s.kind).join(' ')).toBe('mix knead proof divide ball rest shape cook');
    expect(ingredients.filter((i) => i.use === 'finish').map((i) => i.name)).toEqual([
      'flour cooked in 4 tbsp water',
      'egg yolk',
      'nigella',
      'sesame',
    ]);
  });
  it('a chain by arrows tells one stage behind the other', () => {
    const { steps } = breadOf(
      `Rounds\n\n${LIST}\n\n> mix > knead 8' > 1h\n> /6 > 10'\n> roll 20 cm\n> pan 1' > flip > 1'`,
    );
    expect(steps.map((s) => stepTold(s, ['knead'])).join(', ')).toBe(
      'mix, knead 8, rest 60, divide, rest 10, roll, cook 60+60',
    );
  });
  it('what a mail is about is the title', () => {
    expect(breadOf(`Subject: RE: naan for Friday\n\n${LIST}\n\nMix. ${WORK}`).name).toBe('naan for Friday');
  });
  it('how long a preferment stands may be told with its name', () => {
    const { steps } = breadOf(
      `Rounds\n\nLEVAIN (8 h): 20 g starter, 80 g flour, 80 g water\nDOUGH: 420 g bread flour, 240 g milk, 9 g salt\n\nMix. ${WORK}`,
    );
    expect(steps.map((s) => stepTold(s)).join(', ')).toBe('mix, proof 480, mix, divide, roll, cook 60+60');
  });
  it('a stage in two tongues is read by the one that is known, and the other asks nothing', () => {
    const result = importRecipe(`Rounds\n\n${LIST}\n\nPétrissage / mixing: 4 min\nRepos / rest: 20 min\n${WORK}`);
    if (!result.ok) expect.fail();
    expect(result.value.bread?.steps.map((s) => s.kind).join(' ')).toBe('mix rest divide roll cook');
    expect(result.value.notUnderstood).toEqual([]);
  });
  it('"how to" over a name is no heading of a method, and stages with their numbers in one line are apart', () => {
    const bread = breadOf(
      `How to: Socca for twenty\nchickpea flour 500\nwater 1000-1050\nsalt 10\n\n1. Whisk. 2. Rest 2 h. 3. Cook 4 min, turn, 2 min.`,
    );
    expect(bread.name).toBe('Socca for twenty');
    expect(bread.ingredients.map((i) => `${i.name} ${i.pct}`)).toEqual(['chickpea flour 100', 'water 205', 'salt 2']);
    expect(bread.steps.map((s) => s.kind).join(' ')).toBe('mix rest divide shape cook');
  });
});
