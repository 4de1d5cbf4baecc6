/**
 * Setting up a class: its times, who comes and where they stand, what is baked. `ClassSetup.tsx` holds the three tabs; each has its
 * own parts beside it.
 */
export { ClassSetup } from './ClassSetup.tsx';
export { TimesTab } from './TimesTab.tsx';
export { PeopleTab } from './PeopleTab.tsx';
export { MenuTab } from './MenuTab.tsx';
