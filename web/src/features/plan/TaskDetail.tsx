import { useMemo } from 'react';
import { explainTask, explanationWords, situationOf, type Plan, type PlanTask, type Workshop } from '@hodsman/core';
import { taskSentence } from './words.ts';

interface Props {
  readonly plan: Plan;
  readonly workshop: Workshop;
  readonly task: PlanTask;
}

/** One task in words: what, whose, when, where, who; why then and not earlier, and how far it may slip. */
export function TaskDetail({ plan, workshop, task }: Props) {
  const situation = useMemo(() => situationOf(workshop, plan), [workshop, plan]);
  const words = useMemo(() => {
    const explanation = explainTask(situation, task.id);
    return explanation && explanationWords(workshop, situation, explanation);
  }, [workshop, situation, task.id]);
  const [why] = words?.why ?? [];
  return (
    <span className="grid py-1.5">
      <span>{taskSentence(plan, workshop, task)}</span>
      {words && (
        <span className="text-quiet" data-testid="why">
          Not earlier: {why}. {words.slack.charAt(0).toUpperCase() + words.slack.slice(1)}.
        </span>
      )}
    </span>
  );
}
