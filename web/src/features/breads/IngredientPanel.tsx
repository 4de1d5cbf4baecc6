import { ArrowDown, ArrowUp, Trash2, X } from 'lucide-react';
import {
  FOODS,
  normaliseFlours,
  ROLES,
  swapIngredient,
  type Bread,
  type Ingredient,
  type IngredientUse,
} from '@hodsman/core';
import { stepName } from '../../bread-ui/step-words.ts';
import { SIDE_BUTTON, SMALL_ICON_BUTTON } from '../../ui/buttons.ts';
import { NumberField } from '../../ui/NumberField.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import { useInView } from '../../ui/use-in-view.ts';
import { TextField } from '../../ui/TextField.tsx';
import { useEditBread } from './use-bread.ts';
import { USE_WORDS } from './words.ts';
import { tidy } from './tidy.ts';

interface Props {
  readonly bread: Bread;
  readonly index: number;
  readonly ingredient: Ingredient;
  readonly onClose: () => void;
  readonly onChoose: (index: number) => void;
}

const USES = Object.entries(USE_WORDS) as readonly (readonly [IngredientUse, string])[];
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
  const set = (part: { readonly [K in keyof Ingredient]?: Ingredient[K] | undefined }, what?: string): void =>
    put(
      bread.ingredients.map((i, n) => (n === index ? tidy<Ingredient>({ ...i, ...part }) : i)),
      what === undefined ? undefined : `${what} ${index}`,
    );
  const move = (by: number): void => {
    const list = [...bread.ingredients];
    const [taken] = list.splice(index, 1);
    if (!taken) return;
    list.splice(index + by, 0, taken);
    put(list);
    onChoose(index + by);
  };
  const use = (next: IngredientUse): void => {
    if (next === ingredient.use) return;
    const isDough = next === 'dough';
    const { pct, gPerPiece, gPerBatch, optional, insteadOf, ...rest } = ingredient;
    const grams = (bread.piece.doughG * (pct ?? 0)) / 160;
    const moved: Ingredient = isDough
      ? { ...rest, use: next, pct: pct ?? 2 }
      : {
          ...rest,
          use: next,
          gPerPiece: gPerPiece ?? Math.max(0.1, Number(grams.toFixed(1))),
          ...(gPerBatch === undefined ? {} : { gPerBatch }),
          ...(optional === undefined ? {} : { optional }),
          ...(insteadOf === undefined ? {} : { insteadOf }),
        };
    put(normaliseFlours(bread.ingredients.map((i, n) => (n === index ? moved : i))));
  };
  const remove = (): void => {
    put(normaliseFlours(bread.ingredients.filter((_, n) => n !== index)));
    onClose();
  };
  // what may be left off, and has one name in this bread
  const replaceable = bread.ingredients
    .filter((i) => i.optional === true && i.use !== 'dough' && i !== ingredient)
    .map((i) => i.name)
    .filter((name, n, all) => all.indexOf(name) === n && bread.ingredients.filter((i) => i.name === name).length === 1);
  const others = FOODS.filter((f) => f.role === ingredient.role && f.names[0] !== ingredient.name);
  const steps: readonly (readonly [string, string])[] = [
    ['', 'where it belongs'],
    ...bread.steps.map((s) => [s.id, stepName(s)] as const),
  ];
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
      <div className="grid grid-cols-2 gap-3">
        <SelectField
          label="Is a"
          value={ingredient.role}
          options={ROLES.map((r) => [r, r] as const)}
          onChange={(role) => set({ role })}
        />
        <SelectField label="Used" value={ingredient.use} options={USES} onChange={use} />
        <SelectField
          label="Goes in at"
          value={ingredient.step ?? ''}
          options={steps}
          onChange={(step) => set({ step: step === '' ? undefined : step })}
        />
        <NumberField
          label="Water in it"
          unit="%"
          value={ingredient.waterPct}
          digits={1}
          most={100}
          onChange={(waterPct) => set({ waterPct }, 'water')}
        />
        {ingredient.use !== 'dough' && ingredient.optional !== true && replaceable.length > 0 && (
          <SelectField
            label="In place of"
            value={ingredient.insteadOf ?? ''}
            options={[['', 'nothing: on every bread'], ...replaceable.map((name): [string, string] => [name, name])]}
            onChange={(name) => set({ insteadOf: name === '' ? undefined : name })}
          />
        )}
        {ingredient.use === 'dough' && (
          <NumberField
            label="Kept back"
            unit="%"
            value={ingredient.holdBackPct}
            digits={1}
            most={100}
            onChange={(holdBackPct) => set({ holdBackPct }, 'held')}
          />
        )}
        {ingredient.use === 'dough' && (
          <NumberField
            label="Temperature"
            unit="°C"
            value={ingredient.tempC}
            digits={0}
            most={100}
            onChange={(tempC) => set({ tempC }, 'temp')}
          />
        )}
      </div>
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
      {others.length > 0 && (
        <div>
          <p className="text-sm text-quiet">Take instead, with water and allergens put right:</p>
          <div className="mt-1 flex flex-wrap gap-1.5">
            {others.slice(0, 8).map((f) => (
              <button
                key={f.id}
                type="button"
                className={`${SIDE_BUTTON} min-h-9 px-2.5 text-sm`}
                onClick={() => put(swapIngredient(bread.ingredients, index, f))}
              >
                {f.names[0]}
              </button>
            ))}
          </div>
        </div>
      )}
    </section>
  );
}
