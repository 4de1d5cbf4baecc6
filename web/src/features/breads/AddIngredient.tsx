import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { memo, useState } from 'react';
import { FOODS, findFood, ingredientOfFood, type Food, type Ingredient, type IngredientUse } from '@hodsman/core';

interface Props {
  readonly label: string;
  readonly use: IngredientUse;
  readonly onAdd: (ingredient: Ingredient) => void;
}

const START_PCT: Readonly<Partial<Record<Food['role'], number>>> = {
  flour: 20,
  water: 10,
  milk: 20,
  yogurt: 20,
  fat: 5,
  sugar: 2,
  salt: 2,
  leaven: 1,
  starter: 20,
  egg: 10,
};
const MOST = 8;

/** Names of foods that hold what was typed: of each food the one by which it was asked for; the whole name stands first. */
function namesLike(query: string): readonly { readonly name: string; readonly food: Food }[] {
  const rank = (name: string): number => (name === query ? -1 : name.indexOf(query));
  return FOODS.flatMap((food) => {
    const name = food.names.find((n) => n === query) ?? food.names.find((n) => n.includes(query));
    return name === undefined ? [] : [{ name, food }];
  }).sort((a, b) => rank(a.name) - rank(b.name));
}

/** A field that knows the trade's foods; a name that it does not know can be added all the same. */
export const AddIngredient = memo(function AddIngredient({ label, use, onAdd }: Props) {
  const [text, setText] = useState('');
  const query = text.trim().toLowerCase();
  const found = query === '' ? [] : namesLike(query).slice(0, MOST);
  const add = (name: string | null): void => {
    if (name === null || name.trim() === '') return;
    const food = findFood(name);
    const amount = use === 'dough' ? { pct: (food && START_PCT[food.role]) ?? 2 } : { gPerPiece: 4 };
    onAdd(food ? { ...ingredientOfFood(food, { use }), name, ...amount } : { name, role: 'other', use, ...amount });
    setText('');
  };
  return (
    <Combobox value={null as string | null} onChange={add} immediate={false}>
      <ComboboxInput
        aria-label={label}
        placeholder={`${label} …`}
        autoComplete="off"
        value={text}
        className="mt-2 min-h-10 w-72 rounded-cut border border-dashed border-line bg-transparent px-3"
        onChange={(e) => setText(e.target.value)}
      />
      <ComboboxOptions
        anchor="bottom start"
        className="z-10 w-72 rounded-cut border border-line bg-panel empty:invisible"
      >
        {found.map(({ name, food }) => (
          <ComboboxOption key={name} value={name} className="px-3 py-2 data-focus:bg-steel">
            {name}
            {food.allergens && <span className="text-sm text-quiet"> · {food.allergens.join(', ')}</span>}
          </ComboboxOption>
        ))}
        {query !== '' && !found.some(({ name }) => name === query) && (
          <ComboboxOption value={text.trim()} className="px-3 py-2 data-focus:bg-steel">
            {text.trim()} <span className="text-sm text-quiet">as it is written</span>
          </ComboboxOption>
        )}
      </ComboboxOptions>
    </Combobox>
  );
});
