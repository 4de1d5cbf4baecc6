import { useMemo, useState, type KeyboardEvent } from 'react';
import { ownedLines, type GivenOwner, type OwnedPiece, type OwnedWords, type WordOwner } from '@hodsman/core';

/** A long page is shown as far as a recipe goes. */
const MOST_LINES = 400;

/** How the words of each owner look: a ground, and a line under them, so that colour is not the only sign. */
const LOOK: Readonly<Record<WordOwner, string>> = {
  title: 'font-bold',
  heading: 'font-semibold text-quiet',
  fact: 'border-b-2 border-double border-quiet',
  ingredient: 'border-b-2 border-solid border-herb bg-herb/15',
  step: 'border-b-2 border-dotted border-hands bg-hands/15',
  keeping: 'border-b-2 border-dashed border-quiet',
  trouble: 'border-b-2 border-dashed border-ember bg-ember/15',
  remark: 'border-b-2 border-dashed border-quiet text-quiet',
  noise: 'text-quiet',
  aside: 'text-quiet line-through decoration-1',
  none: 'font-bold text-trouble underline decoration-wavy decoration-2 underline-offset-4',
};
const LEGEND: readonly (readonly [WordOwner, string])[] = [
  ['ingredient', 'ingredient'],
  ['step', 'step'],
  ['fact', 'how many, how long'],
  ['keeping', 'keeping'],
  ['trouble', 'what goes wrong'],
  ['remark', 'not done, or may be'],
  ['aside', 'set aside'],
  ['none', 'not understood'],
];
/** By hand or key a line is given to another owner. */
const GIVE: readonly (readonly [GivenOwner['owner'] | undefined, string, string])[] = [
  ['ingredient', 'i', 'ingredient'],
  ['step', 's', 'step'],
  ['aside', 'x', 'leave aside'],
  [undefined, 'r', 'as read'],
];

interface Props {
  readonly text: string;
  readonly words: readonly OwnedWords[];
  readonly given: readonly GivenOwner[];
  readonly lit: string | undefined;
  readonly onLit: (path: string | undefined) => void;
  readonly onGiven: (given: readonly GivenOwner[]) => void;
}

/** The text as it was read: every word with its owner, and what nobody owns underlined; a line can be given to another owner. */
export function SourceWords({ text, words, given, lit, onLit, onGiven }: Props) {
  const lines = useMemo(
    () => ownedLines(text, words).filter((l) => l.some((p) => p.text.trim() !== '')),
    [text, words],
  );
  const [chosen, setChosen] = useState<number>();
  const give = (line: readonly OwnedPiece[], owner: GivenOwner['owner'] | undefined): void => {
    const from = line[0]?.from ?? 0;
    const last = line.at(-1);
    const to = (last?.from ?? 0) + (last?.text.length ?? 0);
    const others = given.filter((g) => g.to <= from || to <= g.from);
    onGiven(owner === undefined ? others : [...others, { from, to, owner }]);
  };
  return (
    <section aria-label="What became of each word" className="grid gap-2">
      <p className="flex flex-wrap gap-x-4 gap-y-1 text-sm">
        {LEGEND.map(([owner, label]) => (
          <span key={owner} className={LOOK[owner]}>
            {label}
          </span>
        ))}
      </p>
      <p className="text-sm text-quiet">
        Choose a line and say what it is: i ingredient, s step, x leave aside, r as it was read.
      </p>
      <ol className="rounded-cut border border-line bg-panel p-2" data-testid="source-words">
        {lines.slice(0, MOST_LINES).map((line, n) => {
          const isChosen = chosen === n;
          return (
            <li
              key={line[0]?.from ?? n}
              tabIndex={0}
              className={`px-1 py-0.5 leading-relaxed [overflow-wrap:anywhere] ${isChosen ? 'bg-steel' : ''}`}
              onFocus={() => setChosen(n)}
              onKeyDown={(e: KeyboardEvent) => {
                const to = GIVE.find(([, key]) => key === e.key);
                if (to) give(line, to[0]);
              }}
            >
              {line.map((p) => (
                <span
                  key={p.from}
                  data-owner={p.owner}
                  className={lit !== undefined && p.path === lit ? 'bg-hands text-on-hands' : LOOK[p.owner]}
                  onMouseEnter={() => onLit(p.path)}
                  onMouseLeave={() => onLit(undefined)}
                >
                  {p.text}
                </span>
              ))}
              {isChosen && (
                <span className="mt-1 flex flex-wrap gap-1.5">
                  {GIVE.map(([owner, key, label]) => (
                    <button
                      key={key}
                      type="button"
                      className="rounded-cut border border-line bg-panel px-2 py-1 text-sm hover:bg-steel"
                      onClick={() => give(line, owner)}
                    >
                      {label}
                    </button>
                  ))}
                </span>
              )}
            </li>
          );
        })}
      </ol>
    </section>
  );
}
