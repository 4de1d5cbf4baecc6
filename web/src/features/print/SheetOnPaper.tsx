import type { Sheet, SheetCard, SheetRow, Workshop } from '@hodsman/core';
import { BreadGlyph } from '../../bread-ui/BreadGlyph.tsx';
import { Care } from '../../bread-ui/Care.tsx';
import { LabelsOnPaper } from './LabelsOnPaper.tsx';
import { StepSign } from './StepSign.tsx';
import { MARGIN_MM, PAPER_MM, type OnPaper } from './on-paper.ts';

/** Letters that are read from where one stands: on the wall from across the room, in hands at arm's length. */
const SIZES = {
  wall: { text: 'text-[18pt] leading-tight', lead: 'text-[18pt]', title: 'text-[24pt]' },
  hand: { text: 'text-[11pt] leading-snug', lead: 'text-[14pt] leading-tight', title: 'text-[16pt]' },
} as const;

/** A sheet as it lies on paper, in black on white; each begins a page of its own. */
export function SheetOnPaper({ sheet, most, ...on }: OnPaper & { readonly sheet: Sheet; readonly most?: number }) {
  const size = sheet.place === 'wall' ? SIZES.wall : SIZES.hand;
  const cards = sheet.cards.slice(0, most);
  const [widthMm] = PAPER_MM[on.paper];
  if (sheet.isLabels) return <LabelsOnPaper cards={cards} {...on} />;
  return pagesOf(cards).map((page, i) => (
    <article
      key={i}
      className={`break-after-page bg-white text-black ${size.text}`}
      style={{ width: `${widthMm - 2 * MARGIN_MM}mm` }}
      data-sheet={sheet.kind}
    >
      <header className="mb-2 flex flex-wrap items-baseline gap-x-4 border-b-2 border-black pb-1">
        <h2 className={size.title}>{sheet.title}</h2>
        <p className="text-[11pt]">
          {on.head} · for {sheet.reader}
        </p>
      </header>
      {page.map((c, n) => (
        <CardOnPaper key={n} card={c} size={size} workshop={on.workshop} isMinute={isByMinute(sheet)} />
      ))}
    </article>
  ));
}

/** Lists in which each card is a minute have its time at the left. */
const isByMinute = ({ kind }: Sheet): boolean => kind === 'run-list' || kind === 'roll-call';

/** Cards that share a page, page by page. */
function pagesOf(cards: readonly SheetCard[]): readonly (readonly SheetCard[])[] {
  const pages: SheetCard[][] = [];
  for (const c of cards) {
    const last = pages.at(-1);
    if (last && last[0]?.page === c.page) last.push(c);
    else pages.push([c]);
  }
  return pages;
}

function CardOnPaper({
  card,
  size,
  workshop,
  isMinute,
}: {
  readonly card: SheetCard;
  readonly size: (typeof SIZES)[keyof typeof SIZES];
  readonly workshop: Workshop;
  readonly isMinute: boolean;
}) {
  return (
    <section
      className={`break-inside-avoid border-t border-black pt-0.5 ${isMinute ? 'grid grid-cols-[4.2em_1fr]' : 'mb-3'}`}
      data-card
    >
      <h3 className={`figures ${size.lead}`}>
        {card.title}
        {card.under !== '' && <span className="ml-3 text-[0.75em] font-normal">{card.under}</span>}
      </h3>
      {card.care.map((words) => (
        <Care key={words} words={words} className="!text-black" />
      ))}
      <ul className={card.rows.length > 14 && size === SIZES.hand ? 'columns-2 gap-6' : ''}>
        {card.rows.map((r, i) => (
          <RowOnPaper key={i} row={r} lead={size.lead} workshop={workshop} />
        ))}
      </ul>
      {card.notes.length > 0 && (
        <dl className="mt-1 columns-2 gap-6 leading-tight">
          {card.notes.map(([what, words], i) => (
            <div key={i} className="break-inside-avoid py-px">
              <dt className="inline font-bold">{what}: </dt>
              <dd className="inline">{words}</dd>
            </div>
          ))}
        </dl>
      )}
    </section>
  );
}

function RowOnPaper({
  row,
  lead,
  workshop,
}: {
  readonly row: SheetRow;
  readonly lead: string;
  readonly workshop: Workshop;
}) {
  const bread = workshop.breads.find((b) => b.id === row.bread);
  return (
    <li className="flex break-inside-avoid items-baseline gap-2 border-t border-black/25 py-0.5 first:border-0">
      {row.lead !== '' && <b className={`figures min-w-[4.2em] shrink-0 ${lead}`}>{row.lead}</b>}
      {bread && (
        <svg viewBox="0 0 24 24" className="size-[0.9em] shrink-0" role="img" aria-label={bread.name}>
          <BreadGlyph shape={bread.piece.shape} x={12} y={12} size={21} />
        </svg>
      )}
      {row.sign && <StepSign sign={row.sign} />}
      <span className="min-w-0 [overflow-wrap:anywhere]">
        {row.words}
        {row.more !== '' && (
          <span className={row.sign ? 'figures font-semibold whitespace-pre-wrap' : 'text-[0.85em]'}>
            {row.sign ? '  ' : ' – '}
            {row.more}
          </span>
        )}
        {row.care.map((words) => (
          <Care key={words} words={words} className="!text-black" />
        ))}
      </span>
    </li>
  );
}
