import {
  clockText,
  turnWords,
  pieceName,
  pieceNames,
  type FireNow,
  type LyingNow,
  type PlanTask,
  type Workshop,
} from '@hodsman/core';
import { FirePicture } from '../../../bread-ui/FirePicture.tsx';

interface Props {
  readonly fires: readonly FireNow[];
  readonly workshop: Workshop;
  readonly sec: number;
  readonly onShow: (task: string) => void;
}

const FEW = 2;
const WIDE_PX = 148;
const NARROW_PX = 102;

/** The fires side by side: griddles from above with the breads on them, whose they are, what is turned when, what is laid on next. */
export function Fires({ fires, workshop, sec, onShow }: Props) {
  return (
    <div className={`grid gap-x-3 gap-y-2 ${fires.length <= FEW ? 'grid-cols-2' : 'grid-cols-3'}`}>
      {fires.map((fire) => (
        <Fire
          key={fire.id}
          fire={fire}
          workshop={workshop}
          sec={sec}
          width={fires.length <= FEW ? WIDE_PX : NARROW_PX}
          onShow={onShow}
        />
      ))}
    </div>
  );
}

const isLying = (s: LyingNow | undefined): s is LyingNow => s !== undefined;

function Fire({
  fire,
  workshop,
  sec,
  width,
  onShow,
}: Omit<Props, 'fires'> & { readonly fire: FireNow; readonly width: number }) {
  const there = fire.spots.filter(isLying);
  const clock = (s: number): string => clockText(workshop, s);
  const empty = fire.isHeating ? 'heating up' : 'empty';
  return (
    <section aria-label={fire.name} className="grid content-start gap-1">
      <h3 className="text-sm font-bold">{fire.name}</h3>
      <FirePicture
        fire={fire}
        workshop={workshop}
        sec={sec}
        width={width}
        label={there.length === 0 ? empty : there.map((s) => pieceName(workshop, s.task)).join(', ')}
      />
      <ul className="text-sm">
        {there.length === 0 && <li className="text-quiet">{empty}</li>}
        {there.map(({ task, turnSec }) => (
          <li key={task.id}>
            <button
              type="button"
              className="w-full rounded-cut text-left hover:bg-steel"
              onClick={() => onShow(task.id)}
            >
              {firstName(workshop, task)}{' '}
              <span className="figures text-quiet">
                {turnSec === null ? `off ${clock(task.endSec)}` : turnWords(workshop, task.startSec, turnSec)}
              </span>
            </button>
          </li>
        ))}
        {fire.next && (
          <li className="figures text-quiet">
            next {clock(fire.next.startSec)} {firstName(workshop, fire.next)}
          </li>
        )}
      </ul>
    </section>
  );
}

/** Names longer than this are shown by the first name: the whole names stand below. */
const MOST_LETTERS = 14;

function firstName(workshop: Workshop, task: PlanTask): string {
  const names = pieceNames(workshop, task);
  return names.find((n) => n.length <= MOST_LETTERS) ?? names.at(-1) ?? '';
}
