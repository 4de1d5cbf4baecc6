import { X } from 'lucide-react';
import { useState } from 'react';
import { AVOIDABLE, avoidedName, type FreeWord, type Workshop } from '@hodsman/core';

type Person = Workshop['roster'][number];

interface Props {
  readonly person: Person;
  /** Words of the class that no list knows, with the ingredients that they were found in. */
  readonly freeWords: readonly FreeWord[];
  readonly onChange: (avoid: Person['avoid']) => void;
}

const LEVELS = { strict: 'strictly', diet: 'by choice' } as const;
const OTHER = 'another word …';

/** What somebody avoids, word by word; a press on a word changes between strict and by choice. Any word may be added. */
export function Avoided({ person, freeWords, onChange }: Props) {
  const [isTyping, setTyping] = useState(false);
  const left = AVOIDABLE.filter((w) => !person.avoid.some((a) => a.what === w));
  const add = (word: string): void => {
    const what = word.trim().toLowerCase().slice(0, 120);
    setTyping(false);
    if (what !== '' && !person.avoid.some((a) => a.what === what))
      onChange([...person.avoid, { what, level: 'strict' }]);
  };
  const own = freeWords.filter((f) => person.avoid.some((a) => a.what === f.word));
  return (
    <div>
      <div className="flex flex-wrap items-center gap-1.5">
        {person.avoid.map((a) => (
          <span
            key={a.what}
            className={`flex items-center rounded-cut border ${a.level === 'strict' ? 'border-trouble text-trouble' : 'border-line'}`}
          >
            <button
              type="button"
              className="min-h-8 px-2"
              title="strictly: cooked apart; by choice: as they like it. Press to change."
              onClick={() =>
                onChange(
                  person.avoid.map((x) => (x === a ? { ...a, level: a.level === 'strict' ? 'diet' : 'strict' } : x)),
                )
              }
            >
              {avoidedName(a.what)}, {LEVELS[a.level]}
            </button>
            <button
              type="button"
              className="grid size-8 place-items-center"
              aria-label={`${person.name} does not avoid ${avoidedName(a.what)}`}
              onClick={() => onChange(person.avoid.filter((x) => x !== a))}
            >
              <X size={14} aria-hidden />
            </button>
          </span>
        ))}
        {isTyping ? (
          <input
            autoFocus
            aria-label={`Another word for what ${person.name} avoids`}
            maxLength={120}
            className="min-h-8 w-32 rounded-cut border border-line bg-panel px-2"
            onBlur={(e) => add(e.target.value)}
            onKeyDown={(e) => {
              if (e.key === 'Enter') add(e.currentTarget.value);
              if (e.key === 'Escape') setTyping(false);
            }}
          />
        ) : (
          <select
            aria-label={`Something that ${person.name} avoids`}
            value=""
            className="min-h-8 max-w-28 rounded-cut border border-line bg-panel px-1 text-quiet"
            onChange={(e) => {
              if (e.target.value === OTHER) setTyping(true);
              else if (e.target.value !== '') add(e.target.value);
            }}
          >
            <option value="">avoids …</option>
            {left.map((w) => (
              <option key={w} value={w}>
                {avoidedName(w)}
              </option>
            ))}
            <option>{OTHER}</option>
          </select>
        )}
      </div>
      {own.map((f) => (
        <p key={f.word} className="max-w-96 text-sm text-quiet">
          “{f.word}” is compared with the names of ingredients, and with nothing else
          {f.ingredients.length > 0 ? `: found in ${f.ingredients.join(', ')}.` : '; no ingredient is called so.'}
        </p>
      ))}
    </div>
  );
}
