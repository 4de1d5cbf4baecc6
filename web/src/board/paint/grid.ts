import { briefClockText, dayText } from '@hodsman/core';
import { GUTTER, TIMES_PX } from '../lanes.ts';
import type { PaintContext } from '../paint-context.ts';
import { setFont, type Brush } from './brush.ts';

const TICK_SEC = [60, 300, 600, 900, 1800, 3600] as const;
const LEAST_TICK_PX = 44;

/** The ground of the fires, and lines and times down the side as close as can be read. */
export function paintGrid({ ctx, colours, scene, scale, view }: Brush): void {
  const { lanes, workshop } = scene;
  const bottom = view.y + view.height;
  ctx.globalAlpha = 0.75;
  ctx.fillStyle = colours.steel;
  for (const l of lanes.lanes)
    if (l.kind === 'griddle' || l.kind === 'fire') ctx.fillRect(l.x, view.y, l.width, view.height);
  ctx.globalAlpha = 1;
  ctx.fillStyle = colours.steel;
  for (const l of lanes.lanes) if (l.isFolded) ctx.fillRect(l.x, view.y, l.width, view.height);
  const tick = TICK_SEC.find((s) => s * scale.pxPerSec >= LEAST_TICK_PX) ?? 3600;
  const tableY = scale.yOf(scene.plan.tableSec);
  ctx.strokeStyle = colours.line;
  ctx.lineWidth = 1;
  ctx.textAlign = 'right';
  for (const s of scale.stretches) {
    if (s.y > bottom || s.y + s.height < view.y) continue;
    if (s.isFolded) {
      paintFold(ctx, s.y, s.height, view, colours.line);
      continue;
    }
    for (let sec = Math.ceil(s.fromSec / tick) * tick; sec <= s.toSec; sec += tick) {
      const y = Math.round(scale.yOf(sec)) + 0.5;
      if (y < view.y - 20 || y > bottom + 20) continue;
      ctx.beginPath();
      ctx.moveTo(GUTTER - 6, y);
      ctx.lineTo(lanes.width, y);
      ctx.stroke();
      if (Math.abs(y - tableY) <= 18 || (y - s.y < 4 && s !== scale.stretches[0])) continue;
      setFont(ctx, 13, 450);
      ctx.fillStyle = colours.quiet;
      ctx.fillText(briefClockText(workshop, sec), view.x + TIMES_PX, y + 4.5);
    }
    if (s.toSec <= 0) {
      setFont(ctx, 12, 650);
      ctx.fillStyle = colours.quiet;
      ctx.textAlign = 'left';
      ctx.fillText(dayText(workshop, s.fromSec), view.x + GUTTER, s.y + 11);
      ctx.textAlign = 'right';
    }
  }
}

/** A stretch that is squeezed: a band with a torn edge. */
function paintFold(ctx: PaintContext, y: number, height: number, view: Brush['view'], colour: string): void {
  ctx.beginPath();
  const at = y + height;
  for (let x = view.x; x < view.x + view.width + 16; x += 16) {
    ctx.lineTo(x, at - 2);
    ctx.lineTo(x + 8, at - 7);
  }
  ctx.strokeStyle = colour;
  ctx.lineWidth = 1.2;
  ctx.stroke();
}

/** Table time, the one heavy line, over everything. */
export function paintTableLine({ ctx, colours, scene, scale, view }: Brush): void {
  const y = scale.yOf(scene.plan.tableSec);
  ctx.strokeStyle = colours.ink;
  ctx.lineWidth = 2.5;
  ctx.beginPath();
  ctx.moveTo(GUTTER - 6, y);
  ctx.lineTo(scene.lanes.width, y);
  ctx.stroke();
  setFont(ctx, 14, 750);
  ctx.fillStyle = colours.ink;
  ctx.textAlign = 'right';
  ctx.fillText(briefClockText(scene.workshop, scene.plan.tableSec), view.x + TIMES_PX, y + 5);
}
