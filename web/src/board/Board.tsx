import { useImperativeHandle, useLayoutEffect, useRef, type KeyboardEvent, type ReactNode, type Ref } from 'react';
import type { Followed } from '@hodsman/core';
import { useStable } from '../ui/use-stable.ts';
import { BoardEngine } from './engine.ts';
import type { Host } from './engine-parts.ts';
import { Header } from './Header.tsx';
import type { Look } from './paint/brush.ts';
import type { Scene } from './scene.ts';

/** What others may ask of the board on the screen. */
export interface BoardHandle {
  readonly zoomBy: (factor: number) => void;
  readonly reveal: (task: string) => void;
  readonly revealAll: (tasks: ReadonlySet<string>) => void;
  readonly focus: () => void;
}

interface Props extends Host {
  readonly ref: Ref<BoardHandle>;
  readonly scene: Scene;
  readonly look: Look;
  readonly isAheadFolded: boolean;
  readonly followed: Followed | undefined;
  /** What is to be minded with somebody; empty for most. */
  readonly care: (person: string) => string;
  /** The selected task in words; else how to use the board. */
  readonly words: string;
  /** What stands over the small picture of the whole. */
  readonly tools: ReactNode;
  readonly onKeyDown: (e: KeyboardEvent) => void;
  readonly onFollow: (followed: Followed) => void;
  readonly onFold: (lane: string) => void;
}

/** The kitchen across, time down: every dough from its station to the fire and the table. Painted by the engine. */
export function Board(props: Props) {
  const { ref, scene, look, isAheadFolded, followed, care, words, onKeyDown, onFollow, onFold } = props;
  const scroller = useRef<HTMLDivElement>(null);
  const spacer = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const overview = useRef<HTMLCanvasElement>(null);
  const header = useRef<HTMLDivElement>(null);
  const handle = useRef<HTMLDivElement>(null);
  const engine = useRef<BoardEngine>(null);
  const onSelect = useStable(props.onSelect);
  const onMove = useStable(props.onMove);
  const onDrop = useStable(props.onDrop);
  const onCancel = useStable(props.onCancel);
  const onDistance = useStable(props.onDistance);
  const onMoment = useStable(props.onMoment);

  useLayoutEffect(() => {
    if (!scroller.current || !spacer.current || !canvas.current || !overview.current) return;
    if (!header.current || !handle.current) return;
    const made = new BoardEngine(
      {
        scroller: scroller.current,
        spacer: spacer.current,
        canvas: canvas.current,
        overview: overview.current,
        header: header.current,
        handle: handle.current,
      },
      { onSelect, onMove, onDrop, onCancel, onDistance, onMoment },
    );
    engine.current = made;
    return () => made.destroy();
  }, [onSelect, onMove, onDrop, onCancel, onDistance, onMoment]);
  // the look comes before the scene, which is painted at once: so the first picture is painted a single time
  useLayoutEffect(() => engine.current?.lookAt(look), [look]);
  useLayoutEffect(() => engine.current?.show(scene, isAheadFolded), [scene, isAheadFolded]);
  useImperativeHandle(ref, () => ({
    zoomBy: (factor) => engine.current?.zoomBy(factor),
    reveal: (task) => engine.current?.reveal(task),
    revealAll: (tasks) => engine.current?.revealAll(tasks),
    focus: () => scroller.current?.focus(),
  }));

  return (
    <div className="flex min-h-0 min-w-0 flex-1">
      <div className="flex min-w-0 flex-1 flex-col">
        <Header
          ref={header}
          lanes={scene.lanes}
          workshop={scene.workshop}
          breads={scene.runs.length}
          followed={followed}
          care={care}
          onFollow={onFollow}
          onFold={onFold}
        />
        <div
          ref={scroller}
          data-testid="board"
          role="application"
          aria-roledescription="flow board"
          aria-label={words}
          tabIndex={0}
          className="min-h-0 flex-1 overflow-auto -outline-offset-3"
          onKeyDown={onKeyDown}
        >
          <div ref={spacer} className="relative select-none">
            <canvas ref={canvas} className="sticky top-0 left-0 block" aria-hidden />
            <div
              ref={handle}
              data-testid="selected"
              data-task={look.selected}
              data-start={scene.mainOf.get(look.selected ?? '')?.task.startSec}
              className="absolute top-0 left-0 touch-none cursor-grab"
              hidden
            />
          </div>
        </div>
      </div>
      <div className="flex w-12 shrink-0 flex-col border-l border-line bg-panel">
        {props.tools}
        <canvas
          ref={overview}
          aria-hidden
          title="The whole class; drag to move over it"
          className={`min-h-0 w-full flex-1 touch-none border-t border-line ${scene.distance === 'room' ? 'invisible' : ''}`}
        />
      </div>
    </div>
  );
}
