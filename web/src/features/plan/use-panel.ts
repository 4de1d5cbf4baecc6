import { useState } from 'react';
import { useAppSelector } from '../../store/hooks.ts';

/** A screen at least so wide has room for the panel beside the board. */
const PANEL_FROM_PX = 1100;

/**
 * Whether the panel is beside the board: folded to the edge until something is chosen. While a pointer is held down it stays as it is, so
 * that the board does not move under what is being dragged.
 */
export function usePanel() {
  const { panel, selected, followed } = useAppSelector((s) => s.look);
  const [heldAs, setHeldAs] = useState<boolean>();
  const isChosen = selected !== undefined || followed !== undefined;
  const wanted = panel === 'open' || (panel === 'auto' && isChosen && globalThis.innerWidth >= PANEL_FROM_PX);
  const isPanelOpen = heldAs ?? wanted;
  const release = (): void => setHeldAs(undefined);
  return {
    isPanelOpen,
    held: {
      onPointerDownCapture: () => setHeldAs(isPanelOpen),
      onPointerUp: release,
      onPointerCancel: release,
      onPointerLeave: release,
    },
  };
}
