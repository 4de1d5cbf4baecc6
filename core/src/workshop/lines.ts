import { avoidableWords, mayBeLeftOff } from '../formula/index.ts';
import { chainOf, type ActiveStep, type PrepareStep, type Step } from '../method/index.ts';
import type { Bread } from '../bread/index.ts';
import type { MenuLine, Station, Workshop } from './schema.ts';

/** A line of the menu with its bread and who makes it. */
export interface Line {
  readonly menu: MenuLine;
  readonly bread: Bread;
  /** The id of the first bread of the family: the bread's own, or that of which it is a variant. */
  readonly family: string;
  readonly chain: readonly Exclude<Step, PrepareStep>[];
  readonly prepares: readonly PrepareStep[];
  /** Words that every piece of it holds. */
  readonly holds: ReadonlySet<string>;
  readonly makers: ReadonlySet<string>;
  readonly isServedTogether: boolean;
}

/** Words that every piece of a bread holds, whoever it is for. */
export function heldWords(bread: Bread): ReadonlySet<string> {
  return new Set(bread.ingredients.filter((i) => !mayBeLeftOff(i)).flatMap(avoidableWords));
}

/** The menu lines of a class whose references hold. Makers: those of `for`, else everyone who avoids nothing in the bread. */
export function linesOf(workshop: Workshop): readonly Line[] {
  const breads = new Map(workshop.breads.map((b) => [b.id, b]));
  return workshop.menu.flatMap((menu) => {
    const bread = breads.get(menu.bread);
    if (!bread) return [];
    const holds = heldWords(bread);
    const eaters = workshop.roster.filter((p) => !p.avoid.some((a) => holds.has(a.what))).map((p) => p.id);
    return [
      {
        menu,
        bread,
        family: bread.variantOf ?? bread.id,
        chain: chainOf(bread.steps),
        prepares: bread.steps.filter((s): s is PrepareStep => s.kind === 'prepare'),
        holds,
        makers: new Set(menu.for ?? eaters),
        isServedTogether: (menu.service ?? workshop.service) === 'together',
      },
    ];
  });
}

/** Whether an active step of a line is done at the mixer. */
export function isMixedHere(line: Line, step: ActiveStep): boolean {
  return line.menu.mixer && step.mixerMinutes !== undefined;
}

/** What a participant or a member of staff is called; the id where nobody has it. */
export function personName(workshop: Workshop, id: string): string {
  return [...workshop.roster, ...workshop.kitchen.staff].find((p) => p.id === id)?.name ?? id;
}

/** What somebody is called to their face: the first word of their name. */
export const firstName = (name: string): string => name.replace(/ .*$/, '');

/** What a participant's own bread is called: their name alone where everyone makes one of it, else with its number, "Ottilie 2". */
export function ownBreadName(name: string, number: number, line: Pick<MenuLine, 'each' | 'per'> | undefined): string {
  const isOnlyOne = number === 1 && line?.each === 1 && line.per === 'participant';
  return isOnlyOne ? name : `${name} ${number}`;
}

/** What a station is called: its own name, else "Station 3" for S3. */
export function stationName(station: Pick<Station, 'id' | 'name'>): string {
  return station.name ?? `Station ${station.id.replace(/^S/, '')}`;
}
