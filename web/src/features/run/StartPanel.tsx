import { Play, Timer } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { dayText, doorsMs, rehearsalOf, timeText, type ClassRecord, type Plan } from '@hodsman/core';
import { useCreateDocumentMutation } from '../../documents/api.ts';
import type { LiveClass } from '../../live/live-class.ts';
import { liveOf } from '../../live/use-live.ts';
import type { Kept } from '../../offline/use-kept-application.ts';
import { MAIN_BUTTON, SIDE_BUTTON } from '../../ui/buttons.ts';
import { Notice } from '../../ui/Notice.tsx';
import { SelectField } from '../../ui/SelectField.tsx';

/** A class is started for real on its day, and not a week before. */
const NEAR_MS = 12 * 3600 * 1000;
const RATES = ['1', '10', '30', '60'] as const;
/** A rehearsal begins so long before doors. */
const BEFORE_DOORS_SEC = 120;

interface Props {
  readonly live: LiveClass;
  readonly record: ClassRecord;
  readonly plan: Plan;
  readonly who: string;
  readonly kept: Kept;
}

/** Before the class: it is started for real on its day, or rehearsed on a fast clock. */
export function StartPanel({ live, record, plan, who, kept }: Props) {
  const [rate, setRate] = useState<(typeof RATES)[number]>('30');
  const { workshop, notes } = record;
  const fromSec = Math.round((live.nowMs() - doorsMs(workshop)) / 1000);
  const isNear = Math.abs(fromSec * 1000) < NEAR_MS;
  const [create, { isLoading, isError }] = useCreateDocumentMutation();
  const navigate = useNavigate();
  // a rehearsal is a copy: the class itself can still be started on its day
  const rehearse = async (): Promise<void> => {
    const copy = rehearsalOf(record);
    const made = await create({ kind: 'class', body: copy });
    if (!made.data) return;
    const { title } = copy.workshop;
    liveOf(made.data.id).tap(
      'started',
      { ...copy, plan: { ...plan, title }, fromSec: -BEFORE_DOORS_SEC, rate: Number(rate), isRehearsal: true },
      who,
    );
    await navigate(`/class/${made.data.id}/run`);
  };
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
          onClick={() => void live.tap('started', { workshop, notes, plan, fromSec, rate: 1 }, who)}
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
      <p className="text-quiet" data-testid="kept">
        {kept === 'insecure'
          ? 'At this address the browser keeps no application: without network the class goes on in the open page and every tap is kept, but the page cannot be loaded again until the network is back. HTTPS changes that.'
          : kept === 'kept'
            ? 'This device keeps the application: the class goes on without network, even if the page is loaded again.'
            : 'This device is taking the application in, so that the class goes on without network …'}
      </p>
      <div className="flex flex-wrap items-end gap-3 border-t border-line pt-5">
        <button
          type="button"
          className={`${SIDE_BUTTON} min-h-14`}
          disabled={isLoading}
          onClick={() => void rehearse()}
        >
          <Timer size={20} aria-hidden /> Rehearse it
        </button>
        <SelectField
          label="The clock goes"
          value={rate}
          options={RATES.map((r): [(typeof RATES)[number], string] => [
            r,
            r === '1' ? 'as any clock' : `${r} times as fast`,
          ])}
          onChange={setRate}
        />
        <p className="basis-full text-sm text-quiet">
          A rehearsal is a copy of this class, and called so; nothing that happens in it touches the class.
        </p>
        {isError && <Notice>The copy could not be made: the server does not answer. Try again.</Notice>}
      </div>
    </div>
  );
}
