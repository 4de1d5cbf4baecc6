import { isMovable, taskSentence } from '@hodsman/core';
import type { Host, Parts } from './engine-parts.ts';
import { blockAt } from './hit.ts';
import { GUTTER } from './lanes.ts';
import type { Look } from './paint/brush.ts';
import type { Scene } from './scene.ts';
import type { TimeScale } from './time-scale.ts';

interface Drag {
  readonly task: string;
  readonly pointer: number;
  readonly grabSec: number;
  readonly fromSec: number;
  readonly fromY: number;
  isMoving: boolean;
  startSec: number;
}

const WHEEL_ZOOM = 0.0022;
const DRAG_FROM_PX = 4;
const SNAP_SEC = 60;
const EDGE_PX = 36;
const EDGE_SCROLL_PX = 10;

/** What a hand on the board must know of it. */
interface Held {
  readonly scene: Scene | undefined;
  readonly scale: TimeScale | undefined;
  readonly look: Look;
  readonly zoomBy: (factor: number, clientY?: number, clientX?: number) => void;
  readonly rescale: () => void;
  readonly paintSoon: () => void;
}

/** What a pointer and a wheel do on the board: choose, move a start, move the moment that is looked at, come nearer. */
export class BoardHand {
  private drag: Drag | undefined;
  private isAtMoment = false;
  /** The task under a mouse that nothing is held with. */
  pointed: string | undefined;

  constructor(
    private readonly parts: Parts,
    private readonly host: Host,
    private readonly board: Held,
    signal: AbortSignal,
  ) {
    const { scroller, spacer, handle } = parts;
    scroller.addEventListener('wheel', (e) => this.onWheel(e), { signal, passive: false });
    for (const target of [spacer, handle])
      target.addEventListener('pointerdown', (e) => this.onPress(e, target === handle), { signal });
    spacer.addEventListener('pointermove', (e) => this.onPointerMove(e), { signal });
    spacer.addEventListener('pointerup', (e) => this.onRelease(e), { signal });
    spacer.addEventListener('pointerleave', () => this.pointTo(undefined), { signal });
    spacer.addEventListener('pointercancel', () => this.cancel(), { signal });
    window.addEventListener('keydown', (e) => e.key === 'Escape' && this.cancel(), { signal, capture: true });
  }

  /** Something is held down, moved or not. */
  get isHolding(): boolean {
    return this.drag !== undefined;
  }

  /** A start is being moved. */
  get isMoving(): boolean {
    return this.drag?.isMoving === true;
  }

  private onWheel(e: WheelEvent): void {
    const isZoom = e.ctrlKey || e.metaKey;
    if (!isZoom && !e.altKey && !this.isInGutter(e)) return;
    e.preventDefault();
    if (isZoom) this.board.zoomBy(Math.exp(-e.deltaY * WHEEL_ZOOM), e.clientY, e.clientX);
    else this.host.onMoment((this.board.look.atSec ?? 0) + Math.sign(e.deltaY) * SNAP_SEC);
  }

  /** Where a pointer is on the board. */
  private pointOf(e: PointerEvent): { readonly x: number; readonly y: number } {
    const rect = this.parts.spacer.getBoundingClientRect();
    return { x: e.clientX - rect.left, y: e.clientY - rect.top };
  }

  private isInGutter(e: MouseEvent): boolean {
    return e.clientX - this.parts.scroller.getBoundingClientRect().left < GUTTER - 2;
  }

  private toMoment(e: PointerEvent): void {
    const sec = this.board.scale?.secAt(this.pointOf(e).y) ?? 0;
    this.host.onMoment(Math.round(sec / SNAP_SEC) * SNAP_SEC);
  }

  private taskAt(e: PointerEvent): string | undefined {
    const { x, y } = this.pointOf(e);
    const { scene, scale } = this.board;
    return scene && scale ? blockAt(scene, scale, x, y)?.task.id : undefined;
  }

  private onPress(e: PointerEvent, isHandle: boolean): void {
    if (e.button !== 0) return;
    e.stopPropagation();
    if (!isHandle && this.isInGutter(e)) {
      this.isAtMoment = true;
      this.parts.spacer.setPointerCapture(e.pointerId);
      this.toMoment(e);
      return;
    }
    const task = isHandle ? this.board.look.selected : this.taskAt(e);
    const block = this.board.scene?.mainOf.get(task ?? '');
    if (!block || !this.board.scale || task === undefined) {
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
      grabSec: this.board.scale.secAt(y) - startSec,
      fromSec: startSec,
      fromY: e.clientY,
      isMoving: false,
      startSec,
    };
  }

  private onPointerMove(e: PointerEvent): void {
    const { drag } = this;
    const { scale } = this.board;
    if (this.isAtMoment) {
      this.toMoment(e);
      return;
    }
    if (!drag || !scale) {
      if (e.pointerType === 'mouse') this.pointAt(e);
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

  private pointTo(task: string | undefined): void {
    if (task === this.pointed) return;
    this.pointed = task;
    this.board.paintSoon();
  }

  /** What lies under the pointer, in words, since not every block has room for them. */
  private pointAt(e: PointerEvent): void {
    const { spacer } = this.parts;
    const { scene } = this.board;
    const id = this.taskAt(e);
    const task = scene?.mainOf.get(id ?? '')?.task;
    this.pointTo(id);
    spacer.style.cursor = this.isInGutter(e) ? 'row-resize' : task ? 'pointer' : '';
    const words = scene && task ? taskSentence(scene.plan, scene.workshop, task) : '';
    if (spacer.title !== words) spacer.title = words;
  }

  private scrollAtEdge(clientY: number): void {
    const { scroller } = this.parts;
    const { top, bottom } = scroller.getBoundingClientRect();
    if (clientY < top + EDGE_PX) scroller.scrollTop -= EDGE_SCROLL_PX;
    if (clientY > bottom - EDGE_PX) scroller.scrollTop += EDGE_SCROLL_PX;
  }

  private onRelease(e: PointerEvent): void {
    const { drag } = this;
    this.isAtMoment = false;
    if (drag?.pointer !== e.pointerId) return;
    this.drag = undefined;
    this.parts.spacer.style.cursor = '';
    if (!drag.isMoving) return;
    this.board.rescale();
    if (drag.startSec === drag.fromSec) this.host.onCancel();
    else this.host.onDrop(drag.task, drag.startSec);
  }

  private cancel(): void {
    this.isAtMoment = false;
    if (!this.drag) return;
    this.drag = undefined;
    this.parts.spacer.style.cursor = '';
    this.board.rescale();
    this.host.onCancel();
  }
}
