import { Redo2, Undo2 } from 'lucide-react';
import { ICON_BUTTON } from './buttons.ts';

interface Props {
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  /** What they are called, where a page has two pairs. */
  readonly labels?: readonly [undo: string, redo: string];
  readonly onUndo: () => void;
  readonly onRedo: () => void;
}

export function UndoButtons({ canUndo, canRedo, labels = ['Undo', 'Redo'], onUndo, onRedo }: Props) {
  return (
    <>
      <button type="button" className={ICON_BUTTON} aria-label={labels[0]} disabled={!canUndo} onClick={onUndo}>
        <Undo2 size={20} aria-hidden />
      </button>
      <button type="button" className={ICON_BUTTON} aria-label={labels[1]} disabled={!canRedo} onClick={onRedo}>
        <Redo2 size={20} aria-hidden />
      </button>
    </>
  );
}
