import { Trash2 } from 'lucide-react';
import {
  clockText,
  emptyGap,
  fillGap,
  FILLINGS,
  fillingWho,
  personName,
  success,
  type IdleGap,
  type Plan,
  type Workshop,
} from '@hodsman/core';
import { editRecord } from '../../planning/edit.ts';
import { useFillings } from '../../planning/use-fillings.ts';
import { useAppDispatch } from '../../store/hooks.ts';
import { ICON_BUTTON } from '../../ui/buttons.ts';

/** An idle stretch is filled in one press, for everyone who is idle all through it. */
export function Fill({ gap, plan }: { readonly gap: IdleGap; readonly plan: Plan }) {
  const dispatch = useAppDispatch();
  const filled = useFillings().find(
    (f) => f.people.includes(gap.person) && f.fromSec < gap.toSec && f.toSec > gap.fromSec,
  );
  if (filled) return <p className="text-sm font-semibold">{filled.words}</p>;
  return (
    <div role="group" aria-label="Fill it with" className="flex flex-wrap gap-1 py-1 print:hidden">
      {FILLINGS.map(([what, words]) => (
        <button
          key={what}
          type="button"
          className="min-h-8 rounded-cut border border-line px-2 text-sm hover:bg-steel"
          onClick={() => dispatch(editRecord((r) => success(fillGap(r, plan, gap, what))))}
        >
          {words}
        </button>
      ))}
    </div>
  );
}

/** What fills idle time so far, and whom the plan has given something else to do meanwhile. */
export function Filled({ workshop }: { readonly workshop: Workshop }) {
  const fillings = useFillings();
  const dispatch = useAppDispatch();
  if (fillings.length === 0) return null;
  return (
    <section aria-labelledby="filled" className="grid content-start gap-2 xl:col-span-2">
      <h2 id="filled" className="text-xl">
        Filled
      </h2>
      <ul className="figures grid gap-1">
        {fillings.map((f) => (
          <li key={f.id} className="flex items-center gap-3 border-b border-line">
            <span className="min-w-0 flex-1">
              <b>
                {clockText(workshop, f.fromSec)}–{clockText(workshop, f.toSec)} {f.words}
              </b>
              , {fillingWho(workshop, f).join(', ')}
              {f.busy.length > 0 && (
                <span className="block text-trouble">
                  by now {f.busy.map((p) => personName(workshop, p)).join(', ')} {f.busy.length === 1 ? 'has' : 'have'}{' '}
                  something else to do then
                </span>
              )}
            </span>
            <button
              type="button"
              className={ICON_BUTTON}
              aria-label={`Remove ${f.words} at ${clockText(workshop, f.fromSec)}`}
              onClick={() => dispatch(editRecord((r) => success(emptyGap(r, f.id))))}
            >
              <Trash2 size={18} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
