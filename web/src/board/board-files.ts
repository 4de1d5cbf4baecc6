import { leastWidths, GUTTER } from './lanes.ts';
import { paintPicture, pictureSvg, type PictureOf } from './picture.ts';

/** A picture for a slide or a page is this large at the least; a full class is wider. */
const LEAST_WIDTH_PX = 1600;
const HEIGHT_PX = 1000;
/** Dots to a pixel. */
const FINE = 2;
const NONE: ReadonlySet<string> = new Set();

/** The whole board as a picture of its own, as SVG and as PNG. */
export function boardPicture(of: Omit<PictureOf, 'width' | 'height' | 'without'>) {
  const least = [...leastWidths(of.plan, of.workshop, 'room').values()].reduce((a, b) => a + b, GUTTER);
  const whole = { ...of, width: Math.max(LEAST_WIDTH_PX, Math.ceil(least)), height: HEIGHT_PX, without: NONE };
  return {
    svg: () => pictureSvg('board', of.workshop.title, whole),
    /** Null where the browser has no memory left for it. */
    png: async (): Promise<Blob | null> => {
      const canvas = document.createElement('canvas');
      canvas.width = whole.width * FINE;
      canvas.height = whole.height * FINE;
      const ctx = canvas.getContext('2d');
      if (!ctx) return null;
      ctx.scale(FINE, FINE);
      paintPicture(ctx, whole);
      return new Promise((resolve) => canvas.toBlob(resolve, 'image/png'));
    },
  };
}
