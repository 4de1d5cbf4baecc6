import { putOnMenu, heldWords, linesOf, type Bread, type Workshop } from '../workshop/index.ts';
import { success, type Result } from '../faults/index.ts';

/** Participants who cannot have a bread of the menu, for the same reason, and have none of its family instead. */
export interface Gap {
  readonly bread: string;
  readonly people: readonly string[];
  /** What of the bread they avoid. */
  readonly words: readonly string[];
  /** They make no bread at all. */
  readonly isLeftWithout: boolean;
}

/** What has to be known of a bread to offer it. */
export interface Shelved {
  readonly id: string;
  readonly name: string;
  readonly variantOf: string | null;
  readonly family: Bread['family'];
  /** Words that every piece of it holds. */
  readonly holds: readonly string[];
}
const shelved = (b: Bread): Shelved => ({
  id: b.id,
  name: b.name,
  variantOf: b.variantOf ?? null,
  family: b.family,
  holds: [...heldWords(b)],
});

/** A bread that those of a gap could make instead. */
export interface Instead {
  readonly bread: Shelved;
  /** A variant of the bread that they miss. */
  readonly isVariant: boolean;
  /** It is in the class already. */
  readonly isHeld: boolean;
}

/** Everybody who misses a bread of the menu, bread by bread, those who would have none at all first. */
export function gapsOf(workshop: Workshop): readonly Gap[] {
  const lines = linesOf(workshop);
  const gaps = new Map<string, Gap & { readonly people: string[] }>();
  for (const line of lines) {
    for (const p of workshop.roster) {
      const words = p.avoid.map((a) => a.what).filter((w) => line.holds.has(w));
      const isServed = lines.some((l) => l.family === line.family && l.makers.has(p.id));
      if (words.length === 0 || isServed) continue;
      const isLeftWithout = !lines.some((l) => l.makers.has(p.id));
      const key = `${line.family} ${words.join(' ')} ${String(isLeftWithout)}`;
      const gap = gaps.get(key);
      if (!gap) gaps.set(key, { bread: line.bread.id, people: [p.id], words, isLeftWithout });
      else if (!gap.people.includes(p.id)) gap.people.push(p.id);
    }
  }
  return [...gaps.values()].sort((a, b) => Number(b.isLeftWithout) - Number(a.isLeftWithout));
}

/** All that the people of a gap avoid. */
function avoidedIn(workshop: Workshop, gap: Gap): ReadonlySet<string> {
  return new Set(workshop.roster.filter((p) => gap.people.includes(p.id)).flatMap((p) => p.avoid.map((a) => a.what)));
}

/**
 * What the people of a gap could make instead, of the class's breads and a library's: variants of the bread they miss first, then
 * those of its kind, then all others. None of them holds anything that one of them avoids.
 */
export function insteadOf(workshop: Workshop, gap: Gap, library: readonly Shelved[]): readonly Instead[] {
  const missed = workshop.breads.find((b) => b.id === gap.bread);
  if (!missed) return [];
  const avoided = avoidedIn(workshop, gap);
  const root = missed.variantOf ?? missed.id;
  const held = new Set(workshop.breads.map((b) => b.id));
  const all = [...workshop.breads.map(shelved), ...library.filter((b) => !held.has(b.id))];
  const rank = (b: Shelved): number => ((b.variantOf ?? b.id) === root ? 0 : b.family === missed.family ? 1 : 2);
  return all
    .filter((b) => b.id !== missed.id && !b.holds.some((w) => avoided.has(w)))
    .map((bread) => ({ bread, isVariant: rank(bread) === 0, isHeld: held.has(bread.id) }))
    .sort(
      (a, b) =>
        rank(a.bread) - rank(b.bread) || Number(b.isHeld) - Number(a.isHeld) || (a.bread.id < b.bread.id ? -1 : 1),
    );
}

/** The class in which the people of a gap make another bread, as many of it as of the one they miss, and nobody else does. */
export function giveInstead(workshop: Workshop, gap: Gap, bread: Bread): Result<Workshop> {
  const onMenu = workshop.menu.find((m) => m.bread === bread.id);
  const put = onMenu ? success(workshop) : putOnMenu(workshop, bread);
  if (!put.ok) return put;
  const missed = workshop.menu.find((m) => m.bread === gap.bread);
  const makers = onMenu?.for ?? [];
  const menu = put.value.menu.map((line) => {
    if (line.bread !== bread.id || (onMenu && onMenu.for === undefined)) return line;
    return {
      ...line,
      ...(onMenu ? {} : { each: missed?.each ?? line.each, per: missed?.per ?? line.per }),
      for: [...new Set([...makers, ...gap.people])],
    };
  });
  return success({ ...put.value, menu });
}
