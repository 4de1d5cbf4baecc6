import { roundedTo } from '../units/index.ts';
import { foodById, foodsIn, type Food } from '../foods/index.ts';
import { ingredientOfFood } from '../bread/index.ts';
import { percentagesOf, type Ingredient, type IngredientUse } from '../formula/index.ts';
import { SELF_RAISING_POWDER_PCT, type ReadIngredient } from './ingredient-line.ts';
import type { Conflict, Guess } from './result.ts';
import { isCheese } from './unlisted.ts';

/** Grams of one ingredient on its way into the formula. */
interface Weighed {
  readonly ingredient: Ingredient;
  readonly food: Food | undefined;
  /** Undefined: no amount was given. */
  readonly g: number | undefined;
  /** Baker's percentage, where the line names one. */
  readonly pct: number | undefined;
  readonly guesses: readonly { readonly from: string; readonly why: string; readonly key?: string }[];
  readonly disagreement: string | undefined;
}

export interface BuiltFormula {
  readonly ingredients: readonly Ingredient[];
  readonly doughG: number;
  readonly guesses: readonly Guess[];
  readonly conflicts: readonly Conflict[];
}

/** Grams a piece of what is used outside the dough and has no amount (common practice). */
const USUAL_G: Readonly<Record<Exclude<IngredientUse, 'dough'>, number>> = {
  bath: 40,
  layer: 6,
  fill: 40,
  dust: 5,
  griddle: 2,
  finish: 4,
  serve: 15,
};
/** What only seasons: nobody fills a bread with so much of it. */
const SEASONING =
  /\b(?:coriander|parsley|mint|dill|basil|thyme|oregano|za['’]?atar|sumac|cumin|chill?i(?:es)?|cayenne|paprika|pepper|turmeric|garam masala|spices?|herbs?|nigella|sesame|poppy|seeds|salt|garlic|ginger|butter|ghee|oil)\b/i;
const SEASONING_G = 3;
/** Baker's percentages where a recipe leaves the amount open (common practice). */
const USUAL_PCT: Readonly<Partial<Record<Ingredient['role'], number>>> = {
  salt: 2,
  water: 60,
  milk: 60,
  yogurt: 40,
  fat: 5,
  leaven: 1,
  sugar: 1,
  starter: 25,
};
const twoDecimals = (x: number): number => roundedTo(x, 2);

/**
 * Baker's percentages of what the lines weigh. Flours that come in several lines are one; self-raising flour is flour and powder;
 * what is used outside the dough is a piece's. Undefined without any flour.
 */
export function buildFormula(lines: readonly ReadIngredient[], pieces: number): BuiltFormula | undefined {
  const weighed = withFlour(joinSame(lines.flatMap(weigh)), pieces);
  const flours = weighed.filter((w) => w.ingredient.use === 'dough' && w.ingredient.role === 'flour');
  const flourG = flours.reduce((sum, w) => sum + (w.g ?? 0), 0);
  if (flourG <= 0) return undefined;
  const grams = weighed.map((w) =>
    w.ingredient.use === 'dough' ? (w.g ?? (flourG * (w.pct ?? USUAL_PCT[w.ingredient.role] ?? 1)) / 100) : 0,
  );
  const pcts =
    percentagesOf(
      grams,
      weighed.map((w) => flours.includes(w)),
    ) ?? [];
  const guesses: Guess[] = [];
  const conflicts: Conflict[] = [];
  const ingredients = weighed.map((w, n): Ingredient => {
    const isDough = w.ingredient.use === 'dough';
    const path = `ingredients[${n}].${isDough ? 'pct' : 'gPerPiece'}`;
    for (const g of w.guesses)
      guesses.push({ path: g.key === undefined ? path : `ingredients[${n}].${g.key}`, from: g.from, why: g.why });
    if (w.disagreement !== undefined) conflicts.push({ paths: [path], what: w.disagreement });
    if (isDough && w.pct !== undefined && Math.abs(w.pct - (pcts[n] ?? 0)) > Math.max(0.1, w.pct * 0.05))
      conflicts.push({
        paths: [path],
        what: `${w.ingredient.name} is ${pcts[n] ?? 0} % of the flour by weight, not ${w.pct} %`,
      });
    if (isDough) {
      if (w.g === undefined && w.pct === undefined)
        guesses.push({
          path,
          from: w.ingredient.name,
          why: `no amount is told; ${USUAL_PCT[w.ingredient.role] ?? 1} % of the flour is taken`,
        });
      return { ...w.ingredient, pct: Math.min(1000, pcts[n] ?? 0) };
    }
    const isSeasoning = w.ingredient.use === 'fill' && SEASONING.test(w.ingredient.name);
    const usual = isSeasoning ? SEASONING_G : USUAL_G[w.ingredient.use];
    if (w.g === undefined)
      guesses.push({ path, from: w.ingredient.name, why: `no amount is told; ${usual} g a piece is taken` });
    return { ...w.ingredient, gPerPiece: w.g === undefined ? usual : twoDecimals(w.g / pieces) };
  });
  return { ingredients: closeFlours(ingredients), doughG: grams.reduce((a, b) => a + b, 0), guesses, conflicts };
}

const USUAL_FLOUR_G = 50;

/**
 * Doughs without a weight of flour. Where percentages are named they are taken as grams to a hundred of flour; else the flour follows from
 * the water, or from the pieces (50 g of flour to a piece of 80 g, common practice), and that is a guess.
 */
function withFlour(list: readonly Weighed[], pieces: number): readonly Weighed[] {
  const isFlour = (w: Weighed): boolean => w.ingredient.use === 'dough' && w.ingredient.role === 'flour';
  if (list.some((w) => isFlour(w) && (w.g ?? 0) > 0)) return list;
  if (list.some((w) => isFlour(w) && w.pct !== undefined)) return list.map((w) => ({ ...w, g: w.g ?? w.pct }));
  if (!list.some(isFlour) && list.some(isWhole))
    return withUnknownFlour(
      list.map((w) => ({ ...w, g: w.g ?? w.pct })),
      0,
    );
  const water = list.find((w) => w.ingredient.role === 'water' && w.ingredient.use === 'dough')?.g;
  const g = water === undefined ? USUAL_FLOUR_G * pieces : water / 0.6;
  const why =
    water === undefined
      ? `no weight of flour is told; ${USUAL_FLOUR_G} g a piece are taken`
      : 'no weight of flour is told; the water is taken as 60 % of it';
  const first = list.findIndex(isFlour);
  if (first < 0) return withUnknownFlour(list, water ?? 0);
  return list.map((w, n) => (n === first ? { ...w, g, guesses: [...w.guesses, { from: w.ingredient.name, why }] } : w));
}

/** What nobody knows and is told as 100 %: the rest is told as a share of it. */
const isWhole = (w: Weighed): boolean => w.food === undefined && w.ingredient.use === 'dough' && w.pct === 100;

/** What is soaked and ground where there is no flour. */
const AS_FLOUR =
  /\b(?:lentils?|chickpeas|beans|rice|moong|mung|urad|dal|quinoa|millet|buckwheat|sorghum|cassava|yuca|manioc)\b/i;

/** The type of a flour, "farine T65", or its word in the languages of this trade. */
const OF_WHEAT = /\bT ?\d{2,4}\b|\b(?:type|typ|tipo) ?\d|^(?:weizen)?mehl\b|^farin[ea]\b|^harina\b|^(?:tarwe)?bloem\b/i;

/** A formula in which nothing is known for a flour: of what nobody knows the heaviest, if it weighs more than the water, is taken for it. */
function withUnknownFlour(list: readonly Weighed[], waterG: number): readonly Weighed[] {
  const dough = list.filter((w) => w.ingredient.use === 'dough');
  const pulses = dough.filter((w) => AS_FLOUR.test(w.ingredient.name) && (w.g ?? 0) > 0);
  const unknown = pulses.length > 0 ? pulses : dough.filter((w) => w.food === undefined && (w.g ?? 0) > waterG);
  const whole = unknown.filter(isWhole);
  const heaviest = (whole.length > 0 ? whole : unknown).reduce<Weighed | undefined>(
    (a, b) => (a && (a.g ?? 0) >= (b.g ?? 0) ? a : b),
    undefined,
  );
  if (!heaviest || list.length < 2) return list;
  // of two that are ground together both are
  const isTaken = (w: Weighed): boolean =>
    w === heaviest || (pulses.includes(w) && 3 * (w.g ?? 0) >= (heaviest.g ?? 0));
  const why =
    pulses.length > 0
      ? 'no flour is named; what is soaked and ground is taken for it'
      : 'nothing is named that is known for a flour; what weighs most is taken for it, and what is in it is not known';
  return list.map((w) =>
    isTaken(w)
      ? {
          ...w,
          ingredient: {
            ...w.ingredient,
            role: 'flour',
            // most types are of wheat: what somebody may have to avoid is told, though nobody knows its name
            ...(OF_WHEAT.test(w.ingredient.name) ? { allergens: [...(foodById('plain-flour').allergens ?? [])] } : {}),
          },
          guesses: [...w.guesses, { from: w.ingredient.name, why }],
        }
      : w,
  );
}

/** Rounding may leave the flours a hundredth from 100. */
function closeFlours(ingredients: readonly Ingredient[]): readonly Ingredient[] {
  const isFlour = (i: Ingredient): boolean => i.use === 'dough' && i.role === 'flour';
  const sum = ingredients.reduce((s, i) => s + (isFlour(i) ? (i.pct ?? 0) : 0), 0);
  const largest = ingredients.filter(isFlour).reduce((a, b) => ((b.pct ?? 0) > (a.pct ?? 0) ? b : a));
  return ingredients.map((i) => (i === largest ? { ...i, pct: twoDecimals((i.pct ?? 0) + 100 - sum) } : i));
}

/** What of a starter is water and what flour, in hundredths, by its hydration. */
const sharesOfStarter = (wetnessPct: number): { readonly waterPct: number; readonly flourPct: number } => {
  const waterPct = twoDecimals((100 * wetnessPct) / (100 + wetnessPct));
  return { waterPct, flourPct: twoDecimals(100 - waterPct) };
};

function weigh(r: ReadIngredient): readonly Weighed[] {
  const guesses = r.guesses.map((why) => ({ from: r.line, why }));
  const base = { g: r.weight?.g, pct: r.pct, guesses, disagreement: r.disagreement, food: r.food };
  const more = {
    name: r.name,
    ...(r.tempC === undefined ? {} : { tempC: r.tempC }),
    ...(r.wetnessPct === undefined ? {} : sharesOfStarter(r.wetnessPct)),
    ...(r.isOptional && r.use !== 'dough' ? { optional: true } : {}),
  };
  if (!r.food)
    return [
      {
        ...base,
        ingredient: { name: r.name, role: 'other', use: r.use },
        guesses: [
          ...guesses,
          {
            from: r.line,
            why: 'this food is not known: it counts as "other", without water, allergens or price',
            key: 'role',
          },
        ],
      },
    ];
  const byFeel = r.isByFeel && r.food.role === 'water' && r.use === 'dough';
  const held = byFeel ? { holdBackPct: 10 } : {};
  const heldWhy = byFeel ? [{ from: r.line, why: 'added by feel: a tenth is kept back', key: 'holdBackPct' }] : [];
  if (r.food.id === 'self-raising' && r.use === 'dough') return splitSelfRaising(r, base);
  return [
    {
      ...base,
      guesses: [...guesses, ...heldWhy],
      ingredient: withAllOf(ingredientOfFood(r.food, { use: r.use, ...held, ...more }), r.line),
    },
  ];
}

/** "(or butter)", ", dairy or oat": what a line allows in place of what it names. */
const ALLOWED = /[(,]\s*([^(),;]*\bor\b[^(),;]*)/i;
/** "Milk and water", "butter or lard", "vegan butter (or butter)": what is in any of them has to be avoided in all. */
function withAllOf(ingredient: Ingredient, line: string): Ingredient {
  const [, allowed = ''] = ALLOWED.exec(line) ?? [];
  const named = [ingredient.name, allowed === '' ? '' : `${allowed} ${ingredient.name}`].flatMap((words) =>
    foodsIn(words).map((f) => f.food),
  );
  if (named.length < 2) return ingredient;
  const allergens = [...new Set([...(ingredient.allergens ?? []), ...named.flatMap((f) => f.allergens ?? [])])];
  const contains = [...new Set([...(ingredient.contains ?? []), ...named.flatMap((f) => f.contains ?? [])])];
  return {
    ...ingredient,
    ...(allergens.length > 0 ? { allergens } : {}),
    ...(contains.length > 0 ? { contains } : {}),
  };
}

/** Self-raising flour is plain flour with baking powder in it (common practice: 5 % of the flour). */
function splitSelfRaising(r: ReadIngredient, base: Omit<Weighed, 'ingredient'>): readonly Weighed[] {
  const share = 100 / (100 + SELF_RAISING_POWDER_PCT);
  const why = `self-raising flour is taken as plain flour with ${SELF_RAISING_POWDER_PCT} % baking powder`;
  const [flour, powder] = [foodById('plain-flour'), foodById('baking-powder')];
  const part = (food: Food, factor: number): Weighed => ({
    ...base,
    food,
    ingredient: ingredientOfFood(food, { use: 'dough' }),
    g: base.g === undefined ? undefined : base.g * factor,
    guesses: [...base.guesses, { from: r.line, why }],
  });
  return [part(flour, share), part(powder, 1 - share)];
}

const SCALDING_C = 70;
/** Water that scalds and water that does not are two ingredients. */
const isAlike = (a: Weighed, b: Weighed): boolean =>
  (a.ingredient.tempC ?? 0) >= SCALDING_C === (b.ingredient.tempC ?? 0) >= SCALDING_C;

const lastWord = (name: string): string => /^[^,]*?(\p{L}+)(?=,|$)/u.exec(name)?.[1] ?? name;
/** White spelt and wholemeal spelt are two flours, kefir and whey two milks; "plain flour" and "flour", "warm milk" and "milk" are one. */
const isOneName = (a: Ingredient, b: Ingredient): boolean => {
  if (a.role === 'flour') return a.name.endsWith(b.name) || b.name.endsWith(a.name);
  return a.role === 'water' || lastWord(a.name) === lastWord(b.name);
};

/** Milk and water is no water for those who avoid milk. */
const holdsTheSame = (a: Ingredient, b: Ingredient): boolean =>
  [...(a.allergens ?? [])].sort().join() === [...(b.allergens ?? [])].sort().join();

/** What comes in several lines under one name and use ("200 g flour … 50 g flour, if needed") is one ingredient. */
function joinSame(list: readonly Weighed[]): readonly Weighed[] {
  const result: Weighed[] = [];
  for (const w of list) {
    const at = result.findIndex(
      (r) =>
        r.ingredient.use === w.ingredient.use &&
        (r.ingredient.name === w.ingredient.name ||
          (r.food !== undefined &&
            r.food === w.food &&
            r.ingredient.use === 'dough' &&
            r.ingredient.role !== 'other' &&
            isOneName(r.ingredient, w.ingredient) &&
            isAlike(r, w) &&
            holdsTheSame(r.ingredient, w.ingredient))),
    );
    const same = result[at];
    if (!same) {
      result.push(w);
      continue;
    }
    const g = same.g === undefined && w.g === undefined ? undefined : (same.g ?? 0) + (w.g ?? 0);
    result[at] = {
      ...same,
      g,
      pct: same.pct === undefined && w.pct === undefined ? undefined : (same.pct ?? 0) + (w.pct ?? 0),
      guesses: [
        ...same.guesses,
        ...w.guesses,
        { from: w.ingredient.name, why: 'it comes in several lines; they are added up' },
      ],
      disagreement: same.disagreement ?? w.disagreement,
    };
  }
  return result;
}

/** "Talk about flours": what a class hears meanwhile names nothing that is mixed. */
const TALK = /\b(?:talk|discuss|chat|explain|tell|show pictures)\b[^.;)]*/gi;

/** Words by which a method means several ingredients at once. */
const GENERAL: readonly (readonly [RegExp, (i: Ingredient) => boolean])[] = [
  // "on the other side", "the rest of the flour" mean one thing
  [
    /\b(?:mix|stir|combine) (?:it|them|this) all\b|\b(?:mix|stir|combine|work) (?:it|them|this)(?: all)? (?:up\b|together\b|(?:well )?with (?:a|your|the) (?:\w+ )?(?:fork|spoon|hands?|fingers?|spatula|whisk)\b)/i,
    (i) => i.use === 'dough',
  ],
  [/\beverything\b|\bingredients?\b|\b(?:with|add|then) (?:all )?the rest\b(?! of\b)/i, () => true],
  [
    /\bdry (?:ingredients|things|mix)\b|\bthe dry\b/i,
    (i) => ['flour', 'salt', 'sugar', 'leaven', 'other'].includes(i.role),
  ],
  [/\b(?:wet|liquids?)\b/i, (i) => ['water', 'milk', 'yogurt', 'egg', 'fat', 'starter'].includes(i.role)],
  [/\bflours?\b|\bmeal\b/i, (i) => i.role === 'flour'],
  [/\bfat\b/i, (i) => i.role === 'fat'],
  // "fill, close" takes all of it
  [/\b(?:filling|stuffing|fill|stuff)\b/i, (i) => i.use === 'fill' || i.use === 'layer'],
  [/\b(?:roomal|glaze|egg ?wash|wash|topping|toppings)\b/i, (i) => i.use === 'finish'],
  [/\bleaven|raising agents?\b/i, (i) => i.role === 'leaven'],
  [/\byeast\b/i, (i) => i.name.includes('yeast')],
  [/\bstarter|levain\b/i, (i) => i.role === 'starter'],
  [/\beggs?\b/i, (i) => i.role === 'egg'],
  [/\boil(?:ed)?\b/i, (i) => i.name.includes('oil')],
  [/\bbutter(?:ed)?\b/i, (i) => i.name.includes('butter')],
  [/\bsalt(?:ed)?\b|\bseason/i, (i) => i.role === 'salt'],
  [/\bwater\b/i, (i) => i.role === 'water'],
  [/\bmilk\b/i, (i) => i.role === 'milk'],
  [/\byogh?urt\b/i, (i) => i.role === 'yogurt'],
  [/\bsugar|sweetener\b/i, (i) => i.role === 'sugar'],
  [/\bherbs?|greens|leaves\b/i, (i) => i.role === 'other'],
  [/\b(?:the|your) top(?:ping)?\b|(?<=, )top(?=,)/i, (i) => i.use === 'finish'],
  [/\bseeds?\b/i, (i) => /seeds?\b|sesame|nigella|cumin|caraway|poppy/i.test(i.name)],
  [/\bvegetables?\b/i, (i) => i.role === 'other' && i.use !== 'dough'],
  [/\bcheese\b/i, (i) => /cheese|paneer|curd|feta/.test(i.name) || isCheese(i)],
  [/\bsoda|bicarb/i, (i) => i.name.includes('soda')],
  [/\bdust|floured?\b/i, (i) => i.use === 'dust' || (i.use === 'layer' && i.role === 'flour')],
  [/\bgrease|oil(?:ed)? (?:the|a) /i, (i) => i.use === 'griddle'],
  [/\bserve/i, (i) => i.use === 'serve'],
];

/** Of so many that go into a dough a method that cares for names would name one (this program's own choice). */
const LEAST_UNNAMED = 3;

/**
 * Ingredients that a method never mentions, by name or in general; none when there is no method. `mixing` is the method
 * without what is done with pieces alone.
 */
export function neverUsed(
  ingredients: readonly Ingredient[],
  foods: readonly (Food | undefined)[],
  method: string,
  mixing: string,
): readonly number[] {
  if (method.trim() === '') return [];
  const named = new Set(foodsIn(method).map((f) => f.food));
  const mixingWords = mixing.replace(TALK, '');
  const mixed = new Set(foodsIn(mixingWords).map((f) => f.food));
  // "mix and knead": a method that never says flour means the whole list
  const flours = ingredients.filter((i, n) => i.use === 'dough' && foods[n]?.role === 'flour');
  const most = Math.max(...flours.map((i) => i.pct ?? 0));
  const others = ingredients.filter((i, n) => i.use === 'dough' && !flours.includes(i) && foods[n] !== undefined);
  // "chill the mash, knead in flour": of a whole list the flour alone
  const namesFlourOnly =
    others.length >= LEAST_UNNAMED && !others.some((i) => foodsIn(method).some((f) => f.food.role === i.role));
  // semolina on the bench is a flour too: only that of the dough tells the whole list
  const isTerse =
    namesFlourOnly ||
    (!/\bflours?\b/i.test(mixingWords) &&
      !ingredients.some((i, n) => {
        const food = foods[n];
        return food !== undefined && flours.includes(i) && i.pct === most && mixed.has(food);
      }));
  const isMentioned = (i: Ingredient, n: number): boolean => {
    if (isTerse && i.use === 'dough') return true;
    // "yogurt to serve", "oil for the griddle": the list itself says what becomes of it
    if (i.use === 'serve' || i.use === 'griddle') return true;
    // flour for the table is used where dough is worked on it
    if (i.use === 'dust' && /\b(?:roll|knead|shape|press|pat|stretch|dust|flour)/i.test(method)) return true;
    const food = foods[n];
    if (food && named.has(food)) return true;
    // the oil of a topping goes on with it
    const isOfNamed = (o: Ingredient, at: number): boolean => {
      const other = foods[at];
      return o !== i && o.use === i.use && other !== undefined && named.has(other);
    };
    if (i.role === 'fat' && (i.use === 'finish' || i.use === 'fill') && ingredients.some(isOfNamed)) return true;
    if (GENERAL.some(([words, covers]) => words.test(method) && covers(i))) return true;
    return i.name.split(/[\s,]+/).some((w) => w.length > 3 && method.toLowerCase().includes(w.replace(/s$/, '')));
  };
  return ingredients.flatMap((i, n) => (isMentioned(i, n) ? [] : [n]));
}
