import { lostBreads, pieceName, replacementsFor } from '@hodsman/core';
import { TAP_BUTTON } from './looks.ts';
import type { RunParts } from './run-parts.ts';

/** Breads that were lost, each with what it can be made of again; nothing that its owner avoids is offered. */
export function Lost({ state, sec, trouble }: RunParts) {
  const lost = lostBreads(state);
  if (lost.length === 0) return null;
  return (
    <ul aria-label="Lost breads" className="grid gap-2">
      {lost.map((task) => {
        const { offers, why } = replacementsFor(state, task, sec);
        const name = pieceName(state.workshop, task);
        return (
          <li
            key={task.id}
            role="group"
            aria-label={`${name} is lost`}
            className="grid gap-1.5 rounded-cut border border-trouble p-3"
          >
            <b className="text-lg text-trouble">{name} is lost</b>
            {offers.length === 0 && <span>{why}</span>}
            <span className="flex flex-wrap gap-1.5">
              {offers.map(({ spare, words }) => (
                <button
                  key={words}
                  type="button"
                  className={TAP_BUTTON}
                  onClick={() => trouble('replaced', { task: task.id, ...(spare === undefined ? {} : { spare }) })}
                >
                  {words}
                </button>
              ))}
            </span>
          </li>
        );
      })}
    </ul>
  );
}
