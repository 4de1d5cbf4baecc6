import { useMemo, useRef, useState, type KeyboardEvent } from 'react';
import type { Plan, Workshop } from '@hodsman/core';
import { BlockShape } from './BlockShape.tsx';
import { BoardHeader, HEADER_HEIGHT } from './BoardHeader.tsx';
import { blocksOf, layoutBoard, type Block } from './layout.ts';
import { isDirection, neighbourOf } from './neighbour.ts';
import { RestWindow } from './RestBlock.tsx';
import { TableLane } from './TableLane.tsx';
import { Threads } from './Threads.tsx';
import { TimeGrid } from './TimeGrid.tsx';
import { useSize } from './use-size.ts';
import { TaskDetail } from './TaskDetail.tsx';
import { taskSentence } from './words.ts';

interface Props {
  readonly plan: Plan;
  readonly workshop: Workshop;
  /** 1 shows the whole class; 2 shows half of it. */
  readonly zoom: number;
}

const DETAIL_HEIGHT = 64;
/** Below this height a minute is too small to read; the board scrolls instead. */
const LEAST_HEIGHT = 420;

/** All tasks of the dough that a task belongs to: its batch's own, and those of its pieces. */
function routeOf(plan: Plan, id: string | undefined): ReadonlySet<string> | undefined {
  const task = plan.tasks.find((t) => t.id === id);
  const batch = plan.batches.find(
    (b) => b.id === task?.batch || (task?.piece !== undefined && b.pieces.includes(task.piece)),
  );
  if (!batch) return undefined;
  // a piece's route is its own and its dough's; a dough's is everybody's who comes from it
  const pieces = task?.piece === undefined ? new Set(batch.pieces) : new Set([task.piece]);
  return new Set(
    plan.tasks.filter((t) => t.batch === batch.id || (t.piece !== undefined && pieces.has(t.piece))).map((t) => t.id),
  );
}

/** The kitchen across, time down: every dough from its station to the fire and the table. */
export function FlowBoard({ plan, workshop, zoom }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(frame);
  const [selected, setSelected] = useState<string>();
  const layout = useMemo(
    () => layoutBoard(plan, workshop, width, Math.max(LEAST_HEIGHT, height - HEADER_HEIGHT) * zoom),
    [plan, workshop, width, height, zoom],
  );
  const blocks = useMemo(() => blocksOf(plan, layout), [plan, layout]);
  const breads = useMemo(() => new Set(plan.tasks.flatMap((t) => t.piece ?? [])).size, [plan]);
  const lit = useMemo(() => routeOf(plan, selected), [plan, selected]);
  const current = blocks.find((b) => b.task.id === selected && b.kind !== 'away');

  const onKeyDown = (e: KeyboardEvent): void => {
    if (e.key === 'Escape') setSelected(undefined);
    if (!isDirection(e.key)) return;
    e.preventDefault();
    const stops = blocks.filter((b) => b.kind !== 'away');
    const next = current ? neighbourOf(stops, current, e.key) : stops[0];
    if (next) setSelected(next.task.id);
  };
  const opacityOf = (b: Block): number =>
    !lit || lit.has(b.task.id) || b.kind === 'together' || b.kind === 'preheat' ? 1 : 0.28;

  return (
    <div className="flex h-full flex-col">
      <div ref={frame} className="min-h-0 flex-1 overflow-auto" data-testid="board">
        {width > 0 && (
          <div style={{ width: layout.width }}>
            <div className="sticky top-0 z-1">
              <BoardHeader layout={layout} workshop={workshop} breads={breads} />
            </div>
            <svg
              width={layout.width}
              height={layout.height}
              className="block"
              role="application"
              aria-roledescription="flow board"
              aria-label={
                current
                  ? taskSentence(plan, workshop, current.task)
                  : 'The class as a board: arrow keys walk from task to task; the same plan is there as a table'
              }
              tabIndex={0}
              onKeyDown={onKeyDown}
              onClick={() => {
                setSelected(undefined);
              }}
            >
              <defs>
                <pattern id="heating" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                  <line x1="0" y1="0" x2="0" y2="7" stroke="var(--ember)" strokeWidth="1.6" opacity="0.55" />
                </pattern>
              </defs>
              <TimeGrid layout={layout} workshop={workshop} tableSec={plan.tableSec} />
              <Threads blocks={blocks} lit={lit} />
              <TableLane plan={plan} workshop={workshop} layout={layout} />
              {blocks.map((b) => (
                <g
                  key={`${b.kind} ${b.task.id} ${b.x}`}
                  data-task={b.task.id}
                  data-kind={b.kind}
                  opacity={opacityOf(b)}
                  className="cursor-pointer"
                  onClick={(e) => {
                    e.stopPropagation();
                    setSelected(b.task.id);
                  }}
                >
                  <BlockShape block={b} layout={layout} workshop={workshop} />
                </g>
              ))}
              {blocks.map(
                (b) =>
                  b.kind === 'rest' &&
                  (!lit || lit.has(b.task.id)) && <RestWindow key={b.task.id} block={b} layout={layout} />,
              )}
              {current && (
                <rect
                  x={current.x - 2}
                  y={current.y - 1.5}
                  width={current.width + 4}
                  height={current.height + 3}
                  rx={5}
                  fill="none"
                  stroke="var(--ink)"
                  strokeWidth={3}
                  pointerEvents="none"
                />
              )}
            </svg>
          </div>
        )}
      </div>
      <p
        className="figures flex items-center border-t border-line bg-panel px-4 pr-64"
        style={{ minHeight: DETAIL_HEIGHT }}
        data-testid="detail"
      >
        {current ? (
          <TaskDetail plan={plan} workshop={workshop} task={current.task} />
        ) : (
          <span className="text-quiet">
            Click a block, or walk with the arrow keys, to follow its dough to the table.
          </span>
        )}
      </p>
    </div>
  );
}
