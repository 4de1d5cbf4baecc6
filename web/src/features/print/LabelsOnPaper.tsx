import { labelsOf, rowsOn, TITLE_SHARE, type Label, type SheetCard } from '@hodsman/core';
import { PAPER_MM, type OnPaper } from './on-paper.ts';

/** Small cards where the labels of a sheet lie: as many pages as they need, each filled from its corner. */
export function LabelsOnPaper({ cards, head, paper, labels }: OnPaper & { readonly cards: readonly SheetCard[] }) {
  const { columns, widthMm, heightMm, leftMm, topMm, gapMm } = labels;
  const [pageMm, longMm] = PAPER_MM[paper];
  const most = columns * rowsOn(labels, longMm);
  const all = cards.flatMap((c) => labelsOf(c, head, labels));
  const pages = Array.from({ length: Math.ceil(all.length / most) }, (_, i) => all.slice(i * most, (i + 1) * most));
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
      {page.map((label, n) => (
        <OneLabel key={n} label={label} />
      ))}
    </article>
  ));
}

function OneLabel({ label: { title, lines, pt } }: { readonly label: Label }) {
  return (
    <section
      className="grid content-start overflow-hidden p-[2mm] leading-tight"
      style={{ fontSize: `${pt}pt` }}
      data-card
    >
      <h3 className="leading-tight [overflow-wrap:anywhere]" style={{ fontSize: `${pt * TITLE_SHARE}pt` }}>
        {title}
      </h3>
      {lines.map((l, i) => (
        <p key={i} className={l.isCare ? 'font-bold' : ''}>
          {l.words}
        </p>
      ))}
    </section>
  );
}
