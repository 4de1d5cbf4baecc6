import {
  durationText,
  isOfBread,
  pieceNames,
  type PlanTask,
  shortThingName,
  stepWords,
  taskName,
  thingName,
  turnsOf,
} from '@hodsman/core';
import type { Block } from '../block.ts';
import { isByTurns } from '../places/hands.ts';
import { box, type Brush } from './brush.ts';
import { paintGlyph } from './glyph.ts';
import { paintRest } from './rest.ts';
import { fillTexture } from './textures.ts';
import type { Word } from './word.ts';

/** Sizes of type of a label, and of whose turn it is at the fire. */
const LABEL = [13, 12, 11] as const;
const TURN = [15, 13] as const;
const LEAST_GLYPH_PX = 12;
const NAMED_PX = 22;

/** One block; its texture says what is being done. Its words wait. */
export function paintBlock(brush: Brush, block: Block): void {
  const { colours, scale } = brush;
  const { kind, width, task } = block;
  const y = scale.yOf(block.fromSec);
  const height = Math.max(2, scale.yOf(block.toSec) - y - 1);
  switch (kind) {
    case 'rest':
      paintRest(brush, block);
      return;
    case 'together':
      paintTogether(brush, block, y, height);
      return;
    case 'away':
      paintAway(brush, block, y, height);
      return;
    case 'staffed':
      paintOutline(brush, block, y, height, colours.hands, false);
      say(brush, block, y, height, staffWords(task), colours.ink, LABEL, { mayTurn: true });
      return;
    case 'preheat':
      paintPreheat(brush, block, y, height);
      return;
    case 'carried':
    case 'cook':
      paintCook(brush, block, y, height);
      return;
    case 'hands':
      fill(brush, block, y, height, task.piece === undefined ? colours.hands : colours['hands-soft']);
      if (brush.scene.distance !== 'station' && width >= 5) textured(brush, block, y, height, colours['on-hands']);
      say(brush, block, y, height, handsWords(brush, task), colours['on-hands'], LABEL, {
        mayTurn: task.piece === undefined,
        ground: task.piece === undefined ? colours.hands : colours['hands-soft'],
      });
  }
}

function fill({ ctx }: Brush, { x, width }: Block, y: number, height: number, colour: string): void {
  box(ctx, x, y + 0.5, width, height);
  ctx.fillStyle = colour;
  ctx.fill();
}

/** The texture of the block's bread over it. */
function textured({ ctx, scene }: Brush, { x, width, task }: Block, y: number, height: number, colour: string): void {
  const n = scene.workshop.breads.findIndex((b) => b.id === task.bread);
  fillTexture(ctx, Math.max(0, n), colour, { x, y: y + 0.5, width, height });
}

/** Words for a block; they are written when all is painted, where there is room for them. */
function say(
  { words, ctx }: Brush,
  { x, width }: Block,
  y: number,
  height: number,
  variants: readonly string[],
  colour: string,
  sizes: readonly number[],
  more: Pick<Word, 'mayTurn' | 'ground'> = {},
): void {
  if (height < 11 || variants.length === 0) return;
  words.push({ words: variants, x, y, width, height, colour, sizes, alpha: ctx.globalAlpha, ...more });
}

function handsWords({ scene }: Brush, task: PlanTask): readonly string[] {
  if (!isOfBread(task)) return [taskName(task), KIND_SHORT[task.kind] ?? ''];
  const step = stepWords(task.step);
  const long = `${step} ${durationText(task.endSec - task.startSec)}`;
  const bread = scene.workshop.breads.find((b) => b.id === task.bread)?.name ?? '';
  if (task.piece === undefined) return scene.distance === 'station' ? [`${step}, ${bread}`, long, step] : [long, step];
  return [taskName(task), step];
}

const KIND_SHORT: Readonly<Record<string, string>> = { demo: 'demo', welcome: 'welcome', break: 'break' };

const staffWords = (task: PlanTask): readonly string[] =>
  isOfBread(task) ? [taskName(task), stepWords(task.step)] : [taskName(task), KIND_SHORT[task.kind] ?? ''];

/** What all do lies under everything else; its words stand where no strand runs over them. */
function paintTogether({ ctx, colours, words, scene }: Brush, block: Block, y: number, height: number): void {
  const { x, width, task } = block;
  ctx.globalAlpha *= 0.22;
  box(ctx, x, y, width, height, 4);
  ctx.fillStyle = colours.hands;
  ctx.fill();
  ctx.globalAlpha /= 0.22;
  const name = taskName(task);
  const long = task.kind === 'demo' ? name : `${name} – everyone`;
  for (const [from, to] of clearOf(scene.blocks, block))
    words.push({
      words: [long, name, KIND_SHORT[task.kind] ?? ''],
      x: from,
      y,
      width: to - from,
      height,
      colour: colours.ink,
      sizes: [15, 13, 11],
      weight: 600,
      align: 'left',
    });
}

/** The stretches across in which nothing else is drawn while all do something: the widest alone is worth words. */
export function clearOf(
  blocks: readonly Block[],
  band: Pick<Block, 'x' | 'width' | 'fromSec' | 'toSec'>,
): readonly (readonly [number, number])[] {
  const over = blocks
    .filter((b) => b.kind !== 'together' && b.fromSec < band.toSec && b.toSec > band.fromSec)
    .filter((b) => b.x < band.x + band.width && b.x + b.width > band.x)
    .sort((a, b) => a.x - b.x);
  let at = band.x;
  let best: readonly [number, number] = [at, at];
  for (const b of [...over, { x: band.x + band.width, width: 0 }]) {
    if (b.x - at > best[1] - best[0]) best = [at, b.x];
    at = Math.max(at, b.x + b.width);
  }
  return best[1] > best[0] ? [best] : [];
}

/** A bread at the fire, seen from its bench: in a strand its own share of it, in somebody's column an outline with where it is. */
function paintAway(brush: Brush, block: Block, y: number, height: number): void {
  const { colours, scene } = brush;
  if (scene.distance !== 'station') {
    fill(brush, block, y, height, colours.ember);
    return;
  }
  paintOutline(brush, block, y, height, colours.ember, isByTurns(scene.workshop, block.task));
  say(brush, block, y, height, placesOf(brush, block.task), colours['ember-text'], LABEL);
}

function paintOutline(
  { ctx, colours }: Brush,
  { x, width }: Block,
  y: number,
  height: number,
  colour: string,
  isDashed: boolean,
): void {
  box(ctx, x + 0.5, y + 1, width - 1, height - 1);
  ctx.fillStyle = colours.ground;
  ctx.fill();
  ctx.strokeStyle = colour;
  ctx.lineWidth = 1;
  if (isDashed) ctx.setLineDash([3, 3]);
  ctx.stroke();
  ctx.setLineDash([]);
}

/** Where somebody's bread is meanwhile, in words and shorter. */
function placesOf({ scene }: Brush, { at }: PlanTask): readonly string[] {
  if (at?.id === undefined) return [];
  const { kitchen } = scene.workshop;
  return [`at ${thingName(kitchen, at.id)}`, shortThingName(kitchen, at.id)];
}

/** Heating up: slanted lines. */
function paintPreheat(brush: Brush, block: Block, y: number, height: number): void {
  const { ctx, colours } = brush;
  const [x, width] = [block.x + Math.min(3, block.width / 8), block.width - 2 * Math.min(3, block.width / 8)];
  ctx.save();
  box(ctx, x, y, width, height);
  ctx.strokeStyle = colours.ember;
  ctx.lineWidth = 1;
  ctx.stroke();
  ctx.clip();
  ctx.globalAlpha *= 0.5;
  ctx.beginPath();
  for (let d = -height; d < width; d += 9) {
    ctx.moveTo(x + d, y + height);
    ctx.lineTo(x + d + height, y);
  }
  ctx.lineWidth = 1.5;
  ctx.stroke();
  ctx.restore();
  brush.words.push({
    words: ['heat up'],
    x,
    y,
    width,
    height,
    colour: colours.ink,
    sizes: [12, 11],
    mayTurn: true,
    ground: colours.ground,
    alpha: ctx.globalAlpha,
  });
}

function paintCook(brush: Brush, block: Block, y: number, height: number): void {
  const { ctx, colours, scale, scene } = brush;
  const { x, width, task } = block;
  fill(brush, block, y, height, colours.ember);
  if (scene.distance === 'room' && width >= 5) textured(brush, block, y, height, colours['on-ember']);
  const turns = turnsOf(task);
  const tick = Math.min(5, width / 6);
  if (block.kind === 'cook' && turns.length > 0) {
    ctx.beginPath();
    for (const sec of turns) {
      const at = scale.yOf(sec);
      ctx.moveTo(x, at);
      ctx.lineTo(x + tick, at);
      ctx.moveTo(x + width, at);
      ctx.lineTo(x + width - tick, at);
    }
    ctx.strokeStyle = colours['on-ember'];
    ctx.lineWidth = 2;
    ctx.stroke();
  }
  if (block.isFolded) return;
  const names = task.kind === 'demo' ? ['demonstration', 'demo'] : cookWords(brush, task);
  const wanted = brush.words.length;
  say(brush, block, y, height, names, colours['on-ember'], TURN, { ground: colours.ember });
  const shortest = names.at(-1);
  const isNamed =
    brush.words.length > wanted &&
    shortest !== undefined &&
    brush.ruler.widthOf(shortest, TURN[1]) <= width - 4 &&
    height >= 15;
  // the glyph lies below the name, or where it would be
  const top = isNamed ? NAMED_PX : 0;
  if (scene.distance === 'room' && Math.min(width, height - top) >= LEAST_GLYPH_PX)
    paintGlyph(brush, task.bread, x + width / 2, y + (top + height) / 2, Math.min(16, width - 4, height - top - 3));
}

function cookWords({ scene }: Brush, task: PlanTask): readonly string[] {
  return task.piece === undefined ? [stepWords(task.step)] : pieceNames(scene.workshop, task);
}
