import { DndContext, PointerSensor, pointerWithin, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import {
  type Bread,
  type Griddle,
  griddleName,
  ofRoundOf,
  spotsOnGriddle,
  widthOf,
  WIDE_SHAPES,
  withSpots,
  sidesText,
  cmText,
} from '@hodsman/core';
import { NumberField } from '../../ui/NumberField.tsx';
import { BreadGlyph } from '../../bread-ui/BreadGlyph.tsx';
import { AFTER_A_MOVE } from '../../ui/dragging.ts';
import { countChange, LaidOn, type Dragged } from './LaidOn.tsx';

const sizeWords = (g: Griddle): string =>
  g.shape === 'round' ? `${cmText(g.diameterCm)} across` : sidesText(g.widthCm, g.depthCm);

interface Props {
  readonly griddles: readonly Griddle[];
  readonly gapCm: number;
  readonly breads: readonly Pick<Bread, 'id' | 'name' | 'piece'>[];
  /** A griddle holds another number of a bread than its shape says, or as many as that again. */
  readonly onGriddle: (griddle: Griddle) => void;
}

/**
 * Every griddle from above, to one scale, with each bread as often as it fits: two of these, one of those. A bread is dragged off, or one
 * more is dragged on, where somebody knows better.
 */
export function GriddleTable({ griddles, gapCm, breads, onGriddle }: Props) {
  const sensors = useSensors(useSensor(PointerSensor, AFTER_A_MOVE));
  const drop = ({ active, over }: DragEndEvent): void => {
    const moved = active.data.current as Dragged | undefined;
    const griddle = griddles.find((g) => g.id === moved?.griddle);
    const bread = breads.find((b) => b.id === moved?.bread);
    if (!moved || !griddle || !bread) return;
    const change = countChange(moved, over === null ? undefined : String(over.id));
    if (change !== 0) onGriddle(withSpots(griddle, bread, gapCm, spotsOnGriddle(griddle, bread, gapCm) + change));
  };
  return (
    <DndContext sensors={sensors} collisionDetection={pointerWithin} onDragEnd={drop}>
      <section aria-labelledby="carry-head" className="min-w-0">
        <h2 id="carry-head" className="text-lg">
          What the griddles carry at a time
        </h2>
        <div className="overflow-x-auto">
          <table className="border-separate border-spacing-x-4 border-spacing-y-2">
            <thead>
              <tr>
                <td />
                {breads.map((b) => (
                  <th key={b.id} scope="col" className="max-w-44 text-left align-bottom font-normal">
                    <span className="flex items-center gap-2">
                      <svg width={22} height={22} aria-hidden className="shrink-0">
                        <BreadGlyph shape={b.piece.shape} x={11} y={11} size={18} />
                      </svg>
                      <span className="truncate" title={b.name}>
                        {b.name}
                      </span>
                    </span>
                    <span className="figures text-sm text-quiet">{sizeOfPiece(b.piece)}</span>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {griddles.map((g) => (
                <tr key={g.id}>
                  <th scope="row" className="pr-2 text-left font-normal">
                    <b>{griddleName(g)}</b>
                    <span className="figures block text-sm whitespace-nowrap text-quiet">
                      {g.surface}, {sizeWords(g)}
                    </span>
                  </th>
                  {breads.map((b) => (
                    <td key={b.id} className="text-center align-bottom">
                      <LaidOn griddle={g} bread={b} gapCm={gapCm} count={spotsOnGriddle(g, b, gapCm)} />
                      <OwnNumber griddle={g} bread={b} gapCm={gapCm} onGriddle={onGriddle} />
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </section>
    </DndContext>
  );
}

/** How many of a bread a griddle holds, typed where somebody knows better than its shape does. */
function OwnNumber({
  griddle,
  bread,
  gapCm,
  onGriddle,
}: Pick<Props, 'gapCm' | 'onGriddle'> & { readonly griddle: Griddle; readonly bread: Props['breads'][number] }) {
  const isOwn = griddle.spots?.[bread.id] !== undefined;
  return (
    <span className="flex items-center justify-center gap-1.5">
      <NumberField
        label={`How many ${bread.name} ${griddleName(griddle)} holds`}
        isLabelHidden
        value={spotsOnGriddle(griddle, bread, gapCm)}
        digits={0}
        most={100}
        className="w-14"
        onChange={(count) => onGriddle(withSpots(griddle, bread, gapCm, count))}
      />
      {isOwn && (
        <button
          type="button"
          className="min-h-8 rounded-cut px-1.5 text-sm underline hover:bg-steel"
          onClick={() => onGriddle(withSpots(griddle, bread, gapCm, undefined))}
        >
          by its size
        </button>
      )}
    </span>
  );
}

const sizeOfPiece = (piece: Bread['piece']): string =>
  WIDE_SHAPES.includes(piece.shape ?? '')
    ? sidesText(piece.diameterCm, widthOf(piece))
    : piece.shape === 'wedge'
      ? `${cmText(piece.diameterCm)}, ${ofRoundOf(piece)} make a round`
      : cmText(piece.diameterCm);
