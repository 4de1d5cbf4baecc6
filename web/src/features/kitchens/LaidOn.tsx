import { useDraggable, useDroppable } from '@dnd-kit/core';
import type { ReactNode } from 'react';
import { drawnSpots, griddleName, type Bread, type Griddle } from '@hodsman/core';
import { BreadGlyph } from '../../bread-ui/BreadGlyph.tsx';
import { GriddlePlate, PieceOnPlate } from '../../bread-ui/GriddlePlate.tsx';
import { pointerOf } from '../../ui/dragging.ts';

/** Pixels a centimetre: the same for all griddles, so that they compare. */
const SCALE = 2.6;
const SPARE_PX = 26;

/** A bread under the pointer: one that lies on a griddle, or one more beside it. */
export interface Dragged {
  readonly griddle: string;
  readonly bread: string;
  readonly isSpare: boolean;
}

const plateId = ({ griddle, bread }: Pick<Dragged, 'griddle' | 'bread'>): string => `${griddle} ${bread}`;

/** How many more a griddle holds once a bread was let go: one less off it, one more onto it. */
export function countChange(moved: Dragged, over: string | undefined): -1 | 0 | 1 {
  const isOver = over === plateId(moved);
  if (moved.isSpare) return isOver ? 1 : 0;
  return isOver ? 0 : -1;
}

const countWords = (n: number): string => (n === 0 ? 'does not fit' : n === 1 ? 'one' : `${n} of these`);

interface Props {
  readonly griddle: Griddle;
  readonly bread: Pick<Bread, 'id' | 'name' | 'piece'>;
  readonly gapCm: number;
  readonly count: number;
}

/** A griddle from above with a bread on it as often as it holds; the number beside it is how the keyboard changes that. */
export function LaidOn({ griddle, bread, gapCm, count }: Props) {
  const on = { griddle: griddle.id, bread: bread.id };
  const { setNodeRef, isOver } = useDroppable({ id: plateId(on) });
  return (
    <figure className="inline-block [&_svg]:overflow-visible">
      <div ref={setNodeRef} className={`rounded-cut ${isOver ? 'outline-2 outline-hands' : ''}`}>
        <GriddlePlate griddle={griddle} scale={SCALE} label={`${griddleName(griddle)} holds ${count} ${bread.name}`}>
          {drawnSpots(griddle, bread.piece, gapCm, count).map((s, i) => (
            <Lying key={`${s.xCm},${s.yCm},${s.turnDeg}`} of={{ ...on, isSpare: false }} number={i}>
              <PieceOnPlate piece={bread.piece} at={s} />
            </Lying>
          ))}
        </GriddlePlate>
      </div>
      <figcaption
        className={`figures flex items-center justify-center gap-2 text-sm ${count === 0 ? 'text-trouble' : ''}`}
      >
        {countWords(count)}
        <Spare of={{ ...on, isSpare: true }} shape={bread.piece.shape} />
      </figcaption>
    </figure>
  );
}

/** A bread that lies on the griddle, and is dragged off it. */
function Lying({
  of,
  number,
  children,
}: {
  readonly of: Dragged;
  readonly number: number;
  readonly children: ReactNode;
}) {
  const { setNodeRef, listeners, transform } = useDraggable({ id: `${plateId(of)} ${number}`, data: { ...of } });
  return (
    <g
      ref={(node) => setNodeRef(node as unknown as HTMLElement)}
      className="cursor-grab touch-none"
      transform={transform ? `translate(${transform.x / SCALE} ${transform.y / SCALE})` : undefined}
      {...pointerOf(listeners)}
    >
      {children}
    </g>
  );
}

/** One bread more, to be dragged onto the griddle. */
function Spare({ of, shape }: { readonly of: Dragged; readonly shape: Bread['piece']['shape'] }) {
  const { setNodeRef, listeners, transform } = useDraggable({ id: `${plateId(of)} spare`, data: { ...of } });
  return (
    <span
      ref={setNodeRef}
      title="One more: drag it onto the griddle"
      data-spare={plateId(of)}
      className="inline-block cursor-grab touch-none print:hidden"
      style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : undefined}
      {...pointerOf(listeners)}
    >
      <svg width={SPARE_PX} height={SPARE_PX} aria-hidden>
        <BreadGlyph shape={shape} x={SPARE_PX / 2} y={SPARE_PX / 2} size={18} />
      </svg>
    </span>
  );
}
