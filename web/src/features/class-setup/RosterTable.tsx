import { Trash2, X } from 'lucide-react';
import { memo } from 'react';
import {
  AVOIDABLE,
  changeParticipant,
  linesOf,
  removeParticipants,
  stationName,
  success,
  type ClassRecord,
  type Workshop,
} from '@hodsman/core';
import { applyEdit, applyRecord } from '../../app/edit.ts';
import { useAppDispatch } from '../../app/hooks.ts';
import { SMALL_ICON_BUTTON } from '../../ui/buttons.ts';
import { NumberField } from '../../ui/NumberField.tsx';
import { SmallText } from '../../ui/SmallText.tsx';
import { useStable } from '../../ui/use-stable.ts';

type Person = Workshop['roster'][number];

/** Everybody with what they avoid, their pace and what they make. */
export function RosterTable({ record }: { readonly record: ClassRecord }) {
  const { workshop } = record;
  const dispatch = useAppDispatch();
  const lines = linesOf(workshop);
  const change = useStable((id: string, part: Partial<Omit<Person, 'id'>>) => {
    dispatch(applyEdit(success(changeParticipant(workshop, id, part)), `${id} ${Object.keys(part).join()}`));
  });
  const remove = useStable((id: string) => {
    dispatch(applyRecord(removeParticipants(record, [id])));
  });
  return (
    <section aria-labelledby="roster-head">
      <h2 id="roster-head" className="mb-2 text-xl">
        Everybody
      </h2>
      <div className="overflow-x-auto">
        <table className="w-full border-collapse">
          <thead className="text-left text-sm text-quiet">
            <tr>
              {['Name', 'Avoids', 'Pace', 'Stands at', 'Makes'].map((h) => (
                <th key={h} scope="col" className="pr-4 font-normal">
                  {h}
                </th>
              ))}
              <th>
                <span className="sr-only">Take off the roster</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {workshop.roster.map((p) => {
              const station = workshop.stations.find((s) => s.members.includes(p.id));
              const makes = lines.filter((l) => l.makers.has(p.id)).map((l) => l.bread.name);
              return (
                <RosterRow
                  key={p.id}
                  person={p}
                  station={station ? stationName(station) : '–'}
                  makes={makes.join(', ')}
                  onChange={change}
                  onRemove={remove}
                />
              );
            })}
          </tbody>
        </table>
      </div>
    </section>
  );
}

interface RowProps {
  readonly person: Person;
  readonly station: string;
  readonly makes: string;
  readonly onChange: (id: string, part: Partial<Omit<Person, 'id'>>) => void;
  readonly onRemove: (id: string) => void;
}

const RosterRow = memo(function RosterRow({ person, station, makes, onChange, onRemove }: RowProps) {
  return (
    <tr className="border-t border-line align-middle">
      <td className="py-1 pr-4">
        <SmallText
          label={`Name of ${person.name}`}
          value={person.name}
          className="w-44"
          onChange={(name) => {
            if (name.trim() !== '') onChange(person.id, { name });
          }}
        />
      </td>
      <td className="py-1 pr-4">
        <Avoided person={person} onChange={(avoid) => onChange(person.id, { avoid })} />
      </td>
      <td className="py-1 pr-4">
        <NumberField
          label={`Pace of ${person.name}`}
          isLabelHidden
          value={person.pace}
          digits={2}
          least={0.1}
          most={5}
          step={0.05}
          className="w-16"
          onChange={(pace) => onChange(person.id, { pace })}
        />
      </td>
      <td className="py-1 pr-4 whitespace-nowrap">{station}</td>
      <td className={`py-1 pr-4 ${makes === '' ? 'font-semibold text-trouble' : 'text-quiet'}`}>
        {makes === '' ? 'no bread yet' : makes}
      </td>
      <td>
        <button
          type="button"
          className={SMALL_ICON_BUTTON}
          aria-label={`Take ${person.name} off the roster`}
          onClick={() => onRemove(person.id)}
        >
          <Trash2 size={16} aria-hidden />
        </button>
      </td>
    </tr>
  );
});

/** What somebody avoids, word by word; a press on a word changes between strict and by choice. */
function Avoided({
  person,
  onChange,
}: {
  readonly person: Person;
  readonly onChange: (avoid: Person['avoid']) => void;
}) {
  const left = AVOIDABLE.filter((w) => !person.avoid.some((a) => a.what === w));
  return (
    <div className="flex flex-wrap items-center gap-1.5">
      {person.avoid.map((a) => (
        <span
          key={a.what}
          className={`flex items-center rounded-cut border ${a.level === 'strict' ? 'border-trouble text-trouble' : 'border-line'}`}
        >
          <button
            type="button"
            className="min-h-8 px-2"
            title="strict: cooked apart; diet: by choice"
            onClick={() =>
              onChange(
                person.avoid.map((x) => (x === a ? { ...a, level: a.level === 'strict' ? 'diet' : 'strict' } : x)),
              )
            }
          >
            {a.what}, {a.level}
          </button>
          <button
            type="button"
            className="grid size-8 place-items-center"
            aria-label={`${person.name} does not avoid ${a.what}`}
            onClick={() => onChange(person.avoid.filter((x) => x !== a))}
          >
            <X size={14} aria-hidden />
          </button>
        </span>
      ))}
      <select
        aria-label={`Something that ${person.name} avoids`}
        value=""
        className="min-h-8 max-w-28 rounded-cut border border-line bg-panel px-1 text-quiet"
        onChange={(e) => {
          if (e.target.value !== '') onChange([...person.avoid, { what: e.target.value, level: 'strict' }]);
        }}
      >
        <option value="">avoids …</option>
        {left.map((w) => (
          <option key={w}>{w}</option>
        ))}
      </select>
    </div>
  );
}
