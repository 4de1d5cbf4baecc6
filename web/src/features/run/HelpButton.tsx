import { LifeBuoy } from 'lucide-react';
import { rescueNotes, type PlanTask, type Workshop } from '@hodsman/core';
import { TAP_BUTTON } from './looks.ts';

interface Props {
  readonly workshop: Workshop;
  readonly task: PlanTask | undefined;
  /** Whose task it is, and what. */
  readonly words: string;
  readonly onRescue: (task: PlanTask) => void;
}

/** One tap to what helps at a task; nothing where nothing is known that does. */
export function HelpButton({ workshop, task, words, onRescue }: Props) {
  if (!task || rescueNotes(workshop, task).length === 0) return null;
  return (
    <button type="button" className={TAP_BUTTON} aria-label={`What helps: ${words}`} onClick={() => onRescue(task)}>
      <LifeBuoy size={20} aria-hidden />
    </button>
  );
}
