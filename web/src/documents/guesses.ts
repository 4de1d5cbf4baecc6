import type { Bread, Guess } from '@hodsman/core';

/** A guess of an import that nobody has looked at yet, tied to what it is about, wherever that is moved. */
export interface OpenGuess extends Guess {
  /** `ingredient …`, `step …`, or the path itself. */
  readonly about: string;
}

const keyOf = (id: string): string => `hodsman:guesses:${id}`;

/** What a path of a bread is about: an ingredient by use and name, a step by id, else the path. */
function aboutOf(path: string, bread: Bread): string {
  const [, list, index] = /^(ingredients|steps)\[(\d+)\]/.exec(path) ?? [];
  if (list === 'ingredients') {
    const i = bread.ingredients[Number(index)];
    if (i) return `ingredient ${i.use} ${i.name}`;
  }
  const s = list === 'steps' ? bread.steps[Number(index)] : undefined;
  return s ? `step ${s.id}` : path;
}

/** Ties guesses to the parts of the bread that they are about. */
export function openGuesses(guesses: readonly Guess[], bread: Bread): readonly OpenGuess[] {
  return guesses.map((g) => ({ ...g, about: aboutOf(g.path, bread) }));
}

/** Keeps the guesses of a bread on this device until each was looked at. */
export function storeGuesses(id: string, guesses: readonly OpenGuess[]): void {
  try {
    if (guesses.length === 0) localStorage.removeItem(keyOf(id));
    else localStorage.setItem(keyOf(id), JSON.stringify(guesses));
  } catch {
    // a full or forbidden store loses the marks, not the bread
  }
}

export function storedGuesses(id: string): readonly OpenGuess[] {
  try {
    const stored: unknown = JSON.parse(localStorage.getItem(keyOf(id)) ?? '[]');
    return Array.isArray(stored) ? (stored as OpenGuess[]) : [];
  } catch {
    return [];
  }
}
