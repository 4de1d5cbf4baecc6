import { given } from '../../faults/index.ts';
import { perishableIn } from '../../bread/index.ts';
import { isFireKind, isRest } from '../../method/index.ts';
import { secondsOfMinutes } from '../../units/index.ts';
import type { Strand } from './strand.ts';
import type { NetworkBuilder } from './network-builder.ts';
import type { DoughUnit } from './dough-units.ts';

/**
 * Rule R14 as maximum lags: from the start of the step that brings something perishable to each piece's laying on. Where the dough is
 * in the fridge in between, the time counts from when it comes out; what went before is taken off the limit at its ideal length.
 */
export function addColdLimits(builder: NetworkBuilder, strands: readonly Strand[]): void {
  const limitSec = secondsOfMinutes(builder.workshop.kitchen.safeOutMin);
  for (const strand of strands) {
    const { line } = strand.batch;
    const perishable = perishableIn(line.bread);
    if (!perishable || line.menu.acceptOutOfCold !== undefined) continue;
    for (const piece of strand.pieces) {
      const carriers = [...(strand.mother ? [strand.mother] : []), strand.own, piece];
      const path = carriers.flatMap((unit) => unit.chain.map((step) => ({ unit, step })));
      const laid = path.findIndex(({ step }) => step.per === 'piece' && isFireKind(step.at));
      const layingOn = laid < 0 ? undefined : builder.activityOf(piece.id, given(path[laid], 'it is found').step.id);
      if (layingOn === undefined) continue;
      const named = perishable.fromStep ?? given(path[0], 'a piece that is laid on has steps').step.id;
      const first = path.findIndex(({ step }) => step.id === named);
      const from = beginning(builder, carriers, named);
      if (from === undefined) continue;
      const fridge = path
        .slice(0, laid)
        .findLastIndex(({ step }, i) => isRest(step) && step.at === 'fridge' && i >= first);
      if (fridge < 0) {
        addLimit(builder, from, 'start', layingOn, limitSec);
        continue;
      }
      const spentSec = path.slice(Math.max(0, first), fridge).reduce((sum, { step }) => sum + outSec(step), 0);
      const after = path[fridge + 1];
      const out = after && builder.beginningOf(after.unit.id, after.step.id);
      if (out !== undefined) addLimit(builder, out, 'start', layingOn, Math.max(0, limitSec - spentSec));
    }
  }
}

function beginning(builder: NetworkBuilder, carriers: readonly DoughUnit[], stepId: string): number | undefined {
  for (const unit of carriers) {
    const found = builder.beginningOf(unit.id, stepId);
    if (found !== undefined) return found;
  }
  return undefined;
}

/** How long a step keeps dough out of the cold, about. */
function outSec(step: DoughUnit['chain'][number]): number {
  if (isRest(step)) return step.at === 'fridge' ? 0 : secondsOfMinutes(step.window.ideal);
  return secondsOfMinutes(step.minutes ?? step.mixerMinutes ?? 0);
}

function addLimit(builder: NetworkBuilder, from: number, fromAt: 'start', to: number, maxSec: number): void {
  builder.lags.push({ from, to, fromAt, toAt: 'start', minSec: -Infinity, idealSec: -Infinity, maxSec });
}
