import { serialize } from 'tinyduration';
import { contentsOf, methodTimes, USUAL_BENCH, type Bread } from '../bread/index.ts';
import { kitchenMeasure, findFood } from '../foods/index.ts';
import { nourishmentOf, scaleBatch } from '../formula/index.ts';
import { cookPhases, isRest, type Step } from '../method/index.ts';
import {
  durationText,
  fixedText,
  gramsText,
  METRIC,
  minutesOfIso,
  roundedTo,
  roundHalfUp,
  wholeMinutes,
  writtenIn,
} from '../units/index.ts';
import { withoutEntities } from './html.ts';
import { headingOf } from './headings.ts';
import { itemsOf } from './items.ts';
import { plainList } from './list-forms.ts';
import { Mapped } from './mapped.ts';
import { AS_WRITTEN } from './spelling/as-written.ts';
import { inOrder } from './spelling/rule.ts';
import type { IngredientUse } from '../formula/index.ts';
import type { RecipeParts } from './sections.ts';
import { normalLine } from './normal-line.ts';
import { sentencesOf } from './sentences.ts';

type Json = Readonly<Record<string, unknown>>;
const isObject = (v: unknown): v is Json => typeof v === 'object' && v !== null && !Array.isArray(v);
const listOf = (v: unknown): readonly unknown[] => (Array.isArray(v) ? v : v === undefined || v === null ? [] : [v]);
const MOST_TEXT = 4000;

/** Text of a value without tags and entities of HTML. */
const plain = (v: unknown): string =>
  typeof v === 'string' || typeof v === 'number'
    ? withoutEntities(
        String(v)
          .slice(0, MOST_TEXT)
          .replace(/<[^>]*>/g, ' '),
      )
        .replace(/\s+/g, ' ')
        .trim()
    : '';

/** A text of several lines, or blocks of a page, line by line. */
const linesIn = (v: unknown): readonly string[] =>
  typeof v === 'string' ? v.split(/\r?\n|<\/(?:li|p)>|<br\s*\/?>/i).map(plain) : [plain(v)];

/** A schema.org Recipe as it stands in JSON. */
export type JsonRecipe = Json;
const MOST_RECIPES = 20;

/** The schema.org Recipes in a JSON value: itself, in a list, or in a graph; the first twenty. */
export function recipesOf(value: unknown, depth = 0): readonly JsonRecipe[] {
  if (depth > 6) return [];
  if (Array.isArray(value))
    return value
      .slice(0, 200)
      .flatMap((v) => recipesOf(v, depth + 1))
      .slice(0, MOST_RECIPES);
  if (!isObject(value)) return [];
  if (listOf(value['@type']).some((t) => typeof t === 'string' && /(?:^|\/)Recipe$/.test(t))) return [value];
  return recipesOf(value['@graph'] ?? value['mainEntity'] ?? value['mainEntityOfPage'], depth + 1);
}

/** What a schema.org Recipe is called; empty where it has no name. */
export const titleOfJsonLd = (recipe: JsonRecipe): string => plain(recipe['name']).slice(0, 120);

/** A section of the method that is about something beside the bread. */
const COMPONENT =
  /^(?:(?:for|make|prepare) )?(?:the )?(?:\w+ )?(filling|stuffing|topping|dip|sauce|chutney|glaze|salad)$/i;

interface Instruction {
  readonly text: string;
  /** What it is of, where that is not the bread; else empty. */
  readonly of: string;
}

function instructionLines(value: unknown, of = '', depth = 0): readonly Instruction[] {
  if (depth > 4) return [];
  return listOf(value).flatMap((v): readonly Instruction[] => {
    if (typeof v === 'string')
      return linesIn(v)
        .filter((t) => t !== '')
        .map((text) => ({ text, of }));
    if (!isObject(v)) return [];
    // an entry of a list holds its step
    if (isObject(v['item'])) return instructionLines(v['item'], of, depth + 1);
    if (v['itemListElement'] !== undefined)
      return instructionLines(v['itemListElement'], COMPONENT.exec(plain(v['name']))?.[1] ?? of, depth + 1);
    const text = plain(v['text'] ?? v['name']);
    return text === '' ? [] : [{ text, of }];
  });
}

const asWritten = inOrder(AS_WRITTEN);

/** "100 ml oil mixed with 50 g butter": two in one line. */
const TWO_MIXED = /\b(?:mixed|blended|combined) with \d/i;
/** Lines of a list, each with the use of the heading that stands over it, "For the top:". */
function usedAs(lines: readonly Mapped[]): RecipeParts['ingredients'] {
  let use: IngredientUse = 'dough';
  const foodOf = (line: Mapped | undefined) => (line ? findFood(normalLine(line.text)) : undefined);
  return lines.flatMap((line, n) => {
    const heading = line.text.includes(':') ? headingOf(line.text) : undefined;
    if (!heading)
      return (TWO_MIXED.test(line.text) ? plainList(line).split(/;\s+/g) : [line]).map((l) => ({ line: l, use }));
    if (heading.rest === '') {
      ({ use } = heading);
      return [];
    }
    // "For the topping: 40 g za'atar", and below it oil, which the dough has already: all of that is of the topping
    const isTwice = lines.slice(n + 1).some((l) => lines.slice(0, n).some((b) => foodOf(l) && foodOf(l) === foodOf(b)));
    if (isTwice && /^for the\b/i.test(line.text)) ({ use } = heading);
    // "To coat: 80 g sesame seeds, 30 g syrup"
    const list = line.slice(line.text.length - heading.rest.length);
    return itemsOf(list).map((item) => ({ line: item, use: heading.use }));
  });
}

/**
 * A schema.org Recipe as the parts of a recipe. Each text is looked up in the source, behind the one before it, so that its words can be
 * shown there; what stands in other signs than it is read has the place of the whole.
 */
export function partsOfJsonLd(recipe: Json, source = ''): RecipeParts {
  let from = 0;
  const placed = (text: string): Mapped => {
    const at = [from, 0].map((start) => source.indexOf(text, start)).find((i) => i >= 0);
    if (at === undefined) return asWritten(Mapped.of(text, from));
    from = at + text.length;
    return asWritten(Mapped.of(text, at));
  };
  const yields = listOf(recipe['recipeYield'])
    .map(plain)
    .filter((t) => t !== '');
  const longest = yields.reduce((a, b) => (b.length > a.length ? b : a), '');
  const total = minutesOfIso(recipe['totalTime']);
  const title = titleOfJsonLd(recipe);
  return {
    title: title === '' ? undefined : placed(title),
    ingredients: usedAs(
      listOf(recipe['recipeIngredient'] ?? recipe['ingredients'])
        .flatMap(linesIn)
        .filter((t) => t !== '')
        .map(placed),
    ),
    method: instructionLines(recipe['recipeInstructions']).flatMap(({ text, of }) =>
      of === ''
        ? [placed(text)]
        : sentencesOf(placed(text)).map((s) => s.replace(/^/, `For the ${of.toLowerCase()}, `)),
    ),
    facts: [
      ...(longest === '' ? [] : [placed(longest).replace(/^(?=\d)/, 'makes ')]),
      ...(total === undefined ? [] : [Mapped.of(`total time ${roundHalfUp(total)} minutes`, from)]),
    ],
    headings: [],
    aside: [],
    keeping: [],
    notUnderstood: [],
  };
}

const isoOfSeconds = (sec: number): string => {
  const minutes = Math.max(1, wholeMinutes(sec));
  return serialize({ hours: Math.floor(minutes / 60), minutes: minutes % 60 });
};

const OUTSIDE_WORDS = {
  bath: 'for the bath',
  layer: 'between the layers',
  fill: 'for the filling',
  dust: 'for dusting',
  griddle: 'for the griddle',
  finish: 'to finish',
  serve: 'to serve',
} as const;

/**
 * A bread as a schema.org Recipe for so many pieces, in the measures of files; times are ISO 8601 durations at the ideal of every rest.
 */
export const recipeOfBread = (bread: Bread, pieces = 8): Json => writtenIn(METRIC, () => recipeOf(bread, pieces));

function recipeOf(bread: Bread, pieces: number): Json {
  const scaled = scaleBatch(bread, pieces);
  const times = methodTimes(bread.steps, { ...USUAL_BENCH, pieces, people: 1 });
  const cookSec = times.steps.reduce((sum, t) => sum + (t.step.kind === 'cook' ? t.idealSec * pieces : 0), 0);
  const otherSec = times.steps.reduce((sum, t) => sum + (t.step.kind === 'cook' ? 0 : t.idealSec), 0);
  const food = nourishmentOf(bread, pieces);
  const allergens = contentsOf(bread)
    .filter((c) => c.kind === 'allergen')
    .map((c) => c.word);
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: bread.name,
    recipeCategory: 'flatbread',
    recipeYield: [String(pieces), `${pieces} breads`],
    prepTime: isoOfSeconds(otherSec),
    cookTime: isoOfSeconds(cookSec),
    totalTime: isoOfSeconds(otherSec + cookSec),
    recipeIngredient: bread.ingredients.map((i, n) =>
      ingredientText(i.name, scaled.ingredients[n]?.g ?? 0, i.use === 'dough' ? '' : OUTSIDE_WORDS[i.use], i.tempC),
    ),
    recipeInstructions: bread.steps.map((s) => ({
      '@type': 'HowToStep',
      name: stepName(s),
      text: stepText(s, bread, pieces),
    })),
    nutrition: {
      '@type': 'NutritionInformation',
      servingSize: '1 bread (estimated)',
      calories: `${roundHalfUp(food.kcal)} calories`,
      proteinContent: `${fixedText(food.proteinG, 1)} g`,
      fatContent: `${fixedText(food.fatG, 1)} g`,
      saturatedFatContent: `${fixedText(food.saturatesG, 1)} g`,
      carbohydrateContent: `${fixedText(food.carbohydrateG, 1)} g`,
      fiberContent: `${fixedText(food.fibreG, 1)} g`,
      sodiumContent: `${roundHalfUp(food.saltG * 393)} mg`,
    },
    ...(allergens.length > 0 ? { keywords: `contains ${allergens.join(', ')}` } : {}),
  };
}

/** Grams first, with the kitchen measure in brackets where one is near. */
function ingredientText(name: string, g: number, purpose: string, tempC: number | undefined): string {
  const food = findFood(name);
  const measure = food && food.role !== 'water' ? kitchenMeasure(food, g, 'metric') : undefined;
  const warm = tempC === undefined || tempC < 30 ? '' : `, at ${tempC} °C`;
  return `${gramsText(g)}${measure ? ` (${measure.text})` : ''} ${name}${warm}${purpose === '' || name.includes(purpose) ? '' : `, ${purpose}`}`;
}

const VERB: Readonly<Record<Step['kind'], string>> = {
  mix: 'Mix',
  knead: 'Knead',
  fold: 'Stretch and fold',
  divide: 'Divide',
  ball: 'Shape into balls',
  shape: 'Shape',
  roll: 'Roll',
  fill: 'Fill',
  coil: 'Coil',
  cook: 'Cook on the griddle',
  finish: 'Brush and finish',
  prepare: 'Meanwhile, prepare',
  bloom: 'Leave the yeast to froth',
  rest: 'Leave to rest',
  proof: 'Leave to rise',
  chill: 'Chill in the fridge',
  temper: 'Bring back to room temperature',
};
const stepName = (s: Step): string => `${s.id[0]?.toUpperCase() ?? ''}${s.id.slice(1).replace(/-/g, ' ')}`;

function stepText(s: Step, bread: Bread, pieces: number): string {
  const more = [s.cue === undefined ? '' : `${s.cue}.`, s.caution === undefined ? '' : `Careful: ${s.caution}.`]
    .filter((t) => t !== '')
    .join(' ');
  const what = `${VERB[s.kind]}${isRest(s) ? '' : goesIn(s, bread)}`;
  if (isRest(s))
    return `${what} for ${spanText(s.window.min, s.window.max, s.window.ideal)}${s.at === 'warm' ? ' in a warm place' : ''}. ${more}`.trim();
  const phases = cookPhases(s);
  const piece = `${gramsText(bread.piece.doughG)} each`;
  if (phases.length > 0)
    return `${s.at === 'grill' ? 'Cook under the grill' : what} over ${phases[0]?.heat ?? 'medium'} heat: ${phases.map((p) => `${durationText(p.sec)} on the ${p.side ?? 'next'} side`).join(', then ')}. ${more}`.trim();
  const time = (s.minutes ?? 0) + (s.minutesPerPiece ?? 0) * (s.per === 'batch' ? pieces : 1);
  const detail =
    s.kind === 'divide'
      ? ` into ${pieces} pieces of ${piece}`
      : s.kind === 'roll'
        ? ` to ${bread.piece.diameterCm} cm`
        : '';
  return `${what}${detail}, about ${durationText(time * 60)}. ${more}`.trim();
}

/** A span in hours where all of it is whole hours, else in minutes: words that people and the importer read alike. */
function spanText(least: number, most: number, ideal: number): string {
  const inHours = [least, most, ideal].every((m) => m >= 60 && m % 60 === 0);
  const words = (m: number): string =>
    inHours ? `${m / 60} ${m === 60 ? 'hour' : 'hours'}` : `${roundedTo(m, 1)} minutes`;
  return `${words(least)} to ${words(most)}, ideally ${words(ideal)}`;
}

/** What goes in at a step: by its own word, and at the first mixing all of the dough that names no step. */
function goesIn(s: Step, bread: Bread): string {
  const first = bread.steps.find((x) => x.kind === 'mix');
  const names = bread.ingredients
    .filter((i) => i.step === s.id || (i.step === undefined && i.use === 'dough' && s.id === first?.id))
    .map((i) => i.name);
  return names.length === 0 ? '' : ` with ${names.join(', ')}`;
}
