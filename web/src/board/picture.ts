import { careLines, type Plan, type Remark, type Workshop } from '@hodsman/core';
import type { Lane } from './lane.ts';
import { paintBoard } from './paint/board.ts';
import { setFont } from './paint/brush.ts';
import { paintGlyph } from './paint/glyph.ts';
import type { Palette } from './palette.ts';
import { firstThatFits, type Ruler } from './ruler.ts';
import { sceneOf, type Scene } from './scene.ts';
import type { PaintContext } from './paint-context.ts';
import { SvgContext } from './svg-context.ts';
import { timeScaleOf } from './time-scale.ts';

const HEAD_PX = 74;
const LOOK = { lit: undefined, selected: undefined, pinned: new Set<string>(), ghost: undefined, atSec: undefined };
/** 7 pt, below which nobody reads a wall. */
const LEAST_TYPE_PX = 9.5;

/** The room as a picture on one page, or a part of it: every picture has the times. Lengths in pixels of the style sheet. */
export interface PictureOf {
  readonly plan: Plan;
  readonly workshop: Workshop;
  readonly width: number;
  readonly height: number;
  /** Lanes that are on another sheet. */
  readonly without: ReadonlySet<string>;
  /** What people said of themselves: those with whom something is to be minded have a mark before their names. */
  readonly remarks: readonly Remark[];
  readonly colours: Palette;
  readonly ruler: Ruler;
}

/** Paints the whole room, from what is done ahead to the table. */
export function paintPicture(
  ctx: PaintContext,
  { plan, workshop, width, height, without, remarks, colours, ruler }: PictureOf,
): void {
  const scene = sceneOf(plan, workshop, width, { folded: [], order: [], without }, { distance: 'room' });
  const scale = timeScaleOf(plan, height - HEAD_PX, true);
  const view = { x: 0, y: 0, width, height: scale.height };
  ctx.fillStyle = colours.ground;
  ctx.fillRect(0, 0, width, height);
  const fit = Math.min(1, (height - HEAD_PX) / scale.height);
  ctx.save();
  ctx.translate(0, HEAD_PX);
  ctx.scale(1, fit);
  paintBoard({ ctx, colours, ruler, scene, scale, view, look: LOOK, words: [] });
  ctx.restore();
  const minded = workshop.roster.filter((p) => careLines(workshop, remarks, [p.id]).length > 0);
  paintHeads(ctx, colours, ruler, scene, new Set(minded.map((p) => p.id)));
}

/** The same as an SVG, with its texts as text. `name` tells it from other pictures of the same page. */
export function pictureSvg(name: string, title: string, of: PictureOf): string {
  const widthOf = (text: string, font: string): number => {
    const [weight = 550, size = 10] = font.match(/[\d.]+/g)?.map(Number) ?? [];
    return of.ruler.widthOf(text, size, weight);
  };
  const ctx = new SvgContext(name, of.width, of.height, widthOf);
  paintPicture(ctx, of);
  return ctx.svg(title);
}

/** The names of the places, the glyphs of their breads, and who stands there, over the picture. */
function paintHeads(
  ctx: PaintContext,
  colours: Palette,
  ruler: Ruler,
  scene: Scene,
  minded: ReadonlySet<string>,
): void {
  const brush = { ctx, colours, scene };
  const say = (words: readonly string[], x: number, y: number, width: number, size: number, weight: number): void => {
    const shown = firstThatFits(ruler, words, width, size, weight);
    if (shown === undefined) return;
    setFont(ctx, size, weight);
    ctx.textAlign = 'center';
    ctx.fillStyle = colours.ink;
    ctx.fillText(shown, x + width / 2, y);
  };
  for (const l of scene.lanes.lanes) {
    say(l.names, l.x, 18, l.width, 14, 700);
    for (const s of l.strips) paintGlyph(brush, s.bread, s.x + s.width / 2, 34, Math.min(16, s.width - 1));
    sayPeople(l, minded, (names, x, width) => say(names, x, 62, width, 12, 550));
    if (l.kind === 'staff') for (const c of l.columns) say(c.names, c.x, 62, c.width, LEAST_TYPE_PX + 2, 550);
  }
}

function sayPeople(
  lane: Lane,
  minded: ReadonlySet<string>,
  say: (names: readonly string[], x: number, width: number) => void,
): void {
  const each = lane.width / Math.max(1, lane.people.length);
  for (const [i, p] of lane.people.entries())
    say(
      p.names.map((n) => (minded.has(p.id) ? `! ${n}` : n)),
      lane.x + i * each,
      each,
    );
}
