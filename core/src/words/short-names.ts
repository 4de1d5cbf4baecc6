const graphemes = new Intl.Segmenter(undefined, { granularity: 'grapheme' });

/** The first letters of a text as people see them: an accent or a joined sign is not cut off. */
const firstOf = (text: string, count: number): string =>
  [...graphemes.segment(text)]
    .slice(0, count)
    .map((s) => s.segment)
    .join('');

const MOST_INITIALS = 3;

/**
 * A name in ever less room, each once: whole, the first name, initials. Of a single word the first two letters are its initials. What does
 * not fit at its shortest is left out rather than cut.
 */
export function shorterNames(name: string): readonly string[] {
  const words = name.split(/\s+/).filter((w) => w !== '');
  const [first = ''] = words;
  const initials =
    words.length > 1
      ? words
          .slice(0, MOST_INITIALS)
          .map((w) => firstOf(w, 1))
          .join('')
      : firstOf(first, 2);
  return [...new Set([words.join(' '), first, initials])];
}
