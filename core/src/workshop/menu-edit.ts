import { isRest } from '../method/index.ts';
import type { Line } from './lines.ts';
import type { MenuLine, Workshop } from './schema.ts';

/** The class with some part of a menu line changed; a part that is undefined is taken out. */
export function changeLine(
  workshop: Workshop,
  bread: string,
  part: { readonly [K in keyof MenuLine]?: MenuLine[K] | undefined },
): Workshop {
  const menu = workshop.menu.map((line): MenuLine => {
    if (line.bread !== bread) return line;
    const merged = Object.entries({ ...line, ...part }).filter(([, v]) => v !== undefined);
    return Object.fromEntries(merged) as MenuLine;
  });
  return { ...workshop, menu };
}

/** The class without a line, its demonstrations, and its bread where nothing else is a variant of it. */
export function removeLine(workshop: Workshop, bread: string): Workshop {
  const isParent = workshop.breads.some((b) => b.variantOf === bread);
  return {
    ...workshop,
    menu: workshop.menu.filter((m) => m.bread !== bread),
    demos: workshop.demos.filter((d) => d.bread !== bread),
    breads: isParent ? workshop.breads : workshop.breads.filter((b) => b.id !== bread),
  };
}

/** The class with a line so many places further down the menu, or up. */
export function moveLine(workshop: Workshop, bread: string, by: number): Workshop {
  const from = workshop.menu.findIndex((m) => m.bread === bread);
  const to = from + by;
  const line = workshop.menu[from];
  if (!line || to < 0 || to >= workshop.menu.length) return workshop;
  const menu = workshop.menu.filter((m) => m !== line);
  menu.splice(to, 0, line);
  return { ...workshop, menu };
}

const DEMO_MIN = 5;

/** The class with a demonstration before the first piece step of a bread, or its first active step where it has none. */
export function addDemo(workshop: Workshop, breadId: string): Workshop {
  const steps = workshop.breads.find((b) => b.id === breadId)?.steps.filter((s) => !isRest(s) && s.kind !== 'prepare');
  const before = steps?.find((s) => s.per === 'piece') ?? steps?.[0];
  if (!before) return workshop;
  return {
    ...workshop,
    demos: [
      ...workshop.demos,
      { bread: breadId, before: before.id, minutes: DEMO_MIN, to: 'class', at: 'bench', pieces: 0 },
    ],
  };
}

/**
 * A dough mode of a line with the steps that it asks for: staff make the dough through its last batch rest, and it is practised up to
 * the last hands before that. Assumes a batch step where the mode is not `station`.
 */
export function doughOfMode(line: Line, mode: MenuLine['dough']['mode']): MenuLine['dough'] {
  if (mode === 'station') return { mode };
  const batch = line.chain.filter((s) => s.per === 'batch');
  const lastRest = batch.findLastIndex(isRest);
  const end = lastRest < 0 ? batch.length - 1 : lastRest;
  const through = batch[end]?.id ?? '';
  const practice = batch.slice(0, end).findLast((s) => !isRest(s))?.id ?? batch[0]?.id ?? '';
  return mode === 'swap' ? { mode, through, practice } : { mode, through };
}
