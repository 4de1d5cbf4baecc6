import { failure, fault, success, type Result } from '../faults/index.ts';
import { LIMITS, readBread, readJson } from '../formats/index.ts';
import { buildBread } from './build-bread.ts';
import { joinedLines, percentLines } from './clean.ts';
import { withGaps } from './ledger.ts';
import { textOfHtml } from './html.ts';
import { findRecipe, partsOfJsonLd } from './json-ld.ts';
import { Mapped } from './mapped.ts';
import { inProse } from './prose.ts';
import type { Conflict, GivenOwner, ImportedRecipe } from './result.ts';
import { takeApart } from './sections.ts';
import { recipesIn, type RecipeChoice } from './several.ts';

/** Lines beyond this are not read: no recipe is as long, a book is. */
const MOST_LINES = 600;
const LONGEST_LINE = 2000;

const NOTHING: ImportedRecipe = {
  bread: null,
  guesses: [],
  conflicts: [],
  notUnderstood: [],
  keeping: [],
  choices: [],
  words: [],
};

/**
 * A bread from what somebody pasted: a recipe in lines or prose, a page of HTML, a schema.org Recipe as JSON-LD, or the project's own
 * JSON. Nothing in it is run or fetched. `given`: what somebody says of stretches of it, by their places. Faults: `file-too-large`, `not-a-recipe` for JSON of another program.
 */
export function importRecipe(text: string, given: readonly GivenOwner[] = []): Result<ImportedRecipe> {
  if (text.length > LIMITS.bytes)
    return failure([fault('file-too-large', '', { bytes: text.length, limit: LIMITS.bytes })]);
  const trimmed = text.replace(/^\uFEFF/, '').trim();
  if (trimmed.startsWith('{') || trimmed.startsWith('[')) {
    const json = readJson(trimmed);
    if (json.ok) return importJson(json.value, text);
    if (trimmed.startsWith('{"') || /^[{[]\s*["{]/.test(trimmed)) return json;
  }
  if (/<(?:html|body|head|script|div|p|ul|li|br|table|h[1-6])\b/i.test(trimmed)) return importHtml(text, given);
  return success(fromLines(Mapped.of(text.replace(/^\uFEFF/, ' ')).split(/\r?\n/g), text, given));
}

function importJson(value: unknown, source: string): Result<ImportedRecipe> {
  const recipe = findRecipe(value);
  if (recipe) return success(withGaps(finished(buildBread(partsOfJsonLd(recipe, source))), source, []));
  if (typeof value === 'object' && value !== null && 'ingredients' in value && 'steps' in value) {
    const read = readBread(value);
    return read.ok ? success({ ...NOTHING, bread: read.value }) : read;
  }
  return failure([fault('not-a-recipe', '')]);
}

/** A page: the recipe that it holds as data, where there is one; else its words. */
function importHtml(html: string, given: readonly GivenOwner[]): Result<ImportedRecipe> {
  const page = textOfHtml(html);
  for (const data of page.data) {
    const json = readJson(data);
    const recipe = json.ok ? findRecipe(json.value) : undefined;
    if (recipe) return success(withGaps(finished(buildBread(partsOfJsonLd(recipe, html))), html, []));
  }
  return success(fromLines(page.lines, html, given));
}

function fromLines(all: readonly Mapped[], source: string, given: readonly GivenOwner[]): ImportedRecipe {
  const lines = joinedLines(all.filter((l) => l.text.trim() !== ''));
  const kept = lines.slice(0, MOST_LINES).map((l) => l.slice(0, LONGEST_LINE));
  const choices = recipesIn(kept);
  const isSaid = (c: RecipeChoice): boolean =>
    given.some((g) => g.owner === 'aside' && g.from <= c.from && c.to <= g.to);
  const open = choices.filter((c) => !isSaid(c));
  // of several the first is read until somebody says which, never all together
  const others = open.slice(1).map(({ from, to }): GivenOwner => ({ from, to, owner: 'aside' }));
  const parts = takeApart(percentLines(kept), [...others, ...given]);
  const whole = parts.ingredients.length >= 2 ? parts : inProse(parts);
  const restFrom = lines[kept.length]?.span().from ?? source.length;
  const content = all.map((l) => l.span()).filter((l) => l.from < restFrom);
  const read = { ...withGaps(finished(buildBread(whole)), source.slice(0, restFrom), content), choices };
  const built = others.length === 0 ? read : { ...read, conflicts: [severalIn(choices, open[0]), ...read.conflicts] };
  const more = lines.length - kept.length;
  if (more === 0) return built;
  return {
    ...built,
    words: [...built.words, { from: restFrom, to: source.length, owner: 'none' }],
    notUnderstood: [
      ...built.notUnderstood,
      `and ${more} lines more, which were not read: a recipe has at most ${MOST_LINES}`,
    ],
  };
}

const severalIn = (choices: readonly RecipeChoice[], first: RecipeChoice | undefined): Conflict => ({
  paths: ['name'],
  what: `the text holds ${choices.length} recipes (${choices.map((c) => c.title).join(', ')}); "${first?.title ?? ''}" was read`,
});

/** The format has the last word: a bread that it refuses is none, and the reasons are given. */
function finished(recipe: ImportedRecipe): ImportedRecipe {
  if (!recipe.bread) return recipe;
  const read = readBread(JSON.parse(JSON.stringify(recipe.bread)));
  if (read.ok) return { ...recipe, bread: read.value };
  return {
    ...recipe,
    bread: null,
    conflicts: [
      ...recipe.conflicts,
      ...read.faults.map((f) => ({ paths: [f.path], what: `what was read makes no bread: ${f.code}` })),
    ],
  };
}
