import { useState } from 'react';
import { lostBreads, pieceName, type EventOf, type LiveState } from '@hodsman/core';
import type { LiveClass } from '../../live/live-class.ts';
import { MAIN_BUTTON } from '../../ui/buttons.ts';
import { TextBox } from '../../ui/TextBox.tsx';

type Answer = EventOf<'closed'>['data']['answers'][number];
type Question = Answer['question'];

const QUESTIONS: readonly (readonly [Question, string])[] = [
  ['took-longer', 'What took longer?'],
  ['to-change', 'What to change next time?'],
  ['people', 'Who shone, who struggled?'],
];

interface Props {
  readonly live: LiveClass;
  readonly state: LiveState;
  readonly who: string;
}

/** Three questions for ninety seconds at the sink, and the end of the class. */
export function Closing({ live, state, who }: Props) {
  const [words, setWords] = useState<Partial<Record<Question, string>>>({});
  const lost = lostBreads(state);
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
        <p className="text-quiet">“Take back” opens it again.</p>
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
