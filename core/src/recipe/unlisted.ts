import { ingredientOfFood } from '../bread/index.ts';
import { avoidedName, findFood, foodById, foodsIn, type Food, type Role } from '../foods/index.ts';
import type { Ingredient, IngredientUse } from '../formula/index.ts';
import type { Conflict, Guess } from './result.ts';
import { scopesIn } from './scopes.ts';
import { isFoodAlone } from './for-later.ts';
import { HANDS, SPOONS, VESSELS, VOLUMES, WEIGHTS } from './measures.ts';
import { foundIn } from './needs.ts';
import { SHARE_WORD, shareOf } from './shares.ts';
import type { Action } from './actions.ts';
import type { StepDraft } from './step-draft.ts';

interface Found {
  readonly food: Food;
  readonly use: Exclude<IngredientUse, 'dough'>;
  readonly gPerPiece: number;
  readonly from: string;
  /** What the text calls it; undefined where it names none. */
  readonly told?: string | undefined;
}

const GREASING =
  /\b(?:oil|grease|butter|brush|wipe)(?:ed)? (?:the |a |your )?(?:\w+ )?(?:pan|griddle|skillet|hotplate|plate)\b|\b(?:oiled|greased|buttered) (?:pan|griddle|skillet)|\b(?:drizzle|drop|splash|little|teaspoon|film) of (?:\w+ )?(?:oil|butter|ghee)\b[^.]*\b(?:pan|griddle|skillet)|\b(?:pan|griddle|skillet|plate|tawa)\b[^.;]{0,12},? (?:and )?(?:brush|grease|wipe|oil|butter) it (?:lightly )?(?:with )?(?:a little )?(?:\w+ )?(?:oil|butter|ghee)?\b/i;
const DUSTING =
  /\b(?:floured|dusted|dust(?:ing)?|sprinkle(?:d)?)\b[^.]*?\b(?:surface|bench|board|worktop|work surface|table|counter|pin|flour)\b|\bflour (?:the|a|your) (?:bench|board|surface|worktop|table|pin)|\b(?:surface|bench|board|worktop|table|counter) (?:lightly )?(?:dusted|sprinkled|floured) with [\p{L}-]+(?: (?:flour|meal))?/iu;
const BRUSHING =
  /\b(?:brush|smear|drizzl|spread|rub|dott?|slather|paint|bast|appl)(?:e|ed|y|ying|ing|s)?\b[^.]*?\b((?:(?:vegan|dairy-free|non-dairy|plant(?:-based)?|soya?|almond|peanut|cashew|nut|lactose-free|melted|soft(?:ened)?|warm|garlic|herb|chilli|clarified|browned|salted|toasted|olive|sesame|walnut|peanut|groundnut|coconut|mustard|rapeseed|sunflower|vegetable) )*(?:butter|ghee|oil|honey))\b/i;

/** "Butter them while hot", "butter, fold": the fat is the verb. */
const BUTTERING = /(?:^|[,;] |\band )(butter|oil)(?=$|[,;.]| (?:it|them|the|each|while|when|as|on top)\b)/i;
/** "… with a little ghee", while it cooks. */
const WITH_FAT =
  /(?:\bwith (?:a |some )?(?:little |few drops of |drop of )?((?:\w+ )?(?:ghee|butter|oil))\b)|(?<=, )(?:ghee|butter|oil)(?=,)/i;

/** "Press to 20 cm, dimple, oil, rosemary": what stands alone between commas goes on top. */
const namedAlone = (text: string): string =>
  text
    .split(/[,;.] */)
    .filter((p) => isFoodAlone(p))
    .join(', ');

const LAYS_OVER = new Set<Action>(['coil', 'fold', 'roll', 'shape', 'fill']);

/** What a method uses outside the dough and no line lists: griddle fat, dusting flour, what the bread is brushed with. */
function unlistedOutside(
  ingredients: readonly Ingredient[],
  drafts: readonly StepDraft[],
  heatWords: string,
): readonly Found[] {
  const found: Found[] = [];
  const words = `${drafts.map((d) => d.text).join('. ')}. ${heatWords}`;
  const grease = GREASING.exec(words);
  if (grease) found.push({ food: fatIn(grease[0]), use: 'griddle', gPerPiece: 2, from: grease[0] });
  const dust = DUSTING.exec(words);
  if (dust)
    found.push({
      food: dustIn(dust[0], ingredients),
      use: 'dust',
      gPerPiece: 5,
      from: dust[0],
    });
  const cooked = drafts.findIndex((x) => x.action === 'cook');
  const isBatter = drafts.some((d) => d.action === 'shape' && /\b(?:batter|ladle|pour)/i.test(d.text));
  for (const d of drafts) {
    const brush = ['finish', 'clap', 'fill', 'cook'].includes(d.action)
      ? (BRUSHING.exec(d.text) ??
        (d.action === 'cook' || namedAlone(d.text).includes(',') ? null : BUTTERING.exec(d.text)))
      : null;
    const fat = d.action === 'cook' ? WITH_FAT.exec(d.text) : null;
    // "brushing with oil": what goes on the bread is that fat already
    const isBrushed = fat !== null && brush?.[0].includes(fat[0]) === true;
    if (fat && !isBrushed)
      found.push({
        food: findFood(fat[1] ?? fat[0]) ?? foodById('oil'),
        use: 'griddle',
        gPerPiece: 2,
        from: fat[0],
        told: fat[1] ?? fat[0],
      });
    if (!brush || (d.action !== 'cook' && GREASING.test(d.text))) continue;
    const food = findFood(brush[1] ?? '') ?? foodById('butter');
    const told = brush[1]?.toLowerCase();
    const isEarly = d.action === 'finish' && drafts.indexOf(d) < cooked;
    // what is dropped round a batter lies on the plate
    if (isEarly && isBatter) found.push({ food, use: 'griddle', gPerPiece: 2, from: brush[0], told });
    else if (d.action === 'fill' || isEarly) {
      // what nothing is laid over before it is cooked lies on top
      const isLaidOver = drafts.slice(drafts.indexOf(d) + 1, cooked).some((x) => LAYS_OVER.has(x.action));
      found.push({ food, use: isLaidOver ? 'layer' : 'finish', gPerPiece: isLaidOver ? 6 : 4, from: brush[0], told });
    }
    if ((d.action === 'finish' && !isEarly) || d.action === 'cook')
      found.push({ food, use: 'finish', gPerPiece: 4, from: brush[0], told });
  }
  return found;
}

const STREWING =
  /\b(?:sprinkl|scatter|strew|spray|top|dip|dredge|smear)\w*\b[^.;]*|\b(?:spread|dott?|rub|fill|stuff)\w* (?:(?:it|them|each|all|the \w+) )?(?:\w+ly )?with\b[^.;]*|\bbrush\w* (?:(?:it|them|each|all|the \w+) )?with (?:an? |some |the |1 )?(?:\w+ ){0,2}?(?:eggs?|milk|honey|yogh?urt|cream|syrup|molasses|wash)\b/gi;
/** "…, turn, fill with cheese, and cook another minute", "brush with beaten egg": what is put on while it cooks. */
const PUT_ON_GRIDDLE =
  /\b(?:fill|stuff|top|spread|brush|sprinkl|scatter|strew)\w* (?:(?:it|them|each|all|over|on|the (?:top|breads?)) )*with\b[^.;,]*(?:, [^.;,]* and [^.;,]*)?|\b(?:sprinkl|scatter|strew)\w* (?!(?:the |a |your )?(?:pan|griddle|plate|hotplate|tawa|water|salt)\b)[^.;,]*(?= (?:on|over|onto)\b)/i;
const strewnIn = (text: string): string | undefined => {
  const all = foundIn(text, STREWING).map((m) => m[0]);
  return all.length > 0 ? all.join(', ') : undefined;
};
/** Milk that is eaten as food and neither drunk, stirred in nor spread. */
export const isCheese = (i: Ingredient): boolean => i.role === 'other' && i.allergens?.includes('milk') === true;
const ON_PIECES = new Set<Action>(['finish', 'fill', 'cook']);
/** What is strewn on top and no line lists, "sprinkle with sesame": a gram or two of each. */
function strewn(
  ingredients: readonly Ingredient[],
  drafts: readonly StepDraft[],
): readonly (Found & { readonly told: string })[] {
  const listed = new Set(ingredients.map((i) => findFood(i.name)?.id));
  const found: (Found & { readonly told: string })[] = [];
  for (const d of drafts.filter((x) => ON_PIECES.has(x.action))) {
    const from =
      (d.action === 'cook' ? PUT_ON_GRIDDLE.exec(d.text)?.[0] : strewnIn(d.text)) ??
      (d.action === 'fill' ? namedAlone(d.text) : undefined);
    for (const { food, words } of foodsIn(saidIn(from ?? ''))) {
      // "fill with cheese" is the one that the filling has
      const isItsCheese = words === 'cheese' && ingredients.some((i) => i.use !== 'dough' && isCheese(i));
      const isListed = isItsCheese || listed.has(food.id) || ingredients.some((i) => i.name.includes(words));
      if (isListed || ['water', 'flour'].includes(food.role)) continue;
      listed.add(food.id);
      found.push({ food, use: 'finish', gPerPiece: 2, from: from ?? '', told: calledIn(d.text, food, words) });
    }
  }
  return found;
}

/** What a bench is floured with: the flour that is named; else wheat, but the bread's own where it holds no gluten. */
function dustIn(text: string, ingredients: readonly Ingredient[]): Food {
  const named = foodsIn(text).find((f) => f.food.role === 'flour' && f.words !== 'flour');
  const flours = ingredients.filter((i) => i.role === 'flour' && i.use === 'dough');
  const own = flours.reduce<Ingredient | undefined>((a, b) => ((a?.pct ?? 0) >= (b.pct ?? 0) ? a : b), undefined);
  const isFree = own !== undefined && !ingredients.some((i) => i.allergens?.includes('gluten'));
  return named?.food ?? (isFree ? findFood(own.name) : undefined) ?? foodById('plain-flour');
}

const fatIn = (text: string): Food => {
  const [, named] = /\bof ((?:\w+ )?(?:oil|butter|ghee))\b/i.exec(text) ?? [];
  return (
    (named === undefined ? undefined : findFood(named)) ??
    foodById(/butter/i.test(text) && !/oil/i.test(text) ? 'butter' : 'oil')
  );
};

/** "Brush with the za'atar oil": oil that a list has for outside the dough is that. */
const isListedOutside = (i: Ingredient, f: Found): boolean =>
  (f.use === 'layer' || f.use === 'finish') &&
  i.role === 'fat' &&
  ['finish', 'layer', 'fill', 'serve'].includes(i.use) &&
  (f.told === undefined || i.name.toLowerCase().endsWith(f.told.split(' ').at(-1) ?? f.told));

/** Bench and griddle have one thing; sesame that lies on a bread leaves the butter it is brushed with to be found. */
const isSameUse = (i: Ingredient, f: Found): boolean =>
  i.use === f.use && (f.use === 'griddle' || f.use === 'dust' || i.role === f.food.role);

export interface Unlisted {
  readonly ingredients: readonly Ingredient[];
  readonly guesses: readonly Guess[];
  readonly conflicts: readonly Conflict[];
}

/**
 * Adds what the method uses and no line lists. What goes on bench, griddle or bread comes in with a usual amount; a food that goes
 * into the dough is only pointed out, since its amount cannot be known, but for water.
 */
export function addUnlisted(
  ingredients: readonly Ingredient[],
  drafts: readonly StepDraft[],
  heatWords: string,
): Unlisted {
  const added: Ingredient[] = [];
  const guesses: Guess[] = [];
  const conflicts: Conflict[] = [];
  const at = (): number => ingredients.length + added.length;
  for (const f of unlistedOutside(ingredients, drafts, heatWords)) {
    if ([...ingredients, ...added].some((i) => isSameUse(i, f) || isListedOutside(i, f))) continue;
    if (f.use === 'dust' && f.food.id !== 'plain-flour' && !foodsIn(f.from).some((x) => x.food === f.food))
      conflicts.push({
        paths: ['ingredients'],
        what: `what the bench is floured with is not told ("${f.from}"); the bread's own flour is taken, wheat would bring gluten`,
      });
    guesses.push({
      path: `ingredients[${at()}].gPerPiece`,
      from: f.from,
      why: `${f.told ?? f.food.names[0] ?? ''}: used in the method and never listed; ${f.gPerPiece} g a piece is taken`,
    });
    added.push({
      ...ingredientOfFood(f.food, { use: f.use }),
      name: `${f.told ?? f.food.names[0] ?? f.food.id}, ${PURPOSE[f.use]}`,
      gPerPiece: f.gPerPiece,
    });
  }
  for (const f of strewn([...ingredients, ...added], drafts)) {
    guesses.push({
      path: `ingredients[${at()}].gPerPiece`,
      from: f.from,
      why: `${f.told}: used in the method and never listed; ${f.gPerPiece} g a piece is taken`,
    });
    added.push({
      ...ingredientOfFood(f.food, { use: f.use }),
      name: f.told,
      gPerPiece: f.gPerPiece,
    });
  }
  const known = new Set([...ingredients, ...added].map((i) => findFood(i.name)?.role));
  const foods = new Set([...ingredients, ...added].map((i) => findFood(i.name)?.id));
  if (
    !known.has('water') &&
    !known.has('milk') &&
    !known.has('yogurt') &&
    drafts.some((d) => /\bwater\b/i.test(d.text))
  ) {
    guesses.push({
      path: `ingredients[${at()}].pct`,
      from: 'water',
      why: 'used in the method and never listed; 60 % of the flour is taken',
    });
    added.push({ ...ingredientOfFood(foodById('water'), { use: 'dough' }), pct: 60, holdBackPct: 10 });
  }
  for (const d of drafts.filter((x) => ['mix', 'knead', 'rub', 'job', 'fill', 'bloom'].includes(x.action))) {
    for (const { food, words } of foodsIn(saidIn(d.text))) {
      if (known.has(food.role) && food.role !== 'other') continue;
      if (food.role === 'water' || food.role === 'flour' || foods.has(food.id)) continue;
      // "the almonds" are the ground almonds of the list, "the cheese" its cheddar
      if (ingredients.some((i) => i.name.includes(words) || (words === 'cheese' && isCheese(i)))) continue;
      if (ANY_SPICE.test(words) && ingredients.some(isSpice)) continue;
      foods.add(food.id);
      conflicts.push({
        paths: ['ingredients'],
        what: `${calledIn(d.text, food, words)} is used ("${quoted(d.text)}") and never listed`,
      });
    }
  }
  return { ingredients: [...ingredients, ...added], guesses, conflicts };
}

/** "The spices" are those of the list. */
const ANY_SPICE = /^(?:spices?|mixed spices?|(?:dried )?herbs?)$/i;
const SPICES: ReadonlySet<string | undefined> = new Set(['spice', 'more-spice', 'nigella', 'herbs']);
const isSpice = (i: Ingredient): boolean => SPICES.has(findFood(i.name)?.id);

/** "For people who can't have wheat": what is named is what the bread has none of. */
const IS_AVOIDED =
  /\b(?:can(?:['’]t|not| not)|do(?:n['’]t| not)|must not|may not) (?:have|eat|tolerate|take)\b|\b(?:allergic to|intolerant (?:of|to)|avoid(?:s|ing)?)\b/i;

/** "Mixed seeds (sunflower, pumpkin)": several of one kind, of which none is a choice. */
const KINDS =
  /(?<=\b(?:mixed \p{L}+|seeds|nuts|herbs|spices|vegetables|greens|berries|cheeses) ?)\((?!or\b)(?![^()]*\boptional)[^()\d]*,[^()\d]*\)/giu;
const isInBrackets = (text: string, words: string): boolean =>
  (text.match(KINDS) ?? []).some((inner) => inner.toLowerCase().includes(words.toLowerCase()));

const LONGEST_QUOTE = 80;
/** The beginning of a sentence in whole words. */
const quoted = (sentence: string): string =>
  sentence.length <= LONGEST_QUOTE ? sentence : `${sentence.slice(0, LONGEST_QUOTE).replace(/\s+\S*$/, '')} …`;

/** What a text calls a food; where it writes it in another way than it is looked up, its name in the table. */
const calledIn = (text: string, food: Food, words: string): string =>
  text.toLowerCase().includes(words) ? words : (food.names[0] ?? words);

/** A sentence that says for whom something is left out. */
const LEFT_OUT = /\b(?:avoids?|vegan|leave (?:off|out|the \w+ off)|allergic)\b/i;
/** "Ghee instead of butter", "free of egg": what stands behind is not there. */
const IN_PLACE_OF = /\b(?:instead of|free (?:from|of))\s[^,.;]*/gi;
/** "Pieces the size of a walnut" hold none. */
const AS_LARGE =
  /\b(?:size of|as (?:big|large|small) as|like|resembl(?:es?|ing)) (?:half )?(?:an? |the )?(?:(?:single|double|thick|thin|pouring|soft|melted|small|large|big|little|good|medium) )?[\p{L}-]+|\p{L}+[- ]sized\b|\begg[- ]?cups?\b|\bpasta machines?\b|\ba (?:pea|walnut|hazelnut|chickpea) of\b|\b(?:in)?to (?:an? |\d+ )?(?:\p{L}+,? ){0,2}sausages?\b|\bsausage[- ]shape/giu;

/** What something is done with, by the food that it is made for; cheese slices and nut crackers are food. */
const TOOL =
  /\b(?:fish[- ](?:slice|kettle)|egg[- ](?:timers?|whisks?|beaters?|box(?:es)?|cartons?)|(?:butter|cheese)[- ]kni(?:fe|ves)|(?:cheese|nutmeg|garlic|lemon|potato)[- ]graters?|rice[- ]cookers?|milk[- ](?:pans?|cartons?)|pepper[- ]mills?|(?:garlic|potato)[- ]press(?:es)?|potato[- ](?:ricers?|mashers?)|lemon[- ]squeezers?|honey[- ]dippers?|apple[- ]corers?)\b/gi;

/** "Stir the herb oil": what kind of oil it is called by, and not what is in it. */
const FLAVOURED = /\b(?:herb|spice|seed)s? (?=(?:oil|butter|paste|mix|mixture)\b)/gi;

/** A sentence without what is not done, what something else stands for, and how large or like what something is. */
function saidIn(sentence: string): string {
  const done = scopesIn(sentence).reduce(
    (t, s) => (s.kind === 'not' ? t.replace(sentence.slice(s.from, s.to), ' ') : t),
    sentence,
  );
  return (foundIn(done, AS_LARGE).length > 0 ? done.replace(AS_LARGE, ' ') : done)
    .replace(IN_PLACE_OF, ' ')
    .replace(TOOL, ' ')
    .replace(FLAVOURED, '');
}

/** "Butter or lard", "milk (or water)", "sesame, optional": of what may be taken one is. */
const CHOICE = /[,( ]*\b(?:or|optional(?:ly)?|instead|plus a little|in place)\b.*$/i;
const withoutChoice = (entry: string): string => entry.replace(CHOICE, '');

/** What nearly every method names (oil on the hands, milk among allergens): it is said only for what somebody may have to avoid in it. */
const ANY_DOUGH = new Set<Role>(['flour', 'water', 'milk', 'salt', 'fat', 'leaven', 'starter']);

/**
 * Foods that a text names and that the bread does not hold: it is said, whatever else was not understood, and what somebody may have to
 * avoid in them. What only a title or a heading names ("herb bread") is said where somebody may have to avoid it.
 */
export function namedAndNotHeld(
  sentences: readonly string[],
  heads: readonly string[],
  entries: readonly string[],
  ingredients: readonly Ingredient[],
  known: readonly Conflict[],
): readonly Conflict[] {
  const held = new Set(ingredients.flatMap((i) => [...(i.allergens ?? []), ...(i.contains ?? [])]));
  const foods = new Set(ingredients.map((i) => findFood(i.name)?.id));
  const roles = new Set(ingredients.map((i) => i.role));
  const names = ingredients.map((i) => ({ name: i.name.replace(/s$/, ''), role: i.role }));
  const found = new Map<string, Conflict>();
  const isHeld = (food: Food, words: string): boolean =>
    ANY_DOUGH.has(food.role) ||
    (food.role !== 'other' && roles.has(food.role)) ||
    foods.has(food.id) ||
    (words === 'cheese' && ingredients.some(isCheese)) ||
    (ANY_SPICE.test(words) && ingredients.some(isSpice)) ||
    names.some((n) => n.name.includes(words));
  const missingOf = (food: Food): readonly string[] =>
    [...(food.allergens ?? []), ...(food.contains ?? [])].filter((a) => !held.has(a));
  const holding = (food: Food): string => {
    const missing = missingOf(food);
    return missing.length > 0 ? `; it holds ${missing.map(avoidedName).join(', ')}` : '';
  };
  // an entry that holds a food of which no ingredient came has been read wrong, whatever the food
  const isTaken = (food: Food, words: string): boolean =>
    foods.has(food.id) || names.some((n) => n.name.includes(words) || (n.role === food.role && food.role !== 'other'));
  for (const entry of entries.filter((e) => !LEFT_OUT.test(e)))
    for (const { food, words } of foodsIn(saidIn(withoutChoice(entry)))) {
      // "mixed seeds (sunflower, pumpkin)": of which kinds, where nobody has to avoid one of them
      if (missingOf(food).length === 0 && isInBrackets(entry, words)) continue;
      if (isTaken(food, words) || found.has(words)) continue;
      const name = calledIn(entry, food, words);
      const what = `${name} stands in the list ("${quoted(entry)}") and is not in the bread${holding(food)}`;
      found.set(words, { paths: ['ingredients'], what });
    }
  for (const sentence of [...sentences, ...heads].filter((s) => !LEFT_OUT.test(s) && !IS_AVOIDED.test(s))) {
    for (const { food, words } of foodsIn(saidIn(sentence))) {
      // "the flour" is the one of the bread, "the milk" of one with oat milk is that; butter is none of peanut butter
      if (words === 'flour' || names.some((n) => n.name.endsWith(words) && n.role === food.role)) continue;
      const missing = missingOf(food);
      if (missing.length === 0 && (isHeld(food, words) || heads.includes(sentence) || isInBrackets(sentence, words)))
        continue;
      const name = calledIn(sentence, food, words);
      if (found.has(words) || known.some((k) => k.what.startsWith(`${name} is used`))) continue;
      const what = `${name} is named ("${quoted(sentence)}") and is not in the bread${holding(food)}`;
      found.set(words, { paths: ['ingredients'], what });
    }
  }
  return [...found.values()];
}

const PURPOSE: Readonly<Record<Found['use'], string>> = {
  griddle: 'for the griddle',
  dust: 'for the bench',
  finish: 'to finish',
  bath: 'for the bath',
  layer: 'between the layers',
  fill: 'in the filling',
  serve: 'to serve',
};

const HELD = new RegExp(
  `(?<![\\p{L}\\d])(${SHARE_WORD}) (?:of )?(?:the |your )?((?!(?:${VESSELS}|${SPOONS}|${HANDS}|${WEIGHTS}|${VOLUMES})\\b)(?:\\w+ )?(water|milk|buttermilk|yogh?urt|liquid))\\b`,
  'iu',
);
/** "Half the water now, the rest at the end": what share of a liquid is kept back, and which ingredient it is. */
export function heldBack(
  ingredients: readonly Ingredient[],
  method: string,
): readonly { readonly index: number; readonly pct: number; readonly from: string }[] {
  const m = HELD.exec(method);
  if (!m || !/\b(?:the rest|remaining|remainder|rest of|enough of|what is left)\b/i.test(method.slice(m.index)))
    return [];
  const [from, share = '', , word = ''] = m;
  const index = ingredients.findIndex(
    (i) =>
      i.use === 'dough' &&
      (word.toLowerCase() === 'liquid'
        ? ['water', 'milk', 'yogurt'].includes(i.role)
        : i.role === (word.toLowerCase() === 'water' ? 'water' : /milk/i.test(word) ? 'milk' : 'yogurt')),
  );
  return index < 0 ? [] : [{ index, pct: Math.round(100 * (1 - (shareOf(share) ?? 1))), from }];
}
