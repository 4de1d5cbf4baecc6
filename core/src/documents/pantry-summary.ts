import type { Pantry } from '../kitchen/index.ts';

/** What a list knows of a store: whose it is. Of one that was saved before kitchens had stores it is missing. */
export interface PantrySummary {
  readonly kitchen?: string | null;
}

export const pantrySummary = ({ kitchen }: Pantry): PantrySummary => ({ kitchen: kitchen ?? null });

/** The store of a kitchen among those that are kept, else the one that serves all; undefined where there is none. */
export function storeOf<P extends { readonly summary: PantrySummary | null }>(
  stores: readonly P[],
  kitchen: string | undefined,
): P | undefined {
  const whose = (s: P): string | null => s.summary?.kitchen ?? null;
  return stores.find((s) => kitchen !== undefined && whose(s) === kitchen) ?? stores.find((s) => whose(s) === null);
}
