import { roundHalfUp } from '../units/index.ts';
import type { Span } from './mapped.ts';
import { foundIn } from './needs.ts';
import { FRACTION_SIGNS } from './number-words.ts';

/** A length of time in words: minutes at least, ideally, at most; which ends were said. */
export interface Duration {
  readonly least: number;
  readonly ideal: number;
  readonly most: number;
  /** The words that were read. */
  readonly text: string;
  readonly at: number;
  /** Where they stand in the whole text. */
  readonly span?: Span;
  /** What the words leave open and was filled in; undefined when they say it. */
  readonly why?: string;
}

const MIN_PER: Readonly<Record<string, number>> = { s: 1 / 60, m: 1, h: 60, d: 1440 };
const UNIT = '(seconds?|secs?|s|minutes?|mins?|m|hours?|hrs?|h|days?|d)\\b\\.?';
const NUMBER = '(\\d+(?:\\.\\d+)?(?:\\s*[½¼¾⅓⅔⅛])?|[½¼¾⅓⅔⅛]|\\d+\\s+\\d\\/\\d|\\d\\/\\d)';
const TIME = new RegExp(
  `(about |around |roughly |approx\\.? |approximately |another |a further )?${NUMBER}(?:\\s*(?:${UNIT})?\\s*(?:-|–|—|to|or)\\s*${NUMBER})?\\s*${UNIT}(?:\\s*(?:and\\s*)?(\\d+)\\s*(minutes?|mins?|m|(?<=\\d\\s*m(?:ins?|inutes?)?\\.?\\s*(?:and\\s*)?\\d+\\s*)(?:seconds?|secs?|s))\\b)?`,
  'gi',
);
const LONGEST_ON_GRIDDLE_MIN = 3;
const OVERNIGHT = { least: 480, ideal: 600, most: 840 } as const;

function valueOf(text: string): number {
  const sign = Array.from(text).find((c) => c in FRACTION_SIGNS);
  const [whole = '', over = ''] = text
    .replace(/[½¼¾⅓⅔⅛]/g, '')
    .trim()
    .split(/\s+(?=\d\/)/);
  const ratio = (t: string): number => {
    const [a = '0', b] = t.split('/');
    return b === undefined ? Number(a || 0) : Number(a) / Number(b);
  };
  return ratio(whole) + (over === '' ? 0 : ratio(over)) + (sign === undefined ? 0 : (FRACTION_SIGNS[sign] ?? 0));
}

/** A range of plain minutes, with the words around it that shift its ends. */
interface Plain {
  readonly from: number;
  readonly to: number;
  readonly text: string;
  readonly at: number;
  readonly isAbout: boolean;
}

function plainTimes(text: string): readonly Plain[] {
  const found: Plain[] = [];
  for (const m of foundIn(text, TIME)) {
    const [all, about, first = '', firstUnit, second, unit = '', more, moreUnit = 'm'] = m;
    const per = MIN_PER[(unit[0] ?? 'm').toLowerCase()] ?? 1;
    const firstPer =
      firstUnit === undefined || second === undefined ? per : (MIN_PER[(firstUnit[0] ?? 'm').toLowerCase()] ?? per);
    const extra = more === undefined ? 0 : Number(more) * (MIN_PER[(moreUnit[0] ?? 'm').toLowerCase()] ?? 1);
    // "2 minutes and 2 minutes" are two times
    if (more !== undefined && /^m/i.test(unit) && /^m/i.test(moreUnit)) {
      const at = all.search(/(?:and\s*)?\d+\s*m\w*\.?$/i);
      const figures = /\d+/.exec(all.slice(at))?.[0] ?? '';
      const second = at + all.slice(at).indexOf(figures);
      found.push(...plainTimes(all.slice(0, at)).map((t) => ({ ...t, at: t.at + m.index })));
      found.push(...plainTimes(all.slice(second)).map((t) => ({ ...t, at: t.at + m.index + second })));
      continue;
    }
    const from = valueOf(first) * (second === undefined ? per : firstPer) + (second === undefined ? extra : 0);
    const to = second === undefined ? from : valueOf(second) * per + extra;
    found.push({
      from,
      to: Math.max(from, to),
      text: all.trim().replace(/\.$/, ''),
      at: m.index,
      isAbout: /about|around|roughly|approx/i.test(about ?? ''),
    });
  }
  return found;
}

/**
 * The times that a text names, in its order: "about 1½–2 hours", "at least 20 minutes, better an hour", "a few seconds", "overnight".
 * Assumes one spelling (`normalLine`).
 */
export function durationsIn(text: string): readonly Duration[] {
  const loose = looseTimes(text);
  const plain = plainTimes(text).filter((p) => !loose.some((l) => p.at >= l.at && p.at < l.at + l.text.length));
  const found: Duration[] = [];
  for (let n = 0; n < plain.length; n++) {
    const t = plain[n];
    if (!t) continue;
    const before = text.slice(0, t.at).toLowerCase();
    const next = plain[n + 1];
    const between = next ? text.slice(t.at + t.text.length, next.at).toLowerCase() : '';
    const bounds = boundsBehind(text, t.at + t.text.length);
    if (next && /\b(better|ideally|preferably|best)\b/.test(between) && between.length < 40) {
      const isRange = t.to > t.from;
      found.push({
        least: Math.min(t.from, next.from),
        ideal: next.from,
        most: Math.max(next.to > next.from ? next.to : isRange ? t.to : next.from * 2, next.from),
        text: text.slice(t.at, next.at + next.text.length),
        at: t.at,
        ...(isRange ? {} : { why: 'the longest time is not said and is taken as twice the better one' }),
      });
      n++;
    } else if (bounds) {
      found.push({
        least: bounds.least ?? t.from,
        // the least time is not the best
        ideal: /\bat least\s*(?:for\s*)?$/.test(before) ? Math.min(t.to * 1.5, bounds.most) : t.to,
        most: Math.max(bounds.most, t.to),
        text: text.slice(t.at, bounds.end),
        at: t.at,
      });
      while ((plain[n + 1]?.at ?? Infinity) < bounds.end) n++;
    } else if (next && /\b(?:and |or )?(?:up to|at most|no more than)\s*$/.test(between) && between.length < 30) {
      found.push({
        least: t.from,
        ideal: t.to,
        most: next.to,
        text: text.slice(t.at, next.at + next.text.length),
        at: t.at,
      });
      n++;
    } else {
      const isLeast = /^\s*(?:at (?:the )?(?:very )?least|or (?:more|longer)|minimum)\b/i.test(
        text.slice(t.at + t.text.length),
      );
      // "40 minutes at most"
      const isMost = /^\s*(?:at (?:the )?(?:very )?most|max(?:imum)?\b|tops\b|or less\b)/i.test(
        text.slice(t.at + t.text.length),
      );
      found.push(shifted(t, isLeast ? 'at least ' : isMost ? 'at most ' : before));
    }
  }
  const all = [...found, ...loose.filter((l) => !found.some((f) => l.at >= f.at && l.at < f.at + f.text.length))];
  return joinOvernight(
    all.sort((a, b) => a.at - b.at),
    text,
  );
}

const BOUNDS = new RegExp(
  `^\\s*[(,;]\\s*(?:(?:min\\.?|minimum|at least|not less than) ${NUMBER}\\s*${UNIT.replace('\\b', '?\\b')}\\s*[,;/]?\\s*(?:and )?)?(?:max\\.?|maximum|at most|up to|n(?:ot|o) (?:more|longer) than|not over) ${NUMBER}\\s*(?:${UNIT}|(?=\\s*(?:[),;.]|$)))`,
  'i',
);
/** "30 min (min. 20, max. 2 h)": the ends of a window behind its best time; a figure without a unit is minutes. */
function boundsBehind(
  text: string,
  from: number,
): { readonly least: number | undefined; readonly most: number; readonly end: number } | undefined {
  const m = BOUNDS.exec(text.slice(from));
  if (!m) return undefined;
  const [all, least, leastUnit, most = '', unit = 'm'] = m;
  const per = (u: string | undefined): number => MIN_PER[(u?.[0] ?? 'm').toLowerCase()] ?? 1;
  return {
    least: least === undefined ? undefined : valueOf(least) * per(leastUnit),
    most: valueOf(most) * per(unit),
    end: from + all.length,
  };
}

function shifted(t: Plain, before: string): Duration {
  const words = { text: t.text, at: t.at };
  if (/\b(at least|a minimum of|minimum|not? less than)\s*(?:for\s*)?$/.test(before))
    return {
      least: t.from,
      ideal: t.from * 1.5,
      most: t.from * 3,
      ...words,
      why: 'only the least time is said; ideal and longest are taken as one and a half and three times that',
    };
  if (/\b(up to|at (?:the )?most|not? (?:more|longer) than|max(?:imum|\.)?)\s*(?:for\s*|of\s*)?$/.test(before))
    return {
      least: t.from / 2,
      // of a side on the griddle the longest is meant
      ideal: t.from <= LONGEST_ON_GRIDDLE_MIN ? t.from : t.from * 0.75,
      most: t.from,
      ...words,
      why: 'only the longest time is said; the least is taken as half of it',
    };
  if (t.to > t.from) return { least: t.from, ideal: (t.from + t.to) / 2, most: t.to, ...words };
  const least = t.isAbout ? t.from * 0.8 : t.from;
  return {
    least,
    ideal: t.from,
    most: t.from * 2,
    ...words,
    why: `one time is said${t.isAbout ? ', and only roughly' : ''}; the longest is taken as twice that`,
  };
}

const LOOSE: readonly (readonly [RegExp, number, number, number])[] = [
  [/\b(?:just )?a few seconds\b/gi, 3 / 60, 6 / 60, 12 / 60],
  [/\ba (?:few|couple of) (?:minutes|mins)\b/gi, 2, 3, 5],
  [/\b(?:very )?briefly\b/gi, 1, 2, 3],
  [/\ba few hours\b/gi, 120, 180, 300],
  [/\b(?:just )?a moment\b/gi, 5 / 60, 10 / 60, 20 / 60],
  [/\b(?:a|1) minute or (?:two|2)\b/gi, 1, 1.5, 2],
  [/\b(?:a|1) minute or so\b/gi, 0.8, 1, 1.5],
  [/\b(?:an|1) hour or so\b/gi, 50, 60, 100],
  [/(?<!\d )\ban hour\b(?! or so)/gi, 60, 60, 120],
  [/\ba (?:full|whole|good) hour\b/gi, 60, 60, 120],
  [/(?<!\b(?:once|twice|times) )\ba day\b(?! (?:ahead|before|later|or two))/gi, 1200, 1440, 2160],
  [/(?<!\d )\ba minute\b(?! or)/gi, 1, 1, 2],
  [/\bovernight\b/gi, OVERNIGHT.least, OVERNIGHT.ideal, OVERNIGHT.most],
];

function looseTimes(text: string): readonly Duration[] {
  return LOOSE.flatMap(([pattern, least, ideal, most]) =>
    foundIn(text, pattern).map((m) => {
      const before = text.slice(0, m.index).toLowerCase();
      const isLeast = /\bat least\s*(?:for\s*)?$/.test(before) && !/overnight/i.test(m[0]);
      return {
        least,
        ideal: isLeast ? ideal * 1.5 : ideal,
        most: isLeast ? ideal * 3 : most,
        text: m[0],
        at: m.index,
        why: `"${m[0].toLowerCase()}" is taken as ${spanText(least, most)}`,
      };
    }),
  );
}

function spanText(least: number, most: number): string {
  const [unit, per] = most < 1 ? ['s', 1 / 60] : most < 120 ? ['min', 1] : ['h', 60];
  return `${roundHalfUp(least / per)} to ${roundHalfUp(most / per)} ${unit}`;
}

const isEither = (text: string, short: Duration, long: Duration): boolean =>
  /^\W*or\b/i.test(text.slice(short.at + short.text.length, long.at)) ||
  (/^\W*(?:better |ideally |preferably )?$/i.test(text.slice(short.at + short.text.length, long.at)) &&
    /^ ?(?:is (?:better|best|fine)|if you (?:can|have)|\))/i.test(text.slice(long.at + long.text.length)));

/** "2 hours or overnight" is one rest: from the short time to the night. */
function joinOvernight(list: readonly Duration[], text: string): readonly Duration[] {
  const night = list.findIndex((d) => /overnight/i.test(d.text));
  const short = list[night - 1];
  const long = list[night];
  if (night < 1 || !short || !long || !isEither(text, short, long)) return list;
  const joined = {
    least: short.least,
    ideal: short.ideal,
    most: long.most,
    text: `${short.text} … ${long.text}`,
    at: short.at,
    why: '"overnight" is taken as up to 14 h',
  };
  return [...list.slice(0, night - 1), joined, ...list.slice(night + 1)];
}
