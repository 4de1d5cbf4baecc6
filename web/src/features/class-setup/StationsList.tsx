import { useEffect, useState } from 'react';
import type { Workshop } from '@hodsman/core';
import { applyEdit } from '../../app/edit.ts';
import { useAppDispatch } from '../../app/hooks.ts';

interface NameProps {
  readonly name: string;
  readonly station: string;
  readonly onTake: (name: string) => void;
}

function NameField({ name, station, onTake }: NameProps) {
  const [typed, setTyped] = useState(name);
  useEffect(() => {
    setTyped(name);
  }, [name]);
  const take = (): void => {
    const trimmed = typed.trim();
    if (trimmed === '') setTyped(name);
    else if (trimmed !== name) onTake(trimmed);
  };
  return (
    <input
      aria-label={`Name of ${name}, station ${station}`}
      value={typed}
      maxLength={120}
      className="min-h-12 w-full rounded-cut border border-line bg-panel px-3 text-lg"
      onChange={(e) => { setTyped(e.target.value); }}
      onBlur={take}
      onKeyDown={(e) => {
        if (e.key === 'Enter') take();
      }}
    />
  );
}

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
              {s.name ?? `Station ${s.id.replace(/^S/, '')}`}
              <span className="font-normal text-quiet">bench {s.bench}</span>
            </p>
            <div className="grid gap-2">
              {s.members.map((m) => {
                const person = workshop.roster.find((p) => p.id === m);
                return person && <NameField key={m} name={person.name} station={s.id} onTake={(name) => { rename(m, name); }} />;
              })}
            </div>
          </li>
        ))}
      </ol>
    </section>
  );
}
