import { remembered } from '../remembered.ts';

/**
 * What has to stand in a text that a regular expression fits: one letter or pair of letters of each list. Most rules of the reader find
 * nothing in most lines; whether the letters are there at all is known in a fraction of the time that looking for the rule would take.
 * The idea is the one of searching code by the trigrams that an expression needs (Cox, "Regular Expression Matching with a Trigram
 * Index", 2012), with pairs, and with a set of bits in the place of an index.
 */

/** One of these runs of letters has to stand in the text; each run as the bits of its pairs, or of its one letter. */
type Clause = readonly Run[];
type Run = readonly number[];

/** 2,048 bits tell letters and pairs apart well enough for lines of a recipe; two that share a bit cost a search, never a find. */
const WORDS = 64;
const BITS = 32 * WORDS;
/** A list of more is not worth asking. */
const MOST_RUNS = 48;

/** A digit is as good as another, and a letter in any case: what differs by these only counts as one. */
const FOLDED = new Map<string, string>();
function folded(unit: string): string {
  const known = FOLDED.get(unit);
  if (known !== undefined) return known;
  const same = /\d/.test(unit) ? '0' : unit.toUpperCase().toLowerCase();
  const one = same.length === 1 ? same : unit;
  FOLDED.set(unit, one);
  return one;
}
const bitOf = (first: number, second: number): number => (first * 31 + second * 1021) % BITS;

/** The letters and pairs of a text: as a set of bits, and one by one. */
export interface Letters {
  readonly set: Uint32Array;
  readonly bits: readonly number[];
}

const CODES = Array.from({ length: 0x180 }, (_, code) => folded(String.fromCharCode(code)).charCodeAt(0));
const codeAt = (text: string, at: number): number => {
  const code = text.charCodeAt(at);
  return CODES[code] ?? folded(String.fromCharCode(code)).charCodeAt(0);
};

export const lettersOf = remembered((text: string): Letters => {
  const letters = { set: new Uint32Array(WORDS), bits: [] as number[] };
  let before = 0;
  for (let n = 0; n < text.length; n++) {
    const code = codeAt(text, n);
    add(letters, bitOf(code, 0));
    if (n > 0) add(letters, bitOf(before, code));
    before = code;
  }
  return letters;
});
function add({ set, bits }: { readonly set: Uint32Array; readonly bits: number[] }, bit: number): void {
  const word = set[bit >> 5] ?? 0;
  if ((word & (1 << (bit & 31))) !== 0) return;
  set[bit >> 5] = word | (1 << (bit & 31));
  bits.push(bit);
}

function runOf(letters: string): Run {
  const bits = Array.from({ length: letters.length - 1 }, (_, n) =>
    bitOf(letters.charCodeAt(n), letters.charCodeAt(n + 1)),
  );
  return bits.length > 0 ? bits : [bitOf(letters.charCodeAt(0), 0)];
}

const QUANTIFIER = /(?:[?*+]|\{(\d+)(?:,\d*)?\})\??/y;
const CLASS_ESCAPE = /\\(?:[dDsSwW]|[pP]\{[^}]*\})/y;
const OTHER_ESCAPE = /\\(?:u\{([\da-fA-F]+)\}|u([\da-fA-F]{4})|x([\da-fA-F]{2})|k<[^>]*>|[1-9]|(.))/suy;
const CONTROL: Readonly<Record<string, string>> = { n: '\n', r: '\r', t: '\t', f: '\f', v: '\v', 0: '\0' };

/** Reads a regular expression once, from left to right. */
class Scanner {
  private at = 0;

  constructor(private readonly source: string) {}

  /** The clauses of everything up to the bracket that closes, or the end. */
  disjunction(): readonly Clause[] {
    const parts = [this.alternative()];
    while (this.source[this.at] === '|') {
      this.at++;
      parts.push(this.alternative());
    }
    const [only] = parts;
    if (parts.length === 1) return only ?? [];
    // one of the alternatives fits: the best of what each needs
    const best = parts.map((clauses) => clauses.reduce<Clause | undefined>(better, undefined));
    const all = best.flatMap((clause) => clause ?? []);
    return best.includes(undefined) || all.length > MOST_RUNS ? [] : [all];
  }

  private alternative(): readonly Clause[] {
    const clauses: Clause[] = [];
    let run = '';
    const ended = (next = ''): void => {
      if (run !== '') clauses.push([runOf(run)]);
      run = next;
    };
    while (this.at < this.source.length && this.source[this.at] !== '|' && this.source[this.at] !== ')') {
      const term = this.term();
      const { least, isOnce } = this.quantifier();
      if (term.width === 0) {
        if (least > 0) clauses.push(...term.clauses);
      } else if (least === 0) ended();
      else if (term.letters === undefined) {
        ended();
        clauses.push(...term.clauses);
      } else {
        run += term.letters;
        // what is repeated stands before what follows, and nothing else does
        if (!isOnce) ended(term.letters.length === 1 ? term.letters : '');
      }
    }
    ended();
    return clauses;
  }

  private quantifier(): { readonly least: number; readonly isOnce: boolean } {
    const found = this.take(QUANTIFIER);
    if (!found) return { least: 1, isOnce: true };
    return { least: found[0].startsWith('+') ? 1 : Number(found[1] ?? 0), isOnce: false };
  }

  private take(sticky: RegExp): RegExpExecArray | null {
    sticky.lastIndex = this.at;
    const found = sticky.exec(this.source);
    if (found) this.at += found[0].length;
    return found;
  }

  /** One term: the letters that it stands for, or what it needs; `width` 0 where it takes no room. */
  private term(): Term {
    const rest = this.source.slice(this.at, this.at + 3);
    if (rest.startsWith('(')) return this.group();
    if (rest.startsWith('[')) return this.set();
    if (rest.startsWith('\\b') || rest.startsWith('\\B')) {
      this.at += 2;
      return NO_ROOM;
    }
    if (rest.startsWith('^') || rest.startsWith('$')) {
      this.at++;
      return NO_ROOM;
    }
    if (rest.startsWith('.')) {
      this.at++;
      return ANYTHING;
    }
    const named = this.take(CLASS_ESCAPE);
    if (named) return named[0] === '\\d' ? letters('0') : ANYTHING;
    const character = this.character();
    return character === undefined ? ANYTHING : letters(character);
  }

  private group(): Term {
    const [opening = ''] = this.take(/\((?:\?(?:[:=!]|<[=!]|<[^>]*>))?/y) ?? [];
    const clauses = this.disjunction();
    this.at++;
    if (/^\(\?<?!/.test(opening)) return NO_ROOM;
    return { clauses, letters: undefined, width: /^\(\?<?=/.test(opening) ? 0 : 1 };
  }

  /** "[abc]": one of a few letters. */
  private set(): Term {
    this.at++;
    const isNot = this.source[this.at] === '^';
    const found = new Set<string>();
    let isKnown = !isNot;
    let last = '';
    while (this.at < this.source.length && this.source[this.at] !== ']') {
      const named = this.take(CLASS_ESCAPE);
      const isRange = this.source[this.at] === '-' && last !== '' && this.source[this.at + 1] !== ']';
      if (named) {
        if (named[0] === '\\d') found.add('0');
        else isKnown = false;
        last = '';
      } else if (isRange) {
        this.at++;
        const to = this.character() ?? '';
        if (!/^\d\d$/.test(last + to)) isKnown = false;
        last = '';
      } else {
        last = this.character() ?? '';
        if (last.length === 1) found.add(folded(last));
        else isKnown = false;
      }
    }
    this.at++;
    const all = [...found];
    if (!isKnown || all.length === 0 || all.length > 6) return ANYTHING;
    return all.length === 1 ? letters(all.join('')) : { clauses: [all.map(runOf)], letters: undefined, width: 1 };
  }

  /** A letter as it stands or by its number; undefined for what refers to another part. */
  private character(): string | undefined {
    const escape = this.source[this.at] === '\\' ? this.take(OTHER_ESCAPE) : null;
    if (escape) {
      const [, long, short, two, plain] = escape;
      const code = long ?? short ?? two;
      if (code !== undefined) return String.fromCodePoint(parseInt(code, 16));
      return plain === undefined ? undefined : (CONTROL[plain] ?? plain);
    }
    const whole = String.fromCodePoint(this.source.codePointAt(this.at) ?? 0);
    this.at += whole.length;
    return whole;
  }
}

interface Term {
  readonly clauses: readonly Clause[];
  readonly letters: string | undefined;
  readonly width: 0 | 1;
}
const NO_ROOM: Term = { clauses: [], letters: undefined, width: 0 };
const ANYTHING: Term = { clauses: [], letters: undefined, width: 1 };
const letters = (text: string): Term => ({
  clauses: [],
  letters: Array.from({ length: text.length }, (_, n) => folded(text.charAt(n))).join(''),
  width: 1,
});

/** Of two clauses the one that fewer texts have: each run counts the less, the longer it is. */
const chance = (clause: Clause): number => clause.reduce((sum, run) => sum + 0.4 ** run.length, 0);
const better = (a: Clause | undefined, b: Clause): Clause => (a === undefined || chance(b) < chance(a) ? b : a);

/**
 * The clauses of a pattern behind one another: where a clause ends, then of each of its runs how many bits it has, and these. One row of
 * numbers, since it is asked ten thousand times for one recipe.
 */
export type Needs = Uint16Array;

const KNOWN = new Map<string, Needs>();
export function needsOf(pattern: RegExp): Needs {
  const { source } = pattern;
  const known = KNOWN.get(source);
  if (known) return known;
  const clauses = [...new Scanner(source).disjunction()].sort((a, b) => chance(a) - chance(b));
  const row: number[] = [];
  for (const clause of clauses) {
    const runs = clause.flatMap((run) => [run.length, ...run]);
    row.push(row.length + 1 + runs.length, ...runs);
  }
  const needs = Uint16Array.from(row);
  KNOWN.set(source, needs);
  return needs;
}

/** Whether what needs these can fit a text with such letters; true says only that looking is worth it. */
export function canFit(needs: Needs, letters: Letters): boolean {
  let at = 0;
  while (at < needs.length) {
    const end = needs[at++] ?? 0;
    let hasOne = false;
    while (at < end) {
      const next = at + 1 + (needs[at] ?? 0);
      let bit = at + 1;
      while (bit < next && isIn(letters.set, needs[bit] ?? 0)) bit++;
      if (bit === next) {
        hasOne = true;
        break;
      }
      at = next;
    }
    if (!hasOne) return false;
    at = end;
  }
  return true;
}
const isIn = (set: Uint32Array, bit: number): boolean => ((set[bit >> 5] ?? 0) & (1 << (bit & 31))) !== 0;

/** Of what a pattern needs first, a bit of each run: a text that has none of these cannot fit. Empty where it needs nothing. */
export function gateOf(needs: Needs): readonly number[] {
  const end = needs[0] ?? 0;
  const bits: number[] = [];
  // the last pair of a run is further from what most words begin with
  for (let at = 1; at < end; at += 1 + (needs[at] ?? 0)) bits.push(needs[at + (needs[at] ?? 0)] ?? 0);
  return bits;
}

/** All that a pattern finds in a text: of one that is not global the first. */
export const foundIn = (text: string, pattern: RegExp): readonly RegExpExecArray[] =>
  canFit(needsOf(pattern), lettersOf(text)) ? allIn(text, pattern) : NONE;
const NONE: readonly RegExpExecArray[] = [];

/** The same without asking for its letters. No copy of the pattern is made, as `matchAll` makes one each time. */
export function allIn(text: string, pattern: RegExp): readonly RegExpExecArray[] {
  const found: RegExpExecArray[] = [];
  pattern.lastIndex = 0;
  for (let m = pattern.exec(text); m; m = pattern.global ? pattern.exec(text) : null) {
    found.push(m);
    if (m[0] === '') pattern.lastIndex += (text.codePointAt(m.index) ?? 0) > 0xffff ? 2 : 1;
  }
  return found;
}
