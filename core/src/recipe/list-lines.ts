import { itemsOf } from './items.ts';
import type { Mapped } from './mapped.ts';
import { foundIn } from './needs.ts';
import { sentencesOf } from './sentences.ts';

/** A line that is a list in a form of its own, and what stands before and behind it. */
export interface ListLine {
  readonly before: Mapped | undefined;
  /** What the list is of. */
  readonly head: Mapped | undefined;
  /** How much it is for, or comes to. */
  readonly fact: Mapped | undefined;
  readonly items: readonly Mapped[];
  readonly rest: readonly Mapped[];
}

/** "In percent of flour: water 61, salt 2": the flour itself goes without saying. */
const OF_FLOUR =
  /^(?:[\p{L} ]{2,24} )?by weight of (?:the )?flour\s*:\s*|^[^:.]{0,60}?\(?flour ?(?:=|is|\() ?100(?: ?%)?\)?\s*:\s*|^(?:(?:everything |all )?(?:in|as) )?(?:percent(?:ages?)?|per cent|%) of (?:the )?flour(?: weight)?\s*:\s*|^[\p{L} -]{3,40}[,:;] (?:in|as) (?:percent(?:ages?)?|per cent|%) of (?:the )?flour(?: weight)?\s*:\s*(?=\p{L}[^:]* \d)/iu;

/** "flour; 300,0 g. lard; 37,5 g.": each amount behind its name. */
const PAIR = /(?<![\p{L}\d] ?)\p{L}[\p{L}/ ]{1,25}(?: 0{1,2})?; ?\d[\d.,]* ?(?:k?g|m?l)\b\.?/gu;

/** "1690 g = 34 x 49 g": what a list comes to. */
const SUM = /^(?:total:? )?[\d.,]+ ?k?g(?:\s*=\s*\d{1,3} ?[x×] ?\d{2,3} ?g)$/i;

/** "Dough for 10 wraps (flour 0,6 kg, water 0,33 kg, …)." */
const BRACKETED = /^(\p{L}[^():.]{2,50}?) ?\([^()]{20,}\)\.?\s*/u;

/** "Based on 1000 g flour:": how much the percentages behind it are of. */
const BASED_ON = /\bbased on (?:about )?\d[\d.,]* ?k?g (?:of )?(?:total )?flour\s*:\s*/i;

const NOTHING: ListLine = { before: undefined, head: undefined, fact: undefined, items: [], rest: [] };
const filled = (line: Mapped): readonly Mapped[] => (line.text === '' ? [] : [line]);

/** The list that a line is, where it has such a form: pairs, a sum, percentages of so much flour, or all in brackets. */
export function listLine(line: Mapped): ListLine | undefined {
  if (SUM.test(line.text)) return { ...NOTHING, fact: line };
  return pairsOf(line) ?? basedOn(line) ?? sharesOf(line) ?? inBrackets(line);
}

function pairsOf(line: Mapped): ListLine | undefined {
  const pairs = foundIn(line.text, PAIR);
  const [first, last] = [pairs[0], pairs.at(-1)];
  if (!first || !last || pairs.length < 3) return undefined;
  const [before] = filled(
    line
      .slice(0, first.index)
      .replace(/[:,;]\s*$/, '')
      .trim(),
  );
  const items = pairs.map((p) =>
    line
      .slice(p.index, p.index + p[0].length)
      .replace(/;/, '')
      .replace(/\.$/, ''),
  );
  return { ...NOTHING, before, items, rest: filled(line.slice(last.index + last[0].length).trim()) };
}

function basedOn(line: Mapped): ListLine | undefined {
  const based = BASED_ON.exec(line.text);
  if (!based) return undefined;
  const from = based.index + based[0].length;
  const [before] = filled(line.slice(0, based.index).trim());
  return { ...NOTHING, before, fact: line.slice(based.index, from), rest: filled(line.slice(from).trim()) };
}

/** The flour goes without saying. */
function sharesOf(line: Mapped): ListLine | undefined {
  const share = OF_FLOUR.exec(line.text);
  if (!share) return undefined;
  const [list = line, ...rest] = sentencesOf(line);
  const flour = line.slice(0, share[0].length).replace(/^.*$/, 'flour 100 %');
  const items = itemsOf(list.slice(share[0].length).replace(/\s*\(flour: [^)]*\)/i, ''));
  return {
    ...NOTHING,
    items: [flour, ...items.map((i) => (/%|per ?cent/i.test(i.text) ? i : i.replace(/\.?$/, ' %')))],
    rest,
  };
}

function inBrackets(line: Mapped): ListLine | undefined {
  const [whole = '', head = ''] = BRACKETED.exec(line.text) ?? [];
  const list = line.slice(head.length, whole.length).replace(/^\s*\(|\)\.?\s*$/g, '');
  if (whole === '' || itemsOf(list).length < 3) return undefined;
  return { ...NOTHING, head: line.slice(0, head.length), items: [list], rest: filled(line.slice(whole.length).trim()) };
}
