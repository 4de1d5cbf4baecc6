import { useEffect, useRef } from 'react';
import { careLines, initialsOf, type Plan, type Workshop } from '@hodsman/core';
import { fitted } from '../../../board/fitted.ts';
import { paintBoard } from '../../../board/paint/board.ts';
import { PAPER } from '../../../board/palette.ts';
import { sceneOf } from '../../../board/scene.ts';
import { timeScaleOf } from '../../../board/time-scale.ts';
import { useRemarks } from '../../../store/care.ts';
import { PAGE_PX, type Paper } from './paper.ts';

const TITLE_PX = 74;
/** A line of those with whom something is to be minded; two of them stand in a line. */
const MINDED_PX = 22;
/** Dots to a pixel: fine enough for the small letters of turns. */
const FINE = 3;

/** The whole board as black and white picture on one page. */
export function SheetPicture({
  workshop,
  plan,
  paper,
}: {
  readonly workshop: Workshop;
  readonly plan: Plan;
  readonly paper: Paper;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [width, page] = PAGE_PX[paper];
  const minded = careLines(
    workshop,
    useRemarks(),
    workshop.roster.map((p) => p.id),
  ).length;
  const height = page - TITLE_PX - (minded > 0 ? 12 + MINDED_PX * minded : 0);
  useEffect(() => {
    const ctx = canvas.current?.getContext('2d');
    if (!canvas.current || !ctx) return;
    canvas.current.width = width * FINE;
    canvas.current.height = height * FINE;
    const scene = sceneOf(plan, workshop, width, { folded: [], order: [] });
    const shrink = Math.min(1, width / scene.lanes.width);
    const headPx = 44;
    const scale = timeScaleOf(plan, height / shrink - headPx - 40, true);
    const view = { x: 0, y: 0, width: scene.lanes.width, height: scale.height };
    const look = { lit: undefined, selected: undefined, pinned: new Set<string>(), ghost: undefined };
    const paint = (): void => {
      ctx.setTransform(1, 0, 0, 1, 0, 0);
      ctx.fillStyle = '#fff';
      ctx.fillRect(0, 0, width * FINE, height * FINE);
      ctx.setTransform(FINE * shrink, 0, 0, FINE * shrink, 0, headPx * FINE * shrink);
      paintBoard({ ctx, colours: PAPER, scene, scale, view, look });
      ctx.fillStyle = '#000';
      ctx.textAlign = 'left';
      for (const l of scene.lanes.lanes) {
        ctx.font = '700 14px "Atkinson Hyperlegible Next Variable", sans-serif';
        ctx.fillText(l.name, l.x, -26, l.width);
        ctx.font = '500 12px "Atkinson Hyperlegible Next Variable", sans-serif';
        for (const c of l.columns) ctx.fillText(fitted(c.name, c.width + 4, 12, initialsOf(c.name)), c.x, -8);
      }
    };
    paint();
    void document.fonts.ready.then(paint);
  }, [plan, workshop, width, height]);
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
