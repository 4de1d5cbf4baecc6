import type { Workshop } from '@hodsman/core';
import type { Block, BoardLayout } from './layout.ts';
import { RestBlock } from './RestBlock.tsx';
import { fitted, pieceName, shortPieceName, taskName } from './words.ts';

const LABEL_SIZE = 13;
const SMALL_LABEL_SIZE = 11;
const LEAST_LABEL_HEIGHT = 11;

interface Props {
  readonly block: Block;
  readonly layout: BoardLayout;
  readonly workshop: Workshop;
}

/** One block of the board; its texture says what is being done. */
export function BlockShape({ block, layout, workshop }: Props) {
  const { task, kind, x, y, width, height } = block;
  const togetherSize = height < 20 ? SMALL_LABEL_SIZE : 15;
  switch (kind) {
    case 'rest':
      return <RestBlock block={block} layout={layout} />;
    case 'together':
      return (
        <g>
          <rect x={x} y={y} width={width} height={height} rx={4} fill="var(--hands)" opacity={0.22} />
          {height >= LEAST_LABEL_HEIGHT && (
            <text
              x={x + 12}
              y={y + Math.min(height / 2 + togetherSize * 0.36, 24)}
              fontSize={togetherSize}
              fontWeight={600}
              fill="var(--ink)"
            >
              {fitted(`${taskName(task)}${togetherSize < 15 ? '' : ' – everyone'}`, width - 20, togetherSize)}
            </text>
          )}
        </g>
      );
    case 'away':
      return (
        <g>
          <rect
            x={x + 0.5}
            y={y + 1}
            width={width - 1}
            height={Math.max(2, height - 2)}
            rx={3}
            fill="var(--ground)"
            stroke="var(--ember)"
            strokeWidth={1}
          />
          <BlockLabel
            block={block}
            label={`at ${task.at?.id ?? ''}`}
            shorter={task.at?.id ?? ''}
            colour="var(--ember-text)"
          />
        </g>
      );
    case 'preheat':
      return (
        <g>
          <rect
            x={x + 3}
            y={y}
            width={width - 6}
            height={height}
            rx={3}
            fill="url(#heating)"
            stroke="var(--ember)"
            strokeWidth={1}
          />
          {height > 18 && width > 72 && (
            <>
              <rect x={x + width / 2 - 30} y={y + height / 2 - 9} width={60} height={18} rx={3} fill="var(--ground)" />
              <text x={x + width / 2} y={y + height / 2 + 4.5} fontSize={12} textAnchor="middle" fill="var(--ink)">
                heat up
              </text>
            </>
          )}
        </g>
      );
    case 'cook':
    case 'hands': {
      const isCook = kind === 'cook';
      const label = isCook ? pieceName(workshop, task) : taskName(task);
      return (
        <g>
          <rect
            x={x}
            y={y + 0.5}
            width={width}
            height={Math.max(2, height - 1)}
            rx={3}
            fill={isCook ? 'var(--ember)' : task.piece === undefined ? 'var(--hands)' : 'var(--hands-soft)'}
          />
          {task.turnsSec?.map((sec) => (
            <path
              key={sec}
              d={`M${x} ${layout.yOf(sec)}h9M${x + width} ${layout.yOf(sec)}h-9`}
              stroke="var(--on-ember)"
              strokeWidth={2}
            />
          ))}
          <BlockLabel
            block={block}
            label={label}
            shorter={isCook ? shortPieceName(workshop, task) : (task.step ?? '')}
            colour={isCook ? 'var(--on-ember)' : 'var(--on-hands)'}
          />
        </g>
      );
    }
  }
}

function BlockLabel({
  block,
  label,
  shorter,
  colour,
}: {
  readonly block: Block;
  readonly label: string;
  readonly shorter?: string;
  readonly colour: string;
}) {
  const { x, y, width, height } = block;
  if (height < LEAST_LABEL_HEIGHT) return null;
  const size = height < 15 ? SMALL_LABEL_SIZE : LABEL_SIZE;
  return (
    <text
      x={x + width / 2}
      y={y + Math.min(height / 2, 22) + size * 0.36}
      fontSize={size}
      textAnchor="middle"
      fill={colour}
      fontWeight={550}
    >
      {fitted(label, width - (block.kind === 'cook' ? 20 : 2), size, shorter)}
    </text>
  );
}
