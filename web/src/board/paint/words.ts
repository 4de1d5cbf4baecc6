import { firstThatFits } from '../ruler.ts';
import { setFont, type Brush } from './brush.ts';
import type { Word, Written } from './word.ts';

/** Letters are about so much higher than wide strokes need around them. */
const LINE = 1.12;
const PAD = 2;
/** In a tall block words are written so near to its top. */
const MOST_DOWN = 22;

/** Writes all words that wait, those first that came first; none over another, and none that is not wholly in sight. */
export function writeWords(brush: Brush): readonly Written[] {
  const written: Written[] = [];
  for (const word of brush.words) {
    const place = placeOf(brush, word, written);
    if (!place) continue;
    written.push(place.written);
    write(brush, word, place);
  }
  return written;
}

interface Place {
  readonly written: Written;
  readonly isTurned: boolean;
}

function placeOf({ ruler, view }: Brush, w: Word, written: readonly Written[]): Place | undefined {
  // of a block that is partly out of sight, the part that is seen
  const left = Math.max(w.x, view.x);
  const right = Math.min(w.x + w.width, view.x + view.width);
  const top = Math.max(w.y, view.y);
  const bottom = Math.min(w.y + w.height, view.y + view.height);
  const [width, height] = [right - left, bottom - top];
  for (const size of w.sizes) {
    const high = size * LINE;
    if (height >= high) {
      const text = firstThatFits(ruler, w.words, width - 2 * PAD, size, w.weight);
      if (text !== undefined) {
        const long = ruler.widthOf(text, size, w.weight);
        const x = w.align === 'left' ? left + PAD : left + (width - long) / 2;
        const y = top + Math.min((height - high) / 2, MOST_DOWN - high / 2);
        const made = { text, size, x, y, width: long, height: high };
        if (!written.some((o) => overlaps(o, made))) return { written: made, isTurned: false };
      }
    }
    if (w.mayTurn !== true || width < high) continue;
    const text = firstThatFits(ruler, w.words, height - 2 * PAD, size, w.weight);
    if (text === undefined) continue;
    const long = ruler.widthOf(text, size, w.weight);
    const made = { text, size, x: left + (width - high) / 2, y: top + PAD, width: high, height: long };
    if (!written.some((o) => overlaps(o, made))) return { written: made, isTurned: true };
  }
  return undefined;
}

const overlaps = (a: Written, b: Written): boolean =>
  a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;

function write({ ctx }: Brush, word: Word, { written, isTurned }: Place): void {
  const { text, size, x, y, width, height } = written;
  ctx.globalAlpha = word.alpha ?? 1;
  if (word.ground !== undefined) {
    ctx.fillStyle = word.ground;
    ctx.fillRect(x - 1, y - 1, width + 2, height + 2);
  }
  setFont(ctx, size, word.weight);
  ctx.fillStyle = word.colour;
  ctx.textAlign = 'left';
  if (isTurned) {
    ctx.save();
    ctx.translate(x + size * 0.26, y);
    ctx.rotate(Math.PI / 2);
    ctx.fillText(text, 0, 0);
    ctx.restore();
  } else ctx.fillText(text, x, y + size * 0.87);
  ctx.globalAlpha = 1;
}
