import {
  isOfBread,
  pieceName,
  type PlanTask,
  shortPieceName,
  shortThingName,
  stepWords,
  taskName,
  thingName,
  turnsOf,
} from '@hodsman/core';
import { fitted } from '../fitted.ts';
import type { Block } from '../blocks.ts';
import { box, setFont, type Brush } from './brush.ts';
import { paintRest } from './rest.ts';

const LEAST_LABEL_PX = 9;
const LABEL_DOWN_PX = 22;

/** One block; its texture says what is being done. */
export function paintBlock(brush: Brush, block: Block): void {
  const { ctx, colours, scale } = brush;
  const { kind, x, width, task } = block;
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
      paintOutline(brush, block, y, height, colours.ember, isByTurns(brush, task));
      label(brush, block, y, height, colours['ember-text'], placesOf(brush, task));
      return;
    case 'staffed':
      paintOutline(brush, block, y, height, colours.hands, false);
      label(brush, block, y, height, colours.ink, [staffWords(task), '']);
      return;
    case 'preheat':
      paintPreheat(brush, x + 3, y, width - 6, height);
      return;
    case 'carried':
    case 'cook':
      paintCook(brush, block, y, height);
      return;
    case 'hands':
      box(ctx, x, y + 0.5, width, height);
      ctx.fillStyle = task.piece === undefined ? colours.hands : colours['hands-soft'];
      ctx.fill();
      label(brush, block, y, height, colours['on-hands'], [
        taskName(task),
        isOfBread(task) ? stepWords(task.step) : task.kind,
      ]);
  }
}

/** The hands are wanted for its turns alone. */
function isByTurns({ scene }: Brush, task: PlanTask): boolean {
  const step = scene.workshop.breads.find((b) => b.id === task.bread)?.steps.find((s) => s.id === task.step);
  return step?.kind === 'cook' && step.attend === 'turns';
}

const staffWords = (task: PlanTask): string => (task.kind === 'welcome' ? 'welcome' : taskName(task));

function paintTogether({ ctx, colours }: Brush, block: Block, y: number, height: number): void {
  const { x, width, task } = block;
  ctx.globalAlpha *= 0.22;
  box(ctx, x, y, width, height, 4);
  ctx.fillStyle = colours.hands;
  ctx.fill();
  ctx.globalAlpha /= 0.22;
  if (height < LEAST_LABEL_PX) return;
  const size = height < 20 ? 11 : 15;
  setFont(ctx, size, 600);
  ctx.fillStyle = colours.ink;
  ctx.textAlign = 'left';
  const words = size < 15 || task.kind === 'demo' ? taskName(task) : `${taskName(task)} – everyone`;
  ctx.fillText(fitted(words, width - 20, size), x + 12, y + Math.min(height / 2 + size * 0.36, 24));
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
function paintPreheat({ ctx, colours }: Brush, x: number, y: number, width: number, height: number): void {
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
  if (height < 18 || width < 64) return;
  ctx.fillStyle = colours.ground;
  box(ctx, x + width / 2 - 30, y + height / 2 - 9, 60, 18);
  ctx.fill();
  setFont(ctx, 12);
  ctx.fillStyle = colours.ink;
  ctx.textAlign = 'center';
  ctx.fillText('heat up', x + width / 2, y + height / 2 + 4.5);
}

function paintCook(brush: Brush, block: Block, y: number, height: number): void {
  const { ctx, colours, scale } = brush;
  const { x, width, task } = block;
  box(ctx, x, y + 0.5, width, height);
  ctx.fillStyle = colours.ember;
  ctx.fill();
  const turns = turnsOf(task);
  if (block.kind === 'cook' && turns.length > 0) {
    ctx.beginPath();
    for (const sec of turns) {
      const at = scale.yOf(sec);
      ctx.moveTo(x, at);
      ctx.lineTo(x + 8, at);
      ctx.moveTo(x + width, at);
      ctx.lineTo(x + width - 8, at);
    }
    ctx.strokeStyle = colours['on-ember'];
    ctx.lineWidth = 2;
    ctx.stroke();
  }
  const words = task.kind === 'demo' ? ['demonstration', 'demo'] : namesOf(brush, task);
  label(brush, block, y, height, colours['on-ember'], block.isFolded ? [] : words, 18);
}

function namesOf({ scene }: Brush, task: PlanTask): readonly string[] {
  if (task.piece === undefined) return [stepWords(task.step)];
  return [pieceName(scene.workshop, task), shortPieceName(scene.workshop, task)];
}

/** The first of some words that fits, in the middle of a block or near its top; nothing where there is no room. */
function label(
  { ctx }: Brush,
  { x, width }: Block,
  y: number,
  height: number,
  colour: string,
  [long, short]: readonly string[],
  inset = 2,
): void {
  if (height < LEAST_LABEL_PX || long === undefined) return;
  const size = height < 12 ? 10 : height < 15 ? 11 : 13;
  const words = fitted(long, width - inset, size, short);
  if (words === '') return;
  setFont(ctx, size);
  ctx.fillStyle = colour;
  ctx.textAlign = 'center';
  ctx.fillText(words, x + width / 2, y + 0.5 + Math.min(height / 2, LABEL_DOWN_PX) + size * 0.36);
}
