import { FIRST_BREAD, griddleName, paceWords, toBeTried } from '@hodsman/core';
import { useRememberedPaces } from '../../documents/api.ts';
import { TAP_BUTTON } from './looks.ts';
import type { RunParts } from './run-parts.ts';

const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' });

/** Staff lay a trial piece on every griddle that is hot; how it came off shifts all that is cooked there. What it did last time is said. */
export function Trial({ live, state, plan, sec, trouble }: RunParts) {
  const remembered = useRememberedPaces(live.classId);
  const open = toBeTried(state, plan, sec);
  if (open.length === 0) return null;
  return (
    <ul aria-label="Trial pieces" className="grid gap-2">
      {open.map((g) => {
        const name = griddleName(g);
        const before = remembered.find((r) => r.griddle === g.id);
        return (
          <li key={g.id} className="grid gap-1.5 rounded-cut border-2 border-ember bg-panel p-3 text-lg">
            <b>Staff: lay a trial piece on {name}.</b>
            {before && (
              <span>
                Last time, on {day.format(before.atMs)}, it took {paceWords(before.pace)}.
              </span>
            )}
            <span className="flex flex-wrap gap-1.5">
              {FIRST_BREAD.map(([word, factor]) => (
                <button
                  key={word}
                  type="button"
                  className={TAP_BUTTON}
                  aria-label={`${name}: trial piece ${word}`}
                  onClick={() => trouble('griddle-pace', { griddle: g.id, factor })}
                >
                  {word}
                </button>
              ))}
              {before && before.pace !== 1 && (
                <button
                  type="button"
                  className={TAP_BUTTON}
                  onClick={() => trouble('griddle-pace', { griddle: g.id, factor: before.pace })}
                >
                  as last time
                </button>
              )}
            </span>
          </li>
        );
      })}
    </ul>
  );
}
