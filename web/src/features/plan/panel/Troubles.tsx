import { OctagonAlert, TriangleAlert } from 'lucide-react';
import { type BrokenRule, brokenWords, type Plan, taskWords, type Workshop, inOwnMeasures } from '@hodsman/core';
import { useAppSelector } from '../../../store/hooks.ts';
import { Part } from './Part.tsx';

interface Props {
  readonly plan: Plan;
  readonly workshop: Workshop;
  readonly onShow: (task: string) => void;
}

/** What is broken in the same way together: thirty-nine late breads are one line with a list behind it. */
function kindsOf(all: readonly BrokenRule[]): readonly (readonly BrokenRule[])[] {
  const kinds = new Map<string, BrokenRule[]>();
  for (const b of all) kinds.set(`${b.rule} ${b.code}`, [...(kinds.get(`${b.rule} ${b.code}`) ?? []), b]);
  return [...kinds.values()];
}

/** What the plan breaks, each where it is to be seen; what a move makes impossible comes first. Warnings after that. */
export function Troubles({ plan, workshop, onShow }: Props) {
  const news = useAppSelector((s) => s.trial?.news) ?? [];
  const known = new Set(news);
  const all = [...news, ...plan.broken.filter((b) => !known.has(b))];
  if (all.length === 0 && plan.warnings.length === 0) return null;
  return (
    <Part title={all.length === 0 ? 'Nothing breaks a rule' : 'What does not work'}>
      <ul data-testid="troubles" className="grid gap-1 text-sm">
        {kindsOf(all).map((list) => {
          const [first] = list;
          const entries = list.map((b) => (
            <Trouble
              key={`${b.code} ${b.tasks.join(' ')}`}
              broken={b}
              plan={plan}
              workshop={workshop}
              isNew={known.has(b)}
              onShow={onShow}
            />
          ));
          if (!first || list.length === 1) return entries;
          return (
            <li key={first.code} className="text-trouble">
              <details>
                <summary className="min-h-6 cursor-pointer">{brokenWords({ broken: list })[0]?.words}</summary>
                <ul className="grid gap-1 pt-1 pl-3">{entries}</ul>
              </details>
            </li>
          );
        })}
      </ul>
      {plan.warnings.length > 0 && (
        <details className="text-sm">
          <summary className="cursor-pointer">
            {plan.warnings.length === 1 ? 'One thing' : `${plan.warnings.length} things`} worth a look
          </summary>
          <ul className="grid gap-1.5 pt-1.5">
            {plan.warnings.map((w) => (
              <li key={w.code + w.path} className="flex gap-1.5">
                <TriangleAlert size={16} aria-hidden className="mt-0.5 shrink-0 text-quiet" />
                {inOwnMeasures(w.message)}
              </li>
            ))}
          </ul>
        </details>
      )}
    </Part>
  );
}

function Trouble({
  broken,
  plan,
  workshop,
  isNew,
  onShow,
}: Props & { readonly broken: BrokenRule; readonly isNew: boolean }) {
  const task = plan.tasks.find((t) => broken.tasks.includes(t.id));
  const [words] = brokenWords({ broken: [broken] });
  const where = task ? taskWords(plan, workshop, task) : '';
  return (
    <li className="flex gap-1.5 text-trouble">
      <OctagonAlert size={16} aria-hidden className="mt-0.5 shrink-0" />
      <button
        type="button"
        disabled={!task}
        className="min-h-6 text-left underline-offset-2 hover:underline"
        onClick={() => task && onShow(task.id)}
      >
        {isNew && <strong>New: </strong>}
        {where}: {words?.words}
      </button>
    </li>
  );
}
