import type { SaveState } from './kept.ts';

const WORDS: Readonly<Record<SaveState, string>> = { saved: 'saved', waiting: 'saving …', conflict: 'not saved' };

/** How what is open stands to what is stored. */
export function SaveWords({ state }: { readonly state: SaveState }) {
  return (
    <span className="text-sm text-quiet" role="status" data-testid="save-state">
      {WORDS[state]}
    </span>
  );
}
