import type { Workshop } from '@hodsman/core';
import { applyEdit } from '../../app/edit.ts';
import { useAppDispatch } from '../../app/hooks.ts';
import { TextField } from '../../ui/TextField.tsx';

/** Title, date, doors and table time of the class. */
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
      <TextField label="Title" value={workshop.title} onTake={(title) => set({ title })} />
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-[minmax(0,1.9fr)_minmax(0,1fr)_minmax(0,1fr)]">
        <TextField label="Date" type="date" value={workshop.date} onTake={(date) => set({ date })} />
        <TextField label="Doors open" value={workshop.doorsOpen} onTake={(doorsOpen) => set({ doorsOpen })} />
        <TextField label="Table time" value={workshop.tableTime} onTake={(tableTime) => set({ tableTime })} />
      </div>
    </section>
  );
}
