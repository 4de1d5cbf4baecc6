import { memo } from 'react';
import type { Aim } from '@hodsman/core';
import { useAppDispatch, useAppSelector } from '../../../app/hooks.ts';
import { chooseAim } from '../../../app/shaping.ts';
import { Part } from './Part.tsx';

const WORDS: readonly (readonly [Aim, string, string])[] = [
  ['fresh', 'Fresh breads', 'rests near their best, breads done near table time'],
  ['even', 'Fresh breads and busy hands', 'as fresh as can be without long standing about'],
  ['hands', 'Busy hands first', 'the least standing about, fresh after that'],
  ['short', 'The shortest class', 'the last bread done as early as can be'],
];

/** What the plan is to be good at. */
export const Aims = memo(function Aims() {
  const dispatch = useAppDispatch();
  const aim = useAppSelector((s) => s.draft?.body.notes.shaping.aim);
  return (
    <Part title="What counts most">
      <div role="radiogroup" aria-label="What counts most" className="grid gap-1">
        {WORDS.map(([key, name, what]) => (
          <label
            key={key}
            className={`grid cursor-pointer rounded-cut border px-2.5 py-1.5 leading-tight has-focus-visible:outline-3 ${aim === key ? 'border-hands bg-hands text-on-hands' : 'border-line hover:bg-steel'}`}
          >
            <input
              type="radio"
              name="aim"
              className="sr-only"
              checked={aim === key}
              onChange={() => dispatch(chooseAim(key))}
            />
            <span className="font-semibold">{name}</span>
            <span className={`text-sm ${aim === key ? '' : 'text-quiet'}`}>{what}</span>
          </label>
        ))}
      </div>
    </Part>
  );
});
