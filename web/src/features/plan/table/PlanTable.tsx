import {
  createColumnHelper,
  getCoreRowModel,
  getFilteredRowModel,
  getSortedRowModel,
  useReactTable,
  type Row,
  type SortingState,
} from '@tanstack/react-table';
import { useVirtualizer } from '@tanstack/react-virtual';
import { OctagonAlert, Pin } from 'lucide-react';
import { useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { clockText, counted, durationText, type Plan, type Workshop } from '@hodsman/core';
import { lookChanged } from '../../../store/look-slice.ts';
import { useAppDispatch, useAppSelector } from '../../../store/hooks.ts';
import { TableHead } from './TableHead.tsx';
import { taskRows, type TaskRow } from './task-rows.ts';

/** The same plan as a table, in the order of time, with what it breaks; sorted and searched; each task can be shown on the board. */
export function PlanTable() {
  const workshop = useAppSelector((s) => s.draft?.body.workshop);
  const plan = useAppSelector((s) => s.draft?.plan);
  return workshop && plan ? <Tasks plan={plan} workshop={workshop} /> : null;
}

const column = createColumnHelper<TaskRow>();
const COLUMNS = [
  column.accessor('startSec', { header: 'From' }),
  column.accessor('endSec', { header: 'To' }),
  column.accessor('lastsSec', { header: 'Lasts' }),
  column.accessor('what', { header: 'What' }),
  column.accessor('bread', { header: 'Bread' }),
  column.accessor('whose', { header: 'Whose' }),
  column.accessor('who', { header: 'Who' }),
  column.accessor('where', { header: 'Where' }),
  column.accessor('window', { header: 'Window', enableSorting: false }),
  column.accessor('broken', { header: 'Note' }),
];

/** Whether every word that is looked for is somewhere in a row. */
function isFound({ original: t }: Row<TaskRow>, _: string, wanted: string): boolean {
  const text = [t.what, t.bread, t.whose, t.who, t.where, t.broken, t.isPinned ? 'pinned' : ''].join(' ').toLowerCase();
  return wanted
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word));
}

const ROW_PX = 37;
/** Rows beyond the edge that are drawn all the same, so that a quick scroll shows no gap. */
const BEYOND = 12;

function Tasks({ plan, workshop }: { readonly plan: Plan; readonly workshop: Workshop }) {
  const pins = useAppSelector((s) => s.draft?.body.notes.shaping.pins);
  const data = useMemo(() => taskRows(plan, workshop, new Set(pins?.map((p) => p.task))), [plan, workshop, pins]);
  const [sorting, setSorting] = useState<SortingState>([]);
  const [search, setSearch] = useState('');
  const table = useReactTable({
    data,
    columns: COLUMNS,
    state: { sorting, globalFilter: search },
    globalFilterFn: isFound,
    getColumnCanGlobalFilter: () => true,
    sortDescFirst: false,
    onSortingChange: setSorting,
    onGlobalFilterChange: setSearch,
    getCoreRowModel: getCoreRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  const { rows } = table.getRowModel();
  const frame = useRef<HTMLDivElement>(null);
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => frame.current,
    estimateSize: () => ROW_PX,
    overscan: BEYOND,
    getItemKey: (i) => rows[i]?.original.id ?? i,
  });
  const shown = virtual.getVirtualItems();
  const above = shown[0]?.start ?? 0;
  const below = virtual.getTotalSize() - (shown.at(-1)?.end ?? 0);
  return (
    <div className="flex h-full flex-col">
      <div className="flex flex-wrap items-center gap-4 px-4 py-2">
        <input
          type="search"
          aria-label="Look for a step, a bread, a person or a place"
          placeholder="a step, a bread, a person, a place"
          value={search}
          className="min-h-9 w-80 rounded-cut border border-line bg-panel px-2"
          onChange={(e) => setSearch(e.target.value)}
        />
        <p className="text-quiet" aria-live="polite">
          {rows.length === data.length
            ? counted(data.length, 'task')
            : `${rows.length} of ${counted(data.length, 'task')}`}
        </p>
      </div>
      <div
        ref={frame}
        tabIndex={0}
        role="region"
        aria-label="The plan as a table"
        className="min-h-0 flex-1 overflow-auto px-4 pb-16"
      >
        <table className="w-full border-collapse" aria-rowcount={rows.length + 1}>
          <caption className="sr-only">
            Every task of the plan; of a rest the least, the best and the longest it may last
          </caption>
          <TableHead table={table} />
          <tbody>
            {above > 0 && <Spacer height={above} />}
            {shown.map(({ index }) => {
              const row = rows[index];
              return (
                row && (
                  <TaskLine
                    key={row.original.id}
                    index={index}
                    task={row.original}
                    workshop={workshop}
                    measure={virtual.measureElement}
                  />
                )
              );
            })}
            {below > 0 && <Spacer height={below} />}
          </tbody>
        </table>
      </div>
    </div>
  );
}

const Spacer = ({ height }: { readonly height: number }) => (
  <tr aria-hidden>
    <td colSpan={COLUMNS.length} style={{ height }} />
  </tr>
);

interface LineProps {
  readonly index: number;
  readonly task: TaskRow;
  readonly workshop: Workshop;
  readonly measure: (node: HTMLElement | null) => void;
}

function TaskLine({ index, task: t, workshop, measure }: LineProps) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const show = (): void => {
    dispatch(lookChanged({ selected: t.id }));
    void navigate('../board');
  };
  return (
    <tr
      ref={measure}
      data-index={index}
      aria-rowindex={index + 2}
      className="border-b border-line align-top"
      data-task={t.id}
      data-start={t.startSec}
    >
      <td className="figures py-1.5 pr-4">{clockText(workshop, t.startSec)}</td>
      <td className="figures py-1.5 pr-4">{clockText(workshop, t.endSec)}</td>
      <td className="figures py-1.5 pr-4 whitespace-nowrap">{durationText(t.lastsSec)}</td>
      <th scope="row" className="py-1.5 pr-4 text-left font-normal">
        <button
          type="button"
          title="Show it on the board"
          className="min-h-6 text-left underline decoration-line underline-offset-3 hover:decoration-ink"
          onClick={show}
        >
          {t.what}
        </button>
      </th>
      <td className="py-1.5 pr-4">{t.bread}</td>
      <td className="py-1.5 pr-4">{t.whose}</td>
      <td className="py-1.5 pr-4">{t.who}</td>
      <td className="py-1.5 pr-4">{t.where}</td>
      <td className="figures py-1.5 pr-4 whitespace-nowrap text-quiet">{t.window}</td>
      <td className="py-1.5 pr-4">
        {t.isPinned && (
          <span className="flex items-center gap-1">
            <Pin size={15} aria-hidden /> pinned
          </span>
        )}
        {t.broken !== '' && (
          <span className="flex items-center gap-1 text-trouble">
            <OctagonAlert size={15} aria-hidden className="shrink-0" /> {t.broken}
          </span>
        )}
      </td>
    </tr>
  );
}
