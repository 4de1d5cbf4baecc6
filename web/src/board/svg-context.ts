import { outlineOfPath, type PaintContext } from './paint-context.ts';

/** A transformation (x, y) → (ax + cy + e, bx + dy + f), as in SVG. */
type Matrix = readonly [number, number, number, number, number, number];
const SAME: Matrix = [1, 0, 0, 1, 0, 0];

/** What is painted with: of a canvas these are plain properties, and so they are here. */
type Paint = Pick<
  PaintContext,
  'fillStyle' | 'strokeStyle' | 'globalAlpha' | 'font' | 'lineJoin' | 'lineWidth' | 'textAlign'
>;
interface State {
  readonly paint: Paint;
  readonly dash: readonly number[];
  readonly matrix: Matrix;
  /** Groups that were opened since the state before was saved. */
  readonly groups: number;
}

const ANCHORS: Partial<Record<CanvasTextAlign, string>> = { center: 'middle', right: 'end', end: 'end' };
/** A hundredth of a pixel. */
const short = (x: number): string => String(Math.round(x * 100) / 100);
const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c] ?? c);

/** Paints what painters paint on a canvas as SVG, every fill and stroke an element, every text as text. */
export class SvgContext implements PaintContext {
  readonly isDrawn = true;
  fillStyle: PaintContext['fillStyle'] = '#000';
  strokeStyle: PaintContext['strokeStyle'] = '#000';
  globalAlpha = 1;
  font = '10px sans-serif';
  lineJoin: CanvasLineJoin = 'miter';
  lineWidth = 1;
  textAlign: CanvasTextAlign = 'start';
  #dash: readonly number[] = [];
  #matrix: Matrix = SAME;
  #groups = 0;
  readonly #saved: State[] = [];
  readonly #parts: string[] = [];
  readonly #defs: string[] = [];
  #path = '';

  /** `name` is before the names of its parts, so that two pictures of one page do not take each other's. */
  constructor(
    private readonly name: string,
    private readonly width: number,
    private readonly height: number,
    private readonly widthOf: (text: string, font: string) => number,
  ) {}

  /** The picture; `title` is what it is called to those who hear it. */
  svg(title: string): string {
    const { width, height } = this;
    const open = '</g>'.repeat(this.#groups);
    return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}" role="img"><title>${escaped(title)}</title><defs>${this.#defs.join('')}</defs>${this.#parts.join('')}${open}</svg>`;
  }

  save(): void {
    const { fillStyle, strokeStyle, globalAlpha, font, lineJoin, lineWidth, textAlign } = this;
    const paint = { fillStyle, strokeStyle, globalAlpha, font, lineJoin, lineWidth, textAlign };
    this.#saved.push({ paint, dash: this.#dash, matrix: this.#matrix, groups: this.#groups });
    this.#groups = 0;
  }
  restore(): void {
    const before = this.#saved.pop();
    if (!before) return;
    this.#parts.push('</g>'.repeat(this.#groups));
    Object.assign(this, before.paint);
    [this.#dash, this.#matrix, this.#groups] = [before.dash, before.matrix, before.groups];
  }

  translate(x: number, y: number): void {
    this.#turn([1, 0, 0, 1, x, y]);
  }
  scale(x: number, y: number): void {
    this.#turn([x, 0, 0, y, 0, 0]);
  }
  rotate(angle: number): void {
    const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
    this.#turn([cos, sin, -sin, cos, 0, 0]);
  }

  beginPath(): void {
    this.#path = '';
  }
  moveTo(x: number, y: number): void {
    this.#path += `M${short(x)} ${short(y)}`;
  }
  lineTo(x: number, y: number): void {
    this.#path += `${this.#path === '' ? 'M' : 'L'}${short(x)} ${short(y)}`;
  }
  closePath(): void {
    this.#path += 'Z';
  }
  bezierCurveTo(x1: number, y1: number, x2: number, y2: number, x: number, y: number): void {
    this.#path += `C${[x1, y1, x2, y2, x, y].map(short).join(' ')}`;
  }
  arc(x: number, y: number, r: number, from: number, to: number): void {
    const at = (angle: number): string => `${short(x + r * Math.cos(angle))} ${short(y + r * Math.sin(angle))}`;
    // an arc of SVG ends elsewhere than it begins, so a whole round is two halves
    const middle = (from + to) / 2;
    const arc = (end: number): string =>
      `A${short(r)} ${short(r)} 0 ${Math.abs(to - from) / 2 > Math.PI ? 1 : 0} 1 ${at(end)}`;
    this.#path += `${this.#path === '' ? 'M' : 'L'}${at(from)}${arc(middle)}${arc(to)}`;
  }
  roundRect(
    x: number,
    y: number,
    w: number,
    h: number,
    radii?: number | DOMPointInit | Iterable<number | DOMPointInit>,
  ): void {
    const r = typeof radii === 'number' ? radii : 0;
    const corner = (dx: number, dy: number): string =>
      `a${short(r)} ${short(r)} 0 0 1 ${short(dx * r)} ${short(dy * r)}`;
    this.#path += `M${short(x + r)} ${short(y)}h${short(w - 2 * r)}${corner(1, 1)}v${short(h - 2 * r)}${corner(-1, 1)}h${short(2 * r - w)}${corner(-1, -1)}v${short(2 * r - h)}${corner(1, -1)}Z`;
  }

  fill(path?: Path2D | CanvasFillRule): void {
    this.#element(`path d="${this.#pathOf(path)}"`, this.#fillOf());
  }
  stroke(path?: Path2D): void {
    this.#element(`path d="${this.#pathOf(path)}"`, this.#strokeOf());
  }
  fillRect(x: number, y: number, w: number, h: number): void {
    this.#element(rect(x, y, w, h), this.#fillOf());
  }
  strokeRect(x: number, y: number, w: number, h: number): void {
    this.#element(rect(x, y, w, h), this.#strokeOf());
  }
  fillText(text: string, x: number, y: number): void {
    const { font, textAlign } = this;
    const [, weight, size, family = 'sans-serif'] = /^(\d+) ([\d.]+)px (.+)$/.exec(font) ?? [];
    // the file keeps the widths that the board reckoned with, whatever typeface is at hand where it is opened
    const width = this.widthOf(text, font);
    this.#element(
      `text x="${short(x)}" y="${short(y)}" font-family="${escaped(family)}" font-size="${size}" font-weight="${weight}" text-anchor="${ANCHORS[textAlign] ?? 'start'}" textLength="${short(width)}" lengthAdjust="spacingAndGlyphs"`,
      this.#fillOf(),
      escaped(text),
    );
  }
  clip(): void {
    const id = `${this.name}-c${this.#defs.length}`;
    this.#defs.push(`<clipPath id="${id}"><path d="${this.#path}"${this.#matrixOf()}/></clipPath>`);
    this.#parts.push(`<g clip-path="url(#${id})">`);
    this.#groups++;
  }
  setLineDash(dash: Iterable<number>): void {
    this.#dash = [...dash];
  }

  #turn([a, b, c, d, e, f]: Matrix): void {
    const [A, B, C, D, E, F] = this.#matrix;
    this.#matrix = [A * a + C * b, B * a + D * b, A * c + C * d, B * c + D * d, A * e + C * f + E, B * e + D * f + F];
  }
  #element(what: string, style: string, inside = ''): void {
    const [name] = what.split(' ');
    this.#parts.push(`<${what}${style}${this.#matrixOf()}${inside === '' ? '/>' : `>${inside}</${name}>`}`);
  }
  #matrixOf(): string {
    const matrix = this.#matrix;
    return matrix.every((x, i) => x === SAME[i])
      ? ''
      : ` transform="matrix(${matrix.map((x) => +x.toFixed(4)).join(' ')})"`;
  }
  #pathOf(path: Path2D | CanvasFillRule | undefined): string {
    return typeof path === 'object' ? outlineOfPath(path) : this.#path;
  }
  #fillOf(): string {
    const { fillStyle, globalAlpha } = this;
    return ` fill="${colourOf(fillStyle)}"${globalAlpha === 1 ? '' : ` fill-opacity="${short(globalAlpha)}"`}`;
  }
  #strokeOf(): string {
    const { strokeStyle, globalAlpha, lineWidth, lineJoin } = this;
    const dash = this.#dash;
    return ` fill="none" stroke="${colourOf(strokeStyle)}" stroke-width="${+lineWidth.toFixed(4)}"${lineJoin === 'miter' ? '' : ` stroke-linejoin="${lineJoin}"`}${dash.length === 0 ? '' : ` stroke-dasharray="${dash.join(' ')}"`}${globalAlpha === 1 ? '' : ` stroke-opacity="${short(globalAlpha)}"`}`;
  }
}

/** Gradients and tiles are a canvas's own; nothing here is painted with them. */
const colourOf = (style: PaintContext['fillStyle']): string => (typeof style === 'string' ? style : 'none');

const rect = (x: number, y: number, w: number, h: number): string =>
  `rect x="${short(x)}" y="${short(y)}" width="${short(Math.max(0, w))}" height="${short(Math.max(0, h))}"`;
