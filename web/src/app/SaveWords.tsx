import type { SaveState } from './kept.ts';

const WORDS: Readonly<Record<SaveState, string>> = { saved: 'saved', waiting: 'saving …', conflict: 'not saved' };

/** How what is open stands to what is stored; `what` tells it from the page's own where two are open. */
export function SaveWords({ state, what }: { readonly state: SaveState; readonly what?: string }) {
  return (
    <span
      className="text-sm text-quiet"
      role="status"
      data-testid={what === undefined ? 'save-state' : `${what}-save-state`}
    >
      {WORDS[state]}
    </span>
  );
}
