import { Check } from 'lucide-react';
import { breadActions } from '../../documents/bread-draft.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';
import { SMALL_ICON_BUTTON } from '../../ui/buttons.ts';

/** What an import guessed, until each is found right. */
export function GuessList() {
  const guesses = useAppSelector((s) => s.bread?.guesses);
  const dispatch = useAppDispatch();
  if (!guesses || guesses.length === 0) return null;
  return (
    <details open className="rounded-cut border border-trouble bg-panel px-4 py-2">
      <summary className="cursor-pointer font-semibold text-trouble">
        {guesses.length} {guesses.length === 1 ? 'guess' : 'guesses'} to look at
      </summary>
      <ul className="mt-1 grid max-h-48 gap-x-6 overflow-auto md:grid-cols-2">
        {guesses.map((g) => (
          <li key={g.path + g.why} className="flex items-start gap-1 border-t border-line py-0.5 text-sm">
            <button
              type="button"
              className={SMALL_ICON_BUTTON}
              aria-label={`Right: ${g.about}, ${g.why}`}
              onClick={() => dispatch(breadActions.guessTaken(g))}
            >
              <Check size={16} aria-hidden />
            </button>
            <span className="py-1">
              <b>{g.about.replace(/^(ingredient \S+|step) /, '')}</b>: {g.why}
              {g.from !== '' && <span className="text-quiet"> (from “{g.from}”)</span>}
            </span>
          </li>
        ))}
      </ul>
    </details>
  );
}
