import { findFood } from '../foods/index.ts';
import type { IngredientUse } from '../formula/index.ts';
import { actionsIn } from './actions.ts';
import { LABEL_FIRST } from './for-later.ts';
import { itemsOf, withFoodsAlone } from './items.ts';
import { looksLikeIngredient, STARTS_WITH_AMOUNT } from './line-kinds.ts';
import type { Mapped } from './mapped.ts';
import { SPOONS, VESSELS } from './measures.ts';
import { normal, normalLine } from './normal-line.ts';
import { asPercent, COLOUR_ALONE } from './openings.ts';

const MEASURE = /[\d.½¼¾⅓⅔⅛/]+ (?:(?:level|heaped|heaping|scant|rounded|good|big|small) )?\p{L}+/u;
/** Half of an amount with its measure. */
const halfOf = (amount: string): string => amount.replace(/^[\d.]+/, (n) => String(Number(n) / 2));
/** Behind such words a list begins, though they name a food: "to make ten rye flatbreads, mix". */
const LEADS_TO_LIST = /(?:[,:]|\b(?:mix|add|tip|take|use|needs?|want|combine|weigh|put|with|from|is|are|has|gets?))$/i;
/** The first amount with its measure, in one spelling. */
const AMOUNT_WITH_UNIT = new RegExp(
  `(?:about |approx\\.? |roughly )?(?:\\d[\\d.,/]*(?: ?[½¼¾])?(?: \\d\\/\\d)?|[½¼¾⅓⅔]) ?(?:k?g|m?l|oz|lb|pints?|%|${VESSELS}|${SPOONS}|handfuls?)(?![\\p{L}])`,
  'iu',
);
/** "To make eight", "for ten people": how many, before a list. */
const HOW_MANY = /^to make [\p{L}\d]+(?: \p{L}+){0,3}$|^for \p{L}+(?: (?:breads|pieces|people|wraps))?$/iu;

/** A list in one line: its entries, how many they are for, and words before them that are of no ingredient. */
interface ListEntries {
  readonly items: readonly Mapped[];
  readonly facts: readonly Mapped[];
  readonly openings: readonly Mapped[];
}

/** A list whose first amount stands behind words that are of no ingredient: "to make 8 breads you need 500 g flour, …". */
function withoutOpening(all: readonly Mapped[]): ListEntries {
  const [first, ...rest] = all;
  const whole: ListEntries = { items: all, facts: [], openings: [] };
  // "to brush: 30 g butter" opens no list: it says what its butter is for
  if (!first || LABEL_FIRST.test(first.text)) return whole;
  if (rest.length > 1 && HOW_MANY.test(first.text)) {
    const more = withoutOpening(rest);
    return { ...more, facts: [first, ...more.facts] };
  }
  const later = rest.filter((i) => STARTS_WITH_AMOUNT.test(normalLine(i.text)));
  const spelled = normal(first);
  const at = spelled.text.search(AMOUNT_WITH_UNIT);
  const opening = spelled.slice(0, Math.max(0, at)).trim();
  const leads = LEADS_TO_LIST.test(opening.text);
  const isList = rest.length === 0 ? leads : later.length > 0 && 2 * later.length >= rest.length;
  if (!isList || at <= 0 || !/\p{L}{2}/u.test(opening.text)) return whole;
  if (/^[\d½¼¾][^a-z]*(?:to|or|and|plus)$/i.test(opening.text)) return whole;
  // "salt: a teaspoon for each part of semolina"
  if (rest.length === 0 && /^\p{L}+(?: \p{L}+)?:$/u.test(opening.text) && findFood(opening.text)) return whole;
  if (!findFood(spelled.text.slice(at)) || (findFood(opening.text) && !leads)) return whole;
  const items = [spelled.slice(at), ...rest];
  return /\d/.test(opening.text)
    ? { items, facts: [opening], openings: [] }
    : { items, facts: [], openings: [opening] };
}

/** The entries of a list in one line. `last`: the ingredient before it, to which "250 of white" refers. */
export function entriesOf(line: Mapped, use: IngredientUse, last: Mapped | undefined): ListEntries {
  const told = withoutOpening(itemsOf(line));
  const facts = [...told.facts];
  const items: Mapped[] = [];
  let before = '';
  const named = asPercent(told.items);
  // "salt, pepper, oil": nothing of it is weighed
  const apart = (item: Mapped): readonly Mapped[] =>
    use === 'dough' && /\d/.test(normalLine(item.text)) ? [item] : withFoodsAlone(item);
  for (const item of named.flatMap(apart)) {
    if (/^total\b/i.test(item.text)) {
      facts.push(item);
      continue;
    }
    // "two teaspoons of soda and the same of salt"
    const same = item
      .replace(/^(?:the )?same (?:(?:amount|weight|quantity) )?of\b/i, () => before)
      .replace(
        /^half (?:(?:its|that) (?:own )?(?:weight|amount) (?:of|in)|(?:that|as much)(?: of)?)\b/i,
        () => `${halfOf(before)} of`,
      );
    // "250 g of wholemeal flour, 250 of white"
    const earlier = (items.at(-1) ?? last)?.text ?? '';
    if (COLOUR_ALONE.test(same.text) && findFood(earlier)?.role === 'flour') {
      items.push(same.replace(/\.?$/, ' flour'));
      continue;
    }
    // "three handfuls of flour, one of semolina"
    const [, vessel = ''] = VESSEL_BEFORE.exec(normalLine(before)) ?? [];
    const whole =
      vessel === '' ? same : same.replace(/^(\d+|one|two|three|half|a half) of /i, (_, n = '') => `${n} ${vessel} of `);
    before = MEASURE.exec(normalLine(whole.text))?.[0] ?? before;
    items.push(whole);
  }
  return { items, facts, openings: told.openings };
}
const VESSEL_BEFORE = new RegExp(
  `^[\\d./½¼¾]+ (?:(?:level|heaped|heaping|scant|rounded|good|big|small) )?(${VESSELS}|${SPOONS}|handfuls?|oz|lb)\\b`,
);

/** "1 tbsp flour cooked in 4 tbsp water, 1 egg yolk, nigella": foods, each told with what is done to it; undefined where it is no such list. */
export function foodsWithWork(line: Mapped): readonly Mapped[] | undefined {
  const pieces = line.split(/,\s+(?![^()]*\))/g);
  const isFood = ({ text }: Mapped): boolean =>
    text.split(' ').length <= MOST_WORDS && findFood(text) !== undefined && actionsIn(normalLine(text))[0]?.at !== 0;
  return pieces.length > 2 && pieces.every(isFood) ? pieces : undefined;
}
const MOST_WORDS = 10;

/** "Empty the pot into the bowl: 1 pot of yoghurt." */
export const WORK_THEN_AMOUNT =
  /^(?:empty|fill|measure|weigh|tip|start)\b[^:\d]{3,50}:\s+(?=(?:\d|[½¼¾]|an? |half )[^.;]{3,40}\.?$)/i;
/** "Yeast: a piece like a walnut." */
export const isNamedFood = (text: string): boolean => {
  const [, name = ''] = /^(\p{L}[\p{L} ]{2,20}): [^:.\d]{3,40}\.?$/u.exec(text) ?? [];
  return name !== '' && findFood(name) !== undefined && actionsIn(normalLine(text)).length === 0;
};
const MEASURED = new RegExp(`\\d ?(?:%|(?:k?g|m?l|oz|lb|${VESSELS}|${SPOONS})\\b)`, 'i');
/** "10 g salt." before anything is done. */
export const isAmount = (text: string): boolean =>
  looksLikeIngredient(text) &&
  (MEASURED.test(normalLine(text)) || /^\p{L}[\p{L} ]{2,20} to taste\.?$/iu.test(text)) &&
  actionsIn(normalLine(text)).length === 0;
