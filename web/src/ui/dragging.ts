/** A press that does not move chooses; one object for good, since another one draws everything anew that can be dragged. */
export const AFTER_A_MOVE = { activationConstraint: { distance: 6 } } as const;
