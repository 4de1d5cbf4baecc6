import { useEffect, useMemo, useRef } from 'react';
import type { Plan, Workshop } from '@hodsman/core';
import { paintSmall } from '../../../board/overview.ts';
import { paletteOf } from '../../../board/palette.ts';
import { sceneOf } from '../../../board/scene.ts';
import { timeScaleOf } from '../../../board/time-scale.ts';

/** Laid out for a board of this width, then painted as small as the card is. */
const LAID_OUT_PX = 1000;
const CLASS_PX = 600;
const HEIGHT_PX = 150;
const PLACES = { folded: [], order: [] };

/** A plan as a small picture: where the work lies, where the fires have no gap, where something is wrong. */
export function SmallBoard({ plan, workshop }: { readonly plan: Plan; readonly workshop: Workshop }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const scene = useMemo(() => sceneOf(plan, workshop, LAID_OUT_PX, PLACES, { distance: 'room' }), [plan, workshop]);
  useEffect(() => {
    const element = canvas.current;
    if (!element) return;
    const paint = (): void => {
      const dpr = window.devicePixelRatio;
      element.width = element.clientWidth * dpr;
      element.height = element.clientHeight * dpr;
      const ctx = element.getContext('2d');
      const scale = timeScaleOf(plan, CLASS_PX, true);
      if (ctx) paintSmall(ctx, scene, scale, paletteOf(element), element.width, element.height);
    };
    paint();
    const sizes = new ResizeObserver(paint);
    sizes.observe(element);
    const themes = new MutationObserver(paint);
    themes.observe(document.documentElement, { attributes: true, attributeFilter: ['data-theme'] });
    return () => {
      sizes.disconnect();
      themes.disconnect();
    };
  }, [plan, scene]);
  return (
    <canvas ref={canvas} aria-hidden className="w-full rounded-cut border border-line" style={{ height: HEIGHT_PX }} />
  );
}
