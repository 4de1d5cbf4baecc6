import { stationName, type Workshop } from '@hodsman/core';
import { applyEdit } from '../../app/edit.ts';
import { useAppDispatch } from '../../app/hooks.ts';
import { TextField } from '../../ui/TextField.tsx';

/** Every station with its bench and its people, whose names can be typed over. */
export function StationsList({ workshop }: { readonly workshop: Workshop }) {
  const dispatch = useAppDispatch();
  const rename = (id: string, name: string): void => {
    const roster = workshop.roster.map((p) => (p.id === id ? { ...p, name } : p));
    dispatch(applyEdit({ ok: true, value: { ...workshop, roster } }));
  };
  return (
    <section aria-labelledby="stations-head">
      <h2 id="stations-head" className="mb-4 text-xl">
        Who stands where
      </h2>
      <ol className="grid gap-3 sm:grid-cols-2">
        {workshop.stations.map((s) => (
          <li key={s.id} className="rounded-cut border border-line p-3">
            <p className="mb-2 flex justify-between font-semibold">
              {stationName(s)}
              <span className="font-normal text-quiet">bench {s.bench}</span>
            </p>
            <div className="grid gap-2">
              {s.members.map((m) => {
                const name = workshop.roster.find((p) => p.id === m)?.name ?? m;
                return (
                  <TextField
                    key={m}
                    label={`Name of ${name}, station ${s.id}`}
                    isLabelHidden
                    value={name}
                    onTake={(typed) => rename(m, typed)}
                  />
                );
              })}
            </div>
          </li>
        ))}
      </ol>
    </section>
  );
}
