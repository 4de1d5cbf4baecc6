import { Plus } from 'lucide-react';
import { useState } from 'react';
import { faultLine, newClass, readClassRecord, type ClassRecord, type Fault } from '@hodsman/core';
import { useDocumentList, useFetchBody } from '../../documents/api.ts';
import { MAIN_BUTTON } from '../../ui/buttons.ts';
import { Notice } from '../../ui/Notice.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import { Stepper } from '../../ui/Stepper.tsx';
import { ownTimeZone } from '../../ui/when.ts';

const INPUT = 'min-h-9 rounded-cut border border-line bg-ground px-3';

/** What a class cannot do without: a name, a day, a kitchen, people, a bread. Everything else is set inside it. */
export function NewClass({ onMade }: { readonly onMade: (record: ClassRecord) => void }) {
  const kitchens = (useDocumentList('kitchen').data ?? []).filter((k) => k.isReadable);
  const breads = (useDocumentList('bread').data ?? []).filter((b) => b.isReadable);
  const fetchBody = useFetchBody();
  const [title, setTitle] = useState('');
  const [date, setDate] = useState('');
  const [kitchenId, setKitchenId] = useState<string>();
  const [breadId, setBreadId] = useState<string>();
  const [participants, setParticipants] = useState(8);
  const [faults, setFaults] = useState<readonly Fault[]>([]);
  const kitchen = kitchens.find((k) => k.id === kitchenId) ?? kitchens[0];
  const bread = breads.find((b) => b.id === breadId) ?? breads[0];
  const make = async (): Promise<void> => {
    if (!kitchen || !bread) return;
    const [itsKitchen, firstBread] = await Promise.all([
      fetchBody('kitchen', kitchen.id),
      fetchBody('bread', bread.id),
    ]);
    if (!itsKitchen || !firstBread) return;
    const made = newClass({
      title: title.trim(),
      date,
      timeZone: ownTimeZone(),
      kitchenId: kitchen.id,
      kitchen: itsKitchen,
      breads: [firstBread],
      participants,
    });
    // what the kitchen cannot do for the bread is said here
    const read = made.ok ? readClassRecord(made.value) : made;
    setFaults(read.ok ? [] : read.faults);
    if (read.ok) onMade(read.value);
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
        <SelectField
          label="Kitchen"
          value={kitchen?.id ?? ''}
          options={kitchens.map((k): [string, string] => [k.id, k.title])}
          onChange={setKitchenId}
        />
        <SelectField
          label="First bread"
          value={bread?.id ?? ''}
          options={breads.map((b): [string, string] => [b.id, b.title])}
          onChange={setBreadId}
        />
        <Stepper label="Participants" value={participants} least={1} most={200} onChange={setParticipants} />
        <button type="submit" className={MAIN_BUTTON}>
          <Plus size={18} aria-hidden /> Make it
        </button>
      </div>
      {faults.length > 0 && (
        <Notice>
          {faults.map((f) => (
            <p key={f.path + f.code}>{faultLine(f)}</p>
          ))}
        </Notice>
      )}
    </form>
  );
}
