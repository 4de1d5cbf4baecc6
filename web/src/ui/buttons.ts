/** The looks of buttons, so that one kind looks alike everywhere. */
export const ICON_BUTTON = 'grid size-11 place-items-center rounded-cut hover:bg-steel disabled:opacity-35';
export const SMALL_ICON_BUTTON =
  'grid size-8 place-items-center rounded-cut text-quiet hover:bg-steel hover:text-ink disabled:opacity-35';
export const MAIN_BUTTON =
  'inline-flex min-h-11 items-center gap-2 rounded-cut bg-hands px-4 font-semibold text-on-hands disabled:opacity-40';
export const SIDE_BUTTON =
  'inline-flex min-h-11 items-center gap-2 rounded-cut border border-line bg-panel px-4 font-semibold hover:bg-steel disabled:opacity-40';
