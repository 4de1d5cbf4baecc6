import { SMALL, wordValue } from '../number-words.ts';
import type { Spelling } from './rule.ts';

const NUMBER = `(\\d{1,3}|${SMALL})`;
const RANGE = `(?:\\s*(?:-|–|—|to|or)\\s*${NUMBER})?`;
const ROUGHLY = '(?:(?:about|around|roughly|approx\\.?|ca\\.?|some) |~ ?)?';
/** Breads by their names alone: "8 pieces" may be work among stages. */
const BREADS =
  '(?:flat)?breads|naans|wraps|pitas|rotis|chapatt?is|tortillas|parathas|loaves|kulchas|fladen|brote|pains|galettes|panes|pani|focaccine|piadine';
const COUNT = 'pcs?\\.?|pz\\.?|pezzi|st(?:ü|ue)ck|stk\\.?';
const PEOPLE = 'kids|children|people|persons?|students|pupils|participants|guests|personen|personnes|personas|persone';
const EACH = '(?:,? (?:of|at|à|@|x|×)? ?(\\d{2,3}) ?g(?: each)?)?';

const figure = (word: string): string => (/\d/.test(word) ? word : wordValue(word));
const made = (verb: string, least: string, most?: string, grams?: string): string =>
  `${verb} ${figure(least)}${most === undefined ? '' : ` to ${figure(most)}`}${grams === undefined ? '' : `, ${grams} g each`}`;
const shared = (people: string, each: string): string => `Makes ${Number(figure(people)) * Number(figure(each))}`;
const whole = (pattern: string): RegExp => new RegExp(`^\\(?${pattern}\\)?[.!:]?$`, 'i');

/** Lines that say nothing but how many breads a recipe makes, or how many people it is for, in one form each. */
export const YIELDS: readonly Spelling[] = [
  [
    whole(`(?:for|pour|para|per|f[üu]r) ${ROUGHLY}${NUMBER}${RANGE}(?: (?:${PEOPLE}))?`),
    (_, least = '', most) => made('Serves', least, most),
  ],
  [
    whole(`(?:for|pour|para|per|f[üu]r) ${ROUGHLY}${NUMBER}${RANGE} (?:${BREADS}|${COUNT})${EACH}`),
    (_, least = '', most, grams) => made('Makes', least, most, grams),
  ],
  [
    whole(`${ROUGHLY}${NUMBER}${RANGE} (?:${BREADS}|${COUNT})${EACH}`),
    (_, least = '', most, grams) => made('Makes', least, most, grams),
  ],
  [
    whole(
      `(?:(?:number|amount|count|breads|flatbreads|pieces|pezzi|st(?:ü|ue)ck) ?[:=]|batch of) ${ROUGHLY}${NUMBER}${RANGE}${EACH}`,
    ),
    (_, least = '', most, grams) => made('Makes', least, most, grams),
  ],
  [
    whole(
      `(?:you get|you(?:'ll| will) have|comes to|enough to make) ${ROUGHLY}${NUMBER}${RANGE}(?: (?:${BREADS}|pieces))?${EACH}`,
    ),
    (_, least = '', most, grams) => made('Makes', least, most, grams),
  ],
  [
    whole(`makes ${NUMBER}${RANGE} (?:at|of|à|@) (\\d{2,3}) ?g`),
    (_, least = '', most, grams) => made('Makes', least, most, grams),
  ],
  // "two breads each at 85 g": of how many people is not said
  [
    whole(
      `${NUMBER} (?:${BREADS}|pieces) (?:each|per (?:person|head|student)),? (?:of|at|à|@) ${ROUGHLY}(\\d{2,3}) ?g(?: each)?`,
    ),
    (_, __, grams = '') => `Piece weight: ${grams} g`,
  ],
  [
    new RegExp(
      `(?<=^|[.!] )(?:the |this )?(?:quantity|amount|batter|mix|recipe|it) is (?:enough )?for ${NUMBER} (?:big |large |small )?(?:pans|tins|trays)(?=[.!]?$)`,
      'iu',
    ),
    (_, all = '') => made('Makes', all),
  ],
  [
    new RegExp(`^(?:yields?|makes|quantity|pieces)[: ]\\s*${NUMBER} ?[x×] ?(\\d{2,3}) ?g$`, 'i'),
    (_, n = '', grams = '') => made('Makes', n, undefined, grams),
  ],
  // "per table (3 students, 6 breads):"
  [
    new RegExp(
      `^per (?:table|group|team|station|pair|bench) \\((?:${NUMBER} (?:${PEOPLE})[,;] ?)?${NUMBER} (?:${BREADS}|pieces)\\):?$`,
      'i',
    ),
    (_, __, all = '') => made('Makes', all),
  ],
  // "I reckon on two each. For six people that's 12."
  [
    new RegExp(
      `(?<=^|[.!] )for ${NUMBER}(?: (?:${PEOPLE}))?,? that(?:['’]s| is| makes) ${NUMBER}(?: (?:${BREADS}|pieces))?(?=[.!]?$)`,
      'iu',
    ),
    (_, __, all = '') => made('Makes', all),
  ],
  [whole(`${NUMBER} (?:${PEOPLE})[:,] ${NUMBER} (?:${BREADS}|pieces)`), (_, __, all = '') => made('Makes', all)],
  [
    whole(`(?:class|group) of ${NUMBER}[,:;] ${NUMBER} (?:${BREADS}|pieces) each`),
    (_, people = '', each = '') => shared(people, each),
  ],
  [
    whole(`(?:per|each) (?:person|student|pupil|head):? ${NUMBER} (?:${BREADS}|pieces)[,;] ${NUMBER} (?:${PEOPLE})`),
    (_, each = '', people = '') => shared(people, each),
  ],
  [
    whole(
      `(?:it |this )?makes ${NUMBER} (?:per|for each|a) (?:person|student|head),? for ${NUMBER}(?: (?:${PEOPLE}))?`,
    ),
    (_, each = '', people = '') => shared(people, each),
  ],
  [whole(`you get ${NUMBER} \\((?:one|1) (?:each|per (?:person|head|child))`), (_, all = '') => made('Makes', all)],
  // "for 12 people x 3 = 36 tortillas of 35 g", and what that takes behind it
  [
    new RegExp(
      `^for ${NUMBER} (?:${PEOPLE}) ?[x×*] ?${NUMBER} ?= ?(\\d{1,3}) (?:${BREADS}|pieces)(?: (?:of|at|à|@) (\\d{2,3}) ?g)?(?: ?(?:[-–=]>|→|:|,|=) ?(?=\\d)|\\.?$)`,
      'iu',
    ),
    (all = '', _people, _each, n = '', grams = '') =>
      `Makes ${n}${grams === '' ? '' : `, ${grams} g each`}${/\W$/.test(all) ? '. ' : ''}`,
  ],
  [
    whole(`(?:for )?${NUMBER} (?:${PEOPLE}),? (?:with )?\\(?${NUMBER}(?: (?:${BREADS}|pieces))? each`),
    (_, people = '', each = '') => shared(people, each),
  ],
];
