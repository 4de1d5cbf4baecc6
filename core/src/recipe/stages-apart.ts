import { findFood, foodsIn } from '../foods/index.ts';
import { actionsIn } from './actions.ts';
import { byQuestions } from './answers.ts';
import { clocksApart, restsBetween } from './day-plan.ts';
import { durationsIn } from './durations.ts';
import { isWholeList } from './items.ts';
import { Mapped } from './mapped.ts';
import { normalLine } from './normal-line.ts';
import { STAGE_ALONE } from './told-words.ts';

/** One step after another in one line, "mix → knead → rest"; an arrow before an amount alone only leads to it. */
const ARROW = /\s*(?:👉|→|⇒|➡\uFE0F?|\s->\s|\s=>\s)(?!\s*\d[\d.,]* ?(?:k?g|m?l|%)\s*$)\s*/gu;

/** "Yeast + water → sponge, 30 min": what is first taken is none of the list. */
export function arrowed(line: Mapped): readonly Mapped[] {
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
export const undashed = (line: Mapped): readonly Mapped[] => {
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

/** "mix > knead 8' > 1h", "mix / rest 30 / knead": such signs as commas. */
function unsigned(told: Mapped): Mapped {
  // nothing but stages is told with ">"
  const parts = told.text.split(' > ');
  const isChain =
    parts.length > 1 && parts.some((c) => actionsIn(normalLine(c)).length > 0 || durationsIn(normalLine(c)).length > 0);
  const l = isChain ? told.replace(/ > /g, ', ').replace(/^\/(?=\d{1,2},)/, 'divide into ') : told;
  const cells = l.text.split(STAGE_SIGN);
  const work = cells.length > 3 ? cells.filter((c) => actionsIn(normalLine(c)).length > 0) : [];
  return cells.length > 3 && 2 * work.length > cells.length
    ? l.replace(new RegExp(STAGE_SIGN, 'g'), ', ').replace(/ [–-] (?=\d)/g, ' ')
    : l;
}

/** Stages that stand in one line, by numbers, bars, dashes, other signs or a telegram's stops, each in a line of its own. */
export function stagesApart(lines: readonly Mapped[]): readonly Mapped[] {
  const isWired = lines.some((l) => (l.text.match(STOP) ?? []).length > 2);
  const asked = isWired
    ? lines.flatMap((l) => l.split(STOP))
    : byQuestions(lines.map(restsBetween).flatMap(numberedApart).map(asAdding).flatMap(clocksApart).map(unsigned));
  return asked.flatMap(doubleBarred).flatMap(undashed);
}
