import { findFood, type Food } from '../foods/index.ts';
import type { Workshop } from '../workshop/index.ts';
import type { Pantry, PantryItem } from '../kitchen/index.ts';
import { classTotals } from './totals.ts';

/** One thing on the shopping list; grams, money in the pantry's currency. */
export interface ShoppingItem {
  /** As the pantry or the food calls it. */
  readonly what: string;
  /** Under which names the breads take it, where they call it otherwise. */
  readonly as: readonly string[];
  readonly needG: number;
  readonly haveG: number;
  readonly packG: number;
  /** No pack is known: it is bought by weight, at a usual price. */
  readonly isEstimate: boolean;
  readonly packs: number;
  readonly leftG: number;
  /** Price of one pack. */
  readonly packPrice: number;
  /** What is paid for the packs. */
  readonly cost: number;
  /** What is used up, at the price of its pack. */
  readonly usedCost: number;
}

export interface ShoppingList {
  readonly items: readonly ShoppingItem[];
  readonly currency: string;
  readonly cost: number;
  readonly costPerPerson: number;
  readonly usedCost: number;
  readonly usedCostPerPerson: number;
}

/** Bought by weight where no pack is known: in steps of so many grams. */
const LOOSE_G = 100;
const NEAR = 1e-6;

const plain = (name: string): string => name.toLowerCase().split(/[,(]/)[0]?.trim() ?? name;

/** A pantry item for an ingredient: of its very name, else of the same food. */
function itemFor(pantry: Pantry, name: string, food: Food | undefined): PantryItem | undefined {
  return (
    pantry.items.find((i) => plain(i.what) === plain(name)) ??
    (food && pantry.items.find((i) => findFood(i.what)?.id === food.id))
  );
}

/**
 * What is to be bought for a class: needs of all doughs and of what is used beside them, less the stock, in whole packs; water comes
 * from the tap. Where the pantry knows no pack, it is bought in steps of 100 g at the usual price of the food, marked as an estimate.
 */
export function shoppingList(workshop: Workshop, pantry: Pantry): ShoppingList {
  const wanted = new Map<string, { what: string; as: Set<string>; needG: number; item?: PantryItem; food?: Food }>();
  for (const { name, g } of classTotals(workshop).all) {
    const food = findFood(name);
    if (food?.role === 'water' || g <= 0) continue;
    const item = itemFor(pantry, name, food);
    const key = item?.what ?? food?.id ?? plain(name);
    const entry = wanted.get(key) ?? {
      what: item?.what ?? food?.names[0] ?? plain(name),
      as: new Set<string>(),
      needG: 0,
      ...(item && { item }),
      ...(food && { food }),
    };
    entry.needG += g;
    if (plain(name) !== plain(entry.what)) entry.as.add(plain(name));
    wanted.set(key, entry);
  }
  const items = [...wanted.values()].map((w) => shopped(w));
  const people = Math.max(1, workshop.roster.length);
  const cost = items.reduce((sum, i) => sum + i.cost, 0);
  const usedCost = items.reduce((sum, i) => sum + i.usedCost, 0);
  return {
    items,
    currency: pantry.currency,
    cost,
    costPerPerson: cost / people,
    usedCost,
    usedCostPerPerson: usedCost / people,
  };
}

function shopped(w: {
  readonly what: string;
  readonly as: ReadonlySet<string>;
  readonly needG: number;
  readonly item?: PantryItem;
  readonly food?: Food;
}): ShoppingItem {
  const packG = w.item?.packG ?? LOOSE_G;
  const packPrice = w.item?.packPrice ?? ((w.food?.eurPerKg ?? 0) * packG) / 1000;
  const haveG = w.item?.haveG ?? 0;
  const packs = Math.max(0, Math.ceil((w.needG - haveG) / packG - NEAR));
  return {
    what: w.what,
    as: [...w.as].sort(),
    needG: w.needG,
    haveG,
    packG,
    isEstimate: w.item?.packG === undefined || w.item.packPrice === undefined,
    packs,
    leftG: haveG + packs * packG - w.needG,
    packPrice,
    cost: packs * packPrice,
    usedCost: (w.needG / packG) * packPrice,
  };
}

/** The pantry with some part of an item changed; the item is added where it is new. */
export function changePantry(pantry: Pantry, what: string, part: Partial<Omit<PantryItem, 'what'>>): Pantry {
  const isKnown = pantry.items.some((i) => i.what === what);
  return {
    ...pantry,
    items: isKnown
      ? pantry.items.map((i) => (i.what === what ? { ...i, ...part } : i))
      : [...pantry.items, { what, haveG: 0, ...part }],
  };
}
