import { ChevronLeft, ChevronRight, X } from 'lucide-react';
import { memo, useDeferredValue, useMemo } from 'react';
import {
  clockText,
  fillingAt,
  ownerOf,
  personName,
  roomAt,
  taskName,
  taskWords,
  type Doing,
  type Followed,
  type Plan,
  type Workshop,
} from '@hodsman/core';
import { useFillings } from '../../../planning/use-fillings.ts';
import { useCare } from '../../../store/care.ts';
import { Care } from '../../../bread-ui/Care.tsx';
import { ICON_BUTTON } from '../../../ui/buttons.ts';
import { Part } from '../panel/Part.tsx';
import { Fires } from './Fires.tsx';
import { MOMENT_FRAME } from './frame.ts';

interface Props {
  readonly plan: Plan;
  readonly workshop: Workshop;
  readonly atSec: number;
  readonly onMoment: (sec: number | undefined) => void;
  readonly onShow: (task: string) => void;
  readonly onFollow: (followed: Followed) => void;
}

const MINUTE_SEC = 60;

/** The room at the moment that is looked at: who does what, the griddles from above, what comes next. */
export const MomentPanel = memo(function MomentPanel({ plan, workshop, atSec, onMoment, onShow, onFollow }: Props) {
  // while the line is dragged the room may come a little later than the line
  const sec = useDeferredValue(atSec);
  const room = useMemo(() => roomAt(workshop, plan, sec), [workshop, plan, sec]);
  return (
    <aside aria-label="The room at a moment" tabIndex={0} className={MOMENT_FRAME} data-testid="moment">
      <header className="flex items-center gap-1">
        <button
          type="button"
          className={ICON_BUTTON}
          aria-label="A minute before"
          onClick={() => onMoment(atSec - MINUTE_SEC)}
        >
          <ChevronLeft size={20} aria-hidden />
        </button>
        <h2 className="figures flex-1 text-center font-head text-3xl">{clockText(workshop, atSec)}</h2>
        <button
          type="button"
          className={ICON_BUTTON}
          aria-label="A minute later"
          onClick={() => onMoment(atSec + MINUTE_SEC)}
        >
          <ChevronRight size={20} aria-hidden />
        </button>
        <button
          type="button"
          className={ICON_BUTTON}
          aria-label="Leave the moment"
          title="Leave the moment (Esc)"
          onClick={() => onMoment(undefined)}
        >
          <X size={18} aria-hidden />
        </button>
      </header>
      <Fires fires={room.fires} workshop={workshop} sec={sec} onShow={onShow} />
      <Part title="Who does what">
        {workshop.stations.map((s) => (
          <People
            key={s.id}
            list={room.participants.filter((d) => s.members.includes(d.person))}
            plan={plan}
            workshop={workshop}
            sec={sec}
            onFollow={onFollow}
          />
        ))}
        <People list={room.staff} plan={plan} workshop={workshop} sec={sec} onFollow={onFollow} />
      </Part>
      <Part title="Next">
        <ol className="grid gap-0.5">
          {room.next.map((t) => (
            <li key={t.id}>
              <button
                type="button"
                className="grid w-full grid-cols-[3.2rem_1fr] gap-1 rounded-cut px-1 text-left hover:bg-steel"
                onClick={() => onShow(t.id)}
              >
                <span className="figures font-bold">{clockText(workshop, t.startSec)}</span>
                <span>{taskWords(plan, workshop, t)}</span>
              </button>
            </li>
          ))}
        </ol>
      </Part>
    </aside>
  );
});

interface PeopleProps {
  readonly list: readonly Doing[];
  readonly plan: Plan;
  readonly workshop: Workshop;
  readonly sec: number;
  readonly onFollow: (followed: Followed) => void;
}

function People({ list, plan, workshop, sec, onFollow }: PeopleProps) {
  const care = useCare();
  const fillings = useFillings();
  return (
    <ul className="grid gap-0.5 border-b border-line pb-1.5 last:border-0">
      {list.map(({ person, task, next }) => (
        <li key={person} className="grid gap-0">
          <span className="flex items-baseline gap-2">
            <button
              type="button"
              className="rounded-cut text-left font-semibold hover:bg-steel"
              onClick={() => onFollow({ kind: 'person', id: person })}
            >
              {personName(workshop, person)}
            </button>
            <span className={`min-w-0 flex-1 text-right ${task ? '' : 'text-quiet'}`}>
              {task
                ? ownerOf(task) === person
                  ? taskName(task)
                  : taskWords(plan, workshop, task)
                : (fillingAt(fillings, person, sec)?.words ?? 'free')}
              <span className="figures text-quiet">
                {task
                  ? ` until ${clockText(workshop, task.endSec)}`
                  : next
                    ? ` until ${clockText(workshop, next.startSec)}`
                    : ''}
              </span>
            </span>
          </span>
          <Care words={care(person)} />
        </li>
      ))}
    </ul>
  );
}
