import { careLines, durationText, personName, roomAt, stationName, whatWords, type Doing } from '@hodsman/core';
import { Care } from '../../bread-ui/Care.tsx';
import { TAP_BUTTON } from './looks.ts';
import type { RunParts } from './run-parts.ts';

const firstName = (name: string): string => name.split(' ')[0] ?? name;

/** Per station what its hands do, how long still, and what comes next. */
export function NowList({ live, state, plan, sec, who }: RunParts) {
  const { workshop } = state;
  const room = roomAt(workshop, plan, sec);
  const groups = [
    { id: '', name: 'Staff', list: room.staff },
    ...workshop.stations.map((s) => ({
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
                onClick={() => void live.tap('longer', { station: g.id, sec: 120 }, who)}
              >
                2 min more
              </button>
            )}
          </div>
          <ul className="grid gap-1">
            {together(g.list).map(({ people, doing }) => (
              <li key={people[0]} className="text-lg leading-snug">
                <b>{people.map((p) => firstName(personName(workshop, p))).join(', ')}</b>{' '}
                <span className={doing.task ? '' : 'text-quiet'}>
                  {doing.task ? whatWords(doing.task) : 'free'}
                  <span className="figures text-quiet">{leftWords(doing, sec)}</span>
                </span>
                {careLines(workshop, state.notes.remarks, people, doing.task?.bread).map((line) => (
                  <Care key={line} words={line} />
                ))}
              </li>
            ))}
          </ul>
        </section>
      ))}
    </section>
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
