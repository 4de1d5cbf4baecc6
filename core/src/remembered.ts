/** So many answers are kept; a recipe has fewer lines and sentences. */
const MOST = 1000;

/** A function of a text that is asked for the same text again and again while a recipe is taken apart: each is worked out once. */
export function remembered<T>(of: (text: string) => T): (text: string) => T {
  const known = new Map<string, { readonly answer: T }>();
  return (text) => {
    const before = known.get(text);
    if (before) return before.answer;
    const answer = of(text);
    if (known.size >= MOST) known.clear();
    known.set(text, { answer });
    return answer;
  };
}
