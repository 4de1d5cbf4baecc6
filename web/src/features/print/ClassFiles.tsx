import { CalendarDays, Image, Shapes, Table2 } from 'lucide-react';
import { useState } from 'react';
import type { CalendarOf, TablesOf } from '@hodsman/core';
import { boardPicture } from '../../board/board-files.ts';
import { paletteOf } from '../../board/palette.ts';
import { useRuler } from '../../board/use-ruler.ts';
import { SIDE_BUTTON } from '../../ui/buttons.ts';
import { download, downloadUrl, fileName } from '../../ui/download.ts';
import { calendarInWorker, tablesInWorker, type CsvFile } from '../../workers/handouts-client.ts';

interface Props {
  readonly of: Omit<CalendarOf, 'nowMs'> & TablesOf;
  readonly isDisabled: boolean;
}

/** The class for other programs: its calendar, its board as a picture, its tables. */
export function ClassFiles({ of, isDisabled }: Props) {
  const [tables, setTables] = useState<{ readonly of: Props['of']; readonly files: readonly CsvFile[] }>();
  const { record, plan, pantry } = of;
  const { workshop, notes } = record;
  const ruler = useRuler();
  const picture = () =>
    boardPicture({ plan, workshop, remarks: notes.remarks, colours: paletteOf(document.documentElement), ruler });
  const saveCalendar = async (): Promise<void> =>
    download(fileName(workshop.title, '.ics'), 'text/calendar', await calendarInWorker({ ...of, nowMs: Date.now() }));
  const savePng = async (): Promise<void> => {
    const png = await picture().png();
    if (png) downloadUrl(fileName(workshop.title, '.board.png'), URL.createObjectURL(png));
  };
  // a list of what the class was before is none of this one
  const files = tables?.of.record === record && tables.of.plan === plan ? tables.files : undefined;
  return (
    <section aria-label="For other programs" className="grid gap-2">
      <h2 className="text-lg font-semibold">For other programs</h2>
      <div className="flex flex-wrap gap-3">
        <button type="button" className={SIDE_BUTTON} disabled={isDisabled} onClick={() => void saveCalendar()}>
          <CalendarDays size={18} aria-hidden /> Calendar file
        </button>
        <button
          type="button"
          className={SIDE_BUTTON}
          disabled={isDisabled}
          onClick={() => download(fileName(workshop.title, '.board.svg'), 'image/svg+xml', picture().svg())}
        >
          <Shapes size={18} aria-hidden /> Board as SVG
        </button>
        <button type="button" className={SIDE_BUTTON} disabled={isDisabled} onClick={() => void savePng()}>
          <Image size={18} aria-hidden /> Board as PNG
        </button>
        <button
          type="button"
          className={SIDE_BUTTON}
          disabled={isDisabled}
          aria-expanded={files !== undefined}
          onClick={() => {
            if (files) setTables(undefined);
            else void tablesInWorker({ record, plan, pantry }).then((made) => setTables({ of, files: made }));
          }}
        >
          <Table2 size={18} aria-hidden /> Tables as CSV {files ? '' : '…'}
        </button>
      </div>
      {files && (
        <ul aria-label="Tables" className="grid grid-cols-2 gap-x-4">
          {files.map((t) => (
            <li key={t.name}>
              <button
                type="button"
                className="min-h-9 text-left underline hover:no-underline"
                onClick={() => download(fileName(workshop.title, `.${t.name}.csv`), 'text/csv', t.csv)}
              >
                {t.title}
              </button>
              <span className="text-sm text-quiet">
                {' '}
                {t.rows} {t.rows === 1 ? 'row' : 'rows'}
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
