import type { ReactNode } from 'react';
import { TAP_BUTTON } from './looks.ts';
import type { RunParts } from './run-parts.ts';

interface Props extends Pick<RunParts, 'live' | 'state' | 'who' | 'say'> {
  /** By what the list gives it. */
  readonly item: string;
  readonly words: string;
  readonly children: (isDone: boolean) => ReactNode;
}

/** A line of a list that is ticked, and unticked where it was not so. */
export function Tick({ live, state, who, say, item, words, children }: Props) {
  const event = state.log.findLast((e) => e.kind === 'ticked' && e.data.item === item);
  return (
    <li className="flex flex-wrap items-center gap-3 border-t border-line py-1.5">
      {children(event !== undefined)}
      <button
        type="button"
        className={TAP_BUTTON}
        aria-pressed={event !== undefined}
        aria-label={`Done: ${words}`}
        onClick={() => (event ? void live.tap('taken-back', { event: event.id }, who) : say('ticked', { item }))}
      >
        done
      </button>
    </li>
  );
}
