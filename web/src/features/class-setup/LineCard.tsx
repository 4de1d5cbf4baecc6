import { changeLine, doughOfMode, durationText, success, type Line, type MenuLine, type Workshop } from '@hodsman/core';
import { applyEdit } from '../../planning/edit.ts';
import { useAppDispatch } from '../../store/hooks.ts';
import { stepName } from '../../bread-ui/step-words.ts';
import { Segments } from '../../ui/Segments.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import { SmallText } from '../../ui/SmallText.tsx';
import { Toggle } from '../../ui/Toggle.tsx';
import { LineHead, type LinePart } from './LineHead.tsx';
import { Makers } from './Makers.tsx';
import { StrandChooser } from './StrandChooser.tsx';

type Dough = MenuLine['dough'];

const MODES: readonly (readonly [Dough['mode'], string])[] = [
  ['station', 'every station makes its own'],
  ['ahead', 'staff make it before'],
  ['class', 'staff make it in class'],
  ['swap', 'before, and everyone mixes to learn'],
];

/** One bread of the menu. */
export function LineCard({ line, workshop }: { readonly line: Line; readonly workshop: Workshop }) {
  const { menu, bread } = line;
  const dispatch = useAppDispatch();
  const set = (part: LinePart): void => {
    dispatch(applyEdit(success(changeLine(workshop, bread.id, part))));
  };
  const canMix = line.chain.some((s) => 'mixerMinutes' in s && s.mixerMinutes !== undefined);
  const isPerishable = bread.ingredients.some((i) => i.perishable === true);
  const { dough } = menu;
  return (
    <article className="grid gap-3 rounded-cut border border-line bg-panel p-4" aria-label={bread.name}>
      <LineHead line={line} workshop={workshop} set={set} />
      <div className="flex flex-wrap items-center gap-3">
        <span className="text-quiet">Dough:</span>
        <Segments
          label={`Dough of ${bread.name}`}
          name={`mode-${bread.id}`}
          value={dough.mode}
          options={MODES}
          onChange={(mode) => set({ dough: doughOfMode(line, mode) })}
        />
        {canMix && <Toggle label="at the mixer" isOn={menu.mixer} onChange={(mixer) => set({ mixer })} />}
      </div>
      {dough.mode !== 'station' && (
        <StrandChooser
          line={line}
          dough={dough}
          onThrough={(through) => set({ dough: { ...dough, through } })}
          onPractice={(practice) => set({ dough: { mode: 'swap', through: dough.through, practice } })}
        />
      )}
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <Makers line={line} workshop={workshop} onChange={(makers) => set({ for: makers })} />
        <SelectField
          label="Served"
          value={menu.service ?? ''}
          options={[
            ['', 'as the class'],
            ['together', 'together at table time'],
            ['as-cooked', 'as they come'],
            ['take-home', 'taken home'],
          ]}
          onChange={(service) => set({ service: service === '' ? undefined : service })}
        />
        {isPerishable && (
          <label className="grid gap-1">
            <span className="text-sm text-quiet">
              Longer than {durationText(workshop.kitchen.safeOutMin * 60)} out of the fridge is accepted, because
            </span>
            <SmallText
              label={`Why ${bread.name} may be out of the fridge for longer`}
              value={menu.acceptOutOfCold ?? ''}
              placeholder="not accepted"
              className="w-72"
              onChange={(reason) => set({ acceptOutOfCold: reason === '' ? undefined : reason })}
            />
          </label>
        )}
      </div>
      {dough.mode !== 'station' && (
        <p className="text-sm text-quiet">
          Staff:{' '}
          {line.chain
            .slice(0, line.chain.findIndex((s) => s.id === dough.through) + 1)
            .map(stepName)
            .join(', ')}
          ; stations go on from there.
        </p>
      )}
    </article>
  );
}
