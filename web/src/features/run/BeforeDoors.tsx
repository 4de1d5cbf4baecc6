import { useMemo } from 'react';
import { aheadList, clockText, durationText, griddleName, stationName, type LiveState } from '@hodsman/core';
import type { RunParts } from './run-parts.ts';
import { Tick } from './Tick.tsx';

interface Item {
  readonly key: string;
  readonly words: string;
  readonly atSec: number;
  readonly who: string;
}

/** What is done before doors: the list of what is made ahead, the trays, the griddles that are switched on; each ticked. */
export function BeforeDoors(props: RunParts) {
  const { state, sec } = props;
  const items = useItems(state);
  const open = items.filter((i) => !state.ticked.includes(i.key)).length;
  return (
    <section aria-label="Before doors" className="mx-auto grid max-w-4xl gap-3 p-4">
      <p className="text-2xl" data-testid="ahead-open">
        {open === 0 ? 'Everything is done.' : `${open} of ${items.length} still to do.`}
      </p>
      <ul>
        {items.map((i) => (
          <Tick key={i.key} item={i.key} words={i.words} {...props}>
            {(isDone) => (
              <>
                <span className="figures w-20 text-xl">{clockText(state.workshop, i.atSec)}</span>
                <span className={`min-w-56 flex-1 text-lg ${isDone ? 'text-quiet line-through' : ''}`}>
                  {i.words}
                  {i.who !== '' && <span className="text-quiet"> – {i.who}</span>}
                </span>
                {!isDone && <Countdown inSec={i.atSec - sec} />}
              </>
            )}
          </Tick>
        ))}
      </ul>
    </section>
  );
}

const Countdown = ({ inSec }: { readonly inSec: number }) => (
  <span className={`figures ${inSec < 0 ? 'font-semibold text-trouble' : 'text-quiet'}`}>
    {inSec < 0 ? `${durationText(-inSec)} late` : `in ${durationText(inSec)}`}
  </span>
);

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
