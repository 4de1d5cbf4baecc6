import { avoidedName } from '../foods/index.ts';
import { isCarried, type Ingredient } from '../formula/index.ts';
import type { ClassNotes } from './record.ts';
import type { Participant, Workshop } from './schema.ts';

export type Remark = ClassNotes['remarks'][number];

/** What has to be minded with somebody, and with a bread of theirs. */
export interface Care {
  /** "no milk, sesame; by choice no pork"; empty for most people. */
  readonly avoids: string;
  /** What is left off their piece of the bread that was asked about, and what goes on in its place. */
  readonly leftOff: readonly string[];
  readonly inPlace: readonly string[];
  /** What was said of them and nobody has dealt with yet, in their words. */
  readonly open: readonly string[];
}

/** What somebody avoids, in words. */
export function avoidsWords({ avoid }: Pick<Participant, 'avoid'>): string {
  const of = (level: 'strict' | 'diet'): string =>
    avoid
      .filter((a) => a.level === level)
      .map((a) => avoidedName(a.what))
      .join(', ');
  const [strict, diet] = [of('strict'), of('diet')];
  return [strict === '' ? '' : `no ${strict}`, diet === '' ? '' : `by choice no ${diet}`]
    .filter((w) => w !== '')
    .join('; ');
}

/** What is to be minded with a participant; with a bread's id, also what is left off their pieces of it. */
export function careOf(workshop: Workshop, remarks: readonly Remark[], person: string, breadId?: string): Care {
  const participant = workshop.roster.find((p) => p.id === person);
  if (!participant) return { avoids: '', leftOff: [], inPlace: [], open: [] };
  const avoided = new Set(participant.avoid.map((a) => a.what));
  const bread = breadId === undefined ? undefined : workshop.breads.find((b) => b.id === breadId);
  const all = bread?.ingredients ?? [];
  const names = (is: (i: Ingredient, all: readonly Ingredient[]) => boolean): readonly string[] =>
    all.filter((i) => is(i, all)).map((i) => i.name);
  return {
    avoids: avoidsWords(participant),
    leftOff: names((i, all) => i.insteadOf === undefined && !isCarried(i, all, avoided)),
    inPlace: names((i, all) => i.insteadOf !== undefined && isCarried(i, all, avoided)),
    open: remarks.filter((r) => r.person === person && !r.isDealtWith).map((r) => r.words),
  };
}

/** What is done about what somebody avoids on their own bread: "without butter", "oil in its place". */
export function offWords({ leftOff, inPlace }: Pick<Care, 'leftOff' | 'inPlace'>): string {
  const off = leftOff.length === 0 ? [] : [`without ${leftOff.join(', ')}`];
  return [...off, ...(inPlace.length === 0 ? [] : [`${inPlace.join(', ')} in its place`])].join(' · ');
}

/** The same in one line, "no milk · without butter · “severe strawberry allergy”"; empty where there is nothing to mind. */
export function careWords(workshop: Workshop, remarks: readonly Remark[], person: string, breadId?: string): string {
  const { avoids, open, ...own } = careOf(workshop, remarks, person, breadId);
  return [avoids, offWords(own), ...open.map((w) => (w.startsWith('“') ? w : `“${w}”`))]
    .filter((w) => w !== '')
    .join(' · ');
}

/** Those of several people with whom something is to be minded, by name: "Sanna: no milk · without butter". */
export function careLines(
  workshop: Workshop,
  remarks: readonly Remark[],
  people: readonly string[],
  breadId?: string,
): readonly string[] {
  return [...new Set(people)].flatMap((id) => {
    const words = careWords(workshop, remarks, id, breadId);
    return words === '' ? [] : [`${workshop.roster.find((p) => p.id === id)?.name ?? ''}: ${words}`];
  });
}
