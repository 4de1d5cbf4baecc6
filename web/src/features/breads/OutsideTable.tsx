import { gramsText, type Ingredient, roundedTo } from '@hodsman/core';
import { NumberField } from '../../ui/NumberField.tsx';
import { useStable } from '../../ui/use-stable.ts';
import { AddIngredient } from './AddIngredient.tsx';
import type { TableProps } from './FormulaTable.tsx';
import { GuessMark } from './GuessMark.tsx';
import { useEditBread } from './use-bread.ts';
import { USE_WORDS } from './words.ts';

/** What is used outside the dough: bath, layers, filling, dusting, griddle, finish, to serve. */
export function OutsideTable({ bread, scale, scaled, chosen, onChoose }: TableProps) {
  const edit = useEditBread();
  const rows = bread.ingredients.flatMap((i, index) => (i.use === 'dough' ? [] : [{ i, index }]));
  const change = (index: number, part: Partial<Ingredient>): void =>
    edit(
      { ...bread, ingredients: bread.ingredients.map((i, n) => (n === index ? { ...i, ...part } : i)) },
      `out ${index}`,
    );
  const add = useStable((ingredient: Ingredient): void => {
    edit({ ...bread, ingredients: [...bread.ingredients, ingredient] });
    onChoose(bread.ingredients.length);
  });
  return (
    <section aria-labelledby="outside-head">
      <h2 id="outside-head" className="mb-1 text-lg">
        Beside the dough
      </h2>
      {rows.length > 0 && (
        <table className="w-full border-collapse">
          <thead className="text-left text-sm text-quiet">
            <tr>
              <th className="py-1 font-normal">Ingredient</th>
              <th className="font-normal">where</th>
              <th className="text-right font-normal">a bread</th>
              <th className="pr-1 text-right font-normal">for {roundedTo(scale.pieces, 1)}</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ i, index }) => (
              <tr key={index} className={`border-t border-line ${chosen === index ? 'bg-steel' : ''}`}>
                <th scope="row" className="text-left font-normal">
                  <button
                    type="button"
                    aria-expanded={chosen === index}
                    className="flex min-h-11 w-full items-center gap-2 px-1 text-left hover:underline"
                    onClick={() => onChoose(chosen === index ? null : index)}
                  >
                    {i.name}
                    {i.optional === true && <span className="text-sm text-quiet">may be left off</span>}
                    {i.insteadOf !== undefined && <span className="text-sm text-quiet">in place of {i.insteadOf}</span>}
                    <GuessMark about={`ingredient ${i.use} ${i.name}`} />
                  </button>
                </th>
                <td>{USE_WORDS[i.use]}</td>
                <td className="text-right">
                  {i.gPerPiece === undefined ? (
                    <span className="text-sm text-quiet">{gramsText(i.gPerBatch ?? 0)} a batch</span>
                  ) : (
                    <NumberField
                      label={`${i.name}, grams a bread`}
                      isLabelHidden
                      quantity="weight"
                      value={i.gPerPiece}
                      digits={2}
                      step={0.5}
                      onChange={(gPerPiece) => change(index, { gPerPiece })}
                    />
                  )}
                </td>
                <td className="figures pr-1 text-right text-lg font-semibold">
                  {gramsText(scaled.ingredients[index]?.g ?? 0)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <AddIngredient label="Add beside the dough" use="finish" onAdd={add} />
    </section>
  );
}
