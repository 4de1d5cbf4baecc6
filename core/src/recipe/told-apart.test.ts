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
    // so long as somebody likes is no time that nobody may leave out
    ['Mix, knead 8 minutes. Keep it in the fridge until needed.', 'mix, knead 8'],
    ['Mix, knead 8 minutes. Keep it in the fridge for 2 hours until needed.', 'mix, knead 8, chill 120'],
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

describe('what nobody knows has its place all the same', () => {
  const formulaOf = (list: string): readonly string[] => {
    const { bread, notUnderstood } = read(`Rounds\n\n${list}\n\nMix, knead 8 minutes. ${WORK}`);
    expect(notUnderstood).toEqual([]);
    return bread?.ingredients.map((i) => `${i.role} ${i.name} ${i.pct} ${(i.allergens ?? []).join()}`.trim()) ?? [];
  };
  it('at a hundred per cent it is the flour, and no wheat is invented beside it', () => {
    const wanted = ['flour zamarra 100', 'water water 65', 'salt salt 2'];
    expect(formulaOf('Zamarra 100 %\nWater 65 %\nSalt 2 %')).toEqual(wanted);
    expect(formulaOf('Zamarra = 100\nWater (warm) = 65\nSalt = 2')).toEqual(wanted);
  });
  it('a share of the flour is in the bread', () => {
    expect(formulaOf('Flour 100 %\nWater 65 %\nZedoary 4 %')).toContain('other zedoary 4');
  });
  it('how warm it is stands in no name, and when it goes in neither', () => {
    expect(
      formulaOf('500 g flour\nwater 28 °C 300 g\nOn the day: 20 g oil, plus extra for rolling').slice(1, 3),
    ).toEqual(['water water 60', 'fat oil 4']);
  });
});

describe('a griddle on which nothing is turned', () => {
  it.each([
    ['Cook with the lid on for 2 minutes. Never turned.', 'cook 120'],
    ['Cook for 2 minutes with a lid; do not turn.', 'cook 120'],
    // once it is turned all the same
    ['Cook 1 minute a side; do not turn them twice.', 'cook 60+60'],
  ])('%s', (work, wanted) => {
    expect(stepsOf(LIST, `Mix. Divide into 8, roll to 18 cm. ${work}`)).toBe(`mix, divide, roll, ${wanted}`);
  });
});

describe('a time behind a comma, with its place', () => {
  it.each([
    ['Knead 8 minutes, then half an hour in a warm place. Make 8 balls.', 'knead 8, rest 30, ball'],
    [
      'Knead 8 minutes. Cut into 8, round them up, a quarter of an hour on the bench.',
      'knead 8, divide, ball, rest 15',
    ],
    ['Knead all of it, 4 + 5 min. Rest 40 min. Make 8 balls.', 'knead 9, rest 40, ball'],
    // no sides of a bread
    ['Stir, 2 min / 3 min. Rest 40 min. Make 8 balls.', 'rest 40, ball'],
    ['Everything into the machine, 4 + 5 min. Rest 40 min. Make 8 balls.', 'rest 40, ball'],
    ['Fold. 1 h. Fold. 1 h. Make 8 balls.', 'fold, rest 60, fold, rest 60, ball'],
    ['Knead 8 minutes on the bench. Make 8 balls.', 'knead 8, ball'],
  ])('%s', (work, wanted) => {
    expect(stepsOf(LIST, `Mix. ${work} Roll to 18 cm. Cook 1 min a side.`)).toBe(`mix, ${wanted}, roll, cook 60+60`);
  });
});

describe('a schedule by the clock', () => {
  const SCHEDULE = ['Mix', 'Knead', 'Bulk proof', 'Divide, ball', 'Rest', 'Roll', 'Cook 90 s + 45 s'];
  const TIMES = ['18:00', '18:05', '18:15', '19:30', '19:40', '20:00', '20:10'];
  const told = (between: string, stages = SCHEDULE): string =>
    stages.map((stage, n) => `${TIMES[n]}${between}${stage}`).join('\n');
  it.each([' ', '\t', '    '])('what lies takes until the next time, with "%s" behind the clock', (between) => {
    expect(stepsOf(LIST, told(between))).toBe('mix, knead 8, proof 75, divide, ball, rest 20, roll, cook 90+45');
    expect(read(`Rounds\n\n${LIST}\n\n${told(between)}`).notUnderstood).toEqual([]);
  });
  it('but what tells its own time keeps it', () => {
    const stages = SCHEDULE.map((s) => (s === 'Rest' ? 'Rest 15 min' : s));
    expect(stepsOf(LIST, told(' ', stages))).toContain('ball, rest 15, roll');
  });
});

describe('a time, or a weight, without its measure or in another', () => {
  it.each([
    ['Roll to 18 cm. Hot stone: two minutes, flip, one and a half.', 'divide, roll, cook 120+90', 97],
    ['Pieces of 0.12 kg. Roll to 18 cm. Cook 1 min a side.', 'divide, roll, cook 60+60', 120],
    ['Roll, fold in a triangle, roll again to 18 cm. Cook 1 min a side.', 'divide, roll, shape, roll, cook 60+60', 97],
    ['Roll to 18 cm. Cover and steam for 2 minutes.', 'divide, roll, cook 72+48', 97],
  ])('%s', (work, wanted, pieceG) => {
    const method = `Mix. ${wanted.startsWith('divide') && !work.startsWith('Pieces') ? 'Divide into 8. ' : ''}${work}`;
    expect(stepsOf('500 g flour\n300 g water', method)).toBe(`mix, ${wanted}`);
    const { bread } = read(`Rounds\n\n500 g flour\n300 g water\n\n${method}`);
    expect(Math.round(bread?.piece.doughG ?? 0)).toBe(pieceG);
  });
});

describe('shares of the flour, with words before or behind them', () => {
  it('a label that says so is no name', () => {
    const { bread } = read(`Pan bread. All on flour: water 78 %, oil 6 %, salt 2.2 %. Mix, knead 8 minutes. ${WORK}`);
    expect(bread?.ingredients.map((i) => i.name)).toEqual(['flour', 'water', 'oil', 'salt']);
  });
  it('what they are of is none of them', () => {
    const { bread } = read(
      `Pan bread. All on flour: water 78 %, oil 6 %, salt 2.2 %, flour is strong white. Mix, knead 8 minutes. ${WORK}`,
    );
    expect(bread?.ingredients.map((i) => `${i.name} ${i.pct}`)).toEqual([
      'water 78',
      'oil 6',
      'salt 2.2',
      'strong white flour 100',
    ]);
  });
});

describe('what a piece weighs', () => {
  it.each([
    ['Knead 8 minutes. Pieces: 70 g. Rest 10 min.', 'knead 8, divide, rest 10'],
    ['Knead 8 minutes. Everyone weighs 70 g and makes a ball.', 'knead 8, divide, ball'],
  ])('%s', (work, wanted) => {
    const method = `Mix. ${work} Roll to 18 cm. Cook 1 min a side.`;
    expect(stepsOf(LIST, method)).toBe(`mix, ${wanted}, roll, cook 60+60`);
    expect(read(`Rounds\n\n${LIST}\n\n${method}`).bread?.piece.doughG).toBe(70);
  });
});

describe('how many people eat', () => {
  const conflictsOf = (count: string) =>
    read(`Rounds\n${count}\n\n${LIST}\n\nMix. ${WORK}`).conflicts.filter((c) => c.what.includes('make'));
  it.each(['Serves 4', 'Serves: 6', 'People: 4'])('%s: is no count of breads that disagrees', (count) => {
    expect(conflictsOf(count)).toEqual([]);
    expect(read(`Rounds\n${count}\n\n${LIST}\n\nMix. ${WORK}`).notUnderstood).toEqual([]);
  });
  it('how many are made is', () => {
    expect(conflictsOf('Makes 4').map((c) => c.what)).toEqual(['it is said to make 4, but is divided into 8']);
  });
});

describe('a list told by a ratio, or with what was done in it', () => {
  const namesOf = (list: string): readonly string[] =>
    read(`Rounds\n\n${list}\n\nMix, knead 8 minutes. ${WORK}`).bread?.ingredients.map((i) => i.name) ?? [];
  it('a ratio before its names', () => {
    expect(namesOf('Ratio 2 : 1 by volume, chickpea flour to water, a pinch of salt.')).toEqual([
      'chickpea flour',
      'water',
      'salt',
    ]);
  });
  it('a good half of a spoon behind an "and"', () => {
    expect(namesOf('500 g flour, 300 g water, an ounce of butter and a good half teaspoon of salt.')).toEqual([
      'flour',
      'water',
      'butter',
      'salt',
    ]);
  });
  it('what is done to a food is none of its name', () => {
    expect(namesOf('400 g atta, 20 g ghee rubbed in, 240 g water added slowly')).toEqual(['atta', 'ghee', 'water']);
  });
});

describe('words that hold something to avoid', () => {
  const allergensOf = (text: string): readonly string[] => [
    ...new Set(read(text).bread?.ingredients.flatMap((i) => i.allergens ?? [])),
  ];
  it('a walnut of yeast holds no nuts', () => {
    const { bread } = read(`Rounds\n\n${LIST}\na walnut of yeast\n\n${WORK}`);
    expect(bread?.ingredients.map((i) => i.name)).toContain('yeast');
    expect(allergensOf(`Rounds\n\n${LIST}\na walnut of yeast\n\n${WORK}`)).toEqual(['gluten', 'wheat']);
  });
  it('butter with which something is dotted is in the bread', () => {
    const text = `Rounds\n\n${LIST}\n\nMix. Make 8 balls. Each is flattened, dotted with butter and folded. ${WORK}`;
    expect(allergensOf(text)).toContain('milk');
    expect(read(text).bread?.steps.map((s) => s.kind)).toContain('fill');
  });
  it('an old list that puts one to the other, and what makes a dough of it', () => {
    const text =
      'Bannocks\n\nTo half a pound of barley meal and four ounces of flour put a teaspoonful of salt and one of baking soda. Make into a soft dough with half a pint of buttermilk. Roll out and cut into rounds. Bake five minutes on each side.';
    expect(read(text).bread?.ingredients.map((i) => i.name)).toEqual([
      'barley meal',
      'flour',
      'salt',
      'baking soda',
      'buttermilk',
    ]);
    expect(allergensOf(text)).toContain('milk');
    expect(read(text).notUnderstood).toEqual([]);
  });
  it('a kilo and a bit, as a scan has it', () => {
    const { bread } = read(
      'Rounds\n\nPlain fIour   l.2 kg\nWater   65O g\nSalt   24 g\n\nMix, knead 8 minutes. ' + WORK,
    );
    expect(bread?.ingredients.map((i) => `${i.name} ${i.pct}`)).toEqual(['plain flour 100', 'water 54.17', 'salt 2']);
  });
});

describe('a table for several sizes of a class', () => {
  const text = `Rounds\n\nPeople\tFlour\tWater\tSalt\n4\t500 g\t300 g\t10 g\n8\t1 kg\t600 g\t20 g\n\nMix, knead 8 minutes. ${WORK}`;
  it('is read for the first, and the others are set aside where they are its multiple', () => {
    const { bread, notUnderstood, words } = read(text);
    expect(bread?.ingredients.map((i) => `${i.name} ${i.pct}`)).toEqual(['flour 100', 'water 60', 'salt 2']);
    expect(notUnderstood).toEqual([]);
    const aside = words.filter((w) => w.owner === 'aside').map((w) => text.slice(w.from, w.to));
    expect(aside.join(' ')).toMatch(/1 kg.*600 g.*20 g/s);
  });
  it('shows them where they are none', () => {
    const { notUnderstood } = read(text.replace('600 g', '700 g'));
    expect(notUnderstood.join()).toMatch(/1 kg.*700 g.*20 g/);
  });
  it('each amount is owned by the food at the head of its column, and by no other', () => {
    const { words } = read(text);
    const ownerOf = (part: string) => {
      const at = text.indexOf(part);
      return words.filter((w) => w.from <= at && at < w.to).map((w) => w.path);
    };
    expect(ownerOf('Flour')).toEqual(ownerOf('500 g'));
    expect(ownerOf('Water')).toEqual(ownerOf('300 g'));
    expect(ownerOf('300 g')).toEqual(['ingredients[1]']);
  });
});

describe('a table of stages', () => {
  it('a fold within a proof leaves the proof its own time, and a dash is nothing', () => {
    const rows =
      '| Stage | Time | Note |\n|---|---|---|\n| Mix | 4 min | slow |\n| Bulk proof | 75 min | one fold at 40 min |';
    const more =
      '| Divide and round | – | 8 x 100 g |\n| Bench rest | 15 min | covered |\n| Roll | – | 18 cm |\n| Cook | 90 s + 60 s | hot |';
    expect(stepsOf(LIST, `${rows}\n${more}`)).toBe(
      'mix, proof 40, fold, proof 35, divide, ball, rest 15, roll, cook 90+60',
    );
  });
  it('before stretching into ovals is what comes next', () => {
    expect(
      stepsOf(LIST, `Mix. Make 8 balls, rest 10 min before stretching them into ovals of 20 cm. Cook 1 min a side.`),
    ).toBe('mix, ball, rest 10, shape, cook 60+60');
  });
});
