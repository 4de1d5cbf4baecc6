import { type Quantity, unitOf } from '@hodsman/core';
import { Plus, Trash2 } from 'lucide-react';
import { useId, type ReactNode } from 'react';
import { SIDE_BUTTON, SMALL_ICON_BUTTON } from '../../ui/buttons.ts';

/** One column of a table of things: its head, and the field of an entry. */
export interface Column<T> {
  readonly head: string;
  /** What its figures measure; the own unit stands behind the head. */
  readonly quantity?: Quantity;
  readonly field: (entry: T, change: (entry: T) => void, name: string) => ReactNode;
}

interface Props<T> {
  readonly title: string;
  readonly hint?: string;
  readonly entries: readonly T[];
  readonly nameOf: (entry: T) => string;
  readonly columns: readonly Column<T>[];
  readonly addWords: string;
  readonly onChange: (entries: readonly T[], what?: string) => void;
  readonly make: () => T;
}

/** Things of one kind in a kitchen, each a row whose fields are typed over; added and taken out. */
export function EntryTable<T extends object>({
  title,
  hint,
  entries,
  nameOf,
  columns,
  addWords,
  onChange,
  make,
}: Props<T>) {
  const id = useId();
  const change = (at: number, next: T): void => {
    const before = entries[at];
    const keys = Object.keys(next).filter((k) => before?.[k as keyof T] !== next[k as keyof T]);
    onChange(entries.with(at, next), `${title} ${at} ${keys.join(' ')}`);
  };
  return (
    <section aria-labelledby={id} className="min-w-0">
      <div className="flex items-baseline gap-3">
        <h2 id={id} className="text-lg">
          {title}
        </h2>
        {hint !== undefined && <p className="text-sm text-quiet">{hint}</p>}
      </div>
      {entries.length > 0 && (
        <div className="overflow-x-auto">
          <table className="border-separate border-spacing-x-3 border-spacing-y-1">
            <thead className="text-left text-sm text-quiet">
              <tr>
                {columns.map((c) => (
                  <th key={c.head} scope="col" className="font-normal whitespace-nowrap">
                    {c.quantity === undefined ? c.head : `${c.head}, ${unitOf(c.quantity)}`}
                  </th>
                ))}
                <th>
                  <span className="sr-only">Remove</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {entries.map((entry, i) => (
                <tr key={i}>
                  {columns.map((c) => (
                    <td key={c.head}>{c.field(entry, (next) => change(i, next), nameOf(entry))}</td>
                  ))}
                  <td>
                    <button
                      type="button"
                      className={SMALL_ICON_BUTTON}
                      aria-label={`Remove ${nameOf(entry)}`}
                      onClick={() => onChange(entries.filter((_, n) => n !== i))}
                    >
                      <Trash2 size={16} aria-hidden />
                    </button>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      <button
        type="button"
        className={`${SIDE_BUTTON} mt-1 min-h-9 text-sm`}
        onClick={() => onChange([...entries, make()])}
      >
        <Plus size={16} aria-hidden /> {addWords}
      </button>
    </section>
  );
}
