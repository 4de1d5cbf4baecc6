import type { Bread } from '../bread/index.ts';
import type { RecipeChoice } from './several.ts';

/** Something that the recipe does not say, or not exactly: where it is in the bread, from which words, and why it is what it is. */
export interface Guess {
  readonly path: string;
  readonly from: string;
  readonly why: string;
}

/** Figures of the recipe that do not agree: where they stand in the bread, and what they say. */
export interface Conflict {
  readonly paths: readonly string[];
  readonly what: string;
}

/** Hears how much of a reading is done, from 0 to 1. */
export type OnShare = (share: number) => void;

export type WordOwner =
  'title' | 'heading' | 'ingredient' | 'step' | 'fact' | 'keeping' | 'trouble' | 'remark' | 'noise' | 'aside' | 'none';

/** Words of the text, by where they stand in it, and what they became: a part of the bread, by its path, or something beside it. */
export interface OwnedWords {
  readonly from: number;
  readonly to: number;
  readonly owner: WordOwner;
  readonly path?: string;
}

/** What somebody says that a stretch of the text is, against what was read. */
export interface GivenOwner {
  readonly from: number;
  readonly to: number;
  readonly owner: 'ingredient' | 'step' | 'aside';
}

/** What came of a recipe: the bread, or none where nothing to bake was found; what was guessed; what disagrees; what was passed over. */
export interface ImportedRecipe {
  readonly bread: Bread | null;
  readonly guesses: readonly Guess[];
  readonly conflicts: readonly Conflict[];
  readonly notUnderstood: readonly string[];
  /** What it says of keeping, freezing and bringing back, in its own words. */
  readonly keeping: readonly string[];
  /** The recipes of a text that holds several, of which one was read; none where it holds one. */
  readonly choices: readonly RecipeChoice[];
  /** Every word of the text with its owner, in order. */
  readonly words: readonly OwnedWords[];
}
