import { useMemo } from 'react';
import { aheadList, clockText, durationText, griddleName, stationName, type LiveState } from '@hodsman/core';
import { TAP_BUTTON } from './looks.ts';
import type { RunParts } from './run-parts.ts';

interface Item {
  readonly key: string;
  readonly words: string;
  readonly atSec: number;
  readonly who: string;
}

/** What is done before doors: the list of what is made ahead, the trays, the griddles that are switched on; each ticked. */
export function BeforeDoors({ live, state, sec, who, say }: RunParts) {
  const items = useItems(state);
  const ticks = new Map(state.log.flatMap((e) => (e.kind === 'ticked' ? [[e.data.item, e.id] as const] : [])));
  const open = items.filter((i) => !ticks.has(i.key)).length;
  return (
    <section aria-label="Before doors" className="mx-auto grid max-w-4xl gap-3 p-4">
      <p className="text-2xl" data-testid="ahead-open">
        {open === 0 ? 'Everything is done.' : `${open} of ${items.length} still to do.`}
      </p>
      <ul>
        {items.map((i) => {
          const event = ticks.get(i.key);
          const inSec = i.atSec - sec;
          const isLate = event === undefined && inSec < 0;
          return (
            <li key={i.key} className="flex flex-wrap items-center gap-3 border-t border-line py-1.5">
              <span className="figures w-20 text-xl">{clockText(state.workshop, i.atSec)}</span>
              <span className={`min-w-56 flex-1 text-lg ${event === undefined ? '' : 'text-quiet line-through'}`}>
                {i.words}
                {i.who !== '' && <span className="text-quiet"> – {i.who}</span>}
              </span>
              {event === undefined && (
                <span className={`figures ${isLate ? 'font-semibold text-trouble' : 'text-quiet'}`}>
                  {isLate ? `${durationText(-inSec)} late` : `in ${durationText(inSec)}`}
                </span>
              )}
              <button
                type="button"
                className={TAP_BUTTON}
                aria-pressed={event !== undefined}
                aria-label={`Done: ${i.words}`}
                onClick={() =>
                  event === undefined ? say('ticked', { item: i.key }) : void live.tap('taken-back', { event }, who)
                }
              >
                done
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** Trays are looked through so long before doors (this program's own choice). */
const TRAYS_SEC = -900;

function useItems({ workshop, notes, plan }: LiveState): readonly Item[] {
  return useMemo(() => {
    const ahead = aheadList(workshop, plan, notes.trayMin).items.map((i): Item => ({
      key: i.id,
      words: i.words,
      atSec: i.bestSec,
      who: i.who,
    }));
    const trays = workshop.stations.map((s): Item => ({
      key: `tray ${s.id}`,
      words: `tray of ${stationName(s)} is complete`,
      atSec: TRAYS_SEC,
      who: '',
    }));
    const fires = workshop.kitchen.griddles.flatMap((g): readonly Item[] => {
      const heat = plan.tasks.find((t) => t.kind === 'preheat' && t.at?.id === g.id);
      return heat ? [{ key: heat.id, words: `switch on ${griddleName(g)}`, atSec: heat.startSec, who: '' }] : [];
    });
    return [...ahead, ...trays, ...fires].sort((a, b) => a.atSec - b.atSec || (a.key < b.key ? -1 : 1));
  }, [workshop, notes.trayMin, plan]);
}
