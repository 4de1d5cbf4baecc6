import { PinOff } from 'lucide-react';
import { clockText, type Plan, taskWords, type Workshop } from '@hodsman/core';
import { useAppDispatch, useAppSelector } from '../../../store/hooks.ts';
import { releaseAllPins, releasePin } from '../../../planning/shaping.ts';
import { SMALL_ICON_BUTTON } from '../../../ui/buttons.ts';
import { Part } from './Part.tsx';

interface Props {
  readonly plan: Plan;
  readonly workshop: Workshop;
  readonly onShow: (task: string) => void;
}

/** Every start that somebody chose; each can be shown and let go. */
export function Pins({ plan, workshop, onShow }: Props) {
  const dispatch = useAppDispatch();
  const pins = useAppSelector((s) => s.draft?.body.notes.shaping.pins) ?? [];
  return (
    <Part title="Pinned starts">
      {pins.length === 0 && (
        <p className="text-sm text-quiet">
          None. Drag a block, or press Alt with an arrow key: it stays where you put it, and the rest is planned round
          it.
        </p>
      )}
      <ul data-testid="pins" className="grid gap-1">
        {pins.map((p) => {
          const task = plan.tasks.find((t) => t.id === p.task);
          const name = task ? taskWords(plan, workshop, task) : `${p.task}, no longer in this class`;
          return (
            <li key={p.task} className="flex items-center gap-1">
              <button
                type="button"
                disabled={!task}
                className="figures min-h-8 min-w-0 flex-1 truncate rounded-cut px-1.5 text-left hover:bg-steel"
                onClick={() => onShow(p.task)}
              >
                {clockText(workshop, p.startSec)} {name}
                {p.griddle === undefined ? '' : ` on ${p.griddle}`}
              </button>
              <button
                type="button"
                className={SMALL_ICON_BUTTON}
                aria-label={`Let go: ${name}`}
                title="Let it go"
                onClick={() => dispatch(releasePin(p.task))}
              >
                <PinOff size={16} aria-hidden />
              </button>
            </li>
          );
        })}
      </ul>
      {pins.length > 1 && (
        <button
          type="button"
          className="min-h-8 justify-self-start rounded-cut px-1.5 underline hover:bg-steel"
          onClick={() => dispatch(releaseAllPins())}
        >
          Let all go
        </button>
      )}
    </Part>
  );
}
