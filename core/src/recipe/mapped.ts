import { allIn, canFit, foundIn, lettersOf, needsOf, type Letters, type Needs } from './needs.ts';

/** Where words stand in the text that was pasted: characters from its start. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/**
 * The same letters, in one byte each where that is enough. What is cut from a text that holds one "–" has two bytes a letter all the same,
 * and a regular expression takes twice as long for these.
 */
function narrow(text: string): string {
  if (text.length > LONGEST_NARROW || WIDE.test(text)) return text;
  const codes: number[] = [];
  for (let n = 0; n < text.length; n++) codes.push(text.charCodeAt(n));
  return String.fromCharCode(...codes);
}
const WIDE = /[^\0-\xff]/;
/** Nothing is looked for in longer ones but where their lines end. */
const LONGEST_NARROW = 4000;

/** Numbers from 0, as far as they were asked for: places of a text are cut from them. */
const NUMBERS: number[] = [];
/** A recipe is shorter; of what is longer nothing is kept. */
const MOST_NUMBERS = 100_000;
function numbersFrom(from: number, length: number): readonly number[] {
  if (from + length > MOST_NUMBERS) return Array.from({ length }, (_, n) => from + n);
  for (let n = NUMBERS.length; n < from + length; n++) NUMBERS.push(n);
  return NUMBERS.slice(from, from + length);
}

/**
 * A piece of a text that remembers where each of its characters came from, however it is cut, trimmed or spelled anew. Regular
 * expressions are run on `text`; `span` leads back to the source.
 */
export class Mapped {
  private known: Letters | undefined;
  private wide: boolean | undefined;

  private constructor(
    readonly text: string,
    /** Where what each character stands for begins in the source, and where it ends. */
    private readonly from: readonly number[],
    private readonly to: readonly number[],
    /** Put together of what stands apart in the source, as the head of a column and a cell under it. */
    private readonly isApart = false,
  ) {}

  /** A whole source, or part of one. `offset`: where the text stands in it. */
  static of(text: string, offset = 0): Mapped {
    return new Mapped(narrow(text), numbersFrom(offset, text.length), numbersFrom(offset + 1, text.length));
  }

  /** Pieces one behind another, a space between. */
  static join(pieces: readonly Mapped[], between = ' '): Mapped {
    const [first, ...rest] = pieces;
    if (!first) return Mapped.of('');
    return rest.reduce((all, piece) => {
      const seam = (known: number | undefined): readonly number[] =>
        Array.from({ length: between.length }, () => known ?? 0);
      return new Mapped(
        all.text + between + piece.text,
        [...all.from, ...seam(all.from.at(-1) ?? piece.from[0]), ...piece.from],
        [...all.to, ...seam(all.to.at(-1) ?? piece.from[0]), ...piece.to],
        all.isApart || piece.isApart,
      );
    }, first);
  }

  /** The same of what stands apart: what is between belongs to others. */
  static joinApart(pieces: readonly Mapped[]): Mapped {
    const { text, from, to } = Mapped.join(pieces);
    return new Mapped(text, from, to, true);
  }

  /** This piece as another spelling has it: `spelled` stands in this piece's own text as this piece stands in the source. */
  spelledAs(spelled: Mapped): Mapped {
    return new Mapped(
      spelled.text,
      spelled.from.map((at) => this.from[at] ?? this.from.at(-1) ?? 0),
      spelled.to.map((to) => this.to[to - 1] ?? this.to.at(-1) ?? 0),
      this.isApart,
    );
  }

  slice(from: number, to = this.text.length): Mapped {
    const text = this.text.slice(from, to);
    const piece = new Mapped(
      this.isWide ? narrow(text) : text,
      this.from.slice(from, to),
      this.to.slice(from, to),
      this.isApart,
    );
    if (!this.isWide) piece.wide = false;
    return piece;
  }

  /** The same with the sign behind it: what a shorter spelling left out may stand there in the source. */
  sliceWith(from: number, to = this.text.length): Mapped {
    const piece = this.slice(from, to);
    const [last, end] = [piece.to.at(-1), this.to[to]];
    if (this.isApart || last === undefined || end === undefined || end <= last || !/[;,.]/.test(this.text[to] ?? ''))
      return piece;
    return new Mapped(piece.text, piece.from, [...piece.to.slice(0, -1), end], this.isApart);
  }

  trim(): Mapped {
    const from = this.text.length - this.text.trimStart().length;
    return this.slice(from, Math.max(from, this.text.trimEnd().length));
  }

  /** The pieces between what matches a global pattern. */
  split(pattern: RegExp): readonly Mapped[] {
    const pieces: Mapped[] = [];
    let from = 0;
    for (const m of foundIn(this.text, pattern)) {
      pieces.push(this.slice(from, m.index));
      from = m.index + m[0].length;
    }
    return [...pieces, this.slice(from)];
  }

  private get isWide(): boolean {
    return (this.wide ??= WIDE.test(this.text));
  }

  /** The letters that it has, by which rules are passed over. */
  get letters(): Letters {
    return (this.known ??= lettersOf(this.text));
  }

  /** As `String.replace`; what a replacement has in common with what it replaces keeps its place. */
  replace(pattern: RegExp, to: string | ((...m: string[]) => string), needs: Needs = needsOf(pattern)): Mapped {
    // most rules find nothing in most lines, and most of these lack a letter for it
    if (!canFit(needs, this.letters)) return this;
    const matches = allIn(this.text, pattern);
    if (matches.length === 0) return this;
    let text = '';
    const starts: number[] = [];
    const ends: number[] = [];
    let from = 0;
    for (const m of matches) {
      const end = m.index + m[0].length;
      const next = typeof to === 'function' ? to(...m.map((g) => g)) : expanded(to, m);
      // most of what is found is spelled so already
      if (next === m[0]) continue;
      text += this.text.slice(from, m.index) + next;
      for (let n = from; n < m.index; n++) {
        starts.push(this.from[n] ?? 0);
        ends.push(this.to[n] ?? 0);
      }
      for (const [a, b] of this.places(m.index, end, next)) {
        starts.push(a);
        ends.push(b);
      }
      from = end;
    }
    if (from === 0 && text === '') return this;
    const spelled = text + this.text.slice(from);
    return new Mapped(
      this.isWide ? narrow(spelled) : spelled,
      starts.concat(this.from.slice(from)),
      ends.concat(this.to.slice(from)),
      this.isApart,
    );
  }

  /** Where the characters from one place to another stand in the source; what has none stands where its neighbour does. */
  span(from = 0, to = this.text.length): Span {
    const end = Math.max(from + 1, to);
    const [starts, ends] = [this.from.slice(from, end), this.to.slice(from, end)];
    const only = this.from.at(-1) ?? 0;
    if (starts.length === 0) return { from: only, to: only + 1 };
    // pieces that were joined may stand the other way round in the source
    return { from: starts.reduce((a, b) => Math.min(a, b)), to: ends.reduce((a, b) => Math.max(a, b)) };
  }

  /** The same as stretches: several where it was put together of what stands apart, each of one part. */
  spans(): readonly Span[] {
    if (!this.isApart) return [this.span()];
    const stretches: { from: number; to: number }[] = [];
    for (const [n, from] of this.from.entries()) {
      const to = this.to[n] ?? from;
      const last = stretches.at(-1);
      if (last && from >= last.from && from <= last.to) last.to = Math.max(last.to, to);
      else stretches.push({ from, to });
    }
    return stretches.length > 0 ? stretches : [this.span()];
  }

  private places(from: number, to: number, next: string): readonly (readonly [number, number])[] {
    const was = this.text.slice(from, to);
    const most = Math.min(was.length, next.length);
    let head = 0;
    while (head < most && was[head] === next[head]) head++;
    let tail = 0;
    while (tail < most - head && was[was.length - 1 - tail] === next[next.length - 1 - tail]) tail++;
    const moved = wordPlaces(was.slice(head, was.length - tail), next.slice(head, next.length - tail));
    let last = from + head;
    return Array.from({ length: next.length }, (_, i) => {
      const back = next.length - i;
      const own = moved.get(i - head);
      if (own !== undefined) last = from + head + own;
      else if (last + 1 < to && this.text[last + 1] === next[i]) last += 1;
      const index =
        i < head
          ? from + i
          : back <= tail
            ? to - back
            : moved.size > 0
              ? // between words that are known it stands where the one before it does
                last
              : Math.min(from + i, Math.max(from, to - tail - 1));
      const start = this.from[index] ?? this.from[from] ?? this.from[from - 1] ?? 0;
      const end = this.to[index] ?? this.to[from] ?? this.to[from - 1] ?? 0;
      // what a shorter spelling leaves out belongs to its last character, so that nothing between is left over
      const isLast = back === tail + 1 || (tail === next.length && back === 1);
      return [start, isLast ? Math.max(end, this.to[to - tail - 1] ?? end) : end];
    });
  }
}

const WORD = /[\p{L}\d]+/gu;
/** Where the characters of the words of one text stand in another that has the same words in another order. */
function wordPlaces(was: string, next: string): ReadonlyMap<number, number> {
  const places = new Map<number, number>();
  if (!/\p{L}[^\p{L}\d]+[\p{L}\d]/u.test(next)) return places;
  const known = [...was.matchAll(WORD)];
  const taken = new Set<number>();
  for (const m of next.matchAll(WORD)) {
    const same = known.find((k) => k[0] === m[0] && !taken.has(k.index)) ?? known.find((k) => k[0] === m[0]);
    if (!same) continue;
    taken.add(same.index);
    for (let i = 0; i < m[0].length; i++) places.set(m.index + i, same.index + i);
  }
  return places;
}

const expanded = (to: string, m: RegExpExecArray): string =>
  to.includes('$') ? to.replace(/\$(\d)/g, (_, n: string) => m[Number(n)] ?? '') : to;
