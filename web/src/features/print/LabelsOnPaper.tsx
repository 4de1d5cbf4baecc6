import { letterPt, rowsOn, TITLE_SHARE, type SheetCard } from '@hodsman/core';
import { PAPER_MM, type OnPaper } from './on-paper.ts';

/** Small cards where the labels of a sheet lie: as many pages as they need, each filled from its corner. */
export function LabelsOnPaper({ cards, head, paper, labels }: OnPaper & { readonly cards: readonly SheetCard[] }) {
  const { columns, widthMm, heightMm, leftMm, topMm, gapMm } = labels;
  const [pageMm, longMm] = PAPER_MM[paper];
  const most = columns * rowsOn(labels, longMm);
  const pages = Array.from({ length: Math.ceil(cards.length / most) }, (_, i) => cards.slice(i * most, (i + 1) * most));
  return pages.map((page, i) => (
    <article
      key={i}
      className="grid content-start break-after-page bg-white text-black [page:labels]"
      style={{
        width: `${pageMm}mm`,
        paddingLeft: `${leftMm}mm`,
        paddingTop: `${topMm}mm`,
        columnGap: `${gapMm}mm`,
        gridTemplateColumns: `repeat(${columns}, ${widthMm}mm)`,
        gridAutoRows: `${heightMm}mm`,
      }}
      data-sheet="labels"
    >
      {page.map((c, n) => (
        <Label key={n} card={c} head={head} labels={labels} />
      ))}
    </article>
  ));
}

/** One label, in the largest letters that fit on it. */
function Label({ card, head, labels }: Pick<OnPaper, 'head' | 'labels'> & { readonly card: SheetCard }) {
  const lines = [card.under, ...card.care, ...card.rows.map((r) => r.words), head].filter((l) => l !== '');
  const pt = letterPt(card.title, lines, labels);
  return (
    <section
      className="grid content-start overflow-hidden p-[2mm] leading-tight"
      style={{ fontSize: `${pt}pt` }}
      data-card
    >
      <h3 className="leading-tight [overflow-wrap:anywhere]" style={{ fontSize: `${pt * TITLE_SHARE}pt` }}>
        {card.title}
      </h3>
      {lines.map((words) => (
        <p key={words} className={card.care.includes(words) ? 'font-bold' : ''}>
          {words}
        </p>
      ))}
    </section>
  );
}
