import { thingName } from '../kitchen/index.ts';
import { contentsOf, unknownIn, type Content } from '../bread/index.ts';
import { ownerOf, type Plan } from '../plan/index.ts';
import { careOf, linesOf, stationName, type Line, type Workshop } from '../workshop/index.ts';

/** What one participant who avoids something does about each bread of the menu. */
export interface AvoiderRow {
  readonly id: string;
  readonly name: string;
  readonly station: string;
  readonly avoids: readonly { readonly what: string; readonly level: 'strict' | 'diet' }[];
  /** Breads that they make; with what is left off for them, and what goes on in its place. */
  readonly makes: readonly {
    readonly bread: string;
    readonly leftOff: readonly string[];
    readonly inPlace: readonly string[];
  }[];
  /** Breads that they do not make, with what in them they avoid. */
  readonly misses: readonly {
    readonly bread: string;
    readonly words: readonly string[];
    readonly because: readonly string[];
  }[];
}

/** What lies on one griddle, grill or flame after another, in the order of the plan; seconds since doors open. */
export interface FireSequence {
  readonly id: string;
  readonly name: string;
  readonly turns: readonly {
    readonly bread: string;
    readonly fromSec: number;
    readonly toSec: number;
    readonly count: number;
    /** Some of the pieces are for people who strictly avoid something. */
    readonly freeFor: readonly string[];
  }[];
}

export interface AllergenPage {
  readonly breads: readonly {
    readonly bread: string;
    readonly contents: readonly Content[];
    readonly unknown: readonly string[];
  }[];
  readonly avoiders: readonly AvoiderRow[];
  readonly fires: readonly FireSequence[];
  /** What nobody should be promised. */
  readonly cannotPromise: readonly string[];
  /** Cautions of the steps of this class, each once, with the breads that they are of. */
  readonly cautions: readonly { readonly words: string; readonly breads: readonly string[] }[];
}

/** What every class hears (FDA and CDC consumer advice on raw flour; washing of hands: common practice). */
const ALWAYS = [
  'Raw flour and raw dough are not eaten.',
  'Hands are washed at the start, after egg, and after every break.',
] as const;
const OIL_BATH = 'Hot oil: nobody leaves it, a lid lies ready, never water on burning oil.';
const FLAME = 'Open flame: staff alone, hair tied, no loose sleeves, dry cloths.';
const LAW = 'Local fire, gas, ventilation and food codes and qualified people have the last word.';

/** The allergens and cautions of a class: who avoids what, what they make instead, the order on the fires, what cannot be promised. */
export function allergenPage(workshop: Workshop, plan: Plan | null): AllergenPage {
  const lines = linesOf(workshop);
  return {
    breads: lines.map(({ bread }) => ({
      bread: bread.name,
      contents: contentsOf(bread),
      unknown: unknownIn(bread),
    })),
    avoiders: workshop.roster.filter((p) => p.avoid.length > 0).map((p) => avoiderRow(workshop, lines, p)),
    fires: plan ? fireOrders(workshop, plan) : [],
    cannotPromise: promises(workshop, lines),
    cautions: cautionsOf(lines),
  };
}

function avoiderRow(workshop: Workshop, lines: readonly Line[], p: Workshop['roster'][number]): AvoiderRow {
  const words = new Set(p.avoid.map((a) => a.what));
  const station = workshop.stations.find((s) => s.members.includes(p.id));
  return {
    id: p.id,
    name: p.name,
    station: station ? stationName(station) : '',
    avoids: p.avoid,
    makes: lines
      .filter((l) => l.makers.has(p.id))
      .map(({ bread }) => {
        const { leftOff, inPlace } = careOf(workshop, [], p.id, bread.id);
        return { bread: bread.name, leftOff, inPlace };
      }),
    misses: lines
      .filter((l) => [...l.holds].some((w) => words.has(w)))
      .map(({ bread, holds }) => {
        const held = [...holds].filter((w) => words.has(w));
        const because = contentsOf(bread).filter((c) => held.includes(c.word));
        return { bread: bread.name, words: held, because: [...new Set(because.flatMap((c) => c.ingredients))] };
      }),
  };
}

const FIRES = ['griddle', 'grill', 'flame'] as const;

function fireOrders(workshop: Workshop, plan: Plan): readonly FireSequence[] {
  const { griddles, grills, flames } = workshop.kitchen;
  const strict = new Map(
    workshop.roster.map((p) => [p.id, p.avoid.filter((a) => a.level === 'strict').map((a) => a.what)]),
  );
  const bread = new Map(workshop.breads.map((b) => [b.id, b.name]));
  const named = [...griddles, ...grills, ...flames];
  return named.flatMap((fire): FireSequence[] => {
    const kind = FIRES[[griddles, grills, flames].findIndex((list) => list.some((f) => f === fire))];
    const tasks = plan.tasks.filter((t) => t.at?.kind === kind && t.at?.id === fire.id && t.piece !== undefined);
    if (tasks.length === 0) return [];
    const turns: { bread: string; fromSec: number; toSec: number; count: number; freeFor: string[] }[] = [];
    for (const t of [...tasks].sort((a, b) => a.startSec - b.startSec)) {
      const owner = ownerOf(t);
      const name = bread.get(t.bread ?? '') ?? '';
      const free = owner === undefined ? [] : (strict.get(owner) ?? []);
      const last = turns.at(-1);
      if (last?.bread === name) {
        last.toSec = Math.max(last.toSec, t.endSec);
        last.count++;
        last.freeFor = [...new Set([...last.freeFor, ...free])];
      } else turns.push({ bread: name, fromSec: t.startSec, toSec: t.endSec, count: 1, freeFor: [...free] });
    }
    return [{ id: fire.id, name: thingName(workshop.kitchen, fire.id), turns }];
  });
}

function promises(workshop: Workshop, lines: readonly Line[]): readonly string[] {
  const strict = new Set(
    workshop.roster.flatMap((p) => p.avoid.filter((a) => a.level === 'strict').map((a) => a.what)),
  );
  const held = new Set(lines.flatMap((l) => [...l.holds]));
  const shared = [...strict].filter((w) => held.has(w)).sort();
  const flour = ['gluten', 'wheat'].some((w) => strict.has(w) && held.has(w));
  return [
    ...(flour
      ? ['“Gluten-free” cannot be promised to a coeliac: flour dust hangs in a room where wheat flour is worked.']
      : []),
    ...shared
      .filter((w) => !(flour && (w === 'gluten' || w === 'wheat')))
      .map((w) => `No trace of ${w} cannot be promised: others in this room work with it.`),
    ...(shared.length > 0
      ? [
          'A free-from bread gets its own bowl, pin and board, and the first turn on a cleaned griddle or a griddle of its own.',
        ]
      : []),
  ];
}

function cautionsOf(lines: readonly Line[]): AllergenPage['cautions'] {
  const found = new Map<string, Set<string>>();
  const say = (words: string, bread: string): void => {
    found.set(words, (found.get(words) ?? new Set()).add(bread));
  };
  for (const { bread } of lines) {
    for (const step of bread.steps) if (step.caution !== undefined) say(step.caution, bread.name);
    if (bread.ingredients.some((i) => i.use === 'bath')) say(OIL_BATH, bread.name);
    const meetsFlame = bread.steps.some(
      (s) => ('at' in s && s.at === 'flame') || ('phases' in s && s.phases?.some((p) => p.with === 'flame') === true),
    );
    if (meetsFlame) say(FLAME, bread.name);
  }
  return [
    ...[...found].map(([words, breads]) => ({ words, breads: [...breads] })),
    ...ALWAYS.map((words) => ({ words, breads: [] })),
    { words: LAW, breads: [] },
  ];
}
