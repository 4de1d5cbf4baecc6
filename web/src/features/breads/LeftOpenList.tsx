import { Check } from 'lucide-react';
import { useParams } from 'react-router';
import { aboutWords } from '@hodsman/core';
import { useLeftOpen, useLookAtLeftOpenMutation } from '../../documents/api.ts';
import { SMALL_ICON_BUTTON } from '../../ui/buttons.ts';

const KINDS = { unread: 'not understood', conflict: 'does not agree', guess: 'guessed' } as const;

/** What a recipe left open of this bread – guessed, not agreeing, not understood – until each was looked at, on whatever device. */
export function LeftOpenList() {
  const { breadId = '' } = useParams();
  const list = useLeftOpen(breadId);
  const [lookAt, { isError }] = useLookAtLeftOpenMutation();
  if (list.length === 0) return null;
  return (
    <details open className="rounded-cut border border-trouble bg-panel px-4 py-2">
      <summary className="cursor-pointer font-semibold text-trouble">{list.length} left open by the recipe</summary>
      {isError && <p role="alert">The server does not answer: what was looked at stands here again.</p>}
      <ul className="mt-1 grid max-h-48 gap-x-6 overflow-auto md:grid-cols-2">
        {list.map((m) => (
          <li key={m.place} className="flex items-start gap-1 border-t border-line py-0.5 text-sm">
            <button
              type="button"
              className={`${SMALL_ICON_BUTTON} shrink-0`}
              aria-label={`Looked at: ${m.words}`}
              onClick={() => void lookAt({ breadId, place: m.place })}
            >
              <Check size={16} aria-hidden />
            </button>
            <span className="min-w-0 py-1 [overflow-wrap:anywhere]">
              <b>{aboutWords(m.about)}</b> {KINDS[m.kind]}: {m.words}
              {m.from !== '' && <span className="text-quiet"> (from “{m.from}”)</span>}
            </span>
          </li>
        ))}
      </ul>
    </details>
  );
}
