import { stepWords } from '../plan/index.ts';

/** What something that a recipe left open is about, for a person: the ingredient, the step, the piece; empty where it is about none of them. */
export function aboutWords(about: string): string {
  const [, ingredient, step] = /^(?:ingredient \S+ (.*)|step (.*))$/.exec(about) ?? [];
  if (step !== undefined) return stepWords(step);
  return ingredient ?? (about.startsWith('piece') ? 'piece' : '');
}
