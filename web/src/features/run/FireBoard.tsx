import { Flame } from 'lucide-react';
import {
  careLines,
  FIRE_SOON_SEC,
  durationText,
  ownerOf,
  pieceName,
  roomAt,
  type FireNow,
  type LyingNow,
} from '@hodsman/core';
import { FirePicture } from '../../bread-ui/FirePicture.tsx';
import { Care } from '../../bread-ui/Care.tsx';
import { HelpButton } from './HelpButton.tsx';
import { Lost } from './Lost.tsx';
import { TAP_BUTTON } from './looks.ts';
import { Surface } from './Surface.tsx';
import type { RunParts } from './run-parts.ts';
import { Trial } from './Trial.tsx';

const WIDTH_PX = 150;
const MORE_SECS = [10, 20] as const;

/** Every griddle from above, whose breads lie on it, and how long until each is turned or comes off. */
export function FireBoard(props: RunParts) {
  const { state, plan, sec } = props;
  return (
    <section aria-labelledby="run-fire" className="grid content-start gap-3">
      <h2 id="run-fire" className="text-xl">
        Fire
      </h2>
      <Lost {...props} />
      <Trial {...props} />
      {roomAt(state.workshop, plan, sec).fires.map((fire) => (
        <Fire key={fire.id} fire={fire} {...props} />
      ))}
    </section>
  );
}

function Fire({ fire, ...parts }: RunParts & { readonly fire: FireNow }) {
  const { state, sec, say, trouble } = parts;
  const { workshop } = state;
  const griddle = workshop.kitchen.griddles.find((g) => g.id === fire.id);
  const said = state.griddles[fire.id];
  const there = fire.spots.flatMap((s) => (s ? [s] : []));
  const words =
    said?.isDown === true
      ? 'down'
      : there.length > 0
        ? there.map((s) => pieceName(workshop, s.task)).join(', ')
        : 'empty';
  return (
    <section aria-label={fire.name} className="grid gap-2 rounded-cut border border-line bg-panel p-3">
      <div className="flex flex-wrap items-center gap-2">
        <h3 className="flex-1 text-lg font-bold">{fire.name}</h3>
        {griddle && (
          <>
            <button
              type="button"
              className={TAP_BUTTON}
              aria-pressed={said?.isHot === true}
              aria-label={`${fire.name} is hot`}
              onClick={() => (said?.isDown === true ? trouble : say)('hot', { griddle: fire.id })}
            >
              <Flame size={20} aria-hidden /> {said?.isHot === true ? 'hot' : 'hot?'}
            </button>
            <button
              type="button"
              className={TAP_BUTTON}
              aria-pressed={said?.isDown === true}
              aria-label={`${fire.name} is down`}
              onClick={() => trouble('griddle-down', { griddle: fire.id })}
            >
              down
            </button>
          </>
        )}
      </div>
      {griddle && said?.isDown !== true && <Surface griddle={griddle} {...parts} />}
      <div className="flex flex-wrap gap-3">
        <FirePicture fire={fire} workshop={workshop} sec={sec} width={WIDTH_PX} label={words} />
        <ul className="grid min-w-64 flex-1 content-start gap-2">
          {there.length === 0 && (
            <li className="text-lg text-quiet">
              {said?.isDown === true ? 'down' : fire.isHeating ? 'heating up' : 'empty'}
            </li>
          )}
          {there.map((s) => (
            <Bread key={s.task.id} lying={s} {...parts} />
          ))}
        </ul>
      </div>
      {fire.next && (
        <p className="text-quiet">
          next {pieceName(workshop, fire.next)} in {durationText(fire.next.startSec - sec)}
          {griddle && said?.isHot !== true && fire.next.startSec - sec <= FIRE_SOON_SEC && (
            <b className="text-trouble"> – not called hot yet</b>
          )}
        </p>
      )}
    </section>
  );
}

function Bread({ lying, state, sec, say, onRescue }: RunParts & { readonly lying: LyingNow }) {
  const { task, turnSec } = lying;
  const owner = ownerOf(task);
  // whose bread it is counts, whoever cooks it
  const care = careLines(state.workshop, state.notes.remarks, owner === undefined ? task.people : [owner], task.bread);
  const name = pieceName(state.workshop, task);
  const untilSec = (turnSec ?? task.endSec) - sec;
  return (
    <li className="grid gap-1">
      <span className="flex items-center gap-2">
        <span className="flex-1 text-lg">
          <b>{name}</b>{' '}
          <span className="figures">
            {turnSec === null ? 'off' : 'turn'} {untilSec <= 0 ? 'now' : `in ${durationText(untilSec)}`}
          </span>
        </span>
        <HelpButton workshop={state.workshop} task={task} words={name} onRescue={onRescue} />
      </span>
      {care.map((line) => (
        <Care key={line} words={line} className="text-lg" />
      ))}
      <span className="flex flex-wrap gap-1.5">
        {MORE_SECS.map((more) => (
          <button
            key={more}
            type="button"
            className={TAP_BUTTON}
            aria-label={`${name}: +${more} s`}
            onClick={() => say('longer', { task: task.id, sec: more })}
          >
            +{more} s
          </button>
        ))}
        {(['turned', 'off', 'lost'] as const).map((kind) => (
          <button
            key={kind}
            type="button"
            className={TAP_BUTTON}
            aria-label={`${name}: ${kind}`}
            onClick={() => say(kind, { task: task.id })}
          >
            {kind}
          </button>
        ))}
      </span>
    </li>
  );
}
