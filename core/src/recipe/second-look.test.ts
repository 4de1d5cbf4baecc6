import { describe, expect, it } from 'vitest';
import { isRest, type Step } from '../method/index.ts';
import { RECIPE_TEXTS } from '../testing/recipes/index.ts';
import { importRecipe } from './index.ts';
import { secondLook } from './second-look.ts';

/** Every so many of the texts under test, each as it is read; all of them take a minute. */
const EVERY = 7;
const READ = RECIPE_TEXTS.filter((_, n) => n % EVERY === 0).flatMap(({ text }) => {
  const read = importRecipe(text);
  return read.ok && read.value.bread ? [{ ...read.value, bread: read.value.bread }] : [];
});
const toldOf = (text: string): readonly string[] => {
  const read = importRecipe(text);
  return read.ok ? read.value.conflicts.map((c) => c.what) : ['no bread'];
};

/** Readings that went wrong, made of right ones: what is done to the steps of a bread, and what must be said then. */
const WRONG: readonly (readonly [string, (steps: readonly Step[]) => readonly Step[] | undefined, RegExp])[] = [
  ['is divided first', (steps) => moved(steps, 'divide', 'mix'), /divided before it is mixed/],
  ['is kneaded in pieces', (steps) => behind(steps, 'divide', 'knead'), /kneaded after it was divided/],
  ['is never cooked', (steps) => without(steps, ['cook']), /nothing says how the bread is cooked/],
  ['is cooked twice', (steps) => twice(steps, 'cook'), /cooked twice/],
  ['is rolled behind the griddle', (steps) => behind(steps, 'cook', 'roll'), /rolled after it was cooked/],
  ['is never shaped', (steps) => without(steps, ['roll', 'shape', 'fill', 'coil']), /never rolled or shaped/],
  ['is never divided', (steps) => without(steps, ['divide', 'ball']), /nothing says that the dough is divided/],
  ['rests twice', (steps) => twice(steps, 'rest'), /two rests follow each other/],
  ['is never filled', (steps) => without(steps, ['fill']), /no step puts it in/],
];

const without = (steps: readonly Step[], kinds: readonly Step['kind'][]): readonly Step[] | undefined => {
  const left = steps.filter((s) => !kinds.includes(s.kind));
  return left.length === steps.length ? undefined : left;
};
function twice(steps: readonly Step[], kind: Step['kind']): readonly Step[] | undefined {
  const at = steps.findIndex((s) => s.kind === kind);
  const one = steps[at];
  return one && [...steps.slice(0, at), { ...one, id: 'again' }, ...steps.slice(at)];
}
/** The first step of one kind set before the first of another. */
function moved(steps: readonly Step[], kind: Step['kind'], before: Step['kind']): readonly Step[] | undefined {
  const one = steps.find((s) => s.kind === kind);
  const rest = steps.filter((s) => s !== one);
  const to = rest.findIndex((s) => s.kind === before);
  return one && to >= 0 ? [...rest.slice(0, to), one, ...rest.slice(to)] : undefined;
}
/** A step of one kind set once more behind the last of another. */
function behind(steps: readonly Step[], last: Step['kind'], kind: Step['kind']): readonly Step[] | undefined {
  const one = steps.find((s) => s.kind === kind);
  const at = steps.findLastIndex((s) => s.kind === last);
  return one && at >= 0 ? [...steps.slice(0, at + 1), { ...one, id: 'late' }, ...steps.slice(at + 1)] : undefined;
}

describe('a second look at what was read', () => {
  it('has little to say of texts that are read right', () => {
    const told = READ.filter(({ bread, guesses }) => secondLook(bread, guesses).length > 0);
    expect(READ.length).toBeGreaterThan(RECIPE_TEXTS.length / (EVERY + 1));
    expect(told.length / READ.length).toBeLessThanOrEqual(0.02);
  });

  it.each(WRONG)('says of every bread that it %s', (_, wrongly, said) => {
    const wrong = READ.flatMap(({ bread, guesses }) => {
      const steps = wrongly(bread.steps);
      const isAbout = !String(said).includes('puts it in') || bread.ingredients.some((i) => i.use === 'fill');
      return steps && isAbout ? [{ bread: { ...bread, steps: [...steps] }, guesses }] : [];
    });
    expect(wrong.length).toBeGreaterThan(10);
    const silent = wrong.filter((w) => !secondLook(w.bread, w.guesses).some((c) => said.test(c.what)));
    expect(silent.map((w) => w.bread.name)).toEqual([]);
  });

  it('says of dough with yeast that it has no time to rise', () => {
    const raised = READ.filter(
      ({ bread }) =>
        bread.family === 'yeasted' &&
        !bread.steps.some((s) => s.kind === 'fill') &&
        bread.ingredients.some((i) => i.role === 'leaven' && (i.pct ?? 0) >= 0.7 && i.name.includes('yeast')),
    );
    expect(raised.length).toBeGreaterThan(50);
    const silent = raised.filter(({ bread, guesses }) => {
      const first = bread.steps.find(isRest);
      const short = { min: 10, ideal: 10, max: 20 };
      const steps = bread.steps.flatMap((s): readonly Step[] =>
        isRest(s) ? (s === first ? [{ ...s, window: short }] : []) : [s],
      );
      return !secondLook({ ...bread, steps }, guesses).some((c) => c.what.includes('it rests for 10 min in all'));
    });
    expect(silent.map((r) => r.bread.name)).toEqual([]);
  });

  it('says that a piece is far too light or too heavy', () => {
    const list = '500 g flour\n300 g water\n10 g salt\n';
    const work = 'Mix, knead 8 minutes, rest 30 minutes, divide, roll to 20 cm, cook 1 minute a side.';
    expect(toldOf(`Rounds\nMakes 8\n${list}${work}`)).toEqual([]);
    expect(toldOf(`Rounds\nMakes 80\n${list}${work}`).join()).toMatch(/a piece has 9\.8 g of dough/);
    expect(toldOf(`Rounds\nMakes 1\n${list}${work}`).join()).toMatch(/a piece has 786\.4 g of dough/);
  });

  it('says that a figure stands where no time was read', () => {
    const list = 'Rounds, makes 8\n500 g flour\n300 g water\n10 g salt\n';
    const work = 'Mix, knead 8 minutes, rest 30 minutes, divide into 8, roll to 20 cm.';
    expect(toldOf(`${list}${work} Griddle on both sides.`)).toEqual([]);
    expect(toldOf(`${list}${work} Cook on the griddle for forty, then thirty.`).join()).toMatch(
      /no time was read here, and it holds a figure/,
    );
  });
});

describe('a time in words that nobody could count', () => {
  const list = 'Rounds, makes 8\n500 g flour\n300 g water\n10 g salt\n';
  it.each([
    ['Mix, knead for a handful of minutes, rest 30 minutes.', 'minutes'],
    ['Mix, knead 8 minutes, and a good couple of lazy hours later divide it.', 'hours'],
  ])('is shown: %s', (work, word) => {
    const read = importRecipe(`${list}${work} Divide into 8, roll to 20 cm, cook 1 minute a side.`);
    expect(read.ok && read.value.notUnderstood.join()).toContain(word);
  });
});
