import { Pin } from 'lucide-react';
import {
  type Bread,
  dilutionFor,
  gramsText,
  type Ingredient,
  type Known,
  type MeasureSystem,
  normaliseFlours,
  pctText,
  roundedTo,
  type Scale,
  type ScaledBatch,
  setGrams,
  setPct,
  celsiusText,
} from '@hodsman/core';
import { SMALL_ICON_BUTTON } from '../../ui/buttons.ts';
import { NumberField } from '../../ui/NumberField.tsx';
import { useStable } from '../../ui/use-stable.ts';
import { AddIngredient } from './AddIngredient.tsx';
import { GuessMark } from './GuessMark.tsx';
import { MeasureField } from './MeasureField.tsx';
import { useEditBread } from './use-bread.ts';

export interface TableProps {
  readonly bread: Bread;
  readonly scale: Scale;
  readonly scaled: ScaledBatch;
  readonly system: MeasureSystem;
  readonly chosen: number | null;
  readonly onChoose: (index: number | null) => void;
  readonly onKnown: (known: Known) => void;
}

/** The dough in baker's percentages, grams and kitchen measures; edit any, and the others follow. */
export function FormulaTable({ bread, scale, scaled, system, chosen, onChoose, onKnown }: TableProps) {
  const edit = useEditBread();
  const rows = bread.ingredients.flatMap((i, index) => (i.use === 'dough' ? [{ i, index }] : []));
  const total = rows.reduce((sum, { i }) => sum + (i.pct ?? 0), 0);
  const weigh = (index: number, g: number, what: string): void => {
    const next = setGrams(bread.ingredients, index, g, scale.flourG);
    edit({ ...bread, ingredients: [...next.ingredients] }, `${what} ${index}`);
    onKnown({ what: 'flour', g: next.flourG });
  };
  const add = useStable((ingredient: Ingredient): void => {
    const ingredients = normaliseFlours([...bread.ingredients, ingredient]);
    edit({ ...bread, ingredients: [...ingredients] });
    onChoose(ingredients.length - 1);
  });
  return (
    <section aria-labelledby="formula-head">
      <h2 id="formula-head" className="mb-1 text-lg">
        The dough
      </h2>
      <table className="w-full border-collapse">
        <thead className="text-left text-sm text-quiet">
          <tr>
            <th className="py-1 font-normal">Ingredient</th>
            <th className="text-right font-normal">of the flour</th>
            <th className="pr-5 text-right font-normal">weight</th>
            <th className="font-normal">in the kitchen</th>
            <th className="w-20">
              <span className="sr-only">Keep this weight</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ i, index }) => {
            const { g = 0, heldBackG = 0 } = scaled.ingredients[index] ?? {};
            return (
              <tr key={index} className={`border-t border-line ${chosen === index ? 'bg-steel' : ''}`}>
                <th scope="row" className="text-left font-normal">
                  <button
                    type="button"
                    aria-expanded={chosen === index}
                    className="flex min-h-11 w-full items-center gap-2 px-1 text-left hover:underline"
                    onClick={() => onChoose(chosen === index ? null : index)}
                  >
                    <span>
                      {i.name}
                      {i.tempC !== undefined && <span className="text-quiet"> at {celsiusText(i.tempC, 1)}</span>}
                      <IngredientNote ingredient={i} grams={g} />
                      {heldBackG > 0 && (
                        <span className="block text-sm text-quiet">keep {gramsText(heldBackG)} of it back</span>
                      )}
                    </span>
                    <GuessMark about={`ingredient ${i.use} ${i.name}`} />
                  </button>
                </th>
                <td className="text-right">
                  <NumberField
                    label={`${i.name}, per cent of the flour`}
                    isLabelHidden
                    unit="%"
                    value={i.pct}
                    digits={2}
                    most={1000}
                    step={0.5}
                    className="w-20"
                    onChange={(pct) =>
                      edit({ ...bread, ingredients: [...setPct(bread.ingredients, index, pct)] }, `pct ${index}`)
                    }
                  />
                </td>
                <td className="pr-5 text-right">
                  <NumberField
                    label={`${i.name}, grams`}
                    isLabelHidden
                    quantity="weight"
                    value={g}
                    digits={g < 25 ? 2 : 1}
                    className="w-24 text-lg font-semibold"
                    onChange={(grams) => weigh(index, grams, 'g')}
                  />
                </td>
                <td>
                  <MeasureField
                    ingredient={i}
                    grams={g}
                    system={system}
                    onGrams={(grams) => weigh(index, grams, 'measure')}
                  />
                </td>
                <td className="text-right">
                  <button
                    type="button"
                    className={`${SMALL_ICON_BUTTON} ml-auto`}
                    title={`Scale so that ${i.name} weighs just this`}
                    aria-label={`Scale by ${i.name}`}
                    onClick={() => onKnown({ what: 'ingredient', index, g })}
                  >
                    <Pin size={16} aria-hidden />
                  </button>
                </td>
              </tr>
            );
          })}
          <tr className="border-t-2 border-ink">
            <th scope="row" className="px-1 py-2 text-left font-normal">
              dough for {roundedTo(scale.pieces, 1)} breads
            </th>
            <td className="figures pr-5 text-right">{pctText(total, 1)}</td>
            <td className="figures pr-9 text-right text-lg font-semibold">{gramsText(scale.doughG)}</td>
            <td colSpan={2} className="text-sm text-quiet">
              with {bread.lossPct} % left on bowls and hands
            </td>
          </tr>
        </tbody>
      </table>
      <AddIngredient label="Add to the dough" use="dough" onAdd={add} />
    </section>
  );
}

/** What a starter is made of, and how to weigh what is too little for a scale. */
function IngredientNote({ ingredient, grams }: { readonly ingredient: Ingredient; readonly grams: number }) {
  const dilution = ingredient.role === 'leaven' || ingredient.role === 'salt' ? dilutionFor(grams) : undefined;
  const flour = (grams * (ingredient.flourPct ?? 50)) / 100;
  return (
    <>
      {ingredient.role === 'starter' && (
        <span className="block text-sm text-quiet">
          {gramsText(flour)} flour and {gramsText(grams - flour)} water in it
        </span>
      )}
      {dilution && (
        <span className="block text-sm text-quiet">
          too little for a scale: stir {gramsText(dilution.stirG)} into {gramsText(dilution.waterG)} of the water, take{' '}
          {gramsText(dilution.takeG)}
        </span>
      )}
    </>
  );
}
