import { findFood } from '../foods/index.ts';
import { actionsIn } from './actions.ts';
import { itemsOf } from './items.ts';
import { looksLikeIngredient } from './line-kinds.ts';
import { Mapped } from './mapped.ts';
import { normalLine } from './normal-line.ts';

/** A question with what somebody answers to it: what only asks, and the line that both come to. */
export interface Answer {
  readonly asked: readonly Mapped[];
  /** Undefined where nothing is answered in this line. */
  readonly line: Mapped | undefined;
}

const ASKED = /^(?:(?:q|question)\s*\d*\s*[:.)-]\s*)?([^?.!]{2,90}\?)\s*(?:(?:a|answer)\s*[:.)-]\s*)?/i;
const ANSWERED = /^(?:a|answer)\s*[:.)-]\s*/i;
const NEXT_QUESTION = /(?<=[.!])\s+(?=[^.!?]{2,90}\?)/g;
/** So many questions make a text of questions and answers. */
const LEAST = 3;

/** The lines of a text that asks and answers, each question with its answer; those of any other text as they are. */
export function byQuestions(lines: readonly Mapped[]): readonly Mapped[] {
  const count = lines.reduce((sum, l) => sum + (l.text.match(/\?/g) ?? []).length, 0);
  return count < LEAST ? lines : lines.flatMap((l) => l.split(NEXT_QUESTION));
}

/** What a question without a verb is about: "Water?", "How much salt?", "And the griddle?". */
const ABOUT =
  /^(?:(?:q|question)\s*\d*\s*[:.)-]\s*)?(?:and )?(?:(?:how (?:much|many)|what|which) )?((?:[\p{L}-]+ ?){1,4})\?/iu;
const HOW_MANY = /\bhow many(?: (?:does it make|breads?|pieces?|flatbreads?|rounds?))?\?/i;

/**
 * "How long do we knead? Ten minutes." as "knead Ten minutes.", "How much water? 350 g, lukewarm." as "350 g lukewarm water": an answer alone
 * does not say what it is of. Undefined where a line asks and answers nothing.
 */
export function answerOf(line: Mapped): Answer | undefined {
  const asked = ASKED.exec(line.text);
  if (!asked) {
    const sign = ANSWERED.exec(line.text);
    return sign ? { asked: [line.slice(0, sign[0].length)], line: line.slice(sign[0].length) } : undefined;
  }
  const question = line.slice(0, asked[0].length);
  const answer = line.slice(asked[0].length).trim();
  // "1 cube of yeast (42 g)?" asks for nothing: it is an amount that somebody doubts
  if (/^[\d½¼¾]/.test(question.text) && looksLikeIngredient(question.text.replace(/\?\s*$/, '')))
    return { asked: answer.text === '' ? [] : [answer], line: question.replace(/\?\s*$/, '') };
  if (answer.text === '') return { asked: [question], line: undefined };
  const words = normalLine(answer.text);
  if (HOW_MANY.test(question.text) && /^(?:about )?\d{1,3}\b/.test(words))
    return { asked: [], line: Mapped.join([question.replace(/^.*$/s, 'makes'), answer]) };
  if (actionsIn(words).length > 0) return { asked: [question], line: answer };
  const [verb] = actionsIn(question.text);
  if (verb && !findFood(words))
    return {
      asked: aside(question, verb.at, verb.length),
      line: Mapped.join([question.slice(verb.at, verb.at + verb.length), answer]),
    };
  const of = ABOUT.exec(question.text)?.[1]?.trimEnd();
  if (of === undefined || !findFood(of) || findFood(words) || itemsOf(answer).length > 1)
    return { asked: [question], line: answer };
  const at = question.text.indexOf(of);
  const noun = question.slice(at, at + of.length);
  const [amount = ''] = /^[^,;.]+/.exec(answer.text) ?? [];
  // "350 g, plain" is plain flour; what is longer stands behind
  const how = /^,\s*(\p{L}+)[.!]?$/u.exec(answer.text.slice(amount.length))?.[1];
  const from = answer.text.length - (how === undefined ? 0 : answer.text.slice(amount.length).length - 2);
  const pieces =
    how === undefined
      ? [answer.slice(0, amount.length), noun, answer.slice(amount.length)]
      : [answer.slice(0, amount.length), answer.slice(from, from + how.length), noun];
  return { asked: aside(question, at, of.length), line: Mapped.join(pieces.filter((p) => p.text !== '')) };
}

/** What of a text stands before and behind a stretch of it. */
const aside = (text: Mapped, at: number, length: number): readonly Mapped[] =>
  [text.slice(0, at), text.slice(at + length)].filter((t) => t.text.trim() !== '');
