import { useState } from 'react';
import { linesOf, type Bread } from '@hodsman/core';
import { useBodies, useDocumentList } from '../../documents/api.ts';
import { useAppSelector } from '../../store/hooks.ts';

/** Breads of the library that are drawn where no class is open and nobody has chosen. */
const USUAL = 4;

interface DrawnBreads {
  readonly breads: readonly Bread[];
  /** All of the library, and whether each is drawn. */
  readonly shelf: readonly { readonly id: string; readonly title: string; readonly isDrawn: boolean }[];
  /** Draws one, or leaves it out. */
  readonly turn: (id: string) => void;
}

/** The breads that are drawn on the griddles of a kitchen: those that somebody chose, else those of the class that is open. */
export function useDrawnBreads(): DrawnBreads {
  const workshop = useAppSelector((s) => s.draft?.body.workshop);
  const { data } = useDocumentList('bread');
  const [chosen, setChosen] = useState<readonly string[]>();
  const library = (data ?? []).filter((b) => b.isReadable);
  const usual = workshop ? [] : library.slice(0, USUAL).map((b) => b.id);
  const drawn = chosen ?? usual;
  const bodies = useBodies('bread', drawn);
  const breads =
    chosen === undefined && workshop ? linesOf(workshop).map((l) => l.bread) : (bodies ?? []).map((b) => b.body);
  const shown = new Set(breads.map((b) => b.id));
  const idsShown = library.filter((b) => b.summary && shown.has(b.summary.id)).map((b) => b.id);
  return {
    breads,
    shelf: library.map(({ id, title }) => ({ id, title, isDrawn: idsShown.includes(id) })),
    turn: (id) => setChosen(idsShown.includes(id) ? idsShown.filter((x) => x !== id) : [...idsShown, id]),
  };
}
