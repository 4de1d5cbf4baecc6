import { actionsIn } from './actions.ts';
import type { Part } from './headings.ts';
import { FACT, isShortFact, SENTENCE, STARTS_WITH_AMOUNT } from './line-kinds.ts';
import type { Mapped } from './mapped.ts';
import { normalLine } from './normal-line.ts';

/** A title without the signs that set it out. */
export const plainTitle = (title: Mapped): Mapped =>
  title
    .replace(/^(?:subject ?: ?)?(?:(?:re|fwd?) ?: ?)*/i, '')
    // what a page has beside its title
    .replace(/\s{2,}(?:.*★.*|(?:jump to|print)\b.*)$/iu, '')
    .replace(/^to make (?=\p{Lu})|(?<=^to make [^.]*)\.$/giu, '')
    .replace(/^:|:$|:(?= *(?:\s{3,}|$))|[#*☐▢□]+/g, '')
    .trim();

/** Whether a line that holds words for hands is a title all the same, "Griddle cakes". */
export function isTitle(line: string, title: string | undefined, part: Part): boolean {
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
export const OPENING = /^([^.!?\d]{3,60})[.!]\s+(.*\d.*)$/;

/** "Ladle pancakes: mix two ladles of flour …". */
export const OPENING_LABEL =
  /^([^.!?\d:]{3,60}):\s+((?:mix|combine|stir|whisk|put|sift|sieve|take|use|rub|dissolve)\b.*)$/i;

/** A first line of a few words without a figure or a full stop is the title, though it may name a food. */
export const isBareTitle = (whole: string): boolean =>
  !isShortFact(whole) && isBare(whole.replace(SAID_BEHIND, '').trim());
/** What a title says behind what the bread is called: how, for how many, in what it is told. */
const SAID_BEHIND =
  /(?<=\p{L}\s*)\([^)\d]*\)\s*$|!+\s*$|\s*\((?:for|serves|makes|feeds) \d{1,2}(?: \p{L}+)?\)\s*$|,\s*(?:in )?bakers?['’]?s?['’]? (?:%|percent(?:ages)?):?\s*$/giu;
const LONGEST_TITLE = 80;
/** "Wholemeal rounds, formula (batch 10 kg)": what a bread is called, though it names a food and figures. */
export function isNamedTitle(line: string): boolean {
  const bare = line.replace(/\([^)]*\)/g, '');
  return (
    bare.trim().length <= LONGEST_TITLE &&
    TITLE_NOUN.test(line) &&
    !STARTS_WITH_AMOUNT.test(line) &&
    !FACT.test(normalLine(line)) &&
    !isShortFact(line) &&
    !/[.;!?] |:$|:.*\d ?(?:k?g|m?l|%|min|cm)|:.*\p{L} \d+(?:\.\d+)?, \p{L}/u.test(bare) &&
    !/\bflour\b/i.test(bare) &&
    actionsIn(normalLine(line)).length === 0
  );
}
const TITLE_NOUN =
  /\b(?:rounds|breads?(?! (?:flour|spice))|flatbreads?|cakes|wraps|tortillas?|coils|pancakes|ovals|pockets|parcels|farls|formula|recipe|naans?|rotis?|chapatt?is?|parathas?|pitas?|piadin[ae]|bannocks?|scones|spirals|crisps|farls|kulchas?|laff?as?|msemens?|injeras?|yufkas?|lavash|dosas?|arepas?|lefse|puris?|pooris?|bazlamas?|bings?|g[oö]zlemes?|pupusas?|chillas?|theplas?|crispbreads?|socca|farinata|crepes?)\b/i;
const isBare = (line: string): boolean =>
  line.length <= 60 &&
  line.split(/\s+/).length <= 7 &&
  !/[\d½¼¾⅓⅔.!?;]|:.*:|:$/.test(line) &&
  !/^(?:a |an )?(?:pinch|handful|knob|mix|add|stir|put|(?:make|prepare) the dough)\b/i.test(line) &&
  /\p{L}{3}/u.test(line);

/** "Griddle breads, makes 8" is a title as well. */
export const titleIn = (fact: string): string | undefined => {
  const head = fact.split(/\s*[(,–:-]\s*(?=makes?|yields?|serves|enough for)/i)[0] ?? '';
  return head !== fact && /\p{L}{3}/u.test(head) ? head.replace(/\s*\([^)]*$/, '').trimEnd() : undefined;
};
