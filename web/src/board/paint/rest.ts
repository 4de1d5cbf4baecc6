import { durationText, stepWords, windowOf } from '@hodsman/core';
import type { Block } from '../block.ts';
import type { PaintContext } from '../paint-context.ts';
import { box, type Brush } from './brush.ts';

/** A number in [0, 1) from a text and an index: the same bubbles at every drawing (FNV-1a hash, from memory). */
function spread(text: string, index: number): number {
  let h = 2166136261 ^ index;
  for (let i = 0; i < text.length; i++) h = Math.imul(h ^ text.charCodeAt(i), 16777619);
  h = Math.imul(h ^ (h >>> 15), 2246822507);
  return ((h ^ (h >>> 13)) >>> 0) / 4294967296;
}

const MOST_BUBBLES = 64;
const PX_PER_BUBBLE = 2.4;

/** A bubble as shares of the width and of the time of its rest. */
interface Bubble {
  readonly across: number;
  readonly down: number;
  readonly r: number;
  /** It shows while what is past the ideal is less than this. */
  readonly keep: number;
}
const known = new Map<string, readonly Bubble[]>();

/** The bubbles of a rest, worked out once: more of them late than early. */
function bubblesOf(id: string): readonly Bubble[] {
  const found = known.get(id);
  if (found) return found;
  const made = Array.from({ length: MOST_BUBBLES }, (_, i): Bubble => {
    const [a, b, c, keep] = [1, 2, 3, 4].map((n) => spread(id, i * 4 + n)) as [number, number, number, number];
    const down = Math.sqrt(a);
    return { across: b, down, r: 0.8 + 1.7 * c * down, keep };
  });
  known.set(id, made);
  return made;
}

/** The outline of a rest: of one that pieces leave one after another a strand that parts, each share with its own end. */
function traceRest(
  ctx: PaintContext,
  { shares, x, width }: Block,
  y: number,
  height: number,
  yOf: (sec: number) => number,
): void {
  if (shares.length === 0) {
    box(ctx, x, y, width, height);
    return;
  }
  ctx.beginPath();
  ctx.moveTo(x, y);
  for (const s of shares) {
    ctx.lineTo(s.x, yOf(s.toSec));
    ctx.lineTo(s.x + s.width, yOf(s.toSec));
  }
  ctx.lineTo(x + width, y);
  ctx.closePath();
}

/** A resting dough: its ground, bubbles that get denser up to the ideal and thin out past it, and past the limit a frayed end. */
export function paintRest(brush: Brush, block: Block): void {
  const { ctx, colours, scale } = brush;
  const { task, x, width, fromSec, toSec } = block;
  const y = scale.yOf(fromSec);
  const height = scale.yOf(toSec) - y;
  traceRest(ctx, block, y, height, scale.yOf);
  ctx.fillStyle = colours.dough;
  ctx.fill();
  ctx.lineWidth = 1;
  ctx.strokeStyle = colours['dough-edge'];
  ctx.stroke();
  paintBubbles(brush, block, y, height);
  const limitY = scale.yOf(fromSec + (windowOf(task)?.maxSec ?? Infinity));
  if (limitY < y + height - 0.5) paintFrayed(ctx, x, limitY, width, y + height - limitY, colours.trouble);
  if (block.isFolded || task.piece !== undefined) return;
  const long = durationText(toSec - fromSec);
  const whole = Math.min(toSec, ...block.shares.map((s) => s.toSec));
  brush.words.push({
    words: [`${stepWords(task.step)} ${long}`, long],
    x,
    y,
    width,
    height: scale.yOf(whole) - y,
    colour: colours.ink,
    sizes: [12, 11],
    weight: 650,
    mayTurn: true,
    ground: colours.dough,
    alpha: ctx.globalAlpha,
  });
}

function paintBubbles({ ctx, colours, scale }: Brush, block: Block, y: number, height: number): void {
  const { task, x, width, fromSec, toSec, shares } = block;
  const lastsSec = toSec - fromSec;
  const ideal = Math.max(1, windowOf(task)?.idealSec ?? lastsSec);
  const count = Math.min(MOST_BUBBLES, Math.round((height * Math.min(1, width / 24)) / PX_PER_BUBBLE));
  const inset = Math.min(4, width / 4);
  if (count < 2 || height <= 6) return;
  ctx.beginPath();
  for (const b of bubblesOf(task.id).slice(0, count)) {
    const past = (b.down * lastsSec) / ideal - 1;
    if (past > 0 && b.keep <= past) continue;
    const [cx, cy] = [x + inset + b.across * (width - 2 * inset), y + 2 + b.down * (height - 4)];
    const share = shares.find((s) => cx >= s.x && cx < s.x + s.width);
    if (share && cy + b.r > scale.yOf(share.toSec)) continue;
    ctx.moveTo(cx + b.r, cy);
    ctx.arc(cx, cy, b.r, 0, 6.2832);
  }
  ctx.strokeStyle = colours.bubble;
  ctx.lineWidth = 0.9;
  ctx.stroke();
}

/** A band whose sides are torn. */
function paintFrayed(ctx: PaintContext, x: number, y: number, width: number, height: number, colour: string): void {
  const steps = Math.max(1, Math.round(height / 5));
  ctx.beginPath();
  ctx.moveTo(x, y);
  ctx.lineTo(x + width, y);
  for (let i = 1; i <= steps; i++) ctx.lineTo(x + width - (i % 2) * 5, y + (i * height) / steps);
  for (let i = steps; i >= 1; i--) ctx.lineTo(x + (i % 2) * 5, y + (i * height) / steps);
  ctx.closePath();
  ctx.fillStyle = colour;
  ctx.fill();
}

/** The window of a rest at the strand's side: first possible end, ideal as a notch, last possible end. */
export function paintWindow({ ctx, colours, scale }: Brush, block: Block): void {
  const { task, x } = block;
  if (task.kind !== 'rest') return;
  const at = (sec: number): number => Math.min(scale.yOf(task.startSec + sec), scale.height - 2);
  const [first, ideal, last] = [at(task.window.minSec), at(task.window.idealSec), at(task.window.maxSec)];
  const left = x - 4.5;
  ctx.strokeStyle = colours.quiet;
  ctx.lineWidth = 1.4;
  ctx.beginPath();
  ctx.moveTo(left + 4, first);
  ctx.lineTo(left, first);
  ctx.lineTo(left, last);
  ctx.lineTo(left + 4, last);
  ctx.moveTo(left - 2.5, ideal);
  ctx.lineTo(left + 4.5, ideal);
  ctx.stroke();
}
