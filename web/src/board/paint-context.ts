/** What the painters of the board need of a surface: a canvas has it, and the writer of SVG. */
export interface PaintContext extends Pick<
  CanvasRenderingContext2D,
  | 'arc'
  | 'beginPath'
  | 'bezierCurveTo'
  | 'clip'
  | 'closePath'
  | 'fill'
  | 'fillRect'
  | 'fillText'
  | 'lineTo'
  | 'moveTo'
  | 'restore'
  | 'rotate'
  | 'roundRect'
  | 'save'
  | 'scale'
  | 'setLineDash'
  | 'stroke'
  | 'strokeRect'
  | 'translate'
  | 'fillStyle'
  | 'font'
  | 'globalAlpha'
  | 'lineJoin'
  | 'lineWidth'
  | 'strokeStyle'
  | 'textAlign'
> {
  /** What is painted stays as shapes: a texture is drawn there; on a canvas it is tiled. */
  readonly isDrawn?: boolean;
}

/** Paths by what they were made from: a path of the browser does not tell. */
const outlines = new WeakMap<Path2D, string>();

/** A path that an SVG can repeat too. */
export function pathOf(outline: string): Path2D {
  const path = new Path2D(outline);
  outlines.set(path, outline);
  return path;
}

export const outlineOfPath = (path: Path2D): string => outlines.get(path) ?? '';
