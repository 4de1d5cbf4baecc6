import { longBreads, longBreadWords, success, type Workshop } from '@hodsman/core';
import { MAIN_BUTTON } from '../ui/buttons.ts';
import { applyEdit } from './edit.ts';
import { useAppDispatch } from '../store/hooks.ts';

/** Breads that are longer than the class, each with the offer to have its dough made before. */
export function LongBreads({ workshop }: { readonly workshop: Workshop }) {
  const dispatch = useAppDispatch();
  return longBreads(workshop).map((l) => (
    <section
      key={l.bread}
      aria-label={longBreadWords(l)}
      className="flex flex-wrap items-center gap-3 rounded-cut border border-trouble bg-panel p-3"
    >
      <p className="min-w-64 flex-1">{longBreadWords(l)}: its dough has to be made before.</p>
      <button type="button" className={MAIN_BUTTON} onClick={() => dispatch(applyEdit(success(l.workshop)))}>
        Staff make it ahead
      </button>
    </section>
  ));
}
