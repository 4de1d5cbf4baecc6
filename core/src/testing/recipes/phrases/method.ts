import { MIXING, SCOPES, TIMES, WAITING } from './dough.ts';
import { AFTERWARDS, COOKING, RUNS } from './griddle.ts';
import { LAYERING, PIECES, SHAPING } from './pieces.ts';
import type { PhraseBank } from './phrase-bank.ts';

/** A list that says nothing of the method, without yeast, so that a rest is what its own words say. */
export const PHRASE_LIST = 'Rounds\n\n500 g flour\n300 g water\n10 g salt\n\nMethod\n';

export const PHRASE_BANKS: readonly PhraseBank[] = [
  WAITING,
  PIECES,
  SHAPING,
  LAYERING,
  COOKING,
  MIXING,
  TIMES,
  SCOPES,
  RUNS,
  AFTERWARDS,
];
