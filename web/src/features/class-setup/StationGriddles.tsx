import { memo } from 'react';
import { setStationGriddles, success } from '@hodsman/core';
import { editClass } from '../../planning/edit.ts';
import { useAppDispatch } from '../../store/hooks.ts';

interface Props {
  readonly station: string;
  readonly name: string;
  /** Ids of griddles, with spaces between; no own ones means any. Texts, so that an edit elsewhere draws none of this again. */
  readonly own: string;
  readonly all: string;
  /** Names of all, a line each. */
  readonly names: string;
}

/** The griddles on which a station cooks. */
export const StationGriddles = memo(function StationGriddles({ station, name, own, all, names }: Props) {
  const dispatch = useAppDispatch();
  const ids = all.split(' ');
  const words = names.split('\n');
  const on = new Set(own === '' ? ids : own.split(' '));
  const turn = (id: string): void => {
    const next = ids.filter((x) => (x === id ? !on.has(x) : on.has(x)));
    dispatch(editClass((w) => success(setStationGriddles(w, station, next.length === ids.length ? [] : next))));
  };
  return (
    <fieldset className="mt-2 flex flex-wrap items-center gap-1 text-sm">
      <legend className="sr-only">Griddles of {name}</legend>
      <span className="text-quiet" aria-hidden>
        cooks on
      </span>
      {ids.map((id, i) => (
        <label
          key={id}
          className={`min-h-7 cursor-pointer rounded-cut border px-2 leading-7 has-focus-visible:outline-3 ${on.has(id) ? 'border-ink' : 'border-line text-quiet line-through'}`}
        >
          <input
            type="checkbox"
            className="sr-only"
            aria-label={`${name} cooks on ${words[i] ?? id}`}
            checked={on.has(id)}
            onChange={() => turn(id)}
          />
          {words[i]}
        </label>
      ))}
    </fieldset>
  );
});
