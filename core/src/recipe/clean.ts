import { arrowed, stagesApart, undashed } from './stages-apart.ts';
import { besideEachOther, columnsApart } from './columns-apart.ts';
import { byMarks, byMinutes, FROM_TO, minutesBetween, TIME_OF_DAY, untilNext } from './day-plan.ts';
import { findFood } from '../foods/index.ts';
import { ONLY_PIECES } from './line-kinds.ts';
import { plainList } from './list-forms.ts';
import { listsApart, pairsApart } from './lists-apart.ts';
import { Mapped } from './mapped.ts';
import { forOnePerson } from './per-person.ts';
import { AS_WRITTEN } from './spelling/as-written.ts';
import { PARTS } from './spelling/parts.ts';
import { inOrder } from './spelling/rule.ts';
import { SCANNED } from './spelling/scanned.ts';
import { YIELDS } from './spelling/yields.ts';
import { CUT_SHORT, isAllSmall, unwrapped } from './unwrapped.ts';

/** A line that a scan or a narrow column has broken: a word cut by a hyphen, or a figure parted from its unit. */
const HYPHENED = /\p{Ll}-$/u;
const PARTED = /\d$/;
const UNIT_FIRST = /^(?:g|kg|ml|l|oz|minutes?|hours?|seconds?|cm)\b/i;

const isEnded = (text: string): boolean => /[.!?:]\)?$/.test(text) && !CUT_SHORT.test(text);

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
    // "Zutaten (ingredients)"; "ghee (dough)" is an entry
    .replace(
      /^(\p{L}+) \((ingredients?|method|preparation|dough|filling|topping)\)/iu,
      (all = '', word = '', name = '') => (findFood(word) ? all : name),
    )
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
    listsApart(
      forOnePerson(
        columnsApart(withoutPlus(all).map(clockFirst).map(untabbed).map(labelled).map(pairsApart).map(asWritten)),
      ),
    )
      .flatMap(besideTitle)
      .flatMap(yieldsApart)
      .map(inParts)
      .map(bulleted),
  );
  const told = stagesApart(lines);
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
