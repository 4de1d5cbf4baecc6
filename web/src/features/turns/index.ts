/**
 * The turns at the fires and everyone's own list. Begin with `TurnsShell.tsx`, which holds the tabs. Everything comes from the core's
 * `turns`; what is swapped goes to the planner as pins (`use-swap.ts`).
 */
export { CallsTab } from './CallsTab.tsx';
export { FiresTab } from './FiresTab.tsx';
export { IdleTab } from './IdleTab.tsx';
export { PeopleTab } from './PeopleTab.tsx';
export { TurnsShell } from './TurnsShell.tsx';
