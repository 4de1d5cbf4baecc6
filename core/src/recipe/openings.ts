import { findFood } from '../foods/index.ts';
import { MOST_PIECES } from './amounts.ts';
import type { Mapped } from './mapped.ts';
import { HANDS, PACKS, SPOONS, VESSELS, VOLUMES, WEIGHTS } from './measures.ts';

/** "350 ff": so much of something that only the writer knows. */
export const BARE_NOUN =
  /^\d{1,4} (?!(?:k?g|m?l|cl|dl|oz|lb|s|h|pieces|balls|rounds|portions|people|breads?|min|mins|minutes|wraps)\b)\p{L}{1,12}$/iu;
const LIST_OPENS = String.raw`(?=\d|[½¼¾⅓⅔⅛]|an? |half |(?:one|two|three|four|five|six|seven|eight|nine|ten|\p{Ll}+(?:teen|ty)(?:-\p{Ll}+)?) |\p{L}[\p{L} /-]{2,34}(?: \([^)\d]*\))?(?: T\d+)?(?:[,:=]| [–=-])? \(?\d)`;
/** Words that open a list, and name nothing. */
export const LIST_WORDS = String.raw`(?:(?:per|for (?:each|every)) (?:pair|person|student|learner|head|group|table|station|class)|you(?:['’]ll| will)? (?:need|want)|(?:we|i) (?:need|use|take)|mix(?: together)?|combine|take|use|weigh(?: out)?|measure(?: out)?|gather|get|have ready|(?:start|begin) with)`;
export const OPENS_LIST = new RegExp(`^${LIST_WORDS}$`, 'i');
/** "By the mug: ", "Dough for 24: ", "Wraps 8 x 0,1 kg: ". */
export const LEAD = new RegExp(
  String.raw`^((?:[^:\d]{2,60}|[^:\d]{3,40} \d{1,3} ?[x×] ?[\d.,]+ ?k?g|[^:\d,]{3,40}, \d{1,3} \p{L}{2,12}|(?:[Dd]ough|[Rr]ecipe|[Ff]ormula|[Ee]nough) for \d{1,3}(?: \w+)?(?: (?:of|at|à) [\d.,]+ ?k?g)?|\d{1,3} (?:wraps|breads|flatbreads|rounds|pieces|pitas|tortillas|naans?))(?:\([^)]*\))?):\s+${LIST_OPENS}`,
  'u',
);
export const LONG_LEAD = new RegExp(String.raw`^(\p{L}[^:;,]{2,50}):\s+${LIST_OPENS}`, 'u');
/** Words that are no sentence with a figure: those tell something, and name nothing. */
export const NO_SENTENCE = /^(?!.*\d.*\.$).*\p{L}{3}/u;
/** "Kneading. 10 minutes on the bench.": what a paragraph is about. */
export const STAGE_LABEL =
  /^((?:(?:first|second|final|bulk) )?(?:mixing|kneading|ris(?:e|ing)|proof|proofing|prove|proving|resting|rest|dividing|shaping|rolling|cooking|baking|griddling|cooling|finishing)|(?:mix|knead|rest|prove|divide|shape|roll|cook) (?:it|them))\. (?=\S)|^(shap(?:e|ing)|form(?:ing)?|finish(?:ing)?)(?: ?: | [–—-] )(?=\p{L})/iu;
export const COLOUR_ALONE =
  /^(?:white|brown|strong|wheat|wheaten|barley)(?: flour)?[:,]?(?: [–-])? (?:about )?\d[\d.,]*(?: ?k?g)?\.?$|\d.*\b(?:white|brown|strong|plain|dark|light|wheat|wheaten|barley)\.?$|^[\p{L} -]+ of (?:white|brown|strong|plain|dark|light|wheat|wheaten|barley)\.?$/iu;
/** "…, 10 à 90 g": how many, and how heavy; "…, flour = 100": what its figures are of. */
export const YIELD_TAIL =
  /(?:,| [–—-])? \(?(?:100 ?= ?flour|flour ?= ?100(?: ?%)?)\)?$|(?:,| [–—-])? \(?\d{1,3} ?(?:pieces?|pcs?\.?|stücke?|st\.?|piezas|pezzi|pièces|uds\.?|szt\.?|x|×|@|à)(?: (?:of|à|@|de|da))? ?(?:\d{2,3} ?g|0[.,]\d{1,3} ?kg)\)?$/i;
/** The same before a list: "Pita, 40 pcs à 85 g: …". */
export const YIELD_LEAD =
  /^(\p{L}[^:\d]{2,50}?)(?:,| [–—-])? \(?\d{1,3} ?(?:pieces?|pcs?\.?|stücke?|st\.?|x|×|@|à)(?: of| à| @)? ?\d{2,3} ?g\)?:\s+/iu;
export const WEIGHT_OF = /^weight of (?:the |each )?(?:pieces?|balls?)\b/i;
/** Several words in capitals, with or without the number of a page. */
export const IN_CAPITALS = /^(?!.*\d ?(?:K?G|M?L|%))\p{Lu}[\p{Lu}.'’&-]* [\p{Lu} .,'’&-]{3,50}(?:\s+\d{1,3})?$/u;
/** A line that says by its own label that it is no part of the bread. */
export const LABELLED =
  /^page \d+\b|^(?:a )?recipe (?:by|from)\b|^(?:aims?|kit|equipment|tools|by|updated|nutrition|notes?|tips?(?: from \w+)?|wear|author|source|product|tagged|tags|categor(?:y|ies)|keywords|filed under|allergens?|allergy(?: advice)?|contains|talk|demo|theory|discussion|break|welcome|difficulty|level|(?:active|hands-on) time(?= ?: ?(?:about )?\d)) ?: ?\S/i;
/** Of those the ones that say one thing of the whole recipe. */
export const NOTE_LABEL = /^(?:difficulty|level|active time|hands-on time|updated|source|author|by) ?:/i;
/** Of two lists that say the same in two measures the one by weight is read. */
export const METRIC_LIST = /^(?:metric|grams|by weight|weights?)\b[^:]{0,20}:\s*\S/i;
export const OTHER_LIST = /^(?:us|u\.s\.|american|imperial|cups|by volume)\b[^:]{0,20}:\s*\S/i;

/** "For the filling two onions": what a list in words is for. */
export const PART_IN_WORDS =
  /^(for the (?:filling|stuffing|topping|top|dough|layers|dip|sauce)),? (?=(?:\d|[½¼¾]|an? |half |some |(?:one|two|three|four|five|six|seven|eight|nine|ten|\p{Ll}+(?:teen|ty)) ))/iu;
/** "… 9 g salt, and for the filling 6 cloves of garlic": what the rest of a list is for. */
export const PART_BEHIND =
  /(?:^|[,;] (?:and )?)(for (?:the (?:filling|stuffing|topping|top|layers|folds|dip|sauce|glaze)|brushing|layering|shaping|stretching))[,:]? (?=(?:\d|[½¼¾]|an? |half |some |\p{L}+ ))/iu;
const BARE_FIGURE =
  /^((?:0{1,2} )?\p{L}[\p{L} ]*?)[ :]+(\d+(?:\.\d+)?)(?:\s*(\([^)\d]*(?:%|per ?cent)[^)\d]*\)))?\.?$/u;

const FIGURE_FIRST = new RegExp(
  String.raw`^(\d+(?:\.\d+)?) ((?:0{1,2} )?(?!(?:${WEIGHTS}|${VOLUMES}|${VESSELS}|${SPOONS}|${HANDS}|${PACKS})\b)\p{L}[\p{L} ]*?)\.?$`,
  'iu',
);
/** "100 strong flour / 60 water / 2 salt / 10 mashed pumpkin": the same with the names first, where nothing is counted. */
function namesFirst(items: readonly Mapped[]): readonly Mapped[] {
  const isCounted = (figure: string, name: string): boolean =>
    findFood(name)?.unitG !== undefined && Number(figure) <= MOST_PIECES;
  const isBare = items.every((i) => {
    const [, figure, name = ''] = FIGURE_FIRST.exec(i.text) ?? [];
    return figure !== undefined && !isCounted(figure, name);
  });
  return isBare ? items.map((i) => i.replace(FIGURE_FIRST, '$2 $1')) : items;
}

/** "Flour 100, water 65, salt 2": bare figures of one line are baker's percentages where the flours among them come to a hundred. */
export function asPercent(entries: readonly Mapped[]): readonly Mapped[] {
  const told = namesFirst(entries);
  const isFlour = (i: Mapped): boolean => findFood(BARE_FIGURE.exec(i.text)?.[1] ?? '')?.role === 'flour';
  // "wholemeal 60, white 40"
  const items = told.some(isFlour)
    ? told.map((i) => i.replace(/^(white|brown|strong|dark|light|plain)(?= \d)/i, '$1 flour'))
    : told;
  const named = items.map((i) => BARE_FIGURE.exec(i.text));
  const flour = named.reduce((sum, m) => sum + (findFood(m?.[1] ?? '')?.role === 'flour' ? Number(m?.[2]) : 0), 0);
  const isSaid = named.some((m) => m?.[3] !== undefined);
  const isPercent = items.length > 1 && named.every((m) => m !== null) && (isSaid || Math.abs(flour - 100) <= 1);
  // what is no share stays as it was told
  if (!isPercent) return told === entries ? items : entries;
  return items.map((i) => i.replace(/\s*(?:\([^)]*\))?\.?$/, ' %'));
}
