import { useState } from 'react';
import {
  findFood,
  gramsOfMeasure,
  gramsText,
  type Ingredient,
  kitchenMeasure,
  type MeasureSystem,
} from '@hodsman/core';

interface Props {
  readonly ingredient: Ingredient;
  readonly grams: number;
  readonly system: MeasureSystem;
  readonly onGrams: (grams: number) => void;
}

/** The weight in cups, spoons, eggs or sachets, with how far such a measure may be off; a measure can be typed: "1½ tsp". */
export function MeasureField({ ingredient, grams, system, onGrams }: Props) {
  const [typed, setTyped] = useState<string>();
  const food = findFood(ingredient.name);
  const measure = food && kitchenMeasure(food, grams, system);
  const read = typed === undefined ? undefined : gramsOfMeasure(`${typed} ${ingredient.name}`, system);
  const isWrong = typed !== undefined && typed !== '' && read === undefined;
  const take = (): void => {
    if (read !== undefined && read > 0 && typed !== measure?.text) onGrams(read);
    setTyped(undefined);
  };
  const spread =
    measure && measure.mostG > measure.g * 1.001 ? `${gramsText(measure.leastG)} to ${gramsText(measure.mostG)}` : '';
  return (
    <span className="flex flex-wrap items-baseline gap-x-2">
      <input
        type="text"
        autoComplete="off"
        aria-label={`${ingredient.name}, in the kitchen's measures`}
        aria-invalid={isWrong}
        value={typed ?? measure?.text ?? ''}
        placeholder="–"
        className={`figures min-h-9 w-28 rounded-cut xl:w-40 border bg-panel px-2 ${isWrong ? 'border-trouble' : 'border-line'}`}
        onFocus={(e) => e.target.select()}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={take}
        onKeyDown={(e) => {
          if (e.key === 'Enter') take();
          if (e.key === 'Escape') setTyped(undefined);
        }}
      />
      <span className="text-sm text-quiet">
        {typed === undefined ? spread : read === undefined ? '' : gramsText(read)}
      </span>
    </span>
  );
}
