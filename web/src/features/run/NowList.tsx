import {
  careLines,
  durationText,
  firstName,
  personName,
  roomAt,
  sharedDoughs,
  stationName,
  whatWords,
  type Doing,
} from '@hodsman/core';
import { BreadGlyph } from '../../bread-ui/BreadGlyph.tsx';
import { Care } from '../../bread-ui/Care.tsx';
import { HelpButton } from './HelpButton.tsx';
import { TAP_BUTTON } from './looks.ts';
import type { RunParts } from './run-parts.ts';

const MORE_SEC = 120;

/** Per station what its hands do, how long still, and what comes next. */
export function NowList({
  state,
  plan,
  sec,
  trouble,
  onRescue,
  only,
}: RunParts & {
  /** The one station that is shown; without it all, and the staff. */
  readonly only?: string;
}) {
  const { workshop } = state;
  const more = (task: string): void => trouble('longer', { task, sec: MORE_SEC });
  const room = roomAt(workshop, plan, sec);
  const shared = sharedDoughs(state, plan, sec);
  const groups = [
    ...(only === undefined ? [{ id: '', name: 'Staff', list: room.staff }] : []),
    ...workshop.stations
      .filter((s) => only === undefined || s.id === only)
      .map((s) => ({
        id: s.id,
        name: stationName(s),
        list: room.participants.filter((d) => s.members.includes(d.person) && state.people[d.person]?.isGone !== true),
      })),
  ];
  return (
    <section aria-labelledby="run-now" className="grid content-start gap-2 md:max-lg:row-span-2">
      <h2 id="run-now" className="text-xl">
        Now
      </h2>
      {groups.map((g) => (
        <section key={g.id} aria-label={g.name} className="rounded-cut border border-line bg-panel px-3 py-2">
          <div className="flex items-center gap-2">
            <h3 className="flex-1 text-lg font-bold">{g.name}</h3>
            {g.id !== '' && (
              <button
                type="button"
                className={TAP_BUTTON}
                aria-label={`${g.name}: 2 min more`}
                onClick={() => trouble('longer', { station: g.id, sec: MORE_SEC })}
              >
                2 min more
              </button>
            )}
          </div>
          {shared
            .filter((s) => s.station === g.id)
            .map((s) => (
              <p key={s.batch} className="border-l-8 border-ember pl-3 text-lg font-semibold">
                {s.words}
              </p>
            ))}
          <ul className="grid gap-1">
            {together(g.list).map(({ people, doing }) => (
              <Line
                key={people[0]}
                people={people}
                doing={doing}
                state={state}
                sec={sec}
                onRescue={onRescue}
                onMore={more}
              />
            ))}
          </ul>
        </section>
      ))}
    </section>
  );
}

interface LineProps extends Pick<RunParts, 'state' | 'sec' | 'onRescue'> {
  readonly people: readonly string[];
  readonly doing: Doing;
  readonly onMore: (task: string) => void;
}

/** Who does what, for how long still; what helps at it is one tap away. */
function Line({ people, doing, state, sec, onRescue, onMore }: LineProps) {
  const { workshop, notes } = state;
  const { task } = doing;
  const bread = workshop.breads.find((b) => b.id === task?.bread);
  const names = people.map((p) => firstName(personName(workshop, p))).join(', ');
  return (
    <li className="flex items-start gap-2 text-lg leading-snug">
      <span className="min-w-0 flex-1">
        {bread && (
          <svg width={22} height={22} className="mr-1.5 inline-block align-text-bottom" aria-hidden>
            <BreadGlyph shape={bread.piece.shape} x={11} y={11} size={20} />
          </svg>
        )}
        <b>{names}</b>{' '}
        <span className={task ? '' : 'text-quiet'}>
          {task ? whatWords(task) : 'free'}
          {bread && <span className="text-quiet"> ({bread.name})</span>}
          <span className="figures text-quiet">{leftWords(doing, sec)}</span>
        </span>
        {careLines(workshop, notes.remarks, people, task?.bread).map((line) => (
          <Care key={line} words={line} />
        ))}
      </span>
      <HelpButton
        workshop={workshop}
        task={task}
        words={`${names}, ${task ? whatWords(task) : ''}`}
        onRescue={onRescue}
      />
      {task?.kind === 'step' && (
        <button
          type="button"
          className={TAP_BUTTON}
          aria-label={`${names}, ${whatWords(task)}: 2 min more`}
          onClick={() => onMore(task.id)}
        >
          +2
        </button>
      )}
    </li>
  );
}

function leftWords({ task, next }: Doing, sec: number): string {
  if (task) return `, ${durationText(Math.max(0, task.endSec - sec))} left`;
  return next ? `, ${whatWords(next)} in ${durationText(next.startSec - sec)}` : ', done';
}

/** Who does the same until the same moment stands in one line. */
function together(list: readonly Doing[]): readonly { readonly people: readonly string[]; readonly doing: Doing }[] {
  const lines = new Map<string, { people: string[]; doing: Doing }>();
  for (const doing of list) {
    const key = doing.task ? doing.task.id : `free ${doing.next?.id ?? ''}`;
    const line = lines.get(key);
    if (line) line.people.push(doing.person);
    else lines.set(key, { people: [doing.person], doing });
  }
  return [...lines.values()];
}
