import { doughTempsIn } from './dough-temperature.ts';
import { foundIn } from './needs.ts';
import type { Conflict } from './result.ts';
import { celsiusOfFahrenheit, cmOfInches, roundedTo, roundHalfUp } from '../units/index.ts';
import { divisionIn, pieceWeightIn } from './pieces-in-text.ts';
import { FRACTION_SIGNS } from './number-words.ts';

const LENGTH = /(\d+(?:\.\d+)?)(?:\s*(?:-|–|to)\s*(\d+(?:\.\d+)?))?\s*(cm|mm)\b/gi;
const INCHES =
  /(?<!\d)(\d+(?:\.\d+)?(?:\s*[½¼¾⅛]|\s+\d\/\d)?|[½¼¾⅛]|\d\/\d)\s*(?:-\s*)?(?:inch(?:es)?\b|in\b\.?(?=[\s),.;]|$)|["”])/gi;

function inchValue(text: string): number {
  const sign = Array.from(text).find((c) => c in FRACTION_SIGNS);
  const parts = text
    .replace(/[½¼¾⅛]/g, '')
    .trim()
    .split(/\s+/)
    .filter((p) => p !== '');
  const sum = parts.reduce(
    (s, p) => s + (p.includes('/') ? Number(p.split('/')[0]) / Number(p.split('/')[1]) : Number(p)),
    0,
  );
  return sum + (sign === undefined ? 0 : (FRACTION_SIGNS[sign] ?? 0));
}

/** The middle of a range; "roll three to 20 cm" is none. */
const middleOf = (least: string | undefined, most: string | undefined): number => {
  const [a, b] = [Number(least), Number(most ?? least)];
  return b > 2.5 * a ? b : (a + b) / 2;
};
const isSecond = (text: string, at: number): boolean => /\d\s*(?:cm|mm)?\s*(?:x|×|by)\s*$/i.test(text.slice(0, at));

export interface StatedSize {
  readonly diameterCm: number | undefined;
  readonly thicknessMm: number | undefined;
  readonly text: string;
}

/** "Press into a 30 cm pan": as large as that is the bread. */
const INTO_PAN =
  /\b(?:press|pat|pour|spread|stretch)\w* (?:(?:it|the dough|the batter|out) )*in(?:to)? (?:an?|the|\d) (?:\p{L}+ )?$/iu;
/** No bread is so narrow. */
const MOST_THICK_CM = 2.5;

/** Diameter and thickness that a text names, metric first; millimetres and what stands by "thick" are thickness. */
export function sizeIn(text: string): StatedSize {
  let diameterCm: number | undefined;
  let thicknessMm: number | undefined;
  const words: string[] = [];
  /** What a piece is rolled or flattened to last is its size. */
  const take = (cm: number, at: number, all: string, isMm: boolean, isOnce = false): void => {
    const behind = text.slice(at + all.length, at + all.length + 10).split(/[.,;\n]/)[0] ?? '';
    const around = `${text.slice(Math.max(0, at - 14), at)}${all}${behind}`.toLowerCase();
    if (
      (isMm && cm <= 2.5) ||
      (/thick|thin\b|\bhigh\b/.test(text.slice(at, at + all.length + 10).toLowerCase()) && cm < 4) ||
      /thickness of\W*$/.test(text.slice(0, at).toLowerCase())
    )
      thicknessMm ??= cm * 10;
    else if (!isOnce && cm >= 0.2 && cm <= 2.5 && /\b(?:roll|pat|press|flatten)[^.\n]*$/i.test(text.slice(0, at)))
      thicknessMm ??= cm * 10;
    else if (
      cm >= 5 &&
      cm <= 60 &&
      (INTO_PAN.test(text.slice(0, at)) || !/\bpan\b|\bskillet\b|\b(?:pin|table|board|ruler) is\b/.test(around))
    )
      diameterCm = isOnce ? (diameterCm ?? cm) : cm;
    else return;
    words.push(all.trim());
  };
  for (const m of foundIn(text, LENGTH)) {
    const value = middleOf(m[1], m[2]);
    // of "20 cm by 12 cm" the first is taken, of "10 cm x 1 cm" the second is how thick it is
    if (isSecond(text, m.index)) {
      if (m[3]?.toLowerCase() === 'cm' && value <= MOST_THICK_CM) thicknessMm ??= value * 10;
      continue;
    }
    take(m[3]?.toLowerCase() === 'mm' ? value / 10 : value, m.index, m[0], m[3]?.toLowerCase() === 'mm');
  }
  for (const m of foundIn(text, INCHES)) take(cmOfInches(inchValue(m[1] ?? '')), m.index, m[0], false, true);
  return { diameterCm, thicknessMm, text: words.join(', ') };
}

/** What recipes round: degrees to tens, inches to whole ones. */
const TOLERANCE = { degreesC: 6, length: 0.08, leastMm: 1 } as const;
const PAIR_LENGTH =
  /(\d+(?:\.\d+)?)\s*(cm|mm)\s*(?:\(|\/|or|,)?\s*(?:about |approx\.? )?(\d+(?:\.\d+)?(?:\s*[½¼¾⅛]|\s+\d\/\d)?|[½¼¾⅛]|\d\/\d)\s*(?:-\s*)?(?:inch(?:es)?\b|in\b\.?|["”])/gi;
const PAIR_LENGTH_TURNED =
  /(\d+(?:\.\d+)?(?:\s*[½¼¾⅛]|\s+\d\/\d)?|[½¼¾⅛]|\d\/\d)\s*(?:-\s*)?(?:inch(?:es)?\b|in\b\.?|["”])\s*(?:\(|\/|or|,)\s*(?:about |approx\.? )?(\d+(?:\.\d+)?)\s*(cm|mm)\b/gi;
const PAIR_DEGREES =
  /(\d{2,3})\s*(?:°|º|degrees?)?\s*([CF])\b\s*(?:\(|\/|or|,|;)?\s*(?:about |approx\.? )?(\d{2,3})\s*(?:°|º|degrees?)?\s*([CF])\b/gi;

/** What was cut out of a text, with the bracket that it opened shut. */
const closed = (text: string): string => (text.includes('(') && !text.includes(')') ? `${text})` : text);

/** Pairs of figures in a text that mean one thing and do not agree: °C against °F, centimetres against inches. */
export function pairConflicts(text: string, paths: readonly string[]): readonly Conflict[] {
  const conflicts: Conflict[] = [];
  for (const m of foundIn(text, PAIR_DEGREES)) {
    const [all, a = '', first = '', b = '', second = ''] = m;
    if (first.toUpperCase() === second.toUpperCase()) continue;
    const [c, f] = first.toUpperCase() === 'C' ? [Number(a), Number(b)] : [Number(b), Number(a)];
    const right = celsiusOfFahrenheit(f);
    if (Math.abs(c - right) > TOLERANCE.degreesC)
      conflicts.push({
        paths,
        what: `"${closed(all)}": ${f} °F is ${roundHalfUp(right)} °C, not ${c} °C`,
      });
  }
  const length = (all: string, value: number, unit: string, inches: number): void => {
    const cm = unit.toLowerCase() === 'mm' ? value / 10 : value;
    const right = cmOfInches(inches);
    if (Math.abs(cm - right) <= Math.max(right * TOLERANCE.length, TOLERANCE.leastMm / 10)) return;
    const shown = unit.toLowerCase() === 'mm' ? `${roundHalfUp(right * 10)} mm` : `${roundedTo(right, 1)} cm`;
    conflicts.push({
      paths,
      what: `"${closed(all)}": ${roundedTo(inches, 3)} in is ${shown}, not ${value} ${unit}`,
    });
  };
  for (const m of foundIn(text, PAIR_LENGTH)) length(m[0], Number(m[1]), m[2] ?? 'cm', inchValue(m[3] ?? ''));
  for (const m of foundIn(text, PAIR_LENGTH_TURNED)) length(m[0], Number(m[2]), m[3] ?? 'cm', inchValue(m[1] ?? ''));
  return conflicts;
}

/** How large a piece is: across, in cm, and thick, in mm. */
export interface PieceSize {
  readonly diameterCm: number;
  readonly thicknessMm?: number | undefined;
}

/** Whether a length is the diameter of a piece, of the round that its wedges are cut of, or its thickness. */
function isOfPiece([, least, most, unit]: RegExpExecArray, { diameterCm, thicknessMm = 0 }: PieceSize): boolean {
  const cm = middleOf(least, most) * (unit?.toLowerCase() === 'mm' ? 0.1 : 1);
  return [diameterCm, 2 * diameterCm, thicknessMm / 10].some((is) => Math.abs(is - cm) <= 0.1 * is);
}

/** "Fill one half (75 g each)", "put 75 g of filling on one half": what each bread gets; whether it has so much is asked of the whole. */
const PUT_IN =
  /(?<=\b(?:fill(?:ing)?|topping|stuff(?:ing)?)\b[^.;\n]{0,40}\((?:about |~ ?)?)\d{2,3} ?g(?= each\b)|\b\d{2,3} ?g(?= of (?:the |your )?(?:filling|stuffing|topping)\b)/gi;

/**
 * Sizes, weights of a piece, numbers of pieces and degrees that a text of one spelling names: what is read of it beside its times. Of its
 * lengths those that `piece` has.
 */
export function figuresIn(text: string, piece: PieceSize): readonly { readonly at: number; readonly length: number }[] {
  const found: { at: number; length: number }[] = [];
  const take = (words: string | undefined): void => {
    const at = words === undefined || words === '' ? -1 : text.indexOf(words);
    if (at >= 0) found.push({ at, length: words?.length ?? 0 });
  };
  take(divisionIn(text)?.text);
  take(pieceWeightIn(text)?.text);
  found.push(...doughTempsIn(text));
  for (const m of foundIn(text, PUT_IN)) found.push({ at: m.index, length: m[0].length });
  for (const pattern of [LENGTH, INCHES, /\d{1,3}(?:\.\d)?\s*(?:-\s*\d{1,3}\s*)?(?:°|º|degrees?\b)(?:\s*[CF]\b)?/gi])
    for (const m of foundIn(text, pattern))
      if (pattern !== LENGTH || (isOfPiece(m, piece) && !isSecond(text, m.index)))
        found.push({ at: m.index, length: m[0].length });
  return found;
}
