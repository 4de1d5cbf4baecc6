import { useEffect, useId, useState } from 'react';
import type { Workshop } from '@hodsman/core';
import { applyEdit } from '../../app/edit.ts';
import { useAppDispatch } from '../../app/hooks.ts';

const FIELD = 'figures min-h-12 w-full rounded-cut border border-line bg-panel px-3 text-lg';

interface FieldProps {
  readonly label: string;
  readonly type: 'text' | 'date' | 'time';
  readonly value: string;
  readonly onTake: (value: string) => void;
}

/** A field that keeps what is typed until it is left or Enter is pressed; what the class does not take stays for mending. */
function Field({ label, type, value, onTake }: FieldProps) {
  const id = useId();
  const [typed, setTyped] = useState(value);
  useEffect(() => {
    setTyped(value);
  }, [value]);
  const take = (): void => {
    if (typed !== value && typed !== '') onTake(typed);
  };
  return (
    <div className="grid gap-1">
      <label htmlFor={id} className="text-sm text-quiet">
        {label}
      </label>
      <input
        id={id}
        type={type}
        value={typed}
        maxLength={120}
        className={FIELD}
        onChange={(e) => { setTyped(e.target.value); }}
        onBlur={take}
        onKeyDown={(e) => {
          if (e.key === 'Enter') take();
        }}
      />
    </div>
  );
}

export function ClassTimes({ workshop }: { readonly workshop: Workshop }) {
  const dispatch = useAppDispatch();
  const set = (change: Partial<Workshop>): void => {
    dispatch(applyEdit({ ok: true, value: { ...workshop, ...change } }));
  };
  return (
    <section className="grid gap-4" aria-labelledby="times-head">
      <h2 id="times-head" className="text-xl">
        When
      </h2>
      <Field label="Title" type="text" value={workshop.title} onTake={(title) => { set({ title }); }} />
      <div className="grid grid-cols-3 gap-3">
        <Field label="Date" type="date" value={workshop.date} onTake={(date) => { set({ date }); }} />
        <Field label="Doors open" type="time" value={workshop.doorsOpen} onTake={(doorsOpen) => { set({ doorsOpen }); }} />
        <Field label="Table time" type="time" value={workshop.tableTime} onTake={(tableTime) => { set({ tableTime }); }} />
      </div>
    </section>
  );
}
