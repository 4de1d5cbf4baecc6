import { Undo2 } from 'lucide-react';
import { useState } from 'react';
import type { DocumentKind } from '@hodsman/core';
import { SIDE_BUTTON } from '../ui/buttons.ts';
import { useListDocumentsQuery, useRestoreDocumentMutation } from './api.ts';
import { dayOf } from '../ui/when.ts';

const DAY_MS = 24 * 3600 * 1000;
const KEPT_MS = 30 * DAY_MS;
/** What was removed so lately is in sight, so that a slip is taken back where it happened. */
const LATELY_MS = 10 * 60 * 1000;

/** What was removed of a kind in the last thirty days, each with the way back; nothing where there is none. */
export function RemovedList({ kind }: { readonly kind: DocumentKind }) {
  const { data } = useListDocumentsQuery({ kind, isRemoved: true }, { refetchOnMountOrArgChange: true });
  const [restore] = useRestoreDocumentMutation();
  const [now] = useState(() => Date.now());
  if (!data || data.length === 0) return null;
  const at = (removedAt: string | null): number => new Date(removedAt ?? 0).getTime();
  const list = [...data].sort((a, b) => at(b.removedAt) - at(a.removedAt));
  const isFresh = now - at(list[0]?.removedAt ?? null) < LATELY_MS;
  return (
    <details className="my-4" open={isFresh} data-testid="removed">
      <summary className="cursor-pointer py-2 text-quiet">Removed, and kept for thirty days: {data.length}</summary>
      <ul className="grid gap-1">
        {list.map((d) => (
          <li key={d.id} className="flex flex-wrap items-center gap-3 border-t border-line py-1">
            <span className="min-w-0 flex-1 truncate">{d.title}</span>
            <span className="figures text-sm text-quiet">until {dayOf(at(d.removedAt) + KEPT_MS)}</span>
            <button
              type="button"
              className={`${SIDE_BUTTON} min-h-9 text-sm`}
              onClick={() => void restore({ kind, id: d.id })}
            >
              <Undo2 size={16} aria-hidden /> Bring back<span className="sr-only"> {d.title}</span>
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
