import { useState, type SubmitEvent } from 'react';
import { alsoAvoiding, avoidedName, readAvoided, stationName, type Participant } from '@hodsman/core';
import { newId } from '../../ui/new-id.ts';
import { SelectField } from '../../ui/SelectField.tsx';
import { TAP_BUTTON } from './looks.ts';
import type { RunParts } from './run-parts.ts';

const FIELD = 'min-h-14 rounded-cut border border-line bg-panel px-3 text-lg';

interface Said {
  readonly name: string;
  readonly avoids: string;
}

/** What was said of what somebody avoids, as an event takes it: nothing of it is lost. */
function avoided(text: string): { readonly avoid: ReturnType<typeof readAvoided>['avoid']; readonly words: string[] } {
  const { avoid, unknown, remarks } = readAvoided(text);
  return { avoid, words: [...unknown, ...remarks] };
}

/**
 * What somebody avoids is otherwise than it was written down: what is said comes to what is known, and nothing of that goes but by its own
 * tap.
 */
export function AvoidsOtherwise({
  person,
  trouble,
  onDone,
}: Pick<RunParts, 'trouble'> & { readonly person: Participant; readonly onDone: () => void }) {
  const [text, setText] = useState('');
  const { id, name } = person;
  const take = (e: SubmitEvent): void => {
    e.preventDefault();
    const { avoid, words } = avoided(text);
    trouble('avoids', { person: id, avoid: alsoAvoiding(person.avoid, avoid), words });
    onDone();
  };
  const without = (what: string): void =>
    trouble('avoids', { person: id, avoid: person.avoid.filter((a) => a.what !== what), words: [] });
  return (
    <form className="flex basis-full flex-wrap items-end gap-2" onSubmit={take}>
      {person.avoid.map((a) => (
        <button key={a.what} type="button" className={TAP_BUTTON} onClick={() => without(a.what)}>
          {avoidedName(a.what)}: not so, they may have it
        </button>
      ))}
      <label className="grid min-w-64 flex-1 gap-1">
        <span className="text-sm text-quiet">
          What {name} {person.avoid.length > 0 ? 'avoids besides' : 'avoids'}, in their words
        </span>
        <input className={FIELD} maxLength={400} value={text} onChange={(e) => setText(e.target.value)} />
      </label>
      <button type="submit" className={TAP_BUTTON} disabled={text.trim() === ''}>
        So it is
      </button>
    </form>
  );
}

const NOBODY: Said = { name: '', avoids: '' };

/** One more person: a name, what they avoid, a station with a seat. */
export function OneMore({ state, trouble }: Pick<RunParts, 'state' | 'trouble'>) {
  const [said, setSaid] = useState<Said>(NOBODY);
  const { stations, kitchen } = state.workshop;
  const seats = (id: string): number => {
    const station = stations.find((s) => s.id === id);
    const there = (station?.members ?? []).filter((p) => state.people[p]?.isGone !== true).length;
    return (kitchen.benches.find((b) => b.id === station?.bench)?.seats ?? 0) - there;
  };
  const [station, setStation] = useState(() => [...stations].sort((a, b) => seats(b.id) - seats(a.id))[0]?.id ?? '');
  const take = (e: SubmitEvent): void => {
    e.preventDefault();
    const { avoid, words } = avoided(said.avoids);
    trouble('joined', {
      newcomer: { id: newId(), name: said.name.trim(), avoid: [...avoid], pace: 1 },
      station,
      words,
    });
    setSaid(NOBODY);
  };
  return (
    <form
      aria-label="One more person"
      className="flex flex-wrap items-end gap-3 border-t border-line pt-4"
      onSubmit={take}
    >
      <label className="grid min-w-48 flex-1 gap-1">
        <span className="text-sm text-quiet">One more person</span>
        <input
          className={FIELD}
          maxLength={120}
          value={said.name}
          onChange={(e) => setSaid({ ...said, name: e.target.value })}
        />
      </label>
      <label className="grid min-w-48 flex-1 gap-1">
        <span className="text-sm text-quiet">What they avoid</span>
        <input
          className={FIELD}
          maxLength={400}
          value={said.avoids}
          onChange={(e) => setSaid({ ...said, avoids: e.target.value })}
        />
      </label>
      <SelectField
        label="Place"
        value={station}
        options={stations.map((s): [string, string] => [
          s.id,
          `${stationName(s)}${seats(s.id) > 0 ? '' : ' (no seat free)'}`,
        ])}
        onChange={setStation}
      />
      <button type="submit" className={TAP_BUTTON} disabled={said.name.trim() === ''}>
        They are here
      </button>
    </form>
  );
}
