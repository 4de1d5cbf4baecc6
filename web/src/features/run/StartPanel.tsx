import { Play, Timer } from 'lucide-react';
import { useState } from 'react';
import { dayText, doorsMs, timeText, type ClassRecord, type Plan } from '@hodsman/core';
import type { LiveClass } from '../../live/live-class.ts';
import { MAIN_BUTTON, SIDE_BUTTON } from '../../ui/buttons.ts';
import { SelectField } from '../../ui/SelectField.tsx';

/** A class is started for real on its day, and not a week before. */
const NEAR_MS = 12 * 3600 * 1000;
const RATES = ['10', '30', '60'] as const;
/** A rehearsal begins so long before doors. */
const BEFORE_DOORS_SEC = 120;

interface Props {
  readonly live: LiveClass;
  readonly record: ClassRecord;
  readonly plan: Plan;
  readonly who: string;
}

/** Before the class: it is started for real on its day, or rehearsed on a fast clock. */
export function StartPanel({ live, record, plan, who }: Props) {
  const [rate, setRate] = useState<(typeof RATES)[number]>('30');
  const { workshop, notes } = record;
  const fromSec = Math.round((live.nowMs() - doorsMs(workshop)) / 1000);
  const isNear = Math.abs(fromSec * 1000) < NEAR_MS;
  const start = (from: number, times: number): void =>
    void live.tap('started', { workshop, notes, plan, fromSec: from, rate: times }, who);
  return (
    <div className="mx-auto grid max-w-2xl gap-6 p-6">
      <h2 className="text-2xl">The class has not begun</h2>
      <p>
        Starting freezes the class and its plan as they are now. From then on the plan goes by itself: tap only what
        differs. {plan.broken.length > 0 && <b className="text-trouble">The plan still breaks rules.</b>}
      </p>
      <div className="grid justify-items-start gap-2">
        <button
          type="button"
          className={`${MAIN_BUTTON} min-h-14 text-xl`}
          disabled={!isNear}
          onClick={() => start(fromSec, 1)}
        >
          <Play size={22} aria-hidden /> Start the class
        </button>
        {!isNear && (
          <p className="text-quiet">
            It is on {dayText(workshop, 0, 'plain')}, doors {timeText(workshop.doorsOpen)}. It can be started for real
            within twelve hours of that.
          </p>
        )}
      </div>
      <div className="flex flex-wrap items-end gap-3 border-t border-line pt-5">
        <button
          type="button"
          className={`${SIDE_BUTTON} min-h-14`}
          onClick={() => start(-BEFORE_DOORS_SEC, Number(rate))}
        >
          <Timer size={20} aria-hidden /> Rehearse it
        </button>
        <SelectField
          label="The clock goes"
          value={rate}
          options={RATES.map((r): [(typeof RATES)[number], string] => [r, `${r} times as fast`])}
          onChange={setRate}
        />
        <p className="basis-full text-sm text-quiet">
          A rehearsal belongs to this class as its start does: rehearse a copy of the class if it is yet to come.
        </p>
      </div>
    </div>
  );
}
