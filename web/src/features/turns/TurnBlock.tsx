import { useDraggable, useDroppable } from '@dnd-kit/core';
import { TriangleAlert } from 'lucide-react';
import {
  briefClockText,
  durationText,
  ownerOf,
  pieceName,
  pieceNames,
  type PieceRun,
  type PlanTask,
  stepWords,
  turnsOf,
  turnWords,
  type Workshop,
} from '@hodsman/core';
import { useCare } from '../../store/care.ts';
import { BreadGlyph } from '../../bread-ui/BreadGlyph.tsx';

interface Props {
  readonly task: PlanTask;
  readonly run: PieceRun | undefined;
  readonly workshop: Workshop;
  readonly y: number;
  readonly height: number;
  readonly isPicked: boolean;
  readonly onChoose: () => void;
}

/** A name with so many letters has room in the narrowest column. */
const MOST_LETTERS = 9;
/** So many lines of what is to be minded leave room for the name above and the times below. */
const careLines = (height: number): number => Math.max(2, Math.floor((height - 90) / 18));

/** One turn: whose bread, when it is laid on, turned and taken off, and how long it waited for it. */
export function TurnBlock({ task, run, workshop, y, height, isPicked, onChoose }: Props) {
  const { setNodeRef: setDrag, listeners, transform, isDragging } = useDraggable({ id: task.id });
  const { setNodeRef: setDrop, isOver } = useDroppable({ id: task.id });
  const care = useCare();
  const bread = workshop.breads.find((b) => b.id === task.bread);
  const owner = ownerOf(task);
  const minded = owner === undefined ? '' : care(owner, task.bread);
  const clock = (sec: number): string => briefClockText(workshop, sec);
  const names = pieceNames(workshop, task);
  const shown = names.find((n) => n.length <= MOST_LETTERS) ?? names.at(-1);
  const turns = turnsOf(task);
  const lastsSec = Math.max(1, task.endSec - task.startSec);
  const shaped = run?.tasks.findLast((t) => t.endSec <= task.startSec && t.kind !== 'rest');
  const waitSec = run?.waitSec ?? 0;
  const wait = waitSec >= 60 ? `, waits ${durationText(waitSec)}` : '';
  const from = shaped && run?.turns[0] === task ? `${stepWords(shaped.step)} ${clock(shaped.startSec)}${wait}` : '';
  return (
    <li
      ref={setDrop}
      className={`absolute inset-x-0 ${isDragging ? 'z-2' : ''}`}
      style={{
        top: y,
        height: height - 2,
        transform: transform ? `translate(${transform.x}px, ${transform.y}px)` : undefined,
      }}
    >
      <button
        ref={setDrag}
        type="button"
        data-turn={task.id}
        aria-pressed={isPicked}
        className={`flex size-full touch-manipulation flex-wrap content-start items-center gap-x-3 overflow-hidden rounded-cut py-0.5 pr-1 pl-6 text-left text-[15px] leading-[1.15] hover:bg-panel/70 ${isOver || isPicked ? 'bg-panel outline-3 outline-ink' : ''} ${isDragging ? 'cursor-grabbing bg-panel opacity-90' : 'cursor-grab'}`}
        onClick={onChoose}
        {...listeners}
      >
        {/* how long it lies there, with a notch at each turn; the words stand beside it */}
        <span className="absolute inset-y-0 left-0 w-4 rounded-cut bg-ember" aria-hidden>
          {turns.map((sec) => (
            <span
              key={sec}
              className="absolute inset-x-0 h-0.5 bg-on-ember"
              style={{ top: `${(100 * (sec - task.startSec)) / lastsSec}%` }}
            />
          ))}
        </span>
        <span className="flex max-w-full min-w-0 items-center gap-1">
          <svg width={15} height={17} className="shrink-0" aria-hidden>
            <BreadGlyph shape={bread?.piece.shape} x={7.5} y={8.5} size={13} />
          </svg>
          <strong className="whitespace-nowrap" title={pieceName(workshop, task)}>
            {shown}
          </strong>
        </span>
        {minded !== '' && (
          <span
            className="flex max-w-full items-start gap-1 rounded-cut bg-panel px-1 text-sm leading-tight font-bold text-trouble"
            data-care
          >
            <TriangleAlert size={13} aria-hidden className="mt-0.5 shrink-0" />
            <span className="line-clamp-3" style={{ WebkitLineClamp: careLines(height) }} title={minded}>
              {minded}
            </span>
          </span>
        )}
        <span className="sr-only">, {bread?.name}, </span>
        <span className="figures text-sm whitespace-nowrap">
          {clock(task.startSec)}–{clock(task.endSec)}
        </span>
        {turns.length > 0 && (
          <span className="figures text-sm">
            {turns.map((sec) => turnWords(workshop, task.startSec, sec)).join(', ')}
          </span>
        )}
        {from !== '' && <span className="figures text-sm">{from}</span>}
      </button>
    </li>
  );
}
