import { actionsIn, type Action } from './actions.ts';
import { durationsIn } from './durations.ts';
import { Mapped, type Span } from './mapped.ts';
import { normalLine } from './normal-line.ts';

/** Behind a time of the day stands no unit: "0.65 l water", "1.00 – 1.25 kg flour" are none. */
const NO_UNIT =
  '(?!(?:k?g|m?l|cl|oz|lbs?|cups?|pints?|litres?|kilos?|h|hrs?|hours?|min|mins|minutes)\\b)(?=\\p{L}|\\d{1,3} (?:balls|pieces|rounds|portions)\\b)';
const CLOCK = '(\\d{1,2})[:.]([0-5]\\d)';
export const TIME_OF_DAY = new RegExp(
  `^\\s*(?:[-–—*•·▪▢☐]\\s+)?(?:at )?\\|?\\s*(?:(?:[Mm]on|[Tt]ue|[Ww]ed|[Tt]hu|[Ff]ri|[Ss]at|[Ss]un)\\p{Ll}*\\.?,?\\s+|[Dd]ay \\d,?\\s+)?${CLOCK}\\s+(?:[|–-]\\s+)?${NO_UNIT}`,
  'u',
);
/** "14:20 to 15:30 proof": what a schedule gives a stage. */
export const FROM_TO = new RegExp(
  `^\\s*(?:[-–—*•·▢☐]\\s+)?${CLOCK}\\s*(?:to|till|until|-|–)\\s*${CLOCK}\\s*:?\\s+${NO_UNIT}`,
  'u',
);
export const minutesBetween = (from: readonly string[], to: readonly string[]): number => {
  const of = ([h, min]: readonly string[]): number => 60 * Number(h) + Number(min);
  return (of(to) - of(from) + 1440) % 1440;
};

const LIES: ReadonlySet<Action> = new Set<Action>(['rest', 'proof', 'chill', 'temper']);
const LEAST_LEFT_MIN = 15;
const LEFT_COVERED = /\b(?:cover(?:ed)?(?: (?:it|them))?|under (?:a |the )?(?:cloth|film|towel|plastic|bowl))\.?$/i;
/** "09:30 make dough, rest until 10:15". */
const UNTIL_CLOCK = new RegExp(`\\b(?:until|till) ${CLOCK}(?!\\d)`, 'u');
/** "18:15 Bulk proof" over "19:30 Divide": what only lies, and tells no time of its own, takes until the next time of the day. */
export function untilNext(lines: readonly Mapped[]): readonly Mapped[] {
  const told = lines.filter((l) => l.text.trim() !== '').map((line) => ({ line, clock: TIME_OF_DAY.exec(line.text) }));
  return told.map(({ line, clock }, n): Mapped => {
    const next = told[n + 1]?.clock;
    if (!clock || !next || FROM_TO.test(line.text)) return line;
    const [until, h = '', m = ''] = UNTIL_CLOCK.exec(line.text) ?? [];
    if (until !== undefined) return line.replace(UNTIL_CLOCK, `for ${minutesBetween(clock.slice(1, 3), [h, m])} min`);
    const stage = normalLine(line.text.slice(clock[0].length));
    const actions = actionsIn(stage);
    if (actions.length === 0 || durationsIn(stage).length > 0) return line;
    const min = minutesBetween(clock.slice(1, 3), next.slice(1, 3));
    // what hands have folded, or covered, lies until then
    const isLeft = min >= LEAST_LEFT_MIN && (actions.every((a) => a.action === 'fold') || LEFT_COVERED.test(stage));
    if (isLeft) return line.replace(/[.\s]*$/, `, rest ${min} min`);
    return min === 0 || !actions.every((a) => LIES.has(a.action)) ? line : line.replace(/[.\s]*$/, ` ${min} min`);
  });
}

/** "15-30 rest": from which minute of a lesson to which. */
const OF_LESSON = /^[^\S\n]*(?:[-–—*•·]\s+)?(\d{1,3})\s*[-–]\s*(\d{1,3})(?: ?min\.?| ?['’′])?:?\s+(?=\p{L})/u;
const LEAST_OF_LESSON = 3;
interface Stage {
  readonly from: number;
  readonly to: number;
}
const isLesson = (told: readonly Stage[]): boolean =>
  told.length >= LEAST_OF_LESSON && told.every((t, n) => t.to > t.from && (n === 0 || t.from === told[n - 1]?.to));
const stageOf = ([, from, to]: RegExpExecArray): Stage => ({ from: Number(from), to: Number(to) });

/**
 * "5-15 mix", "15-30 rest", "30-40 divide": a plan in the minutes of a lesson, each going on where the one before ends, comes without them;
 * what only lies, or is kneaded, and tells no time of its own takes them all.
 */
export function byMinutes(lines: readonly Mapped[]): readonly Mapped[] {
  const found = lines.map((line) => OF_LESSON.exec(line.text));
  if (!isLesson(found.flatMap((m) => (m ? [stageOf(m)] : [])))) return lines;
  return lines.map((line, n) => {
    const m = found[n];
    if (!m) return line;
    const { from, to } = stageOf(m);
    const rest = line.slice(m[0].length);
    const actions = actionsIn(normalLine(rest.text));
    const takesAll = actions.length > 0 && actions.every((a) => LIES.has(a.action) || a.action === 'knead');
    return takesAll && durationsIn(rest.text).length === 0 ? rest.replace(/^(\p{L}+)/u, `$1 ${to - from} min`) : rest;
  });
}

/** "10' rest": at which minute. */
const MARK = /^\s*(\d{1,3})'\s+(?=\p{L})/u;
const LEAST_MARKS = 4;
/** "0' mix", "5' knead", "13' rest", "33' divide": a plan by its minutes, in order, comes without them; what only lies takes until the next. */
export function byMarks(lines: readonly Mapped[]): readonly Mapped[] {
  const marks = lines.map((l) => MARK.exec(l.text));
  const told = marks.flatMap((m) => (m ? [Number(m[1])] : []));
  const isPlan =
    told.length >= LEAST_MARKS && (told[0] ?? 1) === 0 && told.every((at, n) => n === 0 || at > (told[n - 1] ?? at));
  if (!isPlan) return lines;
  let k = -1;
  return lines.map((line, n) => {
    const mark = marks[n];
    if (!mark) return line;
    k++;
    const rest = line.slice(mark[0].length);
    const actions = actionsIn(normalLine(rest.text));
    const takesAll = actions.length > 0 && actions.every((a) => LIES.has(a.action) || a.action === 'knead');
    const next = told[k + 1];
    if (!takesAll || next === undefined || durationsIn(normalLine(rest.text)).length > 0) return rest;
    return rest.replace(/^(\p{L}+)/u, `$1 ${next - Number(mark[1])} min`);
  });
}

const OF_LESSON_ANYWHERE = new RegExp(OF_LESSON.source, 'gmu');
/** Where the minutes of a lesson stand in a text. */
export function minutesOfLesson(source: string): readonly Span[] {
  const found = [...source.matchAll(OF_LESSON_ANYWHERE)];
  return isLesson(found.map(stageOf)) ? found.map((m) => ({ from: m.index, to: m.index + m[0].length })) : [];
}

/** "Mixed at 9.00, folded at 9.30 and 10.00, balled at 11.30". */
const DONE_AT = new RegExp(
  `(?<=^|[\\s(])(\\p{L}+ed(?: and \\p{L}+ed)?) (?:at|from) ${CLOCK}(?:(?: and|,) ${CLOCK})?(?!\\d)`,
  'gu',
);
const LEAST_DONE = 3;
/** What somebody did at times of the day: between them the dough lay. */
export function restsBetween(line: Mapped): Mapped {
  if ((line.text.match(DONE_AT) ?? []).length < LEAST_DONE) return line;
  let last: readonly string[] | undefined;
  const lay = (verb: string, at: readonly string[]): string => {
    const min = last ? minutesBetween(last, at) : 0;
    last = at;
    const told = verb.replace(/^balled\b/, 'ball');
    return min < LEAST_LEFT_MIN ? told : `rest ${min} min, ${told}`;
  };
  return line.replace(DONE_AT, (_, verb = '', h = '', min = '', nextH = '', nextMin = '') => {
    const first = lay(verb, [h, min]);
    return nextH === '' ? first : `${first}, ${lay(verb, [nextH, nextMin])}`;
  });
}

/** Before a time of the day in the midst of a line. */
const NEXT_CLOCK = new RegExp(
  `\\s*(?:[/;|·,]|(?<=[.\\p{L}])\\s)\\s*(?=(?:at )?${CLOCK}\\s*(?:(?:to|till|until|-|–)\\s*${CLOCK}\\s*)?:?\\s+${NO_UNIT})`,
  'gu',
);
/** "09:00, 09:30, 10:00 fold": each a line of its own. */
const SEVERAL_CLOCKS = new RegExp(`^\\s*${CLOCK}(?:,? (?:and )?${CLOCK})+,? (?=\\p{L})`, 'u');
const LEAST_IN_LINE = 3;
/** "Plan: 17:30 mix 8' / 17:40–18:50 bulk / 18:50 scale": times of the day in one line, each in a line of its own. */
export function clocksApart(line: Mapped): readonly Mapped[] {
  const times = SEVERAL_CLOCKS.exec(line.text);
  if (times) {
    const work = line.slice(times[0].length);
    const clocks = line.slice(0, times[0].length).split(/,? (?:and )?(?=\d)|,? $/g);
    return clocks.filter((c) => c.text.trim() !== '').map((c) => Mapped.join([c, work]));
  }
  const parts = line.split(NEXT_CLOCK);
  if (parts.length < LEAST_IN_LINE) return [line];
  const label = /^[^\d:]{2,20}:(?= \d{1,2}[:.][0-5]\d)/u.exec(parts[0]?.text ?? '');
  return label ? [...(parts[0]?.split(/(?<=:) (?=\d)/u) ?? []), ...parts.slice(1)] : parts;
}
