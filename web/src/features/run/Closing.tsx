import { useMemo, useState } from 'react';
import {
  clearingList,
  clockText,
  durationText,
  elapsedSec,
  lostBreads,
  pieceName,
  stepWords,
  type EventOf,
  type LiveState,
} from '@hodsman/core';
import { SelectField } from '../../ui/SelectField.tsx';
import { Tick } from './Tick.tsx';
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
export function Closing(props: RunParts) {
  const { live, state, who } = props;
  const [words, setWords] = useState<Partial<Record<Question, string>>>({});
  const [about, setAbout] = useState<Partial<Record<Question, string>>>({});
  const lost = lostBreads(state);
  const ending = state.log.findLast((e) => e.kind === 'closed');
  if (state.closed)
    return (
      <section aria-label="Closed" className="mx-auto grid max-w-2xl gap-3 p-6">
        <h2 className="text-2xl">The class is closed</h2>
        {state.closed.map((a) => (
          <p key={a.question}>
            <b>{QUESTIONS.find(([q]) => q === a.question)?.[1]}</b> {a.words}
            {a.about !== undefined && <span className="text-quiet"> ({aboutWords(state, a.about)})</span>}
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
    const pin = about[question] ?? '';
    return said === '' ? [] : [{ question, words: said, ...(pin === '' ? {} : { about: pin }) }];
  });
  return (
    <section aria-label="Closing" className="mx-auto grid max-w-2xl gap-4 p-6">
      <Clearing {...props} />
      <h2 className="border-t border-line pt-4 text-2xl">Ninety seconds at the sink</h2>
      {QUESTIONS.map(([question, asked]) => (
        <div key={question} className="grid gap-2">
          <TextBox
            label={asked}
            value={words[question] ?? ''}
            onChange={(said) => setWords({ ...words, [question]: said })}
          />
          <SelectField
            label={question === 'people' ? 'It is about' : 'It is about the step'}
            value={about[question] ?? ''}
            options={[['', 'the whole class'], ...pinsOf(state, question)]}
            onChange={(pin) => setAbout({ ...about, [question]: pin })}
          />
        </div>
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

/** What is cleared up before people leave, by station. */
function Clearing(props: RunParts) {
  const { state, plan, sec } = props;
  const items = useMemo(() => clearingList(state.workshop, plan), [state.workshop, plan]);
  const endSec = state.workshop.ends === undefined ? undefined : elapsedSec(state.workshop, state.workshop.ends);
  return (
    <section aria-label="Clearing up" className="grid gap-2">
      <h2 className="text-2xl">
        Clearing up
        {endSec !== undefined && (
          <span className="figures text-lg text-quiet">
            {' '}
            – people leave {clockText(state.workshop, endSec)}
            {endSec > sec && `, in ${durationText(endSec - sec)}`}
          </span>
        )}
      </h2>
      <ul>
        {items.map((i) => (
          <Tick key={i.id} item={i.id} words={`${i.by}, ${i.words}`} {...props}>
            {(isDone) => (
              <span className={`flex-1 text-lg ${isDone ? 'text-quiet line-through' : ''}`}>
                <b>{i.by}</b> {i.words}
              </span>
            )}
          </Tick>
        ))}
      </ul>
    </section>
  );
}

/** What an answer can be pinned to: a step of a bread, or somebody. */
function pinsOf({ workshop }: LiveState, question: Question): readonly [string, string][] {
  if (question === 'people') return workshop.roster.map((p) => [p.id, p.name]);
  return workshop.breads.flatMap((b) =>
    b.steps.map((s): [string, string] => [`${b.id}/${s.id}`, `${b.name}: ${stepWords(s.id)}`]),
  );
}

const aboutWords = (state: LiveState, about: string): string =>
  QUESTIONS.flatMap(([q]) => pinsOf(state, q)).find(([key]) => key === about)?.[1] ?? '';
