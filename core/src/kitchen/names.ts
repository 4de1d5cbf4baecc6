import type { Griddle, Kitchen } from './schema.ts';

interface Named {
  readonly id: string;
  readonly name?: string | undefined;
}

/** What a griddle is called: its own name, else "Griddle 2" for G2. */
export function griddleName(griddle: Pick<Griddle, 'id' | 'name'>): string {
  return griddle.name ?? `Griddle ${griddle.id.replace(/^G/, '')}`;
}

const REST_WORDS = { room: 'shelf', warm: 'warm place', fridge: 'fridge' } as const;

/** What a thing of a kitchen is called: its own name, else what it is, with its number where there are several of its kind. */
export function thingName(kitchen: Kitchen, id: string): string {
  const griddle = kitchen.griddles.find((g) => g.id === id);
  if (griddle) return griddleName(griddle);
  const kinds: readonly (readonly [string, readonly Named[]])[] = [
    ['bench', kitchen.benches],
    ['grill', kitchen.grills],
    ['flame', kitchen.flames],
    ['mixer', kitchen.mixers],
    ...(['room', 'warm', 'fridge'] as const).map(
      (kind) => [REST_WORDS[kind], kitchen.places.filter((p) => p.kind === kind)] as const,
    ),
  ];
  for (const [word, list] of kinds) {
    const i = list.findIndex((x) => x.id === id);
    if (i >= 0) return list[i]?.name ?? (list.length > 1 ? `${word} ${i + 1}` : word);
  }
  return 'a place that is not in this kitchen';
}

/** The same where room is short: "G2" for Griddle 2, "WR" for the wide ring. */
export const shortThingName = (kitchen: Kitchen, id: string): string =>
  thingName(kitchen, id)
    .replace(/^(the|a) /i, '')
    .split(/\s+/)
    .map((word) => (/^\d+$/.test(word) ? word : word.slice(0, 1).toUpperCase()))
    .join('');
