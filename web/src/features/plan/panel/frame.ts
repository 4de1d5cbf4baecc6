/** Where the panel is, and its room while it is on its way. */
export const PANEL_FRAME =
  'grid w-72 grid-cols-[minmax(0,1fr)] shrink-0 content-start gap-4 overflow-auto [overflow-anchor:none] border-l border-line bg-panel p-3 pb-8 -outline-offset-3 max-lg:absolute max-lg:inset-y-0 max-lg:right-12 max-lg:shadow-lg';
