import { describe, expect, it } from 'vitest';
import { STAGE_LIST, STAGES_IN_WORDS } from '../testing/recipes/phrases/stages-in-words.ts';
import { stepTold } from '../testing/recipes/step-told.ts';
import { importRecipe } from './index.ts';

/** Work as it is told: `[to do, done, does, doing]`. */
const FORMS = [
  'knead kneaded kneads kneading',
  'rest rested rests resting',
  'divide divided divides dividing',
  'roll rolled rolls rolling',
  'shape shaped shapes shaping',
  'press pressed presses pressing',
  'flatten flattened flattens flattening',
  'stretch stretched stretches stretching',
  'form formed forms forming',
  'fill filled fills filling',
  'fold folded folds folding',
  'brush brushed brushes brushing',
  'sprinkle sprinkled sprinkles sprinkling',
  'cover covered covers covering',
  'turn turned turns turning',
  'combine combined combines combining',
  'blend blended blends blending',
  'stir stirred stirs stirring',
  'pat patted pats patting',
  'flip flipped flips flipping',
  'wrap wrapped wraps wrapping',
  'pinch pinched pinches pinching',
  'coil coiled coils coiling',
  'leave left leaves leaving',
  'let let lets letting',
  'make made makes making',
  'tear tore tears tearing',
  'break broke breaks breaking',
  'spread spread spreads spreading',
].map((line) => line.split(' '));
const formOf = (n: number) => new Map(FORMS.map((f) => [f[0], f[n]]));
const [PAST, THIRD, DOING] = [formOf(1), formOf(2), formOf(3)];

/** A phrase with all its work in another form. */
const told = (phrase: string, forms: ReadonlyMap<string | undefined, string | undefined>): string =>
  phrase.replace(
    /(^|, (?:then |and |and then )?| and (?:then )?)([a-z]+)\b/g,
    (_, before: string, verb: string) => `${before}${forms.get(verb) ?? verb}`,
  );
const capital = (words: string): string => words.replace(/^./u, (c) => c.toUpperCase());

const VOICES: Readonly<Record<string, (phrase: string) => string>> = {
  'I kneaded': (p) => `I ${told(p, PAST)}`,
  'then she kneaded': (p) => `Then she ${told(p, PAST)}`,
  'she kneads': (p) => `She ${told(p, THIRD)}`,
  'everyone kneads': (p) => `Everyone ${told(p, THIRD)}`,
  'each student kneads': (p) => `Each student ${told(p, THIRD)}`,
  'we knead': (p) => `We ${p}`,
  'now you can knead': (p) => `Now you can ${p}`,
  'you should knead': (p) => `You should ${p}`,
  'after that, knead': (p) => `After that, ${p}`,
  kneading: (p) => capital(told(p, DOING)),
};

const PHRASES = STAGES_IN_WORDS.flatMap((stage) =>
  stage.phrases.filter((p) => PAST.has(/^[a-z]+/.exec(p)?.[0])).map((phrase) => ({ stage, phrase })),
);

describe('a stage in the voice of whoever tells it', () => {
  it.each(Object.entries(VOICES))('%s', (_, voiced) => {
    const others = PHRASES.flatMap(({ stage, phrase }) => {
      const text = `${stage.before} ${voiced(phrase)}. ${stage.behind}`.trim();
      const read = importRecipe(STAGE_LIST + text);
      const bread = read.ok ? read.value.bread : null;
      const steps = (bread?.steps ?? []).map((s) => stepTold(s, ['knead'])).join(', ');
      return stage.steps.includes(steps) ? [] : [`${voiced(phrase)}: ${steps}`];
    });
    expect(PHRASES.length).toBeGreaterThan(150);
    // "form a dough", "press with the fingertips", "fold into a napkin" are known at the head of a sentence alone
    expect((100 * others.length) / PHRASES.length, others.join('\n')).toBeLessThanOrEqual(6);
  });
});
