import { foodsIn } from '../foods/index.ts';
import type { IngredientUse } from '../formula/index.ts';
import { actionsIn, type Action } from './actions.ts';
import type { ReadIngredient } from './ingredient-line.ts';
import type { StepDraft } from './step-draft.ts';

/** What an ingredient is for that a method names in nothing but such work. */
const USE_OF: Readonly<Partial<Record<Action, IngredientUse>>> = {
  fill: 'fill',
  coil: 'layer',
  finish: 'finish',
  clap: 'finish',
  serve: 'serve',
};
/** "Mix all ingredients", "add the wet ones": any line of the list may be meant. */
const ANY_OF_THEM = /\b(?:everything|all\b(?! purpose)|ingredients?|wet|liquids?|the rest|remaining)\b/i;
const MIXING = new Set<Action>(['mix', 'rub', 'knead', 'scald']);
/** Whether a step makes the dough, and nothing beside it. */
export const isOfMixing = (d: StepDraft): boolean => MIXING.has(d.action) && !d.isBeside;
const OUTSIDE_DOUGH = new Set<Action>([
  'divide',
  'ball',
  'fill',
  'fold',
  'coil',
  'clap',
  'finish',
  'serve',
  'roll',
  'shape',
  'cook',
]);
/** "Put the flour in a bowl", before anything is mixed. */
const PUT_TOGETHER = /\b(?:put|place|tip|pour|sift|sieve|weigh|measure|take|well)\b/i;
/** A sentence that says what is done with pieces, or nothing to do: it tells nothing of what is in the dough. */
export function isOutsideDough(sentence: string): boolean {
  const actions = actionsIn(sentence);
  return actions.length > 0 ? actions.every((a) => OUTSIDE_DOUGH.has(a.action)) : !PUT_TOGETHER.test(sentence);
}
/** Foods that a dough without them is still a dough. */
const ROLES = new Set(['other', 'fat', 'sugar', 'egg', 'yogurt']);

/** "Mix all but the almonds": what stands behind is left out here. */
const EXCEPT = /\b(?:all|everything)\b[^.;,]*?\b(?:but|except(?: for)?|apart from)\b([^.;]*)/i;

const namesIn = (text: string, line: ReadIngredient): boolean =>
  foodsIn(text).some(
    (f) =>
      f.food === line.food ||
      // "the cumin" is the cumin seeds of the list
      (f.food.role === 'other' && line.food?.role === 'other' && ` ${line.name} `.includes(` ${f.words} `)),
  ) || ` ${text.toLowerCase().replace(/[^\p{L}]+/gu, ' ')} `.includes(` ${line.name.split(' ').at(-1)} `);
const namesFood = (draft: StepDraft, line: ReadIngredient): boolean =>
  namesIn(draft.text.replace(EXCEPT, 'everything'), line);

/**
 * Lines of a list that has no headings, each with what the method uses it for: butter that is only brushed on is none of the dough, and
 * what stands in the filling alone is of the filling. A line that says its use itself keeps it.
 */
export function usedByMethod(
  lines: readonly ReadIngredient[],
  drafts: readonly StepDraft[],
): readonly ReadIngredient[] {
  const mixing = drafts.filter(isOfMixing);
  // a method that names none of what is mixed means the whole list
  const isTold = mixing.some((d) => foodsIn(d.text).length > 0) && !mixing.some((d) => ANY_OF_THEM.test(d.text));
  const filling = drafts.filter((d, n) => isFilling(d, n, drafts));
  const filled = drafts.find((d) => d.action === 'fill' && /\b(?:fill|stuff)\w*/i.test(d.text));
  const isUnheaded = filled !== undefined && !lines.some((l) => l.use === 'fill');
  return lines.map((line) => {
    if (isUnheaded && line.use === 'dough' && isOfFilling(line) && !mixing.some((d) => namesFood(d, line)))
      return {
        ...line,
        use: 'fill',
        guesses: [...line.guesses, 'no part of the list is called the filling; it is taken for it'],
      };
    if (
      line.use === 'dough' &&
      // salt that is named beside may be that of the dough
      filling.some((d) => namesFood(d, line) && (d.action === 'mix' || (line.food?.role ?? 'other') === 'other')) &&
      !mixing.some((d) => !filling.includes(d) && namesFood(d, line))
    )
      return { ...line, use: 'fill' };
    if (line.use !== 'dough' || !ROLES.has(line.food?.role ?? 'other')) return line;
    const naming = drafts.filter((d) => namesFood(d, line));
    // "seeds up, lid on": what lies on the griddle has been put on before
    const put = naming.filter((d) => d.action !== 'cook');
    const uses = (put.length > 0 ? put : naming).map((d) => useOf(d, drafts));
    const [first] = uses;
    // what is chopped or melted first is for what comes of it later
    const known = uses.filter((u) => u !== undefined);
    if (first === undefined && known.length === 0) return line;
    const use = known[0];
    if (use === undefined || known.some((u) => u !== use)) return line;
    const isLeftOut = mixing.some((d) => namesIn(EXCEPT.exec(d.text)?.[1] ?? '', line));
    if (!isTold && !isLeftOut && (line.food?.role ?? 'other') !== 'other') return line;
    // where one line says that it is for this, another is of the dough
    if (lines.some((l) => l.use === use && l.food === line.food && l.food)) return line;
    return { ...line, use };
  });
}

/**
 * Flour that is told for the bench alone is that of the dough too, where there is no other and nothing weighs more: nobody makes a bread of
 * none. A little wheat to dust what is made of lentils stays on the bench.
 */
export function withFlourInDough(lines: readonly ReadIngredient[]): readonly ReadIngredient[] {
  if (lines.some((l) => l.use === 'dough' && l.food?.role === 'flour')) return lines;
  const most = Math.max(...lines.map((l) => l.weight?.g ?? 0));
  const flour = lines.find((l) => l.food?.role === 'flour' && l.weight?.g === most);
  return lines.map((l) => (l === flour ? { ...l, use: 'dough' } : l));
}

/** So wet is what a bread is filled with, by its water in hundredths: cheese, vegetables, meat, and no seeds. */
const LEAST_WET = 35;
const isOfFilling = (l: ReadIngredient): boolean =>
  l.food?.role === 'other' && ((l.food.waterPct ?? 0) >= LEAST_WET || (l.food.allergens?.includes('milk') ?? false));

const MIXED_BESIDE = /\b(?:mix|stir|combine|mash|toss)\b/i;
/** "Mix the potatoes with the chilli", once the dough is made and before something is filled with "the filling". */
function isFilling(d: StepDraft, n: number, drafts: readonly StepDraft[]): boolean {
  const foods = foodsIn(d.text).map((f) => f.food.role);
  return (
    (d.action === 'mix' || (d.isBeside && MIXED_BESIDE.test(d.text))) &&
    foods.includes('other') &&
    foods.every((r) => ['other', 'salt', 'fat'].includes(r)) &&
    !/\bdough\b/i.test(d.text) &&
    drafts.slice(0, n).some((x) => x.action === 'knead' || x.action === 'rest' || x.action === 'proof') &&
    drafts
      .slice(n + 1)
      .some(
        (x) =>
          (x.action === 'fill' && /\b(?:filling|stuffing|mixture)\b/i.test(x.text)) ||
          ((x.action === 'fill' || x.action === 'finish') && isNamedAgain(x.text, d.text)),
      )
  );
}

/** "Stir the za'atar into the oil", and later "brush with the za'atar oil". */
const isNamedAgain = (later: string, mixed: string): boolean => {
  const foods = new Set(foodsIn(mixed).map((f) => f.food));
  return foods.size > 1 && foodsIn(later).filter((f) => foods.has(f.food)).length > 1;
};

/** "Press on poppy seeds", "dip the top into sesame": on the bread, and nothing is closed over it. */
const PRESSED_ON = /\bpress (?:in|on)\b|\bdip\b/i;

/** Undefined for work that is preparing: it says nothing of where its food goes. */
export function useOf(draft: StepDraft, drafts: readonly StepDraft[]): IngredientUse | undefined {
  if (draft.isBeside) {
    const [, word] = /\b(filling|stuffing|dip|sauce|salad|topping|glaze|chutney)\b/i.exec(draft.text) ?? [];
    // "mash the butter with the garlic, spread over the hot breads": what is put on is what was made
    const next = drafts[drafts.indexOf(draft) + 1];
    if (word === undefined) return next?.action === 'finish' && foodsIn(next.text).length === 0 ? 'finish' : undefined;
    return /filling|stuffing/i.test(word) ? 'fill' : /topping|glaze/i.test(word) ? 'finish' : 'serve';
  }
  const isLayered = ['fill', 'finish'].includes(draft.action) && drafts[drafts.indexOf(draft) + 1]?.action === 'coil';
  if (isLayered) return 'layer';
  return draft.action === 'fill' && PRESSED_ON.test(draft.text) ? 'finish' : (USE_OF[draft.action] ?? 'dough');
}
