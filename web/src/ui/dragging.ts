import type { useDraggable } from '@dnd-kit/core';
import type { PointerEventHandler } from 'react';

/** A press that does not move chooses; one object for good, since another one draws everything anew that can be dragged. */
export const AFTER_A_MOVE = { activationConstraint: { distance: 6 } } as const;

/** Only a press of the pointer begins a drag: what it does has another way by keys. */
export const pointerOf = (listeners: ReturnType<typeof useDraggable>['listeners']) => ({
  onPointerDown: listeners?.['onPointerDown'] as PointerEventHandler | undefined,
});
