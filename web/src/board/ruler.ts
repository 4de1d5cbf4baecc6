const FONT = '"Atkinson Hyperlegible Next Variable", sans-serif';

/** How a text of the board is set: size in pixels of the style sheet, weight of the typeface. */
export const fontOf = (size: number, weight = 550): string => `${weight} ${size}px ${FONT}`;

/** Measures words: the width of a text in pixels at a size and a weight of type. */
export interface Ruler {
  readonly widthOf: (text: string, size: number, weight?: number) => number;
}

/** A ruler that measures with the page's own typeface and remembers what it measured; a new one is wanted when the typeface has come. */
export function makeRuler(): Ruler {
  const ctx = document.createElement('canvas').getContext('2d');
  const known = new Map<string, number>();
  return {
    widthOf: (text, size, weight) => {
      const font = fontOf(size, weight);
      const key = `${font} ${text}`;
      let width = known.get(key);
      if (width === undefined) {
        if (ctx) ctx.font = font;
        width = ctx?.measureText(text).width ?? text.length * size;
        known.set(key, width);
      }
      return width;
    },
  };
}

/** The first of some words, from the longest to the shortest, that fits a width whole; undefined where none does. A word is never cut. */
export const firstThatFits = (
  ruler: Ruler,
  words: readonly string[],
  width: number,
  size: number,
  weight?: number,
): string | undefined => words.find((w) => w !== '' && ruler.widthOf(w, size, weight) <= width);
