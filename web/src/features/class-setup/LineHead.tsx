import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react';
import { moveLine, removeLine, success, type changeLine, type Line, type Workshop } from '@hodsman/core';
import { BreadGlyph } from '../../bread-ui/BreadGlyph.tsx';
import { applyEdit } from '../../planning/edit.ts';
import { useAppDispatch } from '../../store/hooks.ts';
import { SMALL_ICON_BUTTON } from '../../ui/buttons.ts';
import { SelectField } from '../../ui/SelectField.tsx';
import { Stepper } from '../../ui/Stepper.tsx';

/** A change of a line of the menu. */
export type LinePart = Parameters<typeof changeLine>[2];

interface Props {
  readonly line: Line;
  readonly workshop: Workshop;
  readonly set: (part: LinePart) => void;
}

/** Which bread, how many, and where on the menu. */
export function LineHead({ line: { menu, bread }, workshop, set }: Props) {
  const dispatch = useAppDispatch();
  const put = (next: Workshop): void => {
    dispatch(applyEdit(success(next)));
  };
  return (
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
  );
}
