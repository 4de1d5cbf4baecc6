import { findFood } from '../foods/index.ts';
import { actionsIn } from './actions.ts';
import { itemsOf } from './items.ts';
import type { Mapped } from './mapped.ts';
import { normalLine } from './normal-line.ts';
import { IN_CAPITALS, YIELD_LEAD, YIELD_TAIL } from './openings.ts';
import { sentencesOf } from './sentences.ts';
import { isBareTitle, isNamedTitle, OPENING, OPENING_LABEL } from './titles.ts';

/** A line with what it names: the bread, how many it makes, and what only stands over it. */
interface NamedLine {
  readonly title: Mapped | undefined;
  readonly facts: readonly Mapped[];
  readonly headings: readonly Mapped[];
  /** What is left of it; undefined where that was all. */
  readonly line: Mapped | undefined;
}

const FOR_MANY =
  /^(\p{Lu}[\p{L} '’-]{3,50}?),? \(?(?:for|makes?|serves) (?:about )?\d{1,3}(?: (?:people|breads|pieces|rounds|wraps))?\)?:\s+(?=\S)/u;

/** What a line opens with of the bread's name, and how many it makes. `known`: the title that there is already. */
export function namedLine(whole: Mapped, known: Mapped | undefined, isAtStart: boolean): NamedLine {
  let line = whole;
  let title = known;
  const facts: Mapped[] = [];
  const headings: Mapped[] = [];
  const takeHead = (head: Mapped): void => {
    if (title === undefined && isAtStart) title = head;
    else headings.push(head);
  };
  const dashed = /^(\p{L}[\p{L} '’.,-]{2,45}?) [—–-] (?=\d|(?:\p{L}+ ){1,3}\d)/u.exec(line.text);
  if (
    dashed &&
    (!findFood(dashed[1] ?? '') ||
      isNamedTitle(dashed[1] ?? '') ||
      findFood(/^[^,;]*/.exec(line.text.slice(dashed[0].length))?.[0] ?? '')?.role === 'flour') &&
    itemsOf(sentencesOf(line.slice(dashed[0].length))[0] ?? line).length > 2
  ) {
    takeHead(line.slice(0, dashed[1]?.length));
    line = line.slice(dashed[0].length);
  }
  const named =
    title === undefined ? /^(?:name|title|recipe|bread|product|how to)(?:\s*:\s*|\s{2,})/i.exec(line.text) : null;
  if (named && itemsOf(line.slice(named[0].length)).length < 2 && sentencesOf(line).length < 2) {
    headings.push(line.slice(0, named[0].length));
    const behind = line.slice(named[0].length);
    // "Product: pocket rounds      Batch: 20 pcs"
    const [gap] = [...behind.text.matchAll(/\s{3,}(?=\S)/g)];
    title = gap ? behind.slice(0, gap.index) : behind;
    if (gap) facts.push(behind.slice(gap.index + gap[0].length));
    return { title, facts, headings, line: undefined };
  }
  // the head of a page
  if (/^\d{1,3}\s{3,}\p{Lu}[\p{Lu} .,'’&-]+$|\s{3,}[Pp](?:age|\.) ?\d+(?: of \d+)?$/u.test(line.text)) {
    headings.push(line);
    return { title, facts, headings, line: undefined };
  }
  // the number of a page, and no grams
  const isWeighed =
    /^[\p{L} ]+ \d{2,4}$/u.test(line.text) && findFood(line.text)?.role === 'flour' && !isNamedTitle(line.text);
  if (title === undefined && isAtStart && IN_CAPITALS.test(line.text) && !isWeighed) {
    title = line.replace(/\s{2,}\d{1,3}$/, '');
    return { title, facts, headings, line: undefined };
  }
  // an old book: "Unleavened Bread.—Flour, one pound; …"
  const book = isAtStart ? /^(\p{Lu}[\p{L} ]{4,40})\.\s?[—–-]+\s*(?=\p{L})/u.exec(line.text) : null;
  if (book && (!findFood(book[1] ?? '') || !/\p{Ll}/u.test(book[1] ?? ''))) {
    takeHead(line.slice(0, (book[1] ?? '').length));
    line = line.slice(book[0].length);
  }
  const manyOf = title === undefined && isAtStart ? YIELD_LEAD.exec(line.text) : null;
  if (manyOf) {
    const [lead = '', name = ''] = manyOf;
    title = line.slice(0, name.length);
    facts.push(line.slice(name.length, lead.length).replace(/^[,–— -]+|:\s*$/g, ''));
    line = line.slice(lead.length);
  }
  // "Flatbreads for 8: mix …"
  const forMany = title === undefined && isAtStart ? FOR_MANY.exec(line.text) : null;
  if (forMany && isBareTitle(forMany[1] ?? '')) {
    const [lead = '', name = ''] = forMany;
    title = line.slice(0, name.length);
    facts.push(line.slice(name.length, lead.length).replace(/^[, (]+|\)?:\s*$/g, ''));
    line = line.slice(lead.length);
  }
  const many = title === undefined && isAtStart ? YIELD_TAIL.exec(line.text) : null;
  if (
    many &&
    many.index > 3 &&
    !/^(?:makes?|yields?|gives|for)\W*$/i.test(line.text.slice(0, many.index)) &&
    actionsIn(normalLine(line.text.slice(0, many.index))).length === 0
  ) {
    title = line.slice(0, many.index);
    facts.push(line.slice(many.index).replace(/^[,–— -]+/, ''));
    return { title, facts, headings, line: undefined };
  }
  const opening = title === undefined && isAtStart ? (OPENING.exec(line.text) ?? OPENING_LABEL.exec(line.text)) : null;
  if (
    opening &&
    !/\([^)]*$|\bno$/i.test(opening[1] ?? '') &&
    itemsOf(line.slice(0, opening[1]?.length)).length < 2 &&
    (actionsIn(opening[1] ?? '').length === 0 || isNamedTitle(opening[1]?.replace(/\p{L}+(?:-\p{L}+)+/gu, '') ?? '')) &&
    isBareTitle(opening[1] ?? '')
  ) {
    title = line.slice(0, opening[1]?.length);
    line = line.slice(line.text.length - (opening[2] ?? '').length);
  }
  return { title, facts, headings, line };
}
