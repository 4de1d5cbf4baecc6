import { useMemo } from 'react';
import {
  changePantry,
  gramsText,
  moneyText,
  ownPantry,
  type Pantry,
  pantryTable,
  readPantry,
  shoppingTable,
  shoppingList,
  storeOf,
  type ShoppingItem,
  ownMeasures,
  unitOf,
} from '@hodsman/core';
import { applyNotes } from '../../planning/edit.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';
import { pantryActions } from '../../documents/pantry-draft.ts';
import { useCreateDocumentMutation, useDocumentList } from '../../documents/api.ts';
import { EarlierStates } from '../../documents/EarlierStates.tsx';
import { OpeningPage } from '../../documents/OpeningPage.tsx';
import { SaveTrouble } from '../../documents/SaveTrouble.tsx';
import { SaveWords } from '../../documents/SaveWords.tsx';
import { useOpenDocument } from '../../documents/use-open-document.ts';
import { SIDE_BUTTON } from '../../ui/buttons.ts';
import { FileMenu } from '../../ui/FileMenu.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { NumberField } from '../../ui/NumberField.tsx';
import { tableFiles } from '../../documents/table-files.ts';
import { UndoButtons } from '../../ui/UndoButtons.tsx';

/** What to buy, against the store of the class's kitchen. */
export function ShoppingSheet() {
  const kitchen = useAppSelector((s) => s.draft?.body.notes.kitchen?.id);
  const { data: stores, isError } = useDocumentList('pantry', { refetchOnMountOrArgChange: true });
  if (!stores) return <OpeningPage kind="pantry" id="" opened={{ state: isError ? 'away' : 'opening' }} />;
  const store = storeOf(stores, kitchen);
  if (!store) return <OpeningPage kind="pantry" id="" opened={{ state: 'missing' }} />;
  return <FromStore key={store.id} id={store.id} />;
}

/** Needs against a store, in packs, with what is left over and what it costs; ticked off as it is bought. */
function FromStore({ id }: { readonly id: string }) {
  const record = useAppSelector((s) => s.draft?.body);
  // the keys for undo belong to the class
  const opened = useOpenDocument('pantry', id, false);
  const dispatch = useAppDispatch();
  const open = opened.state === 'open' ? opened.open : undefined;
  const pantry = open?.body;
  const workshop = record?.workshop;
  const list = useMemo(() => (workshop && pantry ? shoppingList(workshop, pantry) : undefined), [workshop, pantry]);
  if (opened.state !== 'open') return <OpeningPage kind="pantry" id={id} opened={opened} />;
  if (!record || !open || !pantry || !list) return null;
  const { bought } = record.notes;
  const toBuy = list.items.filter((i) => i.packs > 0);
  const inHouse = list.items.filter((i) => i.packs === 0);
  const left = toBuy.filter((i) => !bought.includes(i.what));
  const change = (what: string, part: Parameters<typeof changePantry>[2]): void => {
    const next = changePantry(pantry, what, part);
    const read = readPantry(next);
    if (read.ok) dispatch(pantryActions.edited({ body: read.value, what: `${what} ${Object.keys(part).join()}` }));
    else dispatch(pantryActions.refused(read.faults, next));
  };
  const tick = (what: string): void => {
    const next = bought.includes(what) ? bought.filter((b) => b !== what) : [...bought, what];
    dispatch(applyNotes({ bought: next }));
  };
  const rows = (items: readonly ShoppingItem[]) =>
    items.map((i) => (
      <ShoppingRow
        key={i.what}
        item={i}
        pantry={pantry}
        isBought={bought.includes(i.what)}
        onTick={() => tick(i.what)}
        onChange={(part) => change(i.what, part)}
      />
    ));
  return (
    <div className="mx-auto grid max-w-6xl gap-4 p-4">
      <div className="flex flex-wrap items-baseline gap-x-8 gap-y-2">
        <p className="text-lg">
          {left.length === 0 ? 'Everything is bought.' : `${left.length} of ${toBuy.length} still to buy.`}
        </p>
        <p>
          <b className="figures text-2xl">{moneyText(list.cost, list.currency)}</b>{' '}
          <span className="text-quiet">to pay, {moneyText(list.costPerPerson, list.currency)} a person</span>
        </p>
        <p>
          <b className="figures text-2xl">{moneyText(list.usedCost, list.currency)}</b>{' '}
          <span className="text-quiet">used up, {moneyText(list.usedCostPerPerson, list.currency)} a person</span>
        </p>
        <span className="ml-auto flex items-center gap-3 print:hidden">
          <SaveWords open={open} what="pantry" />
          <UndoButtons
            canUndo={open.past.length > 0}
            canRedo={open.future.length > 0}
            labels={['Pantry: one change back', 'Pantry: one change on']}
            onUndo={() => dispatch(pantryActions.undone())}
            onRedo={() => dispatch(pantryActions.redone())}
          />
          <EarlierStates kind="pantry" open={open} />
          <FileMenu files={() => tableFiles(record.workshop.title, [shoppingTable(list), pantryTable(pantry)])} />
        </span>
      </div>
      <div className="overflow-x-auto">
        <table className="w-full border-collapse">
          <thead className="text-left text-sm text-quiet">
            <tr>
              {['Buy', 'What', 'Needed', 'In the store', 'A pack holds', 'Price of a pack', 'Left over', 'Cost'].map(
                (h) => (
                  <th key={h} scope="col" className="pr-4 font-normal whitespace-nowrap last:pr-0 last:text-right">
                    {h}
                  </th>
                ),
              )}
            </tr>
          </thead>
          <tbody>{rows(toBuy)}</tbody>
          {inHouse.length > 0 && (
            <tbody>
              <tr>
                <th scope="rowgroup" colSpan={8} className="pt-4 text-left text-lg">
                  In the store already
                </th>
              </tr>
              {rows(inHouse)}
            </tbody>
          )}
        </table>
      </div>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <p className="flex-1 text-sm text-quiet">
          Stock, packs and prices belong to {pantry.name} and hold for every class{' '}
          {pantry.kitchen === undefined ? 'whose kitchen has no store of its own' : 'in this kitchen'}. “about” marks
          the usual price of a food where no pack is known
          {pantry.currency === 'EUR' ? '' : `, one ${pantry.currency} for one euro`}.
        </p>
        {pantry.kitchen === undefined && record.notes.kitchen && (
          <OwnStore pantry={pantry} kitchen={{ id: record.notes.kitchen.id, name: record.workshop.kitchen.name }} />
        )}
      </div>
      <SaveTrouble kind="pantry" open={open} />
    </div>
  );
}

/** Another kitchen buys and stores for itself: the same packs and prices, nothing there yet. */
function OwnStore(props: {
  readonly pantry: Pantry;
  readonly kitchen: { readonly id: string; readonly name: string };
}) {
  const [create, { isLoading, isError }] = useCreateDocumentMutation();
  const { pantry, kitchen } = props;
  return (
    <span className="print:hidden">
      <button
        type="button"
        className={SIDE_BUTTON}
        disabled={isLoading}
        onClick={() => void create({ kind: 'pantry', body: ownPantry(pantry, kitchen, ownMeasures().currency) })}
      >
        A store of its own for {kitchen.name}
      </button>
      {isError && <Notice>The store could not be made: the server does not answer. Try again.</Notice>}
    </span>
  );
}

interface RowProps {
  readonly item: ShoppingItem;
  readonly pantry: Pantry;
  readonly isBought: boolean;
  readonly onTick: () => void;
  readonly onChange: (part: Parameters<typeof changePantry>[2]) => void;
}

function ShoppingRow({ item, pantry, isBought, onTick, onChange }: RowProps) {
  const field = (
    label: string,
    value: number | undefined,
    digits: number,
    key: 'haveG' | 'packG' | 'packPrice',
    least = 0,
  ) => (
    <NumberField
      label={`${label} of ${item.what}`}
      isLabelHidden
      {...(key !== 'packPrice' && { quantity: 'weight' })}
      value={value}
      digits={digits}
      least={least}
      className="w-20"
      onChange={(x) => onChange({ [key]: x })}
    />
  );
  return (
    <tr className={`border-t border-line ${isBought ? 'text-quiet' : ''}`} data-item={item.what}>
      <td className="py-1.5 pr-4 whitespace-nowrap">
        {item.packs > 0 && (
          <label className="flex items-center gap-2">
            <input
              type="checkbox"
              className="size-6 accent-herb"
              checked={isBought}
              aria-label={`${item.what} is bought`}
              onChange={onTick}
            />
            <b className="figures text-lg">{item.packs} ×</b>
          </label>
        )}
      </td>
      <th scope="row" className={`py-1.5 pr-4 text-left ${isBought ? 'line-through' : ''}`}>
        {item.what}
        {item.as.length > 0 && <span className="block text-sm font-normal text-quiet">{item.as.join(', ')}</span>}
      </th>
      <td className="figures py-1.5 pr-4 font-semibold whitespace-nowrap">{gramsText(item.needG)}</td>
      <td className="py-1.5 pr-4 whitespace-nowrap">
        {field(`In the store, ${unitOf('weight')}`, item.haveG, 1, 'haveG')}
      </td>
      <td className="py-1.5 pr-4 whitespace-nowrap">{field(`Pack, ${unitOf('weight')}`, item.packG, 1, 'packG', 1)}</td>
      <td className="py-1.5 pr-4 whitespace-nowrap">
        {item.isEstimate && <span className="text-sm text-quiet">about </span>}
        {field(`Price in ${pantry.currency}`, item.packPrice, 2, 'packPrice')}
      </td>
      <td className="figures py-1.5 pr-4 whitespace-nowrap text-quiet">{gramsText(item.leftG)}</td>
      <td className="figures py-1.5 text-right whitespace-nowrap">
        {item.packs > 0 ? moneyText(item.cost, pantry.currency) : '–'}
      </td>
    </tr>
  );
}
