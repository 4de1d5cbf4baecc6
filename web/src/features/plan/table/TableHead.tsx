import { flexRender, type Table } from '@tanstack/react-table';
import { ArrowDown, ArrowUp } from 'lucide-react';
import type { TaskRow } from './task-rows.ts';

const ORDER = { asc: 'ascending', desc: 'descending' } as const;

/** The heads of the columns; a press sorts by one, another turns the order round, a third leaves it. */
export function TableHead({ table }: { readonly table: Table<TaskRow> }) {
  return (
    <thead className="sticky top-0 z-1 bg-ground text-left">
      {table.getHeaderGroups().map((group) => (
        <tr key={group.id} aria-rowindex={1}>
          {group.headers.map((head) => {
            const sorted = head.column.getIsSorted();
            const words = flexRender(head.column.columnDef.header, head.getContext());
            const Arrow = sorted === 'desc' ? ArrowDown : ArrowUp;
            return (
              <th
                key={head.id}
                scope="col"
                aria-sort={sorted === false ? undefined : ORDER[sorted]}
                className="border-b border-line py-2 pr-4 font-semibold"
              >
                {head.column.getCanSort() ? (
                  <button
                    type="button"
                    className="flex min-h-6 items-center gap-1 hover:underline"
                    onClick={head.column.getToggleSortingHandler()}
                  >
                    {words}
                    {sorted !== false && <Arrow size={15} aria-hidden />}
                  </button>
                ) : (
                  words
                )}
              </th>
            );
          })}
        </tr>
      ))}
    </thead>
  );
}
