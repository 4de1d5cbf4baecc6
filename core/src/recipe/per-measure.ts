import { findFood } from '../foods/index.ts';
import { times, type ReadIngredient } from './ingredient-line.ts';
import { Mapped } from './mapped.ts';
import { normal } from './normal-line.ts';
import { FRACTION_SIGNS } from './number-words.ts';
import { figure } from './shares.ts';

const VESSEL = '(cup|mug|glass|bowl|jar|part|measure|handful|scoop|spoon)';
/** "½ tsp salt per cup of flour", "a teaspoon for every 3 cups": by what of the flour it goes. */
const PER = new RegExp(
  `\\s(?:per|for (?:each|every)|to (?:each|every)) (?:(\\d+) )?${VESSEL}(?:e?s)?(?: of (?:the )?flour)?\\.?$`,
  'i',
);
const COUNTED = new RegExp(
  `(\\d+(?:\\.\\d+)?)?\\s*([½¼¾⅓⅔])?\\s*(?:\\d\\/\\d )?(?:\\p{L}+ )?${VESSEL}(?:e?s)?\\b`,
  'iu',
);
const AMOUNT = /^(\d+(?:\.\d+)?)?\s*([½¼¾⅓⅔])?(?:(\d)\/(\d))?(?=\s*\p{L})/u;

const valueOf = (whole: string | undefined, sign: string | undefined): number =>
  Number(whole ?? 0) + (sign === undefined ? 0 : (FRACTION_SIGNS[sign] ?? 0));

/** How many of each vessel the flours come to. */
function floursIn(lines: readonly Mapped[]): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const line of lines) {
    const { text } = normal(line);
    const m = PER.test(text) || findFood(text)?.role !== 'flour' ? null : COUNTED.exec(text);
    const vessel = m?.[3]?.toLowerCase();
    if (m && vessel !== undefined) counts.set(vessel, (counts.get(vessel) ?? 0) + valueOf(m[1], m[2]));
  }
  return counts;
}

/** Lines of a list in which so much for each cup of flour is so much in all. */
export function inWhole(lines: readonly Mapped[]): readonly Mapped[] {
  const flours = floursIn(lines);
  return lines.map((line) => {
    const spelled = normal(line);
    const per = PER.exec(spelled.text);
    const vessel = per?.[2]?.toLowerCase() ?? '';
    // parts are of the vessel that is named
    const cups = flours.get(vessel) ?? (vessel === '' ? undefined : flours.get('part'));
    const amount = AMOUNT.exec(spelled.text);
    if (!per || cups === undefined || cups === 0 || !amount || amount[0] === '') return line;
    const one = valueOf(amount[1], amount[2]) + (amount[3] === undefined ? 0 : Number(amount[3]) / Number(amount[4]));
    const all = figure((one * cups) / Number(per[1] ?? 1));
    return Mapped.join([
      spelled.slice(0, amount[0].length).replace(/^.*$/, all),
      spelled.slice(amount[0].length, per.index).trim(),
    ]);
  });
}

/** More than so much of what a piece weighs nobody puts on one (this program's own choice): it is for all. */
const MOST_ON_ONE = 1.5;
/** "50 g cheese on each": of what is none of the dough so much for every piece. */
export function forAllPieces(lines: readonly ReadIngredient[], pieces: number): readonly ReadIngredient[] {
  const doughG = lines.reduce((sum, l) => sum + (l.use === 'dough' ? (l.weight?.g ?? 0) : 0), 0);
  const mostG = doughG > 0 ? (MOST_ON_ONE * doughG) / pieces : Infinity;
  const isForEach = (l: ReadIngredient): boolean => l.isOfEach && l.use !== 'dough' && (l.weight?.g ?? 0) <= mostG;
  return lines.map((l) => (isForEach(l) ? { ...l, weight: times(l.weight, pieces) } : l));
}

const BY_THE_KILO = /\b(?:to|per|for) (?:the|a|each|every|1) (?:kilo|kg)\b/i;

/** "A spoon of salt to the kilo": so much for every kilogram of the flour that there is. */
export function byTheKilo(lines: readonly ReadIngredient[]): readonly ReadIngredient[] {
  const flourG = lines.reduce(
    (sum, l) => sum + (l.use === 'dough' && l.food?.role === 'flour' ? (l.weight?.g ?? 0) : 0),
    0,
  );
  return lines.map((l) => {
    if (!l.weight || flourG === 0 || !BY_THE_KILO.test(l.line)) return l;
    const share = flourG / 1000;
    const { g, leastG, mostG } = l.weight;
    return { ...l, weight: { ...l.weight, g: g * share, leastG: leastG * share, mostG: mostG * share } };
  });
}
