import { useState } from 'react';
import { careWords, NEW_PERSON, stationName, type LiveState } from '@hodsman/core';
import { Care } from '../../bread-ui/Care.tsx';
import { AvoidsOtherwise, OneMore } from './AtTheDoor.tsx';
import { Newcomer } from './Newcomer.tsx';
import { TAP_BUTTON } from './looks.ts';
import type { RunParts } from './run-parts.ts';

const LATE_MIN = 10;

/** Who came though nobody had written them down. */
const cameToo = (state: LiveState): ReadonlySet<string> =>
  new Set(state.log.flatMap((e) => (e.kind === 'joined' ? [e.data.newcomer.id] : [])));

/** Who is there, with hands washed, and what they avoid read back to them. */
export function Arrivals({ state, say, trouble }: Pick<RunParts, 'state' | 'say' | 'trouble'>) {
  const [changing, setChanging] = useState('');
  const { workshop, notes, people } = state;
  const here = workshop.roster.filter((p) => people[p.id]?.isHere === true).length;
  return (
    <section aria-label="Arrivals" className="mx-auto grid max-w-5xl gap-4 p-4">
      <p className="text-2xl" data-testid="arrived">
        {here} of {workshop.roster.length} are here.
      </p>
      {workshop.stations.map((s) => (
        <section key={s.id} aria-label={stationName(s)} className="grid gap-2">
          <h2 className="text-lg">{stationName(s)}</h2>
          {s.members.map((id) => {
            const person = workshop.roster.find((p) => p.id === id);
            if (!person) return null;
            const { name } = person;
            const said = people[id] ?? NEW_PERSON;
            const avoids = careWords(workshop, notes.remarks, id);
            // whoever was late or gone and comes is counted with again
            const tap = (kind: 'arrived' | 'washed' | 'confirmed' | 'gone'): void =>
              (kind === 'gone' || said.isGone || (said.lateMin > 0 && !said.isHere) ? trouble : say)(kind, {
                person: id,
              });
            return (
              <div
                key={id}
                role="group"
                aria-label={name}
                className="flex flex-wrap items-center gap-2 border-t border-line py-2"
              >
                <span className="min-w-56 flex-1">
                  <b className={`text-xl ${said.isGone ? 'line-through' : ''}`}>{name}</b>
                  {said.lateMin > 0 && !said.isHere && <span className="text-quiet"> – {said.lateMin} min late</span>}
                  {said.again > 0 && <span className="text-quiet"> – show again</span>}
                  <Care words={avoids} className="text-lg" />
                  {cameToo(state).has(id) && <Newcomer id={id} state={state} say={say} />}
                </span>
                <button type="button" className={TAP_BUTTON} aria-pressed={said.isHere} onClick={() => tap('arrived')}>
                  here
                </button>
                <button
                  type="button"
                  className={TAP_BUTTON}
                  aria-pressed={said.hasWashed}
                  onClick={() => tap('washed')}
                >
                  hands washed
                </button>
                {avoids !== '' && (
                  <button
                    type="button"
                    className={TAP_BUTTON}
                    aria-pressed={said.isConfirmed}
                    onClick={() => tap('confirmed')}
                  >
                    read back, is so
                  </button>
                )}
                <button
                  type="button"
                  className={TAP_BUTTON}
                  onClick={() => trouble('late', { person: id, min: LATE_MIN })}
                >
                  {LATE_MIN} min late
                </button>
                <button type="button" className={TAP_BUTTON} aria-pressed={said.isGone} onClick={() => tap('gone')}>
                  gone
                </button>
                <button
                  type="button"
                  className={TAP_BUTTON}
                  aria-expanded={changing === id}
                  onClick={() => setChanging(changing === id ? '' : id)}
                >
                  avoids …
                </button>
                {changing === id && (
                  <AvoidsOtherwise person={person} trouble={trouble} onDone={() => setChanging('')} />
                )}
              </div>
            );
          })}
        </section>
      ))}
      <OneMore state={state} trouble={trouble} />
    </section>
  );
}
