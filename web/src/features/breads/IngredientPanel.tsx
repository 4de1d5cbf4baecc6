import { ArrowDown, ArrowUp, Trash2, X } from 'lucide-react';
import { moveIngredient, swapIngredient, withoutIngredient, type Bread, type Ingredient } from '@hodsman/core';
import { SMALL_ICON_BUTTON } from '../../ui/buttons.ts';
import { useInView } from '../../ui/use-in-view.ts';
import { TextField } from '../../ui/TextField.tsx';
import { useEditBread } from './use-bread.ts';
import { Substitutes } from './Substitutes.tsx';
import { tidy } from './tidy.ts';
import { UseFields, type IngredientPart } from './UseFields.tsx';

interface Props {
  readonly bread: Bread;
  readonly index: number;
  readonly ingredient: Ingredient;
  readonly onClose: () => void;
  readonly onChoose: (index: number) => void;
}

const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[,;]/)
    .map((w) => w.trim())
    .filter((w) => w !== '');

/** Everything about one ingredient: what it is, what it holds, where it goes, and what could take its place. */
export function IngredientPanel({ bread, index, ingredient, onClose, onChoose }: Props) {
  const panel = useInView<HTMLElement>();
  const edit = useEditBread();
  const put = (ingredients: readonly Ingredient[], what?: string): void =>
    edit({ ...bread, ingredients: [...ingredients] }, what);
  const set = (part: IngredientPart, what?: string): void =>
    put(
      bread.ingredients.map((i, n) => (n === index ? tidy<Ingredient>({ ...i, ...part }) : i)),
      what === undefined ? undefined : `${what} ${index}`,
    );
  const move = (by: number): void => {
    put(moveIngredient(bread.ingredients, index, by));
    onChoose(index + by);
  };
  const remove = (): void => {
    put(withoutIngredient(bread.ingredients, index));
    onClose();
  };
  return (
    <section
      ref={panel}
      aria-label={ingredient.name}
      className="grid gap-3 rounded-cut border border-line bg-panel p-4"
    >
      <div className="flex items-start gap-1">
        <div className="flex-1">
          <TextField label="Ingredient" value={ingredient.name} onTake={(name) => set({ name })} />
        </div>
        <button
          type="button"
          className={SMALL_ICON_BUTTON}
          aria-label="Move it up"
          disabled={index === 0}
          onClick={() => move(-1)}
        >
          <ArrowUp size={16} aria-hidden />
        </button>
        <button
          type="button"
          className={SMALL_ICON_BUTTON}
          aria-label="Move it down"
          disabled={index === bread.ingredients.length - 1}
          onClick={() => move(1)}
        >
          <ArrowDown size={16} aria-hidden />
        </button>
        <button type="button" className={SMALL_ICON_BUTTON} aria-label={`Remove ${ingredient.name}`} onClick={remove}>
          <Trash2 size={16} aria-hidden />
        </button>
        <button type="button" className={SMALL_ICON_BUTTON} aria-label="Close" onClick={onClose}>
          <X size={16} aria-hidden />
        </button>
      </div>
      <UseFields bread={bread} index={index} ingredient={ingredient} set={set} put={put} />
      <TextField
        label="Allergens, by name"
        value={(ingredient.allergens ?? []).join(', ')}
        onTake={(text) => set({ allergens: wordsOf(text) })}
      />
      <TextField
        label="Holds besides (animal, pork, alcohol)"
        value={(ingredient.contains ?? []).join(', ')}
        onTake={(text) => set({ contains: wordsOf(text) })}
      />
      <div className="flex flex-wrap gap-x-5">
        <label className="flex min-h-9 items-center gap-2">
          <input
            type="checkbox"
            className="size-5 accent-[var(--hands)]"
            checked={ingredient.perishable === true}
            onChange={(e) => set({ perishable: e.target.checked || undefined })}
          />
          spoils in the warm
        </label>
        {ingredient.use !== 'dough' && (
          <label className="flex min-h-9 items-center gap-2">
            <input
              type="checkbox"
              className="size-5 accent-[var(--hands)]"
              checked={ingredient.optional === true}
              onChange={(e) =>
                set({ optional: e.target.checked || undefined, ...(e.target.checked && { insteadOf: undefined }) })
              }
            />
            may be left off
          </label>
        )}
      </div>
      <Substitutes ingredient={ingredient} onTake={(food) => put(swapIngredient(bread.ingredients, index, food))} />
    </section>
  );
}
