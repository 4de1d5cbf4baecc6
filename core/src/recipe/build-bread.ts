import { methodTimes, USUAL_BENCH, type Bread } from '../bread/index.ts';
import { findFood } from '../foods/index.ts';
import {
  BATTER_FROM_PCT,
  batterPct,
  figuresOf,
  leavenKind,
  type FamilyName,
  type Ingredient,
  type IngredientUse,
} from '../formula/index.ts';
import { durationText, MEASURE_SYSTEMS, type MeasureSystem, roundHalfUp } from '../units/index.ts';
import { buildFormula, neverUsed } from './build-formula.ts';
import { LOSS_PCT, pieceOf, piecesOf } from './build-piece.ts';
import { buildSteps } from './build-steps.ts';
import { durationsIn } from './durations.ts';
import { pairConflicts } from './figures-in-text.ts';
import { readIngredientLine, type ReadIngredient } from './ingredient-line.ts';
import { draftMethod, type MethodDrafts } from './method-drafts.ts';
import { wordsOf } from './ledger.ts';
import type { Mapped } from './mapped.ts';
import { normalLine } from './normal-line.ts';
import type { Conflict, Guess, ImportedRecipe, OnShare, OwnedWords } from './result.ts';
import type { RecipeParts } from './sections.ts';
import { withProof } from './join-drafts.ts';
import { sentencesOf } from './sentences.ts';
import { byTheKilo, forAllPieces, inWhole } from './per-measure.ts';
import { addUnlisted, heldBack, namedAndNotHeld } from './unlisted.ts';
import { doughTempsIn } from './dough-temperature.ts';
import { secondLook } from './second-look.ts';
import { withParts } from './parts-of-line.ts';
import { isOutsideDough, usedByMethod, withFlourInDough } from './uses.ts';

const MOST_INGREDIENTS = 60;

/** So much water no flour holds that is shaped by hand, in %: masa takes 150 and more, wheat and others no 120 (common practice, from memory). */
const MOST_SHAPED = { maize: 170, other: 120 } as const;
const MAIZE: ReadonlySet<string | undefined> = new Set(['maize-flour', 'cornmeal']);
/** Puts a bread together from a recipe's parts. `bread` is null where there is no flour to speak of. */
export function buildBread(parts: RecipeParts, onShare: OnShare = () => undefined): ImportedRecipe {
  const guesses: Guess[] = [];
  const conflicts: Conflict[] = [];
  const notUnderstood = [...parts.notUnderstood];
  const plain = (lines: readonly Mapped[]): readonly string[] => lines.map((l) => normalLine(l.text));
  const facts = plain(parts.facts);
  const whole = [...facts, ...plain(parts.ingredients.map((i) => i.line)), ...plain(parts.method)].join('\n');
  const system = systemOf([...parts.notUnderstood.map((l) => l.text), whole].join('\n'));
  const inAll = inWhole(parts.ingredients.map((i) => i.line));
  const read = parts.ingredients.flatMap(({ use, line: told }, n): readonly ReadIngredient[] => {
    const line = inAll[n] ?? told;
    const one = readIngredientLine(line, use, system);
    if (!one) notUnderstood.push(line);
    return one ?? [];
  });
  const listed = weighedByFlour(withoutShares(byTheKilo(withFlourInDough(toldOnce(read)))), facts);
  const told = draftsOf(parts.method, listed);
  const lines = withParts(usedByMethod(listed, told.drafts), told.drafts);
  if (lines.some((l) => /cup|spoon|tsp|tbsp|\bc\b/i.test(l.amountText)))
    guesses.push({
      path: 'ingredients',
      from: 'cups and spoons',
      why: `taken as ${system === 'us' ? 'US' : system} measures`,
    });
  onShare(0.3);
  // work at a filling is known once it is known what goes into it
  const hasMore = lines.some((l, n) => l.use !== listed[n]?.use);
  const method = hasMore ? draftsOf(parts.method, lines) : told;
  onShare(0.6);
  notUnderstood.push(
    ...method.passed.filter(
      (s) => !/^(?:serve|enjoy)\b/i.test(s.text) && !lines.some((l) => normalLine(s.text).includes(l.line)),
    ),
  );
  const text = plain(parts.method).join('\n');
  const count = piecesOf(facts, parts.title?.text ?? '', lines, text, guesses, conflicts);
  // what a bread cannot hold is handed back
  const more = parts.ingredients.slice(MOST_INGREDIENTS).map((i) => i.line);
  notUnderstood.push(...more);
  const formula = buildFormula(forAllPieces(lines.slice(0, MOST_INGREDIENTS), count.pieces), count.pieces);
  if (!formula) {
    const passed = [...parts.ingredients.map((i) => i.line), ...parts.method, ...notUnderstood];
    return {
      bread: null,
      guesses: [],
      conflicts: [],
      keeping: [],
      choices: [],
      notUnderstood: passed.map((l) => l.text),
      words: unread(passed),
    };
  }
  guesses.push(...formula.guesses);
  conflicts.push(...formula.conflicts);
  const extended = addUnlisted(formula.ingredients, method.drafts, parts.method.map((l) => l.text).join(' '));
  guesses.push(...extended.guesses);
  const mixing = plain(parts.method.flatMap(sentencesOf))
    .filter((s) => !isOutsideDough(s))
    .join('\n');
  const raisesItself = lines.some((l) => l.food?.id === 'self-raising');
  conflicts.push(
    ...extended.conflicts,
    ...unused(extended.ingredients.slice(0, formula.ingredients.length), text, mixing, raisesItself),
  );
  const isRaised = extended.ingredients.some(
    (i) => i.use === 'dough' && (i.role === 'starter' || leavenKind(i) === 'yeast'),
  );
  const built = buildSteps(
    isRaised ? { ...method, drafts: withProof(method.drafts) } : method,
    batterPct(extended.ingredients) > MOST_SHAPED[lines.some((l) => MAIZE.has(l.food?.id)) ? 'maize' : 'other'],
  );
  guesses.push(...built.guesses, ...goesIn(text, method));
  const ingredients = withHeldBack(extended.ingredients, text, guesses);
  const family = familyOf(ingredients, method, guesses);
  const [doughTemp] = doughTempsIn(whole);
  const bread: Bread = {
    id: slugOf(parts.title?.text ?? 'bread'),
    name: (parts.title?.text ?? 'Bread from a recipe').slice(0, 120),
    family,
    ingredients: [...ingredients],
    lossPct: LOSS_PCT,
    piece: pieceOf(formula.doughG, count, [...built.steps], whole, guesses, conflicts),
    holdMaxMin: HOLD[family],
    ...(doughTemp ? { doughC: doughTemp.celsius } : {}),
    steps: [...built.steps],
  };
  guesses.push({
    path: 'holdMaxMin',
    from: '',
    why: `a bread of this family stays good for about ${HOLD[family]} min, kept wrapped`,
  });
  if (parts.title === undefined) guesses.push({ path: 'name', from: '', why: 'the recipe has no title' });
  conflicts.push(...pairs(lines, built.texts, facts), ...totalConflicts(facts, bread));
  conflicts.push(...wetForCups(lines, bread), ...secondLook(bread, guesses));
  const sentences = [...parts.method, ...parts.notUnderstood, ...parts.keeping].flatMap(sentencesOf);
  const heads = [...(parts.title ? [parts.title] : []), ...parts.headings, ...parts.facts];
  const words = plain([...sentences, ...parts.ingredients.map((i) => i.line)]);
  conflicts.push(
    ...namedAndNotHeld(words, plain(heads), plain(parts.ingredients.map((i) => i.line)), ingredients, conflicts),
  );
  onShare(0.8);
  const ledger = wordsOf({ parts, lines, ingredients, built, method, notUnderstood, piece: bread.piece });
  const keeping = [...method.keeping, ...parts.keeping].map((k) => k.text);
  return { bread, guesses, conflicts, keeping, choices: [], notUnderstood: ledger.notUnderstood, words: ledger.words };
}

/** "60 % water" in one line and "water 258 g" in another say the same: the weight is taken, and the share is held against it. */
function toldOnce(lines: readonly ReadIngredient[]): readonly ReadIngredient[] {
  const isOfDough = (l: ReadIngredient): boolean => l.use === 'dough' && l.food !== undefined;
  const isShare = (l: ReadIngredient): boolean => isOfDough(l) && l.weight === undefined && l.pct !== undefined;
  const isSame = (l: ReadIngredient, o: ReadIngredient): boolean => isOfDough(o) && o.food === l.food;
  return lines.flatMap((l) => {
    if (isShare(l) && lines.some((o) => isSame(l, o) && o.weight !== undefined)) return [];
    const share = l.pct === undefined && isOfDough(l) ? lines.find((o) => isShare(o) && isSame(o, l)) : undefined;
    return [share ? { ...l, pct: share.pct, at: [...l.at, ...share.at], used: [...l.used, ...share.used] } : l];
  });
}

/** "Five parts flour to three parts water: that is 1.5 kg and 900 g": what is weighed as well needs no shares. */
function withoutShares(lines: readonly ReadIngredient[]): readonly ReadIngredient[] {
  const isShare = (l: ReadIngredient): boolean => /\bparts?\b/i.test(l.amountText);
  const isWeighed = (l: ReadIngredient): boolean =>
    lines.some((x) => !isShare(x) && x.food !== undefined && x.food === l.food && /\d ?k?g\b/.test(x.amountText));
  const shares = lines.filter(isShare);
  return shares.length > 0 && shares.every(isWeighed) ? lines.filter((l) => !isShare(l)) : lines;
}

/** Percentages alone as grams, where the text says how much flour there is. */
function weighedByFlour(lines: readonly ReadIngredient[], facts: readonly string[]): readonly ReadIngredient[] {
  const [, figure, unit] =
    facts
      .map((f) => /\b(?:(?:flour|batch) (?:weight|size):?|based on) (?:about )?(\d+(?:\.\d+)?) (k?g)\b/i.exec(f))
      .find((m) => m !== null) ?? [];
  const dough = lines.filter((l) => l.use === 'dough');
  if (figure === undefined || dough.some((l) => l.pct === undefined || l.weight !== undefined)) return lines;
  const flourG = Number(figure) * (unit === 'kg' ? 1000 : 1);
  return lines.map((l) => {
    if (l.pct === undefined) return l;
    const g = (flourG * l.pct) / 100;
    return { ...l, weight: { g, leastG: g, mostG: g } };
  });
}

/** Names of what goes into one of such uses, and not into the dough: the last word of each, "potatoes", and without its plural. */
function onlyIn(lines: readonly ReadIngredient[], uses: readonly IngredientUse[]): readonly string[] {
  const nouns = (isOf: (use: IngredientUse) => boolean): readonly string[] =>
    lines.filter((l) => isOf(l.use)).flatMap((l) => l.name.replace(/,.*$/, '').split(' ').slice(-1));
  const inDough = new Set(nouns((use) => use === 'dough'));
  return nouns((use) => uses.includes(use))
    .filter((n) => n.length > 2 && !inDough.has(n))
    .flatMap((n) => [n, n.replace(/(?:(?<=o)es|s)$/, ''), `${n}s`]);
}
const draftsOf = (method: readonly Mapped[], lines: readonly ReadIngredient[]): MethodDrafts =>
  draftMethod(method, onlyIn(lines, ['fill', 'serve']), onlyIn(lines, ['finish', 'layer']));

/** Cups of flour that were scooped hold more than they are taken for, and the dough looks wetter than it is. */
function wetForCups(lines: readonly ReadIngredient[], bread: Bread): readonly Conflict[] {
  const hydration = figuresOf(bread.ingredients, bread.family).find((f) => f.id === 'hydration');
  const flour = bread.ingredients.findIndex((i) => i.role === 'flour' && i.use === 'dough');
  const inCups = lines.some(
    (l) => /\b(?:cups?|c)\b/i.test(l.amountText) && /flour/i.test(l.line) && !/\d *(?:g|kg|oz|lb)\b/.test(l.line),
  );
  if (
    !inCups ||
    flour < 0 ||
    !hydration?.usual ||
    hydration.pct <= hydration.usual.to ||
    hydration.pct > BATTER_FROM_PCT
  )
    return [];
  const { from, to } = hydration.usual;
  const what = `probably scooped cups: ${roundHalfUp(hydration.pct)} % is wet for this dough, ${from} to ${to} % is usual; a scooped cup holds up to a quarter more flour`;
  return [{ paths: [`ingredients[${flour}]`], what }];
}

/** Pairs that disagree, each where it is: in a line of ingredients, a step, or what is said of the whole. */
function pairs(
  lines: readonly ReadIngredient[],
  steps: readonly string[],
  facts: readonly string[],
): readonly Conflict[] {
  return [
    ...lines.flatMap((l) => pairConflicts(normalLine(l.line), ['ingredients'])),
    ...steps.flatMap((text, n) => pairConflicts(text, [`steps[${n}]`])),
    ...facts.flatMap((f) => pairConflicts(f, ['piece'])),
  ];
}

/** Where nothing came of a text nobody owns its words. */
const unread = (lines: readonly Mapped[]): readonly OwnedWords[] =>
  lines.map((l) => ({ ...l.span(), owner: 'none' as const })).sort((a, b) => a.from - b.from);

const HOLD: Readonly<Record<FamilyName, number>> = {
  unleavened: 25,
  'hot-water': 25,
  yeasted: 45,
  sourdough: 60,
  chemical: 30,
  laminated: 25,
  filled: 30,
  'gluten-free': 20,
};

/** Whose cups and spoons: by name, else British where there are pints and no cups, US where weights are in ounces and heat in °F alone, else metric. */
function systemOf(text: string): MeasureSystem {
  const named = MEASURE_SYSTEMS.find((s) =>
    new RegExp(
      `\\b(?:${s === 'us' ? 'US|American' : s === 'british' ? 'British|UK|imperial' : s}) (?:cups?|measures|tablespoons?|tbsp|spoons?|standard)`,
      'i',
    ).test(text),
  );
  if (named) return named;
  const isMetric = /\d\s*(?:g|ml|kg|l|cm|mm)\b|°\s*C|\d\s*C\b/.test(text);
  // who has pints, and no cups, has them of twenty ounces
  const isBritish = /(?:\d|½|¼|¾|pint)\s*(?:pints?|pt)\b|\bpints?\b/i.test(text) && !/\bcups?\b/i.test(text);
  return isMetric ? 'metric' : isBritish ? 'british' : 'us';
}

function familyOf(ingredients: readonly Ingredient[], method: MethodDrafts, guesses: Guess[]): FamilyName {
  const dough = ingredients.filter((i) => i.use === 'dough');
  const does = (...actions: string[]): boolean => method.drafts.some((d) => actions.includes(d.action));
  const [family, why] = ((): readonly [FamilyName, string] => {
    if (does('coil') || ingredients.some((i) => i.use === 'layer')) return ['laminated', 'it is layered or coiled'];
    if (ingredients.some((i) => i.use === 'fill')) return ['filled', 'it holds a filling'];
    // of a flour that nobody knows it is not said that it holds none, unless it says so itself
    const isUnknown = (i: Ingredient): boolean =>
      i.role === 'flour' && findFood(i.name) === undefined && !/gluten[- ]free|\bGF\b/i.test(i.name);
    if (!dough.some((i) => isUnknown(i) || i.allergens?.includes('gluten')))
      return ['gluten-free', 'no flour in it holds gluten'];
    if (dough.some((i) => i.role === 'starter')) return ['sourdough', 'a starter raises it'];
    if (dough.some((i) => leavenKind(i) === 'yeast')) return ['yeasted', 'yeast raises it'];
    if (dough.some((i) => i.role === 'leaven')) return ['chemical', 'powder or soda raises it'];
    if (does('scald') || dough.some((i) => i.role === 'water' && (i.tempC ?? 0) >= 70))
      return ['hot-water', 'the water is boiling or very hot'];
    return ['unleavened', 'nothing raises it'];
  })();
  guesses.push({ path: 'family', from: '', why });
  return family;
}

/** `raisesItself`: powder goes in with the flour that holds it. */
function unused(
  ingredients: readonly Ingredient[],
  method: string,
  mixing: string,
  raisesItself: boolean,
): readonly Conflict[] {
  const foods = ingredients.map((i) => findFood(i.name));
  return neverUsed(ingredients, foods, method, mixing)
    .filter((n) => !(raisesItself && foods[n]?.id === 'baking-powder'))
    .map((n) => ({
      paths: [`ingredients[${n}]`],
      what: `${ingredients[n]?.name ?? ''} is listed and never used in the method`,
    }));
}

function withHeldBack(ingredients: readonly Ingredient[], method: string, guesses: Guess[]): readonly Ingredient[] {
  const held = heldBack(ingredients, method);
  for (const h of held)
    guesses.push({
      path: `ingredients[${h.index}].holdBackPct`,
      from: h.from,
      why: `the rest comes later: ${h.pct} % is kept back`,
    });
  return ingredients.map((i, n) => {
    const h = held.find((x) => x.index === n);
    return h ? { ...i, holdBackPct: h.pct } : i;
  });
}

/** "Add the flour in three goes": the formula has it whole, the words stay with the step. */
function goesIn(text: string, method: MethodDrafts): readonly Guess[] {
  const m =
    /\b(?:in|a) (?:(?:2|3|4|5|two|three|several|batches|stages)\s*(?:goes|additions|batches|stages|lots|parts)|little at a time|bit at a time|batches)\b/i.exec(
      text,
    );
  const n = m ? method.drafts.findIndex((d) => d.text.includes(m[0])) : -1;
  return m && n >= 0
    ? [{ path: `steps[${n}]`, from: m[0], why: 'added bit by bit: the formula has the amount whole' }]
    : [];
}

/** A total time that is said, against the shortest time that the chain takes. */
function totalConflicts(facts: readonly string[], bread: Bread): readonly Conflict[] {
  const total = facts.find((f) => /\b(?:total time|ready in|takes)\b/i.test(f));
  const said = total === undefined ? undefined : durationsIn(total).at(-1);
  if (!said) return [];
  const least = methodTimes(bread.steps, USUAL_BENCH).leastSec;
  return said.most * 60 < least * 0.8
    ? [{ paths: ['steps'], what: `"${total ?? ''}", but its steps take ${durationText(least)} at least` }]
    : [];
}

function slugOf(title: string): string {
  const slug = title
    .normalize('NFKD')
    .toLowerCase()
    .replace(/\p{M}/gu, '')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60)
    .replace(/-+$/, '');
  return slug === '' ? 'bread' : slug;
}
