import { memo } from 'react';
import { TriangleAlert } from 'lucide-react';
import { faultWords, remarksOn, type Bread, type Circumstances, inOwnMeasures } from '@hodsman/core';

/** What a remark is about, by the name of the ingredient or the step. */
function placeOf(path: string, bread: Bread): string {
  const [, list, index] = /^(ingredients|steps)\[(\d+)\]/.exec(path) ?? [];
  if (list === 'ingredients') return bread.ingredients[Number(index)]?.name ?? 'an ingredient';
  if (list === 'steps') {
    const step = bread.steps[Number(index)]?.id ?? 'a step';
    return path.endsWith('.caution') ? `the caution of ${step}` : step;
  }
  return path === 'ingredients' ? 'formula' : path === 'piece' ? 'a piece' : 'the steps';
}

/** What an instructor should know of this bread. */
export const RemarkList = memo(function RemarkList({
  bread,
  at,
}: {
  readonly bread: Bread;
  readonly at: Circumstances;
}) {
  const remarks = remarksOn(bread, at);
  return (
    <section aria-labelledby="remarks-head">
      <h2 id="remarks-head" className="mb-1 text-lg">
        Worth a look
      </h2>
      {remarks.length === 0 ? (
        <p className="text-quiet">Nothing stands out.</p>
      ) : (
        <ul className="grid gap-1.5">
          {remarks.map((r) => (
            <li key={r.code + r.path} className="flex items-start gap-2">
              <TriangleAlert size={18} aria-hidden className="mt-0.5 shrink-0 text-trouble" />
              <span>
                <b>{placeOf(r.path, bread)}</b> {inOwnMeasures(faultWords(r))}
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
});
