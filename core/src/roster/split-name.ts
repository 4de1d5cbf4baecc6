import { isAvoidedWord } from './avoided-words.ts';

/** A line about somebody: who it is, and what else it says. */
export interface NamedLine {
  readonly name: string;
  readonly rest: string;
  /** Where a word might be a name as well as a food: what to ask. */
  readonly doubt?: string;
}

/** Words that begin what is said of somebody's food; behind the first word, none of them is ever part of a name. */
const CUE =
  /^(is|has|have|having|with|who|whose|allerg\w*|intoleran\w*|avoid\w*|no|not|non|without|cannot|can['’]?t|does|doesn['’]?t|don['’]?t|eats|eat|severe(ly)?|arriv(es?|ing)|left-?handed|right-?handed|anaphyla\w*|prefers|dislikes|hates|gf|df|vegan|vegetarian|veggie|pesc[ae]t\w*|kosher|halal)$/i;
/** Words of this kind are surnames as well ("Child"), so they do not count where they are written as one is. */
const SMALL_CUE =
  /^(only|mild(ly)?|strict(ly)?|serious(ly)?|free|needs?|can|must|may|will|wants?|brings?|comes|coming|late|early|leaves|leaving|left|right|child|kid|aged?|phone|tel\.?|mobile|e-?mail|wheelchair|pregnant)$/i;
/** What stands behind a food: "… allergy", "… free". The words before it are the food's. */
const BEHIND = /^(allerg(y|ies)|intoleran(t|ce|ces)|free|sensitivity|sensitive)$/i;
/** Lower-case words within names. */
const PARTICLE =
  /^(van|von|vom|der|den|de|da|di|do|du|dos|das|del|della|la|le|lo|al|el|bin|ibn|bint|ben|y|e|af|av|zu|zum|zur|ter|ten|och|und|and|&|o['’]|d['’]|mc|st\.?|jr\.?|sr\.?)$/iu;
const isLower = (word: string): boolean => /^\p{Ll}/u.test(word);
/** A number so long from here on that it is called, not counted. */
const beginsPhone = (words: readonly string[]): boolean => /^[+(]?\d[\d ()/-]{5,}/.test(words.join(' '));

/**
 * Parts a line without punctuation, "Sanna allergic to sesame", into the name and the rest. The name ends before the first word that
 * begins something said of the person, before any word of an allergy, and before a lower-case word behind capitals. Where a food stands
 * before "allergy" or "free" and nothing parts it from a surname, the first word alone is the name.
 */
export function splitName(text: string): NamedLine {
  const words = text.split(' ').filter((w) => w !== '');
  const isCased = words.some((w) => /^\p{Lu}/u.test(w)) && words.some(isLower);
  const bare = words.map((w) => w.replace(/[.,;:!?]+$/, ''));
  const at = bare.findIndex(
    (w, i) =>
      isAvoidedWord(w) ||
      beginsPhone(bare.slice(i, i + 6)) ||
      (i > 0 && (CUE.test(w) || (SMALL_CUE.test(w) && !isCapitalised(w)))) ||
      (i > 0 && isCased && isLower(w) && !PARTICLE.test(w)),
  );
  if (at < 0) return { name: words.join(' '), rest: '' };
  const cue = bare[at] ?? '';
  // nothing before "allergy" was known as a food, so where the name ends is not known either
  const end = BEHIND.test(cue) && !(isCased && bare.slice(0, at).some(isLower)) ? Math.min(1, at) : at;
  const [name, rest] = [words.slice(0, end).join(' '), words.slice(end).join(' ')];
  const isDoubtful =
    end === at && at > 0 && at === bare.length - 1 && !isLower(cue) && isAvoidedWord(cue) && isCapitalised(cue);
  return isDoubtful
    ? { name, rest, doubt: `“${text}”: is “${cue}” a name or something that is avoided?` }
    : { name, rest };
}

const isCapitalised = (word: string): boolean => /^\p{Lu}\p{Ll}/u.test(word);
