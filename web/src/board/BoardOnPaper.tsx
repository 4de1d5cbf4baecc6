import { useMemo } from 'react';
import { careLines, type Plan, type Remark, type Workshop } from '@hodsman/core';
import { BoardPicture } from './BoardPicture.tsx';
import type { Layout } from './paper.ts';

interface Props {
  readonly workshop: Workshop;
  readonly plan: Plan;
  readonly remarks: readonly Remark[];
  /** How it lies on the paper that was chosen. */
  readonly layout: Layout;
  /** What stands beside the title: day, times, version. */
  readonly under: string;
  readonly title: string;
}

/** The title, and a line of those with whom something is to be minded; two of them share a line. */
const TITLE_PX = 52;
const MINDED_PX = 22;

/** The board as it hangs on the wall: upright or across as the class fits, on several pages where it must (pages named `room`). */
export function BoardOnPaper({ workshop, plan, remarks, layout, title, under }: Props) {
  const { width, height, sheets } = layout;
  const minded = useMemo(
    () =>
      careLines(
        workshop,
        remarks,
        workshop.roster.map((p) => p.id),
      ),
    [workshop, remarks],
  );
  const overPx = TITLE_PX + (minded.length > 0 ? 12 + MINDED_PX * minded.length : 0);
  return (
    <div style={{ page: 'room', width }} className="break-after-page bg-white text-black" data-sheet="board">
      <header className="flex flex-wrap items-baseline gap-x-4 border-b-2 border-black pb-1">
        <h2 className="text-2xl">{title}</h2>
        <p className="figures">{under}</p>
      </header>
      <Minded lines={minded} />
      {sheets.map((without, i) => (
        <BoardPicture
          key={i}
          plan={plan}
          workshop={workshop}
          width={width}
          height={height - (i === 0 ? overPx : 4)}
          without={without}
          remarks={remarks}
        />
      ))}
    </div>
  );
}

/** Everybody with whom something is to be minded, on top of the sheet that hangs on the wall. */
function Minded({ lines }: { readonly lines: readonly string[] }) {
  if (lines.length === 0) return null;
  return (
    <ul
      aria-label="To be minded"
      className="mt-1 flex flex-wrap gap-x-6 border-b border-black pb-1 text-[13px] font-bold"
    >
      {lines.map((line) => (
        <li key={line}>! {line}</li>
      ))}
    </ul>
  );
}
