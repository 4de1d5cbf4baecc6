import { failure, fault, success, type Result } from '../faults/index.ts';
import { LIMITS, readBread, readJson } from '../formats/index.ts';
import { buildBread } from './build-bread.ts';
import { joinedLines, percentLines } from './clean.ts';
import { textOfHtml } from './html.ts';
import { findRecipe, partsOfJsonLd } from './json-ld.ts';
import { Mapped } from './mapped.ts';
import { inProse } from './prose.ts';
import type { ImportedRecipe, OwnedWords } from './result.ts';
import { takeApart } from './sections.ts';

/** Lines beyond this are not read: no recipe is as long, a book is. */
const MOST_LINES = 600;
const LONGEST_LINE = 2000;

const NOTHING: ImportedRecipe = {
  bread: null,
  guesses: [],
  conflicts: [],
  notUnderstood: [],
  keeping: [],
  words: [],
};

/**
 * A bread from what somebody pasted: a recipe in lines or prose, a page of HTML, a schema.org Recipe as JSON-LD, or the project's own
 * JSON. Nothing in it is run or fetched. Faults: `file-too-large`, `not-a-recipe` for JSON of another program.
 */
export function importRecipe(text: string): Result<ImportedRecipe> {
  if (text.length > LIMITS.bytes)
    return failure([fault('file-too-large', '', { bytes: text.length, limit: LIMITS.bytes })]);
  const trimmed = text.replace(/^\uFEFF/, '').trim();
  if (trimmed.startsWith('{') || trimmed.startsWith('[')) {
    const json = readJson(trimmed);
    if (json.ok) return importJson(json.value, text);
    if (trimmed.startsWith('{"') || /^[{[]\s*["{]/.test(trimmed)) return json;
  }
  if (/<(?:html|body|head|script|div|p|ul|li|br|table|h[1-6])\b/i.test(trimmed)) return importHtml(text);
  return success(finished(fromLines(Mapped.of(text.replace(/^\uFEFF/, ' ')).split(/\r?\n/g))));
}

function importJson(value: unknown, source: string): Result<ImportedRecipe> {
  const recipe = findRecipe(value);
  if (recipe) return success(finished(buildBread(partsOfJsonLd(recipe, source))));
  if (typeof value === 'object' && value !== null && 'ingredients' in value && 'steps' in value) {
    const read = readBread(value);
    return read.ok ? success({ ...NOTHING, bread: read.value }) : read;
  }
  return failure([fault('not-a-recipe', '')]);
}

/** A page: the recipe that it holds as data, where there is one; else its words. */
function importHtml(html: string): Result<ImportedRecipe> {
  const page = textOfHtml(html);
  for (const data of page.data) {
    const json = readJson(data);
    const recipe = json.ok ? findRecipe(json.value) : undefined;
    if (recipe) return success(withAside(finished(buildBread(partsOfJsonLd(recipe, html))), html));
  }
  return success(withAside(finished(fromLines(page.lines)), html));
}

/** What of a page belongs to nothing that was read is set aside: its tags, scripts, menus, adverts. */
function withAside(recipe: ImportedRecipe, html: string): ImportedRecipe {
  let from = 0;
  const aside: OwnedWords[] = [];
  for (const w of [...recipe.words].sort((a, b) => a.from - b.from)) {
    if (w.from > from) aside.push({ from, to: w.from, owner: 'aside' });
    from = Math.max(from, w.to);
  }
  if (from < html.length) aside.push({ from, to: html.length, owner: 'aside' });
  return { ...recipe, words: [...recipe.words, ...aside].sort((a, b) => a.from - b.from) };
}

function fromLines(all: readonly Mapped[]): ImportedRecipe {
  const lines = joinedLines(all.filter((l) => l.text.trim() !== ''));
  const kept = lines.slice(0, MOST_LINES).map((l) => l.slice(0, LONGEST_LINE));
  const parts = takeApart(percentLines(kept));
  const whole = parts.ingredients.length >= 2 ? parts : inProse(parts);
  const built = buildBread(whole);
  const more = lines.length - kept.length;
  if (more === 0) return built;
  return {
    ...built,
    notUnderstood: [
      ...built.notUnderstood,
      `and ${more} lines more, which were not read: a recipe has at most ${MOST_LINES}`,
    ],
  };
}

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
