import { Trash2 } from 'lucide-react';
import { memo } from 'react';
import {
  changeParticipant,
  freeWordsOf,
  linesOf,
  removeParticipants,
  stationName,
  success,
  type ClassRecord,
  type FreeWord,
  type Workshop,
} from '@hodsman/core';
import { applyEdit, applyRecord } from '../../planning/edit.ts';
import { useAppDispatch } from '../../store/hooks.ts';
import { SMALL_ICON_BUTTON } from '../../ui/buttons.ts';
import { NumberField } from '../../ui/NumberField.tsx';
import { SmallText } from '../../ui/SmallText.tsx';
import { useStable } from '../../ui/use-stable.ts';
import { Avoided } from './Avoided.tsx';
import { Remarks } from './Remarks.tsx';

type Person = Workshop['roster'][number];
const NO_WORDS: readonly FreeWord[] = [];

/** Everybody with what they avoid, what they said of themselves, their pace and what they make. */
export function RosterTable({ record }: { readonly record: ClassRecord }) {
  const { workshop, notes } = record;
  const dispatch = useAppDispatch();
  const lines = linesOf(workshop);
  const freeWords = freeWordsOf(workshop);
  const said = new Set(notes.remarks.map((r) => r.person));
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
                  record={said.has(p.id) ? record : undefined}
                  freeWords={freeWords.length > 0 ? freeWords : NO_WORDS}
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
  /** The class, for those who said something of themselves; most rows are not drawn again when it changes. */
  readonly record: ClassRecord | undefined;
  readonly freeWords: readonly FreeWord[];
  readonly station: string;
  readonly makes: string;
  readonly onChange: (id: string, part: Partial<Omit<Person, 'id'>>) => void;
  readonly onRemove: (id: string) => void;
}

const RosterRow = memo(function RosterRow(props: RowProps) {
  const { person, record, freeWords, station, makes, onChange, onRemove } = props;
  const changeAvoided = (avoid: Person['avoid']): void => onChange(person.id, { avoid });
  return (
    <tr className="border-t border-line align-top">
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
        <Avoided person={person} freeWords={freeWords} onChange={changeAvoided} />
        {record && (
          <Remarks
            record={record}
            person={person}
            onAvoid={(what) => changeAvoided([...person.avoid, { what, level: 'strict' }])}
          />
        )}
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
      <td className="py-2 pr-4 whitespace-nowrap">{station}</td>
      <td className={`py-2 pr-4 ${makes === '' ? 'font-semibold text-trouble' : 'text-quiet'}`}>
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
