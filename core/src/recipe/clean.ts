import { findFood, foodsIn } from '../foods/index.ts';
import { byQuestions } from './answers.ts';
import {
  byMarks,
  byMinutes,
  clocksApart,
  FROM_TO,
  minutesBetween,
  restsBetween,
  TIME_OF_DAY,
  untilNext,
} from './day-plan.ts';
import { actionsIn } from './actions.ts';
import { durationsIn } from './durations.ts';
import { isWholeList } from './items.ts';
import { Mapped } from './mapped.ts';
import { plainList } from './list-forms.ts';
import { normalLine } from './normal-line.ts';
import { forOnePerson } from './per-person.ts';
import { AS_WRITTEN } from './spelling/as-written.ts';
import { inOrder } from './spelling/rule.ts';
import { ONLY_PIECES } from './line-kinds.ts';
import { PARTS } from './spelling/parts.ts';
import { YIELDS } from './spelling/yields.ts';
import { SCANNED } from './spelling/scanned.ts';
import { STAGE_ALONE, STAGE_FIRST } from './told-words.ts';
import { CUT_SHORT, isAllSmall, unwrapped } from './unwrapped.ts';

/** A line that a scan or a narrow column has broken: a word cut by a hyphen, or a figure parted from its unit. */
const HYPHENED = /\p{Ll}-$/u;
const PARTED = /\d$/;
const UNIT_FIRST = /^(?:g|kg|ml|l|oz|minutes?|hours?|seconds?|cm)\b/i;

const isEnded = (text: string): boolean => /[.!?:]\)?$/.test(text) && !CUT_SHORT.test(text);

/** One step after another in one line, "mix → knead → rest"; an arrow before an amount alone only leads to it. */
const ARROW = /\s*(?:👉|→|⇒|➡\uFE0F?|\s->\s|\s=>\s)(?!\s*\d[\d.,]* ?(?:k?g|m?l|%)\s*$)\s*/gu;

/** "Yeast + water → sponge, 30 min": what is first taken is none of the list. */
function arrowed(line: Mapped): readonly Mapped[] {
  if (/^total\b/i.test(line.text)) return [line.replace(ARROW, ', ')];
  const [first, second, ...more] = line.split(ARROW);
  if (!first || !second) return [line];
  const isTaken =
    !/\d/.test(first.text.replace(/^\s*\d{1,2}[.)]?\s/, '')) &&
    foodsIn(first.text).length > 0 &&
    actionsIn(normalLine(first.text)).length === 0 &&
    [second, ...more].some((p) => actionsIn(normalLine(p.text)).length > 0 || durationsIn(p.text).length > 0);
  if (!isTaken) return [first, second, ...more];
  return [Mapped.join([first.replace(/^(\s*\d{1,2}[.)]?\s+)?/, '$1Mix '), second], '; '), ...more];
}

/** "Mix > rest 20 > knead 5", "mix – 5 min / rest – 30 min": stages in one line. */
const STAGE_SIGN = / (?:>|\/) /;
const ROMAN = ['i', 'ii', 'iii', 'iv', 'v', 'vi', 'vii', 'viii', 'ix', 'x', 'xi', 'xii'];
/** "i) rub ii) water iii) knead": stages that are counted in letters. */
const inFigures = (line: Mapped): Mapped =>
  /^i\) .*\sii\) .*\siii\) /.test(line.text)
    ? line.replace(/(?<=^|\s)([ivx]{1,4})\) /g, (all = '', n = '') =>
        ROMAN.includes(n) ? `${ROMAN.indexOf(n) + 1}) ` : all,
      )
    : line;
/** "1) mix 2) knead 8 min 3) rest": each in a line of its own. */
const numberedApart = (told: Mapped): readonly Mapped[] => {
  const line = inFigures(told);
  return /^1\) .*\s2\) .*\s3\) /.test(line.text)
    ? line.split(/\s+(?=\d{1,2}\) )/g)
    : /^\(1\) .*\s\(2\) .*\s\(3\) /.test(line.text)
      ? line.split(/\s+(?=\(\d{1,2}\) )/g).map((l) => l.replace(/^\(\d{1,2}\) /, ''))
      : /^1\. .*\.\s2\. .*\.\s3\. /.test(line.text)
        ? line.split(/(?<=\.)\s+(?=\d{1,2}\. )/g)
        : [line];
};

/** "2) water, 50 °C" among steps, which is no entry of a list. */
const asAdding = (line: Mapped): Mapped =>
  line.replace(
    /^(\d{1,2}[.)] )(?=(?:warm |hot |cold )?(?:water|milk|buttermilk),? (?:at )?\d{2} ?° ?C?\.?$)/i,
    '$1add ',
  );

/** A telegram has a word for its points. */
const STOP = /\s+stop\b[.\s]*/gi;

/** "Kneading 8 min – proofing 50 min – dividing – rounding": stages in one line. */
const DASHED = /\s+[–—-]\s+/g;

/** Stages that dashes part, each in a line of its own. */
const undashed = (line: Mapped): readonly Mapped[] => {
  const pieces = line.split(DASHED);
  // "salt – 10 g, yeast – 5 g": a dash before an amount parts nothing
  if (pieces.length < 3 || isWholeList(line.text)) return [line];
  const stages = pieces.filter((p) => STAGE_ALONE.test(p.text) || actionsIn(normalLine(p.text)).length > 0);
  const isStaged =
    (pieces.length > 4 && 2 * stages.length >= pieces.length) ||
    (pieces.length > 2 && pieces.slice(1).every((p) => /\d/.test(p.text) && findFood(p.text) !== undefined)) ||
    (pieces.length > 2 && stages.length > 1 && pieces.every((p) => p.text.length < 40));
  // "1 min – flip – ghee – 1 min": one cooking
  const works = stages.flatMap((p) => actionsIn(normalLine(p.text)).map((a) => a.action));
  if (isStaged && works.length > 0 && works.every((a) => a === 'cook')) return [line.replace(DASHED, ', ')];
  return isStaged ? pieces.map((p) => p.replace(/(?<=\p{L})$/u, '.')) : [line];
};

/** "knead 7 min // 50 min rest // 12 x 85 g": the same by double bars, which lists have too. */
const doubleBarred = (line: Mapped): readonly Mapped[] => {
  const pieces = line.split(/ +\/{2,3} +/g);
  if (pieces.length < 2) return [line];
  const stages = pieces.filter((p) => actionsIn(normalLine(p.text)).length > 0);
  return pieces.length > 2 && stages.length > 1 ? pieces : [line.replace(/ +\/{2,3} +/g, ' · ')];
};

/** "500 g flour      Knead all for 10 min": a list, and the work beside it. */
function besideEachOther(line: Mapped): readonly Mapped[] {
  // "Scaling : 70 g       Rounding": two stages
  const cells = line.split(/(?<=\S)\s{3,}(?=\S)/g);
  const isLabelled = (c: Mapped): boolean => /^\p{L}[\p{L}. ]{2,24}: ?\S/u.test(c.text);
  const isStage = (c: Mapped): boolean => STAGE_FIRST.test(normalLine(c.text));
  if (cells.length > 1 && (cells.every(isStage) || (cells.every(isLabelled) && cells.some(isStage)))) return cells;
  const left =
    /^\s*(?:[\d½¼¾⅓⅔⅛][^.;]{2,38}?\S|\p{L}[\p{L} ]{2,24} \d[\d.,]* ?(?:k?g|m?l|%))(?=\s{3,}\p{Lu}\p{Ll})/u.exec(
      line.text,
    );
  if (!left) return [line];
  const right = line.slice(left[0].length).trim();
  const isWork = actionsIn(normalLine(right.text)).length > 0 && actionsIn(normalLine(left[0])).length === 0;
  return isWork ? [line.slice(0, left[0].length), right] : [line];
}

/** The left of two columns, and the room behind it. */
const gapIn = (l: Mapped | undefined): RegExpExecArray | null =>
  l ? /^\s*(\S(?:.*?\S)??)(\s{3,})(?=\S)/.exec(l.text) : null;

/** An amount that has no food yet, and a food, or "of soda", without one. */
const NO_FOOD_YET = (text: string): boolean => /^[\d½¼¾]/.test(text) && findFood(text) === undefined;
const isRestOf = (text: string): boolean =>
  /^of \p{Ll}{3,12}$/u.test(text) || (/^\p{Ll}[\p{Ll} ]{3,30}$/u.test(text) && findFood(text) !== undefined);

/** "½ teaspoonful bicarbonate   ¼ pint water", and below it "of soda": what goes on under the left of two columns. */
function underLeft(lines: readonly Mapped[]): readonly Mapped[] {
  const leftOf = (l: Mapped | undefined): string => l?.text.trim().split(/\s{3,}/)[0] ?? '';
  const below = lines.findIndex((l, n) => {
    const [above, gap] = [leftOf(lines[n - 1]), gapIn(lines[n - 1])];
    if (gap === null || /^\s{12}/.test(l.text) || !isRestOf(leftOf(l))) return false;
    return leftOf(l).startsWith('of ') ? gapIn(l) === null : NO_FOOD_YET(above);
  });
  const [above, under] = [lines[below - 1], lines[below]];
  const gap = gapIn(above);
  if (!above || !under || !gap) return lines;
  const gapUnder = gapIn(under);
  const rest = gapUnder ? under.slice(0, gapUnder[0].trimEnd().length) : under;
  const left = Mapped.join([above.slice(0, gap[0].trimEnd().length), rest.trim()]);
  const both = Mapped.join([left, above.slice(gap[0].length)], '   ');
  const right = gapUnder ? [under.slice(gapUnder[0].length)] : [];
  return [...lines.slice(0, below - 1), both, ...right, ...lines.slice(below + 1)];
}

/** "1 lb. flour      1 tea-", "½ pint milk    spoonful of soda": of two columns, where a word is cut in the right one, one after the other. */
function columnsApart(lines: readonly Mapped[]): readonly Mapped[] {
  const isCut = (l: Mapped): boolean => {
    const gap = gapIn(l);
    return gap !== null && /\p{Ll}-$/u.test(l.text) && !/\s{3,}/.test(l.text.slice(gap[0].length));
  };
  const first = lines.findIndex(isCut);
  if (first < 0) return underLeft(lines);
  // what stands on the right alone goes on there
  const isRight = (l: Mapped): boolean => /^(?:\s{12,}\S|\s*of \p{Ll}{3,12}$)/u.test(l.text);
  const count = lines.slice(first).findIndex((l) => gapIn(l) === null && !isRight(l));
  const block = lines.slice(first, count < 0 ? undefined : first + count);
  const left = block.flatMap((l) => {
    const gap = isRight(l) ? null : gapIn(l);
    return gap ? l.slice(0, gap[0].trimEnd().length) : [];
  });
  const right = block.map((l) => {
    const gap = isRight(l) ? null : gapIn(l);
    return l.slice(gap?.[0].length ?? 0).trim();
  });
  const [head, ...rest] = right;
  const joined = rest.reduce(
    (all, l) =>
      /\p{Ll}-$/u.test(all?.text ?? '') && all
        ? Mapped.join([all.slice(0, all.text.length - 1), l], '')
        : Mapped.join(all ? [all, l] : [l]),
    head,
  );
  return [...lines.slice(0, first), ...left, ...(joined ? [joined] : []), ...lines.slice(first + block.length)];
}

const asWritten = inOrder(AS_WRITTEN);

/** "[bulk] 60 min", "topping = 80 g", "DOUGH 700 g", "Filling /// potatoes", "Zutaten (ingredients) für 20 Stück": labels, each with its colon. */
const labelled = (line: Mapped): Mapped =>
  line
    // "Oil + salt in."
    .replace(
      /^(\s*\d{1,2}[.)] )?(\p{L}+(?: \p{L}+)?(?: (?:\+|and|&) \p{L}+(?: \p{L}+)?)+) in(?=\.?$)/iu,
      (all = '', no = '', foods = '') =>
        foods.split(/ (?:\+|and|&) /).every((f) => findFood(f)) ? `${no}add ${foods}` : all,
    )
    // "Roomal | 10 g flour, 5 g soda, 120 g water"
    .replace(/^(\p{Lu}\p{L}{2,15}(?: \p{L}{2,12})?) \| (?=[^|]*\p{L}[^|]*,[^|]*\p{L}[^|]*$)/u, '$1: ')
    // "Filling 400 g cheese": a label by its capital
    .replace(/^(Dough|Filling|Topping|Layers?|Glaze|Dip) (?=\d[\d.,]* ?(?:k?g|m?l|cups?|tbsp|tsp)\b)/, '$1: ')
    // "A. 400 g rye meal"
    .replace(/^[A-H]\. (?=\d[\d.,]* ?(?:k?g|m?l)\b)/, '')
    // "b. powder", "b.p.": a point that ends no sentence
    .replace(/\bb\. ?p(?:owder|\.)(?=[ ,;]|$)/gi, 'baking powder')
    .replace(/\bb\. ?soda(?= |$)/gi, 'baking soda')
    .replace(/(?<=\byeast,? )\(?inst\.\)?(?= |$)/gi, 'instant')
    // "stage A + 350 g flour": what was made before is no entry
    .replace(/(?<=^|: |[,;] )(?:all of )?(?:stage|step|phase) [A-H] ?(?:\+|and|plus|with) ?(?=\d)/i, '')
    .replace(/^\[(\p{L}[\p{L}+& ]{1,20})\] /u, (_, stage = '') => `${stage.replace(/ ?[+&] ?/, ' and ')}: `)
    .replace(/^(dough|filling|topping|method|finish|glaze|dip|sauce|ingredients) +(?:=|\/{2,3}) +/i, '$1: ')
    .replace(/^(DOUGH|TOP|TOPPING|FILLING) (?!\d{1,2} ?[:.)])(?=\d)/, '$1: ')
    .replace(/^\p{L}+ \((ingredients?|method|preparation|dough|filling|topping)\)/iu, '$1')
    .replace(
      /^(ingredients?) \((?=\d{1,3} (?:pieces|breads|flatbreads|balls|rounds|portions|people|servings)\))/i,
      '$1 (for ',
    )
    .replace(
      /(?<=^|[:;.] )(dough|layers?|filling|topping|dip|glaze|paste|sponge|poolish|biga|levain) [–—-] (?=\p{L}+(?: \p{L}+)? [\d+]|\d)/giu,
      '$1: ',
    )
    // "Dough: sponge + 400 g flour": what was made before is no entry
    .replace(/(?<=^dough: )(?:the |all of the )?(?:sponge|poolish|biga|levain|starter) ?\+ ?(?=\d)/i, '')
    .replace(/\bf[üu]r (\d{1,3}) (?:st(?:ü|ue)ck|personen)\b/giu, 'for $1 pieces');

/** "dough: flour 300, water 180; layer: lard 30", "Dough: 300 g flour. Filling: 200 g feta": parts of a list in one line, each in a line of its own. */
const PART_NEXT =
  /\.\s+(?=(?:dough|layers?|filling|topping|dip|glaze|paste|sauce|to finish|to brush): )(?<=^(?:dough|layers?|filling|topping|dip|glaze|paste|sauce): [^:]*\d[^:]*)|;\s+(?=(?:layers?|filling|topping|dip|glaze|paste): )(?<=\d[^;]*;\s+)|:\s+(?=dough: )(?<=^\p{L}[^:]{2,40}:\s+)/giu;

/** "… (makes 8). Ingredients: 350 g flour … Method: 1. Put all …": headings within a paragraph. */
const HEADING_NEXT =
  /(?<=[.)!])\s+(?=(?:Ingredients?|Method|Directions|Instructions|To make|For the [\p{L} ]{3,25}): ?\S)|(?<=\b(?:Method|Directions|Instructions):)\s+(?=1[.)] )/gu;

/** "Sponge: 100 g flour, 100 g water: 20 min", "Dough: 400 g flour, 190 g water: knead 8 min": a list, and behind it what is done. */
const WORK_BEHIND_LIST =
  /(?::|\s[–—-])\s+(?=(?:mix|knead|stir|combine|rest|stand|whisk)\b)(?<=^(?:dough|sponge|poolish|biga|levain|batter): [^:]*\d ?(?:g|ml|tsp|tbsp|cups?)\b[^:]*(?::|\s[–—-])\s+)/gi;
/** "400 g rye meal + 350 g boiling water, cover, 30 min", "raw rice 500 g (soak 5 hours, drain)": an entry, and behind it what is done with it. */
const WORK_BEHIND_ENTRY =
  /,\s+(?=(?:cover|stand|soak)\b[^.;]{0,40}\.?$)(?<=^\d[\d.,]* ?(?:k?g|m?l) [^.;]*,\s+)|\s*\((?=soak\b[^()]*\)$)(?<=^(?:\p{L}[\p{L} ]+ \d[\d.,]* ?k?g|\d[\d.,]* ?k?g \p{L}[\p{L} ]+)\s*\()/giu;
/** How long a preferment stands, behind a second colon. */
const STOOD_BEHIND_LIST = /(?<=^(?:sponge|poolish|biga|levain): [^:]*\d ?(?:g|ml)[^:]*): (?=\d[\d.]* ?(?:min|h)\b)/i;

/** "PITA; 1.5 kg flour; 0.9 l water": over a list the name of the bread. */
const PART_NEXT_OR_NAME = new RegExp(
  `${PART_NEXT.source}|;\\s+(?=\\d[^;]*;[^;]*\\d)(?<=^\\p{Lu}[^;:.\\d]{2,40};\\s+)`,
  PART_NEXT.flags,
);

/** "DOUGH maida 500 curd 100 milk 180 salt 8": names and figures in turn, and no sign between them. */
const IN_TURN =
  /^(?:(DOUGH|STUFFING|FILLING|TOPPING|DIP|LAYER) )?((?:\p{Ll}[\p{L}.]*(?: \p{Ll}[\p{L}.]*){0,2} \d+(?:\.\d+)?(?: ?(?:g|ml|tsp|tbsp))?(?= |$) ?){3,})(.*)$/u;
const PAIR = /(\p{Ll}[\p{L}. ]*? \d+(?:\.\d+)?(?: ?(?:g|ml|tsp|tbsp))?)(?= |$) ?/gu;
function pairsApart(line: Mapped): Mapped {
  const [all, label = '', pairs] = IN_TURN.exec(line.text) ?? [];
  if (all === undefined || pairs === undefined) return line;
  const names = Array.from(pairs.matchAll(PAIR), (m) => m[1] ?? '');
  if (2 * names.filter((p) => findFood(p)).length < names.length) return line;
  const from = label === '' ? 0 : label.length + 1;
  const behind = line.slice(from + pairs.length);
  const list = line.slice(from, from + pairs.length).replace(PAIR, '$1, ');
  const whole = Mapped.join(behind.text === '' ? [list.replace(/, $/, '')] : [list.replace(/, $/, ','), behind]);
  return label === '' ? whole : Mapped.join([line.slice(0, label.length), whole], ': ');
}

const withFigures = inOrder(SCANNED);
/** A line without the letters that a scan took for figures, and the other way round. */
export const unscanned = (line: Mapped): Mapped =>
  withFigures(line)
    .replace(/(?<=\p{Ll})I(?=\p{Ll}|\b)|(?<=\b\p{Ll})I(?=\p{Ll}{2})/gu, 'l')
    .replace(/\bIngred[1l](?=ents?\b)/i, 'Ingredi')
    .replace(/(?<=\p{Ll}{2})0(?=\p{Ll}\b)/gu, 'o')
    .replace(/(?<=\b\p{L}+)1(?=\p{Ll}{2})/gu, 'l')
    .replace(/(?<=\p{Lu}{2})0(?=\p{Lu})|(?<=\p{Lu})0(?=\p{Lu}{2})/gu, 'O');

/** A line without what only sets it out: bold letters, leaders of dots, times of a schedule before it. */
const plainLine = (line: Mapped): Mapped =>
  plainList(line)
    // an empty cell
    .replace(/(?<=\p{L})\s*\|\s*[–—-]?\s*$/u, '')
    .replace(/\*\*|__|`|\s*(?![©®™])\p{Extended_Pictographic}\uFE0F?/gu, '')
    .replace(
      /(?:\s\.){3,}\s*|(?:\s\.){2,}\s{2,}(?=\d)|(?<=[\p{L})])(?:\s\.){1,2}\s+(?=\d[\d.,½¼¾]* ?(?:k?g|m?l|tsp|tbsp|cups?)\b)|\s*\.{3,}\s*|\s\.\.\s|\s*…{2,}\s*/gu,
      '  ',
    )
    .replace(/^(\p{L}.*?)\s{2,}(g|kg|ml|l)\s+(\d+(?:[.,]\d+)?)\s*$/u, '$1  $3 $2')
    // a column in which nothing stands
    .replace(/(?<=\p{L})\s{2,}[–—-]\s*$/u, '')
    // what the first of two columns has none of
    .replace(/^\p{L}[\p{L} ]+?\s{2,}[–—-]\s{2,}\d[\d.,]* ?(?:k?g|m?l)\s*$/u, '')
    .replace(
      /((?:\d[\d./]*(?: ?[½¼¾])?|[½¼¾]) ?(?:lbs?|oz|pts?|pints?|tsp|tbsp|cups?)\.?(?: \d+ ?oz)?)\s{2,}(\d[\d.,]* ?(?:k?g|m?l))\s*$/i,
      (_, other = '', metric = '') => `${metric} (${other})`,
    )
    // two columns that measure the same
    .replace(
      /(\d[\d.,]* ?(?:k?g|m?l))\s{2,}((?:\d[\d.,]*(?: ?[½¼¾])?|[½¼¾]) ?(?:fl ?oz|oz|lb|tsp|tbsp|cups?))\s*$/i,
      (_, metric = '', other = '') => `${metric} (${other})`,
    )
    .replace(/(\d[\d.,]* ?ml)\s+((?:\d|[½¼¾]) ?tsp)\s*$/i, (_, metric = '', other = '') => `${metric} (${other})`)
    // what tells its own times needs none of the schedule
    .replace(
      new RegExp(
        `${FROM_TO.source}(?=.*(?<!\\b(?:first|last|every|after|at) (?:about )?|\\d)\\d+ ?(?:s|secs?|seconds?|min)\\b)`,
        'u',
      ),
      '',
    )
    .replace(FROM_TO, (_, h = '', min = '', toH = '', toMin = '') => `${minutesBetween([h, min], [toH, toMin])} min `)
    .replace(TIME_OF_DAY, '')
    .trim();

/** "400 semolina/400 white/15 salt/~500 water" among sentences. */
const SLASHED =
  /(?<=^|[.)!] )\d{2,4} ?g? \p{L}+(?: \p{L}+)?(?: ?\/ ?~?\d{1,4} ?g? \p{L}+(?: \p{L}+)?){2,}(?=\.(?: |$)|$)/u;
/** A list between slashes in a line of its own. */
function slashedApart(line: Mapped): readonly Mapped[] {
  const m = SLASHED.exec(line.text);
  if (!m || m[0].length === line.text.length) return [line];
  const list = line.slice(m.index, m.index + m[0].length).replace(/(?<=\/ ?)~ ?/g, '');
  const entries = list.text.split('/');
  return 2 * entries.filter((e) => findFood(e)).length > entries.length
    ? [line.slice(0, m.index), list, line.slice(m.index + m[0].length).replace(/^\. ?/, '')].filter(
        (l) => l.text.trim() !== '',
      )
    : [line];
}

/** One tab within a line parts two columns, as wide room does; several are the cells of a row. */
const untabbed = (line: Mapped): Mapped =>
  (line.text.trim().match(/\t+/g) ?? []).length === 1 || line.text.startsWith('\t')
    ? line.replace(/\t+/g, '    ')
    : line;

/** "18:15<tab>Bulk proof": the time of the day has no column for itself. */
const clockFirst = (line: Mapped): Mapped => line.replace(/^(\s*\d{1,2}[:.][0-5]\d)(?:\t+|\s{2,})(?=\p{L})/u, '$1 ');
/** "o Mix": a letter that some use for a bullet. */
const bulleted = (line: Mapped): Mapped => line.replace(/^o (?=\p{Lu}\p{Ll}|\d)|^[★☆✦✧➤▶►✔●○◆◇■❖♥]\uFE0F?\s+/u, '• ');
/** "Spelt wraps        Portions: 16": how many, beside the title. */
const besideTitle = (line: Mapped): readonly Mapped[] =>
  line.split(
    /(?:\s{3,}|(?<=^[^\d|]+)\s\|\s+)(?=\(?(?:portions?|makes|yields?|quantity|serves)\b[ :]*[\dlI]|\d{1,3} (?:pcs|pieces|breads|rounds)\.?$)/gi,
  );

const PLUS_FIRST = /^\+ (?=[\p{L}\d])/u;
/** "+ mix everything", "+ rest 30 min", "+ divide": so many lines with the sign in a row are its bullets, and add nothing to the one before. */
const LEAST_PLUS = 4;
function withoutPlus(lines: readonly Mapped[]): readonly Mapped[] {
  const isPlus = lines.map((l) => PLUS_FIRST.test(l.text));
  return lines.map((l, n) => {
    if (!isPlus[n]) return l;
    let [from, to] = [n, n];
    while (isPlus[from - 1]) from--;
    while (isPlus[to + 1]) to++;
    return to - from + 1 < LEAST_PLUS ? l : l.replace(PLUS_FIRST, '• ');
  });
}

const inParts = inOrder(PARTS);
const inYields = inOrder(YIELDS);
/** "CRISP RYE THINS / class of 12": over all what a bread is called, and for whom. */
const CALLED =
  /^(\p{Lu}[\p{L} '’&-]{3,40}) (?:\/|\||·) (?=(?:class|group|course|level|lesson|session|week|serves|for|batch)\b[^.;]{0,30}$)|^(\p{Lu}[\p{L} '’&-]{3,50}) \/\/ (?=\d{1,2}[:.]\d{2} |[^/\d]{0,30}$)|^(\p{Lu}[^,;:.\d]{3,50}), (?=(?:weights?|amounts|quantities|figures) (?:for|per|of) [^:]*:$|\d+ (?:minutes|min|hours)\b[^.;:]{0,24}$)/u;
/** "Flatbreads – 8 breads", "Naan (for eight)": how many stands behind the title. */
const TITLED = /^(\p{Lu}[^.;:\d]{2,60}?)(?:\s+[–—-]\s+|,\s+|\s+(?=\())(?=\S)/u;
const LONGEST_YIELD = 60;
function yieldsApart(line: Mapped, n: number): readonly Mapped[] {
  if (!/\d|\p{L}{3}/u.test(line.text)) return [line];
  // "Rye crisp, 1.5 kg dough"
  const heavy =
    n < 2 ? /^(\p{Lu}[^.;:\d]{2,40}?),? (?:about |for )?(?=\d[\d.,]* ?k?g (?:of )?dough$)/u.exec(line.text) : null;
  if (heavy)
    return [
      line.slice(0, (heavy[1] ?? '').length),
      line.slice(heavy[0].length).replace(/^(.*?) (?:of )?dough$/, 'dough weight $1'),
    ];
  const called = n === 0 ? CALLED.exec(line.text) : null;
  if (called) return [line.slice(0, (called[1] ?? called[2] ?? called[3] ?? '').length), line.slice(called[0].length)];
  const isShort = line.text.length <= 2 * LONGEST_YIELD;
  const whole = isShort ? inYields(line) : line;
  if (whole.text !== line.text) return [whole];
  // "Fladenbrot, 9 Stück: 0,90 kg Mehl, …"
  const over = n < 2 ? /^(\p{Lu}[^.;:]{2,60}?),\s+([^.,;:]{2,30}):\s+(?=\S)/u.exec(line.text) : null;
  if (over) {
    const [all, name = '', many = ''] = over;
    const told = inYields(line.slice(all.lastIndexOf(many), all.lastIndexOf(many) + many.length));
    if (told.text !== many) return [line.slice(0, name.length), told, line.slice(all.length)];
  }
  const title = n < 2 && isShort ? TITLED.exec(line.text) : null;
  if (!title) return [line];
  const behind = line.slice(title[0].length);
  const read = inYields(behind);
  return read.text === behind.text && !ONLY_PIECES.test(behind.text)
    ? [line]
    : [line.slice(0, (title[1] ?? '').length), read];
}

/**
 * The lines of a text as they were written before something broke them: where a word is cut or a figure parted from its unit the text is
 * taken for a scan, and lines that go on in small letters are joined.
 */
export function joinedLines(all: readonly Mapped[]): readonly Mapped[] {
  const lines = unwrapped(
    forOnePerson(
      columnsApart(withoutPlus(all).map(clockFirst).map(untabbed).map(labelled).map(pairsApart).map(asWritten)),
    )
      .flatMap((l, n) => (n === 0 ? l.split(PART_NEXT_OR_NAME) : [l]))
      .flatMap((l) => l.split(PART_NEXT))
      .flatMap((l) => l.split(HEADING_NEXT))
      .flatMap((l) => l.split(WORK_BEHIND_LIST))
      .flatMap((l) => l.split(WORK_BEHIND_ENTRY))
      .map((l) => l.replace(/^(?=soak\b[^()]*\)$)(.*)\)$/i, '$1'))
      .flatMap((l) =>
        l.replace(STOOD_BEHIND_LIST, '. Stand ').split(/(?<=^(?:sponge|poolish|biga|levain): [^:]*)\. (?=Stand \d)/gi),
      )
      .flatMap(slashedApart)
      .flatMap(besideTitle)
      .flatMap(yieldsApart)
      .map(inParts)
      .map(bulleted),
  );
  const isWired = lines.some((l) => (l.text.match(STOP) ?? []).length > 2);
  const staged = (told: Mapped): Mapped => {
    // "mix > knead 8' > 1h": nothing else is told with such a sign
    const parts = told.text.split(' > ');
    const isChain =
      parts.length > 1 &&
      parts.some((c) => actionsIn(normalLine(c)).length > 0 || durationsIn(normalLine(c)).length > 0);
    const l = isChain ? told.replace(/ > /g, ', ').replace(/^\/(?=\d{1,2},)/, 'divide into ') : told;
    const cells = l.text.split(STAGE_SIGN);
    const work = cells.length > 3 ? cells.filter((c) => actionsIn(normalLine(c)).length > 0) : [];
    return cells.length > 3 && 2 * work.length > cells.length
      ? l.replace(new RegExp(STAGE_SIGN, 'g'), ', ').replace(/ [–-] (?=\d)/g, ' ')
      : l;
  };
  const asked = isWired
    ? lines.flatMap((l) => l.split(STOP))
    : byQuestions(lines.map(restsBetween).flatMap(numberedApart).map(asAdding).flatMap(clocksApart).map(staged));
  const told = asked.flatMap(doubleBarred).flatMap(undashed);
  const parted = untilNext(byMinutes(byMarks(told)).flatMap(besideEachOther));
  const trimmed = parted
    .flatMap(arrowed)
    .map(plainLine)
    .filter((l) => l.text !== '');
  const isBroken = trimmed.some((l, n) => {
    const next = trimmed[n + 1]?.text ?? '';
    return (HYPHENED.test(l.text) && /^\p{Ll}/u.test(next)) || (PARTED.test(l.text) && UNIT_FIRST.test(next));
  });
  if (!isBroken && !isNarrow(trimmed)) return trimmed;
  const whole = trimmed.reduce<Mapped[]>((list, line) => {
    const last = list.at(-1);
    const goesOn =
      (/^\p{Ll}(?!\d)/u.test(line.text) && !/^(?:a )?pinch of\b/.test(line.text)) ||
      (/\b(?:to|for|about|in|into|of|at|by)$/.test(last?.text ?? '') && /^\d/.test(line.text)) ||
      (/\b(?:of|of fine|the|an?|and|with|into|or|your|their)$/.test(last?.text ?? '') &&
        /^\p{Lu}\p{Ll}/u.test(line.text)) ||
      (/\b(?:WITH|AND|OF|FOR|IN|ON)$/.test(last?.text ?? '') && /^\p{Lu}{2}/u.test(line.text)) ||
      // an amount that was parted from its name
      (/\p{L}$/u.test(last?.text ?? '') && /^\d[\dO.,]*\s*(?:k?g|m?l)\b\s*[.,;](?:\s+\p{Lu}|\s*$)/u.test(line.text));
    // a row of a list ends with its amount
    const isRow = /\p{L}.*\d\s*(?:k?g|m?l|%)\.?$/u.test(line.text);
    const isOfTable = (text: string): boolean => /\S\s{3,}[\d½¼¾]/.test(text);
    if (!last || !goesOn || isRow || isOfTable(last.text) || isEnded(last.text)) return [...list, line];
    const joined = HYPHENED.test(last.text)
      ? Mapped.join([last.slice(0, last.text.length - 1), line], '')
      : Mapped.join([last, line]);
    return [...list.slice(0, -1), joined];
  }, []);
  return whole.flatMap(undashed);
}

/** A column so narrow that sentences go on in the next line, again and again. */
function isNarrow(lines: readonly Mapped[]): boolean {
  const goesOn = lines.filter((l, n) => {
    const before = lines[n - 1]?.text ?? '';
    return before.length >= NARROW_LEAST && /^\p{Ll}/u.test(l.text) && !/[.!?:;]$/.test(before);
  });
  // notes without a full stop are no prose
  const isProse = lines.filter((l) => /[\p{L})][.!?](?:\s|$)/u.test(l.text)).length > 1;
  return isProse && !isAllSmall(lines) && goesOn.length >= 3 && goesOn.length >= 0.3 * (lines.length - 1);
}
const NARROW_LEAST = 26;
