/** Where words stand in the text that was pasted: characters from its start. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/**
 * A piece of a text that remembers where each of its characters came from, however it is cut, trimmed or spelled anew. Regular
 * expressions are run on `text`; `span` leads back to the source.
 */
export class Mapped {
  private constructor(
    readonly text: string,
    private readonly at: readonly number[],
  ) {}

  /** A whole source, or part of one. `offset`: where the text stands in it. */
  static of(text: string, offset = 0): Mapped {
    return new Mapped(
      text,
      Array.from({ length: text.length }, (_, i) => offset + i),
    );
  }

  /** Pieces one behind another, a space between. */
  static join(pieces: readonly Mapped[], between = ' '): Mapped {
    const [first, ...rest] = pieces;
    if (!first) return Mapped.of('');
    return rest.reduce((all, piece) => {
      const seam = Array.from({ length: between.length }, () => all.at.at(-1) ?? piece.at[0] ?? 0);
      return new Mapped(all.text + between + piece.text, [...all.at, ...seam, ...piece.at]);
    }, first);
  }

  slice(from: number, to = this.text.length): Mapped {
    return new Mapped(this.text.slice(from, to), this.at.slice(from, to));
  }

  trim(): Mapped {
    const from = this.text.length - this.text.trimStart().length;
    return this.slice(from, Math.max(from, this.text.trimEnd().length));
  }

  /** The pieces between what matches a global pattern. */
  split(pattern: RegExp): readonly Mapped[] {
    const pieces: Mapped[] = [];
    let from = 0;
    for (const m of this.text.matchAll(pattern)) {
      pieces.push(this.slice(from, m.index));
      from = m.index + m[0].length;
    }
    return [...pieces, this.slice(from)];
  }

  /** As `String.replace`; what a replacement has in common with what it replaces keeps its place. */
  replace(pattern: RegExp, to: string | ((...m: string[]) => string)): Mapped {
    // most rules find nothing in most lines
    if (this.text.search(pattern) < 0) return this;
    const matches = pattern.global
      ? [...this.text.matchAll(pattern)]
      : [pattern.exec(this.text)].filter((m): m is RegExpExecArray => m !== null);
    let text = '';
    const at: number[] = [];
    let from = 0;
    for (const m of matches) {
      const end = m.index + m[0].length;
      text += this.text.slice(from, m.index);
      at.push(...this.at.slice(from, m.index));
      const next = typeof to === 'function' ? to(...m.map((g) => g)) : expanded(to, m);
      text += next;
      at.push(...this.places(m.index, end, next));
      from = end;
    }
    return new Mapped(text + this.text.slice(from), [...at, ...this.at.slice(from)]);
  }

  /** Where the characters from one place to another stand in the source; what has none stands where its neighbour does. */
  span(from = 0, to = this.text.length): Span {
    // pieces that were joined may stand the other way round in the source
    const places = this.at.slice(from, Math.max(from + 1, to));
    const only = this.at.at(-1) ?? 0;
    const [least, most] = places.reduce(
      ([a, b], at) => [Math.min(a, at), Math.max(b, at)],
      [places[0] ?? only, places[0] ?? only],
    );
    return { from: least, to: most + 1 };
  }

  private places(from: number, to: number, next: string): readonly number[] {
    const was = this.text.slice(from, to);
    const most = Math.min(was.length, next.length);
    let head = 0;
    while (head < most && was[head] === next[head]) head++;
    let tail = 0;
    while (tail < most - head && was[was.length - 1 - tail] === next[next.length - 1 - tail]) tail++;
    return Array.from({ length: next.length }, (_, i) => {
      const back = next.length - i;
      // the last of a shorter spelling stands where the longer one ended, so that nothing between is left over
      const isLast = i > 0 && back === tail + 1 && next.length < was.length;
      const end = Math.max(from, to - tail - 1);
      const index = isLast ? end : i < head ? from + i : back <= tail ? to - back : Math.min(from + i, end);
      return this.at[index] ?? this.at[from] ?? this.at[from - 1] ?? 0;
    });
  }
}

const expanded = (to: string, m: RegExpExecArray): string =>
  to.replace(/\$(\d)/g, (_, n: string) => m[Number(n)] ?? '');
