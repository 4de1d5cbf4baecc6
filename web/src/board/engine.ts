import { ASK, type Asked, type Host, type Parts } from './engine-parts.ts';
import { BoardHand } from './hand.ts';
import { GUTTER } from './lanes.ts';
import { paintOverview } from './overview.ts';
import { paintBoard } from './paint/board.ts';
import type { Look } from './paint/brush.ts';
import { listPx } from './paint/list.ts';
import type { Written } from './paint/word.ts';
import { paletteOf, type Palette } from './palette.ts';
import { makeRuler, type Ruler } from './ruler.ts';
import type { Scene } from './scene.ts';
import { timeScaleOf, type TimeScale } from './time-scale.ts';

/** Below this height a minute is too small to read; the board scrolls instead. */
const LEAST_CLASS_PX = 420;
const MOST_ZOOM = 16;
/** At a station a minute is so high that a step of one minute has room for its word. */
const STATION_MINUTE_PX = 13;
/** Nearer than this in the room is at a station; further than this at a station is the room. */
const NEARER = 1.2;
const FURTHER = 0.9;

/**
 * Paints the board and moves it: scroll, zoom, drag. It works past React, frame by frame; what somebody decides (a selection, a start) goes
 * to the host.
 */
export class BoardEngine {
  scene: Scene | undefined;
  scale: TimeScale | undefined;
  look: Look = {
    lit: undefined,
    selected: undefined,
    pinned: new Set(),
    ghost: undefined,
    atSec: undefined,
  };
  private ruler: Ruler = makeRuler();
  private written: readonly Written[] = [];
  /** What is to be kept in sight when the distance changes: a moment at a height, and a lane. */
  private anchor: { readonly sec: number; readonly at: number; readonly lane: string | undefined } | undefined;
  private isAheadFolded = true;
  private zoom = 1;
  private palette: Palette;
  private frame = 0;
  private isOverviewStale = true;
  private painted: Scene | undefined;
  private readonly hand: BoardHand;
  private readonly ended = new AbortController();
  private readonly sizes: ResizeObserver;
  private readonly themes: MutationObserver;

  constructor(
    private readonly parts: Parts,
    private readonly host: Host,
  ) {
    this.palette = paletteOf(parts.scroller);
    const { signal } = this.ended;
    const { scroller, overview } = parts;
    scroller.addEventListener('scroll', () => this.paintSoon(), { signal, passive: true });
    this.hand = new BoardHand(parts, host, this, signal);
    scroller.addEventListener(
      ASK,
      (e) => {
        const { detail } = e as CustomEvent<Asked>;
        detail.words = this.written;
        detail.isWhole =
          scroller.scrollWidth <= scroller.clientWidth + 1 && scroller.scrollHeight <= scroller.clientHeight + 1;
      },
      { signal },
    );
    for (const type of ['pointerdown', 'pointermove'] as const)
      overview.addEventListener(type, (e) => this.onOverview(e), { signal });
    this.sizes = new ResizeObserver(() => this.resize());
    this.sizes.observe(scroller);
    this.themes = new MutationObserver(() => {
      this.palette = paletteOf(parts.scroller);
      this.isOverviewStale = true;
      this.paintSoon();
    });
    this.themes.observe(document.documentElement, { attributes: true, attributeFilter: ['data-theme'] });
    // labels are drawn with the page's own typeface once it has come
    document.fonts.addEventListener(
      'loadingdone',
      () => {
        this.ruler = makeRuler();
        this.paintSoon();
      },
      { signal },
    );
  }

  destroy(): void {
    this.ended.abort();
    this.sizes.disconnect();
    this.themes.disconnect();
    cancelAnimationFrame(this.frame);
  }

  /** Shows another scene; what is in sight stays where it is. */
  show(scene: Scene, isAheadFolded: boolean): void {
    const before = this.scene;
    this.scene = scene;
    this.isAheadFolded = isAheadFolded;
    const isNearer = before?.distance !== scene.distance;
    if (isNearer) this.zoom = this.usualZoom();
    if (before) this.rescale();
    else this.resize();
    if (isNearer) this.comeTo();
  }

  /** How much time is on the screen at a distance before anybody chooses: the whole class, or as little as its words need. */
  private usualZoom(): number {
    const { scene } = this;
    if (!scene || scene.distance === 'room') return 1;
    const fit = Math.max(LEAST_CLASS_PX, this.parts.scroller.clientHeight);
    if (scene.distance === 'route') return Math.max(1, listPx(scene.mainOf.size) / fit);
    return Math.max(1, STATION_MINUTE_PX / (60 * timeScaleOf(scene.plan, fit, true).pxPerSec));
  }

  /** Scrolls to what was looked at before the distance changed. */
  private comeTo(): void {
    const { anchor, scene } = this;
    const { scroller } = this.parts;
    this.anchor = undefined;
    if (anchor && this.scale) scroller.scrollTop = this.scale.yOf(anchor.sec) - anchor.at;
    const lane = scene?.lanes.byId.get(anchor?.lane ?? '');
    if (lane) scroller.scrollLeft = lane.x - GUTTER - 8;
    if (!anchor && this.look.selected !== undefined) this.reveal(this.look.selected);
  }

  lookAt(look: Look): void {
    this.look = look;
    this.placeHandle();
    this.paintSoon();
  }

  /** More (above 1) or less time apart, about a point of the screen or its middle; nearer than the room allows is at a station. */
  zoomBy(factor: number, clientY?: number, clientX?: number): void {
    const { scroller } = this.parts;
    const { scene } = this;
    if (!scene) return;
    const rect = scroller.getBoundingClientRect();
    const at = clientY === undefined ? scroller.clientHeight / 2 : clientY - rect.top;
    const sec = this.scale?.secAt(scroller.scrollTop + at) ?? 0;
    const wanted = this.zoom * factor;
    const x = scroller.scrollLeft + (clientX === undefined ? GUTTER : clientX - rect.left);
    const lane = scene.lanes.lanes.find((l) => x < l.x + l.width && l.kind === 'station')?.id;
    if (scene.distance === 'room' && wanted > NEARER) {
      this.anchor = { sec, at, lane };
      this.host.onDistance('station', lane);
      return;
    }
    if (scene.distance !== 'room' && wanted < FURTHER) {
      this.host.onDistance('room', undefined);
      return;
    }
    // small steps add up until they lead to the other distance
    this.zoom = Math.min(MOST_ZOOM, Math.max(FURTHER, wanted));
    this.rescale();
    scroller.scrollTop = (this.scale?.yOf(sec) ?? 0) - at;
  }

  /** How much nearer than the whole class the times are drawn; the room always has all of it. */
  private get magnification(): number {
    return this.scene?.distance === 'room' ? 1 : Math.max(1, this.zoom);
  }

  /** Brings all of some tasks into sight, with less time apart where they do not fit otherwise. */
  revealAll(tasks: ReadonlySet<string>): void {
    const { scene } = this;
    const { scroller } = this.parts;
    // what all do, and what staff do ahead, is not what makes it somebody's own
    const stationsX = scene?.lanes.lanes.find((l) => l.kind === 'station')?.x ?? 0;
    const blocks = scene?.blocks.filter((b) => tasks.has(b.task.id) && b.kind !== 'together' && b.x >= stationsX) ?? [];
    if (!scene || !this.scale || blocks.length === 0 || scene.distance === 'room') return;
    const [from, to] = [Math.min(...blocks.map((b) => b.fromSec)), Math.max(...blocks.map((b) => b.toSec))];
    const high = this.scale.yOf(to) - this.scale.yOf(from);
    const room = scroller.clientHeight - 80;
    if (high > room) {
      this.zoom = Math.max(1, (this.zoom * room) / high);
      this.rescale();
    }
    scroller.scrollTop = this.scale.yOf(from) - 40;
    scroller.scrollLeft = Math.min(...blocks.map((b) => b.x)) - GUTTER - 8;
  }

  /** Scrolls so far that a task is in sight. */
  reveal(task: string): void {
    const block = this.scene?.mainOf.get(task);
    if (!block || !this.scale) return;
    const { scroller } = this.parts;
    const margin = 40;
    const [top, bottom] = [this.scale.yOf(block.fromSec), this.scale.yOf(block.toSec)];
    if (top < scroller.scrollTop + margin || bottom > scroller.scrollTop + scroller.clientHeight - margin)
      scroller.scrollTop = Math.min(
        top - margin,
        Math.max(scroller.scrollTop, bottom - scroller.clientHeight + margin),
      );
    if (block.x < scroller.scrollLeft + margin || block.x + block.width > scroller.scrollLeft + scroller.clientWidth)
      scroller.scrollLeft = block.x - scroller.clientWidth / 2;
  }

  private resize(): void {
    const { scroller, canvas, overview } = this.parts;
    const dpr = window.devicePixelRatio;
    const sizes = (
      [
        [canvas, scroller.clientWidth, scroller.clientHeight],
        [overview, overview.clientWidth, overview.clientHeight],
      ] as const
    ).map(([c, width, height]) => ({ c, width: Math.round(width * dpr), height: Math.round(height * dpr) }));
    // the first size is told to its observer once more, when all is painted
    const isAsPainted = sizes.every(({ c, width, height }) => c.width === width && c.height === height);
    if (isAsPainted && this.painted === this.scene) return;
    // a new size empties what is painted
    for (const { c, width, height } of sizes) Object.assign(c, { width, height });
    canvas.style.width = `${scroller.clientWidth}px`;
    canvas.style.height = `${scroller.clientHeight}px`;
    this.rescale();
    this.paint();
  }

  /** Lays the times down the board anew. */
  rescale(): void {
    if (!this.scene) return;
    const { scroller, spacer } = this.parts;
    // while something is moved the times keep their places, whatever the plan of the moment is like
    if (this.hand.isMoving && this.scale) {
      this.placeHandle();
      this.paintSoon();
      return;
    }
    const fitPx = Math.max(LEAST_CLASS_PX, scroller.clientHeight);
    const atFit = timeScaleOf(this.scene.plan, fitPx, this.isAheadFolded);
    const aheadPx = this.isAheadFolded ? atFit.height - fitPx : 0;
    this.scale = timeScaleOf(this.scene.plan, (fitPx - aheadPx) * this.magnification, this.isAheadFolded);
    spacer.style.width = `${this.scene.lanes.width}px`;
    spacer.style.height = `${Math.floor(this.scale.height)}px`;
    this.isOverviewStale = true;
    this.placeHandle();
    this.paintSoon();
  }

  private placeHandle(): void {
    const { handle } = this.parts;
    const block = this.scene?.mainOf.get(this.look.selected ?? '');
    handle.hidden = !block;
    if (!block || !this.scale) return;
    const y = this.scale.yOf(block.fromSec);
    handle.style.transform = `translate(${block.x}px, ${y}px)`;
    handle.style.width = `${block.width}px`;
    handle.style.height = `${Math.max(8, this.scale.yOf(block.toSec) - y)}px`;
  }

  /** Paints in the next frame. */
  paintSoon(): void {
    cancelAnimationFrame(this.frame);
    this.frame = requestAnimationFrame(() => this.paint());
  }

  private paint(): void {
    cancelAnimationFrame(this.frame);
    const { scene, scale } = this;
    const { scroller, canvas, overview, header } = this.parts;
    const ctx = canvas.getContext('2d', { alpha: false });
    if (!scene || !scale || !ctx) return;
    const dpr = window.devicePixelRatio;
    const view = {
      x: scroller.scrollLeft,
      y: scroller.scrollTop,
      width: scroller.clientWidth,
      height: scroller.clientHeight,
    };
    header.style.transform = `translateX(${-view.x}px)`;
    ctx.setTransform(dpr, 0, 0, dpr, -view.x * dpr, -view.y * dpr);
    const { palette: colours, ruler, look } = this;
    const { pointed } = this.hand;
    this.written = paintBoard({ ctx, colours, ruler, scene, scale, view, look, pointed, words: [] });
    // the small picture waits until what is dragged is let go
    const isStale = this.isOverviewStale && !this.hand.isHolding;
    paintOverview(overview, { scene, scale, view, colours: this.palette }, isStale);
    if (isStale) this.isOverviewStale = false;
    if (this.painted === scene) return;
    // what is painted has no elements of its own: tests and measurements read off how much of each kind there is
    this.painted = scene;
    scroller.dataset['distance'] = scene.distance;
    for (const kind of ['cook', 'rest'] as const)
      scroller.dataset[`${kind}s`] = String(scene.blocks.filter((b) => b.isMain && b.kind === kind).length);
  }

  private onOverview(e: PointerEvent): void {
    if (e.buttons !== 1) return;
    const { overview, scroller, spacer } = this.parts;
    const rect = overview.getBoundingClientRect();
    const [across, down] = [(e.clientX - rect.left) / rect.width, (e.clientY - rect.top) / rect.height];
    scroller.scrollLeft = across * spacer.clientWidth - scroller.clientWidth / 2;
    scroller.scrollTop = down * spacer.clientHeight - scroller.clientHeight / 2;
  }
}
