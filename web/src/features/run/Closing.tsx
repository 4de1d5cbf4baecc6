import { useState } from 'react';
import { lostBreads, pieceName, type EventOf } from '@hodsman/core';
import { MAIN_BUTTON, SIDE_BUTTON } from '../../ui/buttons.ts';
import { TextBox } from '../../ui/TextBox.tsx';
import type { RunParts } from './run-parts.ts';

type Answer = EventOf<'closed'>['data']['answers'][number];
type Question = Answer['question'];

const QUESTIONS: readonly (readonly [Question, string])[] = [
  ['took-longer', 'What took longer?'],
  ['to-change', 'What to change next time?'],
  ['people', 'Who shone, who struggled?'],
];

/** Three questions for ninety seconds at the sink, and the end of the class. */
export function Closing({ live, state, who }: Pick<RunParts, 'live' | 'state' | 'who'>) {
  const [words, setWords] = useState<Partial<Record<Question, string>>>({});
  const lost = lostBreads(state);
  const ending = state.log.findLast((e) => e.kind === 'closed');
  if (state.closed)
    return (
      <section aria-label="Closed" className="mx-auto grid max-w-2xl gap-3 p-6">
        <h2 className="text-2xl">The class is closed</h2>
        {state.closed.map((a) => (
          <p key={a.question}>
            <b>{QUESTIONS.find(([q]) => q === a.question)?.[1]}</b> {a.words}
          </p>
        ))}
        {lost.length > 0 && <p>Lost: {lost.map((t) => pieceName(state.workshop, t)).join(', ')}.</p>}
        <button
          type="button"
          className={`${SIDE_BUTTON} min-h-14 justify-self-start`}
          onClick={() => ending && void live.tap('taken-back', { event: ending.id }, who)}
        >
          Open it again
        </button>
      </section>
    );
  const answers: readonly Answer[] = QUESTIONS.flatMap(([question]) => {
    const said = (words[question] ?? '').trim();
    return said === '' ? [] : [{ question, words: said }];
  });
  return (
    <section aria-label="Closing" className="mx-auto grid max-w-2xl gap-4 p-6">
      <h2 className="text-2xl">Ninety seconds at the sink</h2>
      {QUESTIONS.map(([question, asked]) => (
        <TextBox
          key={question}
          label={asked}
          value={words[question] ?? ''}
          onChange={(said) => setWords({ ...words, [question]: said })}
        />
      ))}
      <button
        type="button"
        className={`${MAIN_BUTTON} min-h-14 justify-self-start text-xl`}
        onClick={() => void live.tap('closed', { answers: [...answers] }, who)}
      >
        Close the class
      </button>
    </section>
  );
}
