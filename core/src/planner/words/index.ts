/**
 * Sentences about what the planner finds: why a task is when it is, what the verdict is, which rules clash, what would help. They stand
 * here and not in core's `words`, since they read the network and the search, which a plan file does not hold.
 */
export { aboutTask, type AboutTask } from './about-task.ts';
export { classChangeWords, fixWords, ideaWords, longBreadWords } from './changes.ts';
export { clashWords } from './clash.ts';
export { headlineWords, verdictWords } from './verdict.ts';
