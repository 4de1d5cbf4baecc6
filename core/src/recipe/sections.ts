import { findFood } from '../foods/index.ts';
import type { IngredientUse } from '../formula/index.ts';
import { actionsIn } from './actions.ts';
import { normalLine, withoutBullet } from './normal-line.ts';

/** A recipe taken apart: its title, the lines of ingredients with their use, the sentences of the method, and what is neither. */
export interface RecipeParts {
  readonly title: string | undefined;
  readonly ingredients: readonly { readonly line: string; readonly use: IngredientUse }[];
  readonly method: readonly string[];
  /** Lines that say how many, how large, how long in all. */
  readonly facts: readonly string[];
  readonly notUnderstood: readonly string[];
}

type Part = 'unknown' | 'ingredients' | 'method' | 'passed';

const HEADINGS: readonly (readonly [RegExp, Part, IngredientUse])[] = [
  [
    /^(?:the )?(?:filling|stuffing)s?(?: ingredients)?$|^for (?:the |a )?(?:\w+ )?(?:filling|stuffing)$/i,
    'ingredients',
    'fill',
  ],
  [
    /^(?:for (?:the )?)?(?:topping|finish|finishing|to finish|to brush|brushing|glaze|garnish)$|^to finish$|^for brushing$/i,
    'ingredients',
    'finish',
  ],
  [/^(?:to serve|for serving|serving)$/i, 'ingredients', 'serve'],
  [/^(?:for )?(?:the )?(?:layers|layering|between the layers|lamination)$/i, 'ingredients', 'layer'],
  [/^(?:for )?(?:the )?(?:griddle|frying|cooking)$/i, 'ingredients', 'griddle'],
  [
    /^(?:you (?:will )?need|what you(?:'|’)?(?:ll)? need|ingredients?(?: list)?(?: for .*)?|shopping list|(?:for (?:the )?)?dough|for (?:the )?(?:breads?|flatbreads?|batter|starter|wraps?|rounds?))$/i,
    'ingredients',
    'dough',
  ],
  [
    /^(?:methods?|directions?|instructions?|preparation|procedure|steps?|how to(?: make)?.*|making .*|to make(?: .*)?|what to do|method and tips)$/i,
    'method',
    'dough',
  ],
  [
    /^(?:notes?|tips?|equipment|tools|nutrition(?:al info\w*)?|variations?|storage|comments?|about .*|introduction|video|related .*|share .*)$/i,
    'passed',
    'dough',
  ],
];
const FACT =
  /\b(?:makes?|yields?|gives|serves|servings?|enough for|quantity|total time|prep(?:aration)? time|cook(?:ing)? time|ready in|takes|portions?)\b\s*:?\s*(?:about\s*)?(?:\d|½|a\b|an\b)/i;
const STARTS_WITH_AMOUNT = /^(?:about |approx\.? |roughly )?(?:\d|[½¼¾⅓⅔⅛])/;
const WITH_UNIT = /^[\d.½¼¾⅓⅔⅛/ -]+(?:g|kg|ml|l|oz|lb|cups?|tbsp|tsp|teaspoons?|tablespoons?)\b/i;
const LONGEST_INGREDIENT = 130;
const WITHOUT_AMOUNT =
  /\b(?:for|to taste|to serve|as needed|optional|pinch|handful|knob|splash|drizzle|a little|some|extra|plenty)\b/i;
const SENTENCE = /[.!?](?:\s|$)/;

/** Whether a line reads as an ingredient without a heading to say so. */
function looksLikeIngredient(line: string): boolean {
  if (line.length > LONGEST_INGREDIENT) return false;
  const text = normalLine(line);
  const food = findFood(text);
  if (STARTS_WITH_AMOUNT.test(text) && food === undefined)
    return WITH_UNIT.test(text) && text.split(' ').length <= 7 && actionsIn(text).length === 0;
  if (STARTS_WITH_AMOUNT.test(text)) return !(SENTENCE.test(line) && actionsIn(text).length > 1);
  if (!food || SENTENCE.test(line.replace(/\.$/, ''))) return false;
  const words = text.split(' ').length;
  const startsAsStep =
    /^(?:mix|add|stir|knead|put|place|combine|roll|heat|cook|brush|divide|cover|sift|whisk|pour|dissolve|rub|serve|leave|let|in|when|once|then|meanwhile|turn|using|make|take|shape|form)\b/i.test(
      text,
    );
  if (startsAsStep) return false;
  return (
    words <= 4 ||
    (words <= 9 &&
      (WITHOUT_AMOUNT.test(text) || /[:–-]\s*(?:\d|[½¼¾])/.test(text) || /\s\d+(?:\.\d+)? (?:g|ml|kg)$/.test(text)))
  );
}

/** Takes a text apart line by line. Headings rule where there are any; a line without one is judged by itself. */
export function takeApart(text: string): RecipeParts {
  const ingredients: { line: string; use: IngredientUse }[] = [];
  const method: string[] = [];
  const facts: string[] = [];
  const notUnderstood: string[] = [];
  let title: string | undefined;
  let part: Part = 'unknown';
  let use: IngredientUse = 'dough';
  for (const raw of text.split(/\r?\n/)) {
    let line = withoutBullet(raw);
    if (line === '') continue;
    const opening = title === undefined && ingredients.length + method.length === 0 ? OPENING.exec(line) : null;
    if (opening && actionsIn(opening[1] ?? '').length === 0 && isBareTitle(opening[1] ?? '')) {
      title = opening[1];
      line = opening[2] ?? '';
    }
    const heading = headingOf(line);
    if (heading) {
      [part, use] = [heading.part === 'unknown' ? part : heading.part, heading.use];
      if (heading.rest === '') continue;
    }
    const body = heading?.rest ?? line;
    if (title === undefined && part === 'unknown' && ingredients.length + method.length === 0 && isBareTitle(body)) {
      title = body.replace(/[:#*]+/g, '').trim();
      continue;
    }
    if (FACT.test(body) && body.length < 120) {
      facts.push(body);
      title ??= titleIn(body);
    } else if (part === 'passed') notUnderstood.push(body);
    else if (
      part === 'method'
        ? looksLikeBareIngredient(body)
        : part === 'ingredients'
          ? isInList(body)
          : looksLikeIngredient(body)
    )
      ingredients.push({ line: body, use: part === 'method' ? 'dough' : use });
    else if (actionsIn(normalLine(body)).length > 0 && !isTitle(body, title, part)) {
      method.push(body);
      if (part === 'ingredients') part = 'unknown';
    } else if (
      title === undefined &&
      ingredients.length + method.length === 0 &&
      body.length <= 120 &&
      /\p{L}{3}/u.test(body)
    )
      title = body.replace(/[:#*]+/g, '').trim();
    else if (part === 'method' || looksHeatOrServe(body)) method.push(body);
    else notUnderstood.push(body);
  }
  return { title, ingredients, method, facts, notUnderstood };
}

/** In a list of ingredients a short line with a food needs no amount; a sentence is no entry. */
function isInList(line: string): boolean {
  if (looksLikeIngredient(line)) return true;
  const text = normalLine(line);
  return STARTS_WITH_AMOUNT.test(text)
    ? line.length <= LONGEST_INGREDIENT && actionsIn(text).length < 2
    : findFood(text) !== undefined &&
        text.split(' ').length <= 9 &&
        !SENTENCE.test(line) &&
        !/^(?:mix|add|stir|knead|roll|cook|heat|brush)\b/i.test(text);
}

/** Below the method's heading only a line that starts with an amount and says nothing to do is still an ingredient. */
function looksLikeBareIngredient(line: string): boolean {
  const text = normalLine(line);
  return (
    STARTS_WITH_AMOUNT.test(text) &&
    line.length < 70 &&
    actionsIn(text).length === 0 &&
    findFood(text) !== undefined &&
    !/\b(?:minutes?|hours?|seconds?)\b/i.test(text)
  );
}

const looksHeatOrServe = (line: string): boolean =>
  /\b(?:heat|preheat|warm)\b.*\b(?:pan|griddle|skillet|plate|grill)\b|^serve\b/i.test(line);

function isTitle(line: string, title: string | undefined, part: Part): boolean {
  return (
    title === undefined &&
    part === 'unknown' &&
    line.length < 60 &&
    !SENTENCE.test(line) &&
    line.split(' ').length <= 7 &&
    !/^(?:mix|add|stir|knead|roll out|cook|heat|brush|divide)\b/i.test(line)
  );
}

/** "My uncle's bread. Take 500 g …": a paragraph that opens with its title. */
const OPENING = /^([^.!?\d]{3,60})[.!]\s+(.*\d.*)$/;

/** A first line of a few words without a figure or a full stop is the title, though it may name a food. */
const isBareTitle = (line: string): boolean =>
  line.length <= 60 &&
  line.split(/\s+/).length <= 7 &&
  !/[\d½¼¾⅓⅔.!?;:]/.test(line) &&
  !/^(?:a |an )?(?:pinch|handful|knob|mix|add|stir|put)\b/i.test(line) &&
  /\p{L}{3}/u.test(line);

/** "Griddle breads, makes 8" is a title as well. */
const titleIn = (fact: string): string | undefined => {
  const head = fact.split(/\s*[(,–:-]\s*(?=makes?|yields?|serves)/i)[0] ?? '';
  return head !== fact && /\p{L}{3}/u.test(head) ? head.trim() : undefined;
};

function headingOf(
  line: string,
): { readonly part: Part; readonly use: IngredientUse; readonly rest: string } | undefined {
  const [, head = '', rest = ''] = /^([^:]{2,45}):\s*(.*)$/.exec(line) ?? [];
  const bare = line
    .replace(/[:#*_=-]+$/g, '')
    .replace(/^[#*_=-]+/g, '')
    .trim();
  for (const [text, after] of [
    [head.trim(), rest],
    [bare, ''],
  ] as const) {
    const known = text === '' ? undefined : HEADINGS.find(([pattern]) => pattern.test(text));
    if (known) return { part: known[1], use: known[2], rest: after };
  }
  if (/^for (?:the )?\w+(?: \w+)?:?$/i.test(line) && line.length < 40)
    return { part: 'ingredients', use: 'dough', rest: '' };
  return undefined;
}
