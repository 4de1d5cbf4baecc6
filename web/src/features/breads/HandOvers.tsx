import { durationText, handOversOf, type Bread } from '@hodsman/core';

/** Up to which steps the dough may be made ahead, and how long it may wait there. */
export function HandOvers({ bread }: { readonly bread: Bread }) {
  const places = handOversOf(bread).filter((h) => h.waitMaxMin >= 20);
  if (places.length === 0) return <p className="text-quiet">It cannot be made ahead: nowhere may its dough wait.</p>;
  return (
    <p className="text-quiet">
      Can be made ahead through{' '}
      {places
        .map(
          (h) =>
            `${h.stepId.replace(/-/g, ' ')} (waits ${h.waitMaxMin === Infinity ? 'as long as you like' : `up to ${durationText(h.waitMaxMin * 60)}`})`,
        )
        .join(', ')}
      .
    </p>
  );
}
