import { Download, Plus, Trash2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { bufferSecOf, changeLine, planFile, success, wholeMinutes, type Workshop } from '@hodsman/core';
import { applyEdit, changeClass } from '../../planning/edit.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';
import { SIDE_BUTTON, SMALL_ICON_BUTTON } from '../../ui/buttons.ts';
import { download, fileName } from '../../ui/download.ts';
import { NumberField } from '../../ui/NumberField.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { TextField } from '../../ui/TextField.tsx';
import { TimeField } from '../../ui/TimeField.tsx';
import { DayLine } from './DayLine.tsx';

/** The day: its frame as a line to scale, and every time on it to be typed. */
export function TimesTab() {
  const workshop = useAppSelector((s) => s.draft?.body.workshop);
  const plan = useAppSelector((s) => s.draft?.plan);
  const dispatch = useAppDispatch();
  if (!workshop) return null;
  const put = (part: Partial<Workshop>, what?: string): void => {
    dispatch(changeClass(workshop, part, what));
  };
  return (
    <div className="mx-auto grid max-w-6xl gap-7 p-4">
      <DayLine workshop={workshop} />
      <div className="grid items-start gap-x-10 gap-y-7 lg:grid-cols-2">
        <section aria-label="The day" className="grid gap-3">
          <TextField label="Title" value={workshop.title} onTake={(title) => put({ title })} />
          <div className="grid grid-cols-2 gap-3">
            <TextField label="Date" type="date" value={workshop.date} onTake={(date) => put({ date })} />
            <TextField label="Time zone" value={workshop.timeZone} onTake={(timeZone) => put({ timeZone })} />
          </div>
          <div className="flex flex-wrap items-end gap-4">
            <TimeField label="Doors open" value={workshop.doorsOpen} onTake={(doorsOpen) => put({ doorsOpen })} />
            <NumberField
              label="Welcome"
              unit="min"
              value={workshop.welcomeMin}
              digits={0}
              most={240}
              className="w-16"
              onChange={(welcomeMin) => put({ welcomeMin }, 'welcomeMin')}
            />
            <TimeField label="Table time" value={workshop.tableTime} onTake={(tableTime) => put({ tableTime })} />
            <TimeField
              label="People leave"
              value={workshop.ends ?? ''}
              onTake={(ends) => put({ ends })}
              onClear={() => {
                const { ends: _ends, ...rest } = workshop;
                dispatch(applyEdit(success(rest)));
              }}
            />
            <NumberField
              label="Clearing up before that"
              unit="min"
              value={workshop.clearMin ?? 0}
              digits={0}
              most={240}
              className="w-16"
              onChange={(clearMin) => put({ clearMin }, 'clearMin')}
            />
          </div>
          <div className="flex flex-wrap items-end gap-4">
            <NumberField
              label="Wanted in hand before the table"
              unit="min"
              value={wholeMinutes(bufferSecOf(workshop))}
              digits={0}
              most={240}
              className="w-16"
              onChange={(bufferMin) => put({ bufferMin }, 'bufferMin')}
            />
            <NumberField
              label="Nobody should wait longer than"
              unit="min"
              value={workshop.idleMaxMin}
              digits={0}
              most={240}
              className="w-16"
              onChange={(idleMaxMin) => put({ idleMaxMin }, 'idleMaxMin')}
            />
          </div>
          <div className="grid justify-items-start gap-1">
            <span className="text-sm text-quiet">Breads are</span>
            <Segments
              label="Breads are"
              name="service"
              value={workshop.service}
              options={[
                ['together', 'eaten together at table time'],
                ['as-cooked', 'eaten as they come'],
                ['take-home', 'taken home'],
              ]}
              onChange={(service) => put({ service })}
            />
          </div>
          <div className="mt-2 flex flex-wrap gap-3">
            <button
              type="button"
              className={SIDE_BUTTON}
              onClick={() =>
                download(
                  fileName(workshop.title, '.workshop.json'),
                  'application/json',
                  JSON.stringify(workshop, null, 2),
                )
              }
            >
              <Download size={18} aria-hidden /> Save as a workshop file
            </button>
            {plan && (
              <button
                type="button"
                className={SIDE_BUTTON}
                onClick={() =>
                  download(
                    fileName(workshop.title, '.plan.json'),
                    'application/json',
                    JSON.stringify(planFile(plan), null, 2),
                  )
                }
              >
                <Download size={18} aria-hidden /> Save the plan
              </button>
            )}
          </div>
        </section>
        <div className="grid gap-7">
          <PrepTimes workshop={workshop} put={put} />
          <Breaks workshop={workshop} put={put} />
          <ServiceOfLines workshop={workshop} put={put} />
        </div>
      </div>
    </div>
  );
}

interface PartProps {
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

function TakeOut({ label, onClick }: { readonly label: string; readonly onClick: () => void }) {
  return (
    <button type="button" className={SMALL_ICON_BUTTON} aria-label={label} onClick={onClick}>
      <Trash2 size={16} aria-hidden />
    </button>
  );
}

function PrepTimes({ workshop, put }: PartProps) {
  const { prepTimes } = workshop;
  const change = (at: number, part: Partial<(typeof prepTimes)[number]>): void =>
    put({ prepTimes: prepTimes.map((p, i) => (i === at ? { ...p, ...part } : p)) });
  return (
    <Rows
      title="Staff are there before the class"
      hint="Doughs are made ahead, fridges filled and emptied in these times alone."
      addWords="Another time"
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
          <TakeOut
            label={`Take out prep time ${i + 1}`}
            onClick={() => put({ prepTimes: prepTimes.filter((_, n) => n !== i) })}
          />
        </div>
      ))}
    </Rows>
  );
}

function Breaks({ workshop, put }: PartProps) {
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
          <TakeOut
            label={`Take out break ${i + 1}`}
            onClick={() => put({ breaks: breaks.filter((_, n) => n !== i) })}
          />
        </div>
      ))}
    </Rows>
  );
}

/** Breads that are served otherwise than the class. */
function ServiceOfLines({ workshop, put }: PartProps) {
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
