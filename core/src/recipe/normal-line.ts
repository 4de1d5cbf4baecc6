import { Mapped } from './mapped.ts';
import { remembered } from '../remembered.ts';
import { ENTRIES } from './spelling/entries.ts';
import { FIGURES } from './spelling/figures.ts';
import { FOREIGN_MEASURES } from './spelling/foreign-measures.ts';
import { MEASURES } from './spelling/measured.ts';
import { inOrder } from './spelling/rule.ts';
import { MACHINE_SPEEDS } from './spelling/speeds.ts';
import { STAGE_WORDS } from './spelling/stages.ts';
import { SIZES, TIMES } from './spelling/spans.ts';
import { WORK_TOLD } from './spelling/told-work.ts';
import { VOICES } from './spelling/voices.ts';

/** In this order: a rule of one builds on what those before it have spelled. */
const spelled = inOrder([
  ...FOREIGN_MEASURES,
  ...TIMES,
  ...SIZES,
  ...VOICES,
  ...STAGE_WORDS,
  ...ENTRIES,
  ...FIGURES,
  ...MACHINE_SPEEDS,
  ...WORK_TOLD,
  ...MEASURES,
]);

/** A line in one spelling: number words as figures, fractions of measures, decimal points, units set apart. */
export function normal(line: Mapped): Mapped {
  return line.spelledAs(spelledAnew(line.text));
}
const spelledAnew = remembered((line: string): Mapped => spelled(Mapped.of(line)).trim());
/** The same of words whose place nobody asks for. */
export const normalLine = (line: string): string => spelledAnew(line).text;

/** A line without the mark of a list, and whether it had the number of a step. */
export function withoutBullet(line: Mapped): Mapped {
  return (
    line
      .replace(/^\s*(?:(?![©®™])\p{Extended_Pictographic}\uFE0F?\s*)+/u, '')
      .replace(/^\s*(?:[-=]>|(?:[-*] )?\[[ xX]?\]|o(?=\s+\p{Lu})|[•*·▢□☐✓‣◦►>#①-⑳]+|[-–—]+(?=\s))\s*/u, '')
      // "3 BULK PROOF – 65 minutes"
      .replace(
        /^\s*\d{1,2}\s+(?=(?:MIX|KNEAD|(?:BULK )?PROOF|BULK|(?:BENCH )?REST|DIVIDE|SCALE|BALL|ROUND|SHAPE|FLATTEN|STRETCH|ROLL|FOLD|CHILL|COOK|BAKE|BRUSH)\b)/,
        '',
      )
      // "3 / 8 x 170 g, balls"
      .replace(/^\s*\d{1,2} \/ (?=\p{Ll}{3}|\d{1,2} ?[x×])/u, '')
      // "1 – Mix everything"
      .replace(/^\s*\d{1,2} [–—-] (?=\p{Lu}\p{Ll}+ )/u, '')
      .replace(
        /^\s*(?:(?:step|stage|part|phase|no\.?|#)\s*\d{1,2}\s*[–—.):-]|\d{1,2}\s*[.):]|[a-z]\)|\(\d{1,2}\))\s+/i,
        '',
      )
      .trim()
  );
}

const placeOfLetter = (letter: string): number => letter.toLowerCase().charCodeAt(0) - 'a'.charCodeAt(0) + 1;
/** What counts the lines of a text: "1 Wash", "2 Put", "3 Knead", "A. Mix", "B. Rest", "C. Shape", or "stage A, evening: …". */
const COUNTED: readonly (readonly [RegExp, (mark: string) => number])[] = [
  [/^(\d{1,2})\s+(?=\p{Lu}\p{Ll}|\d{1,2} \p{Ll}{4})/u, Number],
  [/^([A-H])[.):]\s+(?=[\p{Lu}\d])/u, placeOfLetter],
  [/^([a-h])\.\s+(?=[\p{L}\d])/u, placeOfLetter],
  [/^(?:stage|step|part|phase) ([a-h])(?:,? \p{Ll}+(?: \p{Ll}+)?)?[.):]\s+(?=[\p{L}\d])/iu, placeOfLetter],
];
/** The lines without figures or letters that only count them, where these run on from the first. */
export function withoutNumbers(told: readonly Mapped[]): readonly Mapped[] {
  return COUNTED.reduce((lines, [mark, placeOf]) => {
    let next = 1;
    const counted = new Set<Mapped>();
    for (const l of lines)
      if (placeOf(mark.exec(l.text)?.[1] ?? '') === next) {
        counted.add(l);
        next++;
      }
    return counted.size < 3 ? lines : lines.map((l) => (counted.has(l) ? l.replace(mark, '') : l));
  }, told);
}
