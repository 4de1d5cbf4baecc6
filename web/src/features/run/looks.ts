/** In class everything that matters is a target of 56 px. */
export const BIG_BUTTON =
  'inline-flex min-h-14 items-center gap-2 rounded-cut border-2 border-current px-4 text-lg font-semibold hover:opacity-80 disabled:opacity-40';
/** The same on the ground of the page. */
export const TAP_BUTTON =
  'inline-flex min-h-14 min-w-14 items-center justify-center gap-2 rounded-cut border border-line bg-panel px-3 font-semibold hover:bg-steel disabled:opacity-40 aria-pressed:bg-hands aria-pressed:text-on-hands';
/** Around a field that is typed into with floury hands. */
export const TALL_FIELD = '[&_input]:min-h-14 [&_input]:text-lg';
