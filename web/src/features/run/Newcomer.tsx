import { foundFor } from '@hodsman/core';
import { TAP_BUTTON } from './looks.ts';
import type { RunParts } from './run-parts.ts';

/** What was found for one more person: their breads, and an apron. */
export function Newcomer({ id, state, say }: Pick<RunParts, 'state' | 'say'> & { readonly id: string }) {
  const item = `apron ${id}`;
  const hasApron = state.ticked.includes(item);
  const { breads, isApronShort } = foundFor(state, id);
  return (
    <span className="mt-1 flex flex-wrap items-center gap-3 text-lg">
      <span>{breads.length === 0 ? 'No bread is planned for them yet.' : breads.join('; ')}</span>
      <button type="button" className={TAP_BUTTON} aria-pressed={hasApron} onClick={() => say('ticked', { item })}>
        apron given
      </button>
      {!hasApron && isApronShort && <b className="text-trouble">The kitchen lists fewer aprons than people.</b>}
    </span>
  );
}
