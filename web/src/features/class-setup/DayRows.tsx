import { Plus, Trash2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { changeLine, type Workshop } from '@hodsman/core';
import { SIDE_BUTTON, SMALL_ICON_BUTTON } from '../../ui/buttons.ts';
import { NumberField } from '../../ui/NumberField.tsx';
import { TimeField } from '../../ui/TimeField.tsx';

/** A part of the day and how it changes. */
export interface DayProps {
  readonly workshop: Workshop;
  readonly put: (part: Partial<Workshop>, what?: string) => void;
}

function Rows({
  title,
  hint,
  addWords,
  onAdd,
  children,
}: {
  readonly title: string;
  readonly hint: string;
  readonly addWords: string;
  readonly onAdd: () => void;
  readonly children: ReactNode;
}) {
  return (
    <section aria-label={title} className="grid justify-items-start gap-2">
      <h2 className="text-lg">{title}</h2>
      <p className="text-sm text-quiet">{hint}</p>
      {children}
      <button type="button" className={`${SIDE_BUTTON} min-h-9 text-sm`} onClick={onAdd}>
        <Plus size={16} aria-hidden /> {addWords}
      </button>
    </section>
  );
}

function RemoveRow({ label, onClick }: { readonly label: string; readonly onClick: () => void }) {
  return (
    <button type="button" className={SMALL_ICON_BUTTON} aria-label={label} onClick={onClick}>
      <Trash2 size={16} aria-hidden />
    </button>
  );
}

/** When staff are there before the class. */
export function PrepTimes({ workshop, put }: DayProps) {
  const { prepTimes } = workshop;
  const change = (at: number, part: Partial<(typeof prepTimes)[number]>): void =>
    put({ prepTimes: prepTimes.map((p, i) => (i === at ? { ...p, ...part } : p)) });
  return (
    <Rows
      title="Staff are there before the class"
      hint="Doughs are made ahead, fridges filled and emptied in these times alone."
      addWords="A prep time"
      onAdd={() =>
        put({
          prepTimes: [...prepTimes, { from: `${workshop.date}T08:00`, to: `${workshop.date}T${workshop.doorsOpen}` }],
        })
      }
    >
      {prepTimes.map((p, i) => (
        <div key={i} className="flex flex-wrap items-end gap-3">
          <TimeField label={`Prep time ${i + 1} from`} hasDate value={p.from} onTake={(from) => change(i, { from })} />
          <TimeField label="to" hasDate value={p.to} onTake={(to) => change(i, { to })} />
          <RemoveRow
            label={`Remove prep time ${i + 1}`}
            onClick={() => put({ prepTimes: prepTimes.filter((_, n) => n !== i) })}
          />
        </div>
      ))}
    </Rows>
  );
}

/** Breaks of the class. */
export function Breaks({ workshop, put }: DayProps) {
  const { breaks } = workshop;
  const change = (at: number, part: Partial<(typeof breaks)[number]>, what?: string): void =>
    put({ breaks: breaks.map((b, i) => (i === at ? { ...b, ...part } : b)) }, what);
  return (
    <Rows
      title="Breaks"
      hint="The plan chooses the moment between the two times; no bread is on a griddle then."
      addWords="A break"
      onAdd={() => put({ breaks: [...breaks, { after: workshop.doorsOpen, before: workshop.tableTime, minutes: 10 }] })}
    >
      {breaks.map((b, i) => (
        <div key={i} className="flex flex-wrap items-end gap-3">
          <NumberField
            label={`Break ${i + 1}`}
            unit="min"
            value={b.minutes}
            digits={0}
            least={1}
            most={240}
            className="w-16"
            onChange={(minutes) => change(i, { minutes }, `break ${i}`)}
          />
          <TimeField label="not before" value={b.after} onTake={(after) => change(i, { after })} />
          <TimeField label="over by" value={b.before} onTake={(before) => change(i, { before })} />
          <RemoveRow
            label={`Remove break ${i + 1}`}
            onClick={() => put({ breaks: breaks.filter((_, n) => n !== i) })}
          />
        </div>
      ))}
    </Rows>
  );
}

/** Breads that are served otherwise than the class. */
export function ServiceOfLines({ workshop, put }: DayProps) {
  const own = workshop.menu.filter((m) => m.service !== undefined && m.service !== workshop.service);
  if (own.length === 0) return null;
  const name = (id: string): string => workshop.breads.find((b) => b.id === id)?.name ?? id;
  return (
    <section aria-label="Served otherwise" className="text-quiet">
      Otherwise: {own.map((m) => `${name(m.bread)} ${m.service ?? ''}`).join(', ')}.{' '}
      <button
        type="button"
        className="underline"
        onClick={() =>
          put({ menu: own.reduce((w, m) => changeLine(w, m.bread, { service: undefined }), workshop).menu })
        }
      >
        Serve all alike
      </button>
    </section>
  );
}
