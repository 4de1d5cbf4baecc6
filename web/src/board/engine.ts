import { isMovable } from '@hodsman/core';
import { blockAt } from './hit.ts';
import { paintOverview } from './overview.ts';
import { paintBoard } from './paint/board.ts';
import type { Look } from './paint/brush.ts';
import { paletteOf, type Palette } from './palette.ts';
import type { Scene } from './scene.ts';
import { timeScaleOf, type TimeScale } from './time-scale.ts';

/** The elements that the engine works on; React makes them and leaves their insides alone. */
export interface Parts {
  readonly scroller: HTMLElement;
  readonly spacer: HTMLElement;
  readonly canvas: HTMLCanvasElement;
  readonly overview: HTMLCanvasElement;
  readonly header: HTMLElement;
  /** Lies over what is selected: what a finger drags, and what a screen reader and a test find. */
  readonly handle: HTMLElement;
}

export interface Host {
  readonly onSelect: (task: string | undefined) => void;
  /** Something is moved to another start, seconds since doors open. */
  readonly onMove: (task: string, startSec: number) => void;
  readonly onDrop: (task: string, startSec: number) => void;
  readonly onCancel: () => void;
}

interface Drag {
  readonly task: string;
  readonly pointer: number;
  readonly grabSec: number;
  readonly fromSec: number;
  readonly fromY: number;
  isMoving: boolean;
  startSec: number;
}

/** Below this height a minute is too small to read; the board scrolls instead. */
const LEAST_CLASS_PX = 420;
const MOST_ZOOM = 12;
const WHEEL_ZOOM = 0.0022;
const DRAG_FROM_PX = 4;
const SNAP_SEC = 60;
const EDGE_PX = 36;
const EDGE_SCROLL_PX = 10;

/**
 * Paints the board and moves it: scroll, zoom, drag. It works past React, frame by frame; what somebody decides (a selection, a start) goes
 * to the host.
 */
export class BoardEngine {
  private scene: Scene | undefined;
  private scale: TimeScale | undefined;
  private look: Look = { lit: undefined, selected: undefined, pinned: new Set(), ghost: undefined };
  private isAheadFolded = true;
  private zoom = 1;
  private palette: Palette;
  private frame = 0;
  private isOverviewStale = true;
  private painted: Scene | undefined;
  private drag: Drag | undefined;
  private readonly ended = new AbortController();
  private readonly sizes: ResizeObserver;
  private readonly themes: MutationObserver;

  constructor(
    private readonly parts: Parts,
    private readonly host: Host,
  ) {
    this.palette = paletteOf(parts.scroller);
    const { signal } = this.ended;
    const { scroller, spacer, overview, handle } = parts;
    scroller.addEventListener('scroll', () => this.paintSoon(), { signal, passive: true });
    scroller.addEventListener('wheel', (e) => this.onWheel(e), { signal, passive: false });
    for (const target of [spacer, handle])
      target.addEventListener('pointerdown', (e) => this.onPress(e, target === handle), { signal });
    spacer.addEventListener('pointermove', (e) => this.onPointerMove(e), { signal });
    spacer.addEventListener('pointerup', (e) => this.onRelease(e), { signal });
    spacer.addEventListener('pointercancel', () => this.cancelDrag(), { signal });
    window.addEventListener('keydown', (e) => e.key === 'Escape' && this.cancelDrag(), { signal, capture: true });
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
    void document.fonts.ready.then(() => this.paintSoon());
  }

  destroy(): void {
    this.ended.abort();
    this.sizes.disconnect();
    this.themes.disconnect();
    cancelAnimationFrame(this.frame);
  }

  /** Shows another scene; what is in sight stays where it is. */
  show(scene: Scene, isAheadFolded: boolean): void {
    const isFirst = !this.scene;
    this.scene = scene;
    this.isAheadFolded = isAheadFolded;
    if (isFirst) this.resize();
    else this.rescale();
  }

  lookAt(look: Look): void {
    this.look = look;
    this.placeHandle();
    this.paintSoon();
  }

  /** More (above 1) or less time apart, about a height of the screen or the middle. */
  zoomBy(factor: number, clientY?: number): void {
    const { scroller } = this.parts;
    const at = clientY === undefined ? scroller.clientHeight / 2 : clientY - scroller.getBoundingClientRect().top;
    const sec = this.scale?.secAt(scroller.scrollTop + at) ?? 0;
    this.zoom = Math.min(MOST_ZOOM, Math.max(1, this.zoom * factor));
    this.rescale();
    scroller.scrollTop = (this.scale?.yOf(sec) ?? 0) - at;
  }

  /** The whole class on the screen. */
  fit(): void {
    this.zoom = 1;
    this.rescale();
    this.parts.scroller.scrollTop = 0;
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
    for (const [c, width, height] of [
      [canvas, scroller.clientWidth, scroller.clientHeight],
      [overview, overview.clientWidth, overview.clientHeight],
    ] as const) {
      c.width = Math.round(width * dpr);
      c.height = Math.round(height * dpr);
    }
    canvas.style.width = `${scroller.clientWidth}px`;
    canvas.style.height = `${scroller.clientHeight}px`;
    this.rescale();
    this.paint();
  }

  private rescale(): void {
    if (!this.scene) return;
    const { scroller, spacer } = this.parts;
    const fitPx = Math.max(LEAST_CLASS_PX, scroller.clientHeight);
    const atFit = timeScaleOf(this.scene.plan, fitPx, this.isAheadFolded);
    const aheadPx = this.isAheadFolded ? atFit.height - fitPx : 0;
    this.scale = timeScaleOf(this.scene.plan, (fitPx - aheadPx) * this.zoom, this.isAheadFolded);
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

  private paintSoon(): void {
    cancelAnimationFrame(this.frame);
    this.frame = requestAnimationFrame(() => this.paint());
  }

  private paint(): void {
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
    paintBoard({ ctx, colours: this.palette, scene, scale, view, look: this.look });
    // the small picture waits until what is dragged is let go
    const isStale = this.isOverviewStale && !this.drag;
    paintOverview(overview, { scene, scale, view, colours: this.palette }, isStale);
    if (isStale) this.isOverviewStale = false;
    if (this.painted === scene) return;
    // what is painted has no elements of its own: tests and measurements read off how much of each kind there is
    this.painted = scene;
    for (const kind of ['cook', 'rest'] as const)
      scroller.dataset[`${kind}s`] = String(scene.blocks.filter((b) => b.isMain && b.kind === kind).length);
  }

  private onWheel(e: WheelEvent): void {
    if (!e.ctrlKey && !e.metaKey) return;
    e.preventDefault();
    this.zoomBy(Math.exp(-e.deltaY * WHEEL_ZOOM), e.clientY);
  }

  /** Where a pointer is on the board. */
  private pointOf(e: PointerEvent): { readonly x: number; readonly y: number } {
    const rect = this.parts.spacer.getBoundingClientRect();
    return { x: e.clientX - rect.left, y: e.clientY - rect.top };
  }

  private taskAt(e: PointerEvent): string | undefined {
    const { x, y } = this.pointOf(e);
    return this.scene && this.scale ? blockAt(this.scene, this.scale, x, y)?.task.id : undefined;
  }

  private onPress(e: PointerEvent, isHandle: boolean): void {
    if (e.button !== 0) return;
    e.stopPropagation();
    const task = isHandle ? this.look.selected : this.taskAt(e);
    const block = this.scene?.mainOf.get(task ?? '');
    if (!block || !this.scale || task === undefined) {
      this.host.onSelect(undefined);
      return;
    }
    this.host.onSelect(task);
    // a finger on the board scrolls it; it moves what is selected by the handle alone
    if (!isMovable(block.task) || (e.pointerType === 'touch' && !isHandle)) return;
    const { y } = this.pointOf(e);
    const startSec = block.task.startSec;
    this.parts.spacer.setPointerCapture(e.pointerId);
    this.drag = {
      task,
      pointer: e.pointerId,
      grabSec: this.scale.secAt(y) - startSec,
      fromSec: startSec,
      fromY: e.clientY,
      isMoving: false,
      startSec,
    };
  }

  private onPointerMove(e: PointerEvent): void {
    const { drag, scale } = this;
    if (!drag || !scale) {
      if (e.pointerType === 'mouse') this.parts.spacer.style.cursor = this.taskAt(e) === undefined ? '' : 'pointer';
      return;
    }
    if (e.pointerId !== drag.pointer) return;
    if (!drag.isMoving && Math.abs(e.clientY - drag.fromY) < DRAG_FROM_PX) return;
    drag.isMoving = true;
    this.parts.spacer.style.cursor = 'grabbing';
    this.scrollAtEdge(e.clientY);
    const wished = scale.secAt(this.pointOf(e).y) - drag.grabSec - drag.fromSec;
    const startSec = drag.fromSec + Math.round(wished / SNAP_SEC) * SNAP_SEC;
    if (startSec === drag.startSec) return;
    drag.startSec = startSec;
    this.host.onMove(drag.task, startSec);
  }

  private scrollAtEdge(clientY: number): void {
    const { scroller } = this.parts;
    const { top, bottom } = scroller.getBoundingClientRect();
    if (clientY < top + EDGE_PX) scroller.scrollTop -= EDGE_SCROLL_PX;
    if (clientY > bottom - EDGE_PX) scroller.scrollTop += EDGE_SCROLL_PX;
  }

  private onRelease(e: PointerEvent): void {
    const { drag } = this;
    if (drag?.pointer !== e.pointerId) return;
    this.drag = undefined;
    this.parts.spacer.style.cursor = '';
    if (!drag.isMoving) return;
    if (drag.startSec === drag.fromSec) this.host.onCancel();
    else this.host.onDrop(drag.task, drag.startSec);
  }

  private cancelDrag(): void {
    if (!this.drag) return;
    this.drag = undefined;
    this.parts.spacer.style.cursor = '';
    this.host.onCancel();
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
