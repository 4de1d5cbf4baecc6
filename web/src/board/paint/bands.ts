import { briefClockText, counted, stepWords } from '@hodsman/core';
import type { Band, Phase } from '../bands.ts';
import { DIM, type Brush } from './brush.ts';

/** How many of a station's people have a task, as the width of a band whose gaps are idle time; over it the phases in words. */
export function paintBands(brush: Brush): void {
  const { ctx, colours, scene, scale, view, look } = brush;
  const lit = look.lit && litLanes(brush);
  for (const band of scene.bands) {
    ctx.globalAlpha = !lit || lit.has(band.lane) ? 1 : DIM;
    if (band.x > view.x + view.width || band.x + band.width < view.x) continue;
    ctx.fillStyle = colours['hands-band'];
    for (const [i, { sec, count }] of band.points.entries()) {
      const until = band.points[i + 1]?.sec ?? sec;
      if (count === 0) continue;
      const y = scale.yOf(sec);
      ctx.fillRect(band.x, y, (band.width * count) / Math.max(1, band.people), scale.yOf(until) - y);
    }
    for (const phase of band.phases) sayPhase(brush, band, phase);
  }
  ctx.globalAlpha = 1;
}

/** The stations where something of what is looked at is done. */
function litLanes({ scene, look }: Brush): ReadonlySet<string> {
  const lit = scene.blocks.filter((b) => b.kind !== 'together' && look.lit?.has(b.task.id) === true);
  const has = (x: number, width: number): boolean => lit.some((b) => b.x < x + width && b.x + b.width > x);
  return new Set(scene.lanes.lanes.flatMap((l) => (has(l.x, l.width) ? [l.id] : [])));
}

/** A phase may be shorter than its word: so much it may reach beyond its end. */
const LEAST_PX = 40;

/** "roll 12:05–12:20, 12 breads", "roll 12:05", "roll": downwards, from where it begins. */
function sayPhase({ ctx, words, colours, scene, scale }: Brush, band: Band, phase: Phase): void {
  const { workshop } = scene;
  const step = stepWords(phase.step);
  const from = briefClockText(workshop, phase.fromSec);
  const span = `${step} ${from}–${briefClockText(workshop, phase.toSec)}`;
  const y = scale.yOf(phase.fromSec);
  words.push({
    words: [
      ...(phase.pieces > 0 ? [`${span}, ${counted(phase.pieces, 'bread', 'breads')}`] : []),
      span,
      `${step} ${from}`,
      step,
    ],
    x: band.x,
    y,
    width: band.width,
    height: Math.max(LEAST_PX, scale.yOf(phase.toSec) - y),
    colour: colours.ink,
    sizes: [11],
    mayTurn: true,
    alpha: ctx.globalAlpha,
  });
}
