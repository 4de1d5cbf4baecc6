import { failure, fault, success, type Result } from '../faults/index.ts';
import { LIMITS, readBread, readJson } from '../formats/index.ts';
import { unheldTold } from './amounts-held.ts';
import { buildBread } from './build-bread.ts';
import { joinedLines, unscanned } from './clean.ts';
import { tablesRead, percentLines } from './tables/read-tables.ts';
import { withGaps } from './ledger.ts';
import { textOfHtml } from './html.ts';
import { partsOfJsonLd, recipesOf, titleOfJsonLd, type JsonRecipe } from './json-ld.ts';
import { Mapped } from './mapped.ts';
import { inProse } from './prose.ts';
import type { Conflict, GivenOwner, ImportedRecipe, OnShare } from './result.ts';
import { takeApart } from './sections.ts';
import { recipesIn, type RecipeChoice } from './several.ts';

/** Lines beyond this are not read: no recipe is as long, a book is. */
const MOST_LINES = 600;
/** Of so many a scan, or a narrow column, makes these; what comes behind is only counted, since looking at all grows faster than they do. */
const MOST_BROKEN = 4 * MOST_LINES;
const LONGEST_LINE = 2000;
/** So many characters of them are read: a recipe of twenty pages has fewer. */
const MOST_CHARACTERS = 60_000;

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
 * JSON. Nothing in it is run or fetched. `given`: what somebody says of stretches of it, by their places; `onShare` hears how much of the
 * reading is done, from 0 to 1. Faults: `file-too-large`, `not-a-recipe` for JSON of another program.
 */
export function importRecipe(
  text: string,
  given: readonly GivenOwner[] = [],
  onShare: OnShare = () => undefined,
): Result<ImportedRecipe> {
  if (text.length > LIMITS.bytes)
    return failure([fault('file-too-large', '', { bytes: text.length, limit: LIMITS.bytes })]);
  const trimmed = text.replace(/^\uFEFF/, '').trim();
  if (trimmed.startsWith('{') || trimmed.startsWith('[')) {
    const json = readJson(trimmed);
    if (json.ok) return importJson(json.value, text, given);
    if (trimmed.startsWith('{"') || /^[{[]\s*["{]/.test(trimmed)) return json;
  }
  if (/<(?:html|body|head|script|div|p|ul|li|br|table|h[1-6])\b/i.test(trimmed))
    return importHtml(text, given, onShare);
  return success(fromLines(Mapped.of(text.replace(/^\uFEFF/, ' ')).split(/\r?\n/g), text, given, onShare));
}

function importJson(value: unknown, source: string, given: readonly GivenOwner[]): Result<ImportedRecipe> {
  const recipe = fromData(recipesOf(value), source, given);
  if (recipe) return success(recipe);
  if (typeof value === 'object' && value !== null && 'ingredients' in value && 'steps' in value) {
    const read = readBread(value);
    return read.ok ? success({ ...NOTHING, bread: read.value }) : read;
  }
  return failure([fault('not-a-recipe', '')]);
}

/** A page: the recipe that it holds as data, where there is one; else its words. */
function importHtml(html: string, given: readonly GivenOwner[], onShare: OnShare): Result<ImportedRecipe> {
  const page = textOfHtml(html);
  const recipes = page.data.flatMap((data) => {
    const json = readJson(data);
    return json.ok ? recipesOf(json.value) : [];
  });
  return success(fromData(recipes, html, given) ?? fromLines(page.lines, html, given, onShare));
}

/** Of the recipes that a text holds as data, the first that nobody has set aside. */
function fromData(
  recipes: readonly JsonRecipe[],
  source: string,
  given: readonly GivenOwner[],
): ImportedRecipe | undefined {
  let from = 0;
  const all = recipes.map((recipe) => {
    const title = titleOfJsonLd(recipe);
    const at = source.indexOf(title, from);
    // a title in other signs than it is read has a place behind the one before it all the same
    from = (at < 0 ? from : at) + Math.max(1, title.length);
    return { recipe, choice: { title, from: from - Math.max(1, title.length), to: from } };
  });
  const open = all.filter(({ choice }) => !isSetAside(choice, given));
  const [first] = open;
  if (!first) return undefined;
  const read = withUnheld(withGaps(finished(buildBread(partsOfJsonLd(first.recipe, source))), source, []), source);
  if (all.length < 2) return read;
  const choices = all.map((a) => a.choice);
  const conflicts = open.length < 2 ? read.conflicts : [severalIn(choices, first.choice), ...read.conflicts];
  return { ...read, choices, conflicts };
}

const isSetAside = (c: RecipeChoice, given: readonly GivenOwner[]): boolean =>
  given.some((g) => g.owner === 'aside' && g.from <= c.from && c.to <= g.to);

/** A line without the room that only sets its columns apart: what is looked for in it takes the longer, the more of that there is. */
const plainSpaces = (line: Mapped): Mapped =>
  line
    // a mail that is answered
    .replace(/^(?:> ?)+/, '')
    .replace(/\u00a0/g, ' ')
    .replace(/\s{9,}/g, WIDE)
    .slice(0, WIDE.length + LONGEST_LINE)
    .trim();
const WIDE = '        ';

/** The lines that are read: no more, and no longer, than a recipe has them. */
function readableLines(lines: readonly Mapped[]): readonly Mapped[] {
  let left = MOST_CHARACTERS;
  const most = lines.slice(0, MOST_LINES).map((l) => l.slice(0, LONGEST_LINE));
  const end = most.findIndex((l) => (left -= l.text.length) < 0);
  return end < 0 ? most : most.slice(0, Math.max(1, end));
}

/** Where lines stand that follow an empty one. */
const paragraphsOf = (lines: readonly Mapped[]): ReadonlySet<number> =>
  new Set(
    lines
      .slice(0, MOST_LINES)
      .flatMap((l, n) => (lines[n - 1]?.text.trim() === '' && l.text.trim() !== '' ? [l.trim().span().from] : [])),
  );

function fromLines(
  all: readonly Mapped[],
  source: string,
  given: readonly GivenOwner[],
  onShare: OnShare,
): ImportedRecipe {
  // what is longer than a recipe is not read, and asked for no tables
  const plain = all.slice(0, MOST_BROKEN).map((line) => unscanned(plainSpaces(line)));
  const tables = tablesRead(plain.slice(0, MOST_LINES));
  const beyond = all.slice(MOST_BROKEN).filter((line) => line.text.trim() !== '');
  const lines = [...joinedLines([...tables.lines, ...plain.slice(MOST_LINES)]), ...beyond];
  const kept = readableLines(lines);
  const choices = recipesIn(kept, paragraphsOf(all));
  const open = choices.filter((c) => !isSetAside(c, given));
  // of several the first is read until somebody says which, never all together
  const others = open.slice(1).map(({ from, to }): GivenOwner => ({ from, to, owner: 'aside' }));
  const read = percentLines(kept);
  const parts = inProse(takeApart(read.lines, [...others, ...given]));
  onShare(0.2);
  const whole = {
    ...parts,
    aside: [...parts.aside, ...tables.again, ...read.again],
    notUnderstood: [...parts.notUnderstood, ...tables.left, ...read.left],
  };
  const restFrom = lines[kept.length]?.span().from ?? source.length;
  // an empty line has no place of its own
  const content = all
    .filter((l) => l.text !== '')
    .map((l) => l.span())
    .filter((l) => l.from < restFrom);
  const bread = finished(buildBread(whole, (share) => onShare(0.2 + 0.7 * share)));
  const known = source.slice(0, restFrom);
  const owned = { ...withUnheld(withGaps(bread, known, content), known), choices };
  onShare(1);
  const built =
    others.length === 0 ? owned : { ...owned, conflicts: [severalIn(choices, open[0]), ...owned.conflicts] };
  const more = lines.length - kept.length;
  if (more === 0) return built;
  return {
    ...built,
    words: [...built.words, { from: restFrom, to: source.length, owner: 'none' }],
    notUnderstood: [
      ...built.notUnderstood,
      `and ${more} lines more, which were not read: a recipe has at most ${MOST_LINES} lines and ${MOST_CHARACTERS.toLocaleString('en')} characters`,
    ],
  };
}

/** What a text tells and the bread does not hold stands with what does not agree. */
const withUnheld = (read: ImportedRecipe, source: string): ImportedRecipe =>
  read.bread ? { ...read, conflicts: [...read.conflicts, ...unheldTold(source, read)] } : read;

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
