import { densityOf, pieceDiameterCm, pieceGrams, pieceThicknessMm, type Bread } from '../bread/index.ts';
import { fixedText, roundedTo, roundHalfUp } from '../units/index.ts';
import { sizeIn } from './figures-in-text.ts';
import type { ReadIngredient } from './ingredient-line.ts';
import { divisionIn, pieceWeightIn, yieldIn } from './pieces-in-text.ts';
import type { Conflict, Guess } from './result.ts';

/** What a dough loses on the way to the pieces. */
export const LOSS_PCT = 3;
const USUAL_PIECE_G = 80;

/** Pieces that the dough is for, and what each of them weighs where a text says so. */
export interface Count {
  readonly pieces: number;
  readonly pieceG: number | undefined;
}

export function piecesOf(
  facts: readonly string[],
  title: string,
  lines: readonly ReadIngredient[],
  method: string,
  guesses: Guess[],
  conflicts: Conflict[],
): Count {
  const yields = [...facts, title].map(yieldIn).filter((y) => y !== undefined);
  const stated = yields.find((y) => !y.isServings) ?? yields[0];
  const divided = divisionIn(method);
  const weight = pieceWeightIn(method) ?? facts.map((f) => pieceWeightIn(f)).find((w) => w !== undefined);
  const dough = lines.filter((l) => l.use === 'dough');
  const flourG = dough.reduce((sum, l) => sum + (l.food?.role === 'flour' ? (l.weight?.g ?? 0) : 0), 0);
  // "500 g flour, water 70 %": what is told as a share weighs its part of the flour
  const doughG = dough.reduce((sum, l) => sum + (l.weight?.g ?? ((l.pct ?? 0) * flourG) / 100), 0);
  // how many people eat says nothing of how many breads each has
  const made = stated?.isServings === true && (divided ?? weight) ? undefined : stated;
  const range = made ?? divided;
  if (made && divided && (divided.least > made.most || divided.most < made.least))
    conflicts.push({
      paths: ['piece.doughG'],
      what: `it is said to make ${made.text.replace(/^\D*/, '')}, but is divided into ${divided.least === divided.most ? divided.least : `${divided.least} to ${divided.most}`}`,
    });
  const exact = divided && divided.least === divided.most ? divided.least : undefined;
  let pieces = exact ?? (range ? roundHalfUp((range.least + range.most) / 2) : undefined);
  if (pieces !== undefined && exact === undefined && range && range.most > range.least)
    guesses.push({
      path: 'piece.doughG',
      from: range.text,
      why: `"${range.least} to ${range.most}" is taken as ${pieces}`,
    });
  if (made?.isServings === true)
    guesses.push({ path: 'piece.doughG', from: made.text, why: 'one bread is taken for each serving' });
  if (pieces === undefined && weight) pieces = Math.max(1, roundHalfUp(doughG / (1 + LOSS_PCT / 100) / weight.g));
  if (pieces === undefined) {
    pieces = Math.max(1, roundHalfUp(doughG / USUAL_PIECE_G));
    guesses.push({
      path: 'piece.doughG',
      from: '',
      why: `no number of pieces is told; ${USUAL_PIECE_G} g a piece is taken`,
    });
  }
  // shares alone say how many, and not how heavy
  const isShares = doughG === 0 && lines.some((l) => l.use === 'dough' && l.pct !== undefined);
  if (!weight && isShares && range) {
    guesses.push({
      path: 'piece.doughG',
      from: range.text,
      why: `percentages alone do not say how heavy a piece is; ${USUAL_PIECE_G} g is taken`,
    });
    return { pieces: Math.max(1, pieces), pieceG: USUAL_PIECE_G };
  }
  if (weight && doughG > 0) {
    const by = doughG / (1 + LOSS_PCT / 100) / weight.g;
    if (range ? by < range.least * 0.88 || by > range.most * 1.12 : Math.abs(by - pieces) / pieces > 0.12)
      conflicts.push({
        paths: ['piece.doughG'],
        what: `the dough weighs ${roundHalfUp(doughG)} g: ${fixedText(by, 1)} pieces of ${roundHalfUp(weight.g)} g, not ${range && range.least < range.most ? `${range.least} to ${range.most}` : pieces}`,
      });
  }
  return { pieces: Math.max(1, pieces), pieceG: weight?.g };
}

const USUAL_THICKNESS_MM = 3;
/** Thickness beyond which a stated diameter cannot be meant for one rolled sheet, in mm. */
const THICKNESS_MM = { least: 1, most: 25 } as const;

export function pieceOf(
  doughG: number,
  count: Count,
  steps: Bread['steps'],
  text: string,
  guesses: Guess[],
  conflicts: Conflict[],
): Bread['piece'] {
  const shared = doughG / (1 + LOSS_PCT / 100) / count.pieces;
  const grams = roundedTo(Math.min(100_000, Math.max(1, count.pieceG ?? shared)), 1);
  const density = densityOf({ steps });
  const size = sizeIn(text);
  const shape = shapeOf(text);
  let { thicknessMm } = size;
  // a text gives the round that wedges are cut of, a piece its radius
  let diameterCm = shape === 'wedge' && size.diameterCm !== undefined ? size.diameterCm / 2 : size.diameterCm;
  if (diameterCm !== undefined && thicknessMm !== undefined) {
    const by = pieceGrams({ diameterCm, shape }, thicknessMm, density);
    if (Math.abs(by - grams) / grams > 0.5)
      conflicts.push({
        paths: ['piece.doughG', 'piece.diameterCm', 'piece.thicknessMm'],
        what: `a piece of ${roundedTo(diameterCm, 1)} cm and ${roundedTo(thicknessMm, 1)} mm weighs about ${roundHalfUp(by)} g, the dough gives ${roundHalfUp(grams)} g`,
      });
  } else if (diameterCm === undefined) {
    thicknessMm ??= USUAL_THICKNESS_MM;
    diameterCm = pieceDiameterCm(grams, thicknessMm, density, { shape });
    guesses.push({
      path: 'piece.diameterCm',
      from: '',
      why: `worked out from ${roundHalfUp(grams)} g at ${thicknessMm} mm and a density of ${density} g/cm³`,
    });
  } else {
    const by = pieceThicknessMm(grams, { diameterCm, shape }, density);
    if (by >= THICKNESS_MM.least && by <= THICKNESS_MM.most) {
      thicknessMm = by;
      guesses.push({
        path: 'piece.thicknessMm',
        from: '',
        why: `worked out from ${roundHalfUp(grams)} g and ${roundedTo(diameterCm, 1)} cm at a density of ${density} g/cm³`,
      });
    }
  }
  return {
    doughG: grams,
    diameterCm: roundedTo(Math.min(500, Math.max(1, diameterCm)), 1),
    ...(thicknessMm === undefined ? {} : { thicknessMm: roundedTo(Math.min(200, Math.max(0.1, thicknessMm)), 1) }),
    shape,
  };
}

function shapeOf(text: string): string {
  if (/\boval|tear-?drop|tongue\b/i.test(text)) return 'oval';
  // batter is poured in a spiral and is round
  if (/\bcoil|(?<!\bin an? )spiral|snail\b/i.test(text)) return 'coil';
  if (/\b(?:half-?moons?|in half over the filling)\b/i.test(text)) return 'half';
  if (/(?<!\bfold(?:ed|ing)? (?:\w+ )?in(?:to)? )\b(?:quarters|wedges|triangles|farls?)\b/i.test(text)) return 'wedge';
  if (/\b(?:into|in) (?:a )?squares?|envelope\b/i.test(text)) return 'square';
  return /\bpocket\b/i.test(text) ? 'pocket' : 'round';
}
