/** Where the room at a moment is beside the board, and its room while it is on its way. */
export const MOMENT_FRAME =
  'grid w-88 shrink-0 grid-cols-[minmax(0,1fr)] content-start gap-3 overflow-auto [overflow-anchor:none] border-l border-line bg-panel p-3 pb-8 -outline-offset-3 max-lg:absolute max-lg:inset-y-0 max-lg:right-12 max-lg:shadow-lg';
