/** So many letters of a word show with which phrases it can open. */
const LETTERS = 3;
/** Stands for a figure; what opens with anything at all has no letters. */
const FIGURE = '#';

type Letters = ReadonlySet<string> | undefined;
const union = (a: Letters, b: () => Letters): Letters => {
  if (a === undefined) return undefined;
  const other = b();
  return other === undefined ? undefined : new Set([...a, ...other]);
};

/** Where the bracket that opens at the start of a pattern closes. */
function closingOf(pattern: string): number {
  let depth = 0;
  for (let n = 0; n < pattern.length; n++) {
    if (pattern[n] === '\\') n++;
    else if (pattern[n] === '[') n = pattern.indexOf(']', n + 1);
    else if (pattern[n] === '(') depth++;
    else if (pattern[n] === ')' && --depth === 0) return n;
  }
  return pattern.length - 1;
}

/** The alternatives of a group, without its brackets. */
function alternativesOf(inside: string): readonly string[] {
  const parts: string[] = [];
  let from = 0;
  for (let n = 0; n < inside.length; n++) {
    if (inside[n] === '\\') n++;
    else if (inside[n] === '[') n = inside.indexOf(']', n + 1);
    else if (inside[n] === '(') n += closingOf(inside.slice(n));
    else if (inside[n] === '|') {
      parts.push(inside.slice(from, n));
      from = n + 1;
    }
  }
  return [...parts, inside.slice(from)];
}

/**
 * The letters with which a text that a pattern fits can open, the first three of its first word at most, in small letters; "#" for a
 * figure. Undefined where it may open with anything. What comes before or behind without being part of it counts nothing.
 */
export function openingLetters(pattern: string, before = ''): Letters {
  if (before.length === LETTERS) return new Set([before]);
  const one = (letter: string, rest: string): Letters => openingLetters(rest, before + letter.toLowerCase());
  const ended = before === '' ? undefined : new Set([before]);
  if (pattern === '' || pattern.startsWith(' ')) return ended;
  const around = /^(?:\(\?<?[=!]|\\b|\^|\$)/.exec(pattern);
  if (around)
    return openingLetters(pattern.slice(around[0].startsWith('(') ? closingOf(pattern) + 1 : around[0].length), before);
  if (pattern.startsWith('(?:')) {
    const end = closingOf(pattern);
    const [sign = ''] = /^(?:[?*]|\{0,\d+\})\??/.exec(pattern.slice(end + 1)) ?? [];
    const rest = pattern.slice(end + 1 + sign.length);
    const inside = alternativesOf(pattern.slice(3, end)).reduce<Letters>(
      (all, part) => union(all, () => openingLetters(part + rest, before)),
      new Set(),
    );
    return sign === '' ? inside : union(inside, () => openingLetters(rest, before));
  }
  if (/^(?:\\d|\d)/.test(pattern)) return before === '' ? new Set([FIGURE]) : ended;
  const [letters = ''] = /^\[[a-z]+\]/i.exec(pattern) ?? /^[a-z]/i.exec(pattern) ?? [];
  // a sign ends the word
  if (letters === '') return /^\\?[.,;:'’-]/.test(pattern) ? ended : before === '' ? undefined : ended;
  const isOptional = pattern[letters.length] === '?';
  const rest = pattern.slice(letters.length + (isOptional ? 1 : 0));
  const own = Array.from(letters.replace(/[[\]]/g, '')).reduce<Letters>(
    (all, letter) => union(all, () => one(letter, rest)),
    new Set(),
  );
  return isOptional ? union(own, () => openingLetters(rest, before)) : own;
}

/** The same of a word that a text has: how it can open, the longest last; none for what is neither letter nor figure. */
export function wordOpenings(word: string): readonly string[] {
  if (/^\d/.test(word)) return [FIGURE];
  const [own = ''] = /^[a-z]{0,3}/i.exec(word) ?? [];
  return Array.from(own, (_, n) => own.slice(0, n + 1).toLowerCase());
}
