import { griddleName, pieceName, roomAt, taskWords } from '@hodsman/core';
import { TAP_BUTTON } from './looks.ts';
import type { RunParts } from './run-parts.ts';

/** While everything is held: what is to be taken off each fire, at once, and the fire to be switched off. */
export function Held({ state, plan, sec, say }: Pick<RunParts, 'state' | 'plan' | 'sec' | 'say'>) {
  const { workshop } = state;
  const fires = roomAt(workshop, plan, sec).fires.flatMap((fire) => {
    const lying = fire.spots.flatMap((s) => (s ? [s.task] : []));
    const griddle = workshop.kitchen.griddles.find((g) => g.id === fire.id);
    const isHot = griddle !== undefined && (state.griddles[fire.id]?.isHot === true || fire.isHeating);
    return lying.length > 0 || isHot ? [{ ...fire, name: griddle ? griddleName(griddle) : fire.name, lying }] : [];
  });
  return (
    <section aria-label="Everything is held" className="grid gap-2 border-b-4 border-trouble bg-panel px-4 py-3">
      <h2 className="text-2xl text-trouble">
        Everything is held. Doughs rest on. {fires.length === 0 ? 'Nothing is on a fire.' : 'At the fires, now:'}
      </h2>
      <ul className="grid gap-2 text-lg md:grid-cols-2">
        {fires.map(({ id, name, lying }) => (
          <li key={id} className="grid content-start gap-1.5">
            <b>
              {name}: {lying.length === 0 ? 'turn it down; nothing lies on it' : 'take off, then turn it down'}
            </b>
            {lying.map((task) => {
              // what staff heat up for all is nobody's bread
              const name = pieceName(workshop, task) || taskWords(plan, workshop, task);
              return (
                <span key={task.id} className="flex flex-wrap items-center gap-1.5">
                  <span className="min-w-40 flex-1">{name}</span>
                  {(['off', 'lost'] as const).map((kind) => (
                    <button
                      key={kind}
                      type="button"
                      className={TAP_BUTTON}
                      aria-label={`${name}, taken off: ${kind}`}
                      onClick={() => say(kind, { task: task.id })}
                    >
                      {kind === 'off' ? 'off, and good' : 'lost'}
                    </button>
                  ))}
                </span>
              );
            })}
          </li>
        ))}
      </ul>
    </section>
  );
}
