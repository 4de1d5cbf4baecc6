import { ASIDE, COOK, FINISH, SERVE } from './lexicon/cooking.ts';
import { BLOOM, FOLD, HEAT, JOB, KNEAD, KNOCK, MIX, RUB, SCALD } from './lexicon/dough.ts';
import { BALL, CLAP, COIL, DIVIDE, FILL, ROLL, SHAPE } from './lexicon/pieces.ts';
import { CHILL, PROOF, REST, TEMPER } from './lexicon/waiting.ts';
import { PhraseIndex } from './lexicon/phrase-index.ts';
import type { Phrases } from './lexicon/phrases.ts';
import { remembered } from '../remembered.ts';

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

const INDEX = new PhraseIndex(WORDS.map(([, phrases]) => phrases));

/** The actions of a text, in its order; where two claim the same words, the one first in the list has them. */
export const actionsIn = remembered((text: string): readonly FoundAction[] => {
  const found: FoundAction[] = [];
  for (const { entry, at, length } of INDEX.in(text)) {
    const action = WORDS[entry]?.[0];
    const isFree = !found.some((f) => at < f.at + f.length && at + length > f.at);
    if (action && isFree) found.push({ action, at, length });
  }
  return found.sort((a, b) => a.at - b.at);
});
