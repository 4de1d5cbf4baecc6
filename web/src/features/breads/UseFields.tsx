import { replaceable, ROLES, setUse, type Bread, type Ingredient, type IngredientUse } from '@hodsman/core';
import { stepName } from '../../bread-ui/step-words.ts';
import { NumberField } from '../../ui/NumberField.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import { USE_WORDS } from './words.ts';

/** A change of an ingredient; undefined takes a key away. */
export type IngredientPart = { readonly [K in keyof Ingredient]?: Ingredient[K] | undefined };

interface Props {
  readonly bread: Bread;
  readonly index: number;
  readonly ingredient: Ingredient;
  readonly set: (part: IngredientPart, what?: string) => void;
  readonly put: (ingredients: readonly Ingredient[]) => void;
}

const USES = Object.entries(USE_WORDS) as readonly (readonly [IngredientUse, string])[];

/** What an ingredient is, where and when it goes in, and how wet and warm it is. */
export function UseFields({ bread, index, ingredient, set, put }: Props) {
  const steps: readonly (readonly [string, string])[] = [
    ['', 'where it belongs'],
    ...bread.steps.map((s) => [s.id, stepName(s)] as const),
  ];
  const others = replaceable(bread.ingredients, ingredient);
  return (
    <div className="grid grid-cols-2 gap-3">
      <SelectField
        label="Is a"
        value={ingredient.role}
        options={ROLES.map((r) => [r, r] as const)}
        onChange={(role) => set({ role })}
      />
      <SelectField
        label="Used"
        value={ingredient.use}
        options={USES}
        onChange={(use) => put(setUse(bread.ingredients, index, use, bread.piece.doughG))}
      />
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
      {ingredient.use !== 'dough' && ingredient.optional !== true && others.length > 0 && (
        <SelectField
          label="In place of"
          value={ingredient.insteadOf ?? ''}
          options={[['', 'nothing: on every bread'], ...others.map((name): [string, string] => [name, name])]}
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
          quantity="temperature"
          value={ingredient.tempC}
          digits={0}
          most={100}
          onChange={(tempC) => set({ tempC }, 'temp')}
        />
      )}
    </div>
  );
}
