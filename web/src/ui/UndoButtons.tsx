import { Redo2, Undo2 } from 'lucide-react';
import { ICON_BUTTON } from './buttons.ts';

interface Props {
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly onUndo: () => void;
  readonly onRedo: () => void;
}

export function UndoButtons({ canUndo, canRedo, onUndo, onRedo }: Props) {
  return (
    <>
      <button type="button" className={ICON_BUTTON} aria-label="Undo" disabled={!canUndo} onClick={onUndo}>
        <Undo2 size={20} aria-hidden />
      </button>
      <button type="button" className={ICON_BUTTON} aria-label="Redo" disabled={!canRedo} onClick={onRedo}>
        <Redo2 size={20} aria-hidden />
      </button>
    </>
  );
}
