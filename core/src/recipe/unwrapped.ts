import { findFood } from '../foods/index.ts';
import { actionsIn } from './actions.ts';
import { isWholeList } from './items.ts';
import { OF_FIGURES } from './line-kinds.ts';
import { Mapped } from './mapped.ts';
import { HANDS, PACKS, SPOONS, VESSELS } from './measures.ts';
import { normalLine } from './normal-line.ts';

/** Narrower columns than this are read by other signs; wider ones nobody sets. */
const WIDTH = { least: 28, most: 110 } as const;
const ENDED = /[.!?:;]["')]?$/;
/** A point behind a measure that is cut short ends no sentence. */
export const CUT_SHORT = /[\d½¼¾] ?(?:mins?|secs?|hrs?|tsp|tbsp|tea?sp|tablesp|dessertsp|oz|lb|pts?|gms?|approx)\.$/i;
/** A row of a list ends with its amount. */
const ROW = /^\p{L}(?:[^,;.!?:]|[,.]\d)*\d ?(?:k?g|m?l|%|oz|lb|tsp|tbsp|cups?|pints?)\.?(?: \([^)]*\))?$/u;
/** Words behind which a sentence goes on whatever comes. */
const LEADS_ON =
  /(?:[,–/]|[,;] [\d½¼¾]+ ?(?:k?g|m?l|oz|lb|tsp|tbsp|cups?)|\b(?:an?|the|of|in|into|to|for|with|and|or|(?<!\b(?:go|goes|carry|carries) )on|at|by|from|about|until|till|(?<!(?:\d ?(?:k?g|m?l|s)|\bmin(?:ute)?s?|\bsec(?:ond)?s?|\b(?:over|on|onto)) )each|your|then|than|(?<!\bout of )it|them|is|are|as|per))$/i;
/** Room within a line parts columns, or a heading from the number of its page. */
const COLUMNS = /\S\s{2,}\S|\.{2}/;
const LABEL = /^\p{Lu}[\p{L} ]{2,20}:/u;
const AMOUNT_FIRST = /^[\d½¼¾⅓⅔⅛]/;
const PREPOSITION_LAST =
  /\b(?:an?|the|of|in|into|to|for|with|(?<!\b(?:go|goes|carry|carries|then) )on|at|by|about|(?<!(?:\d ?(?:k?g|m?l|s)|\bmin(?:ute)?s?|\bsec(?:ond)?s?|\b(?:over|on|onto)) )each|every|per)$/i;
const QUALITY_LAST =
  /\b(?:fresh|dried|dry|instant|strong|plain|olive|baking|warm|cold|hot|lukewarm|melted|soft|sea|fine|coarse|bread|natural|active|ripe|rapeseed|sunflower|vegetable)$/i;
/** How a line opens that is none of its own. */
const SIGN_FIRST = /^[+/·] [\p{L}\d]/u;
const OF_SIDES =
  /^(?:(?:on|per|each|a|an|either|both|every|to|the|one|other|first|second) ){1,2}sides?\b(?!(?: ?:| [–-]|) \d| (?:wants?|needs?|gets?|takes?|has)\b)/i;
/** A clause that is shorter may be a note of its own. */
const CLAUSE_LEAST = 38;
/** A time ends a note, unless words go on that begin none. */
const TIME_LAST =
  /\d ?(?:'|s|secs?|seconds?|min(?:ute)?s?|h|hrs?|hours?)$|\b(?:rest|proof|prove|knead|bulk|chill|stand|wait) \d{1,3}$/i;
const GOES_ON =
  /^(?:and|or|then|in|on|at|by|with|under|until|till|before|after|when|while|per|each|a|to|for|of|more|longer|covered|without|again|later|total)\b/i;
const WAIT_LAST =
  /\b(?:scale|divide|rest|leave|stand|wait|proof|prove|knead|bulk|mix|chill|rise|griddle|cook|autolyse)$/i;
const TIME_FIRST = /^(?:about )?\d+(?:\.\d+)? ?(?:'|(?:g|min|mins|minutes|h|hours?|s|secs?|seconds)\b)/i;
/** "…, oil 5 %, salt": a list that goes on with an amount. */
const NAME_LAST = /\p{L}{3}.*\d ?(?:%|k?g|m?l)\s*[,;/–-] \p{L}[\p{L} ]{2,24}$/u;
const MARKED = /^(?:o \p{Lu}|[-–—*•·▢☐>#]|\[[ xX]?\]|[a-z]\) |[a-h]\. |(?:[Ss]tage|[Ss]tep|[Pp]hase) [A-Ha-h]\b)/u;
/** A line that ends with a bare verb is no item of a list if it is so long. */
const LONG = 60;
const NUMBERED = /^\d{1,2}[.)] /;
const UNIT_FIRST = /^(?:%|°|(?:g|kg|ml|l|oz|min(?:ute)?s?|hours?|h|sec(?:ond)?s?|s|cm|mm)\b)/i;
/** "1 sachet of yeast, 7 g": the amount behind is of what stands before it. */
const PACK_FIRST = new RegExp(
  `^[^,;]*\\b(?:${PACKS}|${SPOONS}|${HANDS}|${VESSELS})\\b[^,;]*[,;] [\\d½¼¾.]+ ?\\p{L}+$`,
  'iu',
);
const AMOUNT_LAST = /[1-9]\d* ?%? ?\p{L}+\b.*[,;] [\d½¼¾.]+ ?(?:%|k?g|m?l|oz|lb|tsp|tbsp|cups?)$/iu;
/** A list of amounts, each before its name, that ends with one that has none yet. */
const AMOUNT_OPEN = /^(?:\d[\d.]* ?)?(?:%|k?g|m?l) \p{L}.*(?:[,;]| \/) \d[\d.]* ?(?:%|k?g|m?l)$/u;
/** "flour 100, water", and below it "250, oil 12": shares without a sign. */
const BARE_NAME_LAST = /\p{L}{3} \d+(?:\.\d+)?, \p{L}[\p{L} ]{2,24}$/u;

const isWork = (text: string): boolean => actionsIn(normalLine(text)).length > 0;
/** The longest line is no longer than so much of those that go on in small letters. */
const MORE = 1.15;
/** So much of its width is left at the end of a line that somebody has broken by hand. */
const SLACK_SHARE = 0.15;
/** Lines of which so many stand behind an empty one are set with room between them. */
const SPACED_SHARE = 0.9;

/** Sentences, or a list in a sentence: no row, and no heading. */
const isProse = (text: string): boolean => isWork(text) || /[.!?,;:] \S/.test(text);
/** "lukewarm milk – 1 tea glass": a row of a list, that says no more. */
const isRow = (text: string): boolean =>
  ROW.test(text) || (/\d/.test(text) && !/[.,;]/.test(text) && text.split(' ').length <= 7 && !isWork(text));

/** Whether a line ends in the midst of a sentence, or of a list in a sentence. */
const isOpen = (text: string): boolean =>
  (!ENDED.test(text) && !isRow(text) && !COLUMNS.test(text)) || CUT_SHORT.test(text);

/**
 * Whatever the width: a figure is parted from its unit, a bracket is still open, an amount has no name yet or a name no amount, or a word
 * leads on.
 */
function isParted(before: string, text: string): boolean {
  if (/\d$/.test(before) && UNIT_FIRST.test(text)) return true;
  if (/\([^)]*$/.test(before)) return /^[^(]*\)/.test(text);
  // "… + water", "+ 20 s", "· round"
  if (/\d.*\s[+/·–-]$/.test(before) || (/\d/.test(before) && SIGN_FIRST.test(text))) return true;
  if (
    OF_SIDES.test(text) &&
    /\d/.test(before) &&
    !/\d ?(?:cm|mm|g)(?: (?:across|wide|thick|long|round))?$/.test(before)
  )
    return true;
  if (/[.;,] \p{L}+:$/u.test(before) && /^\d/.test(text)) return true;
  // a clause goes on: no row of a list, and nothing new
  const isClause = isWork(before) && !COLUMNS.test(before) && /^[\p{Ll}(]/u.test(text);
  const isTimed = isWork(before) && /^\d+ ?(?:s|secs?|seconds?|min|mins|minutes?)\b/i.test(text);
  if ((isClause || isTimed) && /[,;.] .*[,;]$/.test(before)) return true;
  if (isClause && !/[,;]$/.test(before) && LEADS_ON.test(before)) return true;
  // notes without a point are no prose
  const hasPoint = POINT.test(`${before} ${text}`);
  if (
    hasPoint &&
    isClause &&
    !ENDED.test(before) &&
    before.length >= CLAUSE_LEAST &&
    (!(TIME_LAST.test(before) || /\d ?cm\)$/.test(before)) || GOES_ON.test(text)) &&
    actionsIn(normalLine(text))[0]?.at !== 0
  )
    return true;
  if (!/^[\p{Ll}\d½¼¾]/u.test(text) || /^\p{L}+ ?[=:]/u.test(text)) return false;
  // "Half a pound of" has its figure in words
  const isTold = /\d/.test(/\bof$/i.test(before) ? normalLine(before) : before) || isWork(before);
  if (
    isTold &&
    (PREPOSITION_LAST.test(before) ||
      (QUALITY_LAST.test(before) &&
        // "20 g butter, soft": how it is, and no name that goes on
        !/\d.*\p{L}, \p{L}+$/u.test(before) &&
        !/\d ?(?:h|hours?|min\w*) cold$/i.test(before) &&
        /^\p{Ll}/u.test(text) &&
        !/\d ?(?:k?g|m?l)$/.test(text)))
  )
    return true;
  const isWeighed = /^(?:about )?\d[\d.]* ?g\b/i.test(text) && !/\b(?:scale|divide)$/i.test(before);
  if (
    WAIT_LAST.test(before) &&
    !isWeighed &&
    // "20 min final proof" has its time already
    !TIME_FIRST.test(before) &&
    (TIME_FIRST.test(text) || (before.length >= LONG && /^\p{Ll}/u.test(text)))
  )
    return true;
  if (isWork(before)) return false;
  // "70 % white flour, 68 %", and below it "water, 2 % salt"
  if (AMOUNT_OPEN.test(before) && /^\p{Ll}{3}/u.test(text)) return true;
  return (
    (AMOUNT_LAST.test(before) && !PACK_FIRST.test(before)) ||
    (CUT_SHORT.test(before) && /[,;]/.test(before)) ||
    (BARE_NAME_LAST.test(before) && /^\d+(?:\.\d+)?[,.;]/.test(text)) ||
    (NAME_LAST.test(before) &&
      findFood(/[^,;/–-]*$/.exec(before)?.[0] ?? '') !== undefined &&
      /^[\d½¼¾.,]+ ?(?:%|k?g|m?l)(?![\p{L}])/u.test(text))
  );
}

/** An entry of a list: a name and its amount. */
const NEW_ENTRY = /^\p{L}[\p{L} '’()-]{2,40}?[,:]? \d[\d.,]* ?(?:k?g|m?l|%)(?!\p{L})/u;
/** The same by a spoon or a vessel. */
const NEW_SPOON = new RegExp(
  `^an? (?:(?:big|heaped|level|small|good) )?(?:${SPOONS}|${VESSELS}|${HANDS}) of \\p{L}`,
  'iu',
);
/** "flour 400, water 220, salt 8", and below it "fresh cheese (soft) 600". */
const BARE_ROW = /^\p{L}[\p{L} ]{2,24} \d{1,4}(?:, \p{L}[\p{L} ]{2,24} \d{1,4})+$/u;
const BARE_ENTRY = /^\p{L}[\p{L} ]{2,24}(?: \([^()]*\))? \d{1,4}$/u;
/** Whether a list has ended an entry at the end of a line, and begins the next one in the next. */
const isNewEntry = (before: string, text: string): boolean =>
  !AMOUNT_OPEN.test(before) &&
  (NEW_ENTRY.test(text) ||
    (BARE_ROW.test(before) && BARE_ENTRY.test(text)) ||
    (NEW_SPOON.test(text) && !before.endsWith(','))) &&
  !LEADS_ON.test(before) &&
  !/[;+–-]$/.test(before) &&
  !QUALITY_LAST.test(before) &&
  (/(?:\d ?(?:k?g|m?l|%)|\))$/.test(before) ||
    BARE_ROW.test(before) ||
    findFood(/[^,;]*$/.exec(before)?.[0] ?? '') !== undefined) &&
  !isWork(text) &&
  !isWork(before);

/** "… 1 1/2 c water", and below it "mix dry at home": a list has ended, and work begins. */
const isFirstWork = (before: string, text: string): boolean =>
  /\d/.test(before) && !LEADS_ON.test(before) && actionsIn(normalLine(text))[0]?.at === 0 && !isWork(before);

/** So many of the lines begin small where a writer knows no capitals, and so many of those with work or a label; most of them are short. */
const NO_CAPITALS = { small: 0.8, opened: 0.4, wide: 0.65, width: 0.75 } as const;
const OPENS_NOTE = /^(?:roll|cut|rest|knead|divide|ball|mix|cook|prove|proof) \d|^\p{Ll}[\p{Ll} ]{1,20}: /u;
/** Notes without capitals, each in a line of its own, and of no one width: there small letters show no line that goes on. */
export function isAllSmall(lines: readonly Mapped[]): boolean {
  const lettered = lines.filter((l) => /^(?:\d{1,2}[.)] )?\p{L}/u.test(l.text));
  const small = lettered.filter((l) => /^\p{Ll}/u.test(l.text));
  const widest = Math.max(0, ...lines.map((l) => l.text.length));
  const wide = lines.filter((l) => l.text.length >= NO_CAPITALS.width * widest);
  const isOpened = ({ text }: Mapped): boolean => OPENS_NOTE.test(text) || actionsIn(normalLine(text))[0]?.at === 0;
  return (
    small.length > 3 &&
    small.length >= NO_CAPITALS.small * lettered.length &&
    wide.length <= NO_CAPITALS.wide * lines.length &&
    small.filter(isOpened).length >= NO_CAPITALS.opened * small.length
  );
}

/** Whether a line may go on in the next: rows of a list begin with amounts, labels with a capital, and work with a verb. */
function isNext(before: string, text: string, isSure: boolean): boolean {
  if (/^\p{Ll}/u.test(text) || LEADS_ON.test(before) || CUT_SHORT.test(before)) return true;
  const isAmount = AMOUNT_FIRST.test(text);
  if (!isSure) return isAmount && isWork(before);
  if (isAmount) return !AMOUNT_FIRST.test(before) || isWork(before);
  return isProse(before) && !LABEL.test(text) && (!isOpen(before) || actionsIn(normalLine(text))[0]?.at !== 0);
}

/** So many lines one behind the other show that a paragraph was set to a width. */
const LEAST_RUN = 3;
/** No paragraph of a recipe is longer: a book that is read by mistake stays lines. */
const MOST_RUN = 40;
/** Lines of a paragraph hold signs; those of a list are short, or each an entry of its own. */
const SIGNED = /[.,;:)] \S/;
const SIGNED_SHARE = 0.4;
const POINT = /[.;!?](?:\s|$)/;
/** So many of its lines at least go on without a capital. */
const SMALL_SHARE = 0.4;

/** So much room may be left at the end of a line that was broken by hand. */
const SLACK = 3;

/** Of a run so many at most are rows of a list. */
const ROWS_SHARE = 0.5;

/**
 * The lines that go on in paragraphs that were set to one width, lists among them: the first word of each would not have fitted into the
 * line before. None in a text of which any line is longer than anybody sets.
 */
function goingOn(all: readonly Mapped[]): ReadonlySet<Mapped> {
  if (all.some((l) => l.text.length > WIDTH.most)) return new Set();
  const isNumbered = all.some((l) => /^1[.)] /.test(l.text));
  const blocks = all.flatMap((l, n) => (n === 0 || l.text === '' || all[n - 1]?.text === '' ? [n] : []));
  return new Set(blocks.flatMap((from, i) => goingOnIn(all.slice(from, blocks[i + 1]), isNumbered)));
}

/** The same of lines that no empty one parts. */
function goingOnIn(block: readonly Mapped[], isNumbered: boolean): readonly Mapped[] {
  const isCell = (text: string): boolean => COLUMNS.test(text) || text.includes('|');
  const widest = Math.max(0, ...block.map((l) => l.text).flatMap((t) => (isCell(t) ? [] : [t.length])));
  if (block.length < LEAST_RUN || widest < WIDTH.least) return [];
  const goesOn = (n: number): boolean => {
    const [before, text] = [block[n - 1]?.text, block[n]?.text];
    if (before === undefined || text === undefined || isCell(before) || isCell(text)) return false;
    if (MARKED.test(text) || (isNumbered && NUMBERED.test(text)) || LABEL.test(text)) return false;
    return before.length + 1 + (/^\S+/.exec(text)?.[0].length ?? 0) > widest - SLACK;
  };
  const starts = block.flatMap((_, n) => (goesOn(n) ? [] : [n]));
  return starts.flatMap((from, i) => {
    const run = block.slice(from, starts[i + 1]);
    const share = (is: (text: string) => boolean): number => run.filter((l) => is(l.text)).length / run.length;
    const small = run.slice(1).filter((l) => /^\P{Lu}/u.test(l.text)).length;
    const isSet =
      run.length >= LEAST_RUN &&
      run.length <= MOST_RUN &&
      share((t) => SIGNED.test(t)) >= SIGNED_SHARE &&
      // notes without a point are no prose
      run.some((l) => POINT.test(l.text)) &&
      small >= SMALL_SHARE * (run.length - 1);
    return isSet && share((t) => AMOUNT_FIRST.test(t) || ROW.test(t)) < ROWS_SHARE ? run.slice(1) : [];
  });
}

/** "for the top: …": a part of its own, however small it begins. */
const PART_FIRST =
  /^(?:for )?(?:the )?(?:dough|filling|stuffing|toppings?|top|glaze|dip|sauce|finish|brushing|layers|folds|method|(?:paste|glaze|wash|coating) for the \p{L}+): |^for the \p{L}+(?: \p{L}+)?: /iu;

/** "knead 10 min – rise 60 min – divide 4": one stage after another, in a line of its own. */
const CHAIN = /^\p{L}[^.;–]{1,24} [–-] [^.;–]{1,24} [–-] [^.;–]{1,24} [–-] /u;

/** "masa harina : water = 1 : 1.3": a formula in a line of its own. */
const RATIO = /^\p{L}[\p{L} :]+ ?= ?\d/u;

/** "… (per cent of flour)", "…, 12 pcs": what is said behind the name of a bread, over its list. */
const HEAD_LAST =
  /\((?:in )?(?:per ?cent|percentages?|%|(?:a )?bakers?\b)[^()]*\)$|, \d{1,3} (?:st|pcs|pieces|breads)$/i;

/** Two lines as one; a word that was cut at the end of the first is whole again. */
const inOne = (line: Mapped, next: Mapped): Mapped =>
  /\p{Ll}-$/u.test(line.text)
    ? Mapped.join([line.slice(0, line.text.length - 1), next], '')
    : Mapped.join([line, next]);

/**
 * The lines of a text that a mail, a page of a book or a printer has set to one width, each paragraph in one line again. Such a text shows
 * itself: wherever a line goes on in small letters, the next word would not have fitted into it any more. Lines that end before that
 * width, as those of a list do, stay what they are. Empty lines part paragraphs, and are left out.
 */
export function unwrapped(all: readonly Mapped[]): readonly Mapped[] {
  const sure = goingOn(all);
  const lines = all.filter((l) => l.text !== '');
  const after = all.filter((l, n) => l.text !== '' && all[n - 1]?.text === '');
  // where every line is parted from the next they part nothing
  const opens = new Set(after.length >= SPACED_SHARE * (lines.length - 1) && lines.length > 4 ? [] : after);
  const textOf = (n: number): string => lines[n]?.text ?? '';
  const isSmall = (n: number): boolean => /^\p{Ll}/u.test(textOf(n));
  const goesOn = lines.flatMap((l, n) => (n > 0 && !opens.has(l) && isOpen(textOf(n - 1)) && isSmall(n) ? [n] : []));
  const told = Math.max(0, ...goesOn.map((n) => textOf(n - 1).length).filter((w) => w <= WIDTH.most));
  // the longest line may go on with a figure
  const width = Math.max(told, ...lines.map((l) => l.text.length).filter((w) => w <= told * MORE));
  /** Whether the first word of a line would have had no room in the one before. */
  const isFull = (n: number, slack = 0): boolean => {
    const before = textOf(n - 1).length;
    const [word = ''] = /^\S+/.exec(textOf(n)) ?? [];
    return before <= width && before + 1 + word.length > width * (1 - slack);
  };
  const full = goesOn.filter((n) => isFull(n, SLACK_SHARE)).length;
  const hasProse = goesOn.some((n) => isWork(textOf(n - 1)) || /[.!?] \p{Lu}/u.test(textOf(n - 1)));
  const isSet =
    width >= WIDTH.least &&
    full >= 4 * (goesOn.length - full) &&
    (full > 1 || (full === 1 && hasProse && lines.length <= 6));
  const isSure = isSet && full > 2;
  const mayBeWrapped = !isAllSmall(lines);
  const isNumbered = lines.some((l) => /^1[.)] /.test(l.text));
  const isMarked = (text: string): boolean => MARKED.test(text) || (isNumbered && NUMBERED.test(text));
  return lines.reduce<readonly Mapped[]>((list, line, n) => {
    const last = list.at(-1);
    const before = textOf(n - 1);
    const isWrapped =
      isSet &&
      mayBeWrapped &&
      isFull(n, isSure && isSmall(n) ? SLACK_SHARE : 0) &&
      (isOpen(before) || (isSure && isProse(before))) &&
      (isSure || !TIME_LAST.test(before) || GOES_ON.test(line.text)) &&
      isNext(before, line.text, isSure);
    const isSame =
      !opens.has(line) &&
      !isMarked(line.text) &&
      !COLUMNS.test(line.text) &&
      !line.text.includes('|') &&
      !CHAIN.test(line.text) &&
      !RATIO.test(line.text) &&
      !isNewEntry(before, line.text) &&
      (isWrapped || isParted(before, line.text)) &&
      !(isWholeList(before) && isWholeList(line.text));
    const isOwn =
      (n === 1 && HEAD_LAST.test(before)) ||
      OF_FIGURES.test(line.text) ||
      PART_FIRST.test(line.text) ||
      isFirstWork(before, line.text);
    if (!last || isOwn || !(isSame || sure.has(line))) return [...list, line];
    return [...list.slice(0, -1), inOne(last, line)];
  }, []);
}
