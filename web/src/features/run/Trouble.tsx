import { useState, type ReactNode } from 'react';
import {
  canBeMadeAgain,
  doughsAtHand,
  FIRST_BREAD,
  griddleName,
  ingredientsAhead,
  NEW_GRIDDLE,
  outWords,
  SLOW_PACE,
  withoutBread,
} from '@hodsman/core';
import { SelectField } from '../../ui/SelectField.tsx';
import { TAP_BUTTON } from './looks.ts';
import type { RunParts } from './run-parts.ts';
import { WhatGives } from './WhatGives.tsx';

/** When it goes wrong: one tap says what, and the rest is planned from it. */
export function Trouble(props: RunParts) {
  const { state, sec, trouble, say } = props;
  const { workshop, plan } = state;
  const doughs = doughsAtHand(state, sec);
  const yeasted = workshop.breads.filter(
    (b) =>
      b.ingredients.some((i) => i.role === 'leaven' || i.role === 'starter') &&
      plan.batches.some((x) => x.bread === b.id),
  );
  const none = withoutBread(state);
  return (
    <section aria-label="Trouble" className="mx-auto grid max-w-5xl gap-6 p-4">
      {none.length > 0 && (
        <p className="text-lg font-semibold text-trouble">No bread as it stands: {none.join(', ')}.</p>
      )}
      <WhatGives {...props} />
      <Part title="Griddles">
        {workshop.kitchen.griddles.map((g) => {
          const { isDown, pace, isTried } = state.griddles[g.id] ?? NEW_GRIDDLE;
          const name = griddleName(g);
          return (
            <Row key={g.id} name={name}>
              <button
                type="button"
                className={TAP_BUTTON}
                aria-pressed={isDown}
                onClick={() =>
                  isDown ? trouble('hot', { griddle: g.id }) : trouble('griddle-down', { griddle: g.id })
                }
              >
                {isDown ? 'down – it works again' : 'down'}
              </button>
              <button
                type="button"
                className={TAP_BUTTON}
                aria-pressed={pace === SLOW_PACE}
                onClick={() => trouble('griddle-pace', { griddle: g.id, factor: pace === SLOW_PACE ? 1 : SLOW_PACE })}
              >
                slow
              </button>
              <span className="text-quiet">first bread</span>
              {FIRST_BREAD.map(([word, factor]) => (
                <button
                  key={word}
                  type="button"
                  className={TAP_BUTTON}
                  aria-label={`${name}: first bread ${word}`}
                  aria-pressed={isTried && pace === factor}
                  onClick={() => trouble('griddle-pace', { griddle: g.id, factor })}
                >
                  {word}
                </button>
              ))}
            </Row>
          );
        })}
      </Part>
      <Part title="A dough is spoilt">
        {doughs.length === 0 && <p className="text-quiet">No dough is at hand.</p>}
        {doughs.map(({ id, words }) => (
          <Row key={id} name={words}>
            {canBeMadeAgain(plan, id, sec) && (
              <button
                type="button"
                className={TAP_BUTTON}
                onClick={() => trouble('spoilt', { batch: id, then: 'again' })}
              >
                make it again
              </button>
            )}
            <button
              type="button"
              className={TAP_BUTTON}
              onClick={() => trouble('spoilt', { batch: id, then: 'without' })}
            >
              go on without it
            </button>
          </Row>
        ))}
      </Part>
      {yeasted.length > 0 && (
        <Part title="Nothing rises">
          {yeasted.map((b) => (
            <Row key={b.id} name={b.name}>
              {(
                [
                  ['flat', 'cook it flat, without its proofs'],
                  ['again', 'mix it all again'],
                  ['without', 'go on without it'],
                ] as const
              ).map(([then, words]) => (
                <button
                  key={then}
                  type="button"
                  className={TAP_BUTTON}
                  onClick={() => trouble('yeast-dead', { bread: b.id, then })}
                >
                  {words}
                </button>
              ))}
            </Row>
          ))}
        </Part>
      )}
      <Out state={state} sec={sec} say={say} />
    </section>
  );
}

/** Nothing is left of something: what that means. */
function Out({ state, sec, say }: Pick<RunParts, 'state' | 'sec' | 'say'>) {
  const ahead = ingredientsAhead(state, sec).filter((name) => !state.out.includes(name));
  const [chosen, setChosen] = useState('');
  const take = (): void => {
    say('out', { ingredient: chosen });
    setChosen('');
  };
  return (
    <Part title="Out of something">
      {state.out.map((name) => {
        const words = outWords(state, name, sec);
        return (
          <p key={name} className="text-lg">
            <b>No {name}.</b> {words.length === 0 ? 'Nothing that is still to come needs it.' : words.join(' ')}
          </p>
        );
      })}
      {ahead.length > 0 && (
        <div className="flex flex-wrap items-end gap-3">
          <SelectField
            label="What is out"
            value={chosen}
            options={[['', 'choose'], ...ahead.map((name): [string, string] => [name, name])]}
            onChange={setChosen}
          />
          <button type="button" className={TAP_BUTTON} disabled={chosen === ''} onClick={take}>
            Nothing is left of it
          </button>
        </div>
      )}
    </Part>
  );
}

const Part = ({ title, children }: { readonly title: string; readonly children: ReactNode }) => (
  <section aria-label={title} className="grid gap-2 border-t border-line pt-4">
    <h2 className="text-xl">{title}</h2>
    {children}
  </section>
);

const Row = ({ name, children }: { readonly name: string; readonly children: ReactNode }) => (
  <div role="group" aria-label={name} className="flex flex-wrap items-center gap-2">
    <b className="min-w-56 flex-1 text-lg">{name}</b>
    {children}
  </div>
);
