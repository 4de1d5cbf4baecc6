import { isRest } from '../method/index.ts';
import { laterDateTime } from '../units/index.ts';
import { heldWords, type Participant, type Workshop } from '../workshop/index.ts';

/** A class with one more person at a station; as it was where that person is there already. */
export function withNewcomer(workshop: Workshop, newcomer: Participant, station: string): Workshop {
  if (workshop.roster.some((p) => p.id === newcomer.id)) return workshop;
  const stations = workshop.stations.map((s) =>
    s.id === station ? { ...s, members: [...s.members, newcomer.id] } : s,
  );
  return makersAsTheyMay({ ...workshop, roster: [...workshop.roster, newcomer], stations });
}

/** What somebody avoids with what they said besides: nothing that is known is lost, and strict stays strict. */
export function alsoAvoiding(
  known: readonly Participant['avoid'][number][],
  said: readonly Participant['avoid'][number][],
): Participant['avoid'] {
  const all = new Map(known.map((a) => [a.what, a]));
  for (const a of said) if (all.get(a.what)?.level !== 'strict') all.set(a.what, a);
  return [...all.values()];
}

/** A class in which somebody avoids something else than was written. */
export function withAvoided(workshop: Workshop, person: string, avoid: Participant['avoid']): Workshop {
  const roster = workshop.roster.map((p) => (p.id === person ? { ...p, avoid } : p));
  return makersAsTheyMay({ ...workshop, roster });
}

/** Nobody is named for a bread that holds what they avoid (rule R13). */
function makersAsTheyMay(workshop: Workshop): Workshop {
  const avoided = new Map(workshop.roster.map((p) => [p.id, p.avoid.map((a) => a.what)]));
  const menu = workshop.menu.map((line) => {
    const bread = workshop.breads.find((b) => b.id === line.bread);
    if (!line.for || !bread) return line;
    const holds = heldWords(bread);
    return { ...line, for: line.for.filter((p) => !(avoided.get(p) ?? []).some((w) => holds.has(w))) };
  });
  return { ...workshop, menu };
}

/** A time of day so many minutes later, on the same day. */
function laterTime({ date }: Workshop, time: string, minutes: number): string {
  const later = laterDateTime(`${date}T${time}`, { minutes });
  return later.startsWith(date) ? later.slice(date.length + 1) : '23:59';
}

/** A class that sits down so many minutes later; what it does afterwards moves as much. */
export function withTableLater(workshop: Workshop, min: number): Workshop {
  return {
    ...workshop,
    tableTime: laterTime(workshop, workshop.tableTime, min),
    ...(workshop.ends === undefined ? {} : { ends: laterTime(workshop, workshop.ends, min) }),
  };
}

/** A class in which a rest of a bread may be left out. */
export function withoutRest(workshop: Workshop, bread: string, step: string): Workshop {
  const breads = workshop.breads.map((b) => {
    if (b.id !== bread) return b;
    const steps = b.steps.map((s) =>
      s.id === step && isRest(s) ? { ...s, window: { ...s.window, min: 0, ideal: 0 } } : s,
    );
    return { ...b, steps };
  });
  return { ...workshop, breads };
}

/** The steps of a bread in which its dough rises. */
export function risingSteps(workshop: Workshop, bread: string): readonly string[] {
  const steps = workshop.breads.find((b) => b.id === bread)?.steps ?? [];
  return steps.flatMap((s) => (isRest(s) && (s.kind === 'proof' || s.kind === 'bloom') ? [s.id] : []));
}
