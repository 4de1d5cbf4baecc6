import { useEffect } from 'react';

const isTyping = (target: EventTarget | null): boolean =>
  (target instanceof HTMLInputElement &&
    target.type !== 'number' &&
    target.type !== 'checkbox' &&
    target.inputMode !== 'decimal') ||
  target instanceof HTMLTextAreaElement;

/** Ctrl+Z undoes and Ctrl+Shift+Z or Ctrl+Y redoes; a field that words are typed in keeps its own. */
export function useUndoKeys(onUndo: () => void, onRedo: () => void): void {
  useEffect(() => {
    const onKey = (e: KeyboardEvent): void => {
      if (!(e.ctrlKey || e.metaKey) || isTyping(e.target)) return;
      const key = e.key.toLowerCase();
      if (key !== 'z' && key !== 'y') return;
      e.preventDefault();
      if (key === 'y' || e.shiftKey) onRedo();
      else onUndo();
    };
    window.addEventListener('keydown', onKey);
    return () => {
      window.removeEventListener('keydown', onKey);
    };
  }, [onUndo, onRedo]);
}
