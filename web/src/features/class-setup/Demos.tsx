import { Plus, Trash2 } from 'lucide-react';
import { isRest, linesOf, stationName, teamAt, type Workshop } from '@hodsman/core';
import { changeClass } from '../../planning/edit.ts';
import { useAppDispatch } from '../../store/hooks.ts';
import { stepName } from '../../bread-ui/step-words.ts';
import { SIDE_BUTTON, SMALL_ICON_BUTTON } from '../../ui/buttons.ts';
import { NumberField } from '../../ui/NumberField.tsx';
import { SelectField } from '../../ui/SelectField.tsx';

type Demo = Workshop['demos'][number];

interface Props {
  readonly workshop: Workshop;
  readonly onAdd: (bread: string) => void;
}

/** The stations that have a dough of a bread. */
const stationsWith = (workshop: Workshop, bread: string): Workshop['stations'] => {
  const line = linesOf(workshop).find((l) => l.bread.id === bread);
  return line ? workshop.stations.filter((s) => teamAt(s, line).length > 0) : [];
};

/** Demonstrations: what is shown before which step, to whom, where. */
export function Demos({ workshop, onAdd }: Props) {
  const dispatch = useAppDispatch();
  const { demos } = workshop;
  const put = (next: readonly Demo[], what?: string): void => {
    dispatch(changeClass(workshop, { demos: [...next] }, what));
  };
  const bread = (id: string) => workshop.breads.find((b) => b.id === id);
  return (
    <section aria-labelledby="demos-head" className="grid justify-items-start gap-2">
      <h2 id="demos-head" className="text-lg">
        Demonstrations
      </h2>
      <p className="text-sm text-quiet">
        An instructor shows a step; nobody who makes the bread starts that step before they have seen it.
      </p>
      {demos.map((d, i) => {
        const set = (part: Partial<Demo>, what?: string): void =>
          put(
            demos.map((x, n) => (n === i ? { ...x, ...part } : x)),
            what,
          );
        const steps = bread(d.bread)?.steps.filter((s) => !isRest(s)) ?? [];
        return (
          <div key={i} className="flex flex-wrap items-end gap-3">
            <SelectField
              label={`Demonstration ${i + 1} of`}
              value={d.bread}
              options={workshop.menu.map((m): [string, string] => [m.bread, bread(m.bread)?.name ?? m.bread])}
              onChange={(id) => {
                const first = bread(id)?.steps.find((s) => !isRest(s) && s.per === 'piece');
                // another bread may have no dough at the station that it was shown from
                const { from: _, ...rest } = d;
                if (first) put(demos.map((x, n) => (n === i ? { ...rest, bread: id, before: first.id } : x)));
              }}
            />
            <SelectField
              label="before they"
              value={d.before}
              options={steps.map((s): [string, string] => [s.id, stepName(s)])}
              onChange={(before) => set({ before })}
            />
            <NumberField
              label="takes"
              unit="min"
              value={d.minutes}
              digits={0}
              least={1}
              most={120}
              className="w-16"
              onChange={(minutes) => set({ minutes }, `demo ${i}`)}
            />
            <SelectField
              label="shown to"
              value={d.to}
              options={[
                ['class', 'everyone together'],
                ['station', 'station after station'],
              ]}
              onChange={(to) => set({ to })}
            />
            <SelectField
              label="at"
              value={d.at}
              options={[
                ['bench', 'a bench'],
                ['griddle', 'a griddle'],
              ]}
              onChange={(at) => set({ at })}
            />
            <NumberField
              label="shows"
              unit={d.pieces === 1 ? 'bread' : 'breads'}
              value={d.pieces}
              digits={0}
              most={50}
              className="w-14"
              onChange={(pieces) => set({ pieces }, `pieces ${i}`)}
            />
            {d.pieces > 0 && (
              <SelectField
                label="out of the dough of"
                value={d.from ?? ''}
                options={[
                  ['', 'the first station that has it'],
                  ...stationsWith(workshop, d.bread).map((s): [string, string] => [s.id, stationName(s)]),
                ]}
                onChange={(from) => {
                  const { from: _, ...rest } = d;
                  put(demos.map((x, n) => (n === i ? (from === '' ? rest : { ...rest, from }) : x)));
                }}
              />
            )}
            <button
              type="button"
              className={SMALL_ICON_BUTTON}
              aria-label={`Remove demonstration ${i + 1}`}
              onClick={() => put(demos.filter((_, n) => n !== i))}
            >
              <Trash2 size={16} aria-hidden />
            </button>
          </div>
        );
      })}
      <button
        type="button"
        className={`${SIDE_BUTTON} min-h-9 text-sm`}
        disabled={workshop.menu.length === 0}
        onClick={() => onAdd(workshop.menu[0]?.bread ?? '')}
      >
        <Plus size={16} aria-hidden /> A demonstration
      </button>
    </section>
  );
}
