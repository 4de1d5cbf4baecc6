import { FOODS, type Food, type Ingredient } from '@hodsman/core';
import { SIDE_BUTTON } from '../../ui/buttons.ts';

const MOST_SHOWN = 8;

/** Foods that could take an ingredient's place. */
export function Substitutes({
  ingredient,
  onTake,
}: {
  readonly ingredient: Ingredient;
  readonly onTake: (food: Food) => void;
}) {
  const others = FOODS.filter((f) => f.role === ingredient.role && f.names[0] !== ingredient.name);
  if (others.length === 0) return null;
  return (
    <div>
      <p className="text-sm text-quiet">Take instead, with water and allergens put right:</p>
      <div className="mt-1 flex flex-wrap gap-1.5">
        {others.slice(0, MOST_SHOWN).map((f) => (
          <button
            key={f.id}
            type="button"
            className={`${SIDE_BUTTON} min-h-9 px-2.5 text-sm`}
            onClick={() => onTake(f)}
          >
            {f.names[0]}
          </button>
        ))}
      </div>
    </div>
  );
}
