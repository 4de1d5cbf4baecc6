import { findFood } from '../foods/index.ts';
import { actionsIn } from './actions.ts';
import { ABOUT, BREADS } from './measures.ts';
import type { Mapped } from './mapped.ts';
import { normalLine } from './normal-line.ts';

/** Says how many a recipe makes, how heavy, how long in all. */
export const FACT =
  /^for \d+ (?:people|pieces|breads) \d+ ?k?g (?:of )?flour|^pieces?:? \d{1,3}$|^weight:? \d{2,3} ?g$|\b(?:(?<!\band )make(?:s|(?! an?\b(?! (?:dozen|score|couple|batch|half)\b)))(?! an? (?:\w+ ){0,2}(?:dough|batter|ball|well|paste|crumbs?|square|triangle|circle|disc|half-moon|pocket|dent|hole|hollow|slit|cross|cone|cut|rounds?|ovals?|teardrops?|tongues?|rectangles?)\b)|yields?|gives|serves|servings?|enough for|produces|you(?: will|['’]ll) get|number of breads|formula for|recipe for|^dough for|quantity|total time|prep(?:aration)? time|cook(?:ing)? time(?![^.;]*\bsides?\b)|ready in|(?<!\b(?:sides?|other|1|first|second|everybody|everyone|each|student|person|pupil|child|one|rise|proof|prove|rest|rising|proving|proofing|resting|fermentation|cooking|kneading|chilling) )takes(?![^.;]*\b(?:sides?|double|rise|prove)\b)|batch(?= ?:? ?\d+ (?:pcs|pieces))|portions?(?!:? ?\d+ ?[x×@])|(?:piece|ball|flour|dough|batch)s? weights?)\b\s*:?\s*(?:(?:about|around|roughly|approx\.?|approximately|ca\.?)\s*)?(?:\d|½|a\b|an\b)/i;
/** "(8 pieces)". */
const ONLY_A_YIELD = new RegExp(
  String.raw`^(?:\d{1,3} (?:flatbreads|breads|naans|wraps|chapatis|pitas|tortillas)|\(${ABOUT}\d{1,3} (?:${BREADS}|people)\)|for ${ABOUT}\d{1,3} (?:(?:\w+ )?(?:${BREADS})|people)|(?:for )?\d{1,2} (?:people|persons|students),? (?:with )?\(?\d{1,2} (?:(?:${BREADS}) )?(?:each|in all|in total)\)?|for \d{1,2},? \(?\d (?:(?:${BREADS}) )?each\)?|for \d{1,2} people \(\d{1,3} (?:${BREADS})\)|\d{1,3} servings?|(?:people|persons|students): \d{1,3})\.?$`,
  'i',
);
/** "Prep 20 min, cooking 15 min", "level: easy": said of the whole, over its list. */
export const OF_THE_WHOLE =
  /^(?:(?:everything|all(?: figures)?|percentages|figures|%) [^.,;\d]{0,20}\bflour ?(?:=|is|as)? ?100 ?%?:?$|(?:prep(?:aration)?|active|hands[- ]on)(?: time)?:? (?:about )?\d+ ?(?:min|h)|(?:level|difficulty|skill)(?: level)?:? (?:\p{L}+)(?:[\s,;·|]|$))/iu;
/** "(all % on flour)", "percentages of the flour weight", "double for 16": what the figures of a list are of. */
export const OF_FIGURES =
  /^\(?(?:(?:all|everything|amounts?|figures|weights|in|as|the) )*(?:%|per ?cents?|percentages?)(?: (?:are|is))? (?:on|of|by|to) (?:the )?(?:total )?flour(?: weight)?\)?\.?$|^\((?:(?:based )?on )?(?:the )?(?:total )?flour(?: ?(?:=|is) ?100(?: ?%)?)?\)\.?$|^\(?double (?:it |all |everything |the recipe )?for \d{1,3}(?: people)?\)?\.?$/i;
/** Opens with so much of something; "5-minute flatbread" opens with none. */
export const STARTS_WITH_AMOUNT =
  /^(?:about |approx\.? |roughly )?(?!\d{1,3}[ -](?:minutes?|hours?|days?|ingredients?)[ -]\p{L})(?:\d|[½¼¾⅓⅔⅛])/iu;
const WITH_UNIT = /^[\d.½¼¾⅓⅔⅛/ -]+(?:g|kg|ml|l|oz|lb|cups?|tbsp|tsp|teaspoons?|tablespoons?)\b/i;
/** "Make a dozen balls" is work, and no yield. */
export const MAKE =
  /^(?:(?:let )?(?:they|you|we|everyone|everybody|each(?: \w+)?)(?: each)? (?:makes?|form|shape|roll|cut)|make|form|shape|roll|cut)\b[^.]*\b(?:balls?|pieces?|rounds?|patties|portions?|farls?|wedges?|quarters)\b|^makes?\b[^.]*\bballs?\b|\d[^.]*[,;]? (?:and )?then make \d+ (?:pieces|lots|rounds|portions)\b/i;
/** "Pieces: 32 of 125 g", "piece weight 100 g", "8 pcs à 100 g": among the work what is divided. */
const PIECES_TOLD: readonly (readonly [RegExp, string])[] = [
  [
    /^(?:number of )?pieces?:? (\d{1,3})(?:,? (?:of|à|a|at|@|each|[x×]))* (?:about )?(\d[\d.,]* ?k?g)(?: each)?/i,
    'divide into $1 pieces of $2',
  ],
  [
    /^(?:pieces? weight|weight (?:per|of (?:a|each|one)) piece|(?:dough )?pieces?):? (?:about )?(\d[\d.,]* ?k?g)(?: each)?/i,
    'divide into pieces of $1',
  ],
  [/^makes (\d{1,3}), (\d[\d.,]* ?k?g) each/i, 'divide into $1 pieces of $2'],
  [
    /^(\d{1,3}) (?:pcs\.?|(?:dough )?pieces|portions) (?:(?:of|à|a|at|@) )?(?:about |~ ?)?(\d[\d.,]* ?k?g)/i,
    'divide into $1 pieces of $2',
  ],
];
/** Such a line as work; undefined where a line tells no pieces. */
export function dividedInto(line: Mapped): Mapped | undefined {
  const rule = PIECES_TOLD.find(([pattern]) => pattern.test(line.text));
  return rule && line.replace(...rule);
}
const LONGEST_INGREDIENT = 130;
/** What is longer says more than that. */
export const LONGEST_FACT = 120;
/** "8 pieces of 100 g", "8 x 100 g balls": over a list what it makes, among the work what is divided. */
export const ONLY_PIECES =
  /^\d{1,3} (?:(?:pieces|portions|wedges|balls|rounds)(?: (?:of|at|à|@) (?:about )?\d{2,3} ?g(?: each)?)?|[x×] ?\d{2,3} ?g (?:pieces|balls|portions))\.?$/i;
/** "Knead until smooth, which takes 8 minutes" is of its own work. */
export function saysHowMuch(text: string): boolean {
  const fact = FACT.exec(text);
  return fact !== null && !(/^takes/i.test(fact[0]) && actionsIn(text.slice(0, fact.index)).length > 0);
}
/** A sentence that says how many, how large, how long in all, and nothing to do. */
export function isShortFact(told: string): boolean {
  // no other spelling makes a line so much shorter
  if (told.length > 2 * LONGEST_FACT) return false;
  const text = normalLine(told);
  return (
    ONLY_A_YIELD.test(text) ||
    (saysHowMuch(text) && !MAKE.test(text) && text.length < LONGEST_FACT && actionsIn(text).length < 2)
  );
}
/** A name and its weight, and nothing more; of a piece, of all or of the tools it is none. */
const UNKNOWN_WEIGHED =
  /^(?!(?:\w+ )?(?:weights?|pieces?|balls?|portions?|breads?|total|sum|yield|batch|dough|loss|scal\w+|divid\w+|temp\w*|water|hydration|humidity)\b)\p{L}[\p{L}-]{2,}(?: \p{L}+){0,2}(?: ?T? ?\d{2,4})?\s*[:=–-]?\s+\d[\d.]* ?(?:(?:k?g|ml|l)$|%$)/iu;
const WITHOUT_AMOUNT =
  /\b(?:for|to taste|to serve|as needed|optional|as you like|at will|a few|leaves|pinch|handful|knob|splash|drizzle|a little|some|extra|plenty|enough|until|until it)\b/i;
/** A sentence ends within it. */
export const SENTENCE = /[.!?](?:\s|$)/;
const STARTS_AS_STEP =
  /^(?:mix|add|stir|knead|put|place|combine|roll|heat|cook|brush|divide|cover|sift|whisk|pour|dissolve|rub|serve|leave|let|in|when|once|then|meanwhile|turn|using|make|take|shape|form|blend|beat|cream|tip|sprinkle|bring|melt|press|pat|smear|spread|drizzle|scatter|dust|wrap|stack|fry|bake|griddle|flip|flatten|stretch|fill|fold|grind|season|tear|split|lay|slap|drop|eat|enjoy)\b/i;

/** "Paint with butter", "butter them": what is done to a bread, and no name of a food. */
const isDoneTo = (text: string): boolean => {
  const [first] = actionsIn(text);
  return first?.at === 0 && /^\p{L}+(?: \p{L}+)? (?:with|them|it|each|on|in|into|over|up|the)\b/u.test(text);
};

/** "On the day: 250 g plain flour": when it goes in says nothing of what it is. */
function withoutMoment(text: string): string {
  const [moment] = /^\p{L}[\p{L} ]{1,24}: (?=[\d½¼¾])/u.exec(text) ?? [];
  if (moment === undefined || findFood(moment) || actionsIn(moment).length > 0) return text;
  const rest = text.slice(moment.length);
  return WITH_UNIT.test(rest) && findFood(rest) ? rest : text;
}

/** Whether a line reads as an ingredient without a heading to say so. */
export function looksLikeIngredient(line: string): boolean {
  if (line.length > LONGEST_INGREDIENT) return false;
  const text = withoutMoment(normalLine(line));
  const food = findFood(text);
  if (STARTS_WITH_AMOUNT.test(text) && food === undefined)
    return (
      WITH_UNIT.test(text) && / \p{L}{3}/u.test(text) && text.split(' ').length <= 7 && actionsIn(text).length === 0
    );
  // "0 - mix until …": a minute, and what is done in it
  if (/^\d+ ?[–—-] ?/.test(text) && actionsIn(text).length > 0) return false;
  // "16 balls, dip in oil, rest 2 h"
  if (/^\d{1,3} (?:balls|pieces|portions|rounds), /.test(text) && actionsIn(text).length > 0) return false;
  // "4 pieces of 240 g, flatten to 18 cm, semolina on both sides"
  if (STARTS_WITH_AMOUNT.test(text))
    return !(
      (SENTENCE.test(line) || /\d ?cm\b|^\d{1,3} (?:pieces|balls|rounds) of \d/.test(text)) &&
      actionsIn(text).length > 0
    );
  // "Farine T65: 700 g": what nobody knows has a name and a weight all the same
  if (!food && UNKNOWN_WEIGHED.test(text)) return actionsIn(text).length === 0;
  if (!food || SENTENCE.test(text.replace(/\.$/, ''))) return false;
  // what stands in brackets, or says what more of it is for, counts no words
  const bare = text.replace(/\([^)]*\)|,+ (?:plus|and) (?:extra|more) (?:for|to) .*$/g, '').trim();
  const words = bare.split(/ +/).length;
  if (
    STARTS_AS_STEP.test(text) ||
    isDoneTo(text) ||
    /\buse\b/i.test(text) ||
    /\bon (?:top|each|them)\b|\b\d+ ?(?:mins?|minutes?|h|hours?|hrs?|s|secs?|seconds?)\b|\bsides?\b/i.test(text)
  )
    return false;
  return (
    words <= 4 ||
    (words <= 9 &&
      (/^\p{L}[\p{L} ]{1,30} \d+(?:\.\d+)? ?(?:g|ml|kg|l)\b/u.test(text) ||
        WITHOUT_AMOUNT.test(text) ||
        /[:,–-]\s*(?:\d|[½¼¾])/.test(text) ||
        /\s(?:\d+(?:\.\d+)?(?: ?[½¼¾]| \d\/\d)?|\d\/\d|[½¼¾]) ?(?:(?:heaped|level|rounded|scant) )?(?:g|ml|kg|%|(?:fl )?oz|lb|cups?|tsp|tbsp|(?:tea|table)spoons?|pints?)\.?(?: \d+(?:\.\d+)? ?%)?$/.test(
          bare,
        )))
  );
}

/** In a list of ingredients a short line with a food needs no amount; a sentence is no entry. */
export function isInList(line: string): boolean {
  if (looksLikeIngredient(line)) return true;
  const text = normalLine(line);
  // "1st fermentation: 60 min"
  if (/^\d+(?:st|nd|rd|th)\b/i.test(line) || looksTimed(line)) return false;
  return STARTS_WITH_AMOUNT.test(text)
    ? line.length <= LONGEST_INGREDIENT && actionsIn(text).length < 2 && /\p{L}{3}/u.test(text)
    : findFood(text) !== undefined &&
        text.split(' ').length <= 9 &&
        !SENTENCE.test(line.replace(/\b(ca|approx|abt)\./gi, '$1')) &&
        !/^(?:mix|add|stir|knead|roll|cook|heat|brush)\b/i.test(text);
}

/** Below the method's heading only a line that starts with an amount and says nothing to do is still an ingredient. */
export function looksLikeBareIngredient(line: string): boolean {
  const text = normalLine(line);
  return (
    STARTS_WITH_AMOUNT.test(text) &&
    line.length < 70 &&
    actionsIn(text).length === 0 &&
    findFood(text) !== undefined &&
    !/\b(?:minutes?|hours?|seconds?)\b/i.test(text)
  );
}

export const looksHeatOrServe = (line: string): boolean =>
  /\b(?:heat|preheat|warm)\b.*\b(?:pan|griddle|skillet|plate|grill|tawa|tava|saj|sac|comal|oven|stone)\b|^serve\b/i.test(
    line,
  );

/** "Cover, warm place, about 1 hour", "6 pieces", "30 seconds a side": a step without a verb. */
export const looksTimed = (line: string): boolean =>
  /\d\s*(?:seconds?|secs?|s|minutes?|mins?|hours?|hrs?|h)\b|\ban? (?:hour|minute)\b|\bovernight\b/i.test(
    normalLine(line),
  ) || /^\d+ (?:pieces|balls|rounds|portions|lumps|wedges)\b/i.test(normalLine(line));
