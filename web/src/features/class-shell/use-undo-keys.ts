import { useEffect } from 'react';
import { draftActions } from '../../app/draft.ts';
import { useAppDispatch } from '../../app/hooks.ts';

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLInputElement && target.type !== 'number' && target.type !== 'checkbox';

/** Ctrl+Z undoes and Ctrl+Shift+Z or Ctrl+Y redoes a change of the class; a field that is typed in keeps its own. */
export function useUndoKeys(): void {
  const dispatch = useAppDispatch();
  useEffect(() => {
    const onKey = (e: KeyboardEvent): void => {
      if (!(e.ctrlKey || e.metaKey) || isTyping(e.target)) return;
      const key = e.key.toLowerCase();
      if (key !== 'z' && key !== 'y') return;
      e.preventDefault();
      dispatch(key === 'y' || e.shiftKey ? draftActions.redone() : draftActions.undone());
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  }, [dispatch]);
}
