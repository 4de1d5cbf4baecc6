import { useDeferredValue, useMemo, useState } from 'react';
import { scaleBatch, scaleFrom, type Known, type MeasureSystem, ownMeasures } from '@hodsman/core';
import { FiguresPanel } from './FiguresPanel.tsx';
import { FormulaTable } from './FormulaTable.tsx';
import { LeftOpenList } from './LeftOpenList.tsx';
import { IngredientPanel } from './IngredientPanel.tsx';
import { NamePanel } from './NamePanel.tsx';
import { OutsideTable } from './OutsideTable.tsx';
import { PiecePanel } from './PiecePanel.tsx';
import { RemarkList } from './RemarkList.tsx';
import { ScaleBar } from './ScaleBar.tsx';
import { useBreadContext } from './use-bread.ts';

/** What goes in: the formula at any scale, what is used beside it, and what follows from both. */
export function FormulaTab() {
  const { bread, at } = useBreadContext();
  const [known, setKnown] = useState<Known>({ what: 'pieces', pieces: 8 });
  const [system, setSystem] = useState<MeasureSystem>(ownMeasures().spoons);
  const [chosen, setChosen] = useState<number | null>(null);
  const scale = useMemo(
    () => scaleFrom(bread, known) ?? scaleFrom(bread, { what: 'pieces', pieces: 8 }),
    [bread, known],
  );
  // what is judged of the formula may come a frame after the figures that are typed
  const settled = useDeferredValue(bread);
  if (!scale) return null;
  const ingredient = chosen === null ? undefined : bread.ingredients[chosen];
  // grams as every dough sheet and file has them
  const scaled = scaleBatch(bread, scale.pieces);
  const shared = { bread, scale, scaled, system, chosen, onChoose: setChosen, onKnown: setKnown };
  return (
    <div className="mx-auto grid max-w-[100rem] gap-x-8 gap-y-5 p-4 lg:grid-cols-[minmax(0,13fr)_minmax(19rem,6fr)]">
      <div className="grid content-start gap-5">
        <LeftOpenList />
        <ScaleBar {...shared} onSystem={setSystem} />
        <FormulaTable {...shared} />
        <OutsideTable {...shared} />
        <PiecePanel bread={settled} />
      </div>
      <div className="grid content-start gap-5">
        {ingredient && chosen !== null ? (
          <IngredientPanel
            key={chosen}
            bread={bread}
            index={chosen}
            ingredient={ingredient}
            onClose={() => setChosen(null)}
            onChoose={setChosen}
          />
        ) : (
          <NamePanel bread={bread} />
        )}
        <FiguresPanel bread={settled} />
        <RemarkList bread={settled} at={at} />
      </div>
    </div>
  );
}
