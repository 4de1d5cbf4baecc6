import { isLeftOff } from '../formula/index.ts';
import type { ClassNotes } from './record.ts';
import type { Participant, Workshop } from './schema.ts';

export type Remark = ClassNotes['remarks'][number];

/** What has to be minded with somebody, and with a bread of theirs. */
export interface Care {
  /** "no milk, sesame; by choice no pork"; empty for most people. */
  readonly avoids: string;
  /** What is left off their piece of the bread that was asked about. */
  readonly leftOff: readonly string[];
  /** What was said of them and nobody has dealt with yet, in their words. */
  readonly open: readonly string[];
}

/** What somebody avoids, in words. */
export function avoidsWords({ avoid }: Pick<Participant, 'avoid'>): string {
  const of = (level: 'strict' | 'diet'): string =>
    avoid
      .filter((a) => a.level === level)
      .map((a) => a.what)
      .join(', ');
  const [strict, diet] = [of('strict'), of('diet')];
  return [strict === '' ? '' : `no ${strict}`, diet === '' ? '' : `by choice no ${diet}`]
    .filter((w) => w !== '')
    .join('; ');
}

/** What is to be minded with a participant; with a bread's id, also what is left off their pieces of it. */
export function careOf(workshop: Workshop, remarks: readonly Remark[], person: string, breadId?: string): Care {
  const participant = workshop.roster.find((p) => p.id === person);
  if (!participant) return { avoids: '', leftOff: [], open: [] };
  const avoided = new Set(participant.avoid.map((a) => a.what));
  const bread = breadId === undefined ? undefined : workshop.breads.find((b) => b.id === breadId);
  return {
    avoids: avoidsWords(participant),
    leftOff: (bread?.ingredients ?? []).filter((i) => isLeftOff(i, avoided)).map((i) => i.name),
    open: remarks.filter((r) => r.person === person && !r.isDealtWith).map((r) => r.words),
  };
}

/** The same in one line, "no milk · without butter · “severe strawberry allergy”"; empty where there is nothing to mind. */
export function careWords(workshop: Workshop, remarks: readonly Remark[], person: string, breadId?: string): string {
  const { avoids, leftOff, open } = careOf(workshop, remarks, person, breadId);
  const off = leftOff.length === 0 ? '' : `without ${leftOff.join(', ')}`;
  return [avoids, off, ...open.map((w) => (w.startsWith('“') ? w : `“${w}”`))].filter((w) => w !== '').join(' · ');
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
