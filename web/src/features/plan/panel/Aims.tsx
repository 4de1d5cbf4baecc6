import { memo } from 'react';
import { AIM_WORDS } from '@hodsman/core';
import { useAppDispatch, useAppSelector } from '../../../store/hooks.ts';
import { chooseAim } from '../../../planning/shaping.ts';
import { Part } from './Part.tsx';

/** What the plan is to be good at. */
export const Aims = memo(function Aims() {
  const dispatch = useAppDispatch();
  const aim = useAppSelector((s) => s.draft?.body.notes.shaping.aim);
  return (
    <Part title="What counts most">
      <div role="radiogroup" aria-label="What counts most" className="grid gap-1">
        {AIM_WORDS.map(([key, name, what]) => (
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
