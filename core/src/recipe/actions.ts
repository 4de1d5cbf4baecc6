import { ASIDE, COOK, FINISH, SERVE } from './lexicon/cooking.ts';
import { BLOOM, FOLD, HEAT, JOB, KNEAD, KNOCK, MIX, RUB, SCALD } from './lexicon/dough.ts';
import { BALL, CLAP, COIL, DIVIDE, FILL, ROLL, SHAPE } from './lexicon/pieces.ts';
import { CHILL, PROOF, REST, TEMPER } from './lexicon/waiting.ts';
import { wordOpenings } from './lexicon/opening-letters.ts';
import type { Phrases } from './lexicon/phrases.ts';
import { remembered } from './remembered.ts';

/** What hands (or nobody) do in a piece of the method; `heat`, `aside` and `serve` are read but are no steps. */
export type Action =
  | 'bloom'
  | 'rub'
  | 'scald'
  | 'mix'
  | 'knead'
  | 'knock'
  | 'fold'
  | 'rest'
  | 'proof'
  | 'chill'
  | 'temper'
  | 'divide'
  | 'ball'
  | 'shape'
  | 'roll'
  | 'fill'
  | 'coil'
  | 'cook'
  | 'finish'
  | 'clap'
  | 'heat'
  | 'aside'
  | 'job'
  | 'serve';

/** An action with where its words stand. */
export interface FoundAction {
  readonly action: Action;
  readonly at: number;
  readonly length: number;
}

/**
 * Words of each action, tried in this order at every place: the special before the general, so that "roll into balls" is balling and
 * "knock back and knead" is knocking back.
 */
const WORDS: readonly (readonly [Action, Phrases])[] = [
  ['aside', ASIDE],
  ['heat', HEAT],
  ['job', JOB],
  ['bloom', BLOOM],
  ['rub', RUB],
  ['scald', SCALD],
  ['knock', KNOCK],
  ['temper', TEMPER],
  ['chill', CHILL],
  ['fold', FOLD],
  ['ball', BALL],
  ['divide', DIVIDE],
  ['coil', COIL],
  ['clap', CLAP],
  ['fill', FILL],
  ['roll', ROLL],
  ['shape', SHAPE],
  ['knead', KNEAD],
  ['proof', PROOF],
  ['rest', REST],
  ['finish', FINISH],
  ['cook', COOK],
  ['mix', MIX],
  ['serve', SERVE],
];

function haveSome(letters: ReadonlySet<string>, opening: ReadonlySet<string>): boolean {
  for (const l of letters) if (opening.has(l)) return true;
  return false;
}

/** The actions of a text, in its order; where two claim the same words, the one first in the list has them. */
export const actionsIn = remembered((text: string): readonly FoundAction[] => {
  const found: FoundAction[] = [];
  const opening = wordOpenings(text);
  for (const [action, { pattern, opens }] of WORDS) {
    // most lines hold no word with which a phrase of it could begin
    if (opens && !haveSome(opens, opening)) continue;
    // one expression for all texts: a copy of it for each would cost more than what it finds
    pattern.lastIndex = 0;
    for (let m = pattern.exec(text); m !== null; m = pattern.exec(text)) {
      const [at, end] = [m.index, m.index + m[0].length];
      if (!found.some((f) => at < f.at + f.length && end > f.at)) found.push({ action, at, length: m[0].length });
    }
  }
  return found.sort((a, b) => a.at - b.at);
});
