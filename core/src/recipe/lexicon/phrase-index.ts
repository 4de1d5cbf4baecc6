import { canFit, lettersOf, needsOf, type Letters, type Needs } from '../needs.ts';
import { openingLetters, wordOpenings } from './opening-letters.ts';
import type { Phrases } from './phrases.ts';

/** Words that a text has of an entry of the lexicon; `entry` counts from 0. */
export interface FoundPhrase {
  readonly entry: number;
  readonly at: number;
  readonly length: number;
}

/** One phrase: of which entry, which in the order of the lexicon, and its expression, which no text pays for before it may hold it. */
interface Phrase {
  readonly entry: number;
  readonly order: number;
  readonly source: string;
  pattern?: RegExp;
  needs?: Needs;
}

const WORD = /(?<!\w)[a-z\d][a-z]{0,2}/gi;
/** The key of what may open with any letters. */
const ANY = '';

/**
 * The lexicon by the letters with which its phrases open: at each word of a text only these are tried. All phrases of an entry as one
 * expression find the same, but take five times as long, and half a second before the first text is read.
 */
export class PhraseIndex {
  private readonly byOpening = new Map<string, Phrase[]>();
  /** The phrases that a word may open, in the order of the lexicon. */
  private readonly byWord = new Map<string, readonly Phrase[]>();

  constructor(private readonly entries: readonly Phrases[]) {}

  /** What a text has of each entry, by entry and then by place. Of one entry the first phrase that fits counts, and the next comes behind it. */
  in(text: string): readonly FoundPhrase[] {
    const letters = lettersOf(text);
    const found: FoundPhrase[] = [];
    const ends = this.entries.map(() => 0);
    for (const word of text.matchAll(WORD))
      for (const phrase of this.openedBy(word[0])) {
        if (word.index < (ends[phrase.entry] ?? 0)) continue;
        const length = lengthAt(phrase, text, letters, word.index);
        if (length === 0) continue;
        ends[phrase.entry] = word.index + length;
        found.push({ entry: phrase.entry, at: word.index, length });
      }
    return found.sort((a, b) => a.entry - b.entry || a.at - b.at);
  }

  private openedBy(word: string): readonly Phrase[] {
    const known = this.byWord.get(word);
    if (known) return known;
    if (this.byOpening.size === 0) this.fill();
    const all = [ANY, ...wordOpenings(word)].flatMap((opening) => this.byOpening.get(opening) ?? []);
    const phrases = all.sort((a, b) => a.order - b.order);
    this.byWord.set(word, phrases);
    return phrases;
  }

  private fill(): void {
    for (const [entry, sources] of this.entries.entries())
      for (const [n, source] of sources.entries()) {
        const phrase: Phrase = { entry, order: 1000 * entry + n, source };
        for (const opening of openingLetters(source) ?? [ANY])
          this.byOpening.set(opening, [...(this.byOpening.get(opening) ?? []), phrase]);
      }
  }
}

/** How long a phrase is that begins at a place of a text; 0 where it does not. */
function lengthAt(phrase: Phrase, text: string, letters: Letters, at: number): number {
  const pattern = (phrase.pattern ??= new RegExp(phrase.source, 'iy'));
  if (!canFit((phrase.needs ??= needsOf(pattern)), letters)) return 0;
  pattern.lastIndex = at;
  return pattern.exec(text)?.[0].length ?? 0;
}
