import { Plus } from 'lucide-react';
import { useState } from 'react';
import {
  faultInWords,
  lacksOf,
  needsOf,
  newClass,
  readClassRecord,
  seatsIn,
  withAdded,
  withSeats,
  type ClassRecord,
  type Fault,
} from '@hodsman/core';
import { useBodies, useDocumentList } from '../../documents/api.ts';
import { Lacking } from '../../planning/Lacking.tsx';
import { MAIN_BUTTON } from '../../ui/buttons.ts';
import { MeasureFields } from '../../ui/MeasureFields.tsx';
import { chooseMeasures, storedMeasures } from '../../ui/measures.ts';
import { proposedMeasures } from '../../ui/proposed-measures.ts';
import { Notice } from '../../ui/Notice.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import { Stepper } from '../../ui/Stepper.tsx';
import { TimeField } from '../../ui/TimeField.tsx';
import { ownTimeZone } from '../../ui/when.ts';
import { TooFewSeats, type SeatsHow } from './TooFewSeats.tsx';

const INPUT = 'min-h-9 rounded-cut border border-line bg-ground px-3';

/** What a class cannot do without: a name, a day and its times, a kitchen, people, a bread. Everything else is set inside it. */
export function NewClass({ onMade }: { readonly onMade: (record: ClassRecord) => Promise<boolean> }) {
  const kitchens = (useDocumentList('kitchen').data ?? []).filter((k) => k.isReadable);
  const breads = (useDocumentList('bread').data ?? []).filter((b) => b.isReadable);
  const [title, setTitle] = useState('');
  const [date, setDate] = useState('');
  const [times, setTimes] = useState({ doorsOpen: '10:00', tableTime: '12:30' });
  const [kitchenId, setKitchenId] = useState<string>();
  const [breadId, setBreadId] = useState<string>();
  const [participants, setParticipants] = useState(8);
  const [seatsHow, setSeatsHow] = useState<SeatsHow>('bench');
  const [isAdded, setAdded] = useState(true);
  const [measures, setMeasures] = useState(proposedMeasures);
  const isAsked = storedMeasures() === undefined;
  const [faults, setFaults] = useState<readonly Fault[]>([]);
  const shownKitchen = kitchens.find((k) => k.id === kitchenId) ?? kitchens[0];
  const shownBread = breads.find((b) => b.id === breadId) ?? breads[0];
  const kitchen = useBodies('kitchen', shownKitchen ? [shownKitchen.id] : [])?.[0];
  const source = useBodies('bread', shownBread ? [shownBread.id] : [])?.[0];
  const bread = source?.body;
  const lacks = kitchen && bread ? lacksOf(kitchen.body, needsOf(bread)) : [];
  const seats = kitchen ? seatsIn(kitchen.body) : Infinity;
  const canMake = kitchen !== undefined && bread !== undefined && (lacks.length === 0 || isAdded);

  const make = async (): Promise<void> => {
    if (!kitchen || !source) return;
    const made = newClass({
      title: title.trim(),
      date,
      ...times,
      timeZone: ownTimeZone(),
      kitchenId: kitchen.id,
      kitchen: withAdded(withSeats(kitchen.body, participants, seatsHow), lacks),
      keptKitchen: kitchen.body,
      breads: [{ id: source.id, bread: source.body }],
      participants,
    });
    const read = made.ok ? readClassRecord(made.value) : made;
    setFaults(read.ok ? [] : read.faults);
    if (!read.ok) return;
    // figures change once there is a class to show: a class that was not kept leaves the form as it is
    if ((await onMade(read.value)) && isAsked) chooseMeasures(measures);
  };
  return (
    <form
      aria-label="New class"
      className="grid gap-3 border-b border-line pb-5"
      onSubmit={(e) => {
        e.preventDefault();
        void make();
      }}
    >
      <h2 className="text-lg">A new class</h2>
      <div className="flex flex-wrap items-end gap-4">
        <label className="grid flex-1 gap-1">
          <span className="text-sm text-quiet">What it is called</span>
          <input
            required
            maxLength={120}
            value={title}
            className={`${INPUT} w-full min-w-56`}
            onChange={(e) => setTitle(e.target.value)}
          />
        </label>
        <label className="grid gap-1">
          <span className="text-sm text-quiet">Day</span>
          <input type="date" required value={date} className={INPUT} onChange={(e) => setDate(e.target.value)} />
        </label>
        <TimeField
          label="Doors open"
          value={times.doorsOpen}
          onTake={(doorsOpen) => setTimes({ ...times, doorsOpen })}
        />
        <TimeField
          label="Table time"
          value={times.tableTime}
          onTake={(tableTime) => setTimes({ ...times, tableTime })}
        />
      </div>
      <div className="flex flex-wrap items-end gap-4">
        <SelectField
          label="Kitchen"
          value={shownKitchen?.id ?? ''}
          options={kitchens.map((k): [string, string] => [
            k.id,
            k.summary ? `${k.title}, ${k.summary.seats} seats` : k.title,
          ])}
          onChange={setKitchenId}
        />
        <SelectField
          label="First bread"
          value={shownBread?.id ?? ''}
          options={breads.map((b): [string, string] => [b.id, b.title])}
          onChange={setBreadId}
        />
        <Stepper label="Participants" value={participants} least={1} most={200} onChange={setParticipants} />
        <button type="submit" className={MAIN_BUTTON} disabled={!canMake}>
          <Plus size={18} aria-hidden /> Make it
        </button>
      </div>
      {isAsked && (
        <fieldset className="grid gap-2">
          <legend className="mb-1">How you measure, on this device (asked once; kept under “Your measures”)</legend>
          <MeasureFields value={measures} onChange={setMeasures} />
        </fieldset>
      )}
      {participants > seats && (
        <TooFewSeats
          missing={participants - seats}
          how={seatsHow}
          others={kitchens.filter((k) => (k.summary?.seats ?? 0) >= participants)}
          onHow={setSeatsHow}
          onOther={setKitchenId}
        />
      )}
      {lacks.length > 0 && <Lacking lacks={lacks} isAdded={isAdded} onAdd={setAdded} />}
      {faults.length > 0 && (
        <Notice>
          {faults.map((f) => (
            <p key={f.path + f.code}>{faultInWords(f, undefined)}</p>
          ))}
        </Notice>
      )}
    </form>
  );
}
