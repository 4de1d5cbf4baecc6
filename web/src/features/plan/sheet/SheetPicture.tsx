import { useEffect, useRef } from 'react';
import type { Plan, Workshop } from '@hodsman/core';
import type { Lane } from '../../../board/lane.ts';
import { setFont } from '../../../board/paint/brush.ts';
import { paintBoard } from '../../../board/paint/board.ts';
import { paintGlyph } from '../../../board/paint/glyph.ts';
import { PAPER } from '../../../board/palette.ts';
import { firstThatFits, type Ruler } from '../../../board/ruler.ts';
import { sceneOf, type Scene } from '../../../board/scene.ts';
import { timeScaleOf } from '../../../board/time-scale.ts';
import { useRuler } from '../../../board/use-ruler.ts';

/** Dots to a pixel: fine enough for the small letters of turns. */
const FINE = 3;
const HEAD_PX = 74;
const LOOK = { lit: undefined, selected: undefined, pinned: new Set<string>(), ghost: undefined, atSec: undefined };
/** 7 pt, below which nobody reads a wall. */
const LEAST_TYPE_PX = 9.5;

interface Props {
  readonly plan: Plan;
  readonly workshop: Workshop;
  readonly width: number;
  readonly height: number;
  /** Lanes that are on another sheet. */
  readonly without: ReadonlySet<string>;
  /** Those with whom something is to be minded: their names carry a mark. */
  readonly minded: ReadonlySet<string>;
}

/** The room as a black and white picture on one page, or a part of it: every picture has the times. */
export function SheetPicture({ plan, workshop, width, height, without, minded }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const ruler = useRuler();
  useEffect(() => {
    const ctx = canvas.current?.getContext('2d');
    if (!canvas.current || !ctx) return;
    canvas.current.width = width * FINE;
    canvas.current.height = height * FINE;
    const scene = sceneOf(plan, workshop, width, { folded: [], order: [], without }, { distance: 'room' });
    const scale = timeScaleOf(plan, height - HEAD_PX, true);
    const view = { x: 0, y: 0, width, height: scale.height };
    ctx.setTransform(1, 0, 0, 1, 0, 0);
    ctx.fillStyle = '#fff';
    ctx.fillRect(0, 0, width * FINE, height * FINE);
    const fit = Math.min(1, (height - HEAD_PX) / scale.height);
    ctx.setTransform(FINE, 0, 0, FINE * fit, 0, HEAD_PX * FINE);
    const brush = { ctx, colours: PAPER, ruler, scene, scale, view, look: LOOK, words: [] };
    paintBoard(brush);
    ctx.setTransform(FINE, 0, 0, FINE, 0, 0);
    paintHeads(ctx, ruler, scene, minded);
  }, [plan, workshop, width, height, without, minded, ruler]);
  return (
    <canvas
      ref={canvas}
      role="img"
      aria-label="The plan as a picture; the same follows as a list"
      className="block break-after-page"
      style={{ width, height }}
    />
  );
}

/** The names of the places, the glyphs of their breads, and who stands there, over the picture. */
function paintHeads(ctx: CanvasRenderingContext2D, ruler: Ruler, scene: Scene, minded: ReadonlySet<string>): void {
  const brush = { ctx, colours: PAPER, scene };
  const say = (words: readonly string[], x: number, y: number, width: number, size: number, weight: number): void => {
    const shown = firstThatFits(ruler, words, width, size, weight);
    if (shown === undefined) return;
    setFont(ctx, size, weight);
    ctx.textAlign = 'center';
    ctx.fillStyle = '#000';
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
