import type { Conflict } from './result.ts';
import { celsiusOfFahrenheit, cmOfInches, roundedTo, roundHalfUp } from '../units/index.ts';
import { normalLine } from './normal-line.ts';

/** Pieces that a recipe says it makes: "makes 8", "8 to 10 flatbreads". */
export interface StatedYield {
  readonly least: number;
  readonly most: number;
  readonly text: string;
  readonly isServings: boolean;
}

const YIELD =
  /\b(makes?|yields?|gives|serves|servings?|enough for|formula for|recipe for|^dough for|quantity|portions?)\b\s*:?\s*(?:about |around |approx\.? )?(\d{1,3})(?:\s*(?:-|–|—|to|or)\s*(\d{1,3}))?(?:\s+(?:\w+[ -]){0,3}?(flatbreads?|breads?|rounds?|pieces?|wraps?|cakes?|portions?|people|servings?))?(?!\s*(?:g|kg|ml|cm|min|hours?|°)\b)/i;

export function yieldIn(text: string): StatedYield | undefined {
  const m = YIELD.exec(normalLine(text));
  const by =
    /\b(?:wraps?|breads?|flatbreads?|rounds?|pieces?)\s*[x×]\s*(\d{1,3})\b/i.exec(text) ??
    /\bfor (\d{1,3}) (?:pieces|breads|flatbreads|rounds|wraps|loaves)\b/i.exec(text) ??
    /[(,–-] ?(\d{1,3})(?: (?:pieces|breads|flatbreads|rounds|wraps|cakes))?\)?$/i.exec(text);
  if (!m && by) return { least: Number(by[1]), most: Number(by[1]), text: by[0], isServings: false };
  if (!m) return undefined;
  const [all, verb = '', least = '', most, noun = ''] = m;
  const isServings = /serv|enough|portion/i.test(verb) || /people|serving|portion/i.test(noun);
  return {
    least: Number(least),
    most: Number(most ?? least),
    text: all,
    isServings: isServings && !/bread|round|piece|wrap|cake/i.test(noun),
  };
}

/** The number of pieces that a step divides into: "divide into 8", "cut into 6 to 8 pieces". */
export function divisionIn(
  text: string,
): { readonly least: number; readonly most: number; readonly text: string } | undefined {
  const m =
    /\b(?:into|in|to|make|form|shape|off)\s+(?:about )?(\d{1,3})(?:\s*(?:-|–|to|or)\s*(\d{1,3}))?(?!\d|\s*(?:cm|mm|g|in|inch)\b)\s*(?:\w+[ -]){0,3}?(?:pieces?|balls?|portions?|parts?|rounds?|lumps?|quarters|equal|breads?|farls?|wedges?|squares?)\b/i.exec(
      text,
    );
  if (m) return { least: Number(m[1]), most: Number(m[2] ?? m[1]), text: m[0] };
  const halves = /\bhalve\b[^.]*\beach half in(?:to)? (\d{1,2})\b/i.exec(text);
  if (halves) return { least: 2 * Number(halves[1]), most: 2 * Number(halves[1]), text: halves[0] };
  const bare =
    /(?:^|[.;/] |\n)(\d{1,3})(?:\s*(?:-|–|to|or)\s*(\d{1,3}))? (?:even |equal )?(?:pieces|balls|rounds|portions)\b|\b(?:div|divide) (\d{1,3})\b(?! ?g)/i.exec(
      text,
    );
  if (bare) return { least: Number(bare[1] ?? bare[3]), most: Number(bare[2] ?? bare[1] ?? bare[3]), text: bare[0] };
  const plain =
    /\b(?:divides?|cuts?|split|parted|portion)\b[^.]*?\bin(?:to)? (\d{1,3})(?:\s*(?:-|–|to|or)\s*(\d{1,3}))?\b(?!\s*(?:g|cm|mm|min|in\b))/i.exec(
      text,
    );
  if (plain) return { least: Number(plain[1]), most: Number(plain[2] ?? plain[1]), text: plain[0] };
  return /\bcut\b[^.]*\binto quarters\b|\bquarter (?:it|the)\b/i.test(text)
    ? { least: 4, most: 4, text: 'quarters' }
    : undefined;
}

/** Grams of a piece: "about 70 g each", "balls of 60-70 g". */
export function pieceWeightIn(text: string): { readonly g: number; readonly text: string } | undefined {
  const m =
    /(?:of|into|to|off|weigh\w*)?\s*(?:about |around |approx\.? )?(\d{2,3}(?:\.\d)?)(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g\b\s*(?:each|apiece|per|balls?|pieces?|squares?|spoonfuls?|portions?|lumps?)/i.exec(
      text,
    ) ??
    /\b(?:balls?|pieces?|portions?|lumps?|breads?|flatbreads?|spoonfuls?|ladles?) (?:(?:it|them|each) )?(?:(?:of|weighing|at|@|à)(?: about| around| approx\.?)? |, about )?(\d{2,3}(?:\.\d)?)(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g\b/i.exec(
      text,
    ) ??
    /\b(?:(?:scal(?:e|ing)|divide|portion)[:,]?(?: (?:it|them|the dough))?(?: at| to| in(?:to)?)?|(?:divide|portion|scale|cut|pieces?)\w*(?: \w+){0,3}? (?:at|to|of|à|@)) (?:about )?(\d{2,3}(?:\.\d)?)(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g\b/i.exec(
      text,
    ) ??
    /\b(?:piece|ball)s? weights?:? (?:about )?(\d{2,3}(?:\.\d)?)(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g\b/i.exec(text) ??
    /\bin(?:to)? \d{1,3}(?: \w+){0,3} ?\((?:about |around |approx\.? |ca\.? |~ ?)?(\d{2,3}(?:\.\d)?)(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g\b/i.exec(
      text,
    ) ??
    /\b(?:breads?|flatbreads?|pieces?|balls?|rounds?|wraps?|dividing|divide) \((?:about |around |approx\.? |ca\.? )?(\d{2,3}(?:\.\d)?)(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g\)/i.exec(
      text,
    ) ??
    /(?:^|[;.] )(\d{2,3})(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g, ?(?:round|ball)/im.exec(text) ??
    /\b(\d{2,3})(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g (?:of )?batter (?:per|a|for each)\b/i.exec(text) ??
    /\bladle(?:ful)?s? (?:of (?:the )?batter )?\((?:about |around )?(\d{2,3}(?:\.\d)?)(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g\b/i.exec(
      text,
    ) ??
    /\bweight of (?:the |each |a )?(?:pieces?|balls?):? (?:about )?(\d{2,3}(?:\.\d)?)(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g\b/i.exec(
      text,
    ) ??
    /\b(?:the size of|as big as) [\w ]{3,20}\((?:about |around )?(\d{2,3}(?:\.\d)?)(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g\b/i.exec(
      text,
    ) ??
    /\beach (?:weighing |of |ball |piece )?(?:about )?(\d{2,3}(?:\.\d)?)(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g\b/i.exec(
      text,
    );
  if (!m) return undefined;
  return { g: (Number(m[1]) + Number(m[2] ?? m[1])) / 2, text: m[0].trim() };
}

const LENGTH = /(\d+(?:\.\d+)?)(?:\s*(?:-|–|to)\s*(\d+(?:\.\d+)?))?\s*(cm|mm)\b/gi;
const INCHES =
  /(?<!\d)(\d+(?:\.\d+)?(?:\s*[½¼¾⅛]|\s+\d\/\d)?|[½¼¾⅛]|\d\/\d)\s*(?:-\s*)?(?:inch(?:es)?\b|in\b\.?(?=[\s),.;]|$)|["”])/gi;
const INCH_SIGNS: Readonly<Record<string, number>> = { '½': 0.5, '¼': 0.25, '¾': 0.75, '⅛': 0.125 };

function inchValue(text: string): number {
  const sign = Array.from(text).find((c) => c in INCH_SIGNS);
  const parts = text
    .replace(/[½¼¾⅛]/g, '')
    .trim()
    .split(/\s+/)
    .filter((p) => p !== '');
  const sum = parts.reduce(
    (s, p) => s + (p.includes('/') ? Number(p.split('/')[0]) / Number(p.split('/')[1]) : Number(p)),
    0,
  );
  return sum + (sign === undefined ? 0 : (INCH_SIGNS[sign] ?? 0));
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

/** Diameter and thickness that a text names, metric first; millimetres and what stands by "thick" are thickness. */
export function sizeIn(text: string): StatedSize {
  let diameterCm: number | undefined;
  let thicknessMm: number | undefined;
  const words: string[] = [];
  /** What a piece is rolled or flattened to last is its size. */
  const take = (cm: number, at: number, all: string, isMm: boolean, isOnce = false): void => {
    const behind = text.slice(at + all.length, at + all.length + 10).split(/[.\n]/)[0] ?? '';
    const around = `${text.slice(Math.max(0, at - 14), at)}${all}${behind}`.toLowerCase();
    if (
      isMm ||
      (/thick|thin\b/.test(text.slice(at, at + all.length + 10).toLowerCase()) && cm < 4) ||
      /thickness of\W*$/.test(text.slice(0, at).toLowerCase())
    )
      thicknessMm ??= cm * 10;
    else if (cm >= 5 && cm <= 60 && !/\bpan\b|\bskillet\b/.test(around)) diameterCm = isOnce ? (diameterCm ?? cm) : cm;
    else return;
    words.push(all.trim());
  };
  for (const m of text.matchAll(LENGTH)) {
    // of "20 cm by 12 cm" the first is taken
    if (isSecond(text, m.index)) continue;
    const value = middleOf(m[1], m[2]);
    take(m[3]?.toLowerCase() === 'mm' ? value / 10 : value, m.index, m[0], m[3]?.toLowerCase() === 'mm');
  }
  for (const m of text.matchAll(INCHES)) take(cmOfInches(inchValue(m[1] ?? '')), m.index, m[0], false, true);
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
  for (const m of text.matchAll(PAIR_DEGREES)) {
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
  for (const m of text.matchAll(PAIR_LENGTH)) length(m[0], Number(m[1]), m[2] ?? 'cm', inchValue(m[3] ?? ''));
  for (const m of text.matchAll(PAIR_LENGTH_TURNED)) length(m[0], Number(m[2]), m[3] ?? 'cm', inchValue(m[1] ?? ''));
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
  return [diameterCm, 2 * diameterCm, thicknessMm / 10].some((is) => Math.abs(is - cm) <= 0.1 * cm);
}

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
  for (const pattern of [LENGTH, INCHES, /\d{2,3}\s*(?:-\s*\d{2,3}\s*)?(?:°|º|degrees?\b)(?:\s*[CF]\b)?/gi])
    for (const m of text.matchAll(pattern))
      if (pattern !== LENGTH || (isOfPiece(m, piece) && !isSecond(text, m.index)))
        found.push({ at: m.index, length: m[0].length });
  return found;
}
