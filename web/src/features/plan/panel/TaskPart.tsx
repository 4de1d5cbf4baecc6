import { ChevronDown, ChevronUp, Pin, PinOff } from 'lucide-react';
import { useMemo } from 'react';
import {
  aroundTask,
  clockText,
  durationText,
  elapsedSec,
  isMovable,
  localDateTime,
  mindedBy,
  personName,
  placeWords,
  type Plan,
  type PlanTask,
  spanWords,
  taskName,
  turnsOf,
  taskWords,
  type Workshop,
} from '@hodsman/core';
import { useCare } from '../../../store/care.ts';
import { useAppDispatch, useAppSelector } from '../../../store/hooks.ts';
import { nudge, pinTasks, releasePin } from '../../../planning/shaping.ts';
import { SMALL_ICON_BUTTON } from '../../../ui/buttons.ts';
import { Care } from '../../../bread-ui/Care.tsx';
import { TimeField } from '../../../ui/TimeField.tsx';
import { useAbout } from './use-about.ts';

interface Props {
  readonly plan: Plan;
  readonly workshop: Workshop;
  readonly task: PlanTask;
  readonly onShow: (task: string) => void;
}

const MINUTE_SEC = 60;
const MOST_PEOPLE = 6;

const sentence = (clause: string): string => `${clause.charAt(0).toUpperCase()}${clause.slice(1)}.`;

/** One task: what, whose, when, where; why then, how far it may slip, and what else its people do. Its start can be typed and pinned. */
export function TaskPart({ plan, workshop, task, onShow }: Props) {
  const dispatch = useAppDispatch();
  const care = useCare();
  const isPinned = useAppSelector((s) => s.draft?.body.notes.shaping.pins.some((p) => p.task === task.id) === true);
  const about = useAbout(plan, task.id);
  const around = useMemo(() => aroundTask(plan, task), [plan, task]);
  const bread = workshop.breads.find((b) => b.id === task.bread)?.name;
  const local = localDateTime(workshop, task.startSec);
  const isOtherDay = !local.startsWith(workshop.date);
  const pinAt = (startSec: number): void => {
    dispatch(pinTasks([{ task: task.id, startSec }], `pin ${task.id}`));
  };
  return (
    <section aria-label="The selected task" data-testid="detail" className="grid gap-2">
      <h2 className="text-lg leading-tight">{taskWords(plan, workshop, task)}</h2>
      <p className="figures leading-snug">
        {bread !== undefined && <span className="block">{bread}</span>}
        <span className="block text-lg font-semibold">{spanWords(workshop, task)}</span>
        {placeWords(workshop, task) !== '' && <span className="block">{placeWords(workshop, task)}</span>}
        {turnsOf(task).map((sec) => (
          <span key={sec} className="block">
            turn at {clockText(workshop, sec)}
          </span>
        ))}
      </p>
      {mindedBy(task).map((p) => {
        const words = care(p, task.bread);
        return words === '' ? null : <Care key={p} words={`${personName(workshop, p)}: ${words}`} />;
      })}
      {isMovable(task) && (
        <div className="flex items-end gap-1.5">
          <TimeField
            key={task.id}
            label="Start"
            value={isOtherDay ? local : local.slice(11)}
            hasDate={isOtherDay}
            onTake={(text) => {
              if (/^(\d{4}-\d\d-\d\dT)?([01]\d|2[0-3]):[0-5]\d$/.test(text)) pinAt(elapsedSec(workshop, text));
            }}
          />
          <button
            type="button"
            className={SMALL_ICON_BUTTON}
            aria-label="A minute sooner"
            title="A minute sooner (Alt + ↑)"
            onClick={() => dispatch(nudge(task, -MINUTE_SEC))}
          >
            <ChevronUp size={18} aria-hidden />
          </button>
          <button
            type="button"
            className={SMALL_ICON_BUTTON}
            aria-label="A minute later"
            title="A minute later (Alt + ↓)"
            onClick={() => dispatch(nudge(task, MINUTE_SEC))}
          >
            <ChevronDown size={18} aria-hidden />
          </button>
          <button
            type="button"
            aria-pressed={isPinned}
            className="flex min-h-9 items-center gap-1 rounded-cut border border-line px-2 hover:bg-steel aria-pressed:bg-steel"
            onClick={() => (isPinned ? dispatch(releasePin(task.id)) : pinAt(task.startSec))}
          >
            {isPinned ? <PinOff size={16} aria-hidden /> : <Pin size={16} aria-hidden />}
            {isPinned ? 'Let go' : 'Pin'}
          </button>
        </div>
      )}
      {about && (
        <div className="grid gap-1.5 leading-snug">
          {about.window !== undefined && <p data-testid="window">{sentence(about.window)}</p>}
          <p data-testid="why">
            <strong>Why then? </strong>
            {sentence(about.why[0] ?? '')} {sentence(about.slack)}
          </p>
          {about.why.length > 1 && (
            <details>
              <summary className="cursor-pointer text-quiet">And why is that?</summary>
              <ol className="grid gap-1 pt-1 pl-4 text-sm">
                {about.why.slice(1).map((w) => (
                  <li key={w}>{sentence(w)}</li>
                ))}
              </ol>
            </details>
          )}
        </div>
      )}
      {task.people.length > 0 && (
        <ul aria-label="What else its people do" className="grid gap-1.5 text-sm">
          {around.slice(0, MOST_PEOPLE).map((a) => (
            <li key={a.person}>
              <strong>{personName(workshop, a.person)}</strong>
              <Neighbour
                words="before"
                task={a.before}
                gapSec={a.before && task.startSec - a.before.endSec}
                onShow={onShow}
                workshop={workshop}
              />
              <Neighbour
                words="after"
                task={a.after}
                gapSec={a.after && a.after.startSec - task.endSec}
                onShow={onShow}
                workshop={workshop}
              />
            </li>
          ))}
          {around.length > MOST_PEOPLE && <li className="text-quiet">and {around.length - MOST_PEOPLE} more</li>}
        </ul>
      )}
    </section>
  );
}

/** What somebody does before or after, with the time in between. */
function Neighbour({
  words,
  task,
  gapSec,
  workshop,
  onShow,
}: {
  readonly words: string;
  readonly task: PlanTask | undefined;
  readonly gapSec: number | undefined;
  readonly workshop: Workshop;
  readonly onShow: (task: string) => void;
}) {
  if (!task) return null;
  const gap = gapSec !== undefined && gapSec >= MINUTE_SEC ? `, ${durationText(gapSec)} free between` : '';
  return (
    <button
      type="button"
      className="figures block min-h-6 text-left text-quiet hover:text-ink hover:underline"
      onClick={() => onShow(task.id)}
    >
      {words}: {clockText(workshop, task.startSec)} {taskName(task)}
      {gap}
    </button>
  );
}
