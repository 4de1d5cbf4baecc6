import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { Eye, GripVertical, TriangleAlert } from 'lucide-react';
import type { KeyboardEvent } from 'react';
import { durationText, isRest, type MethodTimes, type Step, type StepTime } from '@hodsman/core';
import { stepColour, stepName } from '../../bread-ui/step-words.ts';
import { GuessMark } from './GuessMark.tsx';
import { KIND_WORDS } from './words.ts';

interface Props {
  readonly steps: readonly Step[];
  readonly times: MethodTimes;
  readonly off: ReadonlySet<string>;
  readonly chosen: string | null;
  readonly rowPx: number;
  readonly onChoose: (id: string) => void;
  readonly onSwitch: (id: string) => void;
  readonly onMove: (steps: readonly Step[]) => void;
}

/** The steps in order, to be chosen, switched off, and moved by drag or by keys. */
export function StepList({ steps, times, off, chosen, rowPx, onChoose, onSwitch, onMove }: Props) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const move = (from: number, to: number): void => {
    if (from !== to && to >= 0 && to < steps.length) onMove(arrayMove([...steps], from, to));
  };
  const dropped = ({ active, over }: DragEndEvent): void => {
    if (over)
      move(
        steps.findIndex((s) => s.id === active.id),
        steps.findIndex((s) => s.id === over.id),
      );
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={dropped}>
      <SortableContext items={steps.map((s) => s.id)} strategy={verticalListSortingStrategy}>
        <ol className="min-w-0 flex-1">
          {steps.map((step, n) => (
            <StepRow
              key={step.id}
              step={step}
              time={times.steps.find((t) => t.step.id === step.id)}
              isOff={off.has(step.id)}
              isChosen={chosen === step.id}
              rowPx={rowPx}
              onChoose={() => onChoose(step.id)}
              onSwitch={() => onSwitch(step.id)}
              onKey={(by) => move(n, n + by)}
            />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}

interface RowProps {
  readonly step: Step;
  readonly time: StepTime | undefined;
  readonly isOff: boolean;
  readonly isChosen: boolean;
  readonly rowPx: number;
  readonly onChoose: () => void;
  readonly onSwitch: () => void;
  readonly onKey: (by: number) => void;
}

function timeWords(step: Step, time: StepTime | undefined): string {
  if (!time) return step.kind === 'prepare' ? durationText((step.minutes ?? 0) * 60) : '';
  return isRest(step) ? `${durationText(time.leastSec)} – ${durationText(time.mostSec)}` : durationText(time.idealSec);
}

function StepRow({ step, time, isOff, isChosen, rowPx, onChoose, onSwitch, onKey }: RowProps) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id: step.id,
  });
  const keys = (e: KeyboardEvent): void => {
    if (!e.altKey || (e.key !== 'ArrowUp' && e.key !== 'ArrowDown')) return;
    e.preventDefault();
    onKey(e.key === 'ArrowUp' ? -1 : 1);
  };
  const words = stepName(step);
  return (
    <li
      ref={setNodeRef}
      data-step={step.id}
      style={{
        height: rowPx,
        transform: CSS.Translate.toString(transform),
        ...(transition === undefined ? {} : { transition }),
      }}
      className={`flex items-center gap-2 border-t border-line pr-2 ${isChosen ? 'bg-steel' : ''} ${isDragging ? 'relative z-2 bg-panel' : ''} ${step.kind === 'prepare' ? 'pl-6' : ''}`}
    >
      <button
        type="button"
        ref={setActivatorNodeRef}
        {...attributes}
        {...listeners}
        aria-label={`Move ${words}`}
        className="grid size-8 shrink-0 cursor-grab touch-none place-items-center text-quiet"
      >
        <GripVertical size={18} aria-hidden />
      </button>
      <input
        type="checkbox"
        className="size-5 shrink-0 accent-[var(--hands)]"
        aria-label={`${words} is done`}
        checked={!isOff}
        onChange={onSwitch}
      />
      <span
        className="h-5 w-2 shrink-0 rounded-sm"
        style={{ background: stepColour(step), outline: isRest(step) ? '1px solid var(--dough-edge)' : undefined }}
        aria-hidden
      />
      <button
        type="button"
        aria-pressed={isChosen}
        onKeyDown={keys}
        onClick={onChoose}
        className={`flex min-h-11 min-w-0 flex-1 items-center gap-2 text-left ${isOff ? 'text-quiet line-through' : ''}`}
      >
        <span className="truncate font-semibold">{words}</span>
        <span className="shrink-0 text-sm text-quiet">
          {KIND_WORDS[step.kind] === words ? '' : KIND_WORDS[step.kind]}
          {step.per === 'piece' ? ' each' : ''}
        </span>
        {step.look === true && <Eye size={16} aria-label="staff look before it ends" className="shrink-0 text-quiet" />}
        {step.caution !== undefined && (
          <TriangleAlert size={16} aria-label="caution" className="shrink-0 text-trouble" />
        )}
        <GuessMark about={`step ${step.id}`} />
      </button>
      <span className="figures shrink-0 whitespace-nowrap">{timeWords(step, time)}</span>
    </li>
  );
}
