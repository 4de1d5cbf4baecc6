import { z } from 'zod';
import type { Bread } from '../bread/index.ts';
import { failure, faultsOfZodError, success, type Result } from '../faults/index.ts';
import { listOf, textSchema } from '../units/schema.ts';
import type { ImportedRecipe } from './result.ts';

/** More is not looked at by anybody: a text that leaves so much open is read again, or typed. */
export const MOST_LEFT_OPEN = 500;
const longSchema = z.string().max(2000);

const matterSchema = z.strictObject({
  /** A guess, figures that do not agree, or a line that was not understood. */
  kind: z.enum(['guess', 'conflict', 'unread']),
  /** What of the bread it is about, wherever that is moved: `ingredient …`, `step …`, the path itself, or empty. */
  about: textSchema,
  words: longSchema,
  /** The words of the recipe that it comes from, where they are known. */
  from: longSchema,
});
/** Something that a recipe left open about the bread that was made of it, until somebody has looked at it. */
export type LeftOpen = Readonly<z.output<typeof matterSchema>>;

/** What a path of a bread is about: an ingredient by use and name, a step by id, else the path. */
function aboutOf(path: string, bread: Bread): string {
  const [, list, index] = /^(ingredients|steps)\[(\d+)\]/.exec(path) ?? [];
  const i = list === 'ingredients' ? bread.ingredients[Number(index)] : undefined;
  if (i) return `ingredient ${i.use} ${i.name}`;
  const s = list === 'steps' ? bread.steps[Number(index)] : undefined;
  return s ? `step ${s.id}` : path;
}

const cut = (words: string): string => (words.length > 2000 ? `${words.slice(0, 1999)}…` : words);

/** What a recipe left open of its bread: guesses, conflicts, and what was not understood, the gravest first. */
export function leftOpen(
  { guesses, conflicts, notUnderstood }: Pick<ImportedRecipe, 'guesses' | 'conflicts' | 'notUnderstood'>,
  bread: Bread,
): readonly LeftOpen[] {
  return [
    ...notUnderstood.map((words): LeftOpen => ({ kind: 'unread', about: '', words: cut(words), from: '' })),
    ...conflicts.map((c): LeftOpen => ({
      kind: 'conflict',
      about: aboutOf(c.paths[0] ?? '', bread),
      words: cut(c.what),
      from: '',
    })),
    ...guesses.map((g): LeftOpen => ({
      kind: 'guess',
      about: aboutOf(g.path, bread),
      words: cut(g.why),
      from: cut(g.from),
    })),
  ].slice(0, MOST_LEFT_OPEN);
}

/** Open matters as they were sent or kept. Faults: those of their form. */
export function readLeftOpen(value: unknown): Result<readonly LeftOpen[]> {
  const read = listOf(matterSchema, MOST_LEFT_OPEN).safeParse(value, { reportInput: true });
  return read.success ? success(read.data) : failure(faultsOfZodError(read.error));
}
