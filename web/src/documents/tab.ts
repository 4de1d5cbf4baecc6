import { newId } from '../ui/new-id.ts';

/** The name of this tab, so that what two tabs keep unsaved of one document does not meet. */
const KEY = 'hodsman:tab';
const LOCK = (tab: string): string => `hodsman-tab-${tab}`;

let own = '';

/** The name of this tab. It outlives a reload; a copy of the tab gets another (`takeTab`). */
export function tabName(): string {
  if (own === '') own = sessionStorage.getItem(KEY) ?? rename();
  return own;
}

function rename(): string {
  own = newId();
  sessionStorage.setItem(KEY, own);
  return own;
}

/** Holds a lock of a name for as long as the page lives, if nobody holds it. */
const hold = (name: string): Promise<boolean> =>
  new Promise((done) => {
    void navigator.locks.request(name, { ifAvailable: true }, (lock) => {
      done(lock !== null);
      return lock === null ? undefined : new Promise<void>(() => undefined);
    });
  });

/**
 * Takes the tab's name for this page alone, another one where a copied tab brought the name of its original; and says which tabs live.
 * Where the browser knows no locks (a page from another machine without encryption) every tab counts as living.
 */
export async function takeTab(): Promise<(tab: string) => boolean> {
  // where there is no secure context the property itself is missing, whatever its type says
  if (!('locks' in navigator)) return () => true;
  if (!(await hold(LOCK(tabName())))) await hold(LOCK(rename()));
  const { held = [] } = await navigator.locks.query();
  const living = new Set(held.map((l) => l.name));
  return (tab) => living.has(LOCK(tab));
}
