import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react';
import {
  changeLine,
  doughOfMode,
  durationText,
  moveLine,
  removeLine,
  success,
  type Line,
  type MenuLine,
  type Workshop,
} from '@hodsman/core';
import { applyEdit } from '../../planning/edit.ts';
import { useAppDispatch } from '../../store/hooks.ts';
import { stepName } from '../../bread-ui/step-words.ts';
import { BreadGlyph } from '../../bread-ui/BreadGlyph.tsx';
import { SMALL_ICON_BUTTON } from '../../ui/buttons.ts';
import { Segments } from '../../ui/Segments.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import { SmallText } from '../../ui/SmallText.tsx';
import { Stepper } from '../../ui/Stepper.tsx';
import { Toggle } from '../../ui/Toggle.tsx';
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
  const set = (part: Parameters<typeof changeLine>[2]): void => {
    dispatch(applyEdit(success(changeLine(workshop, bread.id, part))));
  };
  const put = (next: Workshop): void => {
    dispatch(applyEdit(success(next)));
  };
  const canMix = line.chain.some((s) => 'mixerMinutes' in s && s.mixerMinutes !== undefined);
  const isPerishable = bread.ingredients.some((i) => i.perishable === true);
  const { dough } = menu;
  return (
    <article className="grid gap-3 rounded-cut border border-line bg-panel p-4" aria-label={bread.name}>
      <header className="flex flex-wrap items-center gap-x-5 gap-y-2">
        <svg width={34} height={34} aria-hidden className="shrink-0">
          <BreadGlyph shape={bread.piece.shape} x={17} y={17} size={28} />
        </svg>
        <h3 className="min-w-40 flex-1 text-lg">{bread.name}</h3>
        <Stepper label="Breads" value={menu.each} least={1} most={12} onChange={(each) => set({ each })} />
        <SelectField
          label={`Breads of ${bread.name} are counted`}
          isLabelHidden
          value={menu.per}
          options={[
            ['participant', 'each'],
            ['station', 'a station'],
          ]}
          onChange={(per) => set({ per })}
        />
        <Stepper
          label="Spares a station"
          value={menu.spares}
          least={0}
          most={10}
          onChange={(spares) => set({ spares })}
        />
        <span className="flex">
          <button
            type="button"
            className={SMALL_ICON_BUTTON}
            aria-label={`${bread.name}: further up the menu`}
            onClick={() => put(moveLine(workshop, bread.id, -1))}
          >
            <ArrowUp size={16} aria-hidden />
          </button>
          <button
            type="button"
            className={SMALL_ICON_BUTTON}
            aria-label={`${bread.name}: further down the menu`}
            onClick={() => put(moveLine(workshop, bread.id, 1))}
          >
            <ArrowDown size={16} aria-hidden />
          </button>
          <button
            type="button"
            className={SMALL_ICON_BUTTON}
            aria-label={`Take ${bread.name} off the menu`}
            onClick={() => put(removeLine(workshop, bread.id))}
          >
            <Trash2 size={16} aria-hidden />
          </button>
        </span>
      </header>
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

interface MakersProps {
  readonly line: Line;
  readonly workshop: Workshop;
  readonly onChange: (makers: string[] | undefined) => void;
}

/** Everybody who can, or those who are named. */
function Makers({ line, workshop, onChange }: MakersProps) {
  const chosen = line.menu.for;
  const can = workshop.roster.filter((p) => !p.avoid.some((a) => line.holds.has(a.what)));
  const cannot = workshop.roster.length - can.length;
  return (
    <div className="grid min-w-0 gap-1">
      <SelectField
        label="Made by"
        value={chosen === undefined ? 'all' : 'some'}
        options={[
          ['all', `everyone who can (${can.length}${cannot > 0 ? `, ${cannot} avoid something in it` : ''})`],
          ['some', 'these people'],
        ]}
        onChange={(who) => onChange(who === 'all' ? undefined : [...line.makers])}
      />
      {chosen !== undefined && (
        <div className="flex max-w-3xl flex-wrap gap-1">
          {can.map((p) => {
            const isOn = chosen.includes(p.id);
            return (
              <label
                key={p.id}
                className={`min-h-8 cursor-pointer rounded-cut border px-2 leading-8 has-focus-visible:outline-3 ${isOn ? 'border-hands bg-hands text-on-hands' : 'border-line text-quiet'}`}
              >
                <input
                  type="checkbox"
                  className="sr-only"
                  checked={isOn}
                  onChange={() => onChange(isOn ? chosen.filter((id) => id !== p.id) : [...chosen, p.id])}
                />
                {p.name}
              </label>
            );
          })}
        </div>
      )}
    </div>
  );
}
